/** Devices of a plan: what stands where, and how it is set. */
import { PACK_GROUPS, type PackGroup } from '../foundations/packing-words.js';
import type { MapOf as Map, Point } from '../foundations/index.js';
import { VIDEO_FORMATS, type VideoFormat } from '../foundations/video-format.js';
import { At, Flag, Int, MapOf, Num, One, OneOf, Optional, Ref, Refs, Text, Words } from './decorators.js';
import { AfterTransport, Knob, SettingsFile } from './kept-with.js';
import { ACROSS, LIDS, type Across, type LidFace } from './rack-words.js';
import { POWER_STATES, type PowerState } from './power-words.js';
import { WAYS_TO_WORK, type WayToWork } from './shot-words.js';
import { BUSES, TASKS, VIEWERS, type Bus, type Task, type Viewer } from './signal-words.js';
/**
 * Where a device is: at a point of a floor, on another device or a table of the survey, or inside another device (rack,
 * case, or plugged onto it).
 */
export class Place {
  @Optional() @At() at?: Point;
  /** Height above the floor there, m: of the lens, the desk top, the socket side. */
  @Optional() @Num(0, 30) height?: number;
  /** Direction it faces; absent for a camera = towards its first shot. */
  @Optional() @Num(-360, 360) facing?: number;
  /** The gallery it stands on; absent = the ground. */
  @Optional() @Ref() level?: string;
  @Optional() @Ref() inside?: string;
  /** What it stands on, in a case the tray or drawer there: another device, or an area of the survey with a top, with its point on that or in the middle. */
  @Optional() @Ref() on?: string;
  /** In or on a camera: worn by whoever works that or is with it, and no load of its support. */
  @Optional() @Flag() worn?: boolean;
  /** Lowest rack unit it takes, counted from 1 at the bottom. */
  @Optional() @Int(1, 60) unit?: number;
  /** It is on the rear rails, with its face to the rear. */
  @Optional() @Flag() rear?: boolean;
  /** Where one that is not as wide as the rails sits, seen from the front of the case; absent = left. */
  @Optional() @OneOf(ACROSS) across?: Across;
  /** It is fastened inside the case, off the rails. */
  @Optional() @Flag() fixed?: boolean;
  /** It has no ears: a plate of sheet metal with a cut-out for its face holds it on the rails. */
  @Optional() @Flag() plate?: boolean;
  /** It is mounted in the lid of the case. */
  @Optional() @Flag() lid?: boolean;
}

/** What one output of a switcher or matrix is set to give. */
export class PortBus {
  @OneOf(BUSES) bus!: Bus;
  /** The input that an `aux` shows. */
  @Optional() @Ref() input?: string;
}

/** Which assembly a case was put in as, and which version of it. */
export class FromAssembly {
  @Ref() id!: string;
  @Int(1, 1e6) version!: number;
}

/** What it does in one item of the running order, where that is another than in the rest of its phase. */
export class StateInItem {
  @OneOf(POWER_STATES) state!: PowerState;
}

/** What a device does in each phase; absent = off while it is rigged and struck, else working. */
export class PhaseStates {
  @Optional() @OneOf(POWER_STATES) rig?: PowerState;
  @Optional() @OneOf(POWER_STATES) check?: PowerState;
  @Optional() @OneOf(POWER_STATES) rehearse?: PowerState;
  @Optional() @OneOf(POWER_STATES) wait?: PowerState;
  @Optional() @OneOf(POWER_STATES) live?: PowerState;
  @Optional() @OneOf(POWER_STATES) strike?: PowerState;
  /** By item of the running order. */
  @Optional() @MapOf(() => StateInItem, 500) items?: Map<StateInItem>;
}

