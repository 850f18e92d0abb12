/** The inner wiring list: the leads of each rack, how long each is laced there, and which stay plugged on the way. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { cable, cableLength, runLength } from '../stations/runs/figures.js';
import { innerLeads, lacedAlong } from '../stations/runs/inner-leads.js';
import type { RunResult } from '../stations/runs/index.js';
import type { Sheet } from './sheet.js';
import { figures, sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly [id: string, run: RunResult];
const idsOf = ([id]: Row): [string] => [id];

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Done', 5, () => '☐'),
  words('No.', 5, ([, { number }]) => number),
  words('From', 22, ([, { from }]) => from),
  words('To', 22, ([, { to }]) => to),
  words('Cable', 13, ([, { makeWords }]) => makeWords),
  figures(runLength, 8, idsOf),
  figures(cableLength, 8, idsOf),
  figures(cable, 10, idsOf, 'WANTED'),
  words('Laced', 6, ([, { make }]) => lacedAlong(make)),
  words('On the way', 10, ([, { stays }]) => (stays ? 'stays plugged' : 'unplugged')),
];

/** Of every rack, or of one. */
export const innerWiring = (plan: Plan, assessment: Assessment, only?: string): Sheet =>
  sheetOf(plan, assessment, {
    title: 'Inner wiring of racks',
    columns: COLUMNS,
    sections: [...innerLeads(assessment.runs.runs)]
      .filter(([rack]) => only === undefined || rack === only)
      .map(([rack, rows]) => ({
        heading: plan.devices?.[rack]?.label ?? '',
        rows,
      })),
    notes: [
      'Lengths go along the rails, with a loop so that each thing can be drawn out while it is plugged. Laced on the left or right as one stands behind the rack; mains by itself.',
      'Its number on the tape at both ends of every lead. Pull no tie so tight that the jacket gives.',
    ],
  });
