/** What would help: work that takes half as long, or one person more; each tried on the same days. */
import { lehmer } from '../annealing.js';
import { Branching } from '../schedule/branch.js';
import { improved } from '../schedule/list.js';
import type { Workshop } from '../schedule/work.js';
import type { Progress } from '../search.js';
import { criticalShares, daysOf, endsOf, inTheirOrder, minutesFor, type Days } from './chance.js';
import { settled, type Settled } from './settled.js';
import { workshopOf, type Worker } from './workshop.js';
import type { ReadyTask } from './index.js';

export interface Shortened {
  readonly key: string;
  readonly label: string;
  /** Share of days on which it has no time to spare, %. */
  readonly critical: number;
  /** Minutes that people may come later if it took half as long. */
  readonly wins: number;
}

export interface Added {
  readonly id: string;
  readonly name: string;
  /** Minutes that people may come later with them. */
  readonly wins: number;
  /** Others who would help as much: they may do the same. */
  readonly alike: readonly string[];
}

export interface Drawing {
  readonly order: Settled;
  /** Minutes of the work on each day, as the tasks stand in the design. */
  readonly minutes: Float64Array;
  readonly days: Days;
  /** Within how many minutes it is ready on the share of days that is wanted. */
  readonly base: number;
  /** 0…1. */
  readonly share: number;
}

/** So many of each are tried at most, and so many days looked at for what is critical. */
const TRIED = 10;
const DAYS = 2000;
/** Steps of a schedule with somebody more. */
const STEPS = 1000;
/** Less is nothing that anybody would notice, min. */
const NOTHING = 0.5;

export function* triedOut(
  drawing: Drawing,
  task: ReadyTask,
): Generator<Progress, { shorten: Shortened[]; add: Added[] }> {
  const shorten = yield* shortened(drawing, task);
  return { shorten, add: yield* added(drawing, task) };
}

const tellOf = (tried: number): Progress => ({ stage: 'solving', share: tried / (2 * TRIED), done: tried });

/** What helps most first; what nobody would notice is left out. */
const helping = <T extends { readonly wins: number }>(tried: readonly T[]): T[] =>
  tried.filter(({ wins }) => wins >= NOTHING).sort((a, b) => b.wins - a.wins);

function* shortened(
  { days, order, share, base }: Drawing,
  { tasks }: ReadyTask,
): Generator<Progress, Shortened[]> {
  const keys = Object.keys(tasks);
  const shares = criticalShares(days, DAYS);
  const often = order.order
    .map((piece, i) => ({ key: keys[piece] ?? '', i, critical: shares[i] ?? 0 }))
    .filter(({ key, critical }) => critical > 0 && !tasks[key]?.everybody)
    .sort((a, b) => b.critical - a.critical)
    .slice(0, TRIED);
  const found: Shortened[] = [];
  for (const { key, i, critical } of often) {
    yield tellOf(found.length);
    const minutes = days.minutes.slice();
    for (let at = i; at < minutes.length; at += days.waits.length) minutes[at] = (minutes[at] ?? 0) / 2;
    found.push({
      ...{ key, label: tasks[key]?.label ?? key, critical: 100 * critical },
      wins: base - minutesFor(endsOf({ ...days, minutes }), share),
    });
  }
  return helping(found);
}

function* added({ minutes, share, base }: Drawing, task: ReadyTask): Generator<Progress, Added[]> {
  const { tasks, workers, others, fixed, options } = task;
  // Who may do the same is as much of a help.
  const groups = new Map<string, { readonly shop: Workshop; readonly people: Worker[] }>();
  for (const each of others) {
    const shop = workshopOf(tasks, [...workers, each], fixed);
    const key = JSON.stringify(shop.work.map(({ seats }) => seats));
    const group = groups.get(key) ?? { shop, people: [] };
    group.people.push(each);
    groups.set(key, group);
  }
  const found: Added[] = [];
  for (const { shop, people } of [...groups.values()].slice(0, TRIED)) {
    yield tellOf(TRIED + found.length);
    const [first, ...alike] = people;
    if (!first) continue;
    const order = settled(
      shop,
      improved(shop, new Branching(shop).bound, STEPS, lehmer(options.seed), () => false),
    );
    const days = daysOf(order.pieces, inTheirOrder(minutes, order.order));
    found.push({
      ...{ id: first.id, name: first.name, alike: alike.map(({ name }) => name) },
      wins: base - minutesFor(endsOf(days), share),
    });
  }
  return helping(found);
}
