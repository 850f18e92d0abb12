/** What can be added to a plan: kinds of gear, those that the house has and are free first. */
import type { Bundle, Item, Kind } from '../documents/index.js';
import { inOrder, listed } from '../foundations/index.js';
import { readyItems } from './equipment.js';

export interface GearOffer {
  readonly kind: string;
  readonly of: Kind;
  /** `CAM 1`, `CAM 1 and 2 more`, `all in use`, `at “Choir evening” then`, `not on the shelf`. */
  readonly words: string;
  readonly owned: boolean;
}

/** Every kind that fits, as an offer: free ones first, then those that are owned but taken, then all others. */
export function gearOffers(
  { kinds, shelf, claims, plan }: Pick<Bundle, 'kinds' | 'shelf' | 'claims' | 'plan'>,
  fits: (kind: Kind) => boolean,
): GearOffer[] {
  const claimed = new Map(Object.values(claims.claims).map(({ item, event }) => [item, event]));
  const ready = new Map<string, [id: string, item: Item][]>();
  for (const each of readyItems(shelf, plan.devices)) {
    const { kind } = each[1];
    ready.set(kind, [...(ready.get(kind) ?? []), each]);
  }
  const owned = new Set(Object.values(shelf.items).map(({ kind }) => kind));
  const offers = inOrder(kinds.kinds).flatMap(([kind, of]) => {
    if (!fits(of)) return [];
    const own = ready.get(kind) ?? [];
    const free = own.filter(([item]) => !claimed.has(item));
    const tape = free[0]?.[1].tape;
    const events = [...new Set(own.flatMap(([item]) => claimed.get(item) ?? []))].map(each => `“${each}”`);
    const words =
      tape !== undefined
        ? `${tape}${free.length > 1 ? ` and ${free.length - 1} more` : ''}`
        : events.length > 0
          ? `at ${listed(events)} then`
          : owned.has(kind)
            ? 'all in use'
            : 'not on the shelf';
    const rank = tape !== undefined ? 0 : owned.has(kind) ? 1 : 2;
    return [{ rank, offer: { kind, of, words, owned: rank < 2 } }];
  });
  return offers.sort((a, b) => a.rank - b.rank).map(({ offer }) => offer);
}
