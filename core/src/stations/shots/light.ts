/** Light: what is measured at a mark, and what the lamps that are brought along add to it. */
import type { Device, Kinds, LampLight, Mark } from '../../documents/index.js';
import {
  calc,
  constant,
  direction,
  found,
  given,
  inOrder,
  numberOf,
  sightAlong,
  taken,
  unknown,
  visibleRegion,
  type Figure,
  type MapOf,
  type Memo,
  type Point,
  type Segment,
} from '../../foundations/index.js';
import type { GroundResult, MarkResult, PlaceResult } from '../ground/index.js';

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

export interface Light {
  readonly lamps: Readonly<Record<string, LampResult>>;
  /** Vertical illuminance at each mark with the lamps on, lx. */
  readonly light: Readonly<Record<string, Figure>>;
}

interface Reads {
  readonly devices: MapOf<Device> | undefined;
  readonly kinds: Kinds;
  readonly ground: GroundResult;
  readonly blocking: readonly Segment[];
}

/** A beam is drawn so far, m. */
const DRAWN = 12;
const RADIANS = Math.PI / 180;

type Vector = readonly [number, number, number];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** All lamps of a plan, and the light at every mark with them. */
export function lightOf({ devices, kinds, ground, blocking }: Reads, memo: Memo): Light {
  const lamps = memo.each(
    'lamps',
    inOrder(devices).filter(([, { kind }]) => kinds.kinds[kind]?.lamp),
    (device, id) => [
      ...[device, kinds.kinds[device.kind], ground.places[id]],
      ...[ground.marks, ground.venue.marks, blocking],
    ],
    (device, id) => lampResult(id, device, kinds.kinds[device.kind]?.lamp as LampLight, ground, blocking),
  );
  const light = memo.each(
    'light',
    inOrder(ground.venue.marks),
    (_, id) => [ground.marks[id]?.light, ...Object.values(lamps).map(({ marks }) => marks[id]?.light)],
    (_, id) => lightAt(id, ground.marks[id], lamps),
  );
  return { lamps, light };
}

/** What was measured, and what every lamp adds. */
function lightAt(
  id: string,
  mark: MarkResult | undefined,
  lamps: Readonly<Record<string, LampResult>>,
): Figure {
  const measured = mark?.light ?? unknown('lx', 'its mark is gone');
  const added = Object.entries(lamps).flatMap(([lamp, { marks }]) =>
    marks[id] ? [taken('lamp', marks[id].light, `shots.lamps.${lamp}.marks.${id}.light`)] : [],
  );
  const room = taken('room', measured, `ground.marks.${id}.light`);
  if (added.length === 0) return calc('lx', 'room', [room]);
  return calc('lx', 'room + sum(lamp)', [
    room.value === null ? constant('room', 0, 'lx', 'not measured: only what is brought counts') : room,
    ...added,
  ]);
}

function lampResult(
  id: string,
  { label, kind, lights, place: put }: Device,
  lamp: LampLight,
  ground: GroundResult,
  blocking: readonly Segment[],
): LampResult {
  const place = ground.places[id];
  const from = place && placeInSpace(place);
  const target = ground.venue.marks?.[lights ?? ''];
  const to = target && faceOf(target, ground.marks[lights ?? '']);
  const aim =
    place?.at && target
      ? found(direction(place.at, target.at), '°', 'towards the mark that it is turned to')
      : put?.facing === undefined
        ? unknown('°', 'it is turned to no mark')
        : calc('°', 'facing', [given('facing', put.facing, '°', 'plan', `/devices/${id}/place/facing`)]);
  const turned = numberOf(aim);
  if (!place?.at || !from || turned === undefined) {
    return { label, at: place?.at, aim, beam: [], marks: {} };
  }
  const axis = to
    ? towards(from, to).unit
    : ([Math.cos(turned * RADIANS), Math.sin(turned * RADIANS), 0] as const);
  const path = `shots.lamps.${id}.marks`;
  const marks = inOrder(ground.venue.marks).flatMap(([mark, each]): [string, OnFace][] => {
    const face = faceOf(each, ground.marks[mark]);
    const on = face && onFace(`${path}.${mark}`, kind, lamp, { from, axis }, each, face, blocking);
    return on ? [[mark, on]] : [];
  });
  const beam = visibleRegion(place.at, turned, Math.min(360, lamp.beam), DRAWN, blocking);
  return { label, at: place.at, aim, beam, marks: Object.fromEntries(marks) };
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
  path: string,
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
  const distance = found(away, 'm', 'from the lamp to the face');
  const sideways = Math.abs(((direction(mark.at, at) - mark.facing + 540) % 360) - 180);
  return {
    distance,
    light: calc(
      'lx',
      'lux / d ^ 2 * turned',
      [
        given('lux', lamp.lux, 'lx', 'kinds', `/kinds/${kind}/lamp/lux`),
        taken('d', distance, `${path}.distance`),
        constant('turned', turned, '×', 'cosine of the angle between the front of the face and the lamp'),
      ],
      { source: 'inverse square law, in the beam' },
    ),
    side: found(sideways, '°', 'angle on the plan between where the face looks and the lamp'),
    above: found(Math.atan2(from[2] - face[2], run) / RADIANS, '°', 'angle of the lamp above the eyes'),
  };
}
