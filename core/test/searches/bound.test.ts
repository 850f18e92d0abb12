/** The bound of some cells: no set of poses out of them is worth more. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { bounding } from '../../src/searches/placement/bound.js';
import { Cell } from '../../src/searches/placement/cells.js';
import { prepare } from '../../src/searches/placement/index.js';
import { Score } from '../../src/searches/placement/score.js';
import { friday } from '../stations/edited.js';

function prepared() {
  const steps = prepare(friday, {
    cameras: ['camwide01', 'camnorth1', 'camside01'],
    count: 3,
    grid: 1,
    heights: [1.5],
    anywhere: true,
    refused: [],
    insisted: [],
  });
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

it('is above the worth of any poses of its cells, wherever the cells were parted', () => {
  const { pools, scene } = prepared();
  const free = pools.filter(({ task, poses }) => task === undefined && poses.length > 0);
  expect(free.length).toBeGreaterThan(1);
  const bound = bounding(scene.wanted);
  const score = new Score(scene);
  let near = 0;
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(99), fc.array(fc.boolean(), { maxLength: 12 }), fc.nat(9999)), {
        minLength: 2,
        maxLength: 4,
      }),
      draws => {
        const chosen = draws.map(([which, turns, pick]) => {
          const pool = free[which % free.length] as (typeof free)[number];
          let cell = Cell.of(pool.poses, scene.wanted.shots);
          for (const turn of turns) if (cell.size > 1) cell = cell.split()[turn ? 1 : 0];
          const pose = cell.pose(pick % cell.size);
          return { cell, means: pool.means, pose };
        });
        const cells = chosen.map(({ cell }) => cell);
        const most = bound({ cells, locked: chosen.map(({ means }) => means.worked === 'locked') });
        const value = score.of(chosen);
        expect(most).toBeGreaterThanOrEqual(value - 1e-9);
        if (most - value < 1) near++;
      },
    ),
    { numRuns: 400 },
  );
  expect(near).toBeGreaterThan(10);
});
