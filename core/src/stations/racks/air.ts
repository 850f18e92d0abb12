/** The air in a rack: how much of it moves, how warm it gets, and how warm it is where each thing takes it in. */
import type { AirTemperature } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import { ROOM } from '../air-temperature.js';
import * as figures from './air-figures.js';
import { blowsOut, freeShare, isInside, openFaces } from './airway.js';
import type { Held } from '../in-rack/held.js';
import { reachedBy } from './reached.js';
import type { RackAir, RackItem, RackResult } from './result.js';
import {
  AIR,
  movesOf,
  PER_WATT,
  streamOf,
  USUAL_RISE,
  warmingTerms,
  type RackInAir,
  type Warming,
} from './stream.js';

export type { RackInAir } from './stream.js';

/** Watts that leave one open unit by themselves at a rise of 10 K. */
const ONE_UNIT = 5.8;
/** Scale height of the air, m. */
const SCALE = 8400;
/** Of the air that fans with one open face take in, so much is their own. House figure. */
const OWN_AIR = 0.3;

/** What warms and cools a rack as a whole, and what that means to each thing in it. */
export interface AirOfRack extends Pick<RackResult, 'heat' | 'passive' | 'air'> {
  readonly items: Readonly<Record<string, Pick<RackItem, 'moves' | 'warm' | 'margin'>>>;
}

export function airOf(rack: RackInAir): AirOfRack {
  const { id, of, held, watts } = rack;
  const { units } = of.rack;
  const open = openFaces(rack.closed);
  const inside = held.filter(each => isInside(each, held));
  const own = (each: Held): Figure[] => (watts[each.id] ? [watts[each.id] as Figure] : []);
  const heat = figures.heat.calc(
    [id],
    inside.flatMap(own).map(each => taken('mounted', each)),
  );
  const thin = thinOf(id, rack.altitude);
  const shares = open.map(face =>
    constant('open', freeShare(face, held, units), '', `${face}, free of panels`),
  );
  const passive = figures.passive.calc(
    [id],
    [
      given('U', units, 'U', 'kinds', `/kinds/${of.kind}/rackCase/units`),
      constant('one', ONE_UNIT, 'W', 'through one open unit'),
      constant('unit', 1, 'U', 'one unit'),
    ],
  );
  const leaves = figures.leaves.calc([id], [taken('passive', passive), ...shares, taken('thin', thin)]);
  const ambient = ambientOf(id, rack.temperatures);
  const sun = rack.sunlit ? sunOf(id, rack) : undefined;
  const blown = figures.blown.calc(
    [id],
    inside
      .filter(each => blowsOut(each, held, open))
      .flatMap(own)
      .map(each => taken('item', each)),
  );
  const warming: Warming = { heat, blown, sun, thin };
  const moves = movesOf(rack, open, thin);
  const { rise, flow, closed } = streamOf(rack, { leaves, moves, open, warming });
  const again = figures.again.calc(
    [id],
    [
      moves.length > 0 && open.length === 1
        ? constant('share', OWN_AIR, '', `fans with the ${open[0] ?? ''} open only`)
        : constant('share', 0, '', 'air comes in at one face and leaves at another, or no fan moves it'),
    ],
  );
  const inlet = figures.inlet.calc(
    [id],
    [taken('ambient', ambient), taken('again', again), taken('rise', rise)],
  );
  const noise = noiseOf(id, held);
  const air: RackAir = {
    ambient,
    thin,
    ...(sun && { sun }),
    blown,
    leaves,
    needs: figures.needs.calc(
      [id],
      [
        constant('air', PER_WATT, 'm³·K/Wh', AIR),
        ...warmingTerms(warming),
        constant('rise', USUAL_RISE, 'K', 'usual'),
      ],
    ),
    flow,
    rise,
    again,
    inlet,
    ...(noise && { noise }),
  };
  const items = Object.fromEntries(
    held.map(each => {
      const moved = moves.find(([fan]) => fan === each.id)?.[1];
      const reached =
        watts[each.id] && isInside(each, held) ? reachedBy(each, rack, closed ? [] : open, air) : undefined;
      return [each.id, { ...(moved && { moves: moved }), ...reached }];
    }),
  );
  return { heat, passive, air, items };
}

const thinOf = (id: string, altitude: number | undefined): Figure =>
  figures.thin.calc(
    [id],
    [
      constant('e', Math.E, '', 'base of natural logarithms'),
      altitude === undefined
        ? constant('altitude', 0, 'm', 'at sea level until it is entered')
        : given('altitude', altitude, 'm', 'venue', '/facts/altitude'),
      constant('scale', SCALE, 'm', 'scale height'),
    ],
  );

function ambientOf(id: string, temperatures: MapOf<AirTemperature> | undefined): Figure {
  const noted = inOrder(temperatures).map(([key, { celsius }]) =>
    given('noted', celsius, '°C', 'plan', `/temperatures/${key}/celsius`),
  );
  return figures.ambient.calc(
    [id],
    noted.length > 0 ? noted : [constant('noted', ROOM, '°C', 'a heated room')],
  );
}

/** W/m² of sunshine, and what black and pale surfaces take in of it. House figures. */
const SUNSHINE = 1000;
const TAKEN = { black: 0.9, pale: 0.3 } as const;

function sunOf(id: string, { of, outside }: RackInAir): Figure {
  const { width, depth, height } = outside?.size ?? {};
  const size = (name: string, value: number | undefined, field: string): Term =>
    given(name, value, 'm', 'kinds', `/kinds/${of.kind}/size/${field}`);
  return figures.sun.calc(
    [id],
    [
      constant('sunshine', SUNSHINE, 'W/m²', 'a clear summer noon'),
      of.rack.pale
        ? constant('taken', TAKEN.pale, '', 'white or silver')
        : constant('taken', TAKEN.black, '', 'black'),
      ...[size('wide', width, 'width'), size('deep', depth, 'depth'), size('high', height, 'height')],
    ],
  );
}

/** Noise of all fans in a rack together, at 1 m; undefined where nobody knows any. */
function noiseOf(id: string, held: readonly Held[]): Figure | undefined {
  const levels = held.flatMap(({ device, kind }) =>
    kind?.air?.noise === undefined
      ? []
      : [given('level', kind.air.noise, 'dB(A)', 'kinds', `/kinds/${device.kind}/air/noise`)],
  );
  if (levels.length === 0) return undefined;
  const power = levels.reduce((sum, { value }) => sum + 10 ** (Number(value) / 10), 0);
  return figures.noise.found([id], 10 * Math.log10(power), levels);
}
