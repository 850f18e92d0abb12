/** Whether somebody can be put on a job at all, looked at by itself; and if not, why. */
import type { Hands, Person } from '../../documents/index.js';
import { dayIn, type SkillName } from '../../foundations/index.js';
import { levelOf } from '../../stations/hands/levels.js';
import { saysOf, type Says } from '../../stations/hands/presence.js';
import { isYoungOn, minutesBeyond } from '../../stations/youth.js';
import type { Care, Job, RosterEvent } from './problem.js';

/** Why somebody cannot do a job. */
export interface Hindrance {
  readonly why: 'skill' | 'away' | 'late';
  readonly words: string;
}

/** What of somebody holds for a whole event. */
export interface AtEvent {
  readonly id: string;
  readonly says: Says;
  readonly young: boolean;
  /** They would have to stay longer than the house lets those under 18. */
  readonly late: boolean;
}

function atEvent(
  id: string,
  person: Person,
  event: RosterEvent,
  { youngLeave }: Pick<Care, 'youngLeave'>,
): AtEvent {
  const young = isYoungOn(person, dayIn(event.zone, event.from));
  return {
    id,
    says: saysOf(person, event, event.zone),
    young,
    late: young && youngLeave !== undefined && minutesBeyond(event, youngLeave, event.zone) > 0,
  };
}

/** The same of any of some people, each worked out once. Throws for nobody of them. */
export function atEvents(
  people: Hands['people'],
  care: Pick<Care, 'youngLeave'>,
): (person: string, event: RosterEvent) => AtEvent {
  const known = new Map<string, AtEvent>();
  return (id, event) => {
    const key = `${id} ${event.id}`;
    const before = known.get(key);
    if (before) return before;
    const person = people[id];
    if (!person) throw new RangeError(`nobody is ${id}`);
    const made = atEvent(id, person, event, care);
    known.set(key, made);
    return made;
  };
}

/** Skills that somebody is only learning, of those that a job needs. */
export const learningFor = (person: Person, { skills }: Job): SkillName[] =>
  skills.filter(skill => levelOf(person, skill) === 'learning');

export function hindranceOf(
  person: Person,
  event: RosterEvent,
  job: Job,
  at: AtEvent,
): Hindrance | undefined {
  const { name } = person;
  const lacking = job.skills.find(skill => levelOf(person, skill) === undefined);
  if (lacking !== undefined) return { why: 'skill', words: `${name} has not learnt ${lacking}` };
  if (event.saidNo?.includes(at.id)) return { why: 'away', words: `${name} said no at ${event.label}` };
  if (at.says === 'is away') return { why: 'away', words: `${name} is away at ${event.label}` };
  if (at.late) return { why: 'late', words: `${name} is under 18 and ${event.label} ends too late for them` };
  return undefined;
}
