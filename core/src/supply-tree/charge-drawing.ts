/** The charge of batteries along the day, as it is drawn over the running order. */
import type { Assessment } from '../assess.js';
import type { Phase } from '../documents/index.js';
import { cutLabel, numberOf, showClock, showText, type Reading } from '../foundations/index.js';

export interface ChargeLine {
  readonly id: string;
  readonly path: string;
  /** Dashes that tell it from the others. */
  readonly dash: string;
  /** `C2 BATTERY: empty Fri 20:40, 165 min`. */
  readonly words: string;
}

export interface ChargeDrawing {
  readonly lines: readonly ChargeLine[];
  readonly items: readonly {
    readonly id: string;
    readonly x: number;
    readonly width: number;
    /** Absent where there is no room for it. */
    readonly label: string | undefined;
    readonly tone: 'live' | 'other';
  }[];
  readonly hours: readonly { readonly x: number; readonly words: string }[];
  /** Where it is live. */
  readonly live: number | undefined;
}

export interface Drawn {
  readonly start: string;
  readonly reading: Reading;
  readonly size: readonly [wide: number, high: number];
  readonly labelOf: (device: string) => string;
}

const LEFT = 36;
const DASHES = ['none', '6 3', '2 3', '9 3 2 3', '12 4', '1 4'];
/** Width that a letter takes, px. */
const LETTER = 5.6;
const HOUR = 60;

/** The curves, and under them the items of the day; undefined where no battery is drawn upon, or nothing says when. */
export function chargeDrawing(
  { timeline, curves, batteries }: Assessment['power'],
  { start, reading, size: [wide, high], labelOf }: Drawn,
): ChargeDrawing | undefined {
  const drawn = Object.entries(curves).filter(([, curve]) => curve.length > 1);
  const [begin, end] = [timeline[0]?.from ?? 0, timeline.at(-1)?.to ?? 0];
  if (drawn.length === 0 || !Number.isFinite(begin) || !Number.isFinite(end) || end <= begin)
    return undefined;
  const x = (at: number): number => LEFT + ((at - begin) / (end - begin)) * (wide - LEFT);
  const y = (left: number): number => 4 + (1 - left) * (high - 8);
  const point = ([at, left]: readonly [number, number]): string =>
    `${x(Math.min(at, end)).toFixed(1)} ${y(left).toFixed(1)}`;
  const instant = (at: number): string => new Date(Date.parse(start) + at * 60_000).toISOString();
  const every = end - begin > 8 * HOUR ? 2 * HOUR : HOUR;
  const firstHour = Math.ceil(begin / every) * every;
  return {
    lines: drawn.map(([id, curve], i) => {
      const { ends, minutes } = batteries[id] ?? {};
      const lasts = numberOf(minutes);
      return {
        id,
        dash: DASHES[i % DASHES.length] ?? 'none',
        path: `M${curve.map(point).join('L')}`,
        words: [
          labelOf(id),
          typeof ends?.value === 'string' ? `empty ${showText(ends.value, 'instant', reading)}` : 'not empty',
          lasts === undefined ? '' : `lasts ${Math.floor(lasts)} min`,
        ]
          .filter(Boolean)
          .join(' · '),
      };
    }),
    items: timeline.map(({ from, to, item, label, phase }) => {
      const width = x(to) - x(from);
      return {
        id: item ?? label,
        x: x(from),
        width,
        label: cutLabel(label, (width - 6) / LETTER),
        tone: toneOf(phase),
      };
    }),
    hours: Array.from({ length: Math.floor((end - firstHour) / every) + 1 }, (_, i) => {
      const at = firstHour + i * every;
      return { x: x(at), words: showClock(instant(at), reading) };
    }),
    live: begin < 0 && end > 0 ? x(0) : undefined,
  };
}

const toneOf = (phase: Phase | undefined): 'live' | 'other' => (phase === 'live' ? 'live' : 'other');
