/** What others take at the same time. */
import type { Claim, Claims, Shelf } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';

/** For each thing that somebody else takes, by whom; where one has booked it and another only plans to, the first. */
export function claimsByItem({ claims }: Pick<Claims, 'claims'>): ReadonlyMap<string, Claim> {
  const by = new Map<string, Claim>();
  for (const [, claim] of inOrder(claims)) {
    const known = by.get(claim.item);
    if (!known || (claim.booked && !known.booked)) by.set(claim.item, claim);
  }
  return by;
}

/** Whether somebody else has a thing for certain. */
export const isHad = (claim: Claim | undefined): boolean => claim?.booked === true;

/** Of a stock line how many there are, how many others have booked, and how many that leaves; what they only plan to take may be there. */
export function stockLeft(
  item: string | undefined,
  items: Shelf['items'],
  claims: Claims['claims'],
): Readonly<Record<'all' | 'theirs' | 'have', number>> {
  const own = items[item ?? ''];
  const all = own ? (own.count ?? 1) : 0;
  const theirs = Object.values(claims).reduce(
    (sum, { item: of, booked, count = all }) => (booked && of === item ? sum + count : sum),
    0,
  );
  return { all, theirs, have: Math.max(0, all - theirs) };
}
