import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { resultOf } from '../../src/foundations/parts.js';
import { Memo } from '../../src/foundations/memo.js';
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

describe('a traced function', () => {
  const total = vi.fn((input: { a: number; b: number; useB: boolean }) => ({
    total: input.useB ? input.a + input.b : input.a,
  }));

  it('looks again only when something that it read has changed', () => {
    const memo = new Memo();
    const pass = (input: { a: number; b: number; useB: boolean }): { total: number } => {
      const result = memo.traced('total', input, total);
      memo.endPass();
      return result;
    };
    const first = pass({ a: 1, b: 2, useB: false });
    expect(pass({ a: 1, b: 5, useB: false })).toBe(first);
    expect(total).toHaveBeenCalledTimes(1);
    expect(pass({ a: 1, b: 5, useB: true })).toEqual({ total: 6 });
    expect(pass({ a: 1, b: 7, useB: true })).toEqual({ total: 8 });
    expect(total).toHaveBeenCalledTimes(3);
    // What it gives stays the same object while it is equal.
    const before = pass({ a: 3, b: 5, useB: true });
    expect(pass({ a: 5, b: 3, useB: true })).toBe(before);
  });

  it('always gives what the function gives', () => {
    const part = fc.record({ a: fc.nat(3), b: fc.nat(3), useB: fc.boolean() });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 30 }), inputs => {
        const memo = new Memo();
        for (const input of inputs) {
          expect(memo.traced('total', input, total)).toEqual(total(input));
          memo.endPass();
        }
      }),
    );
  });
});

describe('a lazy object', () => {
  it('makes each part once, when it is first read, and lists them all', () => {
    const makers = { a: vi.fn(() => 1), b: vi.fn(() => ({ c: 2 })) };
    const parts = resultOf<{ a: number; b: { c: number } }>(makers);
    expect(makers.a).not.toHaveBeenCalled();
    expect(parts.b).toBe(parts.b);
    expect(makers.b).toHaveBeenCalledTimes(1);
    expect(makers.a).not.toHaveBeenCalled();
    expect(JSON.stringify(parts)).toBe('{"a":1,"b":{"c":2}}');
    expect({ ...parts }).toEqual({ a: 1, b: { c: 2 } });
    expect(makers.a).toHaveBeenCalledTimes(1);
  });

  it('tries again after a maker has failed', () => {
    let ready = false;
    const parts = resultOf<{ a: number }>({
      a: () => {
        if (!ready) throw new Error('not yet');
        return 1;
      },
    });
    expect(() => parts.a).toThrow('not yet');
    ready = true;
    expect(parts.a).toBe(1);
  });
});
