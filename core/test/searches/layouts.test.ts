/** Layouts of cameras beside one another: what one gives up, which device goes where, and the edit that puts them. */
import { describe, expect, it } from 'vitest';
import { applyFix } from '../../src/fixes.js';
import type { Device } from '../../src/documents/index.js';
import type { Best } from '../../src/searches/placement/branch-and-bound.js';
import {
  besideTop,
  layoutOf,
  layoutPatch,
  roundAt,
  type Layout,
  type Position,
  type ServedShot,
} from '../../src/searches/placement/layouts.js';
import { letterOf } from '../../src/searches/placement/positions.js';
import { prepare, usualPlacement, type Prepared } from '../../src/searches/placement/prepare.js';
import { Score, type Cast } from '../../src/searches/placement/score.js';
import { friday } from '../stations/edited.js';

const served = (shot: string, quality: number, of: Partial<ServedShot> = {}): ServedShot => ({
  shot,
  label: `shot ${shot}`,
  mark: [0, 0],
  second: false,
  quality,
  worst: 'side',
  distance: 5,
  side: 0,
  gain: undefined,
  ...of,
});

const position = (device: string, serves: readonly ServedShot[], of: Partial<Position> = {}): Position => ({
  device,
  label: device,
  stays: false,
  at: [15, 12.3456],
  level: undefined,
  floor: 0,
  height: 1.5,
  facing: undefined,
  focal: undefined,
  cable: 10,
  disturbance: 0,
  serves,
  ...of,
});

const layout = (...positions: Position[]): Layout => ({
  value: 5,
  gap: 0,
  positions,
  unserved: [],
  once: [],
  left: [],
  drawn: 0,
  without: 'C1',
  givesUp: [],
});

describe('what another layout gives up', () => {
  const top = layout(position('a', [served('one', 0.9), served('two', 0.6)]));
  const against = (...serves: ServedShot[]) => besideTop(layout(position('b', serves)), top).givesUp;

  it('is what the best serves better by more than a twentieth', () => {
    expect(against(served('one', 0.86), served('two', 0.6))).toEqual([]);
    expect(against(served('one', 0.84), served('two', 0.6))).toEqual([
      { label: 'shot one', from: 0.9, to: 0.84, worst: 'side' },
    ]);
  });

  it('is told without a reason where nobody serves it', () => {
    expect(against(served('one', 0.9))).toEqual([{ label: 'shot two', from: 0.6, to: 0, worst: undefined }]);
  });

  it('reckons with the best camera of each shot', () => {
    expect(against(served('one', 0.2), served('one', 0.88, { second: true }), served('two', 0.9))).toEqual(
      [],
    );
  });

  it('is nothing for the best itself, which is without nothing', () => {
    expect(besideTop(top, top)).toMatchObject({ without: undefined, givesUp: [] });
    expect(besideTop(layout(), top).without).toBe('C1');
  });
});

describe('the edit of a layout', () => {
  const apply = (...positions: Position[]) =>
    applyFix(friday, { changes: [layoutPatch(layout(...positions), friday)] }).plan;
  const placeOf = (id: string, plan: typeof friday.plan): Device['place'] => plan.devices?.[id]?.place;

  it('puts each camera where it says, as high as it says', () => {
    const plan = apply(position('camnorth1', [], { height: 2.4, facing: 33 }));
    expect(placeOf('camnorth1', plan)).toMatchObject({ at: [15, 12.3456], height: 2.4, facing: 33 });
  });

  it('takes away the level, the direction and the focal length that it has no more', () => {
    expect(placeOf('camwide01', friday.plan)?.level).toBe('gallery01');
    const down = apply(position('camwide01', []));
    expect(placeOf('camwide01', down)).not.toHaveProperty('level');
    const turned = applyFix(friday, {
      changes: [layoutPatch(layout(position('camnorth1', [], { facing: 10, focal: 40 })), friday)],
    });
    expect(turned.plan.devices?.camnorth1).toMatchObject({ focal: 40, place: { facing: 10 } });
    const freed = applyFix(turned, { changes: [layoutPatch(layout(position('camnorth1', [])), turned)] });
    expect(freed.plan.devices?.camnorth1).not.toHaveProperty('focal');
    expect(placeOf('camnorth1', freed.plan)).not.toHaveProperty('facing');
  });

  it('gives each shot to the camera that serves it first', () => {
    const plan = apply(
      position('camnorth1', [served('shotlecter', 0.9), served('shottables', 0.4, { second: true })]),
      position('camside01', [served('shottables', 0.8)]),
    );
    expect(plan.shots?.shotlecter?.camera).toBe('camnorth1');
    expect(plan.shots?.shottables?.camera).toBe('camside01');
  });

  it('leaves a camera that stays where it is, and gives it its shots', () => {
    const plan = apply(position('camnorth1', [served('shotlecter', 0.9)], { stays: true }));
    expect(placeOf('camnorth1', plan)).toEqual(placeOf('camnorth1', friday.plan));
    expect(plan.shots?.shotlecter?.camera).toBe('camnorth1');
  });

  it('says nothing of a camera that is gone', () => {
    expect(apply(position('nocamera1', [served('shotlecter', 1)]))).toEqual(friday.plan);
  });
});

