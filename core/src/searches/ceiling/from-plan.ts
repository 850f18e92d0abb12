/** The problem of a ceiling, made of a plan: each way to come by a line is tried, or what it loses is followed. */
import { createAssessor, type Assessment, type Assessor } from '../../assess.js';
import type { Bundle, Family } from '../../documents/index.js';
import { numberOf, toCents, type NeedWay } from '../../foundations/index.js';
import { lostByEach, onAirOf, onAirWithout, type OnAir } from '../../on-air/index.js';
import { SMALL_GROUPS, USUAL_RESERVE } from '../../stations/pack/money/index.js';
import { isPriced, type NeedResult } from '../../stations/pack/money/needs.js';
import type { PriceName } from '../../stations/pack/money/prices.js';
import { OptionError, type Progress } from '../search.js';
import { assessed, candidatesFor, replugged, tryOut } from '../substitutes/index.js';
import type { CeilingLine, CeilingProblem, CeilingWay } from './problem.js';
import { goalOf, goalsOf, USUAL_WEIGHTS, wishesOf, type CeilingWeights } from './wishes.js';

export interface CeilingOptions {
  /** In the money of the house; absent = that of the plan. */
  readonly ceiling?: number;
  /** Lines that somebody would lend. */
  readonly borrow?: readonly string[];
  /** Lines that must stay. */
  readonly keep?: readonly string[];
  /** Kinds that the next step wants too. */
  readonly next?: readonly string[];
  readonly weights?: Partial<CeilingWeights>;
  readonly seconds?: number;
  /** Kinds that are tried in the place of each device. */
  readonly substitutes?: number;
}

export interface CeilingTask {
  readonly bundle: Bundle;
  readonly before: Assessment;
  readonly assess: Assessor;
  readonly onAir: OnAir;
  readonly needs: Readonly<Record<string, NeedResult>>;
  readonly problem: CeilingProblem;
  /** For each way that is another kind, what takes its place. */
  readonly swaps: ReadonlyMap<string, Swap>;
  readonly seconds: number;
}

/** Another kind in the place of a device, with the item that is taken. */
export interface Swap {
  readonly kind: string;
  readonly item: string | undefined;
}

/** The way of a line of which no price is known. */
export const UNPRICED = 'unpriced';

const LONGEST = 15;
/** Kinds that are tried for each device where nobody says otherwise. */
const TRIED = 2;

export function* ceilingTask(bundle: Bundle, options: CeilingOptions): Generator<Progress, CeilingTask> {
  yield { stage: 'problem', share: 0 };
  const assess = createAssessor();
  const before = assess(bundle);
  const { money } = before.pack;
  const ceiling = options.ceiling ?? numberOf(money.ceiling);
  if (ceiling === undefined)
    throw new OptionError('/ceiling', 'say what may be spent: the plan has no ceiling of its own');
  for (const name of ['borrow', 'keep'] as const)
    for (const [i, line] of (options[name] ?? []).entries())
      if (!money.needs[line])
        throw new OptionError(`/${name}/${i}`, `“${line}” is no line that must be come by`);
  const onAir = onAirOf(bundle, before);
  const steps = lostByEach(bundle, before, assess);
  let step = steps.next();
  for (; step.done !== true; step = steps.next()) yield { stage: 'problem', share: step.value / 2 };
  const lost = step.value;
  const weights = { ...USUAL_WEIGHTS, ...options.weights };
  const maker = new Lines(bundle, before, assess, onAir, options, weights);
  const lines: CeilingLine[] = [];
  const needs = Object.entries(money.needs);
  for (const [i, [id, need]] of needs.entries()) {
    yield { stage: 'problem', share: 0.5 + i / needs.length / 2 };
    const fails = lost.get(id);
    const loses = fails
      ? goalsOf({ outputs: new Set(fails.outputs), cameras: new Set(fails.cameras) })
      : maker.lostWithoutLead(id);
    lines.push(maker.line(id, need, loses));
  }
  const problem: CeilingProblem = {
    ceiling,
    reserve: (before.rules.money?.reserve ?? USUAL_RESERVE) / 100,
    lines,
    goals: goalsOf(onAir),
    wishes: wishesOf(bundle, before, onAir, lost, weights),
    reuse: weights.reuse,
  };
  const { swaps } = maker;
  return {
    ...{ bundle, before, assess, onAir, needs: money.needs, problem, swaps },
    seconds: options.seconds ?? LONGEST,
  };
}

