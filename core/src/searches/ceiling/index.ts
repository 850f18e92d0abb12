/** “What fits in 1,000?”: what may be dropped, replaced, borrowed or hired, so that a plan comes under a ceiling. */
import type { Plan } from '../../documents/index.js';
import { inPlan } from '../../edits.js';
import { applyFix } from '../../fixes.js';
import { inOrder, NEED_WAYS, toCents, type DocumentPatch, type Severity } from '../../foundations/index.js';
import { takeOutPatch } from '../../stations/device-edits.js';
import { needPatch } from '../../stations/pack/money/edits.js';
import { isProven, type Found, type Objective, type Progress, type Search } from '../search.js';
import { replugged } from '../substitutes/index.js';
import { underCeiling, type AlsoLost, type UnderCeiling } from './exact.js';
import { ceilingTask, leftWith, UNPRICED, type CeilingOptions, type CeilingTask } from './from-plan.js';
import { goalsLeft, isMet, type CeilingWay, type Chosen, type Wish } from './problem.js';
import { goalsOf } from './wishes.js';

export { underCeiling, type UnderCeiling } from './exact.js';
export type { CeilingOptions, CeilingTask } from './from-plan.js';
export {
  ceilingCost,
  goalsLeft,
  isMet,
  worthOf,
  type CeilingLine,
  type CeilingProblem,
  type CeilingWay,
  type Chosen,
  type Wish,
} from './problem.js';
export { USUAL_WEIGHTS, type CeilingWeights } from './wishes.js';

/** A line and how it is come by. */
export interface FittedLine {
  readonly line: string;
  readonly label: string;
  readonly way: string;
  /** In the money of the house; null where no price is known, which counts as nothing. */
  readonly cost: number | null;
  readonly reused: boolean;
}

export interface WhatFits {
  readonly ceiling: number;
  /** With what is kept for leads, adapters, tape and spares. */
  readonly cost: number;
  readonly left: number;
  /** Nothing better fits. */
  readonly proven: boolean;
  readonly lines: readonly FittedLine[];
  /** Lines that one goes without. */
  readonly without: readonly { readonly line: string; readonly label: string }[];
  /** What is lost: outputs, shots, and what stood by when something fails. */
  readonly lost: readonly { readonly sort: Wish['sort']; readonly label: string; readonly weight: number }[];
  /** Lines of which no price is known: they are counted as nothing. */
  readonly unpriced: readonly string[];
  /** Snags that the plan has then and has not now. */
  readonly brings: readonly { readonly severity: Severity; readonly title: string }[];
}

export const whatFits: Search<CeilingOptions, CeilingTask, WhatFits> = {
  name: 'ceiling',
  about:
    'what fits under a ceiling: lines to drop, replace, borrow, hire or buy used, with what is lost by each',
  problemOf: ceilingTask,
  async *solve(task, { solve, now }): AsyncGenerator<Progress, Found<WhatFits>> {
    yield { stage: 'solving', share: 0 };
    const { problem, seconds } = task;
    const found = await underCeiling(problem, solve, now, { seconds }, alsoLostBy(task));
    const changes = editsOf(task, found.chosen);
    const objectives: Objective[] = [
      {
        ...{ label: 'worth', unit: '', better: 'more', value: found.worth },
        bound: Math.max(found.worth, found.bound),
      },
    ];
    return {
      answer: { ...answerOf(task, found, changes), proven: isProven({ objectives }) },
      objectives,
      offers: [{ id: 'fits', label: `What fits in ${problem.ceiling}`, changes }],
    };
  },
};

/** What lines that are not come by as planned lose together, each set of them worked out once. */
function alsoLostBy(task: CeilingTask): AlsoLost {
  const known = new Map<string, readonly string[]>();
  return departures => {
    const gone = departures.flatMap(([line, { there }]) => (there ? [] : [line]));
    const swapped = departures.flatMap(([line, { id }]) => (task.swaps.has(id) ? [[line, id] as const] : []));
    const key = JSON.stringify([gone, swapped]);
    const lost = known.get(key) ?? missing(task, goalsOf(leftWith(task, gone, swapped)));
    known.set(key, lost);
    return lost;
  };
}

/** Lines that one goes without; a lead whose end is gone is gone with that. */
const withoutBy = ({ problem }: CeilingTask, chosen: Chosen): readonly string[] =>
  problem.lines.flatMap(({ id }) => (chosen.get(id)?.there === true ? [] : [id]));

