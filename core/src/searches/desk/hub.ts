/** Where the leads of cameras go. */
import type { Bundle } from '../../documents/index.js';
import { inOrder, type Point } from '../../foundations/index.js';
import type { GroundResult } from '../../stations/ground/index.js';

export interface Hub {
  /** What stands there: the switcher itself, or the rack or table that it is in. */
  readonly carrier: string;
  readonly at: Point;
}

/** The first switcher, encoder or computer that has a place. */
export function hubOf(
  { plan, kinds }: Pick<Bundle, 'plan' | 'kinds'>,
  { places }: GroundResult,
): Hub | undefined {
  for (const family of ['switcher', 'encoder', 'computer']) {
    for (const [id, { kind }] of inOrder(plan.devices)) {
      const place = places[id];
      if (kinds.kinds[kind]?.family === family && place?.at) return { carrier: place.carrier, at: place.at };
    }
  }
  return undefined;
}
