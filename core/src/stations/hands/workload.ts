/** What the live part asks of everybody: the load of each item, what takes both hands at once, and whether one can do it. */
import type { Attention, RunningItem, Shot } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  listed,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import { askedOf, BY_MINUTE, countOf, type Asked, type Mix, type RoleAsked } from './asked.js';
import { ALL_OF_IT, attentionOf, JOB_WORDS, JOBS, TOO_MUCH, type Job } from './attention.js';
import type { Crew } from './crews.js';
import * as figures from './figures.js';
import type { HandsReads, ItemLoad, RoleResult, Workload } from './result.js';
import { walkOf, type Walk } from './walking.js';

/** What loads are worked out from, besides who does what. */
export interface LoadReads {
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly shots: MapOf<Shot> | undefined;
  readonly mix: Mix;
  /** As the house reckons. */
  readonly attention: Attention | undefined;
  readonly places: HandsReads['workPlaces'];
}

type Item = RunningItem & { readonly id: string };

/** The items that are live and take time, in their order. */
const liveItems = (order: LoadReads['runningOrder']): Item[] =>
  inOrder(order).flatMap(([id, item]) =>
    item.phase === 'live' && item.minutes > 0 ? [{ ...item, id }] : [],
  );

/** Whether a role has something to do while it is live. */
export const isLive = ({ done }: Pick<RoleResult, 'done'>): boolean =>
  done.jobs.length > 0 || done.bothHands || done.unsaid;

/** One sort of thing that takes attention: how many of it, and what one of it takes. */
interface Share {
  readonly formula: string;
  readonly count: Term;
  readonly each: Term;
}

const isNumber = (value: unknown): value is number => typeof value === 'number';

/** Of all who are asked one job in an item, how many of it in all; undefined where one of them is not known. */
function totalOf(asked: readonly Asked[], bound: 'least' | 'most'): number | undefined {
  const counts = asked.map(each => each[bound]);
  return counts.every(isNumber) ? counts.reduce((sum, each) => sum + each, 0) : undefined;
}

function shareOf(
  job: Job,
  asked: readonly Asked[],
  count: number,
  item: Item,
  attention: Required<Attention>,
): Share {
  const name = `${job}s`;
  const unit = BY_MINUTE.has(job) ? '/min' : 'pieces';
  const own = item.asks?.[countOf(job)];
  const pointer = `/runningOrder/${item.id}/asks/${countOf(job)}`;
  const source = !item.asks
    ? 'those that its shots make sure; nobody has counted them'
    : own === undefined
      ? 'none, as the running order counts others'
      : 'counted in the running order, for each that is worked';
  return {
    formula: `${name}${BY_MINUTE.has(job) ? ' * minutes' : ''} * ${job}`,
    count:
      asked.length === 1 && own === count
        ? given(name, count, unit, 'plan', pointer)
        : constant(name, count, unit, source),
    each: constant(job, attention[job], 's', 'seconds of attention that one takes, a house figure'),
  };
}

/** What makes a bound of a load: shares, or why it is not known. */
function sharesOf(
  asked: readonly RoleAsked[],
  bound: 'least' | 'most',
  item: Item,
  walk: Walk,
  attention: Required<Attention>,
): readonly Share[] | string {
  const shares: Share[] = [];
  for (const job of JOBS) {
    const all = asked.flatMap(({ jobs }) => jobs.filter(each => each.job === job));
    if (all.length === 0) continue;
    const count = totalOf(all, bound);
    if (count === undefined) return `nothing says how many ${JOB_WORDS[job]} there are in “${item.label}”`;
    shares.push(shareOf(job, all, count, item, attention));
  }
  const unsaid = asked.filter(({ role }) => role.done.unsaid);
  if (bound === 'most' && unsaid.length > 0)
    return `nothing counts what ${listed(unsaid.map(({ role }) => role.label))} takes`;
  const metres = walk[bound];
  if (metres === undefined) return 'it is not known how far apart they work';
  if (metres > 0)
    shares.push({
      formula: 'metres * walk',
      count: constant('metres', metres, 'm', 'between the places at which they work'),
      each: constant('walk', attention.walk, 's/m', 'walking, a house figure'),
    });
  return shares;
}

const percentOf = (shares: readonly Share[]): string =>
  `(${shares.map(({ formula }) => formula).join(' + ')}) / (minutes * 60) * 100`;

function loadFigure(
  figure: typeof figures.itemLeast | typeof figures.itemMost,
  ids: [person: string, item: string],
  shares: readonly Share[] | string,
  item: Item,
): Figure {
  if (typeof shares === 'string') return figure.unknown(ids, shares);
  if (shares.length === 0)
    return figure.found(ids, 0, [], { method: 'nothing that the running order counts' });
  const minutes = given('minutes', item.minutes, 'min', 'plan', `/runningOrder/${item.id}/minutes`);
  const terms = [minutes, ...shares.flatMap(({ count, each }) => [count, each])];
  return figure.calc(ids, terms, { formula: percentOf(shares) });
}

interface Loaded {
  readonly item: Item;
  readonly asked: readonly RoleAsked[];
  readonly walk: Walk;
  readonly load: ItemLoad;
}

