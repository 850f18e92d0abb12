/** How much room gear takes in a picture: things on their stands and tables, poles and arms, and who works a camera. */
import type { Device, Kind, Kinds, Rules } from '../../documents/index.js';
import { inOrder, numberOf, polar, type MapOf, type Point } from '../../foundations/index.js';
import { workedByHand } from '../equipment.js';
import type { GroundResult, PlaceResult } from '../ground/index.js';
import type { CameraResult } from './result.js';

/** A board that is seen the same from all sides, or an arm: how wide, from where to how high, m. */
export interface Body {
  readonly id: string;
  readonly label: string;
  readonly at: Point;
  readonly floor: number;
  readonly top: number;
  readonly width: number;
  /** Direction that the width lies along; absent for what is as wide from wherever one looks. */
  readonly along?: number;
  /** It stands on spread legs, and most of its width is air. */
  readonly legs: boolean;
  /** Whoever works a camera, rather than a thing. */
  readonly operator: boolean;
  /** Where else it comes to, if it moves about. */
  readonly also?: readonly Point[];
}

/** What the plan says of a thing that stands by itself. */
type Standing = Pick<Device, 'label' | 'kind' | 'worked' | 'resident' | 'place'>;

/** The legs of a stand, or whatever else carries a thing whose table is not in the survey, m across. */
const STAND = 0.5;
/** A microphone on its stand, and the arm of a boom, m thick. */
const POLE = 0.03;
const SHOULDERS = 0.5;
/** An operator stands so far behind the camera, m. */
const OPERATOR_BEHIND = 0.7;
/** Height of what the house has mounted on a wall or under the ceiling, m. */
const MOUNTED = 0.5;
/** A mover is looked for at so many places around the edge of where it moves. */
const LOOKED_AT = 24;

/** Bodies of all devices that stand by themselves, and of one operator behind each camera that is worked by hand. */
export function bodiesOf({
  devices,
  places,
  standingHead,
  cameras,
  kinds,
}: {
  readonly devices: MapOf<Standing & Pick<Device, 'order'>> | undefined;
  readonly kinds: Kinds['kinds'];
  readonly places: GroundResult['places'];
  readonly standingHead: Rules['standingHead'];
  readonly cameras: Readonly<Record<string, Pick<CameraResult, 'aim' | 'moving'>>>;
}): Body[] {
  return inOrder(devices).flatMap(([id, device]) => {
    const place = places[id];
    const [floor, height] = [numberOf(place?.floor), numberOf(place?.elevation)];
    if (!place?.at || place.carrier !== id || floor === undefined || height === undefined) return [];
    const { label, worked } = device;
    const { at } = place;
    const camera = cameras[id];
    const also = camera?.moving && { also: someOf(camera.moving.area) };
    const own = solidsOf(device, kinds[device.kind], { at, floor, height, place });
    const things = own.map((solid): Body => ({ at, id, label, operator: false, ...solid, ...also }));
    const aim = numberOf(camera?.aim);
    if (!workedByHand(worked) || aim === undefined) return things;
    const behind = polar(at, aim + 180, OPERATOR_BEHIND);
    const person = { floor, top: floor + standingHead, width: SHOULDERS, legs: false };
    return [...things, { id, label, at: behind, operator: true, ...person, ...also }];
  });
}

/** What a thing itself fills, by what it is: a pole, an arm, something flat on a table, or a stand with it on top. */
function solidsOf(
  { place: { facing } = {}, resident }: Standing,
  { family, size, arm }: Partial<Kind> = {},
  {
    at,
    floor,
    height,
    place: { hangs, table },
  }: {
    readonly at: Point;
    readonly floor: number;
    readonly height: number;
    readonly place: Pick<PlaceResult, 'hangs' | 'table'>;
  },
): (Pick<Body, 'floor' | 'top' | 'width' | 'legs'> & Partial<Pick<Body, 'at' | 'along'>>)[] {
  const foot = resident === true || hangs ? Math.max(floor, height - MOUNTED) : floor;
  if (family === 'microphone') {
    const pole = { floor: foot, top: height, width: POLE, legs: false };
    // Where its arm reaches is known only if the plan says which way it faces.
    if (arm === undefined || facing === undefined) return [pole];
    const middle = polar(at, facing, arm / 2);
    return [pole, { ...pole, at: middle, floor: height - POLE, width: arm, along: facing }];
  }
  const lies = family === 'computer' || (table !== undefined && family !== 'camera');
  if (lies && size?.width !== undefined && size.height !== undefined)
    return [{ floor: height, top: height + size.height, width: size.width, legs: false }];
  return [{ floor: foot, top: height, width: STAND, legs: true }];
}

const someOf = (corners: readonly Point[]): Point[] => {
  const step = Math.max(1, Math.ceil(corners.length / LOOKED_AT));
  return corners.filter((_, i) => i % step === 0);
};
