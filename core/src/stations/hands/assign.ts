/** Putting a person on a role. */
import type { Assignment } from '../../documents/index.js';
import { idFrom, inOrder, type Fix, type Operation } from '../../foundations/index.js';
import type { HandsReads, HandsSeen, RoleResult } from './result.js';
import { levelOf } from './levels.js';
import { inPlan } from '../../edits.js';

const RANK = { 'can lead': 1, 'can do': 0 } as const;

/**
 * The record by which somebody is put on a role: that of whoever has it so far, else a new one, which leaves written down
 * who said no.
 */
export function assignmentFor(assignments: HandsReads['assignments'], role: string, person: string): string {
  const so = inOrder(assignments).find(([, each]) => each.role === role && each.answer?.how !== 'no');
  const usual = idFrom(`role/${role}`);
  return so?.[0] ?? (assignments?.[usual] === undefined ? usual : idFrom(`role/${role}/${person}`));
}

/** Operations that put a person on a role, in place of whoever had it. */
export const assignPatch = (
  assignments: HandsReads['assignments'],
  { key: role }: Pick<RoleResult, 'key'>,
  person: string,
): Operation[] =>
  inPlan({ assignments }).put('assignments', assignmentFor(assignments, role, person), { role, person })
    .patch;

const no = ({ person, answer }: Assignment): string[] => (answer?.how === 'no' ? [person] : []);

/** People with the skill who have no role at the time, here or elsewhere, are not away and did not say no, the most able first. */
function* assignFixes(
  { people, assignments, own: { says } }: HandsSeen,
  role: RoleResult,
  taken: ReadonlySet<string>,
): Generator<Fix> {
  const saidNo = new Set(Object.values(assignments ?? {}).flatMap(no));
  const able = inOrder(people)
    .flatMap(([id, person]) => {
      const level = levelOf(person, role.skill);
      const isFree = !taken.has(id) && says[id] !== 'is away' && !saidNo.has(id) && !person.erased;
      return level && level !== 'learning' && isFree ? [{ id, name: person.name, level }] : [];
    })
    .sort((a, b) => RANK[b.level] - RANK[a.level]);
  for (const { id, name } of able) {
    yield {
      label: `Put ${name} on it`,
      changes: [{ document: 'plan', patch: assignPatch(assignments, role, id) }],
    };
  }
}

/** Puts somebody who can do it, and has no role yet, on each of some roles in turn. */
export function* fixesByAssigning(seen: HandsSeen, roles: readonly string[]): Generator<Fix> {
  const { roles: own, elsewhere } = seen.own;
  const taken = new Set(
    [...Object.values(own), ...Object.values(elsewhere)].flatMap(each => each.person ?? []),
  );
  for (const key of roles) {
    const role = own[key];
    if (role) yield* assignFixes(seen, role, taken);
  }
}

/** The same for every role that somebody is on by themselves. */
export const fixesInPlaceOf = (seen: HandsSeen, id: string): Generator<Fix> =>
  fixesByAssigning(
    seen,
    Object.values(seen.own.roles).flatMap(({ key, person, besides }) =>
      person === id && besides === undefined ? [key] : [],
    ),
  );
