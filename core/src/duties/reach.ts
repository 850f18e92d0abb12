/** How somebody is reached. */
import type { Person } from '../documents/index.js';
import { isYoungOn } from '../stations/youth.js';

export interface Reach {
  /** They are under 18: it goes by way of whoever answers for them. */
  readonly young: boolean;
  readonly phone?: string;
  readonly mail?: string;
}

/** Whoever is under 18 on a day (`2026-12-04`) is reached by way of their guardian only. */
export function reachOf(person: Person, day: string): Reach {
  const young = isYoungOn(person, day);
  const { phone, mail } = (young ? person.guardian : person) ?? {};
  return { young, ...(phone !== undefined && { phone }), ...(mail !== undefined && { mail }) };
}
