/** A whole venue from the numbers of a tape measure; what was not measured is guessed, and said to be. */
import type {
  Area,
  Circuit,
  Dimension,
  Door,
  Guess,
  Mark,
  Pillar,
  Socket,
  Venue,
} from '../documents/index.js';
import { boundsOf, idFrom, ordersFor, sidesOf, type Point } from '../foundations/index.js';
import { box, shapeOf, type Measures, type ShapeName } from './shapes.js';
import { type Survey, type SurveyedSocket, type Wall } from './survey.js';

/** Notes a guess; without a path when several values follow from it. */
type Guessing = (path: string | undefined, label: string) => void;

/** Clear width of an aisle that nobody measured, m. */
export const AISLE_GUESS = 1.4;

const SEAT_SPACING = 0.95;
const SIDE_WALK = 1.2;
const rounded = (metres: number): number => Math.round(metres * 1000) / 1000;

/** Ids that stay the same when the same survey is made again. */
const idOf = (kind: string, n: number | string): string => idFrom(`survey/${kind}/${n}`);

/** The measures of a survey with the guesses of its shape filled in. */
export function measuresOf({ shape, measures }: Pick<Survey, 'shape' | 'measures'>): Measures {
  return Object.fromEntries(
    shapeOf(shape).measures.map(({ key, guess, min, max }) => [
      key,
      Math.min(max, Math.max(min, measures[key] ?? guess)),
    ]),
  );
}

/**
 * The venue of a survey: walls, dimensions, pillars, seats and aisle, one door, circuits with sockets and marks.
 * Pure and the same every time; every value that nobody measured is listed in `guesses`.
 */
export function venueFrom(survey: Survey): Venue {
  const { name, shape, volts, hertz } = survey;
  const m = measuresOf(survey);
  const guesses: Omit<Guess, 'order'>[] = [];
  const guess: Guessing = (path, label) =>
    void guesses.push(path === undefined ? { label } : { path, label });

  const outline = shapeOf(shape).outline(m);
  const dimensions = dimensionsOf(survey, m, guess);
  const areas = areasOf(survey, m, guess);
  const pillars = shape === 'nave' ? pillarsOf(m) : {};
  const marks = marksOf(survey, m, outline, guess);
  const sockets = socketsOf(survey, outline, guess);
  const doors = doorOf(shape, outline, guess);
  return {
    version: 1,
    name,
    volts,
    hertz,
    outline,
    dimensions,
    pillars,
    areas,
    doors,
    marks,
    circuits: circuitsOf(survey.circuits),
    sockets,
    guesses: inOneMap(guesses),
  };
}

function inOneMap(guesses: readonly Omit<Guess, 'order'>[]): Record<string, Guess> {
  const orders = ordersFor(guesses.length);
  return Object.fromEntries(
    guesses.map((each, i) => [idOf('guess', i), { order: orders[i] ?? '', ...each }]),
  );
}

function dimensionsOf({ shape, measures }: Survey, m: Measures, guess: Guessing): Record<string, Dimension> {
  const spans = shapeOf(shape).spans(m);
  const orders = ordersFor(spans.length);
  const label = (key: string): string =>
    shapeOf(shape).measures.find(measure => measure.key === key)?.label ?? key;
  const dimensions = Object.fromEntries(
    spans.map(({ key, axis, from, to }, i): [string, Dimension] => [
      idOf('dimension', key),
      { order: orders[i] ?? '', label: label(key), axis, from: rounded(from), to: rounded(to) },
    ]),
  );
  for (const { key, label: words } of shapeOf(shape).measures) {
    if (measures[key] !== undefined) continue;
    const id = idOf('dimension', key);
    guess(dimensions[id] && `/dimensions/${id}`, words);
  }
  return dimensions;
}

/** Two rows from the west end of the nave to a bay before its east end. */
function pillarsOf(m: Measures): Record<string, Pillar> {
  const { length = 0, width = 0, sideAisle = 0, pillar: size = 0.7, pillars: count = 0 } = m;
  const bay = length / (count + 1);
  const all: Record<string, Pillar> = {};
  for (let i = 1; i <= count; i++) {
    const x = rounded(bay * i);
    all[idOf('pillar', `n${i}`)] = { label: `N${i}`, at: [x, rounded(sideAisle)], size };
    all[idOf('pillar', `s${i}`)] = { label: `S${i}`, at: [x, rounded(width - sideAisle)], size };
  }
  return all;
}

