/** What Hands reads and what comes of it. */
import type {
  Assignment,
  Break,
  Claims,
  CrewSchedule,
  Hands,
  Output,
  PlanHours,
  Rules,
  RunningItem,
  Shot,
} from '../../documents/index.js';
import {
  rulesOf,
  type AnswerHow,
  type Figure,
  type MapOf,
  type Point,
  type SkillName,
} from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { Equipment } from '../equipment.js';
import type { PackResult } from '../pack/index.js';
import type { RunsResult } from '../runs/index.js';
import type { ShotsResult } from '../shots/index.js';
import type { SignalReads, SignalResult } from '../signal/index.js';
import type { Seen } from '../station.js';
import type { Job } from './attention.js';
import type { Says } from './presence.js';
import type { ScheduleResult, Tasks } from './tasks/result.js';

/** Where somebody works at a thing, and on which gallery. */
export interface WorkPlace {
  readonly at: Point;
  readonly level: string | undefined;
}

export interface HandsReads extends Pick<SignalReads, 'kinds' | 'shelf'> {
  readonly devices: MapOf<Equipment> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly shotsWanted: MapOf<Shot> | undefined;
  readonly assignments: MapOf<Assignment> | undefined;
  /** Who is young is so on the day of the event. */
  readonly people: Hands['people'];
  readonly rules: Rules;
  /** Clocks of the event. */
  readonly zone: string;
  /** Where the things stand that somebody works at, by device. */
  readonly workPlaces: Readonly<Record<string, WorkPlace>>;
  /** How many of the crew are let in, where the survey says it. */
  readonly letIn: number | undefined;
  readonly brief: BriefResult;
  readonly shots: ShotsResult;
  readonly signal: SignalResult;
  readonly runs: Pick<RunsResult, 'runs' | 'totalOnFloor' | 'looms' | 'ramps'>;
  readonly schedule: CrewSchedule | undefined;
  readonly breaks: MapOf<Break> | undefined;
  readonly hours: PlanHours | undefined;
  readonly carried: PackResult['carried'];
  /** What people do meanwhile at other events. */
  readonly elsewhere: Claims['duties'];
}

/** What a role does while it is live. */
export interface RoleDone {
  /** Jobs that the running order counts. */
  readonly jobs: readonly Job[];
  /** The cameras that it works. */
  readonly cameras: readonly string[];
  /** The device at which it is done; undefined: wherever they are. */
  readonly at: string | undefined;
  /** It takes both hands from the first moment to the last. */
  readonly bothHands: boolean;
  /** It takes attention that no count of the running order says. */
  readonly unsaid: boolean;
}

export interface RoleResult {
  /** Stable key: the role’s name, and its device where it has one. */
  readonly key: string;
  readonly label: string;
  readonly skill: SkillName;
  readonly why: string;
  readonly where: string;
  readonly when: string;
  readonly done: RoleDone;
  readonly person: string | undefined;
  /** The role to which it falls, as nobody is put on it: whoever does that does this besides. */
  readonly besides: string | undefined;
  readonly assignment: string | undefined;
  /** What they said when they were asked; undefined where nobody asked them. */
  readonly answer: AnswerHow | undefined;
  /** Who was asked and said no. */
  readonly declined: readonly string[];
  readonly filled: Figure;
}

export type Roles = Readonly<Record<string, RoleResult>>;

export interface SharedOperator {
  /** Cameras this person works, by id. */
  readonly cameras: readonly string[];
  /** Between the two that are farthest apart, m. */
  readonly apart: Figure;
}

/** What the operator of a camera needs of whoever calls and mixes; nothing where that is the same person. */
export interface OperatorLines {
  readonly talkback?: Figure;
  readonly tally?: Figure;
}

/** What one item of the running order asks of one person. */
export interface ItemLoad {
  /** Of their attention, as far as is known, %. */
  readonly least: Figure;
  /** The most that it can be; unknown where something is not counted. */
  readonly most: Figure;
}