describe('a round about a place', () => {
  it('is on its level, where it has one', () => {
    expect(roundAt([1, 2], undefined, 3)).toEqual({ at: [1, 2], radius: 3 });
    expect(roundAt([1, 2], 'gallery01', 3)).toEqual({ at: [1, 2], radius: 3, level: 'gallery01' });
  });
});

describe('letters', () => {
  it('begin with A', () => {
    expect([0, 1, 25].map(letterOf)).toEqual(['A', 'B', 'Z']);
  });
});

/** The demo’s cameras looked at from every second metre. */
function ready(of: Partial<Parameters<typeof prepare>[1]> = {}): Prepared {
  const cameras = ['camwide01', 'camnorth1', 'camside01'];
  const steps = prepare(friday, { ...usualPlacement(cameras), grid: 2, ...of });
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

const bestWith = (casts: readonly Cast[], prepared: Prepared): Best => {
  const value = new Score(prepared.scene).of(casts);
  return { casts, value, bound: value, nodes: 0 };
};

describe('a layout of chosen poses', () => {
  const prepared = ready();
  const score = new Score(prepared.scene);
  const pool = prepared.pools.find(({ means }) => means.devices.includes('camnorth1'));
  const best = pool?.poses.reduce((a, b) => (Math.max(...b.quality) > Math.max(...a.quality) ? b : a));
  if (!pool || !best) throw new Error('no pose');
  const one = layoutOf(bestWith([{ pose: best, means: pool.means }], prepared), prepared, score);

  it('names the camera, and those that were not put up', () => {
    expect(one.positions[0]).toMatchObject({ device: 'camnorth1', label: 'C2 NORTH', stays: false });
    expect(one.left.map(({ label }) => label).sort()).toEqual(['C1 WIDE', 'C3 SIDE']);
    expect(one.positions[0]).toMatchObject({ at: best.at, height: best.height, cable: best.cable });
  });

  it('says which shots nobody serves, and which vital ones only one does', () => {
    const { shots } = prepared.scene.wanted;
    const labels = new Set(one.positions[0]?.serves.map(({ label }) => label));
    expect(one.unserved).toEqual(shots.filter(({ label }) => !labels.has(label)).map(({ label }) => label));
    const vital = shots.filter(({ twice, label }) => twice && labels.has(label)).map(({ label }) => label);
    expect(one.once).toEqual(vital);
  });

  it('is proven where its value is its bound, and else as far off as that says', () => {
    expect(one.gap).toBe(0);
    const casts = [{ pose: best, means: pool.means }];
    const open = { ...bestWith(casts, prepared) };
    const loose = layoutOf({ ...open, bound: open.value * 1.25 }, prepared, score);
    expect(loose.gap).toBeCloseTo(0.2, 12);
  });

  it('puts the camera of a sort that stands nearest to each place', () => {
    const devices = ['camnorth1', 'camside01'];
    const places = prepared.scene.ground.places;
    const near = { ...best, at: places.camside01?.at ?? best.at, level: undefined };
    const cast = { pose: near, means: { ...pool.means, devices } };
    const own = layoutOf(bestWith([cast], prepared), prepared, score);
    expect(own.positions[0]?.device).toBe('camside01');
  });
});
