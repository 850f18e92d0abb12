/** A whole venue from the numbers of a tape measure; what was not measured is guessed, and said to be. */
import type { Circuit, Dimension, Door, Guess, Pillar, Socket, Venue } from '../documents/index.js';
import { distance, ordersFor, type Point } from '../foundations/index.js';
import { guessIn } from './guesses.js';
import { areasOf } from './inside.js';
import { marksOf } from './marks.js';
import { shapeOf, type Measures } from './shapes.js';
import { idOf, type Guessing, type Survey, type SurveyedSocket } from './survey.js';
import { along, inMillimetres, wallOf } from './walls.js';

/** The measures of a survey with the guesses of its shape filled in. */
export function measuresOf({
  shape,
  measures,
  system,
}: Pick<Survey, 'shape' | 'measures' | 'system'>): Measures {
  return Object.fromEntries(
    shapeOf(shape).measures.map(({ key, unit, guess, min, max }) => [
      key,
      Math.min(max, Math.max(min, measures[key] ?? (unit === 'm' ? guessIn(guess, system) : guess))),
    ]),
  );
}

/**
 * The venue of a survey: walls, dimensions, pillars, seats and aisle, one door, circuits with sockets and marks.
 * Pure and the same every time; every value that nobody measured is listed in `guesses`.
 */
export function venueFrom(survey: Survey): Venue {
  const { name, shape, volts, hertz, zone } = survey;
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
  const doors = doorsOf(survey, outline, guess);
  return {
    version: 1,
    name,
    volts,
    hertz,
    ...(zone !== undefined && { zone }),
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
      { order: orders[i] ?? '', label: label(key), axis, from: inMillimetres(from), to: inMillimetres(to) },
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
    const x = inMillimetres(bay * i);
    all[idOf('pillar', `n${i}`)] = { label: `N${i}`, at: [x, inMillimetres(sideAisle)], size };
    all[idOf('pillar', `s${i}`)] = { label: `S${i}`, at: [x, inMillimetres(width - sideAisle)], size };
  }
  return all;
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

function socketsOf({ sockets }: Survey, outline: readonly Point[], guess: Guessing): Record<string, Socket> {
  const orders = ordersFor(sockets.length);
  return Object.fromEntries(
    sockets.map(({ wall, along: at, circuit }, i): [string, Socket] => {
      const id = idOf('socket', i);
      const side = wallOf(outline, wall);
      const long = distance(...side);
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

/** Width of a door that nobody measured: an exit has two leaves. */
const DOOR_WIDTH = { exit: 1.4, inner: 0.9 } as const;

/** The doors of a survey; where none is named, one exit in the west wall. An open field has none of itself. */
function doorsOf({ shape, doors }: Survey, outline: readonly Point[], guess: Guessing): Record<string, Door> {
  const all = doors.length > 0 || shape === 'field' ? doors : [{ wall: 'west', kind: 'exit' } as const];
  return Object.fromEntries(
    all.map((door, i): [string, Door] => {
      const { wall, kind, along: at, width: measured } = door;
      const id = idOf('door', i + 1);
      const side = wallOf(outline, wall);
      const long = distance(...side);
      const half = Math.min((measured ?? DOOR_WIDTH[kind]) / 2, long / 2);
      const mates = all.filter(each => each.wall === wall);
      const middle = at ?? ((mates.indexOf(door) + 1) * long) / (mates.length + 1);
      const label = i === 0 ? 'main door' : `${wall} door ${i + 1}`;
      if (at === undefined) guess(`/doors/${id}`, i === 0 ? 'place of the door' : `place of the ${label}`);
      else if (measured === undefined) guess(`/doors/${id}/jambs`, `width of the ${label}`);
      const jambs = [along(side, middle - half), along(side, middle + half)];
      return [id, { label, kind, height: 2.1, jambs }];
    }),
  );
}