/** The part of the floor where the audience can sit: west of the front, between the side walks. */
function audience({ shape }: Survey, m: Measures): { x: number; y: number; long: number; wide: number } {
  const { length = 0, width = 0 } = m;
  const side = shape === 'nave' ? (m.sideAisle ?? 0) + (m.pillar ?? 0) / 2 : Math.min(SIDE_WALK, width / 8);
  const x = Math.max(1, length * 0.15);
  return { x, y: side, long: Math.max(0, length * 0.75 - x), wide: Math.max(0, width - 2 * side) };
}

function areasOf(survey: Survey, m: Measures, guess: Guessing): Record<string, Area> {
  const { shape, seats, aisle = AISLE_GUESS } = survey;
  const { length = 0, width = 0 } = m;
  const areas: Record<string, Area> = {};
  const add = (key: string, area: Area): void => void (areas[idOf('area', key)] = area);
  if (shape === 'nave' && (m.chancelLength ?? 0) > 0) {
    const wide = Math.min(m.chancelWidth ?? 0, width);
    const outline = box(length, (width - wide) / 2, m.chancelLength ?? 0, wide);
    add('chancel', { label: 'chancel', kind: 'raised', outline, floor: 0.15 });
  }
  if (shape === 'meeting') {
    const [long, wide] = [Math.min(m.tableLength ?? 0, length), Math.min(m.tableWidth ?? 0, width)];
    const outline = box((length - long) / 2, (width - wide) / 2, long, wide);
    add('table', { label: 'table', kind: 'obstacle', outline, top: 0.75 });
  }
  if (shape === 'theatre') return { ...areas, ...theatreOf(m) };
  if (!seats || (shape !== 'hall' && shape !== 'nave')) return areas;
  const { x, y, long, wide } = audience(survey, m);
  const block = (wide - aisle) / 2;
  if (block < 0.6 || long < SEAT_SPACING) return areas;
  const seating = { kind: 'seating' as const, rowSpacing: SEAT_SPACING };
  add('seats north', { label: 'seats north', ...seating, outline: box(x, y, long, block) });
  add('seats south', { label: 'seats south', ...seating, outline: box(x, y + block + aisle, long, block) });
  const clear = box(x - 0.5, y + block, long + 1, aisle);
  add('aisle', { label: 'centre aisle', kind: 'keep-clear', outline: clear, walk: 'x' });
  if (survey.aisle === undefined) guess(`/areas/${idOf('area', 'aisle')}`, 'width of the centre aisle');
  return areas;
}

/** A stage in the east and a block for every row, each on its own floor, so that sight over heads is exact. */
function theatreOf(m: Measures): Record<string, Area> {
  const { length = 0, width = 0, stageDepth = 0, stageHeight = 0, rows = 0, rowSpacing = 0.95, rise = 0 } = m;
  const front = length - Math.min(stageDepth, length);
  const areas: Record<string, Area> = {
    [idOf('area', 'stage')]: {
      label: 'stage',
      kind: 'raised' as const,
      floor: stageHeight,
      outline: box(front, 0, length - front, width),
    },
  };
  const walk = Math.min(SIDE_WALK, width / 8);
  for (let row = 0; row < rows; row++) {
    const x = front - 2 - (row + 1) * rowSpacing;
    if (x < 0.5) break;
    areas[idOf('area', `row ${row + 1}`)] = {
      label: `row ${row + 1}`,
      kind: 'seating' as const,
      rowSpacing,
      floor: rounded(row * rise),
      outline: box(x, walk, rowSpacing, width - 2 * walk),
    };
  }
  return areas;
}

