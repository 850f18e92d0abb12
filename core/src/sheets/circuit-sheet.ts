/** The circuit sheet: what hangs on each breaker, ours in the order in which it is switched on, and what others have on it. */
import type { Assessment } from '../assess.js';
import type { Bundle, Circuit, Venue } from '../documents/index.js';
import { inOrder, showText } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { startOrder } from '../start-order/index.js';
import * as figures from '../stations/power/figures/index.js';
import type { Sheet } from './sheet.js';
import { figures as figure, sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  /** When it is switched on; none for what others have on it. */
  readonly nth: string;
  readonly label: string;
  readonly socket: string;
  /** One of ours; what others have on it says its watts itself. */
  readonly device?: string;
  readonly said?: string;
  readonly inrush: string;
}

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Switch on', 9, ({ nth }) => nth, 'right'),
  words('What', 34, ({ label }) => label),
  words('Socket', 24, ({ socket }) => socket),
  figure(figures.deviceWatts, 10, ({ device }) => (device === undefined ? undefined : [device]), 'unknown'),
  figure(figures.deviceAmps, 10, ({ device }) => (device === undefined ? undefined : [device]), 'unknown'),
  words('Inrush', 12, ({ inrush }) => inrush, 'right'),
  words('Others', 22, ({ said }) => said),
];

export function circuitSheet(bundle: Bundle, assessment: Assessment): Sheet {
  const { venue } = assessment.ground;
  const { power } = assessment;
  const reading = readingOf(bundle.plan, assessment.rules);
  const order = startOrder(bundle, assessment);
  const inrushOf = (amps: number | undefined): string =>
    amps === undefined ? 'unknown' : showText(amps, 'A', reading);
  return sheetOf(bundle.plan, assessment, {
    title: 'Circuit sheet',
    columns: COLUMNS,
    sections: inOrder(venue.circuits).map(([id, circuit]) => {
      const load = power.circuits[id];
      const counted = load ? `${showText(load.counted.value, 'A', reading)} counted at its worst` : '';
      return {
        heading: [headingOf(circuit, venue), counted].filter(Boolean).join(' · '),
        rows: [
          ...(order[id] ?? []).map(({ device, label, inrush }, i): Row => {
            const socket = venue.sockets?.[power.ends[device]?.socket ?? '']?.label ?? '';
            return { nth: String(i + 1), label, socket, device, inrush: inrushOf(inrush) };
          }),
          ...inOrder(circuit.others).map(([, { label, watts, from, until }]): Row => {
            const when = [from && `from ${from}`, until && `until ${until}`].filter(Boolean).join(' ');
            const said = `${showText(watts, 'W', reading)}, ${when || 'all the time'}`;
            return { nth: '', label, socket: 'of the house', said, inrush: '' };
          }),
        ],
      };
    }),
    notes: [
      'Switched on one after another, the largest inrush first; lamps and supplies whose inrush nobody knows after the others.',
      'Electrical work belongs to qualified people under local code. A breaker that trips again stays off.',
    ],
  });
}

function headingOf({ label, amps, curve, phase, residual, board }: Circuit, { residuals }: Venue): string {
  const behind = residuals?.[residual ?? ''];
  return [
    label,
    `${curve ?? ''}${amps} A`,
    phase && `phase ${phase}`,
    behind ? `behind ${behind.label}, ${behind.trip} mA` : 'no residual-current device known',
    board,
  ]
    .filter(Boolean)
    .join(' · ');
}
