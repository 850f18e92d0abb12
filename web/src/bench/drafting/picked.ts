/** Which parts of the venue are picked. */
import { pathOfPart, type Venue } from '@idle-satchel/core';
import { useEvent, useUi } from '../../store/hooks.js';
import type { UiState } from '../../store/ui-store.js';

const NONE: readonly string[] = [];
const alone = new Map<string, readonly string[]>();

/** The same list for the same path, so that components see no change. */
function listOf(path: string): readonly string[] {
  const list = alone.get(path) ?? [path];
  alone.set(path, list);
  return list;
}

/** What is picked on the ground, or what a snag or a search led to. */
export function pickedIn(venue: Venue, { parts, selected }: UiState): readonly string[] {
  if (parts.length > 0 || selected === undefined) return parts;
  const path = pathOfPart(venue, selected);
  return path === undefined ? NONE : listOf(path);
}

export function usePicked(): readonly string[] {
  const venue = useEvent(state => state.assessment.ground.venue);
  return useUi(state => pickedIn(venue, state));
}
