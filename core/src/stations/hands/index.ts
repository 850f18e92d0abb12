/** Hands: roles that the design asks for, who does them, and when they must come. */
import { inOrder, resultOf } from '../../foundations/index.js';
import { workedByHand } from '../equipment.js';
import { kindDoes } from '../signal/functions.js';
import type { Station } from '../station.js';
import {
  callOf,
  crewHoursOf,
  filledOf,
  peopleOf,
  riggingOf,
  savedBy,
  wantedOf,
  workOf,
} from './call-time.js';
import { HANDS_FIGURES } from './figures.js';
import type { HandsReads, HandsResult } from './result.js';
import { rolesOf, rolesWanted } from './roles.js';
import { sharedOperators } from './shared-operators.js';

export type * from './result.js';

export const hands: Station<HandsReads, HandsResult> = {
  name: 'hands',
  figures: HANDS_FIGURES,
  compute(reads, parts) {
    const devices = () => reads.devices;
    const wiring = () => reads.signal.wiring;
    const cameras = () => inOrder(devices()).filter(([id]) => kindDoes(wiring().kindOf(id), 'sees'));
    const operated = () => cameras().filter(([, { worked }]) => workedByHand(worked)).length;
    const wanted = parts.part('wanted', { devices, outputs: () => reads.outputs, wiring }, rolesWanted);
    const roles = parts.part(
      'roles',
      { wanted, assignments: () => reads.assignments, people: () => reads.hands.people },
      rolesOf,
    );
    const arriving = () => pluggedLeads(reads.signal.plugged, reads.runs.runs);
    const work = parts.part(
      'work',
      {
        operated,
        locked: () => cameras().length - operated(),
        floor: () => reads.runs.totalOnFloor,
        ramps: () => aislesCrossed(reads.runs.runs),
        links: () => Object.keys(reads.runs.runs).length - arriving(),
        carrying: () => reads.carried.work,
      },
      workOf,
    );
    const people = parts.part('people', { roles }, peopleOf);
    const rigging = parts.part('rigging', { work, people }, riggingOf);
    const { brief } = reads;
    const rolesNeeded = parts.part('roles wanted', { roles }, wantedOf);
    const rolesFilled = parts.part('roles filled', { roles }, filledOf);
    return resultOf<HandsResult>({
      roles,
      people,
      work,
      saved: parts.part('saved', { links: arriving }, savedBy),
      rigging,
      wanted: rolesNeeded,
      filled: rolesFilled,
      crewHours: parts.part(
        'crew hours',
        { people, wanted: rolesNeeded, filled: rolesFilled, rigging, phases: () => brief.phases },
        crewHoursOf,
      ),
      shared: parts.part('shared', { roles, cameras: () => reads.shots.cameras }, sharedOperators),
      call: parts.part('call', { rigging, start: () => brief.start, phases: () => brief.phases }, callOf),
    });
  },
};

/** How many leads arrive plugged. */
const pluggedLeads = (plugged: HandsReads['signal']['plugged'], runs: HandsReads['runs']['runs']): number =>
  Object.keys(plugged).filter(id => runs[id] !== undefined).length;

/** How many clear aisles leads cross. */
const aislesCrossed = (runs: HandsReads['runs']['runs']): number =>
  new Set(
    Object.values(runs).flatMap(({ crossings }) =>
      crossings.flatMap(({ kind, id }) => (kind === 'aisle' ? [id] : [])),
    ),
  ).size;
