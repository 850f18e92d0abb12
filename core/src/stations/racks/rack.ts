/** One rack case: what is in it and where, what that weighs and draws, how it stands, and how warm it gets. */
import type { AirTemperature, Kinds, RackCase } from '../../documents/index.js';
import {
  constant,
  given,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import type { Mounted } from '../equipment.js';
import type { DeviceLoad } from '../power/index.js';
import type { PlanWiring } from '../signal/index.js';
import { airOf } from './air.js';
import { balanceOf, loadedOf, overOf } from './balance.js';
import { boxOf, railsApart, type CaseKind } from '../in-rack/box.js';
import { bendOf } from './bends.js';
import { depthsOf, unitTerms } from './depths.js';
import { drawerOf } from './drawers.js';
import * as figures from './figures.js';
import { mountOf, type Held } from '../in-rack/held.js';
import { innerLinks } from './inner-links.js';
import { prewiredOf } from './prewired.js';
import type { RackItem, RackResult } from './result.js';
import { headroomOf, trayOf } from './trays.js';
import { isRear, onPlate, spacesOf, unitsOf } from '../in-rack/units.js';

export interface RackWithItems {
  readonly device: Mounted;
  readonly space: RackCase;
  readonly held: readonly Held[];
  readonly kinds: Kinds['kinds'];
  readonly loads: Readonly<Record<string, Pick<DeviceLoad, 'watts' | 'kept'>>>;
  readonly temperatures: MapOf<AirTemperature> | undefined;
  readonly altitude: number | undefined;
  readonly wiring: PlanWiring;
}

export function rackResult(id: string, rack: RackWithItems): RackResult {
  const { device, space, held, kinds, loads } = rack;
  const kind = kinds[device.kind];
  const of: CaseKind = { kind: device.kind, label: device.label, rack: space };
  const weights = Object.fromEntries(held.map(each => [each.id, weightOf(id, each)]));
  const watts = Object.fromEntries(held.map(each => [each.id, wattsOf(id, each, loads[each.id])]));
  const {
    heat,
    passive,
    air,
    items: inAir,
  } = airOf({
    ...{ id, of, outside: kind, held, watts: drawing(watts, loads) },
    ...{ closed: device.closed, sunlit: device.sunlit === true },
    ...{ altitude: rack.altitude, temperatures: rack.temperatures },
  });
  const known = Object.fromEntries(
    Object.entries(weights).map(([key, weight]) => [key, taken('item', weight)]),
  );
  const loaded = loadedOf(held, weights);
  const leads = innerLinks(held, rack.wiring);
  const balance = balanceOf(id, of, kind, held, weights);
  const items = Object.fromEntries(
    held.map((each): [string, RackItem] => {
      const over = overOf(id, each, held, loaded);
      const headroom = headroomOf(id, each, held);
      const box = boxOf(each, held, space);
      return [
        each.id,
        {
          ...itemOf(each),
          ...(box && { box }),
          ...depthsOf(id, each, held, of),
          ...(headroom && { headroom }),
          ...bendOf(id, each, held, of, { leads, wiring: rack.wiring }),
          ...trayOf(id, each, held, known),
          ...drawerOf(id, each, held, { of, outside: kind?.size?.depth, balance, weights }),
          ...(over && { over }),
          weight: weights[each.id] as Figure,
          watts: watts[each.id] as Figure,
          ...inAir[each.id],
        },
      ];
    }),
  );
  const load = figures.rackLoad.calc([id], weighed(held, weights));
  const have = figures.rackHave.calc(
    [id],
    [given('units', space.units, 'U', 'kinds', `/kinds/${device.kind}/rackCase/units`)],
  );
  const used = figures.rackUsed.calc([id], unitTerms(held, kinds));
  const empty =
    kind?.weight === undefined
      ? constant('empty', 0, 'kg', 'case not weighed')
      : given('empty', kind.weight, 'kg', 'kinds', `/kinds/${device.kind}/weight`);
  return {
    label: device.label,
    kind: device.kind,
    depth: space.depth,
    rails: railsApart(space),
    have,
    used,
    load,
    items,
    heat,
    passive,
    air,
    spare: figures.rackSpare.calc([id], [taken('have', have), taken('used', used)]),
    loadLeft: figures.loadLeft.calc(
      [id],
      [given('limit', space.load, 'kg', 'kinds', `/kinds/${device.kind}/rackCase/load`), taken('load', load)],
    ),
    weight: figures.rackWeight.calc([id], [taken('load', load), empty]),
    watts: figures.rackWatts.calc(
      [id],
      Object.values(watts).map(each => taken('item', each)),
    ),
    balance,
    ...prewiredOf(id, of, kind, held, { leads, weights }),
    loads: onRails(id, of, held, weights),
  };
}

/** Watts of what draws power: everything else takes no air to speak of. */
const drawing = (
  watts: Readonly<Record<string, Figure>>,
  loads: RackWithItems['loads'],
): Readonly<Record<string, Figure>> => Object.fromEntries(Object.entries(watts).filter(([id]) => loads[id]));

const itemOf = (
  own: Held,
): Pick<
  RackItem,
  | 'label'
  | 'kind'
  | 'kindLabel'
  | 'how'
  | 'carrier'
  | 'fitting'
  | 'unit'
  | 'units'
  | 'rear'
  | 'narrow'
  | 'across'
  | 'onShelf'
  | 'plate'
> => {
  const { device, kind, how, carrier } = own;
  return {
    label: device.label,
    kind: device.kind,
    kindLabel: kind?.label ?? 'unknown kind',
    ...{ how, carrier },
    fitting: kind?.rack?.fitting,
    unit: spacesOf(own)[0],
    units: unitsOf(own),
    rear: isRear(own),
    narrow: (kind?.rack?.width ?? 'whole') !== 'whole',
    across: device.place?.across,
    onShelf: kind?.rack === undefined,
    plate: onPlate(own),
  };
};

function weightOf(rackId: string, { id, device, kind }: Held): Figure {
  return kind?.weight === undefined
    ? figures.itemWeight.unknown([rackId, id], 'not weighed')
    : figures.itemWeight.calc(
        [rackId, id],
        [given('weight', kind.weight, 'kg', 'kinds', `/kinds/${device.kind}/weight`)],
      );
}

/** What a thing turns into warmth: what it draws, less what it hands on. */
const wattsOf = (rackId: string, { id }: Held, load: RackWithItems['loads'][string] | undefined): Figure =>
  figures.itemWatts.calc(
    [rackId, id],
    [load ? taken('watts', load.kept ?? load.watts) : constant('watts', 0, 'W', 'it needs no power')],
  );

const weighed = (held: readonly Held[], weights: Readonly<Record<string, Figure>>): Term[] =>
  held.flatMap(({ id }) => {
    const weight = weights[id];
    return numberOf(weight) === undefined || !weight ? [] : [taken('item', weight)];
  });

/** What is left of the load of each pair of rails, by the mounted things and what lies on them. */
function onRails(
  id: string,
  { kind, rack }: CaseKind,
  held: readonly Held[],
  weights: Readonly<Record<string, Figure>>,
): RackResult['loads'] {
  const limit = rack.railLoad;
  if (limit === undefined) return {};
  const left = (side: 'front' | 'rear'): Figure =>
    figures.railsLeft.calc(
      [id, side],
      [
        given('limit', limit, 'kg', 'kinds', `/kinds/${kind}/rackCase/railLoad`),
        ...weighed(
          held.filter(each => {
            const mount = mountOf(each, held);
            return mount !== undefined && isRear(mount) === (side === 'rear');
          }),
          weights,
        ),
      ],
    );
  return { front: left('front'), ...(!rack.frontOnly && { rear: left('rear') }) };
}
