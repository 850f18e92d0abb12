/** An event of a roster, as its plan asks for it. */
import type { Assessment } from '../../assess.js';
import type { Bundle } from '../../documents/index.js';
import { inOrder, type SkillName } from '../../foundations/index.js';
import type { RoleResult } from '../../stations/hands/index.js';
import type { Job, RosterEvent } from './problem.js';

/** Skills of the roles without which nothing goes out, or nobody answers for it. */
const VITAL: readonly SkillName[] = ['lead', 'mixing', 'stream', 'sound'];

/**
 * The event with its jobs; undefined where it is not known when people come and leave. Roles that one person has are one
 * job; a role that falls to another one is none.
 */
export function rosterEventOf(
  id: string,
  { plan }: Pick<Bundle, 'plan'>,
  { hands }: Pick<Assessment, 'hands'>,
): RosterEvent | undefined {
  const [from, to] = [hands.askedFrom.value, hands.leave.value];
  if (typeof from !== 'string' || typeof to !== 'string') return undefined;
  const own = Object.values(hands.roles).filter(({ besides }) => besides === undefined);
  const together = new Map<string, RoleResult[]>();
  for (const role of own) {
    const key = role.person ?? `nobody ${role.key}`;
    together.set(key, [...(together.get(key) ?? []), role]);
  }
  const accepted = new Set(
    inOrder(plan.assignments).flatMap(([, { role, answer }]) => (answer?.how === 'yes' ? [role] : [])),
  );
  const there = new Set(own.map(({ person }) => person));
  const saidNo = inOrder(plan.assignments).flatMap(([, { person, answer }]) =>
    answer?.how === 'no' && !there.has(person) ? [person] : [],
  );
  return {
    ...{ id, label: plan.label, zone: plan.zone, from, to, venue: plan.venue.id },
    jobs: [...together.values()].map(roles => jobOf(roles, accepted)),
    ...(saidNo.length > 0 && { saidNo: [...new Set(saidNo)] }),
  };
}

function jobOf(roles: readonly RoleResult[], accepted: ReadonlySet<string>): Job {
  const person = roles[0]?.person;
  return {
    roles: roles.map(({ key }) => key),
    label: roles.map(({ label }) => label).join(' + '),
    skills: [...new Set(roles.map(({ skill }) => skill))],
    vital: roles.some(({ skill }) => VITAL.includes(skill)),
    ...(person !== undefined && { person }),
    ...(roles.some(({ key }) => accepted.has(key)) && { accepted: true }),
  };
}
