/** How the knobs and menus of each thing are set, where the plan says it nowhere else; the format card says the rest. */
import type { Assessment } from '../assess.js';
import type { Bundle, Device, Knob } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly [device: Device, knob: Knob, tape: string | undefined];

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Set', 6, () => '☐'),
  words('Thing', 26, ([{ label }]) => label),
  words('Tape', 10, ([, , tape]) => tape),
  words('Knob or menu', 34, ([, { knob }]) => knob),
  words('Set to', 34, ([, { to }]) => to),
];

export const knobCard = ({ plan, shelf }: Bundle, assessment: Assessment): Sheet =>
  sheetOf(plan, assessment, {
    title: 'Knobs and menus',
    columns: COLUMNS,
    sections: [
      {
        heading: '',
        rows: inOrder(plan.devices).flatMap(([, device]) =>
          inOrder(device.knobs).map(([, knob]): Row => [device, knob, shelf.items[device.item ?? '']?.tape]),
        ),
      },
    ],
    notes: ['Sizes, rates and what outputs give are on the format card.'],
  });
