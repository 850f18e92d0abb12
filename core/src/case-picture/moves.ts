/** Moving a thing by hand in the picture of its case or vehicle: where it comes to lie, and what else sinks. */
import type { Kinds, PackedLine, Plan, PutAt, Travel } from '../documents/index.js';
import { inOrder, type Edit, type Turn } from '../foundations/index.js';
import { archesOf } from '../packing/arches.js';
import { turned, turnsOf, type Sides } from '../packing/boxes.js';
import { spacesOf } from '../packing/spaces.js';
import { packedInto } from '../packed-into.js';
import type { CaseRoom } from '../stations/pack/packing/room.js';
import type { VehicleResult } from '../stations/pack/vehicles/vehicle.js';

/** So far on the picture, m to the right and away from its front; or turned to its next side. */
export type Nudge = { readonly by: readonly [right: number, away: number] } | 'turn';

/** Edges that are no farther apart come together, m. */
const SNAP = 0.012;
/** What is off by a rounding is not. */
const NEAR = 1e-6;
const MM = 1000;
const millimetres = (metres: number): number => Math.round(metres * MM) / MM;

interface Lying {
  readonly line: string;
  /** As it stands upright, m. */
  readonly size: Sides;
  readonly turn: Turn;
  readonly at: readonly [x: number, y: number, z: number];
}

interface Room {
  readonly sides: Sides;
  readonly built: readonly { readonly at: Sides; readonly sides: Sides }[];
  readonly travelOf: (line: string) => Travel | undefined;
}

type Boxed = Pick<Lying, 'at'> & { readonly sides: Sides };
const boxOf = ({ at, size, turn }: Lying): Boxed => ({ at, sides: turned(size, turn) });
const over = (a: Boxed, b: Boxed): boolean =>
  ([0, 1] as const).every(
    i => a.at[i] < b.at[i] + b.sides[i] - NEAR && b.at[i] < a.at[i] + a.sides[i] - NEAR,
  );

/** All of them with the one moved, and whatever has lost its support let down; undefined where there is no room for it. */
function moved(all: readonly Lying[], line: string, nudge: Nudge, room: Room): readonly Lying[] | undefined {
  const own = all.find(each => each.line === line);
  if (!own) return undefined;
  const others = all.filter(each => each !== own);
  const upright = room.travelOf(line)?.upright === true;
  const turns = turnsOf({ sides: own.size, upright });
  const turn =
    nudge === 'turn' ? (turns[(turns.indexOf(own.turn) + 1) % turns.length] ?? own.turn) : own.turn;
  const sides = turned(own.size, turn);
  if (sides.some((side, i) => side > (room.sides[i] ?? 0) + NEAR)) return undefined;
  const [dx, dy] = nudge === 'turn' ? [0, 0] : nudge.by;
  const along = (i: 0 | 1, by: number): number => {
    const most = room.sides[i] - sides[i];
    const wanted = Math.min(Math.max(own.at[i] + by, 0), most);
    const edges = others.flatMap(each => {
      const { at, sides: theirs } = boxOf(each);
      return [at[i] - sides[i], at[i] + theirs[i]];
    });
    const near = [0, most, ...edges]
      .filter(edge => edge >= -NEAR && edge <= most + NEAR && Math.abs(edge - wanted) <= SNAP)
      .toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted));
    // A step must lead somewhere: what it came from holds it no longer.
    return near.find(edge => by === 0 || Math.abs(edge - own.at[i]) > NEAR) ?? wanted;
  };
  const settled: Lying[] = [];
  const rest = (each: Lying): Lying | undefined => {
    const box = boxOf(each);
    const below = settled.filter(other => over(box, boxOf(other)));
    const tops = [
      ...below.map(other => other.at[2] + boxOf(other).sides[2]),
      ...room.built.filter(other => over(box, other)).map(other => other.at[2] + other.sides[2]),
    ];
    const z = Math.max(0, ...tops);
    const bears = below.filter(other => Math.abs(other.at[2] + boxOf(other).sides[2] - z) <= NEAR);
    if (z + box.sides[2] > room.sides[2] + NEAR) return undefined;
    if (bears.some(other => room.travelOf(other.line)?.top === true)) return undefined;
    return { ...each, at: [millimetres(each.at[0]), millimetres(each.at[1]), millimetres(z)] };
  };
  const last: Lying = { ...own, turn, at: [along(0, dx), along(1, dy), 0] };
  for (const each of [...others.toSorted((a, b) => a.at[2] - b.at[2]), last]) {
    const at = rest(each);
    if (!at) return undefined;
    settled.push(at);
  }
  return settled;
}

/** The edit that moves a line in its case; undefined where there is no room for it so, or nothing would change. */
export function moveInCase(
  id: string,
  { hold, held, sizes }: CaseRoom,
  packed: Plan['packed'],
  kinds: Kinds['kinds'],
  line: string,
  nudge: Nudge,
): Edit<Plan> | undefined {
  const records = inOrder(packed).map(([, each]) => each);
  const own = records.find(each => each.line === line && each.in === id)?.at;
  const sides = spacesOf(hold)[own?.space ?? 0]?.sides;
  if (!own || !sides) return undefined;
  const all = records.flatMap(({ line: other, at }): Lying[] => {
    const size = sizes[other];
    if (!at || !size || !held[other] || (at.space ?? 0) !== (own.space ?? 0)) return [];
    return [
      { line: other, at: [at.x, at.y, at.z], turn: at.turn, size: [size.width, size.depth, size.height] },
    ];
  });
  const room: Room = {
    sides: [sides[0] / MM, sides[1] / MM, sides[2] / MM],
    built: [],
    travelOf: other => kinds[held[other]?.kind ?? '']?.travel,
  };
  return edited(id, packed, all, moved(all, line, nudge, room), own.space);
}

/** The same in a vehicle, whose door is at the front of its picture. */
export function moveInVehicle(
  id: string,
  { vehicle, pieces }: VehicleResult,
  packed: Plan['packed'],
  kinds: Kinds['kinds'],
  line: string,
  nudge: Nudge,
): Edit<Plan> | undefined {
  const all = Object.entries(pieces).flatMap(([other, { at, size }]): Lying[] =>
    at
      ? [{ line: other, at: [at.x, at.y, at.z], turn: at.turn, size: [size.width, size.depth, size.height] }]
      : [],
  );
  const room: Room = {
    sides: [vehicle.width, vehicle.length, vehicle.height],
    built: archesOf(vehicle),
    travelOf: other => kinds[pieces[other]?.line.kind ?? '']?.travel,
  };
  const away: Nudge = nudge === 'turn' ? nudge : { by: [nudge.by[0], -nudge.by[1]] };
  return edited(id, packed, all, moved(all, line, away, room), undefined);
}

function edited(
  id: string,
  packed: Plan['packed'],
  before: readonly Lying[],
  after: readonly Lying[] | undefined,
  space: number | undefined,
): Edit<Plan> | undefined {
  const put = (after ?? []).flatMap(({ line, at: [x, y, z], turn }): PackedLine[] => {
    const was = before.find(each => each.line === line);
    const same =
      was?.turn === turn && [x, y, z].every((each, i) => Math.abs(each - (was.at[i] ?? 0)) <= NEAR);
    const at: PutAt = { x, y, z, turn, ...(space !== undefined && { space }) };
    return same ? [] : [{ line, in: id, at }];
  });
  return put.length === 0 ? undefined : packedInto(packed, put);
}
