/** Packing the cases: what goes where in which case, in the order in which one packs. */
import type { Turn } from '../../foundations/index.js';
import { turned, type Sides } from '../../packing/boxes.js';
import { cannotFit } from '../../packing/bound.js';
import { exactFit, type Fits } from '../../packing/exact.js';
import { packedInto } from '../../packed-into.js';
import type { Found, Offer, Search } from '../search.js';
import { packingTask, type PackingCase, type PackingTask } from './from-plan.js';
import { boxesIn, packInOrder, type CasePacking, type PutIn } from './order.js';

export type { PackingTask } from './from-plan.js';

/** One thing in a case: its corner in its compartment, m, and its sides as it lies there. */
export interface PackedThing {
  readonly line: string;
  readonly label: string;
  readonly space: number;
  readonly at: readonly [x: number, y: number, z: number];
  readonly sides: readonly [width: number, depth: number, height: number];
  readonly turn: Turn;
}

export interface CasePacked {
  readonly id: string;
  readonly label: string;
  /** In the order in which they are put in: what lies lower first. */
  readonly things: readonly PackedThing[];
  /** What they weigh, kg, and the share of the room that they take, %. */
  readonly kg: number;
  readonly fill: number;
}

export interface PackLeft {
  readonly line: string;
  readonly label: string;
  /** Why it rides in none of them, where that is proven. */
  readonly why: string;
}

export interface PackedCases {
  readonly cases: readonly CasePacked[];
  readonly left: readonly PackLeft[];
  /** Whether everything can ride in these cases. */
  readonly verdict: 'fits' | 'proven not' | 'unknown';
  /** Lines of which nobody has measured the size, and that count as is usual. */
  readonly guessed: number;
}

export interface PackOptions {
  readonly cases?: readonly string[];
  /** Longest, s. */
  readonly seconds?: number;
  readonly seed?: number;
}

const LONGEST = 9;
/** So many things in one case are looked at in every way. */
const EXACT = 8;

type Task = PackingTask & Pick<PackOptions, 'seconds' | 'seed'>;

export const packCases: Search<PackOptions, Task, PackedCases> = {
  name: 'pack-cases',
  about: 'what goes into which case and where: nothing left out, the weight low, what must not meet apart',
  *problemOf(bundle, { cases, ...options }) {
    yield { stage: 'problem', share: 0 };
    return { ...packingTask(bundle, cases), ...options };
  },
  *solve(task, { now }): Generator<{ stage: 'solving'; share: number }, Found<PackedCases>> {
    const { problem, seconds = LONGEST, seed = 1 } = task;
    const steps = packInOrder(problem, { seconds, now, seed });
    let step = steps.next();
    for (; step.done !== true; step = steps.next()) yield { stage: 'solving', share: step.value };
    const every = everyWay(task, step.value);
    const packing = roomy(task, step.value, every);
    const answer: PackedCases = {
      cases: task.cases.map((each, i) => caseOf(task, each, i, packing)),
      left: packing.left.map(i => leftOf(task, i)),
      verdict: verdictOf(task, packing, every),
      guessed: task.lines.filter(({ id }) => task.assessment.pack.sizes[id]?.guessed === true).length,
    };
    return {
      answer,
      objectives: [
        {
          label: 'left out',
          unit: '',
          better: 'less',
          value: answer.left.length,
          bound: answer.verdict === 'unknown' ? alone(task).length : answer.left.length,
        },
      ],
      offers: offersOf(task, answer),
    };
  },
};

/** Things that can ride in none of the cases, whatever else does. */
const alone = ({ problem }: Task): number[] =>
  problem.things.flatMap(({ cases }, i) => (cases.length === 0 ? [i] : []));

/** Where few things are to go into one case and one was left out, every way is looked at; undefined elsewhere. */
function everyWay({ problem }: Task, { left }: CasePacking): Fits | undefined {
  const { spaces } = problem;
  const [space] = spaces;
  const boxes = boxesIn(problem, 0);
  if (left.length === 0 || spaces.length !== 1 || !space || boxes.length > EXACT) return undefined;
  return cannotFit(boxes, space.sides) ? { verdict: 'proven not' } : exactFit(boxes, space.sides);
}

/** The way that was found among all, where it keeps to load, to what must be on top and to what must not meet. */
function roomy({ problem }: Task, packing: CasePacking, every: Fits | undefined): CasePacking {
  if (every?.verdict !== 'fits') return packing;
  const kg = problem.things.reduce((sum, thing) => sum + thing.kg, 0);
  const kept =
    kg <= (problem.loads[0] ?? 0) &&
    problem.things.every(({ cases, top }) => cases.length > 0 && !top) &&
    !clashes(problem);
  return kept ? { puts: every.puts.map(put => ({ ...put, space: 0 })), left: [] } : packing;
}