/** Marks side by side across the front, facing the audience in the west. */
function marksOf(
  survey: Survey,
  m: Measures,
  outline: readonly Point[],
  guess: Guessing,
): Record<string, Mark> {
  const { min, max } = boundsOf(outline);
  const { length = max[0], stageDepth } = m;
  const x = rounded(stageDepth === undefined ? length * 0.83 : length - stageDepth * 0.7);
  const width = m.width ?? max[1] - min[1];
  const orders = ordersFor(survey.marks.length);
  return Object.fromEntries(
    survey.marks.map((label, i): [string, Mark] => {
      const id = idOf('mark', i);
      const y = rounded(min[1] + (width * (i + 1)) / (survey.marks.length + 1));
      guess(`/marks/${id}/at`, `place of ${label}`);
      return [id, { order: orders[i] ?? '', label, at: [x, y], height: 1.6, facing: 180 }];
    }),
  );
}

function circuitsOf(amps: readonly number[]): Record<string, Circuit> {
  const orders = ordersFor(amps.length);
  return Object.fromEntries(
    amps.map((each, i) => [
      idOf('circuit', i + 1),
      { order: orders[i] ?? '', label: `Circuit ${i + 1}`, amps: each },
    ]),
  );
}

const FACING: Readonly<Record<Wall, Point>> = { north: [0, -1], east: [1, 0], south: [0, 1], west: [-1, 0] };

/** The side of an outline that looks most in a direction, the longer of two; its west or north end first. */
export function wallOf(outline: readonly Point[], wall: Wall): [Point, Point] {
  const { min, max } = boundsOf(outline);
  const middle: Point = [(min[0] + max[0]) / 2, (min[1] + max[1]) / 2];
  const [fx, fy] = FACING[wall];
  let best: [Point, Point] = [outline[0] ?? [0, 0], outline[1] ?? [0, 0]];
  let bestScore = -Infinity;
  for (const [a, b] of sidesOf([...outline])) {
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const long = Math.hypot(dx, dy);
    if (long < 1e-6) continue;
    // Outward: away from the middle of the room.
    const half: Point = [(a[0] + b[0]) / 2 - middle[0], (a[1] + b[1]) / 2 - middle[1]];
    const sign = -dy * half[0] + dx * half[1] >= 0 ? 1 : -1;
    const look = (sign * (-dy * fx + dx * fy)) / long;
    const score = look * 1000 + Math.min(999, long) / 1000 + (fx * half[0] + fy * half[1]) / 1e6;
    if (look > 0.1 && score > bestScore) [best, bestScore] = [[a, b], score];
  }
  const [a, b] = best;
  return a[0] + a[1] <= b[0] + b[1] ? [a, b] : [b, a];
}

function along([a, b]: readonly [Point, Point], metres: number): Point {
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const t = long === 0 ? 0 : Math.min(1, Math.max(0, metres / long));
  return [rounded(a[0] + (b[0] - a[0]) * t), rounded(a[1] + (b[1] - a[1]) * t)];
}

function socketsOf({ sockets }: Survey, outline: readonly Point[], guess: Guessing): Record<string, Socket> {
  const orders = ordersFor(sockets.length);
  return Object.fromEntries(
    sockets.map(({ wall, along: at, circuit }, i): [string, Socket] => {
      const id = idOf('socket', i);
      const side = wallOf(outline, wall);
      const long = Math.hypot(side[1][0] - side[0][0], side[1][1] - side[0][1]);
      const mates = sockets.filter(other => other.wall === wall);
      const place = ((mates.indexOf(sockets[i] as SurveyedSocket) + 1) * long) / (mates.length + 1);
      const label = `${wall} wall ${i + 1}`;
      if (at === undefined) guess(`/sockets/${id}/at`, `place of socket ${label}`);
      return [
        id,
        {
          order: orders[i] ?? '',
          label,
          at: along(side, at ?? place),
          outlets: 2,
          amps: 13,
          circuit: idOf('circuit', circuit),
        },
      ];
    }),
  );
}

/** One exit in the west wall, until the real doors are entered; an open field has none. */
function doorOf(shape: ShapeName, outline: readonly Point[], guess: Guessing): Record<string, Door> {
  if (shape === 'field') return {};
  const side = wallOf(outline, 'west');
  const long = Math.hypot(side[1][0] - side[0][0], side[1][1] - side[0][1]);
  const half = Math.min(0.7, long / 3);
  const id = idOf('door', 1);
  guess(`/doors/${id}`, 'place of the door');
  const jambs = [along(side, long / 2 - half), along(side, long / 2 + half)];
  return { [id]: { label: 'main door', kind: 'exit', height: 2.1, jambs } };
}
