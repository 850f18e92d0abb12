/** What people may lift together, on the level and on stairs. House rules: the lifting equation covers neither. */
import { constant, numberOf, taken, type Figure, type Term } from '../../../foundations/index.js';
import * as figures from './figures.js';
import { NOBODY, unnamed, type Lifter } from './lifters.js';
import { TOO_HEAVY, type LifterResult } from './lifts.js';

/** Of what so many people may lift alone, they may lift as a team. */
const SHARE: Readonly<Record<number, number>> = { 1: 1, 2: 2 / 3, 3: 1 / 2 };
export const MOST_PEOPLE = 3;
/** Of that, on stairs. */
export const ON_STAIRS = 0.7;

/** What a team may lift, kg. */
export const teamLimit = (team: readonly Lifter[]): number =>
  (SHARE[team.length] ?? 0) * team.reduce((sum, { limit }) => sum + limit, 0);

/** How many people whom nobody named may lift so much, on stairs or on the level; undefined where three may not. */
export function fewestFor(kg: number, stairs = false): number | undefined {
  for (let people = 1; people <= MOST_PEOPLE; people++)
    if (kg <= teamLimit(unnamed(people)) * (stairs ? ON_STAIRS : 1)) return people;
  return undefined;
}

const shareTerms = (team: readonly Lifter[], weight: Figure): Term[] => [
  constant('share', SHARE[team.length] ?? 0, '', 'of what they may lift alone'),
  ...team.map(({ each }) => each),
  taken('weight', weight),
];
const stairsTerm = constant('stairs', ON_STAIRS, '', 'on stairs');

/** Left to two or three who lift it; undefined for one, whom the equation covers. */
export const leftTo = (id: string, team: readonly Lifter[], weight: Figure): Figure | undefined =>
  team.length < 2 ? undefined : figures.teamLeft.calc([id], shareTerms(team, weight));

/** Left to those who lift it up stairs. */
export const leftOnStairs = (id: string, team: readonly Lifter[], weight: Figure): Figure | undefined =>
  team.length === 0 ? undefined : figures.stairsLeft.calc([id], [...shareTerms(team, weight), stairsTerm]);

/** Fewest people to carry it up stairs, where nobody is named. */
export function peopleOnStairs(id: string, weight: Figure): Figure {
  const terms = [taken('weight', weight), stairsTerm, NOBODY.each];
  const fewest = fewestFor(numberOf(weight) ?? 0, true);
  return fewest === undefined
    ? figures.stairsPeople.unknown([id], TOO_HEAVY, terms)
    : figures.stairsPeople.found([id], fewest, terms);
}

/** For each who is named: what is left of what they may lift alone, with an even share of the case in their hands. */
export const lifterResults = (
  id: string,
  team: readonly Lifter[],
  weight: Figure,
): Readonly<Record<string, LifterResult>> =>
  Object.fromEntries(
    team.flatMap(({ id: person, name, young, each }) =>
      person === undefined
        ? []
        : [
            [
              person,
              {
                name,
                young,
                left: figures.lifterLeft.calc(
                  [id, person],
                  [each, taken('weight', weight), constant('people', team.length, 'people', 'who lift it')],
                ),
              },
            ],
          ],
    ),
  );
