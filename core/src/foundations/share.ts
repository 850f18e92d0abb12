/** Structural sharing of results. */
import { sameJson } from './patch.js';

const isPlain = (node: object): boolean => Object.getPrototypeOf(node) === Object.prototype;

/**
 * Structural sharing: `next` with every part that equals its counterpart in `previous` replaced by it.
 * Lists are shared whole or not at all, since they are replaced whole.
 */
export function share(previous: unknown, next: unknown): unknown {
  if (Object.is(previous, next)) return previous;
  if (typeof previous !== 'object' || typeof next !== 'object' || !previous || !next) return next;
  if (Array.isArray(previous) || Array.isArray(next)) return sameJson(previous, next) ? previous : next;
  if (!isPlain(previous) || !isPlain(next)) return next;
  const before = previous as Record<string, unknown>;
  const after = next as Record<string, unknown>;
  let equal = true;
  let more = 0;
  let copy: Record<string, unknown> | undefined;
  for (const key in after) {
    more++;
    const was = before[key];
    const is = after[key];
    // Most of a result is what it was; an absent key is not one that is undefined.
    if (was === is && (is !== undefined || Object.hasOwn(before, key))) continue;
    const shared = share(was, is);
    if (shared !== is) {
      copy ??= { ...after };
      copy[key] = shared;
    }
    if (shared !== was || shared === undefined) equal = false;
  }
  for (const _ in before) more--;
  equal &&= more === 0;
  return equal ? previous : (copy ?? next);
}