const clashes = ({ things, clash }: Task['problem']): boolean =>
  things.some((_, i) => things.some((__, j) => j > i && clash(i, j)));

/** What is said of all of it: `proven not` only where nothing else can be. */
function verdictOf(task: Task, { left }: CasePacking, every: Fits | undefined): PackedCases['verdict'] {
  const { problem } = task;
  const { things: all, spaces, loads } = problem;
  if (left.length === 0) return 'fits';
  if (alone(task).length > 0) return 'proven not';
  const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
  const { sizes } = task.assessment.pack;
  const things = task.lines.map(({ id }) => roomOf(sizes[id]));
  if (sum(things) > sum(task.cases.map(({ hold }) => roomOf(hold))) + 1e-9) return 'proven not';
  if (sum(all.map(({ kg }) => kg)) > sum(loads)) return 'proven not';
  const [space] = spaces;
  if (spaces.length !== 1 || !space) return 'unknown';
  const boxes = boxesIn(problem, 0);
  if (clashes(problem) || cannotFit(boxes, space.sides)) return 'proven not';
  return every?.verdict === 'proven not' ? 'proven not' : 'unknown';
}

/** m³ of a thing, or of the inside of a case. */
const roomOf = ({
  width,
  depth,
  height,
}: Partial<Record<'width' | 'depth' | 'height', number>> = {}): number =>
  (width ?? 0) * (depth ?? 0) * (height ?? 0);

function leftOf({ lines, problem }: Task, i: number): PackLeft {
  const { id = '', line } = lines[i] ?? {};
  const never = problem.things[i]?.cases.length === 0;
  return {
    line: id,
    label: line ? `${line.purpose}: ${line.label}` : id,
    why: never ? 'it is too large for every case that it may ride in' : 'no room was found',
  };
}

function caseOf(task: Task, { id, label, hold }: PackingCase, i: number, { puts }: CasePacking): CasePacked {
  const { problem, lines } = task;
  const first = problem.spaces.findIndex(space => space.case === i);
  const own = puts.filter(({ space }) => problem.spaces[space]?.case === i);
  const things = own
    .map(put => thingOf(task, put, put.space - first))
    .sort((a, b) => a.space - b.space || a.at[2] - b.at[2] || a.at[1] - b.at[1] || a.at[0] - b.at[0]);
  const { sizes } = task.assessment.pack;
  const taken = own.reduce((sum, { box }) => sum + roomOf(sizes[lines[box]?.id ?? '']), 0);
  return {
    id,
    label,
    things,
    kg: own.reduce((sum, { box }) => sum + (problem.things[box]?.kg ?? 0), 0),
    fill: (100 * taken) / roomOf(hold),
  };
}

/** The foam around a thing is not the thing: it begins behind that. */
function thingOf({ lines, assessment, cases, problem }: Task, put: PutIn, space: number): PackedThing {
  const { id = '', line } = lines[put.box] ?? {};
  const foam = cases[problem.spaces[put.space]?.case ?? 0]?.hold.foam ?? 0;
  const { width = 0, depth = 0, height = 0 } = assessment.pack.sizes[id] ?? {};
  const sides: Sides = turned([width, depth, height], put.turn);
  const at = (i: 0 | 1 | 2): number => put.at[i] / 1000 + foam;
  return {
    line: id,
    label: line ? `${line.purpose}: ${line.label}` : id,
    space,
    at: [at(0), at(1), at(2)],
    sides,
    turn: put.turn,
  };
}

/** Puts everything where it was found; what was left out keeps no place from before in these cases. */
function offersOf(
  { bundle: { plan }, lines, cases }: Task,
  { cases: packed }: PackedCases,
): readonly Offer[] {
  const wanted = new Map(
    packed.flatMap(({ id, things }) => things.map(each => [each.line, { id, each }] as const)),
  );
  if (wanted.size === 0) return [];
  const asked = new Set(lines.map(({ id }) => id));
  const ours = new Set(cases.map(({ id }) => id));
  const put = [...wanted].map(([line, { id, each }]) => {
    const [x, y, z] = each.at;
    const { turn, space } = each;
    return { line, in: id, at: { x, y, z, turn, ...(space > 0 && { space }) } };
  });
  const edit = packedInto(plan.packed, put, ({ line, in: to }) => asked.has(line) && ours.has(to));
  return [{ id: 'packed', label: 'Pack the cases', changes: [edit.change] }];
}
