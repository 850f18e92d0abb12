/**
 * What a camera at some place would make of a shot, as numbers: for coverage and for the search for positions, which
 * ask it of every place. Each number comes from the very formula that the figure of a planned shot is worked by.
 */
import type { Area, Mark, Rules, Shot } from '../../documents/index.js';
import {
  angleBetween,
  direction,
  distance,
  numberOf,
  type Blocker,
  type Figure,
  type MapOf,
  type Point,
} from '../../foundations/index.js';
import type { MarkResult } from '../ground/index.js';
import { apertureAt, gainFor, isoFor, shutterFor } from './exposure.js';
import { circleFor, facesAlong, holdsFaces } from './focus.js';
import { lightLoss, type Fitted } from './fitted.js';
import {
  allRoundAt,
  focalFor,
  frameAt,
  frameWanted,
  isHeldBySet,
  isReached,
  LOOSEST,
  pixelsOnFace,
  seenFromItsSide,
  wholeAreaFrom,
} from './framing.js';
import { nearestSolid, solidsBetween, type Solid } from './past-solids.js';
import {
  hiddenShare,
  lowestPoint,
  nearestHeads,
  ofPeople,
  seatsBetween,
  waistPoint,
  type Hidden,
  type Seats,
} from './sight.js';

/** Who a shot is of, and how wide it is wanted. Heights above the zero level, m. */
export interface Subject {
  readonly mark: Mark;
  readonly eyes: number;
  readonly floor: number;
  /** Vertical illuminance, lx, where it was measured. */
  readonly light: number | undefined;
  /** Frame width wanted, m; of a whole area from its front. */
  readonly wanted: number;
  /** It is so wide that people count, not its lower edge. */
  readonly ofPeople: boolean;
  /** Width of a whole area, m, of which less is seen from its side; undefined for other shots. */
  readonly extent: number | undefined;
  /** A table, a book or hands, looked down on. */
  readonly fromAbove: boolean;
}

/** What a camera brings to every place alike. */
export interface Lens {
  readonly optics: Fitted;
  /** Aperture set by hand. */
  readonly aperture: number | undefined;
  /** Circle of confusion, µm. */
  readonly circle: number;
  /** Shutter time, s. */
  readonly shutter: number;
}

/** What a shot is of, in the light at its mark; undefined while its mark is not known. */
export function subjectOf(
  id: string,
  shot: Shot,
  mark: Mark | undefined,
  figures: MarkResult | undefined,
  light: Figure | undefined,
): Subject | undefined {
  const [eyes, floor] = [numberOf(figures?.elevation), numberOf(figures?.floor)];
  const wanted = mark && numberOf(frameWanted(id, shot, mark));
  if (!mark || eyes === undefined || floor === undefined || wanted === undefined) return undefined;
  return {
    mark,
    eyes,
    floor,
    light: numberOf(light),
    wanted,
    ofPeople: ofPeople(shot),
    extent: seenFromItsSide(shot, mark.width) ? mark.width : undefined,
    fromAbove: shot.size === 'from above',
  };
}

/** The lens of a camera in an event with mains of so many hertz. */
export const lensOf = (optics: Fitted, aperture: number | undefined, rules: Rules, hertz: number): Lens => ({
  optics,
  aperture,
  circle: circleFor(optics, rules),
  shutter: shutterFor(rules.format, hertz),
});

/** What a place on the plan sees of a subject, at whatever height; worked out when it is read. */
export class Outlook {
  /** On the plan, m. */
  readonly run: number;
  private walls: Hidden | undefined;
  private blocks: readonly Seats[] | undefined;
  private edges: readonly Solid[] | undefined;

  constructor(
    private readonly at: Point,
    private readonly level: string | undefined,
    private readonly subject: Subject,
    private readonly blockers: readonly Blocker[],
    private readonly areas: MapOf<Area> | undefined,
  ) {
    this.run = distance(at, subject.mark.at);
  }

  /** Off the front of the face, degrees. */
  get side(): number {
    const { at, facing } = this.subject.mark;
    return angleBetween(direction(at, this.at), facing);
  }

  /** Frame width wanted from there, m. */
  get wanted(): number {
    const { wanted, extent } = this.subject;
    return extent === undefined ? wanted : wholeAreaFrom(extent, this.side);
  }

  get hidden(): Hidden {
    return (this.walls ??= hiddenShare(this.at, this.subject.mark.at, this.wanted, this.blockers));
  }

