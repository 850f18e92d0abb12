import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { share } from '../../src/foundations/share.js';

describe('sharing', () => {
  it('gives the next value, with equal parts taken from the previous one', () => {
    const value = fc.object({ maxDepth: 3 });
    fc.assert(
      fc.property(value, value, (previous, next) => {
        const shared = share(previous, next);
        expect(shared).toEqual(next);
        expect(share(structuredClone(next), next)).toEqual(next);
      }),
    );
    const before = { a: { x: 1 }, b: { y: 2 } };
    const after = share(before, { a: { x: 1 }, b: { y: 3 } }) as typeof before;
    expect(after.a).toBe(before.a);
    expect(after.b).not.toBe(before.b);
    expect(share(before, structuredClone(before))).toBe(before);
  });
});
