/** Whose names a device keeps: of those who are in the plan, and of nobody else. */
import type { Hands, Plan } from '@idle-satchel/core/documents';

/** What somebody is called whose name is not kept. */
const SOMEBODY = 'somebody else';

/** The people with what is worked out from them; only who is in the plan is called by name. */
export function namesNeeded({ people }: Hands, plan: Plan): Hands {
  const written = JSON.stringify(plan);
  return {
    people: Object.fromEntries(
      Object.entries(people).map(([id, person]) => [
        id,
        written.includes(`"${id}"`) ? person : { ...person, name: SOMEBODY },
      ]),
    ),
  };
}
