/** Everything from the vehicle to the room: how many trips, how long they take, and whether one person does it at once. */
import type { Facts, Kinds } from '../../../documents/index.js';
import {
  constant,
  given,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type PackGroup,
  type Term,
} from '../../../foundations/index.js';
import type { Equipment } from '../../equipment.js';
import { weightTerm } from '../lifting/cases.js';
import type { CaseResult } from '../lifting/lifts.js';
import { MOST_ALONE, NOBODY } from '../lifting/lifters.js';
import { fewestFor, MOST_PEOPLE, ON_STAIRS } from '../lifting/teams.js';
import type { PackLine, PackLines } from '../result.js';
import * as figures from './figures.js';

export interface CarriedIn {
  readonly lines: PackLines;
  /** For each line the cases and the vehicle around it, the nearest first. */
  readonly travels: Readonly<Record<string, readonly string[]>>;
  readonly cases: Readonly<Record<string, CaseResult>>;
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds['kinds'];
  readonly way: Facts['way'];
}

export interface Carried {
  readonly pieces: Figure;
  readonly weight: Figure;
  readonly trips: Figure;
  readonly each: Figure;
  readonly work: Figure;
  readonly atOnce: Figure;
  readonly far: Figure;
}

/** m/s with something in one's hands; s a step, a door, and to take up and put down. House figures. */
const PACE = 1;
const STEP = 1;
const DOOR = 5;
const HANDLING = 30;
/** Things in two hands; pieces of one person, the third on the back. */
const HANDS = 2;
const ON_ONE = 3;
/** How much may be carried once a minute so far, kg and m (ISO 11228-1). */
const FAR = { kg: 15, metres: 20 };
const NEAR = { kg: 30, metres: 10 };
/** What each hand is full of; the rest is carried in armfuls. */
const ONE_BY_ONE: ReadonlySet<PackGroup> = new Set(['Cameras', 'Desk', 'Cases and stands']);

export function carriedOf(reads: CarriedIn): Carried {
  const { lines, travels, cases, devices, kinds, way } = reads;
  const isVehicle = (id: string): boolean => kinds[devices?.[id]?.kind ?? '']?.vehicle !== undefined;
  const outermost = Object.keys(lines).filter(
    id => !isVehicle(id) && (travels[id] ?? []).every(at => isVehicle(at)),
  );
  const [inCases, loose] = [
    outermost.filter(id => cases[id] !== undefined),
    outermost.filter(id => cases[id] === undefined),
  ];
  const rolled = (id: string): boolean =>
    cases[id]?.wheels === true && (way?.steps ?? 0) === 0 && (cases[id].by ?? 0) === 0;
  const looseKg = loose.flatMap(id => weightTerm(lines[id], kinds) ?? []);
  const looseTerm = constant(
    'loose',
    looseKg.reduce((sum, { value }) => sum + Number(value), 0),
    'kg',
    'loose things that were weighed',
  );
  const pieces = figures.carriedPieces.found(
    [],
    inCases.length + loose.reduce((sum, id) => sum + (lines[id]?.count ?? 0), 0),
  );
  const weight = figures.carriedWeight.calc(
    [],
    [
      ...inCases.flatMap(id => (rolled(id) || !cases[id] ? [] : [taken('cased', cases[id].weight)])),
      looseTerm,
    ],
  );
  const trips = figures.carriedTrips.calc(
    [],
    [
      ...inCases.map(id =>
        constant('cased', tripsOf(id, reads, rolled(id)), 'trips', cases[id]?.label ?? id),
      ),
      ...[looseTerm, NOBODY.each],
      constant('things', loose.filter(id => isOneByOne(lines[id])).length, 'pieces', 'loose gear'),
      constant('hands', HANDS, 'pieces', 'two hands'),
    ],
  );
  const each = eachTrip(way);
  return {
    ...{ pieces, weight, trips, each },
    work:
      each.why === undefined
        ? figures.carriedWork.calc([], [taken('trips', trips), taken('each', each)])
        : figures.carriedWork.unknown([], each.why),
    atOnce: atOnceOf(pieces, weight, way),
    far: farOf(weight),
  };
}

/** How many walk with a case: those who lift it, else as many as it takes; on its wheels one. */
function tripsOf(id: string, { cases }: CarriedIn, rolled: boolean): number {
  if (rolled) return 1;
  const said = cases[id]?.by ?? 0;
  return said > 0 ? said : (fewestFor(numberOf(cases[id]?.weight) ?? 0) ?? MOST_PEOPLE);
}

function eachTrip(way: Facts['way']): Figure {
  const { distance, steps, doors } = way ?? {};
  const term = (name: string, value: number | undefined, unit: 'm' | 'pieces'): Term =>
    given(name, value, unit, 'venue', `/facts/way/${name}`);
  const missing = Object.entries({ distance, steps, doors }).find(([, value]) => value === undefined);
  if (missing) return figures.carriedEach.unknown([], WHY[missing[0]] ?? '');
  return figures.carriedEach.calc(
    [],
    [
      ...[term('distance', distance, 'm'), constant('pace', PACE, 'm/s', 'with something in one’s hands')],
      ...[term('steps', steps, 'pieces'), constant('step', STEP, 's', 'a step')],
      ...[term('doors', doors, 'pieces'), constant('door', DOOR, 's', 'a door')],
      constant('handling', HANDLING, 's', 'to take up and put down'),
    ],
  );
}

const WHY: Readonly<Record<string, string>> = {
  distance: 'how far it is from the vehicle to the room was not measured',
  steps: 'the steps on the way in were not counted',
  doors: 'the doors on the way in were not counted',
};

function atOnceOf(pieces: Figure, weight: Figure, way: Facts['way']): Figure {
  const terms = [taken('pieces', pieces), taken('weight', weight), NOBODY.each];
  const most = NOBODY.limit * ((way?.steps ?? 0) > 0 ? ON_STAIRS : 1);
  const few = (numberOf(pieces) ?? 0) <= ON_ONE;
  return figures.carriedAtOnce.found([], few && (numberOf(weight) ?? 0) <= most, terms);
}

function farOf(weight: Figure): Figure {
  const kg = numberOf(weight) ?? 0;
  const terms = [taken('weight', weight)];
  if (kg > MOST_ALONE) return figures.carriedFar.unknown([], 'more than one person carries at once', terms);
  const beyond = Math.max(kg - FAR.kg, 0) / (NEAR.kg - FAR.kg);
  return figures.carriedFar.found([], FAR.metres - beyond * (FAR.metres - NEAR.metres), terms);
}

const isOneByOne = (line: PackLine | undefined): boolean => line !== undefined && ONE_BY_ONE.has(line.group);
