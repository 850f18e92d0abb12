/** Who is put on each role, and to whom falls what nobody is put on. */
import { inOrder } from '../../foundations/index.js';
import { roleFilled } from './figures.js';
import type { HandsReads, RoleResult, Roles } from './result.js';
import type { Wanted } from './roles.js';

/** Each role with whoever is put on it, or does it besides another one. */
export function rolesOf({
  wanted,
  assignments,
  people,
}: {
  readonly wanted: readonly Wanted[];
  readonly assignments: HandsReads['assignments'];
  readonly people: HandsReads['people'];
}): Roles {
  // Whoever said no is not on it any more, though it is kept that they did.
  const all = inOrder(assignments);
  const saidNo = all.flatMap(([, { role, person, answer }]) =>
    answer?.how === 'no' ? [{ role, person }] : [],
  );
  const assigned = new Map(
    all
      .filter(([, { answer }]) => answer?.how !== 'no')
      .toReversed()
      .map(([id, { role, person, answer }]) => [role, { id, person, answer: answer?.how }] as const),
  );
  const known = (key: string): string | undefined => {
    const person = assigned.get(key)?.person;
    return person !== undefined && Object.hasOwn(people, person) ? person : undefined;
  };
  const labels = new Map(wanted.map(({ key, label }) => [key, label]));
  return Object.fromEntries(
    wanted.map(({ fallsTo, ...role }): [string, RoleResult] => {
      const own = known(role.key);
      const next = fallsTo.filter(key => labels.has(key));
      // Where nobody does any of them yet, whoever will do the first does this too: one is missing, not two.
      const besides = own === undefined ? (next.find(known) ?? next[0]) : undefined;
      const person = own ?? (besides === undefined ? undefined : known(besides));
      return [
        role.key,
        {
          ...role,
          person,
          besides: besides === undefined ? undefined : labels.get(besides),
          assignment: assigned.get(role.key)?.id,
          answer: assigned.get(role.key)?.answer,
          declined: saidNo.flatMap(each => (each.role === role.key ? [each.person] : [])),
          filled: roleFilled.found([role.key], (person ?? besides) !== undefined, [], {
            method:
              own !== undefined
                ? 'a person is put on it'
                : besides === undefined
                  ? 'nobody is put on it'
                  : `falls to ${labels.get(besides) ?? besides} until somebody else is put on it`,
          }),
        },
      ];
    }),
  );
}
