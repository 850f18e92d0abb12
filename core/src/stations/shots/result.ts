/** What Shots reads and what comes of it. */
import type {
  Claims,
  Device,
  Kinds,
  Link,
  RuleChoices,
  Rules,
  RunningItem,
  Shelf,
  Shot,
} from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf, type Point } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { GroundResult } from '../ground/index.js';
import type { Seen } from '../station.js';
import type { Coverage } from './coverage.js';
import type { Cut } from './cuts.js';
import type { Focus } from './focus.js';
import type { GearInPicture, Picture } from './gear-in-picture.js';
import type { LampResult } from './lamp.js';
import type { MovingResult } from './moving.js';
import type { Hidden } from './sight.js';
import type { SupportResult } from './support.js';
import type { WindowResult } from './window.js';

export interface ShotsReads {
  readonly devices: MapOf<Device> | undefined;
  /** The same without their places. */
  readonly equipment: MapOf<Equipment> | undefined;
  readonly shots: MapOf<Shot> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly kinds: Kinds;
  /** What could be put up instead. */
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly rules: Rules;
  /** What the event chose for itself; undefined = nothing. */
  readonly ownRules: RuleChoices | undefined;
  readonly ground: GroundResult;
}

export interface CameraResult {
  readonly label: string;
  /** What it stands on, where that is chosen. */
  readonly support: SupportResult | undefined;
  readonly at: Point | undefined;
  /** Focal length in use: the one its first shot needs, as far as the lens goes. */
  readonly focal: Figure;
  readonly aim: Figure;
  readonly angleOfView: Figure;
  /** What it sees, cut to its angle of view. */
  readonly wedge: readonly Point[];
  readonly noFilm: Figure;
  /** Share of the seats that look past it at the main mark, weighed; %. */
  readonly disturbance: Figure;
  /** Where it goes while it is live; undefined for one that stays. */
  readonly moving: MovingResult | undefined;
  /** Pictures it gives at once: its own and its windows. */
  readonly pictures: Figure;
}

/** How far, how large and from which side a shot is seen. */
export interface Framing {
  readonly distance: Figure;
  readonly frameWanted: Figure;
  readonly focalNeeded: Figure;
  readonly reached: Figure;
  /** Focal length in use for this shot: the one needed, as far as the lens goes. */
  readonly focal: Figure;
  readonly frameGiven: Figure;
  readonly frameHeight: Figure;
  readonly facePixels: Figure;
  /** What the face is large enough for. */
  readonly faceVerdict: Figure;
  /** Off the front of the face, and above its eyes. */
  readonly viewingAngle: Figure;
  readonly verticalAngle: Figure;
  readonly viewVerdict: Figure;
  /** How far the lens looks up, so that the eyes lie a third from the top of the frame. */
  readonly tilt: Figure;
  /** The lens focuses that near. */
  readonly nearEnough: Figure;
  readonly lowest: Figure;
  /** Where it is cut from the picture of another shot. */
  readonly window: WindowResult | undefined;
  /** The lens frames it from everywhere that its camera moves to; undefined for one that stays. */
  readonly fromEverywhere: Figure | undefined;
  /** What is in it, as its camera is framed; undefined while that has no place. */
  readonly picture: Picture | undefined;
}

/** Past what a shot is seen. */
export interface Sight {
  readonly sight: Figure;
  readonly hidden: Figure;
  /** In a wide shot, down to where people are to be seen. */
  readonly waist: Figure | undefined;
  readonly overSeated: Figure;
  readonly overStanding: Figure;
  /** Clearance from furniture and from what hangs, and the area it is least to. */
  readonly pastSolids: Figure;
  readonly solid: string | undefined;
  /** Who hides what, the worst first. */
  readonly hiddenBy: Hidden['by'];
  /** The seating block of which people who stand come nearest. */
  readonly block: string | undefined;
}

/** What the light at its mark asks of the camera, and from where to where it is sharp. */
export interface Exposure {
  readonly aperture: Figure;
  readonly shutter: Figure;
  /** Lamps and screens in the picture that flicker all the same, or `none`. */
  readonly flickers: Figure;
  readonly iso: Figure;
  readonly gain: Figure;
  readonly gainAccepted: Figure;
  readonly lightToSpare: Figure;
  readonly focus: Focus;
}

export interface ShotResult extends Framing, Sight, Exposure {
  readonly camera: string | undefined;
}

export interface ShotsResult {
  readonly cameras: Readonly<Record<string, CameraResult>>;
  readonly shots: Readonly<Record<string, ShotResult>>;
  /** For every mark that is wanted, which cameras could take its shot. */
  readonly coverage: Readonly<Record<string, Coverage>>;
  /** For every shot, which other gear and who works it stand in its picture. */
  readonly gear: Readonly<Record<string, GearInPicture>>;
  /** For every two shots of one mark, whether one can cut from one to the other; by both their ids. */
  readonly cuts: Readonly<Record<string, Cut>>;
  readonly lamps: Readonly<Record<string, LampResult>>;
  /** Vertical illuminance at each mark with the lamps on, lx. */
  readonly light: Readonly<Record<string, Figure>>;
}

export type ShotsSeen = Seen<ShotsReads, ShotsResult>;

export const shotsRule = rulesOf<ShotsSeen>('shots');
