/** How much air moves through a rack, by fans or by itself, and how much warmer it leaves. */
import type { AirTemperature, Kind, LidFace } from '../../documents/index.js';
import {
  constant,
  given,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import * as figures from './air-figures.js';
import { fanUnits, freeShare } from './airway.js';
import type { CaseKind } from '../in-rack/box.js';
import type { Held } from '../in-rack/held.js';
import { PANEL, UNIT } from '../in-rack/units.js';

/** m³/h that one watt warms by 1 K at sea level. */
export const PER_WATT = 2.98;
export const AIR = '2.98 m³/h for 1 W at 1 K';
/** Rise that is usual, K. */
export const USUAL_RISE = 10;
/** Of what a fan moves into free air, so much is left behind panels and leads. House figure. */
export const BEHIND_PANELS = 0.6;
/** Of what a fan moves, so much comes through a clean dust filter before it. House figure. */
const THROUGH_FILTER = 0.8;
const FILTERED = '0.6 of what it moves into free air, 0.8 of that through a clean dust filter';
/** What leaves a closed case through its skin, W for each m² and K. House figure. */
const SKIN = 5.5;
/** Air at sea level, kg/m³, and how much of an opening a stream uses. */
const DENSITY = 1.2;
const CONTRACTION = 0.6;

export interface RackInAir {
  readonly id: string;
  readonly of: CaseKind;
  readonly outside: Kind | undefined;
  readonly held: readonly Held[];
  readonly watts: Readonly<Record<string, Figure>>;
  readonly closed: readonly LidFace[] | undefined;
  readonly sunlit: boolean;
  readonly altitude: number | undefined;
  readonly temperatures: MapOf<AirTemperature> | undefined;
}

export interface Warming {
  readonly heat: Figure;
  readonly blown: Figure;
  readonly sun: Figure | undefined;
  readonly thin: Figure;
}

export const warmingTerms = ({ heat, blown, sun, thin }: Warming): Term[] => [
  taken('heat', heat),
  taken('blown', blown),
  sun ? taken('sun', sun) : constant('sun', 0, 'W', 'out of the sun'),
  taken('thin', thin),
];

/** The air that each fan unit moves here. */
export function movesOf(
  { id, of, held }: RackInAir,
  open: readonly LidFace[],
  thin: Figure,
): [string, Figure][] {
  return fanUnits(held).map(each => {
    const { air } = each.kind ?? {};
    const ids: [string, string] = [id, each.id];
    const pointer = `/kinds/${each.device.kind}/air`;
    if (air?.flow === undefined)
      return [each.id, figures.fan.unknown(ids, `nobody knows how much air ${each.device.label} moves`)];
    const free = given('free', air.flow, 'm³/h', 'kinds', `${pointer}/flow`);
    const filter: Term[] = air.filter
      ? [constant('filter', THROUGH_FILTER, '', 'through a clean dust filter')]
      : [];
    if (air.pressure === undefined)
      return [
        each.id,
        figures.fan.calc(
          ids,
          [free, constant('share', BEHIND_PANELS, '', 'behind panels and leads'), ...filter],
          air.filter ? { formula: 'share * filter * free', rule: FILTERED } : {},
        ),
      ];
    const area =
      open.reduce((sum, face) => sum + freeShare(face, held, of.rack.units), 0) *
      of.rack.units *
      UNIT *
      PANEL;
    const flow =
      onCurve(air.flow, air.pressure, area, DENSITY / (numberOf(thin) ?? 1)) *
      (air.filter ? THROUGH_FILTER : 1);
    return [
      each.id,
      figures.fan.found(
        ids,
        flow,
        [
          free,
          given('against', air.pressure, 'Pa', 'kinds', `${pointer}/pressure`),
          constant('openings', area, 'm²', 'free of panels'),
          ...filter,
        ],
        {
          method:
            'where the straight line of its curve meets what the openings resist: ½ · density · (flow / 0.6 area)²; 0.8 of that through a dust filter',
        },
      ),
    ];
  });
}

/**
 * Flow of a fan in m³/h where its curve, straight from the free flow at no pressure to no flow at the most pressure,
 * meets what an opening resists: Δp = ½ · ρ · (Q / C·A)² (orifice equation). 0 where nothing is open.
 */
export function onCurve(free: number, pressure: number, area: number, density: number): number {
  if (area <= 0) return 0;
  const resists = density / 2 / (3600 * CONTRACTION * area) ** 2;
  const slope = pressure / free;
  return (-slope + Math.sqrt(slope ** 2 + 4 * resists * pressure)) / (2 * resists);
}

interface Stream {
  readonly leaves: Figure;
  readonly moves: readonly (readonly [string, Figure])[];
  readonly open: readonly LidFace[];
  readonly warming: Warming;
}

export interface AirStream {
  readonly rise: Figure;
  readonly flow: Figure;
  /** No air comes in or out: lids or panels cover both faces. */
  readonly closed: boolean;
}

/** How much warmer the air leaves, and how much of it there is. */
export function streamOf(
  { id, of, outside }: RackInAir,
  { leaves, moves, open, warming }: Stream,
): AirStream {
  const terms = warmingTerms(warming);
  const [heat, blown, sun] = terms.map(({ value }) => Number(value ?? NaN));
  const left = (heat ?? 0) - (blown ?? 0) + (sun ?? 0);
  const air = constant('air', PER_WATT, 'm³·K/Wh', AIR);
  const byAir = 'air * (heat - blown + sun) * thin';
  const flowing = figures.flow.calc(
    [id],
    moves.map(([, fan]) => taken('fan', fan)),
    { formula: 'sum(fan)', rule: 'fans in one case together' },
  );
  const closed = open.length === 0 || (numberOf(leaves) === 0 && numberOf(flowing) === 0);
  if (left <= 0)
    return {
      closed,
      rise: figures.rise.found([id], 0, terms, { method: 'nothing warms the air in it' }),
      flow: figures.flow.unknown([id], 'nothing warms the air in it', terms),
    };
  const watts = terms.slice(0, 3);
  if (closed) {
    const { width, depth, height } = outside?.size ?? {};
    const area =
      width === undefined || depth === undefined || height === undefined
        ? undefined
        : 2 * (width * depth + width * height + depth * height);
    return {
      rise:
        area === undefined
          ? figures.rise.unknown([id], `how large ${of.label} is outside was not measured`, watts)
          : figures.rise.calc(
              [id],
              [
                ...watts,
                constant('skin', SKIN, 'W/m²K', 'through a closed case'),
                constant('area', area, 'm²', 'its outside'),
              ],
              {
                formula: '(heat - blown + sun) / (skin * area)',
                rule: 'a closed case gives off 5.5 W for each m² and K',
              },
            ),
      flow: figures.flow.found([id], 0, [], { method: 'lids or panels cover both faces' }),
      closed,
    };
  }
  const bySelf = figures.rise.calc(
    [id],
    [...watts, constant('usual', USUAL_RISE, 'K', 'usual'), taken('leaves', leaves)],
    { formula: 'usual * ((heat - blown + sun) / leaves) ^ (2 / 3)', rule: 'rises by itself' },
  );
  const byFans = figures.rise.calc([id], [air, ...terms, taken('flow', flowing)], {
    formula: `${byAir} / flow`,
    rule: 'fans in one case together',
  });
  const [ofFans, ofItself] = [numberOf(byFans), numberOf(bySelf)];
  // Fans that nobody knows may well carry it: nothing is said then.
  if (
    moves.length > 0 &&
    numberOf(flowing) !== 0 &&
    (ofFans === undefined || ofItself === undefined || ofFans < ofItself)
  )
    return { rise: byFans, flow: flowing, closed };
  return {
    rise: bySelf,
    closed,
    flow: figures.flow.calc([id], [air, ...terms, taken('rise', bySelf)], {
      formula: `${byAir} / rise`,
      rule: 'rises by itself',
    }),
  };
}
