/** Light: what is measured at a mark, and what the lamps that are brought along add to it. */
import type { Device, LampLight, Mark } from '../../documents/index.js';
import {
  constant,
  direction,
  given,
  inOrder,
  numberOf,
  sightAlong,
  taken,
  visibleRegion,
  type Figure,
  type MapOf,
  type Point,
  type Segment,
} from '../../foundations/index.js';
import type { MarkResult, PlaceResult } from '../ground/index.js';
import { lampAbove, lampAim, lampDistance, lampLight, lampSide, lightAtMark } from './figures/light.js';

/** What a lamp gives to a face in its beam. */
export interface OnFace {
  readonly distance: Figure;
  /** What it adds to the light there, lx. */
  readonly light: Figure;
  /** Off the front of the face and above its eyes, degrees: how much it dazzles. */
  readonly side: Figure;
  readonly above: Figure;
}

export interface LampResult {
  readonly label: string;
  readonly at: Point | undefined;
  readonly aim: Figure;
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

/** What was measured at a mark, and what every lamp adds. */
export function lightAt(
  id: string,
  {
    measured,
    lamps,
  }: { readonly measured: Figure | undefined; readonly lamps: Readonly<Record<string, LampResult>> },
): Figure {
  if (!measured) return lightAtMark.unknown([id], 'its mark is gone');
  const added = Object.values(lamps).flatMap(({ marks }) =>
    marks[id] ? [taken('lamp', marks[id].light)] : [],
  );
  const room = taken('room', measured);
  if (added.length === 0) return lightAtMark.calc([id], [room], { formula: 'room' });
  const brought = constant('room', 0, 'lx', 'not measured: only what is brought counts');
  return lightAtMark.calc([id], [room.value === null ? brought : room, ...added]);
}

export interface Lamp {
  readonly device: Device;
  readonly lamp: LampLight;
  readonly place: PlaceResult | undefined;
  readonly marks: MapOf<Mark> | undefined;
  readonly figures: Readonly<Record<string, MarkResult>>;
  readonly blocking: readonly Segment[];
}

/** Where a lamp looks, and what it gives to each face in its beam. */
export function lampResult(id: string, { device, lamp, place, marks, figures, blocking }: Lamp): LampResult {
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
  if (!place?.at || !from || turned === undefined) {
    return { label, at: place?.at, aim, beam: [], marks: {} };
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
  return { label, at: place.at, aim, beam, marks: Object.fromEntries(lit) };
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
  blocking: readonly Segment[],
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
  return {
    distance,
    light: lampLight.calc(ids, [
      given('lux', lamp.lux, 'lx', 'kinds', `/kinds/${kind}/lamp/lux`),
      constant('stated', 1, 'm', 'where the light of lamps is stated'),
      taken('d', distance),
      constant('turned', turned, '×', 'cosine of the angle between the front of the face and the lamp'),
    ]),
    side: lampSide.found(ids, sideways),
    above: lampAbove.found(ids, Math.atan2(from[2] - face[2], run) / RADIANS),
  };
}
