/** “Share out the load”: up to three ways to plug in what is on the mains, or why there is none. */
import { assess } from '../../assess.js';
import type { End } from '../../documents/index.js';
import { inOrder, type DocumentPatch } from '../../foundations/index.js';
import { inPlan } from '../../edits.js';
import type { Found, Objective, Offer, Search } from '../search.js';
import { rule, saidOf, whyNone, type ConflictSaid } from '../solver/index.js';
import { programmeOf, type BalanceNames } from './exact.js';
import { balanceTask, type BalanceTask } from './from-plan.js';
import { limitsPassed, type Passed, type Plugged } from './problem.js';
import { sharedOut, type BalanceAim, type SharedOut } from './share-out.js';

/** Longest for each way, s. */
const LONGEST = 10;
/** A metre of lead counts where everything else is the same. */
const METRE = 0.001;

/** What each way is best at, and what counts after that. */
const AIMS: readonly BalanceAim[] = [
  { words: 'fewest changes', weights: { metre: METRE, strip: 0.1, change: 1, share: 0 } },
  { words: 'fewest strips', weights: { metre: METRE, strip: 1, change: 0.01, share: 0 } },
  { words: 'most reserve', weights: { metre: METRE, strip: 0.1, change: 0.01, share: 10 } },
];

/** One thing that is plugged in elsewhere than now, or not at all. */
export interface Move {
  readonly link: string;
  readonly label: string;
  readonly from: string;
  /** Absent where nothing is plugged into a strip any more, which stays away then. */
  readonly to?: string;
}

export interface BalanceWay {
  readonly aim: string;
  readonly moves: readonly Move[];
  /** Lengths of all its mains leads, m. */
  readonly metres: number;
  readonly strips: number;
  /** Of what the fullest circuit has for ours, the share that is used, %. */
  readonly fullest: number;
  readonly proven: boolean;
}

export interface Balance {
  /** How many things could be plugged in elsewhere: on the mains, at sockets of which the circuit is known. */
  readonly counted: number;
  /** What passes its limit as everything is plugged in now, in words. */
  readonly passed: readonly string[];
  readonly ways: readonly BalanceWay[];
  /** Aims with no other way than those above, and those for which none was found in time. */
  readonly noOther: readonly string[];
  readonly notFound: readonly string[];
  /** Where nothing fits: what cannot hold together, and what giving way would cost least. */
  readonly conflict?: ConflictSaid;
  /** Things on the mains that nobody knows the watts of: they are not counted. */
  readonly unknown: readonly string[];
}

export const shareOut: Search<object, BalanceTask, Balance> = {
  name: 'balance',
  about: 'loads over sockets, strips and circuits, so that nothing passes its limit',
  *problemOf(bundle) {
    yield { stage: 'problem', share: 0 };
    return balanceTask(bundle, assess(bundle));
  },
  async *solve(task, { solve, now }): AsyncGenerator<never, Found<Balance>> {
    const { problem, unknown } = task;
    const names = namesOf(task);
    const { ways, none, notFound } = await sharedOut(
      problem,
      names,
      AIMS,
      { solve, now },
      { seconds: LONGEST },
    );
    const answer = {
      counted: problem.loads.length,
      passed: limitsPassed(problem, nowOf(task)).map(each => passedWords(task, each)),
      ways: ways.map(way => wayOf(task, way)),
      ...{ noOther: none, notFound, unknown },
    };
    if (ways.length === 0 && none.length > 0) {
      const why = await whyNone(programmeOf(problem, names, false).programme, solve, now);
      return { answer: { ...answer, conflict: saidOf(why, ['A']) }, objectives: [], offers: [] };
    }
    return {
      answer,
      objectives: ways.slice(0, 1).map(({ aim, value, bound }): Objective => ({
        ...{ label: aim, unit: '', better: 'less', value, bound },
      })),
      offers: ways.flatMap(way => offerOf(task, way)),
    };
  },
};

/** As everything is plugged in now. */
const nowOf = ({ problem: { loads, strips } }: BalanceTask): Plugged => ({
  points: loads.map(({ now = -1 }) => now),
  strips: strips.map(({ now = -1 }) => now),
});

const inAmps = (value: number): string => `${Math.round(value * 10) / 10} A`;

