/** Loading the vehicles: where each case and each loose thing lies, what is wanted first at the door, heavy low. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle, Vehicle } from '../../documents/index.js';
import {
  inOrder,
  numberOf,
  PACK_GROUPS,
  WANTED_FIRST,
  type PackGroup,
  type Turn,
} from '../../foundations/index.js';
import { archesOf } from '../../packing/arches.js';
import { fitsAlone, turned, turnsOf, type Box, type Put, type Sides } from '../../packing/boxes.js';
import { packedInto } from '../../packed-into.js';
import { boxFor } from '../../packing/spaces.js';
import { pieceOf, type Piece } from '../../stations/pack/vehicles/vehicle.js';
import { packInOrder, type CasePacking, type CaseProblem, type CaseSpace } from '../pack-cases/order.js';
import { bearsRoof, ontoRoofs } from './roof.js';
import { OptionError, type Found, type Offer, type Search } from '../search.js';

export interface LoadedPiece {
  readonly line: string;
  readonly label: string;
  /** m from the left, the seat backs and the load floor, seen from behind the vehicle. */
  readonly at: readonly [x: number, y: number, z: number];
  readonly sides: readonly [width: number, depth: number, height: number];
  readonly turn: Turn;
  readonly kg: number;
}

export interface VehicleLoaded {
  readonly id: string;
  readonly label: string;
  /** In the order of loading: what is wanted last goes in first. */
  readonly pieces: readonly LoadedPiece[];
  /** What is lashed on its roof bars, since there was no room for it inside. */
  readonly roof: readonly Pick<LoadedPiece, 'line' | 'label' | 'kg'>[];
  readonly kg: number;
}

export interface LoadedVehicles {
  readonly vehicles: readonly VehicleLoaded[];
  /** What stays behind, and why where that is proven. */
  readonly left: readonly { readonly line: string; readonly label: string; readonly why: string }[];
  readonly guessed: number;
}

export interface LoadOptions {
  readonly vehicles?: readonly string[];
  readonly seconds?: number;
  readonly seed?: number;
}

interface Boot {
  readonly id: string;
  readonly label: string;
  readonly vehicle: Vehicle;
  /** kg that may still be loaded; infinite where nobody knows. */
  readonly payload: number;
  /** kg that its roof bars still carry; 0 where it has none. */
  readonly roof: number;
}

export interface LoadTask extends Pick<LoadOptions, 'seconds' | 'seed'> {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly boots: readonly Boot[];
  readonly pieces: readonly (readonly [line: string, piece: Piece])[];
  readonly problem: CaseProblem;
}

const LONGEST = 5;
const MM = 1000;

const stageOf = (group: PackGroup): number => WANTED_FIRST.indexOf(group) / (PACK_GROUPS.length - 1);

export const loadVehicles: Search<LoadOptions, LoadTask, LoadedVehicles> = {
  name: 'load',
  about:
    'where every case lies in the vehicles: what is wanted first at the door, heavy low, within the payload',
  *problemOf(bundle, { vehicles, ...options }) {
    yield { stage: 'problem', share: 0 };
    return { ...taskOf(bundle, vehicles), ...options };
  },
  *solve(task, { now }): Generator<{ stage: 'solving'; share: number }, Found<LoadedVehicles>> {
    const { problem, seconds = LONGEST, seed = 1 } = task;
    const steps = packInOrder(problem, { seconds, now, seed });
    let step = steps.next();
    for (; step.done !== true; step = steps.next()) yield { stage: 'solving', share: step.value };
    const answer = answerOf(task, step.value);
    const never = problem.things.filter(
      ({ cases }, i) => cases.length === 0 && !task.boots.some(boot => mayRide(task, i, boot)),
    ).length;
    return {
      answer,
      objectives: [
        { label: 'left behind', unit: '', better: 'less', value: answer.left.length, bound: never },
      ],
      offers: offersOf(task, answer),
    };
  },
};

