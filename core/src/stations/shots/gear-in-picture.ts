/** Crew in shot: other cameras, their stands and who works them, as a share of each picture. */
import type { Mark } from '../../documents/index.js';
import {
  direction,
  distance,
  numberOf,
  sightAlong,
  type Figure,
  type Point,
  type Blocking,
} from '../../foundations/index.js';
import type { PlaceResult } from '../ground/index.js';
import type { Body } from './bodies.js';
import { gearShare } from './figures/sight.js';
import type { Fitted } from './fitted.js';

export interface GearInPicture {
  /** Share of the picture that it takes, %. */
  readonly share: Figure;
  /** What stands there, the largest first. */
  readonly by: readonly { readonly id: string; readonly label: string; readonly share: number }[];
}

const RADIANS = Math.PI / 180;

/** What of the gear, but the camera itself, stands in the picture of a shot and is not hidden by walls or pillars. */
export function gearInPicture(
  id: string,
  {
    picture,
    camera,
    gear,
    blocking,
  }: {
    readonly picture: Picture | undefined;
    readonly camera: string | undefined;
    readonly gear: readonly Body[];
    readonly blocking: Blocking;
  },
): GearInPicture {
  if (!picture) return { share: gearShare.unknown([id], 'its camera has no place yet'), by: [] };
  const by = gear.flatMap(({ id: of, label, also = [], ...body }) => {
    if (of === camera) return [];
    const shares = [body.at, ...also].map(at => shareOfPicture(picture, { ...body, at }, blocking));
    const share = Math.max(...shares);
    return share > 0 ? [{ id: of, label, share: share * 100 }] : [];
  });
  by.sort((a, b) => b.share - a.share);
  const total = by.reduce((sum, each) => sum + each.share, 0);
  return { share: gearShare.found([id], Math.min(100, total)), by };
}

/** A picture: where it is taken from, how it is aimed, and the tangent of half its angle of view. */
export interface Picture {
  readonly eye: Point;
  /** Height of the lens above the zero level, m. */
  readonly lens: number;
  readonly aim: number;
  readonly tilt: number;
  readonly across: number;
  /** It takes in everything round it; `across` is that of the part that looks where it is aimed. */
  readonly allRound: boolean;
}

/** Tangent of half the angle that a lens sees with a focal length, mm. */
export const acrossOf = ({ sensorWidth, crop = 1 }: Fitted, focal: number): number =>
  sensorWidth / crop / 2 / focal;

/** The picture of a shot with a tilt and an angle of view; undefined while its camera has no place. */
export function pictureAt(
  { at, elevation }: PlaceResult,
  mark: Mark,
  tilt: Figure,
  { across, allRound }: { readonly across: number | undefined; readonly allRound: boolean },
): Picture | undefined {
  const [lens, down] = [elevation, tilt].map(numberOf);
  if (!at || lens === undefined || across === undefined || down === undefined) return undefined;
  return { eye: at, lens, aim: direction(at, mark.at), tilt: down, across, allRound };
}

/** What of a body is seen. */
type Solid = Pick<Body, 'at' | 'floor' | 'top' | 'width' | 'along'>;

/** How wide a body looks from a direction, m: an arm foreshortened, anything else as it is. */
const widthFrom = ({ width, along }: Solid, towards: number): number =>
  along === undefined ? width : width * Math.abs(Math.sin((along - towards) * RADIANS));

/** Something this near is beside the lens, not before it, m. */
const BESIDE = 0.3;

/** The share of a picture that something takes which stands on the floor, 0…1; none where a wall hides it. */
export function shareOfPicture(picture: Picture, body: Solid, blocking: Blocking): number {
  const { eye, lens, aim, across } = picture;
  const { at, floor, top } = body;
  const [dx, dy] = [at[0] - eye[0], at[1] - eye[1]];
  if (picture.allRound) return shareOfSphere(picture, body, blocking);
  const [ux, uy] = [Math.cos(aim * RADIANS), Math.sin(aim * RADIANS)];
  const [ahead, aside] = [dx * ux + dy * uy, dy * ux - dx * uy];
  if (ahead < BESIDE) return 0;
  const half = widthFrom(body, aim) / 2;
  const wide = overlap((aside - half) / ahead, (aside + half) / ahead, across);
  if (wide === 0) return 0;
  const up = (across * 9) / 16;
  const tilt = picture.tilt * RADIANS;
  const [ct, st] = [Math.cos(tilt), Math.sin(tilt)];
  const height = (z: number): number => ((z - lens) * ct - ahead * st) / (ahead * ct + (z - lens) * st);
  const share = (wide * overlap(height(floor), height(top), up)) / (4 * across * up);
  if (share <= 0) return 0;
  const away = Math.hypot(dx, dy);
  if (sightAlong(eye, direction(eye, at), blocking, away) < away - 0.05) return 0;
  return share;
}

/** The same of a picture of everything round it, as degrees to the side and up of 360 by 180. */
function shareOfSphere({ eye, lens }: Picture, body: Solid, blocking: Blocking): number {
  const { at, floor, top } = body;
  const away = distance(eye, at);
  if (away < BESIDE || sightAlong(eye, direction(eye, at), blocking, away) < away - 0.05) return 0;
  const wide = Math.atan(widthFrom(body, direction(eye, at)) / 2 / away) / Math.PI;
  const tall = (Math.atan((top - lens) / away) - Math.atan((floor - lens) / away)) / Math.PI;
  return wide * Math.max(0, tall);
}

/** How much of low…high lies within ±half. */
const overlap = (low: number, high: number, half: number): number =>
  Math.max(0, Math.min(half, high) - Math.max(-half, low));
