/** Lamps that are brought along: where each looks, what it gives to each face in its beam, and how its light suits. */
import type { Device, LampLight, Mark, Venue } from '../../documents/index.js';
import {
  constant,
  declare,
  direction,
  given,
  houseRule,
  inOrder,
  numberOf,
  sightAlong,
  standard,
  taken,
  visibleRegion,
  type Figure,
  type MapOf,
  type Point,
  type Blocking,
  VENUE_PLAN,
} from '../../foundations/index.js';
import type { MarkResult, PlaceResult } from '../ground/index.js';

export const lampAim = declare({
  key: 'shots.lamps.*.aim',
  label: 'Direction',
  unit: '°',
  basis: VENUE_PLAN,
});
export const lampDistance = declare({
  key: 'shots.lamps.*.marks.*.distance',
  label: 'Distance',
  unit: 'm',
  basis: VENUE_PLAN,
  method: 'from the lamp to the face',
});
export const lampLight = declare({
  key: 'shots.lamps.*.marks.*.light',
  label: 'It adds',
  unit: 'lx',
  basis: standard('inverse square law and cosine law of illumination, in the beam'),
  formula: 'lux * (stated / d) ^ 2 * turned',
});
export const lampSide = declare({
  key: 'shots.lamps.*.marks.*.side',
  label: 'Off the front of the face',
  unit: '°',
  basis: VENUE_PLAN,
  method: 'angle on the plan between where the face looks and the lamp',
});
export const lampAbove = declare({
  key: 'shots.lamps.*.marks.*.above',
  label: 'Above the eyes',
  unit: '°',
  basis: VENUE_PLAN,
  method: 'angle of the lamp above the eyes',
});
export const lampGlare = declare({
  key: 'shots.lamps.*.marks.*.glare',
  label: 'Off where they look',
  unit: '°',
  basis: houseRule('a lamp within 20° of where somebody looks dazzles, to the side and up or down'),
  formula: 'max(side, abs(above))',
  limits: { raises: 'shots.lamp-glare', note: { below: 20 } },
});
export const lampColour = declare({
  key: 'shots.lamps.*.colour',
  label: 'Off the colour of the room',
  unit: 'mired',
  basis: houseRule(
    'lamps that differ by more than 50 mireds show it on a face',
    'reciprocal colour temperature',
  ),
  formula: 'mega * abs(1 / own - 1 / room)',
  limits: { raises: 'shots.lamp-colour', note: { above: 50 } },
});
export const LAMP_FIGURES = [
  ...[lampAim, lampDistance, lampLight, lampSide, lampAbove, lampGlare, lampColour],
];

/** What a lamp gives to a face in its beam. */
export interface OnFace {
  readonly distance: Figure;
  /** What it adds to the light there, lx. */
  readonly light: Figure;
  /** Off the front of the face and above its eyes, degrees. */
  readonly side: Figure;
  readonly above: Figure;
  /** Off where the face looks, either way, degrees: how much it dazzles. */
  readonly glare: Figure;
}

export interface LampResult {
  readonly label: string;
  readonly at: Point | undefined;
  readonly aim: Figure;
  /** How far its colour is from that of the lamps of the house, mireds. */
  readonly colour: Figure;
  /** The lamp of the house that it is least like. */
  readonly unlike: HouseLight | undefined;
  /** The floor before it that its beam may light, m. */
  readonly beam: readonly Point[];
  /** The marks that it lights. */
  readonly marks: Readonly<Record<string, OnFace>>;
}

/** A beam is drawn so far, m. */
const DRAWN = 12;
const RADIANS = Math.PI / 180;

type Vector = readonly [number, number, number];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

export interface Lamp {
  readonly device: Device;
  readonly lamp: LampLight;
  readonly place: PlaceResult | undefined;
  readonly marks: MapOf<Mark> | undefined;
  /** Lamps of the house. */
  readonly house: Venue['lamps'];
  readonly figures: Readonly<Record<string, MarkResult>>;
  readonly blocking: Blocking;
}

/** Where a lamp looks, and what it gives to each face in its beam. */
export function lampResult(
  id: string,
  { device, lamp, place, marks, house, figures, blocking }: Lamp,
): LampResult {
  const { label, kind, lights, place: put } = device;
  const from = place && placeInSpace(place);
  const target = marks?.[lights ?? ''];
  const to = target && faceOf(target, figures[lights ?? '']);
  const aim =
    place?.at && target
      ? lampAim.found([id], direction(place.at, target.at), [], {
          method: 'towards the mark that it is turned to',
        })
      : put?.facing === undefined
        ? lampAim.unknown([id], 'it is turned to no mark')
        : lampAim.calc([id], [given('facing', put.facing, '°', 'plan', `/devices/${id}/place/facing`)], {
            formula: 'facing',
          });
  const turned = numberOf(aim);
  const colour = colourBeside(id, kind, lamp.kelvin, house);
  if (!place?.at || !from || turned === undefined) {
    return { label, at: place?.at, aim, ...colour, beam: [], marks: {} };
  }
  const axis = to
    ? towards(from, to).unit
    : ([Math.cos(turned * RADIANS), Math.sin(turned * RADIANS), 0] as const);
  const lit = inOrder(marks).flatMap(([mark, each]): [string, OnFace][] => {
    const face = faceOf(each, figures[mark]);
    const on = face && onFace([id, mark], kind, lamp, { from, axis }, each, face, blocking);
    return on ? [[mark, on]] : [];
  });
  const beam = visibleRegion(place.at, turned, Math.min(360, lamp.beam), DRAWN, blocking);
  return { label, at: place.at, aim, ...colour, beam, marks: Object.fromEntries(lit) };
}

