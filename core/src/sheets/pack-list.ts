/** The pack list: everything that leaves the cupboard, by group, with counts and tape codes. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { limitText, PACK_GROUPS } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { AIR_LIMITS } from '../stations/pack/air.js';
import type { PackLine } from '../stations/pack/index.js';
import { rackWeight } from '../stations/racks/figures.js';
import type { Sheet } from './sheet.js';
import { counts, sheetOf, words, type ColumnOf } from './table.js';

const COLUMNS: readonly ColumnOf<PackLine>[] = [
  counts('Count', 7, ({ count }) => count),
  words('Tape', 10, ({ tape }) => tape ?? 'WANTED'),
  words('What', 35, ({ label }) => label),
  words('For', 26, ({ purpose }) => purpose),
  words('Travels in', 14, ({ inside }) => inside),
  words('By air', 18, ({ air }) => air && `${Math.round(air.wattHours)} Wh, ${air.goes}`),
];

export function packList(plan: Plan, assessment: Assessment): Sheet {
  const heavy = limitText(rackWeight, 'note', readingOf(plan, assessment.rules));
  const lines = Object.values(assessment.pack.lines);
  return sheetOf(plan, assessment, {
    title: 'Pack list',
    columns: COLUMNS,
    sections: PACK_GROUPS.map(group => ({
      heading: group,
      rows: lines.filter(line => line.group === group),
    })).filter(({ rows }) => rows.length > 0),
    notes: [
      `Two people on every case over ${heavy}.`,
      ...(lines.some(({ air }) => air)
        ? [
            `Batteries with terminals covered; by air spares and power banks in the cabin only: up to ${AIR_LIMITS.free} Wh freely, to ${AIR_LIMITS.asked} Wh with the airline’s approval and two spares at most (IATA).`,
          ]
        : []),
    ],
  });
}
