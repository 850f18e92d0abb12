/** Crew in shot: other cameras, their stands and who works them, as a share of each picture. */
import type { Device, Kinds, Mark, Rules } from '../../documents/index.js';
import {
  direction,
  distance,
  inOrder,
  numberOf,
  polar,
  sightAlong,
  type Figure,
  type MapOf,
  type Point,
  type Blocking,
} from '../../foundations/index.js';
import type { GroundResult, PlaceResult } from '../ground/index.js';
import { workedByHand } from '../equipment.js';
import type { Fitted } from './fitted.js';
import { gearShare } from './figures/sight.js';
import type { CameraResult } from './result.js';

/** Something that stands on the floor: how wide, from where to how high, m. */
export interface Gear {
  readonly id: string;
  readonly label: string;
  readonly at: Point;
  readonly floor: number;
  readonly top: number;
  readonly width: number;
  /** Whoever works a camera, rather than a thing. */
  readonly operator: boolean;
  /** Where else it comes to, if it moves about. */
  readonly also?: readonly Point[];
}

export interface GearInPicture {
  /** Share of the picture that it takes, %. */
  readonly share: Figure;
  /** What stands there, the largest first. */
  readonly by: readonly { readonly id: string; readonly label: string; readonly share: number }[];
}

const STAND = 0.5;
/** A microphone on its stand, and the arm of a boom, m. */
const POLE = 0.03;
const SHOULDERS = 0.5;
/** An operator stands so far behind the camera, m. */
const OPERATOR_BEHIND = 0.7;
const RADIANS = Math.PI / 180;

/** All devices that stand by themselves, and one operator behind each camera that is worked by hand. */
export function gearOf({
  devices,
  places,
  standingHead,
  cameras,
  kinds,
}: {
  readonly devices: MapOf<Pick<Device, 'order' | 'label' | 'kind' | 'worked' | 'resident'>> | undefined;
  readonly kinds: Kinds['kinds'];
  readonly places: GroundResult['places'];
  readonly standingHead: Rules['standingHead'];
  readonly cameras: Readonly<Record<string, Pick<CameraResult, 'aim' | 'moving'>>>;
}): Gear[] {
  return inOrder(devices).flatMap(([id, { label, kind, worked, resident }]) => {
    const place = places[id];
    const [standing, top] = [numberOf(place?.floor), numberOf(place?.elevation)];
    if (!place?.at || place.carrier !== id || standing === undefined || top === undefined) return [];
    const floor = resident === true || place.hangs ? Math.max(standing, top - MOUNTED) : standing;
    const width = kinds[kind]?.family === 'microphone' ? POLE : STAND;
    const also = cameras[id]?.moving && { also: someOf(cameras[id].moving.area) };
    const stand: Gear = { id, label, at: place.at, floor, top, width, operator: false, ...also };
    const aim = numberOf(cameras[id]?.aim);
    if (!workedByHand(worked) || aim === undefined) return [stand];
    const at = polar(place.at, aim + 180, OPERATOR_BEHIND);
    return [stand, { ...stand, at, top: floor + standingHead, width: SHOULDERS, operator: true }];
  });
}

/** Height of what the house has mounted on a wall or under the ceiling, m. */
const MOUNTED = 0.5;

/** A mover is looked for at so many places around the edge of where it moves. */
const LOOKED_AT = 24;

const someOf = (corners: readonly Point[]): Point[] => {
  const step = Math.max(1, Math.ceil(corners.length / LOOKED_AT));
  return corners.filter((_, i) => i % step === 0);
};

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
    readonly gear: readonly Gear[];
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

/** Something this near is beside the lens, not before it, m. */
const BESIDE = 0.3;

/** The share of a picture that something takes which stands on the floor, 0…1; none where a wall hides it. */
export function shareOfPicture(
  picture: Picture,
  { at, floor, top, width }: Pick<Gear, 'at' | 'floor' | 'top' | 'width'>,
  blocking: Blocking,
): number {
  const { eye, lens, aim, across } = picture;
  const [dx, dy] = [at[0] - eye[0], at[1] - eye[1]];
  if (picture.allRound) return shareOfSphere(picture, { at, floor, top, width }, blocking);
  const [ux, uy] = [Math.cos(aim * RADIANS), Math.sin(aim * RADIANS)];
  const [ahead, aside] = [dx * ux + dy * uy, dy * ux - dx * uy];
  if (ahead < BESIDE) return 0;
  const wide = overlap((aside - width / 2) / ahead, (aside + width / 2) / ahead, across);
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
function shareOfSphere(
  { eye, lens }: Picture,
  { at, floor, top, width }: Pick<Gear, 'at' | 'floor' | 'top' | 'width'>,
  blocking: Blocking,
): number {
  const away = distance(eye, at);
  if (away < BESIDE || sightAlong(eye, direction(eye, at), blocking, away) < away - 0.05) return 0;
  const wide = Math.atan(width / 2 / away) / Math.PI;
  const tall = (Math.atan((top - lens) / away) - Math.atan((floor - lens) / away)) / Math.PI;
  return wide * Math.max(0, tall);
}

/** How much of low…high lies within ±half. */
const overlap = (low: number, high: number, half: number): number =>
  Math.max(0, Math.min(half, high) - Math.max(-half, low));
