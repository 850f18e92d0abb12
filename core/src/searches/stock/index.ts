/** Cutting the leads of a plan from the shelf: the problem, what is proposed, and the edit that accepts it. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle } from '../../documents/index.js';
import { numberOf, type Operation } from '../../foundations/index.js';
import { GROUPS, mostJoins } from '../../stations/runs/makes.js';
import { reachOf, sourceOf } from '../../stations/runs/reach.js';
import { beyondSpares, ownedCables, soldLength, suits, type OwnedCable } from '../../stations/runs/stock.js';
import type { RunResult as Run } from '../../stations/runs/result.js';
import { provenLeast, type Found, type Search } from '../search.js';
import { cutFromStock } from './cut.js';
import {
  COST_ORDER,
  COST_WORDS,
  stockCost,
  type LeadDemand,
  type Option,
  type Pieces,
  type StockCost,
  type StockKind,
  type StockProblem,
} from './problem.js';
import { inPlan } from '../../edits.js';

export { cutFromStock } from './cut.js';
export * from './problem.js';

export interface ProposedCut {
  readonly link: string;
  readonly label: string;
  readonly length: number;
  /** Tape codes as they are now and as proposed; empty where there is none. */
  readonly now: string;
  readonly next: string;
  readonly items: readonly string[];
  readonly excess: number | undefined;
  /** Length to buy or hire, m, where the stock has nothing for it. */
  readonly buy: number | undefined;
  readonly makeWords: string;
}

export interface StockProposal {
  readonly cuts: readonly ProposedCut[];
  readonly cost: StockCost;
  /** Leads that are laid already, which stay as they are. */
  readonly laid: readonly string[];
}

/** Cables that are joined to nothing else stand in a group of their own. */
const groupOf = ({ make, plain, lead: { near, far, directed } }: OwnedCable): string =>
  plain
    ? `${make} ${near.connector}${directed ? ' directed' : ''}`
    : `${make} ${JSON.stringify([near, far, directed])}`;

export interface CutTask {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  /** Cables that nobody else claims and no laid lead is made of. */
  readonly free: readonly OwnedCable[];
  /** Leads that are cut, and names of those that stay as they are laid. */
  readonly open: readonly (readonly [string, Run])[];
  readonly laid: readonly string[];
  readonly problem: StockProblem;
}

/** “Cut all”: the best cut of everything that is not laid yet. */
export const cutAll: Search<object, CutTask, StockProposal> = {
  name: 'cut',
  about: 'cables of the shelf for every lead that is not laid',
  *problemOf(bundle) {
    yield { stage: 'problem', share: 0 };
    return problemOf(bundle, assess(bundle));
  },
  async *solve(problem, { solve }): AsyncGenerator<never, Found<StockProposal>> {
    const pieces = await cutFromStock(problem.problem, solve);
    const cost = stockCost(problem.problem, pieces);
    const answer = { cuts: cutsOf(problem, pieces), cost, laid: problem.laid };
    const patch = acceptCut(answer, problem.bundle.plan);
    return {
      answer,
      objectives: COST_ORDER.map(name => provenLeast(...COST_WORDS[name], cost[name])),
      offers: [{ id: 'cut', label: 'Cut the leads from the stock', changes: [{ document: 'plan', patch }] }],
    };
  },
};

function problemOf(bundle: Bundle, assessment: Assessment): CutTask {
  const { plan, shelf, kinds, claims } = bundle;
  const { runs, rules, signal } = assessment;
  const all = ownedCables({ shelf, kinds, claims, devices: signal.wiring.devices });
  const leads = Object.entries(runs.runs).filter(
    ([, run]) => !run.ownLead && numberOf(run.length) !== undefined,
  );
  const stays = (id: string): boolean =>
    plan.links?.[id]?.laid === true && runs.runs[id]?.cutBy === 'accepted';
  const laid = leads.filter(([id]) => stays(id));
  const open = leads.filter(([id]) => !stays(id));
  const gone = new Set(laid.flatMap(([, { items }]) => items));
  const free = all.filter(({ item, claimed }) => !claimed && !gone.has(item));
  const left = beyondSpares(free, rules.cableSpares ?? 0);
  const stock = new Map<string, StockKind>();
  for (const cable of free) {
    const { kind, length } = cable;
    stock.set(kind, { kind, group: groupOf(cable), length, count: left.get(kind) ?? 0 });
  }
  const demands = open.map(([id, run]) => demandOf(id, run, bundle, assessment, free));
  return {
    bundle,
    assessment,
    free,
    open,
    laid: laid.map(([, { label }]) => label),
    problem: { leads: demands, stock: [...stock.values()] },
  };
}

