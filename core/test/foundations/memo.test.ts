import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { Memo, share } from '../../src/foundations/memo.js';

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

describe('memory', () => {
  it('recomputes only when a dependency changed, and forgets what is no longer asked for', () => {
    const memo = new Memo();
    const compute = vi.fn((n: number) => ({ n }));
    const pass = (records: Record<string, number>): Record<string, { n: number }> => {
      const result = memo.each('square', Object.entries(records), n => [n], compute);
      memo.endPass();
      return result;
    };
    const first = pass({ a: 1, b: 2 });
    const second = pass({ a: 1, b: 3 });
    expect(compute).toHaveBeenCalledTimes(3);
    expect(second.a).toBe(first.a);
    expect(pass({ a: 1, b: 3 })).toBe(second);
    pass({ b: 3 });
    pass({ a: 1, b: 3 });
    expect(compute).toHaveBeenCalledTimes(4);
  });
});
