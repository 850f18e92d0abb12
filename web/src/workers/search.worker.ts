/** Searches away from the page’s own thread, which may end this worker at any time. */
import type { Bundle, Point } from '@idle-satchel/core';
import {
  arrangeRack,
  backOfRack,
  connectTheRest,
  cutAll,
  deskPlaces,
  ended,
  findPositions,
  gapOf,
  leastCrew,
  loadVehicles,
  packCases,
  readyInTime,
  roster,
  shareOut,
  substitutes,
  swapBatteries,
  waysOut,
  whatFits,
  whyNotHere,
  type Found,
  type Layouts,
  type Means,
  type Prepared,
  type Progress,
  type RosterAnswer,
  type RosterTask,
  type Search,
  type Steps,
  type WhyNot,
} from '@idle-satchel/core/searches';
import { expose } from 'comlink';
import { programmeSolver } from './solver.js';

const SEARCHES = {
  positions: findPositions,
  desk: deskPlaces,
  connect: connectTheRest,
  cut: cutAll,
  'ways-out': waysOut,
  balance: shareOut,
  swaps: swapBatteries,
  arrange: arrangeRack,
  back: backOfRack,
  'pack-cases': packCases,
  load: loadVehicles,
  ceiling: whatFits,
  substitutes,
  crew: leastCrew,
  schedule: readyInTime,
} as const;
type Searches = typeof SEARCHES;

export type SearchName = keyof Searches;
export type OptionsOf<Name extends SearchName> = Parameters<Searches[Name]['problemOf']>[1];
export type AnswerOf<Name extends SearchName> =
  Searches[Name] extends Search<infer _Options, infer _Problem, infer Answer> ? Answer : never;

const TELL_MS = 100;
const now = (): number => performance.now();
const solve = programmeSolver();

/** A solver holds the thread while it solves: it tells how far it has come by itself. */
function meansOf(report: (progress: Progress) => void): Means {
  let last = now();
  return {
    now,
    solve: (model, limits) =>
      solve(model, {
        report: ({ value, bound }) => {
          if (now() - last < TELL_MS) return;
          last = now();
          const share = value === undefined ? 0 : Math.max(0, 1 - gapOf({ value, bound }));
          report({ stage: 'solving', share, bound, ...(value !== undefined && { value }) });
        },
        ...limits,
      }),
  };
}

/** Tells how far a search has come, and hears in between whether it is still wanted. */
function reporting<T>(steps: Steps<T>, report: (progress: Progress) => void): Promise<T> {
  let last = now();
  return ended(steps, async progress => {
    if (now() - last < TELL_MS) return;
    last = now();
    report(progress);
    await new Promise(resolve => setTimeout(resolve));
  });
}

/** The places of cameras that were looked at last: more can be asked about them. */
let places: Prepared | undefined;

const searcher = {
  async run<Name extends SearchName>(
    name: Name,
    bundle: Bundle,
    options: OptionsOf<Name>,
    report: (progress: Progress) => void,
  ): Promise<Found<AnswerOf<Name>>> {
    const search = SEARCHES[name] as unknown as Search<OptionsOf<Name>, unknown, AnswerOf<Name>>;
    const problem = await reporting(search.problemOf(bundle, options), report);
    if (name === 'positions') places = problem as Prepared;
    return reporting(search.solve(problem, meansOf(report)), report);
  },
  /** The roster of several events: of no bundle, since none has them all. */
  roster: (task: RosterTask, report: (progress: Progress) => void): Promise<Found<RosterAnswer>> =>
    reporting(roster.solve(task, meansOf(report)), report),
  /** Why the best of the layouts that were found last has no camera at a place. */
  async whyNot({ layouts: [best] }: Layouts, at: Point, level: string | undefined): Promise<WhyNot> {
    if (!places || !best) return { reason: 'search first', layout: undefined, loses: 0 };
    return ended(whyNotHere(places, best, at, level));
  },
};

export type Searcher = typeof searcher;

expose(searcher);
