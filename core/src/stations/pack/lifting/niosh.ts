/**
 * The revised NIOSH lifting equation (Waters, Putz-Anderson and Garg 1993, Applications Manual 1994), in metres: what one
 * person should lift at most, at the start or at the end of a lift, and how heavy a load is against that.
 */
import { constant, declare, standard, type Term } from '../../../foundations/index.js';

const NIOSH = standard('revised NIOSH lifting equation, Applications Manual 94-110');

/** Hands nearer than that count as there, m; farther than that nothing should be lifted. */
const NEAR = 0.25;
const FAR = 0.63;
/** Knuckle height of somebody who stands, m, and over how many metres from it nothing would be left. */
const KNUCKLE = 0.75;
const FALL = 1 / 0.3;
/** Hands no higher, and no farther a lift, than that, m. */
const TOP = 1.75;
/** No wider a turn, °, and how much a degree takes. */
const TURN = 135;
const PER_DEGREE = 0.0032;

const FORMULA =
  '(H > far or V > top or D > top or A > turn) ? 0 * mass : mass * min(1, near / H) * (1 - abs(V - knuckle) / fall) * min(1, least + part / D) * (1 - degree * A) * FM * CM';

export const atStart = declare({
  key: 'pack.cases.*.lifts.*.atStart',
  label: 'One person, where the lift begins',
  unit: 'kg',
  basis: NIOSH,
  formula: FORMULA,
});
export const atEnd = declare({
  key: 'pack.cases.*.lifts.*.atEnd',
  label: 'One person, where it ends',
  unit: 'kg',
  basis: NIOSH,
  formula: FORMULA,
});
export const recommended = declare({
  key: 'pack.cases.*.lifts.*.recommended',
  label: 'One person should lift at most',
  unit: 'kg',
  basis: NIOSH,
  formula: 'min(start, end)',
});
export const index = declare({
  key: 'pack.cases.*.lifts.*.index',
  label: 'Lifting index',
  unit: '×',
  basis: NIOSH,
  formula: 'weight / recommended',
  limits: { raises: 'pack.lift', stop: { above: 3 }, risk: { above: 1 } },
});

export interface Lifted {
  /** Reference mass, kg. */
  readonly mass: Term;
  /** Of the hands from the ankles, m. */
  readonly reach: number;
  /** Of the hands above the floor at this end of the lift, and how far they go up or down, m. */
  readonly hands: number;
  readonly way: number;
  /** The body turns by so many degrees. */
  readonly turn: number;
  readonly frequency: number;
  readonly coupling: number;
}

/** The terms of the equation at one end of a lift. */
export const liftTerms = ({ mass, reach, hands, way, turn, frequency, coupling }: Lifted): Term[] => [
  { ...mass, name: 'mass' },
  constant('H', reach, 'm', 'hands from the ankles'),
  constant('V', hands, 'm', 'hands above the floor'),
  constant('D', way, 'm', 'up or down'),
  constant('A', turn, '°', 'turn of the body'),
  constant('FM', frequency, '', 'by how often and how long'),
  constant('CM', coupling, '', 'by its handles'),
  constant('near', NEAR, 'm', 'nearest'),
  constant('far', FAR, 'm', 'farthest'),
  constant('knuckle', KNUCKLE, 'm', 'knuckle height'),
  constant('fall', FALL, 'm', '0.3 for each metre'),
  constant('least', 0.82, '', 'of the way'),
  constant('part', 0.045, 'm', 'of the way'),
  constant('degree', PER_DEGREE, '', 'for each degree'),
  constant('top', TOP, 'm', 'highest'),
  constant('turn', TURN, '°', 'widest'),
];

/** Lifts a minute, and the multiplier for work of up to an hour, and of up to two. */
const OFTEN: readonly (readonly [lifts: number, hour: number, twoHours: number])[] = [
  [0.2, 1, 0.95],
  [0.5, 0.97, 0.92],
  [1, 0.94, 0.88],
  [2, 0.91, 0.84],
  [3, 0.88, 0.79],
  [4, 0.84, 0.72],
  [5, 0.8, 0.6],
  [6, 0.75, 0.5],
];

/**
 * Frequency multiplier for so many lifts a minute over so many minutes, linear between entries of the table; undefined
 * above 6 a minute or two hours, where nobody should go on without rest or more hands.
 */
export function frequencyOf(lifts: number, minutes: number): number | undefined {
  const column = minutes <= 60 ? 1 : 2;
  const next = OFTEN.findIndex(([at]) => at >= lifts);
  const [above, below] = [OFTEN[next], OFTEN[next - 1]];
  if (minutes > 120 || !above) return undefined;
  if (!below) return above[column];
  return below[column] + ((lifts - below[0]) / (above[0] - below[0])) * (above[column] - below[column]);
}

/** Coupling multiplier: fair handles count as good where hands are at knuckle height or above. */
export function couplingOf(handles: 'good' | 'fair' | 'poor', hands: number): number {
  if (handles === 'poor') return 0.9;
  return handles === 'good' || hands >= KNUCKLE ? 1 : 0.95;
}

/** Hands from the ankles for a case so deep before the body, m, where they are at a height. */
export const reachOf = (depth: number, hands: number): number => (hands >= NEAR ? 0.2 : 0.25) + depth / 2;
