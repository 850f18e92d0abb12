/** How warm the air is where each thing of a rack takes it in. */
import type { LidFace } from '../../documents/index.js';
import { constant, given, numberOf, taken, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './air-figures.js';
import { blowingAt, blowsOut, fromRoom, isInside, passedBefore } from './airway.js';
import type { Held } from '../in-rack/held.js';
import type { RackAir, RackItem } from './result.js';
import { AIR, BEHIND_PANELS, PER_WATT, USUAL_RISE, type RackInAir } from './stream.js';

/** Air that things may take in where nothing is known, °C. */
export const WARMEST = 40;

/** How warm the air is that reaches a thing, and how much cooler than it must be. */
export function reachedBy(
  own: Held,
  { id, of, held, watts }: RackInAir,
  open: readonly LidFace[],
  { ambient, inlet, rise, flow, thin }: RackAir,
): Pick<RackItem, 'warm' | 'margin'> {
  const ids: [string, string] = [id, own.id];
  const warm = ((): Figure => {
    if (fromRoom(own, open))
      return figures.warm.calc(ids, [taken('ambient', ambient)], { formula: 'ambient' });
    if (open.length === 0)
      return figures.warm.calc(ids, [taken('inlet', inlet), taken('rise', rise)], {
        formula: 'inlet + rise',
      });
    const { before, share } = passedBefore(own, held, of.rack.units);
    const passed = before.flatMap(each => {
      const own = watts[each.id];
      return own && isInside(each, held) && !blowsOut(each, held, open) ? [taken('before', own)] : [];
    });
    const facing = blowingAt(own, held).flatMap(each => acrossOf(each, watts[each.id], thin));
    if (passed.length === 0 && facing.length === 0)
      return figures.warm.calc(ids, [taken('inlet', inlet)], { formula: 'inlet' });
    return figures.warm.calc(
      ids,
      [
        taken('inlet', inlet),
        constant('air', PER_WATT, 'm³·K/Wh', AIR),
        ...passed,
        taken('thin', thin),
        taken('flow', flow),
        constant('share', share, '', 'of the air that goes this way'),
        ...facing,
      ],
      {
        formula:
          facing.length > 0
            ? 'inlet + air * sum(before) * thin / (flow * share) + sum(facing)'
            : 'inlet + air * sum(before) * thin / (flow * share)',
      },
    );
  })();
  const { kind } = own;
  return {
    warm,
    margin: figures.margin.calc(ids, [
      kind?.warmest === undefined
        ? constant('most', WARMEST, '°C', 'where its maker says nothing')
        : given('most', kind.warmest, '°C', 'kinds', `/kinds/${own.device.kind}/warmest`),
      taken('warm', warm),
    ]),
  };
}

/** How much warmer a thing blows the air out than it takes it in: by its own fan, else as is usual. */
function acrossOf({ device, kind }: Held, watts: Figure | undefined, thin: Figure): Term[] {
  const drawn = numberOf(watts);
  if (drawn === undefined || drawn === 0) return [];
  const free = kind?.air?.flow;
  return free === undefined
    ? [constant('facing', USUAL_RISE, 'K', `${device.label} blows at it: as is usual`)]
    : [
        constant(
          'facing',
          (PER_WATT * drawn * (numberOf(thin) ?? 1)) / (BEHIND_PANELS * free),
          'K',
          `${device.label} blows at it`,
        ),
      ];
}
