/** The charge list: what is put on which charger after the event, and when it is full. */
import type { Assessment } from '../assess.js';
import { chargeList, type Charging } from '../charge-list/index.js';
import type { Bundle } from '../documents/index.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

const minutes = (value: number | undefined): string =>
  value === undefined ? 'unknown' : `${Math.ceil(value)} min`;

const COLUMNS: readonly ColumnOf<Charging>[] = [
  words('Done', 5, () => '☐'),
  words('Battery', 18, ({ battery }) => battery),
  words('Was', 22, ({ place }) => place),
  words('Taken', 9, ({ taken }) => (taken === undefined ? 'unknown' : `${Math.round(taken)} %`), 'right'),
  words('Takes', 10, ({ minutes: takes }) => minutes(takes), 'right'),
  words('Charger', 18, ({ charger }) => charger ?? 'NONE ON THE SHELF'),
  words('Put on after', 12, ({ from }) => (from === undefined ? '' : minutes(from)), 'right'),
  words('Full after', 12, ({ to }) => (to === undefined ? '' : minutes(to)), 'right'),
];

export function chargeListSheet(bundle: Bundle, assessment: Assessment): Sheet {
  const { lines, minutes: all, watts, outlets } = chargeList(bundle, assessment);
  return sheetOf(bundle.plan, assessment, {
    title: 'Charge list',
    columns: COLUMNS,
    sections: [{ heading: '', rows: lines }],
    notes: [
      ...(lines.length === 0
        ? ['No battery is in use that would be charged.']
        : outlets === 0
          ? ['Nothing on the shelf charges them: find what does, and how long it takes.']
          : [
              `All full after ${minutes(all)}; ${outlets} ${outlets === 1 ? 'outlet' : 'outlets'}, ${watts === undefined ? 'watts unknown' : `${Math.round(watts)} W`} on its circuit.`,
            ]),
      'Never unattended, nor below 0 °C or above 45 °C. Swollen or damaged cells are not charged but put out, away from what burns.',
    ],
  });
}
