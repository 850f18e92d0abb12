/** The moments of the day that differ in what the mains carry: what each device draws, and what circuits have for ours. */
import type { Circuit, Rules } from '../../documents/index.js';
import type { MapOf } from '../../foundations/index.js';
import { inOrder } from '../../foundations/index.js';
import type { Demand } from './demand.js';
import { countsAs, othersCounted, othersOn, type Place } from './others.js';
import type { StateThen } from './states.js';
import { cutAt, type Span, type Timeline } from './timeline.js';

export interface Moment extends Span {
  /** Amps of each device; NaN where nobody knows. */
  readonly amps: Readonly<Record<string, number>>;
  /** What those count as on a circuit, by the house rule, A. */
  readonly counts: Readonly<Record<string, number>>;
  /** What may count of ours on each circuit, A. */
  readonly room: Readonly<Record<string, number>>;
}

export interface Day extends Place {
  readonly timeline: Timeline;
  readonly states: Readonly<Record<string, readonly StateThen[]>>;
  readonly demands: Readonly<Record<string, Demand>>;
  readonly circuits: MapOf<Circuit> | undefined;
  readonly school: Rules['mainsLoad'];
}

/** The day in the order of time, cut where a device of ours or something of others changes. */
export function momentsOf({ timeline, states, demands, circuits, school, ...place }: Day): readonly Moment[] {
  const others = inOrder(circuits).map(([id, circuit]) => ({ id, circuit, on: othersOn(circuit, place) }));
  const spans = others.flatMap(({ on }) => on.flatMap(each => each.spans));
  const of = (k: number, value: (device: string, amps: number) => number): Record<string, number> =>
    Object.fromEntries(
      Object.entries(demands).map(([device, { amps }]) => [device, value(device, amps[k] ?? 0)]),
    );
  return timeline.flatMap((stretch, k) => {
    const amps = of(k, (_, each) => each);
    const counts = of(k, (device, each) => each * countsAs(states[device]?.[k]?.lasts ?? 0, school));
    return cutAt([stretch], spans).map(({ from, to }): Moment => ({
      ...{ from, to, amps, counts },
      room: Object.fromEntries(
        others.map(({ id, circuit, on }) => [
          id,
          Math.max(0, circuit.amps - othersCounted(on, { from, to }, school)),
        ]),
      ),
    }));
  });
}