const placeInSpace = ({ at, elevation }: PlaceResult): Vector | undefined => {
  const z = numberOf(elevation);
  return at && z !== undefined ? [at[0], at[1], z] : undefined;
};

const faceOf = ({ at }: Mark, figures: MarkResult | undefined): Vector | undefined => {
  const z = numberOf(figures?.elevation);
  return z === undefined ? undefined : [at[0], at[1], z];
};

function towards(from: Vector, to: Vector): { away: number; unit: Vector } {
  const [x, y, z] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const away = Math.max(0.05, Math.hypot(x, y, z));
  return { away, unit: [x / away, y / away, z / away] };
}

/**
 * What a lamp adds to the vertical illuminance of a face: E = E₁ / d² in its beam (inverse square), times the cosine
 * of the angle off the front of the face. Undefined outside the beam, from behind, and where a wall stands between.
 */
function onFace(
  ids: [lamp: string, mark: string],
  kind: string,
  lamp: LampLight,
  { from, axis }: { readonly from: Vector; readonly axis: Vector },
  mark: Mark,
  face: Vector,
  blocking: Blocking,
): OnFace | undefined {
  const { away, unit } = towards(from, face);
  const off = Math.acos(Math.min(1, dot(axis, unit))) / RADIANS;
  const front: Vector = [Math.cos(mark.facing * RADIANS), Math.sin(mark.facing * RADIANS), 0];
  const turned = -dot(front, unit);
  const at: Point = [from[0], from[1]];
  const run = Math.hypot(face[0] - at[0], face[1] - at[1]);
  if (off > lamp.beam / 2 || turned <= 0) return undefined;
  if (sightAlong(at, direction(at, mark.at), blocking, run) < run - 0.05) return undefined;
  const distance = lampDistance.found(ids, away);
  const sideways = Math.abs(((direction(mark.at, at) - mark.facing + 540) % 360) - 180);
  const side = lampSide.found(ids, sideways);
  const above = lampAbove.found(ids, Math.atan2(from[2] - face[2], run) / RADIANS);
  return {
    distance,
    light: lampLight.calc(ids, [
      given('lux', lamp.lux, 'lx', 'kinds', `/kinds/${kind}/lamp/lux`),
      constant('stated', 1, 'm', 'where the light of lamps is stated'),
      taken('d', distance),
      constant('turned', turned, '×', 'cosine of the angle between the front of the face and the lamp'),
    ]),
    side,
    above,
    glare: lampGlare.calc(ids, [taken('side', side), taken('above', above)]),
  };
}

/** A lamp of the house whose colour is known; daylight is no lamp that one would match. */
interface HouseLight {
  readonly id: string;
  readonly label: string;
  readonly kelvin: number;
}

/** How far a lamp is from the lamp of the house that it is least like, in mireds (10⁶ / K). */
function colourBeside(
  id: string,
  kind: string,
  kelvin: number | undefined,
  house: Venue['lamps'],
): Pick<LampResult, 'colour' | 'unlike'> {
  if (kelvin === undefined) {
    return { colour: lampColour.unknown([id], 'its colour is not known'), unlike: undefined };
  }
  const apart = (other: HouseLight): number => Math.abs(1 / other.kelvin - 1 / kelvin);
  const unlike = inOrder(house)
    .flatMap(([key, { label, kind: sort, kelvin: own }]): HouseLight[] =>
      own === undefined || sort === 'daylight' ? [] : [{ id: key, label, kelvin: own }],
    )
    .reduce<HouseLight | undefined>((a, b) => (a && apart(a) >= apart(b) ? a : b), undefined);
  if (!unlike) {
    return { colour: lampColour.unknown([id], 'the colour of the house’s lamps is not known'), unlike };
  }
  const terms = [
    constant('mega', 1e6, '', 'a mired is a reciprocal megakelvin'),
    given('own', kelvin, 'K', 'kinds', `/kinds/${kind}/lamp/kelvin`),
    given('room', unlike.kelvin, 'K', 'venue', `/lamps/${unlike.id}/kelvin`),
  ];
  return { colour: lampColour.calc([id], terms), unlike };
}
