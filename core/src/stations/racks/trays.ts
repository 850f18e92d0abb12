/** Trays and drawers: width, height and load that are left on each. */
import { constant, given, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures.js';
import { carriesThings, type Held } from '../in-rack/held.js';
import type { RackItem } from './result.js';
import { SHEET, TRAY, UNIT, unitsOf, widthOf } from '../in-rack/units.js';

/** Of what lies on a tray: what is left above it. */
export function headroomOf(rackId: string, own: Held, held: readonly Held[]): Figure | undefined {
  const tray = own.how === 'tray' ? held.find(({ id }) => id === own.carrier) : undefined;
  if (!tray) return undefined;
  return figures.itemHeadroom.calc(
    [rackId, own.id],
    [
      constant('units', unitsOf(tray), '', `units of ${tray.device.label}`),
      constant('unit', UNIT, 'm', 'EIA-310'),
      constant('sheet', SHEET, 'm', 'its sheet'),
      given('item', own.kind?.size?.height, 'm', 'kinds', `/kinds/${own.device.kind}/size/height`),
    ],
  );
}

/** Of a tray or drawer: the width that is left beside what lies on it, and the load; nothing of other things. */
export function trayOf(
  rackId: string,
  own: Held,
  held: readonly Held[],
  weights: Readonly<Record<string, Term>>,
): Pick<RackItem, 'beside' | 'carries'> {
  const { rack } = own.kind ?? {};
  if (!rack || !carriesThings(rack.fitting)) return {};
  const ids: [string, string] = [rackId, own.id];
  const things = held.filter(({ carrier }) => carrier === own.id);
  const [from, to] = widthOf(own);
  const limit = rack.carries;
  return {
    beside: figures.trayRoom.calc(ids, [
      constant('tray', TRAY * (to - from), 'm', 'between its sides'),
      ...things.map(({ device, kind }) =>
        given('item', kind?.size?.width, 'm', 'kinds', `/kinds/${device.kind}/size/width`),
      ),
    ]),
    ...(limit !== undefined && {
      carries: figures.trayLeft.calc(ids, [
        given('limit', limit, 'kg', 'kinds', `/kinds/${own.device.kind}/rack/carries`),
        ...loadOn(own.id, held).flatMap(({ id }) => weights[id] ?? []),
      ]),
    }),
  };
}

/** Everything that lies on a tray, and what is in that. */
export function loadOn(id: string, held: readonly Held[], seen: ReadonlySet<string> = new Set([id])): Held[] {
  return held.flatMap(each =>
    each.carrier === id && !seen.has(each.id)
      ? [each, ...loadOn(each.id, held, new Set([...seen, each.id]))]
      : [],
  );
}
