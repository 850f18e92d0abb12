/** One rack case: units, weight and watts of what is in it, and the heat that leaves it by itself. */
import type { Kind, Kinds } from '../../documents/index.js';
import { constant, given, taken, type Figure, type Term } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { DeviceLoad } from '../power/index.js';
import * as figures from './figures.js';
import type { RackItem, RackResult } from './result.js';
import { behindOf, ON_A_SHELF, spacesOf } from './units.js';

/** Watts that leave one open unit by themselves at a rise of 10 K. */
const ONE_UNIT = 5.8;

export interface RackWithItems {
  readonly device: Equipment;
  readonly devices: readonly (readonly [string, Equipment])[];
  readonly kinds: Kinds['kinds'];
  readonly loads: Readonly<Record<string, DeviceLoad>>;
}

export function rackResult(id: string, { device, devices, kinds, loads }: RackWithItems): RackResult {
  const kind = kinds[device.kind];
  const inside = devices.filter(([, { place }]) => place?.inside === id);
  const items = Object.fromEntries(
    inside.map(([key, each]) => {
      const behind = behindOf([id, key], { own: each, inside, kinds, caseKind: device.kind });
      return [key, { ...itemOf([id, key], each, kinds[each.kind], loads[key]), ...(behind && { behind }) }];
    }),
  );
  const of = (name: string, figure: 'weight' | 'watts', which: (item: RackItem) => boolean): Term[] =>
    Object.values(items).flatMap(item => (which(item) ? [taken(name, item[figure])] : []));
  const load = figures.rackLoad.calc(
    [id],
    of('item', 'weight', ({ weight }) => weight.value !== null),
  );
  const pointer = `/kinds/${device.kind}`;
  const units = kind?.rackCase?.units ?? 0;
  const have = figures.rackHave.calc(
    [id],
    [given('units', units, 'U', 'kinds', `${pointer}/rackCase/units`)],
  );
  const used = figures.rackUsed.calc([id], unitTerms(inside, kinds));
  const empty =
    kind?.weight === undefined
      ? constant('empty', 0, 'kg', 'case not weighed')
      : given('empty', kind.weight, 'kg', 'kinds', `${pointer}/weight`);
  return {
    label: device.label,
    have,
    used,
    load,
    items,
    spare: figures.rackSpare.calc([id], [taken('have', have), taken('used', used)]),
    weight: figures.rackWeight.calc([id], [taken('load', load), empty]),
    watts: figures.rackWatts.calc(
      [id],
      of('item', 'watts', () => true),
    ),
    heat: figures.rackHeat.calc(
      [id],
      of('mounted', 'watts', ({ unit }) => unit !== undefined),
    ),
    passive: figures.rackPassive.calc(
      [id],
      [
        taken('U', have),
        constant('one', ONE_UNIT, 'W', 'through one open unit'),
        constant('unit', 1, 'U', 'one unit'),
      ],
    ),
  };
}

/** Rack units of what is mounted; what is on the rear rails takes those only that nothing in front of it takes. */
function unitTerms(inside: RackWithItems['devices'], kinds: Kinds['kinds']): Term[] {
  const front = new Set(
    inside.flatMap(([, each]) => (each.place?.rear === true ? [] : spacesOf(each, kinds))),
  );
  return inside.flatMap(([, each]) => {
    const { kind, label, place } = each;
    if (place?.unit === undefined) return [];
    const own = spacesOf(each, kinds);
    const free = place.rear ? own.filter(unit => !front.has(unit)) : own;
    if (free.length < own.length) return [constant('item', free.length, 'U', `${label}, behind others`)];
    const units = kinds[kind]?.rack?.units;
    return units === undefined
      ? [constant('item', ON_A_SHELF, 'U', 'on a shelf of one unit')]
      : [given('item', units, 'U', 'kinds', `/kinds/${kind}/rack/units`)];
  });
}

function itemOf(
  ids: [rack: string, item: string],
  { label, kind, place }: Equipment,
  of: Kind | undefined,
  load: DeviceLoad | undefined,
): RackItem {
  return {
    label,
    kindLabel: of?.label ?? 'unknown kind',
    unit: place?.unit,
    units: of?.rack?.units ?? ON_A_SHELF,
    rear: place?.rear === true,
    weight: weightOf(ids, kind, of?.weight),
    watts: figures.itemWatts.calc(ids, [
      load ? taken('watts', load.kept ?? load.watts) : constant('watts', 0, 'W', 'it needs no power'),
    ]),
  };
}

const weightOf = (ids: [string, string], kind: string, weight: number | undefined): Figure =>
  weight === undefined
    ? figures.itemWeight.unknown(ids, 'not weighed')
    : figures.itemWeight.calc(ids, [given('weight', weight, 'kg', 'kinds', `/kinds/${kind}/weight`)]);
