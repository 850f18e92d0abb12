/** Kinds of the library: none without what plans need to know of it. */
import { describe, expect, it } from 'vitest';
import { libraryKinds } from '../src/library/index.js';

const KINDS = Object.entries(libraryKinds);
const without = (has: (kind: (typeof KINDS)[number][1]) => boolean): string[] =>
  KINDS.flatMap(([id, kind]) => (has(kind) ? [] : [id]));

describe('every kind of the library', () => {
  const lines = KINDS.flatMap(([id, { family }]) =>
    family === 'house line' || family === 'vehicle' ? [id] : [],
  );
  it('has a weight and a rough price, but for the lines of a house and what drives', () => {
    expect(without(({ weight }) => (weight ?? 0) > 0)).toEqual(lines);
    expect(without(({ price }) => (price ?? 0) > 0)).toEqual(lines);
  });

  it('has a size, a place in a rack, or is a cable', () => {
    expect(without(({ size, rack, cable }) => (size ?? rack ?? cable) !== undefined)).toEqual(lines);
  });

  it('says how many watts it takes, where it takes any and hands none on', () => {
    const hungry = without(({ ports, power, family }) => {
      const own = Object.values(ports ?? {}).filter(({ carries }) => carries === 'power');
      const takes = own.some(({ direction }) => direction === 'in');
      const gives = own.some(({ direction }) => direction === 'out');
      return !takes || gives || family === 'battery' || (power?.running ?? 0) > 0;
    });
    expect(hungry).toEqual([]);
  });

  it('has two ports, where it stands between two others', () => {
    const between = ['adapter', 'converter', 'splitter', 'patch bay', 'matrix', 'house line'];
    const short = without(
      ({ family, ports }) => !between.includes(family) || Object.keys(ports ?? {}).length >= 2,
    );
    expect(short).toEqual([]);
  });
});
