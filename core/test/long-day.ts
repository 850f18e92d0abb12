import { assess } from '../src/assess.js';
import type { Bundle, DutyElsewhere } from '../src/documents/index.js';

/** Somebody who drives home, and two who are on another event too: while both are live, and while one is struck. */
export function longDay({ hands, claims, ...bundle }: Bundle): Bundle {
  const { people } = hands;
  const { petralund1 } = people;
  const { start } = bundle.plan;
  const after = (minutes: number): string => new Date(Date.parse(start) + minutes * 60_000).toISOString();
  const { brief } = assess({ hands, claims, ...bundle });
  const live = (Date.parse(String(brief.end.value)) - Date.parse(start)) / 60_000;
  const duty = (person: string, from: number): DutyElsewhere => ({
    ...{ person, event: 'Harvest supper' },
    ...{ from: after(from), begin: after(from), end: after(from + 60), to: after(from + 90) },
  });
  return {
    ...bundle,
    hands: {
      people: { ...people, ...(petralund1 && { petralund1: { ...petralund1, seats: 3, travel: 45 } }) },
    },
    claims: {
      ...claims,
      duties: { dutylive01: duty('petralund1', 0), dutyafter1: duty('wilfokonjo', live + 5) },
    },
  };
}

/** One person who does everything. */
export function aloneIn(bundle: Bundle, person: string): Bundle {
  const roles = Object.keys(assess(bundle).hands.roles);
  const own = roles.map((role, i) => [`assignrole${i}`, { role, person }] as const);
  return { ...bundle, plan: { ...bundle.plan, assignments: Object.fromEntries(own) } };
}