/** What the live part asks of one person. */
export interface Workload {
  /** Keys of their roles. */
  readonly roles: readonly string[];
  readonly items: Readonly<Record<string, ItemLoad>>;
  /** Of the fullest item, %. */
  readonly peak: Figure;
  /** Things at once that take both hands, or one such beside anything else that is done. */
  readonly atOnce: Figure;
  /** Whether one person can do it. */
  readonly verdict: Figure;
}

/** Of somebody on a role: what they say of the time of it. */
export interface OnDuty {
  readonly says: Figure;
}

/** Of somebody who is on a role of an event that overlaps. */
export interface Elsewhere {
  readonly person: string;
  readonly event: string;
  /** Both are live at one time: where. */
  readonly live?: Figure;
  /** They overlap otherwise, as one is got ready or struck: where. */
  readonly beside?: Figure;
}

export interface YoungOnDuty {
  readonly adults: Figure;
  /** Where the house says when they have left. */
  readonly stays?: Figure;
  /** Longest time without a break, h. */
  readonly stretch: Figure;
  /** Where somebody comes with them who is no family. */
  readonly ride?: Figure;
}

export interface HandsResult {
  /** By position in the design; keyed by the role’s key. */
  readonly roles: Roles;
  readonly wanted: Figure;
  readonly filled: Figure;
  readonly people: Figure;
  /** People of the crew who are inside, found and not found yet. */
  readonly inside: Figure;
  /** How many more are let in. */
  readonly placesLeft: Figure;
  /** Of everybody with something to do while it is live, by person. */
  readonly workload: Readonly<Record<string, Workload>>;
  /** By camera. */
  readonly lines: Readonly<Record<string, OperatorLines>>;
  /** Work before the line check, in minutes of one person. */
  readonly work: Figure;
  /** Minutes of one person that leads save which arrive plugged in their case. */
  readonly saved: Figure;
  readonly rigging: Figure;
  /** People on more than one camera. */
  readonly shared: Readonly<Record<string, SharedOperator>>;
  /** Of all people together, of those too who are not found yet. */
  readonly crewHours: Figure;
  /** Work before the rehearsal, one piece each. */
  readonly tasks: Tasks;
  /** Work after the end, one piece each, and minutes that it takes those who are there. */
  readonly strike: Tasks;
  readonly striking: Figure;
  /** Where a schedule was accepted. */
  readonly schedule: ScheduleResult | undefined;
  /** Of the work after the end, where it is part of what was accepted. */
  readonly struck: ScheduleResult | undefined;
  /** When the first people must be there. */
  readonly call: Figure;
  /** When people are asked to come, and when everything is struck, as it is planned. */
  readonly askedFrom: Figure;
  readonly leave: Figure;
  /** Minutes that people are called before the venue opens, and that it is struck after it is locked; where it says so. */
  readonly beforeOpen: Figure | undefined;
  readonly afterLocked: Figure | undefined;
  /** What each person of the house says of the time between, by id. */
  readonly says: Readonly<Record<string, Says>>;
  /** Everybody who is under 18 on the day of the event. */
  readonly underage: readonly string[];
  /** Of those who are put on a role. */
  readonly onDuty: Readonly<Record<string, OnDuty>>;
  /** Of those on a role who take a car: hours that they are awake when they are home. */
  readonly awake: Readonly<Record<string, Figure>>;
  /** Longest time without a break, h. */
  readonly stretch: Figure;
  /** Where one person does everything: for how long they strike at night, min. */
  readonly alone: Figure | undefined;
  /** By duty at another event that overlaps, of everybody who has one. */
  readonly elsewhere: Readonly<Record<string, Elsewhere>>;
  /** Of those under 18 who are put on a role. */
  readonly young: Readonly<Record<string, YoungOnDuty>>;
}

export type HandsSeen = Seen<HandsReads, HandsResult>;

export const handsRule = rulesOf<HandsSeen>('hands');
