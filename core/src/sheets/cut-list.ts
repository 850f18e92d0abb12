/** The cut list: every lead, where it goes, how long it must be, and which cable is for it. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { showText, type Figure } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { crossingWords } from '../stations/runs/crossing-marks.js';
import { cable, cableLength, runLength } from '../stations/runs/figures.js';
import type { RunResult } from '../stations/runs/index.js';
import type { Sheet } from './sheet.js';
import { figures, sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly [id: string, run: RunResult];

const idsOf = ([id]: Row): [string] => [id];

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('No.', 5, ([, { number }]) => number),
  words('From', 22, ([, { from }]) => from),
  words('To', 22, ([, { to }]) => to),
  words('Cable', 13, ([, { makeWords }]) => makeWords),
  figures(runLength, 9, idsOf),
  figures(cableLength, 9, idsOf),
  figures(cable, 9, idsOf, 'WANTED'),
  words('On the way', 17, ([, { crossings }]) => crossings.map(crossingWords).join(', ')),
];

export function cutList(plan: Plan, assessment: Assessment): Sheet {
  const reading = readingOf(plan, assessment.rules);
  const shown = ({ value, unit }: Figure): string => showText(value, unit, reading);
  const all = Object.entries(assessment.runs.runs);
  const { totalOnFloor, ramped } = assessment.runs;
  return sheetOf(plan, assessment, {
    title: 'Cable cut list',
    columns: COLUMNS,
    sections: [
      { heading: 'Across the floor', rows: all.filter(([, { crosses }]) => crosses) },
      { heading: 'In racks and on tables', rows: all.filter(([, { crosses }]) => !crosses) },
    ],
    notes: [
      `Taped on the floor: ${shown(totalOnFloor)}. Ramps over ${shown(ramped)} of aisle.`,
      'Tape every lead on both ends with its number. Nothing across an exit; ramp every crossing. Mains reels fully unrolled.',
    ],
  });
}
