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
  const keys = Object.keys(after);
  let equal = keys.length === Object.keys(before).length;
  let copy: Record<string, unknown> | undefined;
  for (const key of keys) {
    const shared = share(before[key], after[key]);
    if (shared !== after[key]) {
      copy ??= { ...after };
      copy[key] = shared;
    }
    if (shared !== before[key] || (shared === undefined && !Object.hasOwn(before, key))) equal = false;
  }
  return equal ? previous : (copy ?? next);
}
