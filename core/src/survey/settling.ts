/** What was guessed is known once somebody sets it. */
import type { Venue } from '../documents/index.js';
import { inOrder, type Operation } from '../foundations/index.js';

/**
 * A patch of a venue that also takes away the guesses it settles: those of a value that it sets, or of a thing that it
 * changes or takes out.
 */
export function settling(venue: Venue, patch: readonly Operation[]): Operation[] {
  const taken = new Set(patch.map(({ path }) => path));
  // A name or a lock says nothing of where it is.
  const telling = patch.filter(({ path }) => !/\/(label|locked)$/.test(path));
  const touches = (path: string): boolean =>
    telling.some(
      each => each.path === path || each.path.startsWith(`${path}/`) || path.startsWith(`${each.path}/`),
    );
  const settled = inOrder(venue.guesses).flatMap(([id, { path }]): Operation[] =>
    path !== undefined && touches(path) && !taken.has(`/guesses/${id}`)
      ? [{ op: 'remove', path: `/guesses/${id}` }]
      : [],
  );
  return [...patch, ...settled];
}
