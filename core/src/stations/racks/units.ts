/** Which units of a rack things take, from the front and from the rear, and what is left between those that meet. */
import type { Connector, Kind, Kinds } from '../../documents/index.js';
import { constant, given, type Figure, type Term } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import { itemBehind } from './figures.js';

/** Units that something without a rack size takes: it lies on a shelf. */
export const ON_A_SHELF = 1;

/** Depth that plugs and the bend of their leads take behind a thing, m, where it has any. */
const PLUGS: Readonly<Partial<Record<Connector, number>>> = { BNC: 0.04, mains: 0.07, 'IEC C13': 0.07 };
const OTHER_PLUGS = 0.05;

/** What plugs take behind a thing, m: the deepest of them; nothing where it has no ports, or all go by air. */
export function plugDepth(kind: Kind | undefined): number {
  const depths = Object.values(kind?.ports ?? {}).flatMap(({ connector }) =>
    connector === 'air' ? [] : [PLUGS[connector] ?? OTHER_PLUGS],
  );
  return Math.max(0, ...depths);
}

/** The units that a thing takes, from the lowest; none where it lies loose. */
export function spacesOf({ kind, place }: Equipment, kinds: Kinds['kinds']): number[] {
  const { unit } = place ?? {};
  if (unit === undefined) return [];
  return Array.from({ length: kinds[kind]?.rack?.units ?? ON_A_SHELF }, (_, i) => unit + i);
}

/**
 * What is left between a thing and the deepest one on the other rails of its units; undefined where nothing is there.
 * Unknown where the depth of one of them is.
 */
export function behindOf(
  [rack, id]: [rack: string, item: string],
  {
    own,
    inside,
    kinds,
    caseKind,
  }: {
    readonly own: Equipment;
    readonly inside: readonly (readonly [string, Equipment])[];
    readonly kinds: Kinds['kinds'];
    readonly caseKind: string;
  },
): Figure | undefined {
  const spaces = spacesOf(own, kinds);
  const isRear = (each: Equipment): boolean => each.place?.rear === true;
  const meets = inside.filter(
    ([other, each]) =>
      other !== id &&
      isRear(each) !== isRear(own) &&
      spacesOf(each, kinds).some(unit => spaces.includes(unit)),
  );
  if (meets.length === 0) return undefined;
  const depth = kinds[caseKind]?.rackCase?.depth;
  const unmeasured = [own, ...meets.map(([, each]) => each)].find(({ kind }) => !kinds[kind]?.rack);
  if (depth === undefined || unmeasured)
    return itemBehind.unknown([rack, id], `the depth of ${unmeasured?.label ?? 'the case'} was not measured`);
  const room = ({ kind }: Equipment): number => (kinds[kind]?.rack?.depth ?? 0) + plugDepth(kinds[kind]);
  const deepest = meets.map(([, each]) => each).reduce((a, b) => (room(b) > room(a) ? b : a));
  return itemBehind.calc(
    [rack, id],
    [
      given('depth', depth, 'm', 'kinds', `/kinds/${caseKind}/rackCase/depth`),
      ...[own, deepest].flatMap(each => depthTerms(each, kinds)),
    ],
  );
}

const depthTerms = ({ kind, label }: Equipment, kinds: Kinds['kinds']): Term[] => [
  given('item', kinds[kind]?.rack?.depth ?? 0, 'm', 'kinds', `/kinds/${kind}/rack/depth`),
  constant('plugs', plugDepth(kinds[kind]), 'm', `plugs of ${label}`),
];
