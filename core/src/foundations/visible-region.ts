/**
 * The visibility polygon of a point among segments and circles, cut to an angle of view, by an angular sweep (Asano
 * 1985). Segments may cross. Before the sweep those are left out that lie wholly behind others, told by the inverse depth that each
 * slice of the view is covered to: what is left at any one angle is so little that a list of it serves as the status.
 */
import type { Point } from './geometry.js';
import { turnOf } from './turn.js';
import { chordsFrom, type Blocking } from './visibility.js';
import { Outline } from './visible-outline.js';
import { gather, leaveOutHidden } from './visible-pieces.js';
import { sweep } from './visible-sweep.js';

const RADIANS = Math.PI / 180;
/** From how many segments on sorting out the hidden ones pays. */
const MANY = 40;

/**
 * The region visible from `origin` within `spread` degrees around `facing`, out to `range` metres, in turning order;
 * it starts at the origin unless one looks all round.
 */
export function visibleRegion(
  origin: Point,
  facing: number,
  spread: number,
  range: number,
  { segments, circles }: Blocking,
): Point[] {
  const start = facing - spread / 2;
  const round = spread >= 360;
  const [cos, sin] = [Math.cos(start * RADIANS), Math.sin(start * RADIANS)];
  const [endX, endY] = round ? [1, 0] : [Math.cos(spread * RADIANS), Math.sin(spread * RADIANS)];
  const end = round ? 4 : turnOf(endX, endY);
  const blocking = circles.length === 0 ? segments : [...segments, ...chordsFrom(origin, circles)];
  gather(origin, cos, sin, end, endX, endY, blocking);
  if (blocking.length > MANY) leaveOutHidden();
  const outline = new Outline(origin, cos, sin, range, round);
  sweep(outline);
  outline.finish(end, endX, endY);
  return outline.region;
}
