/** The units of the plan picture: so many to a metre, at the size it has on a screen at zoom 1. */
import type { Point, Reading } from '../foundations/index.js';

export const PLAN_SCALE = 25;

/** Metres as units of the picture, to a hundredth. */
export const px = (metres: number): number => Math.round(metres * PLAN_SCALE * 100) / 100;

/** Points of a polygon or polyline; unlike a path's `d` they are no style, so moving them costs no style pass. */
export const pointsOf = (points: readonly Point[]): string =>
  points.map(([x, y]) => `${px(x)},${px(y)}`).join(' ');

/** The bar that shows the scale: a round length in the units people read. */
export const scaleBar = ({ system }: Reading): { readonly metres: number; readonly words: string } =>
  system === 'metric' ? { metres: 5, words: '5 m' } : { metres: 15 * 0.3048, words: '15′' };
