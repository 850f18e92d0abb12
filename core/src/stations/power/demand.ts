/** What each device draws in each stretch of the day, in bare numbers: supplies take what hangs on them just then. */
import { numberOf } from '../../foundations/index.js';
import type { Feeding } from './feeding.js';
import { figureIn, suppliedWatts, type Loads, type SupplyAtWork } from './loads.js';
import type { StateThen } from './states.js';
import type { Timeline } from './timeline.js';

/** Watts and amps by stretch; NaN where nobody knows. */
export interface Demand {
  readonly watts: readonly number[];
  readonly amps: readonly number[];
}

export interface Demanding {
  readonly timeline: Timeline;
  readonly states: Readonly<Record<string, readonly StateThen[]>>;
  readonly loads: Loads;
  readonly below: Feeding['below'];
  /** Supplies that feed something. */
  readonly supplies: Readonly<Record<string, SupplyAtWork['supply']>>;
}

/** The demand of every device that takes something. */
export function demandOf({
  timeline,
  states,
  loads,
  below,
  supplies,
}: Demanding): Readonly<Record<string, Demand>> {
  const found: Record<string, Demand> = {};
  const own = (id: string, k: number, of: 'watts' | 'amps'): number => {
    const figure = figureIn(loads[id], states[id]?.[k]?.state ?? 'working', of);
    return figure ? (numberOf(figure) ?? NaN) : 0;
  };
  const demand = (id: string): Demand => {
    const known = found[id];
    if (known) return known;
    const supply = supplies[id];
    if (!supply) {
      return (found[id] = {
        watts: timeline.map((_, k) => own(id, k, 'watts')),
        amps: timeline.map((_, k) => own(id, k, 'amps')),
      });
    }
    const hanging = (below[id] ?? []).flatMap(child => (loads[child] ? [demand(child).watts] : []));
    const load = loads[id];
    const atWork = numberOf(load?.watts) ?? NaN;
    const outAtWork = hangingAtWork(below[id] ?? [], loads);
    // What it takes at work besides what hangs on it: its own watts and those of standing by.
    const besides = atWork - suppliedWatts({ supply, own: 0 }, outAtWork);
    const perWatt = (numberOf(load?.amps) ?? NaN) / atWork;
    const watts = timeline.map((_, k) => {
      const out = hanging.reduce((sum, each) => sum + (each[k] ?? 0), 0);
      const off = states[id]?.[k]?.state === 'off';
      return off && out === 0 ? 0 : suppliedWatts({ supply, own: besides }, out);
    });
    return (found[id] = { watts, amps: watts.map(each => (each === 0 ? 0 : each * perWatt)) });
  };
  for (const id of Object.keys(loads)) demand(id);
  return found;
}

const hangingAtWork = (below: readonly string[], loads: Loads): number =>
  below.reduce((sum, child) => sum + (loads[child] ? (numberOf(loads[child].watts) ?? NaN) : 0), 0);
