/** What hangs on a circuit besides what is ours, by time, and how amps count there by the house rule. */
import type { Circuit, Rules } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { lasts, onIn, spansOf, type Span } from './timeline.js';

/** What others have on it: how much, and when. */
export interface Other {
  readonly id: string;
  readonly amps: number;
  readonly spans: readonly Span[];
}

export interface Place {
  readonly volts: number;
  /** When the event starts, an instant, and in which time zone. */
  readonly start: string;
  readonly zone: string;
}

export const othersOn = ({ others }: Circuit, { volts, start, zone }: Place): readonly Other[] =>
  inOrder(others).map(([id, { watts, factor, ...clocks }]) => ({
    id,
    amps: watts / (volts * factor),
    spans: spansOf(clocks, start, zone),
  }));

/** Unbroken minutes from which on a load is continuous (NEC article 100). */
export const CONTINUOUS = 180;

/** What each amp counts as that is on for so many minutes unbroken: 1.25 × by the rule of 80 % (NEC 210.19, 210.20). */
export const countsAs = (minutes: number, school: Rules['mainsLoad']): number =>
  school === 'eighty' && minutes >= CONTINUOUS ? 1.25 : 1;

/** Amps that count of what others have on it throughout a stretch that none of them divides. */
export const othersCounted = (others: readonly Other[], stretch: Span, school: Rules['mainsLoad']): number =>
  others.reduce((sum, { amps, spans }) => {
    const span = onIn(spans, stretch);
    return span ? sum + amps * countsAs(lasts(span), school) : sum;
  }, 0);