  /** Seats on the way. */
  get seats(): readonly Seats[] {
    return (this.blocks ??= seatsBetween(this.areas, this.at, this.subject.mark.at));
  }

  /** What is solid on the way. */
  get solids(): readonly Solid[] {
    const { mark } = this.subject;
    const camera = { at: this.at, level: this.level };
    return (this.edges ??= solidsBetween(this.areas, camera, { at: mark.at, level: mark.level }));
  }
}

/**
 * What a lens at a place and height, m above the zero level, makes of a subject, at the focal length `set`, mm, or what it needs. Each
 * number is worked out when it is read, since most places fail at the first.
 */
export class Appraisal {
  /** From lens to eyes, m. */
  readonly distance: number;
  /** Focal length it asks for, and the one in use: the nearest the lens has, mm. */
  readonly needed: number;
  readonly focal: number;
  /** Frame width at the subject, m. */
  readonly frame: number;
  private opened: number | undefined;

  constructor(
    private readonly at: Point,
    private readonly height: number,
    private readonly view: Outlook,
    private readonly subject: Subject,
    private readonly lens: Lens,
    private readonly rules: Rules,
    private readonly set?: number,
  ) {
    const { sensorWidth, crop = 1, focalMin, focalMax, panoramic } = lens.optics;
    this.distance = Math.hypot(view.run, height - subject.eyes);
    this.needed = focalFor(sensorWidth, crop, this.distance, view.wanted);
    this.focal = set ?? Math.max(focalMin, Math.min(focalMax, this.needed));
    this.frame = panoramic
      ? allRoundAt(this.distance)
      : frameAt(sensorWidth, crop, this.distance, this.focal);
  }

  /** Its focal length is set and not what the shot needs. */
  get isSet(): boolean {
    return this.set !== undefined;
  }

  /** The lens frames it, or the focal length that is set for it does. */
  get reached(): boolean {
    const { focalMin, focalMax, panoramic } = this.lens.optics;
    if (panoramic) return true;
    if (this.set !== undefined) return isHeldBySet(this.set, this.needed, LOOSEST) === 1;
    return isReached(focalMin, focalMax, this.needed) === 1;
  }

  /** The lens focuses that near; true where that is not known. */
  get nearEnough(): boolean {
    return this.distance >= (this.lens.optics.nearest ?? 0);
  }

  /** Source pixels across a face. */
  get pixels(): number {
    return pixelsOnFace(this.lens.optics.pixels, this.frame);
  }

  /** Above the eyes, degrees. */
  get above(): number {
    return (Math.atan2(this.height - this.subject.eyes, this.view.run) * 180) / Math.PI;
  }

  /** Clearance over heads of people standing and seated, m; undefined with no seats between. */
  get standing(): number | undefined {
    return this.over('standingHead');
  }
  get seated(): number | undefined {
    return this.over('seatedHead');
  }

  /** Clearance from furniture and from what hangs, m; undefined with nothing solid between. */
  get past(): number | undefined {
    const { floor, eyes } = this.subject;
    if (this.view.solids.length === 0) return undefined;
    const lowest = lowestPoint(floor, eyes, this.view.wanted);
    return nearestSolid(this.view.solids, { lens: this.height, lowest, eyes })?.clear;
  }

  private over(posture: 'standingHead' | 'seatedHead'): number | undefined {
    const { floor, eyes } = this.subject;
    if (this.view.seats.length === 0) return undefined;
    const edge = lowestPoint(floor, eyes, this.view.wanted);
    const lowest = this.subject.ofPeople ? waistPoint(edge, eyes) : edge;
    return nearestHeads(this.view.seats, this.height, lowest, posture, this.rules)?.clear;
  }

  private get aperture(): number | undefined {
    this.opened ??= apertureAt(this.lens.optics, this.focal, this.lens.aperture);
    return this.opened;
  }

  /** Gain over the base sensitivity, dB, where light and camera are known. */
  get gain(): number | undefined {
    const { optics, shutter } = this.lens;
    const { light = 0 } = this.subject;
    const { aperture } = this;
    if (aperture === undefined || light <= 0 || optics.baseIso === undefined) return undefined;
    return gainFor(isoFor(aperture, lightLoss(optics), light, shutter), optics.baseIso);
  }

  /** Every face is sharp; undefined where the aperture is not known. */
  get sharp(): boolean | undefined {
    const { aperture } = this;
    if (aperture === undefined) return undefined;
    const faces = facesAlong(this.at, this.subject.mark, this.distance);
    return holdsFaces(faces, this.focal, aperture, this.lens.circle);
  }
}