/** Throws `OptionError` for what is no vehicle. */
function taskOf(bundle: Bundle, asked: readonly string[] | undefined): Omit<LoadTask, 'seconds' | 'seed'> {
  const { plan, kinds } = bundle;
  const assessment = assess(bundle);
  const { pack } = assessment;
  const all = inOrder(plan.devices).flatMap(([id, { kind, label }]): Boot[] => {
    const vehicle = kinds.kinds[kind]?.vehicle;
    if (!vehicle) return [];
    const { payload, roof: onRoof, roofLeft } = pack.vehicles[id] ?? {};
    return [
      {
        ...{ id, label, vehicle },
        // What is lashed on its roof already is part of what it carries.
        payload: (numberOf(payload) ?? Infinity) - (numberOf(onRoof) ?? 0),
        roof: numberOf(roofLeft) ?? vehicle.roofLoad ?? 0,
      },
    ];
  });
  for (const [i, id] of (asked ?? []).entries())
    if (!all.some(each => each.id === id))
      throw new OptionError(
        `/vehicles/${i}`,
        `${plan.devices?.[id]?.label ?? id} is no vehicle of this event`,
      );
  const boots = asked ? all.filter(({ id }) => asked.includes(id)) : all;
  const ours = new Set(all.map(({ id }) => id));
  // What is lashed on a roof stays there.
  const onRoof = new Set(inOrder(plan.packed).flatMap(([, { line, roof }]) => (roof === true ? [line] : [])));
  const parts = { lines: pack.lines, sizes: pack.sizes, cases: pack.cases, kinds: kinds.kinds };
  const pieces = Object.keys(pack.lines).flatMap((id): (readonly [string, Piece])[] => {
    const inCase = (pack.travels[id] ?? []).some(each => !ours.has(each));
    const piece = inCase || onRoof.has(id) || isWithin(id, bundle) ? undefined : pieceOf(id, parts);
    return piece ? [[id, piece]] : [];
  });
  return { bundle, assessment, boots, pieces, problem: problemOf(boots, pieces, bundle) };
}

/** Whether a thing is in another one that is no case, and goes with that. */
const isWithin = (id: string, { plan: { devices } }: Bundle): boolean =>
  devices?.[devices[id]?.place?.inside ?? ''] !== undefined;

function problemOf(
  boots: readonly Boot[],
  pieces: LoadTask['pieces'],
  { kinds: { kinds } }: Bundle,
): CaseProblem {
  const spaces = boots.map(({ vehicle, payload }, i): CaseSpace => {
    const [width, length, height] = [vehicle.width, vehicle.length, vehicle.height].map(side =>
      Math.floor(side * MM + 1e-6),
    ) as [number, number, number];
    return {
      sides: [width, length, height],
      load: payload,
      case: i,
      by: 'walls',
      taken: archesIn(vehicle, width),
    };
  });
  const boxes = pieces.map(([, { line, size, weight }]): Box => {
    const kind = kinds[line.kind ?? ''];
    return boxFor(size, {}, Number(weight?.value ?? 0), kind?.travel);
  });
  return {
    spaces,
    boxes: boots.map(() => boxes),
    loads: boots.map(({ payload }) => payload),
    clash: () => false,
    things: pieces.map(([, { line, size }], n) => {
      const box = boxes[n] as Box;
      return {
        kg: box.kg,
        room: size.width * size.depth * size.height,
        top: box.top,
        stage: stageOf(line.group),
        group: undefined,
        cases: boots.flatMap(({ vehicle, payload }, i) =>
          box.kg <= payload && fitsAlone(box, spaces[i]?.sides ?? [0, 0, 0]) && passesDoor(box, vehicle)
            ? [i]
            : [],
        ),
      };
    }),
  };
}

/** Arches in whole mm, rather too large than too small. */
function archesIn(vehicle: Vehicle, width: number): Pick<Put, 'at' | 'sides'>[] {
  const up = (metres: number): number => Math.ceil(metres * MM - 1e-6);
  return archesOf(vehicle).map(({ at: [x, y, z], sides: [wide, long, high] }) => {
    const sides: Sides = [up(wide), up(long), up(high)];
    return { at: [x === 0 ? 0 : width - sides[0], Math.floor(y * MM), z], sides };
  });
}

