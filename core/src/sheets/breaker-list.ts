/** The breaker list: which socket hangs on which breaker, where that is, who may reset it, and what is to be found out. */
import type { Assessment } from '../assess.js';
import type { Bundle, Circuit, Residual, Socket } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { isProved } from '../stations/power/proved.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly socket: Socket;
  readonly circuit: Circuit | undefined;
  readonly residual: Residual | undefined;
  /** What of ours is plugged in there. */
  readonly ours: string;
}

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Proved', 7, ({ socket }) => (isProved(socket) ? '☑' : '☐')),
  words('Socket', 20, ({ socket }) => socket.label),
  words('Circuit', 18, ({ circuit }) => circuit?.label ?? 'UNKNOWN'),
  words('A', 5, ({ circuit }) => (circuit ? String(circuit.amps) : ''), 'right'),
  words('Its breaker is', 20, ({ circuit }) => circuit?.board ?? (circuit ? 'unknown' : '')),
  words('May be reset by', 18, ({ circuit }) => circuit?.resets ?? (circuit ? 'unknown: ask' : '')),
  words('Behind', 18, ({ residual }) => (residual ? `${residual.label}, ${residual.trip} mA` : 'none known')),
  words('Tested', 14, ({ socket }) => socket.test?.result ?? 'not tested'),
  words('Ours on it', 24, ({ ours }) => ours),
];

export function breakerList({ plan }: Bundle, assessment: Assessment): Sheet {
  const { venue } = assessment.ground;
  const { feeds } = assessment.power;
  const plugged = (socket: string): string =>
    inOrder(plan.devices)
      .flatMap(([id, { label }]) =>
        plan.links?.[feeds[id]?.link ?? '']?.from.socket === socket ? [label] : [],
      )
      .join(', ');
  return sheetOf(plan, assessment, {
    title: 'Breaker list',
    columns: COLUMNS,
    sections: [
      {
        heading: '',
        rows: inOrder(venue.sockets).map(([id, socket]) => {
          const circuit = venue.circuits?.[socket.circuit ?? ''];
          return {
            ...{ socket, circuit, ours: plugged(id) },
            residual: venue.residuals?.[circuit?.residual ?? ''],
          };
        }),
      },
    ],
    notes: [
      'To prove one: a lamp in the socket, and whoever may switches the breaker off and on, with nothing running that minds.',
      'A breaker that trips is reset once, by whoever may, after what was switched on last is off. One that trips again stays off. Electrical work belongs to qualified people under local code.',
    ],
  });
}
