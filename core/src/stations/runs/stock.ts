/** Choosing owned cables for runs by a quick rule; an exact choice over the whole stock is a search of its own. */
import type { CableMake, Claims, Connector, Kinds, Shelf } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import { GROUPS } from './reach.js';

export const QUICK_RULE =
  'quick rule: longest run first, the shortest owned cable that is long enough, no joins';

export interface Wanted {
  readonly id: string;
  readonly make: CableMake;
  readonly connector: Connector;
  readonly length: number;
}

export interface OwnedCable {
  readonly item: string;
  readonly tape: string;
  readonly kind: string;
  readonly make: CableMake;
  readonly connector: Connector;
  readonly length: number;
}

/** Cables that are ready, not used as a device and not promised to an overlapping event, shortest first. */
export function ownedCables(
  shelf: Shelf,
  kinds: Kinds,
  claims: Claims,
  devices: MapOf<Equipment> | undefined,
): OwnedCable[] {
  const taken = new Set([
    ...Object.values(devices ?? {}).map(device => device.item),
    ...Object.values(claims.claims).map(claim => claim.item),
  ]);
  return inOrder(shelf.items)
    .flatMap(([item, { kind, tape, state }]) => {
      const cable = kinds.kinds[kind]?.cable;
      if (!cable || state !== 'ready' || taken.has(item)) return [];
      return [{ item, tape, kind, make: cable.make, connector: cable.connector, length: cable.length }];
    })
    .sort((a, b) => a.length - b.length);
}

/** Longest run first, each the shortest cable of its make that is long enough. */
export function chooseCables(runs: readonly Wanted[], owned: readonly OwnedCable[]): Map<string, OwnedCable> {
  const left = new Set(owned);
  const chosen = new Map<string, OwnedCable>();
  const longestFirst = [...runs].sort((a, b) => b.length - a.length || (a.id < b.id ? -1 : 1));
  for (const run of longestFirst) {
    const fits = (cable: OwnedCable): boolean =>
      cable.connector === run.connector &&
      cable.length >= run.length &&
      GROUPS[run.make].includes(cable.make);
    for (const cable of left) {
      if (!fits(cable)) continue;
      chosen.set(run.id, cable);
      left.delete(cable);
      break;
    }
  }
  return chosen;
}
