/** Pins of a lead: places it is led through, in the order in which it comes to them. */
import type { Way, Waypoint } from '../../documents/index.js';
import { distance, distanceToSegment, type Operation, type Point } from '../../foundations/index.js';
import { inPlan } from '../../edits.js';

/** How far along a line the place nearest to a point is, m. */
export function alongLine(points: readonly Point[], at: Point): number {
  let [best, nearest, walked] = [0, Infinity, 0];
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    const length = distance(a, b);
    const away = distanceToSegment(at, a, b);
    if (away < nearest) {
      nearest = away;
      const [dx, dy] = length === 0 ? [0, 0] : [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
      best = walked + Math.max(0, Math.min(length, (at[0] - a[0]) * dx + (at[1] - a[1]) * dy));
    }
    walked += length;
  }
  return best;
}

/** The pins with one more that is pulled out of the line at `grabbed`; and which of them it is. */
export function pinnedAt(
  way: Way | undefined,
  points: readonly Point[],
  grabbed: Point,
  pin: Waypoint,
): { readonly pins: readonly Waypoint[]; readonly index: number } {
  const pins = way?.pins ?? [];
  const here = alongLine(points, grabbed);
  const before = pins.filter(({ at }) => alongLine(points, at) < here).length;
  return { pins: [...pins.slice(0, before), pin, ...pins.slice(before)], index: before };
}

/** The edit that leads a link through these pins; without any, and nothing else asked, it is laid freely again. */
export function pinsPatch(link: string, way: Way | undefined, pins: readonly Waypoint[]): Operation[] {
  const { pins: _old, ...rest } = way ?? {};
  return wayPatch(link, way, { ...rest, ...(pins.length > 0 && { pins: [...pins] }) });
}

/** The edit that lays a link by a way; an empty one takes it away. */
export function wayPatch(link: string, before: Way | undefined, way: Way | undefined): Operation[] {
  if (way && Object.keys(way).length > 0) return inPlan().put('links', link, 'way', way).patch;
  return before ? inPlan().drop('links', link, 'way').patch : [];
}
