/** Cameras that are carried about or swing on a crane. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { distance, type Operation } from '../../src/foundations/index.js';
import { reachOf } from '../../src/stations/shots/moving.js';
import { assessed, edited, number, set } from './edited.js';

const moving = (worked: string, sweep: number, ...more: Operation[]) =>
  assessed(set('/devices/camside01/worked', worked), set('/devices/camside01/sweep', sweep), ...more);

describe('a camera that is carried about', () => {
  const { shots, hands, runs } = moving('roaming', 2);
  const { camside01: camera } = shots.cameras;

  it('comes as far as 2 m from its place and not through walls', () => {
    const { area = [] } = camera?.moving ?? {};
    const away = area.map(at => distance(at, [16.4, 13.9]));
    expect(Math.max(...away)).toBeCloseTo(2, 2);
    // The south wall is 1.5 m off.
    expect(Math.max(...area.map(([, y]) => y))).toBeCloseTo(15.4, 6);
  });

  it('weighs what its kind weighs, for the items its shots are wanted in', () => {
    expect(number(camera?.moving?.carried)).toBe(0.6);
    expect(number(camera?.moving?.carriedFor)).toBe(5 + 30 + 12 + 18 + 30);
    const named = moving('roaming', 2, set('/shots/shotsolois/items', ['itemsolo01']));
    expect(number(named.shots.cameras.camside01?.moving?.carriedFor)).toBe(12);
  });

  it('is reached from everywhere it goes only where the lens has the range', () => {
    // 4.47 m to the soloist, 2 m nearer and farther: 7.6 to 19.9 mm on a sensor 5.76 mm wide, and the lens has 4 to 80.
    expect(shots.shots.shotsolois?.fromEverywhere?.value).toBe(true);
    const short = moving('roaming', 2, set('/devices/camside01/kind', 'camfullfr'));
    expect(short.shots.shots.shotsolois?.fromEverywhere?.value).toBe(false);
  });

  it('has an operator and a helper, and a lead as much longer', () => {
    expect(Object.values(hands.roles).map(({ key }) => key)).toEqual(
      expect.arrayContaining(['camera camside01', 'helper camside01']),
    );
    const still = assess(edited()).runs.runs.linkside1;
    expect(number(runs.runs.linkside1?.tails)).toBeCloseTo(number(still?.tails) + 2, 9);
  });

  it('is looked for in the pictures of others wherever it goes', () => {
    const far = moving('roaming', 9).shots.gear.shottables;
    expect(far?.by.map(({ id }) => id)).toContain('camside01');
    expect(shots.gear.shottables?.by.map(({ id }) => id)).not.toContain('camside01');
  });
});

it('a camera that is carried past its mark comes as near as nothing', () => {
  const at: [number, number][] = [
    [0, 0],
    [4, 0],
    [4, 4],
    [0, 4],
  ];
  expect(reachOf(at, [1, 1], [2, 2])).toEqual({ near: 0, far: Math.hypot(2, 2) });
  expect(reachOf(at, [1, 1], [7, 2])).toEqual({ near: 3, far: Math.hypot(7, 2) });
});

it('a crane is a circle, whatever stands in it', () => {
  const { camside01: camera } = moving('crane', 3).shots.cameras;
  for (const at of camera?.moving?.area ?? []) expect(distance(at, [16.4, 13.9])).toBeCloseTo(3, 9);
  expect(camera?.moving?.takesIn.value).toContain('ringers’ bench');
  expect(camera?.moving?.takesIn.value).toContain('pillar S4');
});

it('a camera that stays has none of this', () => {
  const { cameras, shots } = assess(edited()).shots;
  expect(cameras.camside01?.moving).toBeUndefined();
  expect(shots.shotsolois?.fromEverywhere).toBeUndefined();
});
