/** Floors and blockers of a room, from the shapes a venue is made of. */
import { contains, footprint, sidesOf, type Point, type Polygon } from './geometry.js';
import type { Segment } from './visibility.js';

interface FloorArea {
  readonly kind: string;
  readonly outline: Polygon;
  readonly floor?: number;
}

/** Height of the floor at a point: the named gallery's, else the highest raised area there, else 0. */
export function floorAt(areas: Readonly<Record<string, FloorArea>>, at: Point, level?: string): number {
  const gallery = level === undefined ? undefined : areas[level];
  if (gallery) return gallery.floor ?? 0;
  let floor: number | undefined;
  for (const area of Object.values(areas)) {
    if (area.kind !== 'raised' || area.floor === undefined || !contains(area.outline, at)) continue;
    floor = Math.max(floor ?? -Infinity, area.floor);
  }
  return floor ?? 0;
}

/** Depth in front of an exit in which nothing may stand or lie, m; the venue's own fire plan may ask for more. */
export const EXIT_DEPTH = 1.2;

/** Something that blocks sight fully from floor to ceiling. */
export interface Blocker {
  readonly id: string;
  readonly label: string;
  readonly outline: Polygon;
  readonly segments: readonly Segment[];
}

/** A blocker from an outline. */
export const blocker = (id: string, label: string, outline: Polygon): Blocker => ({
  id,
  label,
  outline,
  segments: [...sidesOf(outline)],
});

/** A pillar as a blocker. */
export const pillarBlocker = (
  id: string,
  pillar: { label: string; at: Point; size: number; round?: boolean },
): Blocker => blocker(id, pillar.label, footprint(pillar.at, pillar.size, pillar.round ?? false));
