/** Whether a camera's picture takes in a no-film area. */
import type { Area } from '../../documents/index.js';
import {
  clipHalfPlane,
  contains,
  distance,
  direction,
  found,
  inOrder,
  inView,
  polar,
  sidesOf,
  sightAlong,
  type Figure,
  type MapOf,
  type Point,
  type Segment,
} from '../../foundations/index.js';

const STEP = 0.25;

/** Labels of no-film areas of which any part is in view and not behind a wall or pillar; checked every 0.25 m. */
export function noFilmInView(
  areas: MapOf<Area>,
  camera: Point,
  facing: number,
  spread: number,
  blocking: readonly Segment[],
): Figure {
  const seen: string[] = [];
  for (const [, area] of inOrder(areas)) {
    if (area.kind === 'no-film' && inFrame(area.outline, camera, facing, spread, blocking))
      seen.push(area.label);
  }
  return found(
    seen.length === 0 ? 'none' : seen.join(', '),
    '',
    'every 0.25 m of each no-film area’s edge inside the angle of view, tested for a clear line from the camera',
  );
}

function inFrame(
  outline: readonly Point[],
  camera: Point,
  facing: number,
  spread: number,
  blocking: readonly Segment[],
): boolean {
  if (contains(outline, camera)) return true;
  const left = polar(camera, facing - spread / 2, 1);
  const right = polar(camera, facing + spread / 2, 1);
  // From half a turn on, the view is no longer what two half planes have in common.
  const part = spread >= 180 ? outline : clipHalfPlane(clipHalfPlane(outline, camera, left), right, camera);
  for (const [a, b] of sidesOf(part)) {
    const steps = Math.max(1, Math.ceil(distance(a, b) / STEP));
    for (let i = 0; i <= steps; i++) {
      const at: Point = [a[0] + ((b[0] - a[0]) * i) / steps, a[1] + ((b[1] - a[1]) * i) / steps];
      const away = distance(camera, at);
      if (away < 0.01) return true;
      const towards = direction(camera, at);
      if (
        inView(facing, spread + 0.01, towards) &&
        sightAlong(camera, towards, blocking, away) >= away - 0.01
      ) {
        return true;
      }
    }
  }
  return false;
}
