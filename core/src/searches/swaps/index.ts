/** The swap plan: which battery is changed when and by whom, with as few batteries and changes as there can be. */
import { assess } from '../../assess.js';
import { walkTo, type Walk } from '../../battery-card/walk.js';
import { whoChanges } from '../../battery-card/who.js';
import { stretchAt } from '../../stations/power/timeline.js';
import { provenLeast, type Found, type Search } from '../search.js';
import { NoAnswer, saidOf, whyNone, type ConflictSaid } from '../solver/index.js';
import { feedingProgramme } from './feeding.js';
import { swapTask, type SwapTask } from './from-plan.js';
import { offerOf } from './offer.js';
import { leastSwaps } from './least.js';
import type { Swaps } from './problem.js';

export type { SwapTask } from './from-plan.js';
export { leastSwaps, type LeastSwaps } from './least.js';
export type { SwapBattery, SwapPosition, SwapProblem, Swaps } from './problem.js';

/** A battery in a position, from one change to the next. */
export interface SwapStep {
  /** When it is put in, an instant. */
  readonly at: string;
  readonly until: string;
  /** The same in minutes after the start of the event. */
  readonly after: number;
  readonly battery: string;
  /** Its item of the shelf, or the battery of the plan where that has none. */
  readonly id: string;
  /** The item of the running order that begins or runs then. */
  readonly during: string;
  /** What is left of what may be used of it when it is taken out, %. */
  readonly left: number;
}

export interface SwapsOf {
  readonly id: string;
  readonly label: string;
  /** Who does it, by their part. */
  readonly by: string;
  /** How far a charged battery is carried there; absent where that is at hand, or nobody knows. */
  readonly walk?: Walk;
  readonly steps: readonly SwapStep[];
  /** The first of them is a change as well: the day is under way. */
  readonly begins: boolean;
}

export interface SwapDay {
  readonly positions: readonly SwapsOf[];
  /** How many batteries, and how many changes during the day. */
  readonly batteries: number;
  readonly changes: number;
  /** What is left of the emptiest, %. */
  readonly least: number;
}

/** The day with the fewest batteries, and then the fewest changes. */
export interface SwapPlan extends SwapDay {
  readonly proven: boolean;
  /** A day with more batteries, where those spare some changes. */
  readonly other?: SwapDay;
  /** None was found in time, and nobody knows whether there is one. */
  readonly notFound?: boolean;
  /** Where the batteries do not do: what cannot hold together. */
  readonly conflict?: ConflictSaid;
  /** What nobody can plan for, since its watts or its times are not known. */
  readonly unknown: readonly string[];
}

/** Longest for each of what counts, s. */
const LONGEST = 10;

export const swapBatteries: Search<object, SwapTask, SwapPlan> = {
  name: 'swaps',
  about:
    'which battery is changed when: fewest batteries, then fewest changes, then the most left in the emptiest',
  *problemOf(bundle) {
    yield { stage: 'problem', share: 0 };
    return swapTask(bundle, assess(bundle));
  },
  async *solve(task, { solve, now }): AsyncGenerator<never, Found<SwapPlan>> {
    const { problem, unknown } = task;
    const nothing = { positions: [], batteries: 0, changes: 0, least: 100, proven: true, unknown };
    if (problem.positions.length === 0) return { answer: nothing, objectives: [], offers: [] };
    try {
      const { swaps, calm, proven, fewest } = await leastSwaps(problem, solve, { seconds: LONGEST });
      const day = dayOf(task, swaps);
      const { batteries, changes, positions } = day;
      const more = calm && dayOf(task, calm);
      const other = more && more.changes < changes ? more : undefined;
      return {
        answer: { ...day, proven, unknown, ...(other && { other }) },
        objectives: proven
          ? [provenLeast('batteries', '', batteries), provenLeast('changes', '', changes)]
          : [{ label: 'batteries', unit: '', better: 'less', value: batteries, bound: fewest }],
        offers: [
          ...offerOf(task, positions, { id: 'swaps', label: 'Plan the batteries' }),
          ...(other
            ? offerOf(task, other.positions, {
                id: 'fewer changes',
                label: 'Plan the batteries: fewer changes',
              })
            : []),
        ],
      };
    } catch (error) {
      if (!(error instanceof NoAnswer)) throw error;
      const found = { objectives: [], offers: [] };
      if (error.status !== 'none') return { answer: { ...nothing, proven: false, notFound: true }, ...found };
      const why = await whyNone(feedingProgramme(problem).programme, solve, now);
      return { answer: { ...nothing, conflict: saidOf(why) }, ...found };
    }
  },
};

function dayOf(task: SwapTask, swaps: Swaps): SwapDay {
  const positions = task.problem.positions.map((_, p) => stepsOf(task, swaps, p));
  return {
    positions,
    batteries: new Set(swaps.flat()).size,
    changes: positions.reduce((sum, { steps, begins }) => sum + steps.length - (begins ? 0 : 1), 0),
    least: Math.min(100, ...leftOf(task, swaps)),
  };
}

/** What is left of each battery that is used, %. */
function leftOf({ problem }: SwapTask, swaps: Swaps): number[] {
  return problem.batteries.flatMap(({ takes, left }, b) => {
    const shares = swaps.flatMap((pieces, p) =>
      pieces.map((battery, i) => (battery === b ? (takes[p]?.[i] ?? 0) : 0)),
    );
    const taken = shares.reduce((sum, share) => sum + share, 0);
    return swaps.flat().includes(b) ? [100 * (left - taken)] : [];
  });
}

function stepsOf(task: SwapTask, swaps: Swaps, p: number): SwapsOf {
  const { problem, grid, assessment, bundle } = task;
  const position = problem.positions[p];
  const start = Date.parse(String(assessment.brief.start.value));
  const instant = (minutes: number): string => new Date(start + Math.round(minutes) * 60_000).toISOString();
  const left = problem.batteries.map(each => each.left);
  const steps: { at: number; until: number; battery: number; left: number }[] = [];
  // What a battery gave elsewhere before counts too, so that all positions are walked through in the order of time.
  const events = problem.positions.flatMap(({ pieces }, each) =>
    pieces.map((piece, i) => ({ each, i, from: piece[0] ?? 0, to: piece.at(-1) ?? 0 })),
  );
  for (const { each, i, from, to } of events.sort((a, b) => a.from - b.from)) {
    const battery = swaps[each]?.[i] ?? -1;
    left[battery] = (left[battery] ?? 1) - (problem.batteries[battery]?.takes[each]?.[i] ?? 0);
    if (each !== p) continue;
    const last = steps.at(-1);
    const until = grid[to]?.to ?? 0;
    if (last?.battery === battery) Object.assign(last, { until, left: left[battery] });
    else steps.push({ at: grid[from]?.from ?? 0, until, battery, left: left[battery] ?? 0 });
  }
  const walk = walkTo(position?.id ?? '', assessment);
  return {
    ...(walk && { walk }),
    id: position?.id ?? '',
    label: position?.label ?? '',
    by: whoChanges(position?.id ?? '', assessment, bundle.hands),
    begins: position?.underWay === true && steps[0]?.battery !== position.now,
    steps: steps.map(step => ({
      at: instant(step.at),
      until: instant(step.until),
      after: Math.round(step.at),
      battery: problem.batteries[step.battery]?.label ?? '',
      id: problem.batteries[step.battery]?.id ?? '',
      during: stretchAt(assessment.power.timeline, step.at)?.label ?? bundle.plan.label,
      left: 100 * step.left,
    })),
  };
}
