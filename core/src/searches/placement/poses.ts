/** Poses: a camera at a place and a height – for a locked one with the frame it is locked to – and how good it is. */
import type { Area, Device } from '../../documents/index.js';
import { direction, distance, type MapOf, type Point, type Blocking } from '../../foundations/index.js';
import { Appraisal, Outlook, type Lens } from '../../stations/shots/appraisal.js';
import { tiltFor } from '../../stations/shots/framing.js';
import { disturbanceOf } from '../../stations/shots/disturbance.js';
import type { Body } from '../../stations/shots/bodies.js';
import { acrossOf, shareOfPicture, type Picture } from '../../stations/shots/gear-in-picture.js';
import { noFilmInView, viewOf } from '../../stations/shots/no-film.js';
import type { ShotsReads } from '../../stations/shots/index.js';
import type { Wanted, WantedShot } from './demands.js';
import { frameAsSet, framesOf, type Frame } from './frames.js';
import type { Spot } from './places.js';
import { qualityOf, type Quality } from './quality.js';

/** A sort of camera that may be placed: cameras of a sort are interchangeable. */
export interface Means {
  readonly devices: readonly string[];
  readonly worked: NonNullable<Device['worked']>;
  readonly lens: Lens;
  /** Focal length it is set to for all its shots, mm, and where it points, degrees, where it stays as it is. */
  readonly focal?: number | undefined;
  readonly aim?: number | undefined;
}

export interface Pose extends Spot {
  /** Of the lens above the floor there, m. */
  readonly height: number;
  /** What a locked camera is locked to. */
  readonly frame?: Frame;
  /** Of each shot, 0…1; 0 = it cannot serve it. */
  readonly quality: readonly number[];
  /** Of each shot, where the mark sees the camera, degrees. */
  readonly bearings: readonly number[];
  /** Length of a lead from there to where pictures are mixed, m; undefined while that is nowhere. */
  readonly cable: number | undefined;
  /** 0…3. */
  readonly disturbance: number;
  /** Points that it costs. */
  readonly cost: number;
}

export interface Scene extends Pick<ShotsReads, 'rules' | 'ground'> {
  readonly wanted: Wanted;
  readonly blocking: Blocking;
  /** The areas that may not be filmed. */
  readonly noFilm: MapOf<Area> | undefined;
  /** Gear that stays where it is. */
  readonly gear: readonly Body[];
  readonly cableFrom: (spot: Spot) => number | undefined;
  /** Share of the seats whose eye cameras at some places draw, 0…1. */
  readonly drawnAt: (...spots: readonly Pick<Spot, 'at'>[]) => number;
}

/** Share of a shot's worth that each camera or stand in its picture takes away. */
export const CREW_IN_SHOT = 0.4;
/** A shot of less than this quality is not worth taking. */
const USELESS = 0.1;
export const worthwhile = (quality: number): number => (quality < USELESS ? 0 : quality);
/** Less than this of the picture does not count. */
const SEEN = 0.01;
/** Points: for a metre of cable, for disturbing every seat once, and for putting up a camera at all. */
const COSTS = { metre: 0.006, disturbance: 0.6, camera: 0.05 } as const;

const NO_AREAS = {};

/** How a lens at a pose sees a shot. */
export interface Sighting {
  readonly view: Outlook;
  readonly shot: Appraisal;
  readonly quality: Quality;
}

/** A place with all that is the same there for every height and camera. */
export interface Views {
  readonly spot: Spot;
  readonly outlooks: readonly Outlook[];
  readonly bearings: readonly number[];
  readonly cable: number | undefined;
  readonly drawn: number;
}

export const viewsFrom = (spot: Spot, { wanted, ground, cableFrom, drawnAt }: Scene): Views => ({
  spot,
  outlooks: wanted.shots.map(
    ({ subject }) =>
      new Outlook(spot.at, spot.level, subject, ground.blockers, ground.venue.areas ?? NO_AREAS),
  ),
  bearings: wanted.shots.map(({ subject }) => direction(subject.mark.at, spot.at)),
  cable: cableFrom(spot),
  drawn: drawnAt(spot),
});

/** A place and the height of the lens above its floor, m. */
export interface Post {
  readonly views: Views;
  readonly height: number;
}
export const postAt = (views: Views, height: number): Post => ({ views, height });

/** How a lens at a post sees every shot in a frame of its own, or with the focal length that it is set to, mm. */
export const sightingsFrom = (post: Post, lens: Lens, scene: Scene, focal?: number): Sighting[] =>
  scene.wanted.shots.map((_, i) => sightingOf(i, post, lens, scene, undefined, focal));