const swappedBy = ({ swaps }: CeilingTask, chosen: Chosen): readonly (readonly [string, string])[] =>
  [...chosen].flatMap(([line, { id }]) => (swaps.has(id) ? [[line, id] as const] : []));

const missing = ({ problem }: CeilingTask, left: readonly string[]): readonly string[] => {
  const there = new Set(left);
  return problem.goals.filter(goal => !there.has(goal));
};

/** The edits that make the plan what fits, one after the other. */
function editsOf(task: CeilingTask, chosen: Chosen): readonly DocumentPatch[] {
  const changes: DocumentPatch[] = [];
  let now = task.bundle;
  const apply = (change: DocumentPatch): void => {
    if (change.patch.length === 0) return;
    now = applyFix(now, { changes: [change] });
    changes.push(change);
  };
  for (const [device, way] of swappedBy(task, chosen)) {
    const swap = task.swaps.get(way);
    const made = swap && replugged(now, task.assess(now), device, swap.kind, swap.item);
    for (const change of made?.changes ?? []) apply(change);
  }
  for (const line of withoutBy(task, chosen)) {
    // One after the other: what lay in a case is no part of it any more when that goes.
    for (const patchOf of [loosened, goneFrom]) apply({ document: 'plan', patch: patchOf(now.plan, line) });
  }
  for (const [line, { id }] of chosen) {
    const way = NEED_WAYS.find(each => each === id);
    if (way !== undefined && task.needs[line]?.way !== way)
      apply({ document: 'plan', patch: needPatch(now.plan, line, { way }) });
  }
  return changes;
}

/** What is in a case that is gone lies loose. */
function loosened(plan: Plan, line: string): DocumentPatch['patch'] {
  const inside = inOrder(plan.devices).filter(([, { place }]) => place?.inside === line);
  const spot = plan.devices?.[line]?.place ?? {};
  return inPlan().each(inside, (edit, [id]) => edit.put('devices', id, 'place', spot)).patch;
}

function goneFrom(plan: Plan, line: string): DocumentPatch['patch'] {
  if (plan.devices?.[line]) return takeOutPatch(plan, line);
  const [first = '', second = ''] = line.split(' ');
  if (plan.links?.[first]) return inPlan().drop('links', first).patch;
  if (first === 'extra' && plan.extras?.[second]) return inPlan().drop('extras', second).patch;
  const device = plan.devices?.[second];
  if (first === 'stand' && device?.support !== undefined)
    return inPlan().drop('devices', second, 'support').patch;
  if (first === 'lens' && device?.lens !== undefined) return inPlan().drop('devices', second, 'lens').patch;
  return [];
}

function answerOf(
  task: CeilingTask,
  { chosen, cost }: UnderCeiling,
  changes: readonly DocumentPatch[],
): Omit<WhatFits, 'proven'> {
  const { problem, before, bundle, assess } = task;
  const left = new Set([...goalsLeft(problem, chosen)]);
  for (const goal of alsoLostBy(task)([...chosen].filter(([, way]) => !way.asPlanned))) left.delete(goal);
  const labels = new Map(problem.lines.map(({ id, label }) => [id, label]));
  const known = new Set(before.snags.map(({ id }) => id));
  const told = (way: CeilingWay | undefined): boolean => way?.there === true;
  return {
    ceiling: problem.ceiling,
    cost: toCents(cost),
    left: toCents(problem.ceiling - cost),
    lines: [...chosen].flatMap(([line, way]) =>
      told(way)
        ? [
            {
              line,
              label: labels.get(line) ?? line,
              way: way.label,
              cost: way.id === UNPRICED ? null : way.cost,
              reused: way.reused,
            },
          ]
        : [],
    ),
    without: withoutBy(task, chosen).map(line => ({ line, label: labels.get(line) ?? line })),
    lost: problem.wishes
      .filter(wish => !isMet(wish, left))
      .map(({ sort, label, weight }) => ({ sort, label, weight })),
    unpriced: [...chosen].flatMap(([line, { id }]) => (id === UNPRICED ? [labels.get(line) ?? line] : [])),
    brings: assess(applyFix(bundle, { changes }))
      .snags.filter(({ id }) => !known.has(id))
      .map(({ severity, title }) => ({ severity, title })),
  };
}
