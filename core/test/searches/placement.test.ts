/** Where to put the cameras: against trying every place, and against a plain mixed-integer programme. */
import highsOf from 'highs';
import { describe, expect, it } from 'vitest';
import { applyFix } from '../../src/fixes.js';
import { assess } from '../../src/assess.js';
import type { Bundle, Shot } from '../../src/documents/index.js';
import { bestSet, type Best, type Pool } from '../../src/searches/placement/branch-and-bound.js';
import {
  findLayouts,
  layoutPatch,
  prepare,
  whyNotHere,
  type Layouts,
  type PlacementOptions,
  type Prepared,
} from '../../src/searches/placement/index.js';
import type { Pose } from '../../src/searches/placement/poses.js';
import { Score, type Cast } from '../../src/searches/placement/score.js';
import { distance, numberOf } from '../../src/foundations/index.js';
import { edited, friday, set } from '../stations/edited.js';

const CAMERAS = ['camwide01', 'camnorth1', 'camside01'];
const WISH: PlacementOptions = {
  cameras: CAMERAS,
  count: 3,
  grid: 0.5,
  heights: [1, 1.5, 2.4],
  anywhere: false,
  refused: [],
  insisted: [],
};

function ended<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
const prepared = (wish: Partial<PlacementOptions> = {}, bundle: Bundle = friday): Prepared =>
  ended(prepare(bundle, { ...WISH, ...wish }));
const found = (wish: Partial<PlacementOptions> = {}, bundle?: Bundle): Layouts =>
  ended(findLayouts(prepared(wish, bundle)));
const bestOf = ({ pools, scene }: Prepared, count: number, some: readonly Pool[] = pools): Best =>
  ended(bestSet(some, count, scene.wanted, new Score(scene)));

const SIZES = ['head and shoulders', 'chest up', 'waist up', 'knees up', 'full figure'] as const;
/** Four shots of Friday’s marks, drawn by a number, two of them in one item of the running order. */
function drawn(seed: number): Bundle {
  const marks = Object.keys(friday.venue.marks ?? {});
  const shots: Record<string, Shot> = {};
  for (let i = 0; i < 4; i++) {
    shots[`drawnsho${i}`] = {
      order: `00${i + 1}h`,
      mark: marks[(seed + i * 3) % marks.length] ?? '',
      size: SIZES[(seed * 7 + i * 2) % SIZES.length] ?? 'waist up',
      importance: (['vital', 'wanted', 'nice'] as const)[(seed + i) % 3] ?? 'wanted',
      ...(i < 2 && { items: ['itemwelco1'] }),
    };
  }
  return edited(set('/shots', shots));
}

describe('the best set of positions', () => {
  it.each([0, 1, 2, 3])('for one camera is what trying every place finds, draw %i', seed => {
    const ready = prepared({ cameras: [CAMERAS[seed % 3] ?? ''] }, drawn(seed));
    const pools = ready.pools.filter(({ task }) => task === undefined);
    const score = new Score(ready.scene);
    const every = pools.flatMap(({ means, poses }) => poses.map(pose => score.of([{ pose, means }])));
    const best = bestOf(ready, 1, pools);
    expect(every.length).toBeGreaterThan(10);
    expect(best.value).toBe(Math.max(0, ...every));
    expect(best.bound).toBe(best.value);
  });

  it.each([0, 1, 2, 3, 4, 5])('for two cameras is what a plain programme proves, draw %i', async seed => {
    const ready = prepared(
      { cameras: [CAMERAS[seed % 3] ?? '', CAMERAS[(seed + 1) % 3] ?? ''] },
      drawn(seed),
    );
    const pools = ready.pools
      .filter(({ task }) => task === undefined)
      .map(pool => ({ ...pool, poses: thinned(pool.poses, 14, seed) }));
    const best = bestOf(ready, 2, pools);
    expect(best.value).toBeCloseTo(await byProgramme(pools, 2, ready), 6);
    expect(best.value).toBeGreaterThan(1);
  });

  it('is never worth more than the bound told on the way', () => {
    const { pools, scene, fixed } = prepared({ grid: 1 });
    const steps = bestSet(pools, WISH.count + fixed, scene.wanted, new Score(scene));
    const bounds: number[] = [];
    for (;;) {
      const { done, value } = steps.next();
      bounds.push(value.bound);
      if (!done) continue;
      expect(Math.min(...bounds)).toBeGreaterThanOrEqual(value.value - 1e-9);
      break;
    }
  });
});