export class Device {
  @Text(8) order!: string;
  @Text(40, 1) label!: string;
  @Ref() kind!: string;
  /** The item on the shelf that will be used. */
  @Optional() @Ref() item?: string;
  @Optional() @One(() => Place) place?: Place;
  /** How a camera is worked. */
  @Optional() @OneOf(WAYS_TO_WORK) worked?: WayToWork;
  /** How far a camera that roams goes from its place, or the arm of a crane reaches, m. */
  @Optional() @Num(0.3, 30) sweep?: number;
  /** Kind of lens on it; absent = the one that its kind is described with. */
  @Optional() @Ref() lens?: string;
  /** Teleconverter (above 1) or focal reducer (below) between lens and camera, ×. */
  @Optional() @Num(0.5, 4) converter?: number;
  /** Focal length it is set to for all its shots, mm; absent = what each shot needs. */
  @Optional() @Num(0.5, 4000) focal?: number;
  /** Kind of support that it stands on. */
  @Optional() @Ref() support?: string;
  /** Aperture of a camera, f-number; absent = as wide as it opens. */
  @Optional() @Num(0.7, 64) aperture?: number;
  /** The mark that a lamp is turned to; absent = it shines where it faces. */
  @Optional() @Ref() lights?: string;
  /** How late pictures leave it, as measured, ms; absent = as is typical for its kind. */
  @Optional() @Num(0, 60000) pictureDelay?: number;
  /** Delay of the sound that is set in it, ms. */
  @Optional() @Num(0, 5000) soundDelay?: number;
  /** Size and rate that its outputs are set to, or that a switcher works in; absent = the format of the event. */
  @Optional() @OneOf(VIDEO_FORMATS) format?: VideoFormat;
  /** What outputs of a switcher or matrix give, by port; absent = the first that the port can. */
  @Optional() @MapOf(() => PortBus, 400) buses?: Map<PortBus>;
  /** What a computer does. */
  @Optional() @Words(TASKS) tasks?: Task[];
  /** Who looks at a screen. */
  @Optional() @Words(VIEWERS) viewers?: Viewer[];
  /** Menus, icons and copy protection were switched off in it, and its picture was looked at. */
  @Optional() @Flag() cleared?: boolean;
  /** What it does when, as far as it takes power. */
  @Optional() @One(() => PhaseStates) states?: PhaseStates;
  /** A reel that is not fully unrolled. */
  @Optional() @Flag() coiled?: boolean;
  /** Lids of a case that stay on while what is in it works. */
  @Optional() @Words(LIDS) closed?: LidFace[];
  /** What is free behind a case as it stands, m; absent = not known. */
  @Optional() @Num(0, 20) gap?: number;
  /** How many people lift a case; none: it goes on its wheels, and over ramps; absent = not said. */
  @Optional() @Int(0, 3) lifters?: number;
  /** Those of them who are named, people of the house. */
  @Optional() @Refs(3) liftedBy?: string[];
  /** A case into which only these groups of the checklist go; absent = anything. */
  @Optional() @Words(PACK_GROUPS) only?: PackGroup[];
  /** People in a vehicle besides its driver. */
  @Optional() @Int(0, 60) aboard?: number;
  /** It keeps its place in its rack when that is arranged. */
  @Optional() @Flag() stays?: boolean;
  /** Another thing of its rack that it must touch there: above, below, beside or behind it. */
  @Optional() @Ref() beside?: string;
  /** It comes off its case for travel, and goes on again there: aerials, a bracket, a lid. */
  @Optional() @Flag() comesOff?: boolean;
  /** Another thing that it rides in one case with. */
  @Optional() @Ref() ridesWith?: string;
  /** Files that it is set up by, every version of each. */
  @Optional() @MapOf(() => SettingsFile, 200) settings?: Map<SettingsFile>;
  /** How its knobs and menus are set, where the plan does not say it already. */
  @Optional() @MapOf(() => Knob, 60) knobs?: Map<Knob>;
  /** What its buttons do, for a sheet beside it: a line for each row, with | between buttons. */
  @Optional() @Text(4000) buttons?: string;
  @Optional() @MapOf(() => AfterTransport, 40) afterTransport?: Map<AfterTransport>;
  /** A picture of it. */
  @Optional() @Ref() photo?: string;
  /** A case that the sun shines on. */
  @Optional() @Flag() sunlit?: boolean;
  /** Belongs to the venue and stays: never packed. */
  @Optional() @Flag() resident?: boolean;
  /** The record of the venue that it is: a line from wall to wall, or gear of the house. */
  @Optional() @Ref() house?: string;
  /** Where it is drawn on the schematic beside its reckoned place: right and down. */
  @Optional() @At() nudge?: Point;
  /** The assembly that it is the case of. */
  @Optional() @One(() => FromAssembly) assembly?: FromAssembly;
  /** Its part in the assembly of the case that it is in. */
  @Optional() @Ref() part?: string;
}
