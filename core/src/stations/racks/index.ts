/** Racks: what is mounted where, how heavy, how many watts, how warm. */
import type { Kinds } from '../../documents/index.js';
import {
  calc,
  constant,
  given,
  inOrder,
  taken,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
} from '../../foundations/index.js';
import type { PowerResult } from '../power/index.js';
import type { Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { overlap } from './snags/overlap.js';
import { tooDeep } from './snags/too-deep.js';
import { tooHeavy } from './snags/too-heavy.js';
import { tooHot } from './snags/too-hot.js';

export interface RacksReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
  readonly power: PowerResult;
}

export interface RackItem {
  readonly label: string;
  readonly kindLabel: string;
  /** Lowest unit, from 1 at the bottom; undefined when it lies loose in the case. */
  readonly unit: number | undefined;
  readonly units: number;
  readonly weight: Figure;
  readonly watts: Figure;
}

export interface RackResult {
  readonly label: string;
  readonly have: Figure;
  readonly used: Figure;
  readonly spare: Figure;
  readonly weight: Figure;
  readonly load: Figure;
  /** Watts drawn by everything in or on the case. */
  readonly watts: Figure;
  /** Watts that turn to heat between the rails: what is mounted, not what lies on top. */
  readonly heat: Figure;
  /** Watts that leave by themselves through one wholly open face at a rise of 10 K. */
  readonly passive: Figure;
  readonly items: Readonly<Record<string, RackItem>>;
}

export interface RacksResult {
  readonly racks: Readonly<Record<string, RackResult>>;
}

function compute({ devices, kinds, power }: RacksReads, memo: Memo): RacksResult {
  const cases = inOrder(devices).filter(([, device]) => kinds.kinds[device.kind]?.rackCase);
  const inside = (rack: string): [string, Equipment][] =>
    inOrder(devices).filter(([, device]) => device.place?.inside === rack);
  return memo.keep('result', {
    racks: memo.each(
      'racks',
      cases,
      (device, id) => [
        device.kind,
        device.label,
        kinds,
        ...inside(id).flatMap(([key, each]) => [key, each, power.devices[key]]),
      ],
      (device, id) => rackResult(id, device, inside(id), kinds, power),
    ),
  });
}

function weightOf(device: Equipment, kinds: Kinds): Figure {
  const weight = kinds.kinds[device.kind]?.weight;
  return weight === undefined
    ? unknown('kg', 'not weighed')
    : calc('kg', 'weight', [given('weight', weight, 'kg', 'kinds', `/kinds/${device.kind}/weight`)]);
}

function rackResult(
  id: string,
  device: Equipment,
  inside: readonly [string, Equipment][],
  kinds: Kinds,
  power: PowerResult,
): RackResult {
  const path = `racks.racks.${id}`;
  const rackCase = kinds.kinds[device.kind]?.rackCase ?? { units: 0, depth: 0, load: 0 };
  const pointer = `/kinds/${device.kind}/rackCase`;
  const items = Object.fromEntries(
    inside.map(([key, each]): [string, RackItem] => {
      const kind = kinds.kinds[each.kind];
      return [
        key,
        {
          label: each.label,
          kindLabel: kind?.label ?? 'unknown kind',
          unit: each.place?.unit,
          units: kind?.rack?.units ?? 1,
          weight: weightOf(each, kinds),
          watts:
            power.devices[key]?.watts ?? calc('W', 'none', [constant('none', 0, 'W', 'it needs no power')]),
        },
      ];
    }),
  );
  const weights = Object.entries(items).flatMap(([key, item]) =>
    item.weight.value === null ? [] : [taken('item', item.weight, `${path}.items.${key}.weight`)],
  );
  const load = calc('kg', 'sum(item)', weights);
  const have = calc('U', 'units', [given('units', rackCase.units, 'U', 'kinds', `${pointer}/units`)]);
  const used = calc(
    'U',
    'sum(item)',
    inside
      .filter(([, each]) => each.place?.unit !== undefined)
      .map(([, each]) => {
        const units = kinds.kinds[each.kind]?.rack?.units;
        return units === undefined
          ? constant('item', 1, 'U', 'on a shelf of one unit')
          : given('item', units, 'U', 'kinds', `/kinds/${each.kind}/rack/units`);
      }),
  );
  return {
    label: device.label,
    have,
    used,
    spare: calc('U', 'have - used', [
      taken('have', have, `${path}.have`),
      taken('used', used, `${path}.used`),
    ]),
    load,
    weight: calc('kg', 'load + empty', [
      taken('load', load, `${path}.load`),
      kinds.kinds[device.kind]?.weight === undefined
        ? constant('empty', 0, 'kg', 'case not weighed')
        : given('empty', kinds.kinds[device.kind]?.weight, 'kg', 'kinds', `/kinds/${device.kind}/weight`),
    ]),
    watts: calc(
      'W',
      'sum(item)',
      Object.entries(items).map(([key, item]) => taken('item', item.watts, `${path}.items.${key}.watts`)),
    ),
    heat: calc(
      'W',
      'sum(mounted)',
      Object.entries(items)
        .filter(([, item]) => item.unit !== undefined)
        .map(([key, item]) => taken('mounted', item.watts, `${path}.items.${key}.watts`)),
    ),
    passive: calc('W', '5.8 * U ^ 1.5', [taken('U', have, `${path}.have`)], {
      rule: 'one wholly open face, rise of 10 K',
      source: '5.8·U^1.5 watts',
    }),
    items,
  };
}

export const racks: Station<RacksReads, RacksResult> = {
  name: 'racks',
  rules: [overlap, tooHeavy, tooDeep, tooHot],
  compute,
};
