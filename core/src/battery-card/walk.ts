/** How far a battery has to be carried: from where the kit is to where it goes. */
import type { Assessment } from '../assess.js';
import { inOrder, numberOf } from '../foundations/index.js';
import { kindDoes } from '../stations/signal/functions.js';

export interface Walk {
  /** What stands where the kit is, and with it the charged batteries. */
  readonly from: string;
  /** As the crow flies: nobody walks less. */
  readonly metres: number;
  readonly minutes: number;
}

/** Metres of a minute in the dark and among people: 1 m/s, a house figure. */
const PACE = 60;
/** What is nearer than this is at hand, m. */
const AT_HAND = 3;

/** From the first thing that switches pictures; undefined where that is at hand, or where one of both has no place. */
export function walkTo(
  battery: string,
  { signal: { wiring }, ground: { places } }: Pick<Assessment, 'signal' | 'ground'>,
): Walk | undefined {
  const kit = inOrder(wiring.devices).find(
    ([id]) => kindDoes(wiring.kindOf(id), 'switches') && places[id]?.at !== undefined,
  );
  const [from, to] = [places[kit?.[0] ?? ''], places[battery]];
  if (!kit || !from?.at || !to?.at) return undefined;
  const rise = (numberOf(to.elevation) ?? 0) - (numberOf(from.elevation) ?? 0);
  const metres = Math.hypot(to.at[0] - from.at[0], to.at[1] - from.at[1], rise);
  if (metres < AT_HAND) return undefined;
  const thing = wiring.devices[from.carrier]?.label ?? kit[1].label;
  return { from: thing, metres, minutes: Math.ceil(metres / PACE) };
}
