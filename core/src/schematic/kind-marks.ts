/** A kind as a box with all its ports: inputs on the left, outputs on the right, power below. */
import type { Kind, Port } from '../documents/index.js';
import { inOrder, type Point } from '../foundations/index.js';
import { FACE, faceOf } from './face.js';
import { BOX } from './box.js';
import type { PaperMark } from '../paper/marks.js';
import { cutTo } from './lettering.js';

const WIDTH = 340;
const HEAD = 36;
/** What a port’s name and connector take of the box at most. */
const HALF = WIDTH / 2 - 14;

const pinRow = (row: number): number => HEAD + (row + 0.5) * BOX.pin;

export interface KindMarks {
  readonly width: number;
  readonly height: number;
  readonly marks: readonly PaperMark[];
}

/** What is drawn of a kind that is being described. */
export function kindMarks(kind: Kind): KindMarks {
  const ports = inOrder(kind.ports).map(([, port]) => port);
  const signals = ports.filter(({ carries }) => carries !== 'power');
  const [left, right] = [
    signals.filter(({ direction }) => direction !== 'out'),
    signals.filter(({ direction }) => direction === 'out'),
  ];
  const power = ports.filter(({ carries }) => carries === 'power');
  const rows = Math.max(left.length, right.length);
  const belowPins = pinRow(rows);
  const height = belowPins + power.length * BOX.pin + BOX.foot;
  const face = faceOf(kind);
  return {
    width: WIDTH + 8,
    height: height + 2,
    marks: [
      { mark: 'rect', at: [4, 1], width: WIDTH, height, dash: [], fill: 'white' },
      words([14, 17], cutTo(kind.label, WIDTH - FACE.width - 24, 12), 12, true),
      words([14, 30], kind.family, 10, false),
      { mark: 'path', at: [WIDTH - FACE.width * 0.8 - 4, 4], d: `${face.body}${face.sockets}` },
      ...left.flatMap((port, i) => pinMarks(port, pinRow(i), 'left')),
      ...right.flatMap((port, i) => pinMarks(port, pinRow(i), 'right')),
      ...power.map((port, i) => words([14, belowPins + i * BOX.pin + 4], powerWords(port), 10.5, false)),
    ],
  };
}

const words = (at: Point, text: string, size: number, bold: boolean, anchor: 'start' | 'end' = 'start') =>
  ({ mark: 'text', at, text, size, bold, anchor }) as const satisfies PaperMark;

function pinMarks({ label, connector, direction }: Port, y: number, side: 'left' | 'right'): PaperMark[] {
  const text = cutTo(`${label} · ${connector}`, HALF, 10.5);
  const x = side === 'left' ? 4 : WIDTH + 4;
  return [
    { mark: 'dot', at: [x, y], open: direction === 'out' },
    side === 'left'
      ? words([14, y + 4], text, 10.5, false)
      : words([WIDTH - 6, y + 4], text, 10.5, false, 'end'),
  ];
}

/** `in: mains in · mains, 100–240 V, 45 W`. */
function powerWords({ direction, label, connector, volts, watts }: Port): string {
  const range = volts && (volts.low === volts.high ? `${volts.low} V` : `${volts.low}–${volts.high} V`);
  return `${direction === 'out' ? 'gives' : 'takes'}: ${[label, connector, range, watts && `${watts} W`].filter(Boolean).join(' · ')}`;
}
