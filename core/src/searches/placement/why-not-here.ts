/** Why the best layout has no camera at a place. */
import { floorAt, type Point } from '../../foundations/index.js';
import { footprintOf } from '../../stations/floor-taken.js';
import type { Pool } from './branch-and-bound.js';
import { besideTop, layoutOf, roundAt, search, type Layout } from './layouts.js';
import { whyNotThere, within } from './places.js';
import { postAt, sightingsFrom, viewsFrom } from './poses.js';
import type { Prepared } from './prepare.js';
import type { Progress } from '../search.js';
import { Score } from './score.js';
import { Tried } from './tried.js';

/** Fewer points than this are no difference. */
const EVEN = 1e-6;
const NOWHERE = { layout: undefined, loses: 0 } as const;

export interface WhyNot {
  /** In words, where no camera can stand there. */
  readonly reason: string | undefined;
  /** The best layout with a camera there, where one can. */
  readonly layout: Layout | undefined;
  /** Share of the points of the best layout that this one is short of, 0 where it is as good. */
  readonly loses: number;
}

/** What the best layout with a camera near a place would give up against the best of all. */
export function* whyNotHere(
  prepared: Prepared,
  top: Layout,
  at: Point,
  level: string | undefined,
): Generator<Progress, WhyNot> {
  const { pools, where, options } = prepared;
  const sides = new Set(
    pools.filter(({ task }) => task === undefined).map(({ means }) => footprintOf(means.worked)),
  );
  const reasons = [...sides].map(side => whyNotThere(where, at, level, side));
  if (reasons.every(reason => reason !== undefined)) return { reason: reasons[0], ...NOWHERE };
  const near = roundAt(at, level, options.grid * Math.SQRT1_2);
  const there = pools
    .filter(({ task }) => task === undefined)
    .map((pool): Pool => ({
      ...pool,
      poses: pool.poses.filter(pose => within(near, pose)),
      task: 'here',
    }));
  if (there.every(({ poses }) => poses.length === 0)) {
    return { reason: whyNothing(prepared, at, level), ...NOWHERE };
  }
  const score = new Score(prepared.scene);
  const best = yield* search(prepared, score, [...pools, ...there], 0);
  const layout = besideTop(layoutOf(best, prepared, score), top);
  const loses = layout.value >= top.value - EVEN ? 0 : (top.value - layout.value) / top.value;
  return { reason: undefined, layout, loses };
}

/** Why no shot can be had from a place where a camera could stand. */
function whyNothing({ pools, scene, options }: Prepared, at: Point, level: string | undefined): string {
  const floor = floorAt(scene.ground.venue.areas ?? {}, at, level);
  const views = viewsFrom({ at, level, floor }, scene);
  const tried = new Tried();
  tried.places = 1;
  for (const { task, means } of pools) {
    if (task !== undefined) continue;
    for (const height of options.heights) tried.add(sightingsFrom(postAt(views, height), means.lens, scene));
  }
  return tried.words(scene);
}
