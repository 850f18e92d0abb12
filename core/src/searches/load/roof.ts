/** What found no room in any vehicle and may ride on the bars of a roof. */
import type { Kind } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';

/** What two people lift onto a roof, kg: house figure. */
const ONTO_ROOF = 15;

/** Whether rain and wind do a thing no harm: nothing electrical, no lead, no fluid, nothing that must stay upright. */
export const bearsRoof = (kind: Kind | undefined, kg: number): boolean =>
  kind !== undefined &&
  kg > 0 &&
  kg <= ONTO_ROOF &&
  !kind.power &&
  !kind.cable &&
  !kind.hold &&
  !kind.rackCase &&
  !kind.travel?.fluid &&
  !kind.travel?.upright &&
  inOrder(kind.ports).length === 0;

export interface RoofThing {
  readonly index: number;
  readonly kg: number;
  /** m³. */
  readonly room: number;
}

/**
 * Which things go on which roof, the largest first, each on the first that still carries it; `free`: kg left of what each
 * roof, and each vehicle with what is in it, may carry.
 */
export function ontoRoofs(
  things: readonly RoofThing[],
  free: readonly number[],
): ReadonlyMap<number, number> {
  const left = [...free];
  const put = new Map<number, number>();
  for (const { index, kg } of [...things].sort((a, b) => b.room - a.room || a.index - b.index)) {
    const roof = left.findIndex(each => kg <= each);
    if (roof < 0) continue;
    left[roof] = (left[roof] ?? 0) - kg;
    put.set(index, roof);
  }
  return put;
}
