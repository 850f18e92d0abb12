/** Arranging a rack: three ways, each the best there is for one aim, tried on the plan and set side by side. */
import { createAssessor, type Assessment } from '../../assess.js';
import type { Across } from '../../documents/index.js';
import { applyFix } from '../../fixes.js';
import { inPlan } from '../../edits.js';
import { inWords, numberOf, type Figure, type UnitSystem } from '../../foundations/index.js';
import { innerLeads } from '../../stations/runs/inner-leads.js';
import type { Found, Objective, Offer, Search } from '../search.js';
import { arranged } from './arranged.js';
import { acrossOf, arrangeTask, whyNone, type Aims, type ArrangeTask, type Movable } from './from-plan.js';
import type { ArrangeProblem, Arranged } from './problem.js';

export type { ArrangeTask } from './from-plan.js';
export { arranged } from './arranged.js';
export type { ArrangeProblem } from './problem.js';

/** What one arrangement comes to; null where a figure is not known. */
export interface RackStands {
  /** How high the centre of gravity is, m, and the angle at which it falls, degrees. */
  readonly centre: number | null;
  readonly tip: number | null;
  /** How much cooler than it must be the air is that reaches the warmest thing, K. */
  readonly margin: number | null;
  /** All leads that stay in the rack, m. */
  readonly leads: number;
}

export interface PlacedThing {
  readonly id: string;
  readonly label: string;
  readonly unit: number;
  readonly units: number;
  readonly rear: boolean;
  /** Absent where it takes the whole width. */
  readonly across?: Across;
  /** A plate with a cut-out holds it. */
  readonly plate?: true;
  /** From where to where of the width between the rails, in sixths from the left as seen from the front. */
  readonly sixths: readonly [from: number, to: number];
  /** It is somewhere else now. */
  readonly moves: boolean;
}

export interface RackWay {
  readonly id: WayName;
  /** `Lowest`; where one way is the best for several aims, all of them: `Lowest and coolest`. */
  readonly label: string;
  /** From the top. */
  readonly places: readonly PlacedThing[];
  readonly stands: RackStands;
  /** What it has less of than another way, in words; empty where it is the best in everything. */
  readonly gives: readonly string[];
  /** Titles of snags that it cures and that it makes. */
  readonly cures: readonly string[];
  readonly makes: readonly string[];
  readonly proven: boolean;
  /** How far it may be from the best for its aim, as a share of that. */
  readonly gap: number;
}

export interface RackWays {
  /** The rack; undefined where the event has none. */
  readonly rack: string | undefined;
  readonly label: string;
  /** Its height, U. */
  readonly units: number;
  readonly now: RackStands | undefined;
  readonly ways: readonly RackWay[];
  /** Labels of what lies loose in it and found no room, and of what was not weighed. */
  readonly leftOut: readonly string[];
  readonly unweighed: readonly string[];
  /** Why nothing was found. */
  readonly none?: string;
}

export interface ArrangeOptions {
  readonly rack?: string;
  /** Longest for each way, s. */
  readonly seconds?: number;
}

const EACH = 9;
const AIMS = {
  lowest: { label: 'Lowest', aims: { low: 8, cool: 1, short: 1, reach: 0.5 } },
  coolest: { label: 'Coolest', aims: { low: 1, cool: 8, short: 1, reach: 0.5 } },
  shortest: { label: 'Shortest leads', aims: { low: 1, cool: 1, short: 8, reach: 0.5 } },
} satisfies Readonly<Record<string, { readonly label: string; readonly aims: Aims }>>;
export type WayName = keyof typeof AIMS;
const WAYS = Object.keys(AIMS) as WayName[];

/** A way that was found, before it is tried. */
interface FoundWay {
  readonly id: WayName;
  readonly things: readonly Movable[];
  readonly problem: ArrangeProblem;
  readonly found: Arranged;
}

export const arrangeRack: Search<
  ArrangeOptions,
  (ArrangeTask & { readonly seconds: number }) | undefined,
  RackWays
