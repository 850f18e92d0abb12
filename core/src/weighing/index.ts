/** A plan in a few numbers: what it gives, what it costs in money, people and time, and what endangers it. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, numberOf, type Figure, type PackGroup, type Severity } from '../foundations/index.js';
import { onAirOf, type OnAir } from '../on-air/index.js';
import type { NeedResult } from '../stations/pack/money/needs.js';
import { WEIGHT_NAMES, type WeightName } from './words.js';

export { WEIGHT_NAMES, WEIGHT_WORDS, type WeightName } from './words.js';

/** Each number, or null where it is not known. */
export type Weighed = Readonly<Record<WeightName, number | null>>;

/** Groups of the checklist by what they are as money. */
const BOUGHT_AS: Readonly<Record<PackGroup, WeightName>> = {
  Cameras: 'devices',
  Desk: 'devices',
  'Cases and stands': 'devices',
  Adapters: 'adapters',
  Cables: 'leads',
  Power: 'supplies',
  Floor: 'floor',
};

/** Shots that a camera on air takes: their own, or another that could take that of their mark as it stands. */
export const coveredShots = (
  { plan }: Pick<Bundle, 'plan'>,
  { shots }: Assessment,
  { cameras }: Pick<OnAir, 'cameras'>,
): readonly string[] =>
  inOrder(plan.shots).flatMap(([id, { camera, mark }]) =>
    camerasFor(shots.coverage[mark]?.cameras, camera).some(each => cameras.has(each)) ? [id] : [],
  );

/** The cameras that take a shot or could. */
export const camerasFor = (
  verdicts: Readonly<Record<string, Figure>> | undefined,
  own: string | undefined,
): readonly string[] => [
  ...new Set([
    ...(own === undefined ? [] : [own]),
    ...Object.entries(verdicts ?? {}).flatMap(([camera, { value }]) => (value === 'yes' ? [camera] : [])),
  ]),
];

/** `single`: how many devices end an output when they fail alone, where that was worked out. */
export function weigh(bundle: Bundle, assessment: Assessment, single: number | null = null): Weighed {
  const { snags, hands, power, pack, signal } = assessment;
  const { money } = pack;
  const onAir = onAirOf(bundle, assessment);
  const bought = sums(Object.values(money.needs));
  const count = (severity: Severity): number => snags.filter(snag => snag.severity === severity).length;
  const known = (figure: Figure | undefined): number | null => numberOf(figure) ?? null;
  const delays = Object.values(signal.latency).flatMap(({ sources }) =>
    Object.values(sources).flatMap(({ video }) => numberOf(video) ?? []),
  );
  return {
    covered: coveredShots(bundle, assessment, onAir).length,
    shots: inOrder(bundle.plan.shots).length,
    outputs: onAir.outputs.size,
    single,
    stops: count('stop'),
    risks: count('risk'),
    people: known(hands.wanted),
    minutes: known(hands.work),
    watts: known(power.total),
    kilos: known(pack.weight),
    delay: delays.length === 0 ? null : Math.max(...delays),
    devices: bought.devices ?? 0,
    adapters: bought.adapters ?? 0,
    leads: bought.leads ?? 0,
    supplies: bought.supplies ?? 0,
    floor: bought.floor ?? 0,
    spares: known(money.reserve),
    hired: known(money.hired),
    total: known(money.total),
    unpriced: known(money.unpriced),
    running: known(money.running),
  };
}

function sums(needs: readonly NeedResult[]): Readonly<Partial<Record<WeightName, number>>> {
  const by: Partial<Record<WeightName, number>> = {};
  for (const { group, way, cost } of needs) {
    const of = BOUGHT_AS[group];
    if (way === 'buy new' || way === 'buy used') by[of] = (by[of] ?? 0) + (numberOf(cost) ?? 0);
  }
  return by;
}

/** What one has more of than another, for each number that both have and that differs. */
export const differences = (before: Weighed, after: Weighed): Readonly<Partial<Record<WeightName, number>>> =>
  Object.fromEntries(
    WEIGHT_NAMES.flatMap(name => {
      const [a, b] = [before[name], after[name]];
      const more = a === null || b === null ? 0 : b - a;
      return Math.abs(more) < 1e-6 ? [] : [[name, more]];
    }),
  );
