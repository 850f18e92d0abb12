/** The worst minute of what hangs together: when the most is drawn, and by what. */
import { constant, taken, type Term } from '../../foundations/index.js';
import type { Demand } from './demand.js';
import { figureIn, type Loads } from './loads.js';
import type { StateThen } from './states.js';

export interface Drawing {
  readonly loads: Loads;
  readonly demands: Readonly<Record<string, Demand>>;
  readonly states: Readonly<Record<string, readonly StateThen[]>>;
}

/** Amps that some devices draw together in a stretch; NaN where one of them is not known. */
export const drawnIn = (ids: readonly string[], { demands }: Drawing, k: number): number =>
  ids.reduce((sum, id) => sum + (demands[id]?.amps[k] ?? 0), 0);

/** The stretch in which some devices draw most together: the first of equals, and the first whose sum nobody knows. */
export function worstStretch(count: number, drawn: (k: number) => number): number {
  let worst = 0;
  for (let k = 0; k < count; k++) {
    if (Number.isNaN(drawn(k))) return k;
    if (drawn(k) > drawn(worst)) worst = k;
  }
  return worst;
}

/** Terms of a name for what each of some devices draws in a stretch: its figure, where that is what it draws then. */
export const termsIn = (
  name: string,
  of: 'watts' | 'amps',
  ids: readonly string[],
  { loads, demands, states }: Drawing,
  k: number,
): Term[] =>
  ids.flatMap(id => {
    const load = loads[id];
    const value = demands[id]?.[of][k];
    if (!load || value === undefined || value === 0) return [];
    const figure = figureIn(load, states[id]?.[k]?.state ?? 'working', of);
    return figure && (figure.value === value || Number.isNaN(value))
      ? [taken(name, figure)]
      : [constant(name, value, of === 'amps' ? 'A' : 'W', 'what hangs on it just then')];
  });
