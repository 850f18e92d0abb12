/** Hands: roles that the design asks for, who does them, and when they must come. */
import type { Assignment, Hands, Output, Rules, RunningItem, SkillName } from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  inOrder,
  taken,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
  type Term,
} from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { RunsResult } from '../runs/index.js';
import type { ShotsResult } from '../shots/index.js';
import type { SignalResult } from '../signal/index.js';
import { movesAbout, workedByHand, WORKED_WORDS, type Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { sharedOperators, type SharedOperator } from './shared-operators.js';
import { lateReady } from './snags/late-ready.js';
import { operatorApart } from './snags/operator-apart.js';
import { unfilled } from './snags/unfilled.js';
import { unskilled } from './snags/unskilled.js';

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
  readonly runs: RunsResult;
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

export interface HandsResult {
  /** By position in the design; keyed by the role’s key. */
  readonly roles: Readonly<Record<string, RoleResult>>;
  readonly wanted: Figure;
  readonly filled: Figure;
  readonly people: Figure;
  /** Work before the line check, in minutes of one person. */
  readonly work: Figure;
  readonly rigging: Figure;
  /** People on more than one camera. */
  readonly shared: Readonly<Record<string, SharedOperator>>;
  /** When the first people must be there. */
  readonly call: Figure;
}

interface Wanted {
  readonly key: string;
  readonly label: string;
  readonly skill: SkillName;
  readonly why: string;
}

/** Roles follow from the design: lead always, operators per operated camera, the rest by what is there. */
function rolesWanted(
  devices: MapOf<Equipment> | undefined,
  outputs: MapOf<Output> | undefined,
  signal: SignalResult,
): Wanted[] {
  const all = inOrder(devices);
  const familyOf = (id: string) => signal.wiring.kindOf(id)?.family;
  const streams = Object.values(outputs ?? {}).some(output => output.kind === 'stream');
  const roles: Wanted[] = [{ key: 'lead', label: 'Lead', skill: 'lead', why: 'always one' }];
  if (all.some(([id]) => familyOf(id) === 'switcher')) {
    roles.push({ key: 'mixer', label: 'Vision mixer', skill: 'mixing', why: 'there is a switcher' });
  }
  for (const [id, device] of all) {
    if (!workedByHand(device.worked) || familyOf(id) !== 'camera') continue;
    roles.push({
      key: `camera ${id}`,
      label: `Camera operator, ${device.label}`,
      skill: 'camera',
      why: `${device.label} is worked ${WORKED_WORDS[device.worked ?? 'operated']}`,
    });
    if (movesAbout(device.worked)) {
      roles.push({
        key: `helper ${id}`,
        label: `${device.worked === 'crane' ? 'Crane watcher' : 'Cable helper'}, ${device.label}`,
        skill: 'floor',
        why:
          device.worked === 'crane'
            ? 'somebody keeps people out of its sweep'
            : 'somebody pays out and takes in the lead of a camera that is carried about',
      });
    }
  }
  const remote = all.filter(([id, device]) => device.worked === 'remote' && familyOf(id) === 'camera');
  for (let i = 0; i < remote.length; i += 3) {
    roles.push({
      key: `remote ${i / 3 + 1}`,
      label: 'Remote-camera operator',
      skill: 'camera',
      why: `${remote
        .slice(i, i + 3)
        .map(([, device]) => device.label)
        .join(', ')} worked by remote`,
    });
  }
  if (all.some(([id]) => familyOf(id) === 'computer')) {
    roles.push({
      key: 'graphics',
      label: 'Graphics and words',
      skill: 'graphics',
      why: 'a computer shows words',
    });
  }
  if (streams) {
    roles.push({ key: 'sound', label: 'Stream sound', skill: 'sound', why: 'a stream is wanted' });
    roles.push({ key: 'monitor', label: 'Stream watcher', skill: 'stream', why: 'a stream is wanted' });
  }
  roles.push({ key: 'floor', label: 'Floor', skill: 'floor', why: 'speakers, microphones, doors' });
  return roles;
}

function compute(
  { devices, outputs, assignments, hands, brief, shots, signal, runs }: HandsReads,
  memo: Memo,
): HandsResult {
  const { wiring } = signal;
  const roles = memo.once('roles', [devices, wiring, outputs, assignments, hands], () =>
    rolesOf(rolesWanted(devices, outputs, signal), assignments, hands),
  );
  const crossings = new Set(
    Object.values(runs.runs).flatMap(run =>
      run.crossings.filter(zone => zone.kind === 'aisle').map(zone => zone.id),
    ),
  ).size;
  const leads = Object.keys(runs.runs).length;
  const work = memo.once('work', [devices, wiring, runs.totalOnFloor, crossings, leads], () =>
    workOf(devices, signal, runs.totalOnFloor, crossings, leads),
  );
  const shared = memo.once('shared', [roles, shots.cameras], () => sharedOperators(roles, shots.cameras));
  return memo.once('result', [roles, work, shared, brief], () => ({
    ...{ roles, work, shared },
    ...callOf(roles, work, brief),
  }));
}

function rolesOf(
  wanted: readonly Wanted[],
  assignments: MapOf<Assignment> | undefined,
  hands: Hands,
): Record<string, RoleResult> {
  const roles: Record<string, RoleResult> = {};
  for (const role of wanted) {
    const assignment = inOrder(assignments).find(([, each]) => each.role === role.key);
    const person = assignment?.[1].person;
    const known = person !== undefined && Object.hasOwn(hands.people, person);
    roles[role.key] = {
      ...role,
      person: known ? person : undefined,
      assignment: assignment?.[0],
      filled: found(known, '', known ? 'a person is put on it' : 'nobody is put on it'),
    };
  }
  return roles;
}

function callOf(
  roles: Readonly<Record<string, RoleResult>>,
  work: Figure,
  brief: BriefResult,
): Omit<HandsResult, 'roles' | 'work' | 'shared'> {
  const each = (name: string): Term[] =>
    Object.entries(roles).map(([key, role]) => taken(name, role.filled, `hands.roles.${key}.filled`));
  const people = new Set(Object.values(roles).flatMap(role => role.person ?? []));
  const peopleFigure = found(people.size, 'people', 'different people put on roles');
  const rigging =
    people.size === 0
      ? unknown('min', 'nobody is put on a role yet')
      : calc(
          'min',
          'work / people + power_up + line_check',
          [
            taken('work', work, 'hands.work'),
            taken('people', peopleFigure, 'hands.people'),
            constant('power_up', 5, 'min', 'power up and warm'),
            constant('line_check', 10, 'min', 'line check'),
          ],
          { rule: 'work shared evenly; a real schedule never is faster' },
        );
  return {
    wanted: calc('people', 'count(role)', each('role')),
    filled: calc('people', 'sum(role)', each('role')),
    people: peopleFigure,
    rigging,
    call: calc(
      'instant',
      'later(start, -(max(rigging, rig + check) + rehearse + wait))',
      [
        taken('start', brief.start, 'brief.start'),
        taken('rigging', rigging, 'hands.rigging'),
        taken('rig', brief.phases.rig, 'brief.phases.rig'),
        taken('check', brief.phases.check, 'brief.phases.check'),
        taken('rehearse', brief.phases.rehearse, 'brief.phases.rehearse'),
        taken('wait', brief.phases.wait, 'brief.phases.wait'),
      ],
      { rule: 'counted back from the start' },
    ),
  };
}

/** Minutes of one person: cameras 8 or 12, cable 1 per 4 m taped, ramps 3 per crossing, links 1.5 + 0.5. */
function workOf(
  devices: MapOf<Equipment> | undefined,
  signal: SignalResult,
  totalOnFloor: Figure,
  crossings: number,
  leads: number,
): Figure {
  const cameras = inOrder(devices).filter(([id]) => signal.wiring.kindOf(id)?.family === 'camera');
  const operated = cameras.filter(([, device]) => workedByHand(device.worked)).length;
  const design = 'counted in the design';
  return calc(
    'min',
    '12 * operated + 8 * locked + floor / 4 + 3 * ramps + 2 * links + 5 * cameras',
    [
      constant('operated', operated, 'pieces', `${design}; 12 min each to rig`),
      constant('locked', cameras.length - operated, 'pieces', `${design}; 8 min each to rig`),
      taken('floor', totalOnFloor, 'runs.totalOnFloor'),
      constant('ramps', crossings, 'pieces', `${design}; 3 min each`),
      constant('links', leads, 'pieces', `${design}; 1.5 min to connect, 0.5 to inspect`),
      constant('cameras', cameras.length, 'pieces', 'set formats 2 min, white balance 3 min'),
    ],
    { rule: 'minutes of one person' },
  );
}

export const hands: Station<HandsReads, HandsResult> = {
  name: 'hands',
  rules: [unfilled, unskilled, operatorApart, lateReady],
  compute,
};
