/** Where things stand while no hand moves them: what is written on the ground makes way for them then. */
import type { Point } from '@idle-satchel/core';
import { useEffect, useMemo, useState } from 'react';
import { useEvent } from '../store/hooks.js';

/** So long nothing has moved, ms. */
const RESTS = 400;

/** Places of all that stands by itself, m, as they were when a hand rested last. */
export function useStanding(): readonly Point[] {
  const places = useEvent(state => state.assessment.ground.places);
  const now = useMemo(
    () => Object.entries(places).flatMap(([id, { at, carrier }]) => (at && carrier === id ? [at] : [])),
    [places],
  );
  const [rested, setRested] = useState(now);
  useEffect(() => {
    const timer = setTimeout(() => setRested(now), RESTS);
    return () => clearTimeout(timer);
  }, [now]);
  return rested;
}