> = {
  name: 'arrange',
  about:
    'where everything goes in a rack: heavy low, cool, or short leads, with what each way gives up; what stays put stays',
  *problemOf(bundle, { rack, seconds = EACH }) {
    yield { stage: 'problem', share: 0 };
    const task = arrangeTask(bundle, rack);
    return task && { ...task, seconds };
  },
  *solve(task, { now }): Generator<{ stage: 'solving'; share: number }, Found<RackWays>> {
    const nothing = { units: 0, now: undefined, ways: [], leftOut: [], unweighed: [] };
    if (!task || task.things.length === 0)
      return {
        answer: { ...nothing, rack: task?.rack, label: task?.label ?? '', none: 'Nothing is on its rails.' },
        objectives: [],
        offers: [],
      };
    const { rack, label, things, unweighed } = task;
    const mounted = things.filter(({ id }) => !task.loose.includes(id));
    // What lies loose comes in where there is room for it.
    for (const among of mounted.length < things.length ? [things, mounted] : [things]) {
      const ways: FoundWay[] = [];
      for (const [i, id] of WAYS.entries()) {
        const problem = task.problemFor(AIMS[id].aims, new Set(among.map(each => each.id)));
        const steps = arranged(problem, { seconds: task.seconds, now });
        let step = steps.next();
        for (; step.done !== true; step = steps.next())
          yield { stage: 'solving', share: (i + step.value) / WAYS.length };
        if (!step.value) break;
        ways.push({ id, things: among, problem, found: step.value });
      }
      if (ways.length > 0) {
        const leftOut = things.filter(each => !among.includes(each)).map(({ device }) => device.label);
        return answered(task, ways, { rack, label, leftOut, unweighed });
      }
    }
    const none = whyNone(task.problemFor(AIMS.lowest.aims, new Set(mounted.map(({ id }) => id))));
    return { answer: { ...nothing, rack, label, none }, objectives: [], offers: [] };
  },
};

function answered(
  task: ArrangeTask,
  found: readonly FoundWay[],
  known: Pick<RackWays, 'rack' | 'label' | 'leftOut' | 'unweighed'>,
): Found<RackWays> {
  const assessor = createAssessor();
  assessor(task.bundle);
  const tried = found.map(way => {
    const [offer] = offerOf(task, way);
    return { way, offer, after: offer ? assessor(applyFix(task.bundle, offer)) : task.assessment };
  });
  const ways = mergedBy(tried.map(({ way, after }) => wayOf(task, way, after)));
  return {
    answer: {
      ...known,
      units: found[0]?.problem.units ?? 0,
      now: standsOf(task, task.assessment),
      ways: ways.map(way => ({ ...way, gives: givesUp(way.stands, ways, task.assessment.rules.units) })),
    },
    objectives: found.map(objectiveOf),
    offers: tried.flatMap(({ way, offer }) => (offer && ways.some(({ id }) => id === way.id) ? [offer] : [])),
  };
}

type Tried = Omit<RackWay, 'gives'>;

/** Ways that put everything in the same place are one. */
function mergedBy(ways: readonly Tried[]): readonly Tried[] {
  const merged = new Map<string, Tried>();
  for (const way of ways) {
    const key = JSON.stringify(way.places.map(({ id, unit, rear, across }) => [id, unit, rear, across]));
    const same = merged.get(key);
    merged.set(key, same ? { ...same, label: `${same.label} and ${way.label.toLowerCase()}` } : way);
  }
  return [...merged.values()];
}

/** Less than so much is no difference that anybody would choose by: m of height and of leads, K. */
const SAME = { centre: 0.005, leads: 0.05, margin: 0.1 } as const;