describe('what is offered', () => {
  const ready = prepared();
  const { layouts } = ended(findLayouts(ready));
  const [best, ...others] = layouts;

  it('is proven best, and at least three others stand elsewhere and are worth no more', () => {
    expect(best?.gap).toBe(0);
    expect(others.length).toBeGreaterThanOrEqual(3);
    for (const other of others) {
      expect(other.value).toBeLessThanOrEqual((best?.value ?? 0) + 1e-9);
      const moved = other.positions.some(({ at }) =>
        (best?.positions ?? []).every(each => distance(each.at, at) >= 2),
      );
      expect(moved || other.positions.length !== best?.positions.length).toBe(true);
    }
  });

  it('is taken over in one edit, and then its cameras reach and see what they serve', () => {
    if (!best) throw new Error('nothing found');
    const after = applyFix(friday, { changes: [layoutPatch(best, friday)] });
    const { shots, snags } = assess(after);
    for (const { device, serves } of best.positions) {
      for (const { shot, second, distance: away } of serves) {
        if (second) continue;
        expect(shots.shots[shot]?.camera).toBe(device);
        expect(shots.shots[shot]?.reached.value).toBe(true);
        expect(shots.shots[shot]?.sight.value).not.toBe('blocked');
        expect(numberOf(shots.shots[shot]?.distance)).toBeCloseTo(away, 9);
      }
    }
    const stops = snags.filter(({ station, severity }) => station === 'shots' && severity === 'stop');
    expect(stops).toEqual([]);
  });

  it('keeps away from what was refused, and has a camera where one is insisted on', () => {
    const at = best?.positions[0];
    if (!at) throw new Error('nothing found');
    const round = { at: at.at, radius: 2, ...(at.level !== undefined && { level: at.level }) };
    const [without] = found({ refused: [round] }).layouts;
    expect(without?.positions.every(each => each.level !== at.level || distance(each.at, at.at) > 2)).toBe(
      true,
    );
    const corner = { at: [16.5, 13.5] as const, radius: 1 };
    const [insisted] = found({ insisted: [corner] }).layouts;
    expect(insisted?.positions.some(each => distance(each.at, corner.at) <= 1)).toBe(true);
    expect(insisted?.value).toBeLessThanOrEqual(best?.value ?? 0);
  });

  it('says why a place was not chosen: nothing can stand there, or what would be given up', () => {
    if (!best) throw new Error('nothing found');
    const why = (at: readonly [number, number]) => ended(whyNotHere(ready, best, at, undefined));
    expect(why([9, 5]).reason).toContain('pews north');
    expect(why([-3, 5]).reason).toBe('it is outside the walls');
    expect(why([2, 5]).reason).toBe('the survey marks no area for cameras there');
    const aside = why([16.5, 13.5]).layout;
    expect(aside?.value).toBeLessThan(best.value);
    expect(aside?.positions.some(({ at }) => distance(at, [16.5, 13.5]) < 0.4)).toBe(true);
  });

  it('leaves cameras that may not move where they are', () => {
    const { layouts: kept } = found({ cameras: ['camside01'], count: 1 });
    const staying = kept[0]?.positions.filter(({ stays }) => stays) ?? [];
    // The north camera has a pillar before everything that is wanted, so it serves nothing from there.
    expect(staying.map(({ device }) => device)).toEqual(['camwide01']);
    expect(staying.every(({ device, at }) => friday.plan.devices?.[device]?.place?.at === at)).toBe(true);
  });
});

