/** What others take at the same time. */
import type { Claim, Claims } from '../documents/index.js';
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