/** In what a way is behind the best of all of them. */
function givesUp(own: RackStands, ways: readonly Tried[], system: UnitSystem): string[] {
  const behind = (key: keyof typeof SAME, better: 'more' | 'less'): number => {
    const sign = better === 'less' ? 1 : -1;
    const all = ways.flatMap(({ stands }) => (stands[key] === null ? [] : [stands[key] * sign]));
    const value = own[key];
    const apart = value === null ? 0 : value * sign - Math.min(...all);
    return apart > SAME[key] ? apart : 0;
  };
  const [centre, leads, margin] = [
    behind('centre', 'less'),
    behind('leads', 'less'),
    behind('margin', 'more'),
  ];
  return [
    ...(centre > 0 ? [`its centre is ${inWords(centre, 'm', system)} higher`] : []),
    ...(margin > 0 ? [`${margin.toFixed(1)} K less to spare`] : []),
    ...(leads > 0 ? [`${inWords(leads, 'm', system)} more of leads`] : []),
  ];
}

const objectiveOf = ({ id, found: { cost, bound } }: FoundWay): Objective => ({
  label: AIMS[id].label,
  unit: '',
  better: 'less',
  value: cost,
  bound,
});

/** The share by which the cost of a way may be above the least there is. */
const gapIn = ({ cost, bound }: Arranged): number =>
  cost - bound <= 1e-9 ? 0 : (cost - bound) / Math.max(1e-9, Math.abs(bound));

function wayOf(task: ArrangeTask, way: FoundWay, after: Assessment): Tried {
  const { id, found } = way;
  const titles = ({ snags }: Assessment): Map<string, string> =>
    new Map(snags.map(snag => [snag.id, snag.title]));
  const [before, then] = [titles(task.assessment), titles(after)];
  const without = (a: Map<string, string>, b: Map<string, string>): string[] =>
    [...a].filter(([key]) => !b.has(key)).map(([, title]) => title);
  return {
    id,
    label: AIMS[id].label,
    places: placesOf(way).sort((a, b) => b.unit - a.unit || (a.label < b.label ? -1 : 1)),
    stands: standsOf(task, after),
    cures: without(before, then),
    makes: without(then, before),
    proven: gapIn(found) === 0,
    gap: gapIn(found),
  };
}

function placesOf({ things, problem, found }: FoundWay): PlacedThing[] {
  return things.map(({ id, device, own }, i) => {
    const { unit = 1, lane = 0 } = found.places[i] ?? {};
    const { lanes = 1, rear = false, units = 1 } = problem.things[i] ?? {};
    const across = lanes > 1 ? acrossOf(lanes, lane) : undefined;
    const sixths = [(6 / lanes) * lane, (6 / lanes) * (lane + 1)] as const;
    const place = device.place ?? {};
    const moves =
      own.how !== 'rails' ||
      place.unit !== unit ||
      (place.rear === true) !== rear ||
      (across !== undefined && (place.across ?? 'left') !== across);
    return {
      ...{ id, label: device.label, unit, units, rear, sixths, moves },
      ...(across && { across }),
      ...(place.plate && { plate: true as const }),
    };
  });
}

/** The edit that puts everything where a way has it; none where everything is there already. */
function offerOf({ rack, label }: ArrangeTask, way: FoundWay): readonly Offer[] {
  const moved = placesOf(way).filter(({ moves }) => moves);
  if (moved.length === 0) return [];
  const { change } = inPlan().each(moved, (edit, { id: thing, unit, rear, across, plate }) => {
    edit.put('devices', thing, 'place', {
      inside: rack,
      unit,
      ...(rear && { rear }),
      ...(across !== undefined && across !== 'left' && { across }),
      ...(plate && { plate }),
    });
  });
  return [{ id: way.id, label: `Arrange ${label}: ${AIMS[way.id].label.toLowerCase()}`, changes: [change] }];
}

function standsOf({ rack }: ArrangeTask, { racks, runs }: Assessment): RackStands {
  const of = racks.racks[rack];
  const value = (figure: Figure | undefined): number | null => numberOf(figure) ?? null;
  const margins = Object.values(of?.items ?? {}).flatMap(({ margin }) => numberOf(margin) ?? []);
  const leads = innerLeads(runs.runs).get(rack) ?? [];
  return {
    centre: value(of?.balance.centre),
    tip: value(of?.balance.tip),
    margin: margins.length > 0 ? Math.min(...margins) : null,
    leads: leads.reduce((sum, [, { length }]) => sum + (numberOf(length) ?? 0), 0),
  };
}
