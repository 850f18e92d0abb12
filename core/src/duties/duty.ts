/** What somebody does at one event, as they themselves are told it. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, OPEN_FIRST, type AnswerHow } from '../foundations/index.js';
import type { RoleResult } from '../stations/hands/index.js';

export interface DutyRole {
  readonly key: string;
  readonly label: string;
  readonly where: string;
  readonly when: string;
}

/** What is told to somebody of one event: when, where, what, and beside whom. Instants are UTC. */
export interface Duty {
  readonly label: string;
  readonly start: string;
  readonly zone: string;
  /** When they are asked to come, and when everything is struck; absent where that is not known. */
  readonly from?: string;
  readonly to?: string;
  readonly venue: string;
  readonly address?: string;
  readonly parking?: string;
  readonly access?: string;
  readonly roles: readonly DutyRole[];
  /** What they said of it; where they said different things of their roles, the one that wants something yet. */
  readonly answer?: AnswerHow;
  /** Adults who do the other roles, by the first of their names. */
  readonly beside: readonly { readonly role: string; readonly name: string }[];
}

/** The first of somebody’s names: enough to know whom one meets. */
export const givenName = (name: string): string => name.trim().split(/\s+/)[0] ?? '';

/** What a person of the house does at an event; undefined where they are on no role of it, and said no to none. */
export function dutyOf(
  person: string,
  { plan, hands: { people } }: Pick<Bundle, 'plan' | 'hands'>,
  { hands, ground }: Pick<Assessment, 'hands' | 'ground'>,
): Duty | undefined {
  const { venue } = ground;
  const all = Object.values(hands.roles);
  const own = all.filter(role => role.person === person);
  const answers = inOrder(plan.assignments)
    .filter(([, each]) => each.person === person)
    .map(([, { answer }]) => answer?.how);
  const roles = own.length > 0 ? own : all.filter(({ declined }) => declined.includes(person));
  if (roles.length === 0) return undefined;
  const answer = OPEN_FIRST.find(how => answers.includes(how) && (own.length === 0 || how !== 'no'));
  const [from, to] = [hands.askedFrom.value, hands.leave.value];
  return {
    ...{ label: plan.label, start: plan.start, zone: plan.zone, venue: venue.name },
    ...(typeof from === 'string' && { from }),
    ...(typeof to === 'string' && { to }),
    ...(venue.address !== undefined && { address: venue.address }),
    ...(venue.facts?.parking !== undefined && { parking: venue.facts.parking }),
    ...(venue.facts?.access !== undefined && { access: venue.facts.access }),
    roles: roles.map(({ key, label, where, when }) => ({ key, label, where, when })),
    ...(answer && { answer }),
    beside: all
      .filter(role => role.person !== undefined && role.person !== person && role.besides === undefined)
      .flatMap(role => beside(role, people, hands.underage)),
  };
}

/** Nobody under 18 is named to others. */
function beside(
  { label, person = '' }: RoleResult,
  people: Bundle['hands']['people'],
  underage: readonly string[],
): Duty['beside'] {
  const name = people[person]?.name;
  return name === undefined || underage.includes(person) ? [] : [{ role: label, name: givenName(name) }];
}