/** Some of the poses, spread evenly, beginning at a number. */
const thinned = (poses: readonly Pose[], count: number, from: number): Pose[] =>
  poses.filter((_, i) => (i + from) % Math.max(1, Math.floor(poses.length / count)) === 0).slice(0, count);

/**
 * The same choice as a mixed-integer programme: y = a pose is taken, x = it serves a demand first or second,
 * l = what another pose that is taken takes off that, p = what two poses cost each other.
 */
async function byProgramme(pools: readonly Pool[], count: number, { scene }: Prepared): Promise<number> {
  const { shots, moments } = scene.wanted;
  const score = new Score(scene);
  const all = pools.flatMap(({ means, poses }, pool) =>
    poses.map((pose): Cast & { pool: number } => ({ pose, means, pool })),
  );
  const [gains, rows, binary]: [string[], string[], string[]] = [[], [], all.map((_, i) => `y${i}`)];
  all.forEach(({ pose }, i) => gains.push(`- ${pose.cost} y${i}`));
  moments.forEach((moment, m) => {
    moment.forEach(({ shot, points }, d) => {
      for (const [part, share] of [1, shots[shot]?.second ?? 0].entries()) {
        const takers = all.flatMap((cast, i) => {
          const q = cast.pose.quality[shot] ?? 0;
          if (q === 0) return [];
          const x = `x${m}_${d}_${part}_${i}`;
          gains.push(`+ ${points * share * q} ${x}`);
          rows.push(`${x} - y${i} <= 0`);
          binary.push(x);
          all.forEach((other, j) => {
            const lost = q - (score.qualityBeside(cast, [other])[shot] ?? q);
            if (j === i || lost <= 0) return;
            gains.push(`- ${points * share * lost} l${m}_${d}_${part}_${i}_${j}`);
            rows.push(`l${m}_${d}_${part}_${i}_${j} - ${x} - y${j} >= -1`);
          });
          return [x];
        });
        if (takers.length > 0) rows.push(`${takers.join(' + ')} <= 1`);
      }
    });
    all.forEach(({ means, pose }, i) => {
      const parts = (d: number): string[] => [0, 1].map(part => `x${m}_${d}_${part}_${i}`);
      const own = moment.map(({ shot }, d) => ((pose.quality[shot] ?? 0) > 0 ? parts(d) : []));
      const lists = means.worked === 'locked' ? own : [own.flat()];
      for (const list of lists) if (list.length > 0) rows.push(`${list.join(' + ')} <= 1`);
    });
  });
  all.forEach((a, i) => {
    all.slice(i + 1).forEach((b, k) => {
      const j = i + 1 + k;
      const together = score.betweenTwo(a, b);
      if (together === Infinity) rows.push(`y${i} + y${j} <= 1`);
      else if (together > 1e-12) {
        gains.push(`- ${together} p${i}_${j}`);
        rows.push(`p${i}_${j} - y${i} - y${j} >= -1`);
      }
    });
  });
  rows.push(`${all.map((_, i) => `y${i}`).join(' + ')} <= ${count}`);
  pools.forEach(({ means }, pool) => {
    const own = all.flatMap((cast, i) => (cast.pool === pool ? [`y${i}`] : []));
    if (own.length > 0) rows.push(`${own.join(' + ')} <= ${means.devices.length}`);
  });
  const programme = [
    'Maximize',
    ` obj: ${gains.join(' ')}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    'Binary',
    ` ${binary.join(' ')}`,
    'End',
  ].join('\n');
  // Its types are declared as if it were CommonJS.
  const solver = await (highsOf as unknown as typeof highsOf.default)();
  const solution = solver.solve(programme, { mip_rel_gap: 0 });
  expect(solution.Status).toBe('Optimal');
  return solution.ObjectiveValue;
}
