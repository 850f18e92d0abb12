import { partsOf, type Venue } from '@idle-satchel/core';
import { useDeferredValue } from 'react';
import { useEvent } from '../store/hooks.js';

/** From so many things on, drawing the plan takes longer than a frame. */
const HEAVY = 500;

const known = new WeakMap<Venue, boolean>();

/** Whether a venue holds so many things that drawing it takes longer than a frame. */
export function isHeavy(venue: Venue): boolean {
  const heavy = known.get(venue) ?? partsOf(venue).length > HEAVY;
  known.set(venue, heavy);
  return heavy;
}

/** The venue as the plan draws it: a heavy one is drawn anew piece by piece, after what cannot wait. */
export function useDrawnVenue(): Venue {
  const now = useEvent(({ assessment }) => assessment.ground.venue);
  const later = useDeferredValue(now);
  return isHeavy(now) ? later : now;
}
