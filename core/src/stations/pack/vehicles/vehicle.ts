/** A vehicle with what is loaded in it: payload, axles, lashing, and what lies above the seat backs. */
import type { Kinds, PackedLine, PutAt, Vehicle } from '../../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../../foundations/index.js';
import { turned } from '../../../packing/boxes.js';
import type { Equipment } from '../../equipment.js';
import { weightTerm } from '../lifting/cases.js';
import type { CaseResult } from '../lifting/lifts.js';
import type { PackedSize } from '../packing/sizes.js';
import type { PackLine, PackLines } from '../result.js';
import * as figures from './figures.js';

/** What a person weighs, kg, as the rules of the EU reckon. */
export const PERSON = 75;
/** Shares of its weight that a load is held with (EN 12195-1, road). */
const FORWARD = 0.8;
const SIDEWAYS = 0.5;

/** Something that is loaded as it is: a case with all in it, or a thing in no case. */
export interface Piece {
  readonly line: PackLine;
  readonly size: PackedSize;
  /** With all that is in it; unknown where nobody has weighed any of it. */
  readonly weight: Term | undefined;
  /** Something in it was not weighed. */
  readonly unweighed: boolean;
  /** Absent = somewhere in it. */
  readonly at?: PutAt;
  readonly onRoof?: boolean;
}

export interface VehicleResult {
  readonly label: string;
  readonly vehicle: Vehicle;
  readonly pieces: Readonly<Record<string, Piece>>;
  readonly load: Figure;
  readonly unweighed: Figure;
  readonly payload: Figure;
  readonly left: Figure;
  /** Where something is on its roof: what that weighs, and what is left of what its bars carry. */
  readonly roof?: Figure;
  readonly roofLeft?: Figure;
  readonly fill: Figure;
  readonly rear: Figure;
  readonly front: Figure;
  readonly rearLeft: Figure;
  readonly frontLeft: Figure;
  readonly forward: Figure;
  readonly sideways: Figure;
  /** Lines that reach above the seat backs. */
  readonly above: readonly string[];
}

export interface PiecesIn {
  readonly lines: PackLines;
  readonly travels: Readonly<Record<string, readonly string[]>>;
  readonly sizes: Readonly<Record<string, PackedSize>>;
  readonly cases: Readonly<Record<string, CaseResult>>;
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds['kinds'];
  readonly packed: MapOf<PackedLine> | undefined;
}

/** The pieces of each vehicle, by their lines. */
export function piecesByVehicle(all: PiecesIn): Readonly<Record<string, Readonly<Record<string, Piece>>>> {
  const { lines, travels, devices, kinds, packed } = all;
  const pieces: Record<string, Record<string, Piece>> = {};
  for (const [id, { kind }] of inOrder(devices)) if (kinds[kind]?.vehicle) pieces[id] = {};
  const put = new Map(inOrder(packed).map(([, each]) => [each.line, each]));
  for (const id of Object.keys(lines)) {
    const [nearest] = travels[id] ?? [];
    const own = pieces[nearest ?? ''];
    const piece = own && pieceOf(id, all);
    const { at, roof } = put.get(id) ?? {};
    if (piece) own[id] = roof === true ? { ...piece, onRoof: true } : at ? { ...piece, at } : piece;
  }
  return pieces;
}

/** A line as a piece. */
export function pieceOf(
  id: string,
  { lines, sizes, cases, kinds }: Pick<PiecesIn, 'lines' | 'sizes' | 'cases' | 'kinds'>,
): Piece | undefined {
  const [line, size] = [lines[id], sizes[id]];
  if (!line || !size) return undefined;
  const own = cases[id];
  const weight = own ? taken('item', own.weight) : weightTerm(line, kinds);
  return { line, size, weight, unweighed: own ? numberOf(own.unweighed) !== 0 : weight === undefined };
}

export interface VehicleOf {
  readonly label: string;
  readonly kind: string;
  readonly vehicle: Vehicle;
  readonly aboard: number;
  readonly pieces: Readonly<Record<string, Piece>>;
}

