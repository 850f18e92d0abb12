/** How long work on the day usually takes, in minutes of one person, and what a house has learned of its own. */
import type { LearnedPaces, Pace } from '../../../documents/index.js';
import {
  constant,
  given,
  houseRule,
  type Basis,
  type Term,
  type WorkSort,
} from '../../../foundations/index.js';

export const USUAL_DURATIONS: Basis = houseRule(
  'minutes of one person',
  'usual durations, until a log of one’s own says otherwise',
);

/** Minutes for one of each, with words for its working. */
const EACH = {
  operated: [12, 'to rig an operated camera'],
  locked: [8, 'to rig a locked camera'],
  ramp: [3, 'to lay a ramp'],
  powerUp: [5, 'power up and warm'],
  formats: [2, 'formats of a camera'],
  white: [3, 'white balance of a camera'],
  lineCheck: [10, 'line check'],
  sync: [8, 'sound and picture meet'],
  sound: [15, 'sound check'],
  recording: [5, 'record, and play it back'],
  speedTest: [5, 'speed of the line'],
  privateStream: [10, 'a stream that nobody is told of'],
} as const satisfies Partial<Readonly<Record<WorkSort, readonly [minutes: number, words: string]>>>;
export type Timed = keyof typeof EACH;

/** Minutes for one of something, as a term of a working. */
export const lasting = (name: string, of: Timed): Term => constant(name, EACH[of][0], 'min', EACH[of][1]);

/** Metres of lead that one person lays and tapes in a minute. */
export const TAPING: Term = constant('taping', 4, 'm/min', 'laid and taped');

/** Of what something takes to set up, as much to take down again. House figure; everything is carried as far as before. */
export const STRIKE_PART = 0.5;

/** What each sort of work is called. */
export const WORK_WORDS: Readonly<Record<WorkSort, string>> = {
  ...(Object.fromEntries(Object.entries(EACH).map(([sort, [, words]]) => [sort, words])) as Record<
    Timed,
    string
  >),
  carrying: 'carry in',
  laying: 'lay and tape leads',
  plugging: 'plug in',
  striking: 'strike',
  meal: 'a break',
};

/** What the house has learned of a sort of work, as a term of a working; nothing where it has not. */
export const paceTerms = (
  paces: LearnedPaces | undefined,
  sort: WorkSort,
  name = 'pace',
): readonly Term[] => {
  const times = paces?.[sort]?.times;
  return times === undefined ? [] : [given(name, times, '', 'rules', `/paces/${sort}/times`)];
};

/** A part of a formula that is a sum, and the sort of work that it is of, where it is of one. */
export type WorkPart = readonly [formula: string, sort?: WorkSort];

export const sumOf = (parts: readonly WorkPart[]): string => parts.map(([formula]) => formula).join(' + ');

/** The sum with what the house has learned of each sort, and the terms of that. */
export function atPace(
  parts: readonly WorkPart[],
  paces: LearnedPaces | undefined,
): { readonly formula: string; readonly terms: readonly Term[] } {
  const nameOf = (sort: WorkSort): string => `pace_of_${sort}`;
  return {
    formula: sumOf(
      parts.map(([formula, sort]) =>
        sort !== undefined && paces?.[sort] ? [`${formula} * ${nameOf(sort)}`] : [formula],
      ),
    ),
    terms: parts.flatMap(([, sort]) => (sort === undefined ? [] : paceTerms(paces, sort, nameOf(sort)))),
  };
}

/** Of what something usually takes, the least and the most that it may take. House figures. */
export const LEAST_PART = 0.8;
export const MOST_PART = 1.7;

/** The same of a sort of work, where the house has learned it. What is a break takes as long as it is said to. */
export const spreadOf = (paces: LearnedPaces | undefined, sort: WorkSort): Pick<Pace, 'least' | 'most'> =>
  sort === 'meal' ? { least: 1, most: 1 } : (paces?.[sort] ?? { least: LEAST_PART, most: MOST_PART });
