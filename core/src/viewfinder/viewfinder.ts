/** The whole way from a plan to the ink of one viewfinder. */
import { numberOf } from '../foundations/index.js';
import type { Venue } from '../documents/index.js';
import { inkedOf, type Inked, type Sharpness } from './ink.js';
import { boardsFor, lensOf, type Planned } from './look.js';
import { pictureOf, type Lens } from './picture.js';
import { floorFaces, roomInSpace } from './room-in-space.js';
import { spaceOf, type Space } from './sorted-space.js';

const spaces = new WeakMap<Venue, Space | undefined>();

/** The sorted room of a venue, made once for each venue. */
function spaceFor(venue: Venue): Space | undefined {
  if (!spaces.has(venue)) spaces.set(venue, spaceOf(roomInSpace(venue)));
  return spaces.get(venue);
}

export interface Viewfinder {
  readonly lens: Lens;
  readonly inked: readonly Inked[];
}

export interface ViewfinderRequest {
  readonly camera: string;
  /** The shot it takes; absent = as the camera stands. */
  readonly shot?: string | undefined;
  readonly posture: 'seated' | 'standing';
  /** Turned, tilted, zoomed and raised by hand from there: degrees, degrees, factor, m. */
  readonly by?: {
    readonly pan: number;
    readonly tilt: number;
    readonly zoom: number;
    readonly raise: number;
  };
}

/** What a camera will see; undefined where it has no place or direction yet. */
export function viewfinderOf(
  planned: Planned,
  { camera, shot, posture, by }: ViewfinderRequest,
): Viewfinder | undefined {
  const standing = lensOf(planned, camera, shot);
  if (!standing) return undefined;
  const lens = by ? adjusted(standing, by) : standing;
  const { venue } = planned.assessment.ground;
  const boards = boardsFor(planned, camera, lens.aim, posture);
  const drawn = pictureOf(lens, spaceFor(venue), boards, floorFaces(venue));
  const mark = shot === undefined ? undefined : planned.bundle.plan.shots?.[shot]?.mark;
  const wanted = mark === undefined ? undefined : `marks/${mark}`;
  const alone = pictureOf(
    lens,
    undefined,
    boards.filter(({ of }) => of === wanted),
  );
  return { lens, inked: inkedOf(drawn, alone, wanted, sharpnessOf(planned.assessment.shots.shots, shot)) };
}

function adjusted(lens: Lens, { pan, tilt, zoom, raise }: NonNullable<ViewfinderRequest['by']>): Lens {
  const [x, y, z] = lens.eye;
  return {
    ...lens,
    eye: [x, y, z + raise],
    aim: lens.aim + pan,
    tilt: Math.max(-89, Math.min(89, lens.tilt + tilt)),
    focal: lens.focal * zoom,
  };
}

function sharpnessOf(
  shots: Planned['assessment']['shots']['shots'],
  shot: string | undefined,
): Sharpness | undefined {
  const focus = shot === undefined ? undefined : shots[shot]?.focus;
  const near = focus && numberOf(focus.near);
  if (!focus || near === undefined) return undefined;
  return { near, far: numberOf(focus.far) ?? Infinity };
}
