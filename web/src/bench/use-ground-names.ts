/** Names and readings on the ground, placed once for all that draw them or keep clear of them. */
import {
  groundNames,
  type Group,
  type PlacedName,
  type Point,
  type Reading,
  type Venue,
} from '@idle-satchel/core';
import { useMemo } from 'react';

const NO_GROUPS: ReadonlySet<Group> = new Set();
const NOTHING: readonly Point[] = [];
/** What is named even where something else than the ground is looked at. */
const ALWAYS: ReadonlySet<Group> = new Set(['walls', 'floors', 'bounds', 'marks']);

export function useGroundNames({
  venue,
  reading,
  lettering,
  lit,
  sockets = false,
  faint = NO_GROUPS,
  standing = NOTHING,
}: {
  venue: Venue;
  reading: Reading;
  /** Size of letters in the plan, 1 where it is shown at its own scale. */
  lettering: number;
  /** Whether small things are named: only where the ground is what is looked at. */
  lit: boolean;
  /** Whether sockets are named here, because no other layer does. */
  sockets?: boolean;
  /** Groups without their words. */
  faint?: ReadonlySet<Group>;
  /** What stands there and is not written over, m. */
  standing?: readonly Point[];
}): readonly PlacedName[] {
  return useMemo(() => {
    const named = (group: Group): boolean => !faint.has(group) && (lit || ALWAYS.has(group));
    return groundNames({ venue, reading, lettering, named, sockets, standing });
  }, [venue, reading, lettering, lit, sockets, faint, standing]);
}
