/** How a rack stands: its centre of gravity, the angle at which it falls, and what is heavy over light. */
import type { Kind } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './balance-figures.js';
import { isInside } from './airway.js';
import type { CaseKind } from '../in-rack/box.js';
import { mountOf, type Held } from '../in-rack/held.js';
import type { RackBalance } from './result.js';
import { depthOf, isRear, spacesOf, UNIT, unitsOf } from '../in-rack/units.js';

/** What a thing weighs, by its id. */
export type Weights = Readonly<Record<string, Figure>>;

interface Mass {
  readonly kg: number;
  readonly up: number;
  readonly back: number;
  readonly terms: readonly Term[];
}

/** Of a case with what is fastened in it; what lies loose in it is not there while it stands. */
export function balanceOf(
  id: string,
  of: CaseKind,
  outside: Kind | undefined,
  held: readonly Held[],
  weights: Weights,
): RackBalance {
  const { width, depth, height } = outside?.size ?? {};
  const unknown = (why: string): RackBalance => ({
    mass: figures.mass.unknown([id], why),
    centre: figures.centre.unknown([id], why),
    along: figures.along.unknown([id], why),
    height: figures.height.unknown([id], why),
    lower: figures.lower.unknown([id], why),
    tip: figures.tip.unknown([id], why),
  });
  if (width === undefined || depth === undefined || height === undefined)
    return unknown(`width, depth and height of ${of.label} outside were not measured`);
  if (outside?.weight === undefined) return unknown(`${of.label} was not weighed empty`);
  const there = held.filter(each => each.how === 'lid' || isInside(each, held));
  const unweighed = there.find(each => numberOf(weights[each.id]) === undefined);
  if (unweighed) return unknown(`${unweighed.device.label} was not weighed`);
  const unmeasured = there.find(each => {
    const mount = mountOf(each, held);
    return mount?.id === each.id && depthOf(each.kind) === undefined;
  });
  if (unmeasured) return unknown(`the depth of ${unmeasured.device.label} was not measured`);

  const masses: Mass[] = [
    {
      kg: outside.weight,
      up: height / 2,
      back: depth / 2,
      terms: [
        given('weight', outside.weight, 'kg', 'kinds', `/kinds/${of.kind}/weight`),
        constant('height', height / 2, 'm', 'the case, empty'),
      ],
    },
    ...there.map(each => massOf(each, held, of, { depth, height }, weights[each.id])),
  ];
  const kg = masses.reduce((sum, mass) => sum + mass.kg, 0);
  const up = masses.reduce((sum, mass) => sum + mass.kg * mass.up, 0) / kg;
  const back = masses.reduce((sum, mass) => sum + mass.kg * mass.back, 0) / kg;
  const centre = figures.centre.found(
    [id],
    up,
    masses.flatMap(({ terms }) => terms),
  );
  const along = figures.along.found(
    [id],
    back,
    masses.flatMap(({ terms }) => terms.slice(0, 1)),
  );
  const feetAlong = of.rack.feetAlong ?? depth;
  const feetAcross = of.rack.feetAcross ?? width;
  return {
    mass: figures.mass.calc(
      [id],
      masses.flatMap(({ terms }) => terms.slice(0, 1)),
    ),
    centre,
    along,
    height: figures.height.calc(
      [id],
      [taken('centre', centre), given('high', height, 'm', 'kinds', `/kinds/${of.kind}/size/height`)],
    ),
    lower: figures.lower.found([id], (100 * couldSink(held, of, loadedOf(held, weights))) / kg / height, [
      constant('weight', kg, 'kg', 'of all of it'),
    ]),
    tip: figures.tip.calc(
      [id],
      [
        constant('front', back - (depth - feetAlong) / 2, 'm', 'to the front feet'),
        constant('rear', (depth + feetAlong) / 2 - back, 'm', 'to the rear feet'),
        constant('side', feetAcross / 2, 'm', 'to the feet of one side'),
        taken('centre', centre),
      ],
    ),
  };
}

