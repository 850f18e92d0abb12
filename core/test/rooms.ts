/** Shapes for rooms of a test. */
import type { Area } from '../src/documents/index.js';
import type { Blocking, Point, Segment } from '../src/foundations/index.js';

/** A rectangle by its sides, m from the corner of the room. */
export const box = (left: number, top: number, right: number, bottom: number): Point[] => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
];

/** Walls that block sight. */
export const walls = (...segments: readonly Segment[]): Blocking => ({ segments, circles: [] });

/** An area that is called by its kind. */
export const area = (kind: Area['kind'], outline: Point[], more: Partial<Area> = {}): Area =>
  ({ order: '001h', label: kind, kind, outline, ...more }) as Area;