const PRICED: readonly (readonly [NeedWay, PriceName])[] = [
  ['buy new', 'bought'],
  ['buy used', 'used'],
  ['hire', 'hired'],
];

class Lines {
  readonly swaps = new Map<string, Swap>();

  constructor(
    private readonly bundle: Bundle,
    private readonly before: Assessment,
    private readonly assess: Assessor,
    private readonly onAir: OnAir,
    private readonly options: CeilingOptions,
    private readonly weights: CeilingWeights,
  ) {}

  /** Goals that are lost with a lead, where the line is one. */
  lostWithoutLead(line: string): readonly string[] {
    const [id = ''] = line.split(' ');
    const { links = {} } = this.bundle.plan;
    if (!links[id]) return [];
    const { [id]: _gone, ...left } = links;
    const cut = { ...this.bundle, plan: { ...this.bundle.plan, links: left } };
    return this.lostBy(onAirOf(cut, this.assess(cut)));
  }

  line(id: string, need: NeedResult, loses: readonly string[]): CeilingLine {
    const follows = this.followed(id);
    const ways = [...this.planned(id, need), ...this.otherKinds(id, need)];
    const stays = follows.length > 0 || this.isFixed(id) || this.options.keep?.includes(id) === true;
    const label = need.purpose === '' ? need.label : `${need.purpose}: ${need.label}`;
    return { id, label, follows, ways: stays ? ways : [...ways, this.goWithout(id, loses)] };
  }

  /** The lines without which a line is not wanted: the camera of a stand, the ends of a lead. */
  private followed(line: string): readonly string[] {
    const { needs } = this.before.pack.money;
    return this.belongsTo(line).filter(id => Object.hasOwn(needs, id));
  }

  private belongsTo(line: string): readonly string[] {
    const { devices, links } = this.bundle.plan;
    if (devices?.[line]) return [];
    const [first = '', second = ''] = line.split(' ');
    if (FITTINGS.has(first)) return [second];
    const link = links?.[first];
    return link ? [link.from.device, link.to.device].flatMap(id => id ?? []) : [];
  }

  /** What lies on the floor for safety, joiners, spares and what is used up are there whatever else is; lines of one’s own need not be. */
  private isFixed(line: string): boolean {
    const { devices } = this.bundle.plan;
    return devices?.[line] === undefined && this.belongsTo(line).length === 0 && !line.startsWith('extra ');
  }

  private goWithout(line: string, loses: readonly string[]): CeilingWay {
    const [first = '', second = ''] = line.split(' ');
    // A camera without its stand or lens gives no picture.
    const goals = FITTINGS.has(first) && this.onAir.cameras.has(second) ? [goalOf.camera(second)] : loses;
    return {
      ...{
        id: 'without',
        label: 'go without',
        cost: 0,
        money: 'hire',
        there: false,
        asPlanned: false,
        worth: 0,
      },
      ...{ loses: goals, reused: false },
    };
  }

  /** The ways that have a price, or what was decided; as planned for nothing where no price is known. */
  private planned(id: string, need: NeedResult): readonly CeilingWay[] {
    const { prices, hireDays } = this.before.pack.money;
    const own = prices[need.kind ?? ''];
    const way = (name: NeedWay, cost: number): CeilingWay => ({
      ...{ id: name, label: name, cost, there: true, asPlanned: true, worth: this.weights.line, loses: [] },
      money: name === 'hire' || name === 'borrow' ? 'hire' : SMALL_GROUPS.has(need.group) ? 'small' : 'gear',
      reused: name.startsWith('buy') && this.options.next?.includes(need.kind ?? '') === true,
    });
    const borrowed = this.options.borrow?.includes(id) ? [way('borrow', 0)] : [];
    if (need.decided && need.way !== undefined && isPriced(need))
      return [way(need.way, numberOf(need.cost) ?? 0), ...borrowed];
    const priced = PRICED.flatMap(([name, price]): CeilingWay[] => {
      if (need.why === 'hired already' && name !== 'hire') return [];
      const each = numberOf(own?.[price]);
      if (each === undefined) return [];
      const days = name === 'hire' ? (numberOf(hireDays) ?? 1) : 1;
      return [way(name, toCents(each * need.count * days))];
    });
    if (priced.length + borrowed.length > 0) return [...priced, ...borrowed];
    return [{ ...way('buy new', 0), id: UNPRICED, label: 'as planned, no price is known', money: 'hire' }];
  }