function passedWords(
  { pointLabels, circuitLabels }: BalanceTask,
  { limit, at, value, most }: Passed,
): string {
  if (limit === 'outlets')
    return `${value} things are plugged into the ${most} ${most === 1 ? 'outlet' : 'outlets'} of ${pointLabels[at] ?? ''}`;
  if (limit === 'room') return `the plugs in ${pointLabels[at] ?? ''} find no room beside each other`;
  const name = (limit === 'circuit' ? circuitLabels : pointLabels)[at] ?? '';
  const word = limit === 'circuit' ? 'counts' : 'carries';
  return `${name} ${word} ${inAmps(value)} of ours, ${inAmps(value - most)} too much`;
}

const wayOf = (task: BalanceTask, { aim, plugged, cost, proven }: SharedOut): BalanceWay => ({
  ...{ aim, proven, moves: movesOf(task, plugged) },
  ...{ metres: cost.metres, strips: cost.strips, fullest: 100 * cost.share },
});

/** Leads that begin elsewhere than now, loads before strips. */
function movesOf(
  { problem, loadLinks, stripLinks, pointLabels, assessment }: BalanceTask,
  plugged: Plugged,
): Move[] {
  const moves = (
    links: BalanceTask['loadLinks'],
    all: readonly { readonly now?: number }[],
    points: readonly number[],
  ): Move[] =>
    links.flatMap(([link, { to }], i) => {
      const [before = -1, after = -1] = [all[i]?.now, points[i]];
      if (before === after) return [];
      const label = assessment.signal.wiring.devices[to.device ?? '']?.label ?? 'a thing';
      const next = pointLabels[after];
      return [{ link, label, from: pointLabels[before] ?? '', ...(next !== undefined && { to: next }) }];
    });
  return [
    ...moves(loadLinks, problem.loads, plugged.points),
    ...moves(stripLinks, problem.strips, plugged.strips),
  ];
}

/** The edit of one way: each lead that moves is a new one, since its old cable may not reach. */
function offerOf(task: BalanceTask, { aim, plugged }: SharedOut): Offer[] {
  const { problem, loadLinks, stripLinks, bundle, assessment } = task;
  const { wiring } = assessment.signal;
  const moved = new Set(movesOf(task, plugged).map(({ link }) => link));
  if (moved.size === 0) return [];
  const stays = inOrder(bundle.plan.links).filter(([id]) => !moved.has(id));
  const taken = new Set(stays.map(([, { from }]) => `${from.device ?? ''} ${from.port ?? ''}`));
  const ends = (point: number): End => {
    const socket = problem.sockets[point];
    if (socket) return { socket: socket.id };
    const device = stripLinks[point - problem.sockets.length]?.[1].to.device ?? '';
    const [port = ''] =
      inOrder(wiring.kindOf(device)?.ports).find(
        ([id, each]) => each.carries === 'power' && each.direction === 'out' && !taken.has(`${device} ${id}`),
      ) ?? [];
    taken.add(`${device} ${port}`);
    return { device, port };
  };
  const edit = inPlan({ links: bundle.plan.links });
  for (const [links, points] of [
    [loadLinks, plugged.points],
    [stripLinks, plugged.strips],
  ] as const)
    for (const [i, [id, { to }]] of links.entries()) {
      const point = points[i] ?? -1;
      if (!moved.has(id)) continue;
      if (point < 0) edit.drop('links', id);
      else edit.put('links', id, { from: ends(point), to });
    }
  const changes: DocumentPatch[] = [edit.change];
  return [{ id: aim, label: `Share out the load: ${aim}`, changes }];
}

/** Rules as people would say them. */
function namesOf({
  problem,
  circuitLabels,
  pairLabels,
  pointLabels,
  loadLinks,
  assessment,
}: BalanceTask): BalanceNames {
  const { sockets, strips, circuits, loads } = problem;
  const point = (p: number) => sockets[p] ?? strips[p - sockets.length];
  return {
    load: i => {
      const device = loadLinks[i]?.[1].to.device ?? '';
      const label = assessment.signal.wiring.devices[device]?.label ?? loads[i]?.id ?? '';
      return rule(`${label} is plugged in`, '', 1e3);
    },
    outlets: p => rule(`${pointLabels[p] ?? ''} has ${point(p)?.outlets ?? 0} outlets`, 'outlets', 2),
    point: p => rule(`${pointLabels[p] ?? ''} carries ${inAmps(point(p)?.amps ?? 0)}`, 'A'),
    circuit: c =>
      rule(
        `${circuitLabels[c] ?? ''} has ${inAmps(Math.min(...(circuits[c]?.left ?? [0])))} for ours by the house rule`,
        'A',
      ),
    pair: k => rule(pairLabels[k] ?? ''),
  };
}
