/** The pack list: everything that leaves the cupboard, by group, with counts and tape codes. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { limitText } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { GROUPS, type PackLine } from '../stations/pack/index.js';
import { rackWeight } from '../stations/racks/figures.js';
import type { Sheet } from './sheet.js';
import { counts, sheetOf, words, type ColumnOf } from './table.js';

const COLUMNS: readonly ColumnOf<PackLine>[] = [
  counts('Count', 7, ({ count }) => count),
  words('Tape', 10, ({ tape }) => tape ?? 'WANTED'),
  words('What', 35, ({ label }) => label),
  words('For', 30, ({ purpose }) => purpose),
  words('Travels in', 18, ({ inside }) => inside),
];

export function packList(plan: Plan, assessment: Assessment): Sheet {
  const heavy = limitText(rackWeight, 'note', readingOf(plan, assessment.rules));
  const lines = Object.values(assessment.pack.lines);
  return sheetOf(plan, assessment, {
    title: 'Pack list',
    columns: COLUMNS,
    sections: GROUPS.map(group => ({
      heading: group,
      rows: lines.filter(line => line.group === group),
    })).filter(({ rows }) => rows.length > 0),
    notes: [`Batteries on board with terminals covered. Two people on every case over ${heavy}.`],
  });
}