/** The load of each live item, for roles that one person does. */
function itemLoads(
  person: string,
  own: readonly RoleResult[],
  others: readonly RoleResult[],
  reads: LoadReads,
): Loaded[] {
  const attention = attentionOf(reads.attention);
  return liveItems(reads.runningOrder).map(item => {
    const asked = askedOf(own, others, item, reads.shots, reads.mix);
    const walk = walkOf(asked, item.minutes, reads.places);
    const bounded = (bound: 'least' | 'most', figure: Parameters<typeof loadFigure>[0]): Figure =>
      loadFigure(figure, [person, item.id], sharesOf(asked, bound, item, walk, attention), item);
    return {
      item,
      asked,
      walk,
      load: { least: bounded('least', figures.itemLeast), most: bounded('most', figures.itemMost) },
    };
  });
}

/** What an item asks of a group of roles, for what tries many of them: with what nobody counted taken as nothing. */
export interface GroupLoad {
  readonly id: string;
  /** Of one’s attention, at most, %. */
  readonly load: number;
  /** All of it is done at places within reach of each other. */
  readonly atOnePlace: boolean;
  /** What was taken as nothing. */
  readonly uncounted: readonly string[];
}

/** The load of each live item, were one person to do some roles and others the others. */
export function groupLoads(
  own: readonly RoleResult[],
  others: readonly RoleResult[],
  reads: LoadReads,
): GroupLoad[] {
  const attention = attentionOf(reads.attention);
  return liveItems(reads.runningOrder).map(item => {
    const asked = askedOf(own, others, item, reads.shots, reads.mix);
    const uncounted = asked.flatMap(({ jobs }) =>
      jobs.flatMap(({ job, most }) => (most === undefined ? [`${JOB_WORDS[job]} in “${item.label}”`] : [])),
    );
    const settled = asked.map(({ role, jobs }) => ({
      role: { ...role, done: { ...role.done, unsaid: false } },
      jobs: jobs.map(({ job, least, most = least }): Asked => ({ job, least, most })),
    }));
    const walk = walkOf(settled, item.minutes, reads.places);
    const seconds = settled
      .flatMap(({ jobs }) => jobs)
      .reduce(
        (sum, { job, most = 0 }) => sum + most * (BY_MINUTE.has(job) ? item.minutes : 1) * attention[job],
        (walk.most ?? 0) * attention.walk,
      );
    return {
      id: item.id,
      load: (seconds / (item.minutes * 60)) * 100,
      atOnePlace: walk.most === 0,
      uncounted,
    };
  });
}

const things = (person: string, names: readonly string[]): Figure =>
  figures.atOnce.calc(
    [person],
    names.length === 0
      ? [constant('thing', 0, '', 'nothing takes both hands all the time')]
      : names.map(name => constant('thing', 1, '', name)),
  );

/** Workload of one person who has something to do while it is live. */
export function workloadOf(
  person: string,
  { crew, ...reads }: LoadReads & { readonly crew: Crew },
): Workload {
  const live = crew.own.filter(isLive);
  const loads = itemLoads(person, live, crew.others, reads);
  const held = live.filter(({ done }) => done.bothHands).map(({ label }) => label);
  const besides = live.filter(
    ({ key }) =>
      held.length > 0 &&
      loads.some(({ asked }) =>
        asked.some(({ role, jobs }) => role.key === key && jobs.some(({ least }) => least > 0)),
      ),
  );
  const atOnce = things(person, [...held, ...besides.map(({ label }) => label)]);
  const leasts = loads.map(({ load }) => load.least);
  const peak =
    loads.length === 0
      ? figures.peak.unknown([person], 'the running order has nothing that is live')
      : figures.peak.calc(
          [person],
          leasts.map(each => taken('load', each)),
        );
  return {
    roles: live.map(({ key }) => key),
    items: Object.fromEntries(loads.map(({ item, load }) => [item.id, load])),
    peak,
    atOnce,
    verdict: verdictOf(person, live, loads, peak, atOnce),
  };
}

function verdictOf(
  person: string,
  live: readonly RoleResult[],
  loads: readonly Loaded[],
  peak: Figure,
  atOnce: Figure,
): Figure {
  const terms = [taken('peak', peak), taken('at_once', atOnce)];
  const say = (value: string, method: string): Figure =>
    figures.verdict.found([person], value, terms, { method });
  if ((numberOf(atOnce) ?? 0) > 1) return say(TOO_MUCH, 'more than one thing takes both hands');
  if ((numberOf(peak) ?? 0) > ALL_OF_IT) return say(TOO_MUCH, 'more than all of their attention');
  if (loads.length === 0)
    return figures.verdict.unknown([person], 'the running order has nothing that is live', terms);
  const open = loads.find(({ load }) => !((numberOf(load.most) ?? Infinity) <= ALL_OF_IT));
  const away = loads.find(({ walk }) => walk.most !== 0);
  if (!open && !away)
    return say('one person can do this', 'at most all of their attention in every item, at one place');
  if (live.length === 1) return say('has this job alone', 'no other job comes in between');
  const why =
    open?.load.most.why ??
    `they walk between places in “${(open ?? away)?.item.label ?? ''}”: rehearse whether one waits for the other`;
  return figures.verdict.unknown([person], why, terms);
}