  /** Other kinds that bring no stop with them and lose no lead. */
  private otherKinds(id: string, need: NeedResult): readonly CeilingWay[] {
    const { bundle, before, assess } = this;
    const family = bundle.kinds.kinds[need.kind ?? '']?.family;
    if (!bundle.plan.devices?.[id] || need.decided || !family || !REPLACED.has(family)) return [];
    const dearest = numberOf(need.cost) ?? Infinity;
    const ways: CeilingWay[] = [];
    for (const { kind, item, price } of candidatesFor(bundle, id, before.rules)) {
      if (ways.length >= (this.options.substitutes ?? TRIED)) break;
      if (price === undefined || price >= dearest) break;
      const tried = tryOut({ bundle, device: id, before, assess }, { kind, item, price });
      if (!tried || tried.answer.unplugged.length > 0) continue;
      const { brings, cures } = tried.answer;
      if (brings.some(({ severity }) => severity === 'stop')) continue;
      const risks = risksOf(brings) - risksOf(cures);
      const after = assessed(bundle, tried.offer.changes, assess);
      if (!after) continue;
      const { adapters = 0, leads = 0 } = tried.answer.differs;
      const way = `${id} as ${tried.answer.id}`;
      this.swaps.set(way, { kind, item });
      ways.push({
        ...{ id: way, label: tried.offer.label, there: true, asPlanned: false },
        worth: this.weights.line / 2 - this.weights.risk * Math.max(0, risks),
        cost: price + Math.max(0, adapters) + Math.max(0, leads),
        money: item === undefined ? 'gear' : 'hire',
        loses: this.lostBy(onAirOf(after.bundle, after.assessment)),
        reused: item === undefined && this.options.next?.includes(kind) === true,
      });
    }
    return ways;
  }

  private lostBy({ outputs, cameras }: OnAir): readonly string[] {
    return goalsOf({
      outputs: new Set([...this.onAir.outputs].filter(id => !outputs.has(id))),
      cameras: new Set([...this.onAir.cameras].filter(id => !cameras.has(id))),
    });
  }
}

const FITTINGS = new Set(['stand', 'lens']);

/** Families whose kinds do one job, so that a plan that works with another kind is as good; a case or a stand has no such test. */
const REPLACED: ReadonlySet<Family> = new Set<Family>([
  ...(['camera', 'switcher', 'recorder', 'encoder', 'screen', 'router', 'network switch'] as const),
  ...(['computer', 'capture', 'converter', 'extender', 'wireless link', 'microphone', 'lamp'] as const),
]);

const risksOf = (snags: readonly { readonly severity: string }[]): number =>
  snags.filter(({ severity }) => severity === 'risk').length;

/** What is left on air when some lines are gone, and some devices are another kind. */
export function leftWith(
  { bundle, before, assess, swaps }: Pick<CeilingTask, 'bundle' | 'before' | 'assess' | 'swaps'>,
  gone: readonly string[],
  swapped: readonly (readonly [device: string, way: string])[],
): OnAir {
  let [now, known] = [bundle, before];
  for (const [device, way] of swapped) {
    const swap = swaps.get(way);
    const made = swap && replugged(now, known, device, swap.kind, swap.item);
    const after = made && assessed(now, made.changes, assess);
    if (after) [now, known] = [after.bundle, after.assessment];
  }
  const { devices, links = {} } = now.plan;
  const cut = gone.filter(line => links[line.split(' ')[0] ?? '']).map(line => line.split(' ')[0] ?? '');
  if (cut.length > 0) {
    const left = Object.fromEntries(Object.entries(links).filter(([id]) => !cut.includes(id)));
    now = { ...now, plan: { ...now.plan, links: left } };
    known = assess(now);
  }
  const dead = gone.flatMap(line => {
    const [first = '', second = ''] = line.split(' ');
    if (devices?.[line]) return [line];
    return FITTINGS.has(first) && devices?.[second] ? [second] : [];
  });
  return dead.length === 0 ? onAirOf(now, known) : onAirWithout(now, known, dead, assess);
}
