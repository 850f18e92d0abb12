/** Names beside signs: at the limits where they change sides, in any room. */
import { describe, expect, it } from 'vitest';
import { px, socketName, thingName } from '../../src/plan-picture/index.js';
import type { Point } from '../../src/foundations/index.js';

/** A room of 12 × 8 m whose corner is not the origin. */
const ROOM: readonly Point[] = [
  [2, 3],
  [14, 3],
  [14, 11],
  [2, 11],
];

describe('the name of a thing', () => {
  it.each([
    ['in the middle', [8, 7], 'middle', -11],
    ['just farther than 2.5 m from the east wall', [11.5, 7], 'middle', -11],
    ['nearer than that', [11.51, 7], 'end', 4],
    ['just farther than 1.5 m from the north wall', [8, 4.5], 'middle', -11],
    ['nearer than that', [8, 4.49], 'middle', 20],
  ] as const)('%s', (_, at, textAnchor, down) => {
    const spot = thingName(at, ROOM, false);
    expect([spot.textAnchor, spot.y - px(at[1])]).toEqual([textAnchor, expect.closeTo(down, 6)]);
  });

  it('keeps off the wall of a nave, where a chancel goes on behind it', () => {
    const nave: readonly Point[] = [
      [0, 0],
      [20, 0],
      [20, 5],
      [26, 5],
      [26, 10],
      [20, 10],
      [20, 15],
      [0, 15],
    ];
    expect(thingName([19, 12], nave, false).textAnchor).toBe('end');
    expect(thingName([19, 7], nave, false).textAnchor).toBe('middle');
    expect(socketName([20, 12], nave).textAnchor).toBe('end');
  });

  it('that stays with the house stands to the right', () => {
    expect(thingName([13.9, 7], ROOM, true).textAnchor).toBe('start');
  });
});

describe('the name of a socket', () => {
  it.each([
    ['in the west wall', [2, 7], 'start', 4],
    ['just farther than 1 m from it', [3.01, 7], 'end', 4],
    ['in the south wall', [8, 11], 'middle', 20],
    ['just farther than 1 m from it', [8, 9.99], 'end', 4],
    ['in the north wall', [8, 3], 'middle', 22],
    ['just farther than 1 m from it', [8, 4.01], 'end', 4],
    ['in the east wall', [14, 7], 'end', 4],
  ] as const)('%s', (_, at, textAnchor, down) => {
    const spot = socketName(at, ROOM);
    expect([spot.textAnchor, spot.y - px(at[1])]).toEqual([textAnchor, expect.closeTo(down, 6)]);
  });
});