/** Whether a piece passes the door in one of its turns, pushed in along the load floor. */
export const passesDoor = (
  box: Pick<Box, 'sides' | 'upright'>,
  { width, height, doorWidth = width, doorHeight = height }: Vehicle,
): boolean =>
  turnsOf(box).some(turn => {
    const [across, , high] = turned(box.sides, turn);
    return across <= doorWidth * MM + 1e-6 && high <= doorHeight * MM + 1e-6;
  });

/** Whether a piece may ride on the roof of a vehicle, were nothing else there. */
function mayRide({ bundle, pieces, problem }: LoadTask, i: number, { roof }: Boot): boolean {
  const kg = problem.things[i]?.kg ?? 0;
  return kg <= roof && bearsRoof(bundle.kinds.kinds[pieces[i]?.[1].line.kind ?? ''], kg);
}

const named = ({ line }: Piece): string =>
  line.purpose === line.label ? line.label : `${line.purpose}: ${line.label}`;

function answerOf(task: LoadTask, { puts, left }: CasePacking): LoadedVehicles {
  const { boots, pieces, problem, assessment } = task;
  const kgOf = (i: number): number => problem.things[i]?.kg ?? 0;
  const inside = boots.map((_, i) =>
    puts.filter(({ space }) => space === i).reduce((sum, { box }) => sum + kgOf(box), 0),
  );
  const riding = ontoRoofs(
    left
      .filter(i => boots.some(boot => mayRide(task, i, boot)))
      .map(index => ({ index, kg: kgOf(index), room: problem.things[index]?.room ?? 0 })),
    boots.map(({ roof, payload }, i) => Math.min(roof, payload - (inside[i] ?? 0))),
  );
  const loaded = boots.map(({ id, label }, i): VehicleLoaded => {
    const own = puts.filter(({ space }) => space === i);
    const things = own
      .map((put): LoadedPiece => {
        const [line, piece] = pieces[put.box] as LoadTask['pieces'][number];
        const { width, depth, height } = piece.size;
        const [x, y, z] = put.at;
        return {
          ...{ line, label: named(piece), turn: put.turn, kg: kgOf(put.box) },
          at: [x / MM, y / MM, z / MM],
          sides: turned([width, depth, height], put.turn),
        };
      })
      .sort((a, b) => a.at[1] - b.at[1] || a.at[2] - b.at[2] || a.at[0] - b.at[0]);
    const roof = [...riding].flatMap(([index, on]) => {
      const [line, piece] = pieces[index] as LoadTask['pieces'][number];
      return on === i ? [{ line, label: named(piece), kg: kgOf(index) }] : [];
    });
    return {
      ...{ id, label, pieces: things, roof },
      kg: [...things, ...roof].reduce((sum, { kg }) => sum + kg, 0),
    };
  });
  return {
    vehicles: loaded,
    left: left
      .filter(i => !riding.has(i))
      .map(i => {
        const [line, piece] = pieces[i] as LoadTask['pieces'][number];
        const never = problem.things[i]?.cases.length === 0;
        const why = never
          ? 'it goes into none of them: too large, too heavy, or past no door'
          : 'no room was found';
        return { line, label: named(piece), why };
      }),
    guessed: pieces.filter(([line]) => assessment.pack.sizes[line]?.guessed === true).length,
  };
}

function offersOf(task: LoadTask, { vehicles }: LoadedVehicles): readonly Offer[] {
  const { plan } = task.bundle;
  const wanted = new Map(
    vehicles.flatMap(({ id, pieces }) => pieces.map(each => [each.line, { id, each }] as const)),
  );
  const roofs = vehicles.flatMap(({ id, roof }) => roof.map(({ line }) => ({ line, in: id, roof: true })));
  if (wanted.size + roofs.length === 0) return [];
  const ours = new Set(task.boots.map(({ id }) => id));
  const put = [...wanted].map(([line, { id, each }]) => {
    const [x, y, z] = each.at;
    return { line, in: id, at: { x, y, z, turn: each.turn } };
  });
  const edit = packedInto(
    plan.packed,
    [...put, ...roofs],
    ({ in: to, roof }) => roof !== true && ours.has(to),
  );
  return [{ id: 'loaded', label: 'Load the vehicles', changes: [edit.change] }];
}
