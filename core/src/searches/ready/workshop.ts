/** The work before the rehearsal as a schedule is made of it: who may do what. */
import { inOrder, numberOf, type SkillName } from '../../foundations/index.js';
import type { Hands } from '../../documents/index.js';
import { levelOf } from '../../stations/hands/levels.js';
import type { Task, Tasks } from '../../stations/hands/tasks/result.js';
import type { Work, Workshop } from '../schedule/work.js';

/** Somebody who is there. */
export interface Worker {
  readonly id: string;
  readonly name: string;
  readonly young: boolean;
  readonly levelIn: (skill: SkillName) => ReturnType<typeof levelOf>;
}

export const workersOf = (people: Hands['people'], ids: ReadonlySet<string>): Worker[] =>
  inOrder(people).flatMap(([id, person]) =>
    ids.has(id)
      ? [
          {
            ...{ id, name: person.name, young: person.young ?? false },
            levelIn: (skill: SkillName) => levelOf(person, skill),
          },
        ]
      : [],
  );

/** Who may do a piece of work: those who know it; where nobody does, those who learn it; where nobody learns it, anybody. */
export interface Seated {
  readonly seats: Work['seats'];
  /** Nobody who is there knows it. */
  readonly unknown: SkillName | undefined;
  /** It takes more people, or somebody over 18, and they are not there. */
  readonly short: boolean;
}

export function seatsOf({ skill, seats, adults, everybody }: Task, workers: readonly Worker[]): Seated {
  const all = workers.map((_, i) => i);
  if (everybody) return { seats: all.map(i => [i]), unknown: undefined, short: false };
  const grown = all.filter(i => !workers[i]?.young);
  const may = adults && grown.length > 0 ? grown : all;
  const at = (...levels: readonly unknown[]): number[] =>
    skill === undefined ? may : may.filter(i => levels.includes(workers[i]?.levelIn(skill)));
  const able = at('can do', 'can lead');
  const first = [able, at('learning'), may].find(each => each.length > 0) ?? [];
  const count = Math.min(seats, may.length);
  return {
    seats: Array.from({ length: count }, (_, seat) => (seat === 0 ? first : may)),
    unknown: able.length === 0 ? skill : undefined,
    short: count < seats || (adults && grown.length === 0),
  };
}

/** Whole minutes, so that a schedule can be proven the shortest: each begun one counts. */
const wholeMinutes = (task: Task): number => Math.ceil((numberOf(task.usual) ?? 0) - 1e-9);

/** `fixed`: minutes after the call before which a task does not begin. */
export function workshopOf(
  tasks: Tasks,
  workers: readonly Worker[],
  fixed: ReadonlyMap<string, number>,
): Workshop {
  const keys = Object.keys(tasks);
  const place = new Map(keys.map((key, i) => [key, i]));
  return {
    people: workers.length,
    tools: [1],
    work: Object.entries(tasks).map(([key, task]) => ({
      minutes: wholeMinutes(task),
      after: task.after.flatMap(each => place.get(each) ?? []),
      seats: seatsOf(task, workers).seats,
      tools: [task.ladder ? 1 : 0],
      notBefore: fixed.get(key) ?? 0,
    })),
  };
}