/** A thing where it is in the case, from the floor and from the front of the case, m; off the rails in its middle. */
function massOf(
  own: Held,
  held: readonly Held[],
  { rack }: CaseKind,
  outside: { readonly depth: number; readonly height: number },
  weight: Figure | undefined,
): Mass {
  const kg = numberOf(weight) ?? 0;
  const mount = mountOf(own, held);
  const [low] = mount ? spacesOf(mount) : [];
  const under = (outside.height - rack.units * UNIT) / 2;
  const before = (outside.depth - rack.depth) / 2;
  const up =
    mount && low !== undefined
      ? under + (low - 1 + unitsOf(mount) / 2) * UNIT
      : own.how === 'lid'
        ? outside.height
        : outside.height / 2;
  const half = (depthOf(mount?.kind) ?? 0) / 2;
  const back = mount
    ? before + (isRear(mount) ? (rack.rails ?? rack.depth) - half : half)
    : outside.depth / 2;
  return {
    kg,
    up,
    back,
    terms: weight ? [taken('weight', weight), constant('height', up, 'm', own.device.label)] : [],
  };
}

/** What each mounted thing weighs with all that it carries, kg; nothing where somebody did not weigh one of them. */
export type Loaded = ReadonlyMap<string, number>;

export function loadedOf(held: readonly Held[], weights: Weights): Loaded {
  const loaded = new Map<string, number>();
  for (const each of held) {
    const mount = mountOf(each, held);
    const kg = numberOf(weights[each.id]) ?? NaN;
    if (mount) loaded.set(mount.id, (loaded.get(mount.id) ?? 0) + kg);
  }
  for (const [id, kg] of loaded) if (Number.isNaN(kg)) loaded.delete(id);
  return loaded;
}

/**
 * By how much the sum of weights times heights would fall, kg·m, with what is on each rails in the order of weight for
 * each unit from the bottom: no other order of one stack has a lower one (Smith’s rule). 0 where it is that already.
 */
function couldSink(held: readonly Held[], { rack }: CaseKind, loaded: Loaded): number {
  const stack = (rear: boolean): number => {
    const things = held
      .filter(
        each =>
          each.how === 'rails' && isRear(each) === rear && (each.kind?.rack?.width ?? 'whole') === 'whole',
      )
      .map(each => ({
        low: (spacesOf(each)[0] ?? 1) - 1,
        units: unitsOf(each),
        kg: loaded.get(each.id) ?? 0,
      }));
    const now = things.reduce((sum, { low, units, kg }) => sum + kg * (low + units / 2), 0);
    let at = 0;
    let best = 0;
    for (const { units, kg } of [...things].sort((a, b) => b.kg / b.units - a.kg / a.units)) {
      best += kg * (at + units / 2);
      at += units;
    }
    return at > rack.units ? 0 : Math.max(0, now - best) * UNIT;
  };
  return stack(false) + stack(true);
}

/** What counts as heavy, kg: below that it does not matter what it lies over. House figure. */
const HEAVY = 4;

/** How many times as heavy as the lightest thing under it a thing is; undefined of what is not heavy, or lies lowest. */
export function overOf(rackId: string, own: Held, held: readonly Held[], loaded: Loaded): Figure | undefined {
  const [low] = spacesOf(own);
  const weight = loaded.get(own.id);
  if (low === undefined || weight === undefined || weight < HEAVY) return undefined;
  const under = held.flatMap(each => {
    const top = spacesOf(each).at(-1);
    const kg = loaded.get(each.id);
    // A panel of sheet metal is no load that one would put lower.
    const counts =
      top !== undefined &&
      top < low &&
      kg !== undefined &&
      kg > 0 &&
      !COVERS.has(each.kind?.rack?.fitting ?? '');
    return counts ? [{ kg, label: each.device.label }] : [];
  });
  const [first, ...more] = under;
  if (!first) return undefined;
  const lightest = more.reduce((a, b) => (b.kg < a.kg ? b : a), first);
  return figures.over.calc(
    [rackId, own.id],
    [
      constant('item', weight, 'kg', 'with what it carries'),
      constant('under', lightest.kg, 'kg', `${lightest.label}, under it`),
    ],
  );
}

const COVERS: ReadonlySet<string> = new Set([
  'blank',
  'open blank',
  'brush plate',
  'patch panel',
  'fan unit',
]);
