import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { idFrom, inOrder, isId, newId, orderBetween, ordersFor } from '../../src/foundations/order.js';

describe('ids', () => {
  it('are always valid, random or derived', () => {
    fc.assert(fc.property(fc.string(), text => isId(idFrom(text)) && idFrom(text) === idFrom(text)));
    for (let i = 0; i < 200; i++) expect(isId(newId())).toBe(true);
    expect(newId(() => 0.999999)).toBe('zzzzzzzzzzzz');
  });

  it.each(['', 'short1', '1abcdefgh', 'ABCDEFGH', 'abcdefghijklm', '__proto__', 'abc-efgh'])(
    'refuses %j',
    text => {
      expect(isId(text)).toBe(false);
    },
  );
});

describe('fractional order', () => {
  it('always finds a key strictly between two others', () => {
    const keys = fc.uniqueArray(fc.stringMatching(/^[0-9a-z]{0,5}[1-9a-z]$/), { minLength: 2, maxLength: 2 });
    fc.assert(
      fc.property(keys, pair => {
        const [low, high] = [...pair].sort() as [string, string];
        const between = orderBetween(low, high);
        expect(low < between && between < high).toBe(true);
        expect(orderBetween(undefined, low) < low).toBe(true);
        expect(orderBetween(high, undefined) > high).toBe(true);
      }),
    );
  });

  it('keeps room after many insertions at one place', () => {
    let [low, high] = ordersFor(2) as [string, string];
    for (let i = 0; i < 40; i++) {
      if (i % 2) low = orderBetween(low, high);
      else high = orderBetween(low, high);
    }
    expect(low < high).toBe(true);
    expect(() => orderBetween('b', 'a')).toThrow(RangeError);
  });

  it('reads maps by order, then id, whatever order the keys come in', () => {
    const map = {
      bbbbbbbb: { order: '1' },
      cccccccc: {},
      aaaaaaaa: { order: '1' },
      dddddddd: { order: '0z' },
    };
    expect(inOrder(map).map(([id]) => id)).toEqual(['dddddddd', 'aaaaaaaa', 'bbbbbbbb', 'cccccccc']);
    expect(inOrder(undefined)).toEqual([]);
  });
});
