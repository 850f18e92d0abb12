/** What Hands reads and what comes of it. */
import type { Assignment, Hands, Output, Rules, RunningItem, SkillName } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { Equipment } from '../equipment.js';
import type { PackResult } from '../pack/index.js';
import type { RunsResult } from '../runs/index.js';
import type { ShotsResult } from '../shots/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Seen } from '../station.js';

export interface HandsReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly assignments: MapOf<Assignment> | undefined;
  readonly hands: Hands;
  readonly rules: Rules;
  readonly brief: BriefResult;
  readonly shots: ShotsResult;
  readonly signal: SignalResult;
  readonly runs: Pick<RunsResult, 'runs' | 'totalOnFloor'>;
  readonly carried: PackResult['carried'];
}

export interface RoleResult {
  /** Stable key: the role’s name, and its device where it has one. */
  readonly key: string;
  readonly label: string;
  readonly skill: SkillName;
  readonly why: string;
  readonly person: string | undefined;
  readonly assignment: string | undefined;
  readonly filled: Figure;
}

export type Roles = Readonly<Record<string, RoleResult>>;

export interface SharedOperator {
  /** Cameras this person works, by id. */
  readonly cameras: readonly string[];
  /** Between the two that are farthest apart, m. */
  readonly apart: Figure;
}

export interface HandsResult {
  /** By position in the design; keyed by the role’s key. */
  readonly roles: Roles;
  readonly wanted: Figure;
  readonly filled: Figure;
  readonly people: Figure;
  /** Work before the line check, in minutes of one person. */
  readonly work: Figure;
  /** Minutes of one person that leads save which arrive plugged in their case. */
  readonly saved: Figure;
  readonly rigging: Figure;
  /** People on more than one camera. */
  readonly shared: Readonly<Record<string, SharedOperator>>;
  /** Of all people together, of those too who are not found yet. */
  readonly crewHours: Figure;
  /** When the first people must be there. */
  readonly call: Figure;
}

export type HandsSeen = Seen<HandsReads, HandsResult>;

export const handsRule = rulesOf<HandsSeen>('hands');
