/** What the cold takes of a battery. */
import type { Chemistry } from '../../../documents/index.js';
import { airAt, ROOM, type Air } from '../../air-temperature.js';

/** Share of the charge that is left at a temperature, °C; linear between entries, the last of them above it. */
const FACTORS: Readonly<Record<Chemistry, readonly (readonly [celsius: number, share: number])[]>> = {
  'lithium-ion': [
    [-20, 0.55],
    [-10, 0.72],
    [0, 0.85],
    [10, 0.95],
    [20, 1],
  ],
  LiFePO4: [
    [-10, 0.6],
    [0, 0.8],
    [10, 0.93],
    [20, 1],
  ],
  NiMH: [
    [-10, 0.6],
    [0, 0.8],
    [20, 1],
  ],
  'lead-acid': [
    [-10, 0.65],
    [0, 0.78],
    [10, 0.88],
    [25, 1],
  ],
};

/** The temperature below which a battery of a chemistry is not used, °C. */
export const coldest = (chemistry: Chemistry): number => FACTORS[chemistry][0]?.[0] ?? 0;

/** Share of its charge that a battery gives at a temperature, °C; 0 where it is too cold to be used. House figures until measured. */
export function coldFactor(chemistry: Chemistry, celsius: number): number {
  const table = FACTORS[chemistry];
  if (celsius < coldest(chemistry)) return 0;
  const next = table.findIndex(([at]) => at >= celsius);
  const [above, below] = [table[next], table[next - 1]];
  if (!above) return table.at(-1)?.[1] ?? 1;
  if (!below) return above[1];
  return below[1] + ((celsius - below[0]) / (above[0] - below[0])) * (above[1] - below[1]);
}

/** A stretch in which what the cold leaves is a straight line. */
export interface Even {
  readonly from: number;
  readonly to: number;
  readonly first: number;
  readonly last: number;
}

/** A span of time cut where readings lie and where the line of the chemistry has a corner. */
export function evenly(chemistry: Chemistry, air: Air, from: number, to: number): readonly Even[] {
  const times = new Set<number>([from, to]);
  for (let i = 0; i < air.length; i++) {
    const [time = 0, celsius = ROOM] = air[i] ?? [];
    if (time > from && time < to) times.add(time);
    const [after, then = ROOM] = air[i + 1] ?? [];
    if (after === undefined || then === celsius) continue;
    for (const [corner] of FACTORS[chemistry]) {
      const at = time + ((corner - celsius) / (then - celsius)) * (after - time);
      if (at > time && at < after && at > from && at < to) times.add(at);
    }
  }
  const sorted = [...times].sort((a, b) => a - b);
  return sorted.slice(1).map((end, i) => {
    const begin = sorted[i] ?? from;
    // At a corner to what is too cold the line breaks off: what holds between the two ends decides.
    const within = coldFactor(chemistry, airAt(air, (begin + end) / 2));
    const [first, last] = [coldFactor(chemistry, airAt(air, begin)), coldFactor(chemistry, airAt(air, end))];
    if (within === 0) return { from: begin, to: end, first: 0, last: 0 };
    // Just beyond the corner it is nothing already: there the line is gone on from what it is in the middle.
    return {
      ...{ from: begin, to: end },
      first: first || (last === 0 ? within : 2 * within - last),
      last: last || (first === 0 ? within : 2 * within - first),
    };
  });
}
