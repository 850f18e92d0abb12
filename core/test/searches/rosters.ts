/** Rosters for tests: people, jobs and events in a line each, and what the search makes of them. */
import type { Person } from '../../src/documents/index.js';
import { USUAL_CARE, USUAL_WISHES, type SkillLevel, type SkillName } from '../../src/foundations/index.js';
import { roster } from '../../src/searches/index.js';
import type { Care, Job, RosterEvent, RosterProblem } from '../../src/searches/roster/problem.js';
import type { RosterWay } from '../../src/searches/roster/stages.js';
import { ended } from '../../src/searches/search.js';
import { highsSolver } from './solver.js';

export const means = { solve: highsSolver(), now: () => 0 };

export const CARE: Care = { ...USUAL_CARE, youngLeave: undefined, vetted: false, wishes: USUAL_WISHES };
const LONDON = 'Europe/London';

export const person = (
  name: string,
  skills: Partial<Record<SkillName, SkillLevel>>,
  more: Partial<Person> = {},
): Person => ({
  name,
  skills: Object.entries(skills).map(([skill, level]) => ({ skill: skill as SkillName, level })),
  ...more,
});
export const job = (skill: SkillName, more: Partial<Job> = {}): Job => ({
  ...{ roles: [skill], label: skill, skills: [skill], vital: false },
  ...more,
});
export const event = (
  id: string,
  from: string,
  to: string,
  jobs: readonly Job[],
  more: Partial<RosterEvent> = {},
): RosterEvent => ({
  ...{ id, label: id, zone: LONDON, from, to, jobs },
  ...more,
});
export const problemOf = (
  people: RosterProblem['people'],
  events: readonly RosterEvent[],
  more: Partial<RosterProblem> = {},
): RosterProblem => ({ people, events, past: {}, inMonth: {}, care: CARE, ...more });

export const solved = (problem: RosterProblem, way: RosterWay = 'fairest') =>
  ended(roster.solve({ problem, way, seconds: 60, own: { id: 'own', assignments: undefined } }, means));
export const onDuty = async (problem: RosterProblem, way?: RosterWay): Promise<string[]> =>
  (await solved(problem, way)).answer.duties
    .map(({ event: at, label, name }) => `${at} ${label}: ${name}`)
    .sort();

export const FRIDAY = ['2026-12-04T17:00:00Z', '2026-12-04T22:00:00Z'] as const;
export const SATURDAY = ['2026-12-05T09:00:00Z', '2026-12-05T14:00:00Z'] as const;