/** What the cord of a device leaves to cables, m. */
const fromStock = ({ length, cord }: Run): number => Number(length.value) - cord;

/** How long a lead must be, and of which cables it may be made. */
function demandOf(
  id: string,
  run: Run,
  { plan }: Bundle,
  { signal, rules }: Assessment,
  free: readonly OwnedCable[],
): LeadDemand {
  const link = plan.links?.[id];
  const length = fromStock(run);
  const source = link && sourceOf(signal.wiring, link);
  const unbroken = source?.port.carries === 'video' && run.connector === 'RJ45';
  const { asked } = run;
  const options = new Map<string, Option>();
  for (const cable of free) {
    if (!suits({ make: asked, ports: run.ports }, cable) || options.has(groupOf(cable))) continue;
    const reach = (joints: number): number =>
      numberOf(reachOf(id, { make: cable.make, format: run.format, joints, source }, rules).limit) ??
      Infinity;
    const carries = reach(0);
    options.set(groupOf(cable), {
      group: groupOf(cable),
      mostJoins: cable.plain && !cable.lead.directed ? mostJoins(cable.make, unbroken) : 0,
      carries,
      perJoint: Number.isFinite(carries) ? carries - reach(1) : 0,
    });
  }
  // The make that was asked for is looked at first, so that equals fall to it.
  const order = (group: string): number => GROUPS[asked].findIndex(make => group.startsWith(`${make} `));
  return {
    id,
    length,
    sold: soldLength(length) ?? length,
    options: [...options.values()].sort((a, b) => order(a.group) - order(b.group)),
  };
}

/** The very cables of each lead. One keeps what it has where the cut asks for that kind, so that nobody changes like for like. */
function cutsOf({ free, open }: CutTask, pieces: Pieces): ProposedCut[] {
  const pool = new Map<string, OwnedCable[]>();
  for (const cable of free) pool.set(cable.kind, [...(pool.get(cable.kind) ?? []), cable]);
  const kept = new Map(open.map(([id, run]) => [id, keptOf(run.items, pieces.get(id) ?? [], pool)] as const));
  return open.map(([id, run]): ProposedCut => {
    const same = [...(kept.get(id) ?? [])];
    const own = (pieces.get(id) ?? []).flatMap(({ kind }) => {
      const at = same.findIndex(cable => cable.kind === kind);
      return at >= 0 ? same.splice(at, 1) : (pool.get(kind)?.shift() ?? []);
    });
    const total = own.reduce((sum, { length }) => sum + length, 0);
    const length = fromStock(run);
    return {
      link: id,
      label: run.label,
      length,
      makeWords: run.makeWords,
      now: typeof run.cable.value === 'string' ? run.cable.value : '',
      next: own.map(({ tape }) => tape).join(' + '),
      items: own.map(({ item }) => item),
      excess: own.length > 0 ? total - length : undefined,
      buy: own.length > 0 ? undefined : soldLength(length),
    };
  });
}

/** Takes those cables out of the pool that a lead has and is asked for again, by kind. */
function keptOf(
  items: readonly string[],
  pieces: readonly StockKind[],
  pool: ReadonlyMap<string, OwnedCable[]>,
): OwnedCable[] {
  const wanted = pieces.map(({ kind }) => kind);
  return items.flatMap(item => {
    for (const [kind, cables] of pool) {
      const [at, use] = [cables.findIndex(cable => cable.item === item), wanted.indexOf(kind)];
      if (at < 0 || use < 0) continue;
      wanted.splice(use, 1);
      return cables.splice(at, 1);
    }
    return [];
  });
}

/** The edit that accepts a proposal: every lead gets the cables it was given. */
export function acceptCut({ cuts }: StockProposal, { links }: Bundle['plan']): Operation[] {
  return inPlan().each(cuts, (edit, { link, items }) => {
    if (items.length > 0) edit.put('links', link, 'cables', [...items]);
    else if (links?.[link]?.cables) edit.drop('links', link, 'cables');
  }).patch;
}
