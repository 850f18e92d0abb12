/** The assignment problem against trying every way. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assign } from '../../src/searches/placement/assignment.js';
import { between } from '../arbitraries.js';

const scoreOf = (score: readonly (readonly number[])[], taken: readonly number[]): number =>
  taken.reduce((sum, column, row) => sum + (column < 0 ? 0 : (score[row]?.[column] ?? NaN)), 0);

/** The most that rows from one on can take of the columns that are left, each row one or none. */
function most(score: readonly (readonly number[])[], row: number, left: ReadonlySet<number>): number {
  if (row === score.length) return 0;
  let best = most(score, row + 1, left);
  for (const column of left) {
    const rest = new Set([...left].filter(each => each !== column));
    best = Math.max(best, (score[row]?.[column] ?? 0) + most(score, row + 1, rest));
  }
  return best;
}

describe('assigning rows to columns', () => {
  it('is worth as much as the best of all ways, takes no column twice and nothing that costs', () => {
    const matrix = fc
      .integer({ min: 1, max: 5 })
      .chain(columns =>
        fc.array(fc.array(between(-2, 6), { minLength: columns, maxLength: columns }), { maxLength: 5 }),
      );
    fc.assert(
      fc.property(matrix, score => {
        const taken = assign(score);
        const columns = taken.filter(column => column >= 0);
        expect(new Set(columns).size).toBe(columns.length);
        expect(taken.every((column, row) => column < 0 || (score[row]?.[column] ?? 0) > 0)).toBe(true);
        const all = new Set((score[0] ?? []).map((_, i) => i));
        expect(scoreOf(score, taken)).toBeCloseTo(most(score, 0, all), 9);
      }),
    );
  });
});