/** Every pose of a camera at a post that serves anything; of a locked one its most promising frames. */
export function posesAt(post: Post, means: Means, sightings: readonly Sighting[], scene: Scene): Pose[] {
  const { height } = post;
  const { spot, outlooks, bearings, cable, drawn } = post.views;
  const disturbance = disturbanceOf(drawn, means.worked, height, scene.rules);
  const cost = COSTS.camera + COSTS.metre * (cable ?? 0) + COSTS.disturbance * disturbance;
  const base = { ...spot, height, bearings, cable, disturbance, cost };
  const own = sightings.map(({ quality }) => quality.value);
  if (own.every(value => value === 0)) return [];
  if (means.worked !== 'locked') return [{ ...base, quality: own }];
  const inFrame = (frame: Frame): Framed => {
    const quality = own.map(() => 0);
    for (const i of frame.shots) {
      quality[i] = sightingOf(i, post, means.lens, scene, frame).quality.value;
    }
    return { quality, frame };
  };
  const { focal: set, aim: pointed } = means;
  if (set !== undefined && pointed !== undefined) {
    const asSet = { focal: set, aim: pointed };
    const frame = frameAsSet(spot, height, outlooks, means.lens, scene.wanted.shots, asSet);
    return [{ ...base, ...inFrame(frame) }];
  }
  const may = sightings.map(({ quality }) => quality.value > 0 || OWN_FRAME.has(quality.worst));
  const frames = framesOf(spot, height, outlooks, means.lens, scene.wanted.shots, may);
  const framed = promising(frames, own, scene.wanted.shots).map(inFrame);
  const alone = sightings
    .map(({ shot }, i) => ({
      i,
      focal: shot.focal,
      value: own[i] ?? 0,
      of: scene.wanted.shots[i] as WantedShot,
    }))
    .filter(({ value }) => value > 0)
    .sort((a, b) => b.value * b.of.points - a.value * a.of.points)
    .slice(0, FRAMES.alone);
  for (const { i, focal, value, of } of alone) {
    const aim = direction(spot.at, of.subject.mark.at);
    const quality = own.map((_, j) => (j === i ? value : 0));
    framed.push({ quality, frame: { aim, focal, shots: [i], shares: [1] } });
  }
  return notWorse(framed).map(each => ({ ...base, ...each }));
}

/** Why a shot may be lost in a frame of its own and be had in a wider one all the same. */
const OWN_FRAME: ReadonlySet<Quality['worst']> = new Set(['reach', 'no-film']);

/** Frames of one place and height that are kept: those that hold several shots, and those of one. */
const FRAMES = { shared: 4, alone: 3 } as const;

/** The frames that hold most, by the points of the shots in them and how wide each is taken. */
function promising(frames: readonly Frame[], own: readonly number[], shots: readonly WantedShot[]): Frame[] {
  const score = ({ shots: held, shares }: Frame): number =>
    held.reduce((sum, i, at) => sum + (shots[i]?.points ?? 0) * (own[i] ?? 0) * (shares[at] ?? 0), 0);
  return frames
    .map(frame => [score(frame), frame] as const)
    .sort((a, b) => b[0] - a[0])
    .slice(0, FRAMES.shared)
    .map(([, frame]) => frame);
}

type Framed = Required<Pick<Pose, 'quality' | 'frame'>>;

/** Drops frames that another one is at least as good as for every shot. */
function notWorse(framed: readonly Framed[]): Framed[] {
  const kept: Framed[] = [];
  const totals = new Map(framed.map(each => [each, each.quality.reduce((sum, q) => sum + q, 0)]));
  const total = (each: Framed): number => totals.get(each) ?? 0;
  for (const each of [...framed].sort((a, b) => total(b) - total(a))) {
    if (total(each) === 0) break;
    const beaten = kept.some(({ quality }) => each.quality.every((q, i) => q <= (quality[i] ?? 0) + 1e-12));
    if (!beaten) kept.push(each);
  }
  return kept;
}

/** How a shot is seen from a pose: in a frame of its own, or in the one the camera is locked to. */
export function sightingOf(
  index: number,
  { views: { spot, outlooks, bearings }, height }: Post,
  lens: Lens,
  scene: Scene,
  frame?: Frame,
  focal = frame?.focal,
): Sighting {
  const { subject } = scene.wanted.shots[index] as WantedShot;
  const view = outlooks[index] as Outlook;
  const elevation = spot.floor + height;
  const shared = frame !== undefined && frame.shots.length > 1;
  const shot = new Appraisal(spot.at, elevation, view, subject, lens, scene.rules, focal);
  const quality = qualityOf(view, shot, subject, lens.optics.mostGain, shared);
  if (quality.value === 0) return { view, shot, quality };
  const picture = pictureOf(
    spot,
    elevation,
    subject,
    shot,
    lens,
    frame?.aim ?? (bearings[index] as number) + 180,
  );
  if (scene.noFilm && takesIn(picture, scene.noFilm, scene.blocking)) {
    return { view, shot, quality: { value: 0, worst: 'no-film' } };
  }
  const crew = scene.gear.filter(each => isSeen(picture, each, scene.blocking)).length;
  if (crew === 0) return { view, shot, quality };
  return {
    view,
    shot,
    quality: { value: worthwhile(quality.value * (1 - CREW_IN_SHOT * crew)), worst: 'gear' },
  };
}

/** The picture that a lens takes of a subject; its tilt is worked out when it is read. */
class TakenPicture implements Picture {
  constructor(
    readonly eye: Point,
    readonly lens: number,
    readonly aim: number,
    readonly across: number,
    readonly allRound: boolean,
    private readonly subject: WantedShot['subject'],
    private readonly frame: number,
  ) {}

  get tilt(): number {
    const { mark, eyes } = this.subject;
    return tiltFor(eyes, this.frame, this.lens, Math.max(0.1, distance(this.eye, mark.at)));
  }
}

export const pictureOf = (
  { at }: Pick<Spot, 'at'>,
  elevation: number,
  subject: WantedShot['subject'],
  { frame, focal }: Pick<Appraisal, 'frame' | 'focal'>,
  { optics }: Lens,
  aim = direction(at, subject.mark.at),
): Picture =>
  new TakenPicture(
    ...([at, elevation, aim, acrossOf(optics, focal)] as const),
    ...([optics.panoramic === true, subject, frame] as const),
  );

/** Whether a picture takes in a no-film area. */
const takesIn = (picture: Picture, areas: MapOf<Area>, blocking: Blocking): boolean =>
  noFilmInView(areas, viewOf(picture), blocking).length > 0;

/** Whether a body seen from a pose is in the picture of a shot. */
export const isSeen = (picture: Picture, body: Body, blocking: Blocking): boolean =>
  shareOfPicture(picture, body, blocking) > SEEN;
