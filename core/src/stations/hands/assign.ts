/** Putting a person on a role. */
import { idFrom, inOrder, type Fix, type Operation } from '../../foundations/index.js';
import type { HandsReads, HandsSeen, RoleResult } from './result.js';
import { levelOf } from './levels.js';
import { inPlan } from '../../edits.js';

const RANK = { 'can lead': 1, 'can do': 0 } as const;

/** Operations that put a person on a role, in place of whoever had it. */
export function assignPatch(
  assignments: HandsReads['assignments'],
  role: Pick<RoleResult, 'key' | 'assignment'>,
  person: string,
): Operation[] {
  const usual = idFrom(`role/${role.key}`);
  // Whoever said no stays written down.
  const free = assignments?.[usual] === undefined ? usual : idFrom(`role/${role.key}/${person}`);
  return inPlan({ assignments }).put('assignments', role.assignment ?? free, { role: role.key, person })
    .patch;
}

/** People with the skill who have no role yet and are not away, the most able first. */
function* assignFixes(
  { people, assignments, own: { says } }: HandsSeen,
  role: RoleResult,
  taken: ReadonlySet<string>,
): Generator<Fix> {
  const able = inOrder(people)
    .flatMap(([id, person]) => {
      const level = levelOf(person, role.skill);
      const isFree = !taken.has(id) && says[id] !== 'is away' && !person.erased;
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
  const taken = new Set(Object.values(seen.own.roles).flatMap(each => each.person ?? []));
  for (const key of roles) {
    const role = seen.own.roles[key];
    if (role) yield* assignFixes(seen, role, taken);
  }
}
