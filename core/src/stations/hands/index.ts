/** Hands: roles that the design asks for, who does them, and when they must come. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { filledOf, insideOf, peopleOf, placesLeftOf, wantedOf } from './call-time.js';
import { crewsOf, mixOf, placesOf } from './crews.js';
import { HANDS_FIGURES } from './figures.js';
import { rolesOf } from './filling.js';
import type { HandsReads, HandsResult } from './result.js';
import {
  askedFromOf,
  leaveOf,
  onDutyOf,
  onRoles,
  saysAt,
  spanOf,
  underageOf,
  youngOnDuty,
} from './on-duty.js';
import { elsewhereOf } from './elsewhere.js';
import { aloneOf, awakeOf, stretchOf } from './long-days.js';
import { operatorLines } from './operator-lines.js';
import { rolesWanted } from './roles.js';
import { sharedOperators } from './shared-operators.js';
import { gettingReady } from './getting-ready.js';
import { isLive, workloadOf } from './workload.js';

export type * from './result.js';

export const hands: Station<HandsReads, HandsResult> = {
  name: 'hands',
  figures: HANDS_FIGURES,
  compute(reads, parts) {
    const devices = () => reads.devices;
    const wiring = () => reads.signal.wiring;
    const views = () => reads.signal.views;
    const wanted = parts.part(
      'wanted',
      { devices, outputs: () => reads.outputs, wiring, views, fed: () => reads.signal.outputs },
      rolesWanted,
    );
    const roles = parts.part(
      'roles',
      { wanted, assignments: () => reads.assignments, people: () => reads.people },
      rolesOf,
    );
    const sources = () => reads.signal.sources;
    const countables = () => reads.signal.countables;
    const mix = parts.part('mix', { roles, sources, countables, wiring }, mixOf);
    const crews = parts.part('crews', { roles }, crewsOf);
    const places = parts.part('work places', { crews, places: () => reads.workPlaces }, placesOf);
    const workload = parts.each(
      'workload',
      () => Object.entries(crews()).filter(([, { own }]) => own.some(isLive)),
      (person, crew) => ({
        crew,
        runningOrder: reads.runningOrder,
        shots: reads.shotsWanted,
        mix: mix(),
        attention: reads.rules.attention,
        places: places()[person] ?? {},
      }),
      workloadOf,
    );
    const { brief } = reads;
    const before = () => brief.before;
    const askedFrom = parts.part('asked from', { start: () => brief.start, before }, askedFromOf);
    const people = parts.part('people', { roles }, peopleOf);
    const rolesNeeded = parts.part('roles wanted', { roles }, wantedOf);
    const rolesFilled = parts.part('roles filled', { roles }, filledOf);
    const leave = parts.part('leave', { end: () => brief.end, strike: () => brief.phases.strike }, leaveOf);
    const span = parts.part('span', { from: askedFrom, to: leave }, spanOf);
    const live = parts.part('live span', { from: () => brief.start, to: () => brief.end }, spanOf);
    const onDuty = parts.part('on roles', { roles }, onRoles);
    const stretch = parts.part(
      'stretch',
      {
        ...{ start: () => brief.start, phases: () => brief.phases, breaks: () => reads.breaks },
        ...{ askedFrom, leave },
      },
      stretchOf,
    );
    const getting = gettingReady(reads, parts, {
      ...{ people, onDuty, leave, wanted: rolesNeeded, filled: rolesFilled },
    });
    const says = parts.each(
      'says',
      () => Object.entries(reads.people),
      (_, person) => ({ person, span: span(), zone: reads.zone }),
      saysAt,
    );
    const inside = parts.part('inside', { people, wanted: rolesNeeded, filled: rolesFilled }, insideOf);
    return resultOf<HandsResult>({
      roles,
      people,
      wanted: rolesNeeded,
      filled: rolesFilled,
      inside,
      placesLeft: parts.part('places left', { inside, letIn: () => reads.letIn }, placesLeftOf),
      workload,
      lines: parts.part('lines', { roles, cameras: () => reads.signal.cameras }, operatorLines),
      shared: parts.part('shared', { roles, cameras: () => reads.shots.cameras }, sharedOperators),
      askedFrom,
      leave,
      says,
      underage: parts.part('underage', { people: () => reads.people }, underageOf),
      onDuty: parts.part('on duty', { onDuty, says }, onDutyOf),
      awake: parts.part('awake', { onDuty, people: () => reads.people, askedFrom, leave }, awakeOf),
      stretch,
      alone: parts.part(
        'alone',
        {
          ...{ people, wanted: rolesNeeded, filled: rolesFilled, span, zone: () => reads.zone },
          strike: () => brief.phases.strike,
        },
        aloneOf,
      ),
      elsewhere: parts.part('elsewhere', { span, live, duties: () => reads.elsewhere }, elsewhereOf),
      young: parts.part(
        'young',
        {
          ...{ onDuty, people: () => reads.people, leave, span, stretch, zone: () => reads.zone },
          leaveBy: () => reads.rules.crew?.youngLeave,
          vetted: () => reads.rules.crew?.vetted,
        },
        youngOnDuty,
      ),
      ...getting,
    });
  },
};
