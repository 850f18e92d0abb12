/** Which things may stand in for a device: others of its kind, and kinds that do what it does. */
import type { Bundle, Kind } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { claimsByItem, isHad } from '../../stations/claimed.js';
import { readyItems } from '../../stations/equipment.js';
import { buyingPrice, type MoneyHouse } from '../../stations/pack/money/prices.js';
import { kindDoes, mainOf } from '../../stations/signal/functions.js';

/** A kind that may stand in, with the first thing of it that is free. */
export interface Candidate {
  readonly kind: string;
  readonly item: string | undefined;
  /** What one costs to buy where none is free; undefined where nobody knows. */
  readonly price: number | undefined;
}

/** Whether a kind does all that another does, as far as their families and what they do besides say. */
export function doesAll(kind: Kind, wanted: Kind): boolean {
  const main = mainOf(wanted.family);
  return (
    (kind.family === wanted.family || (main !== undefined && kindDoes(kind, main))) &&
    (wanted.does ?? []).every(each => kindDoes(kind, each)) &&
    (!wanted.encodes || kindDoes(kind, 'encodes'))
  );
}

/** Those that are free first, then those that cost least; a kind of which no price is known last. */
export function candidatesFor(
  { plan, kinds, shelf, claims }: Bundle,
  device: string,
  house: MoneyHouse,
): readonly Candidate[] {
  const now = plan.devices?.[device];
  const wanted = kinds.kinds[now?.kind ?? ''];
  if (!now || !wanted) return [];
  const had = claimsByItem(claims);
  const free = readyItems(shelf, plan.devices).filter(([id]) => !isHad(had.get(id)));
  // What nobody else plans to take goes first.
  const itemOf = (kind: string): string | undefined => {
    const own = free.filter(([, item]) => item.kind === kind);
    return (own.find(([id]) => !had.has(id)) ?? own[0])?.[0];
  };
  return inOrder(kinds.kinds)
    .filter(([, kind]) => doesAll(kind, wanted))
    .map(([kind]): Candidate => {
      const item = itemOf(kind);
      return { kind, item, price: item === undefined ? buyingPrice(kind, kinds, house) : 0 };
    })
    .filter(({ kind, item }) => kind !== now.kind || item !== undefined)
    .sort((a, b) => (a.price ?? Infinity) - (b.price ?? Infinity));
}
