/** Whether a camera's picture takes in a no-film area. */
import type { Area } from '../../documents/index.js';
import {
  clipHalfPlane,
  contains,
  distance,
  direction,
  inOrder,
  inView,
  polar,
  sidesOf,
  sightAlong,
  type Figure,
  type MapOf,
  type Point,
  type Blocking,
} from '../../foundations/index.js';
import { noFilm } from './figures/cameras.js';
import type { Picture } from './gear-in-picture.js';

const STEP = 0.25;

export interface View {
  readonly at: Point;
  /** Where it looks and how wide, degrees. */
  readonly facing: number;
  readonly spread: number;
}

/** Where a picture is taken from, and how wide it looks. */
export const viewOf = ({ eye, aim, across, allRound }: Picture): View => ({
  at: eye,
  facing: aim,
  spread: allRound ? 360 : (2 * Math.atan(across) * 180) / Math.PI,
});

/** Labels of no-film areas of which any part is in view and not behind a wall or pillar; checked every 0.25 m. */
export const noFilmInView = (areas: MapOf<Area> | undefined, view: View, blocking: Blocking): string[] =>
  inOrder(areas).flatMap(([, { kind, label, outline }]) =>
    kind === 'no-film' && inFrame(outline, view, blocking) ? [label] : [],
  );

/** The same, of everything that a camera of the plan looks at. */
export function noFilmOf(
  id: string,
  views: readonly View[],
  areas: MapOf<Area> | undefined,
  blocking: Blocking,
): Figure {
  if (views.length === 0) return noFilm.unknown([id], 'it has no place or direction yet');
  const seen = new Set(views.flatMap(view => noFilmInView(areas, view, blocking)));
  return noFilm.found([id], [...seen].join(', ') || 'none');
}

function inFrame(
  outline: readonly Point[],
  { at: camera, facing, spread }: View,
  blocking: Blocking,
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
