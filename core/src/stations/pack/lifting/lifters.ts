/** Who lifts a case, and what each of them may lift alone: people who are named, and others whom nobody named. */
import type { Hands } from '../../../documents/index.js';
import { constant, given, type Term } from '../../../foundations/index.js';
import type { Equipment } from '../../equipment.js';

/** What somebody whom nobody named may lift, kg (ISO 11228-1, nearly everybody). */
export const ANYBODY = 15;
/** What somebody under 18 lifts at most, kg. House figure. */
const YOUNG = 10;
/** What anybody lifts at most, kg: the load constant of the revised NIOSH lifting equation. */
export const MOST_ALONE = 23;

export interface Lifter {
  /** Absent where nobody is named. */
  readonly id?: string;
  readonly name: string;
  readonly young: boolean;
  /** What they may lift alone, kg. */
  readonly limit: number;
  /** The same, and where it comes from. */
  readonly each: Term;
}

export type People = Hands['people'];
type Person = People[string];

/** What a person may lift alone, kg: what they stated, which for one under 18 is no more than 10; else 15. */
export function liftLimit({ lift, young = false }: Pick<Person, 'lift' | 'young'>): number {
  return Math.min(lift ?? ANYBODY, young ? YOUNG : MOST_ALONE);
}

function named(id: string, person: Person): Lifter {
  const { name, lift, young = false } = person;
  const limit = liftLimit(person);
  const each =
    lift === limit
      ? given('each', limit, 'kg', 'hands', `/people/${id}/lift`)
      : constant('each', limit, 'kg', `${name}, ${young ? 'under 18' : 'who did not say'}`);
  return { id, name, young, limit, each };
}

/** Somebody of whom nobody said who it is. */
export const NOBODY: Lifter = {
  ...{ name: 'somebody', young: false, limit: ANYBODY },
  each: constant('each', ANYBODY, 'kg', 'where nobody is named'),
};

/** So many people of whom nobody is named. */
export const unnamed = (count: number): Lifter[] => Array.from({ length: count }, () => NOBODY);

/** Those who lift a case, first those who are named; undefined where it was not said, none where it goes on its wheels. */
export function liftersOf(
  device: Pick<Equipment, 'lifters' | 'liftedBy'> | undefined,
  people: People,
): readonly Lifter[] | undefined {
  const { lifters, liftedBy = [] } = device ?? {};
  const known = liftedBy.flatMap(id => {
    const person = people[id];
    return person ? [named(id, person)] : [];
  });
  if (lifters === undefined && known.length === 0) return undefined;
  return [...known, ...unnamed(Math.max((lifters ?? 0) - known.length, 0))];
}