export function vehicleResult(
  id: string,
  { label, kind, vehicle, aboard, pieces }: VehicleOf,
): VehicleResult {
  const all = Object.values(pieces);
  const of = (name: string, field: keyof Vehicle, unit: 'kg' | 'm' = 'kg'): Term =>
    given(name, vehicle[field], unit, 'kinds', `/kinds/${kind}/vehicle/${field}`);
  const load = figures.vehicleLoad.calc(
    [id],
    all.flatMap(({ weight }) => weight ?? []),
  );
  const people = [
    constant('people', aboard, 'people', 'besides the driver'),
    constant('each', PERSON, 'kg', 'a person'),
  ];
  const payload =
    vehicle.gross === undefined || vehicle.running === undefined
      ? figures.vehiclePayload.unknown([id], 'its papers say: permitted gross and mass in running order')
      : figures.vehiclePayload.calc([id], [of('gross', 'gross'), of('running', 'running'), ...people]);
  const axles = axlesOf(id, { vehicle, pieces, aboard, load, of, people });
  const within = all.filter(({ onRoof }) => onRoof !== true);
  const room = vehicle.length * vehicle.width * vehicle.height;
  return {
    ...{ label, vehicle, pieces, load, payload },
    ...axles,
    ...(within.length < all.length && onRoof(id, all, of)),
    unweighed: figures.vehicleUnweighed.found([id], all.filter(({ unweighed }) => unweighed).length),
    left: figures.vehicleLeft.calc([id], [taken('payload', payload), taken('load', load)]),
    fill: figures.vehicleFill.calc(
      [id],
      [
        ...within.map(({ line, size: { width, depth, height } }) =>
          constant('item', width * depth * height * 1000, 'L', line.purpose),
        ),
        constant('room', room * 1000, 'L', 'behind the seat backs'),
      ],
    ),
    forward: figures.heldForward.calc([id], [constant('share', FORWARD, '', 'forward'), taken('load', load)]),
    sideways: figures.heldSideways.calc(
      [id],
      [constant('share', SIDEWAYS, '', 'sideways and back'), taken('load', load)],
    ),
    above: Object.entries(pieces).flatMap(([line, { at, size }]) => {
      if (!at || vehicle.seatBacks === undefined) return [];
      const [, , high] = turned([size.width, size.depth, size.height], at.turn);
      return at.z + high > vehicle.seatBacks + 1e-9 ? [line] : [];
    }),
  };
}

/** What is on the roof, against what its bars carry. */
function onRoof(
  id: string,
  pieces: readonly Piece[],
  of: OnAxles['of'],
): Pick<VehicleResult, 'roof' | 'roofLeft'> {
  const roof = figures.roofLoad.calc(
    [id],
    pieces.flatMap(({ onRoof: on, weight }) => (on === true && weight ? [weight] : [])),
  );
  return { roof, roofLeft: figures.roofLeft.calc([id], [of('rated', 'roofLoad'), taken('roof', roof)]) };
}

interface OnAxles extends Pick<VehicleOf, 'vehicle' | 'aboard' | 'pieces'> {
  readonly load: Figure;
  readonly of: (name: string, field: keyof Vehicle, unit?: 'kg' | 'm') => Term;
  readonly people: readonly Term[];
}

type Axles = Pick<VehicleResult, 'rear' | 'front' | 'rearLeft' | 'frontLeft'>;

/** What rests on each axle, by lever; a piece of which nobody said where it lies counts in the middle of the floor. */
function axlesOf(id: string, { vehicle, aboard, pieces, load, of, people }: OnAxles): Axles {
  const { wheelbase, floorFrom, frontEmpty, rearEmpty, frontMost, rearMost } = vehicle;
  const unknown = (why: string): Axles => ({
    rear: figures.rearAxle.unknown([id], why),
    front: figures.frontAxle.unknown([id], why),
    rearLeft: figures.rearLeft.unknown([id], why),
    frontLeft: figures.frontLeft.unknown([id], why),
  });
  if (
    wheelbase === undefined ||
    floorFrom === undefined ||
    frontEmpty === undefined ||
    rearEmpty === undefined
  )
    return unknown('ask: wheelbase, seat backs from the front axle, and what each axle carries empty');
  const behind = ({ at, size }: Piece): number => {
    if (!at) return floorFrom + vehicle.length / 2;
    const [, deep] = turned([size.width, size.depth, size.height], at.turn);
    return floorFrom + at.y + deep / 2;
  };
  const moment = Object.values(pieces).reduce(
    (sum, piece) => sum + Number(piece.weight?.value ?? 0) * behind(piece),
    0,
  );
  const rear = figures.rearAxle.found([id], rearEmpty + (aboard * PERSON) / 2 + moment / wheelbase, [
    of('empty', 'rearEmpty'),
    of('wheelbase', 'wheelbase', 'm'),
    ...Object.values(pieces).flatMap(({ weight }) => weight ?? []),
  ]);
  const front = figures.frontAxle.calc(
    [id],
    [
      of('empty', 'frontEmpty'),
      of('rearEmpty', 'rearEmpty'),
      ...people,
      taken('load', load),
      taken('rear', rear),
    ],
  );
  const rated = 'what the axle is rated for stands on its plate';
  return {
    rear,
    front,
    rearLeft:
      rearMost === undefined
        ? figures.rearLeft.unknown([id], rated)
        : figures.rearLeft.calc([id], [of('rated', 'rearMost'), taken('rear', rear)]),
    frontLeft:
      frontMost === undefined
        ? figures.frontLeft.unknown([id], rated)
        : figures.frontLeft.calc([id], [of('rated', 'frontMost'), taken('front', front)]),
  };
}
