/** What a survey says stands on the floor: chancel, table, stage, seats, aisle. */
import type { Area } from '../documents/index.js';
import { spacingFor } from '../plan-picture/index.js';
import { insideGuesses, ROW_SPACING } from './guesses.js';
import { box, type Measures } from './shapes.js';
import { idOf, type Guessing, type Survey } from './survey.js';
import { inMillimetres } from './walls.js';

/** A chair and its share of the gap beside it, m. */
const SEAT_WIDTH = 0.5;

const SIDE_WALK = 1.2;
/** Between a stage and the first row, m. */
const BEFORE_STAGE = 1.5;

/** Depth, width and height of a surveyed stage, m, guessed where it was not measured; undefined without one. */
export function stageOf({ stage, shape, system }: Survey, { length = 0, width = 0 }: Measures) {
  if (!stage || shape !== 'hall') return undefined;
  const { stageDepth, stageHeight } = insideGuesses(system);
  return {
    depth: Math.min(stage.depth ?? stageDepth, length / 2),
    width: Math.min(stage.width ?? width, width),
    height: stage.height ?? stageHeight,
  };
}

/** The part of the floor where the audience can sit: west of the front, between the side walks. */
function audience(survey: Survey, m: Measures): { x: number; y: number; long: number; wide: number } {
  const { length = 0, width = 0 } = m;
  const side =
    survey.shape === 'nave' ? (m.sideAisle ?? 0) + (m.pillar ?? 0) / 2 : Math.min(SIDE_WALK, width / 8);
  const x = Math.max(1, length * 0.15);
  const stage = stageOf(survey, m);
  const front = stage ? length - stage.depth - BEFORE_STAGE : length * 0.75;
  return { x, y: side, long: Math.max(0, front - x), wide: Math.max(0, width - 2 * side) };
}

/** Everything on the floor of a survey, by id. */
export function areasOf(survey: Survey, m: Measures, guess: Guessing): Record<string, Area> {
  const { shape } = survey;
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
  const stage = stageOf(survey, m);
  if (stage) {
    const outline = box(length - stage.depth, (width - stage.width) / 2, stage.depth, stage.width);
    add('stage', { label: 'stage', kind: 'raised', outline, floor: stage.height });
    const path = `/areas/${idOf('area', 'stage')}`;
    if (survey.stage?.depth === undefined || survey.stage.width === undefined)
      guess(`${path}/outline`, 'size of the stage');
    if (survey.stage?.height === undefined) guess(`${path}/floor`, 'height of the stage');
  }
  return survey.seats && (shape === 'hall' || shape === 'nave')
    ? { ...areas, ...seatsOf(survey, m, guess) }
    : areas;
}

/** Two blocks of seats with an aisle between, filled from the front. */
function seatsOf(survey: Survey, m: Measures, guess: Guessing): Record<string, Area> {
  const guesses = insideGuesses(survey.system);
  const { aisle = guesses.aisle, rows, perRow } = survey;
  const { x, y, long: room, wide } = audience(survey, m);
  const widest = (wide - aisle) / 2;
  const block = perRow === undefined ? widest : Math.min(widest, perRow * SEAT_WIDTH);
  const rowSpacing = survey.rowSpacing ?? spacingOf(room, rows, guesses.rowSpacing);
  const long = rows === undefined ? room : Math.min(room, rows * rowSpacing);
  if (block < SEAT_WIDTH || long < rowSpacing - 1e-6) return {};
  const [back, middle] = [inMillimetres(x + room - long), y + wide / 2];
  const seating = { kind: 'seating' as const, rowSpacing };
  const [north, south, clear] = ['seats north', 'seats south', 'aisle'].map(key => idOf('area', key)) as [
    string,
    string,
    string,
  ];
  if (rows === undefined) guess(undefined, 'how many rows of seats');
  else if (survey.rowSpacing === undefined) guess(`/areas/${north}/rowSpacing`, 'row to row');
  if (survey.aisle === undefined) guess(`/areas/${clear}`, 'width of the centre aisle');
  return {
    [north]: {
      label: 'seats north',
      ...seating,
      outline: box(back, middle - aisle / 2 - block, long, block),
    },
    [south]: { label: 'seats south', ...seating, outline: box(back, middle + aisle / 2, long, block) },
    [clear]: {
      label: 'centre aisle',
      kind: 'keep-clear',
      outline: box(back - 0.5, middle - aisle / 2, long + 1, aisle),
      walk: 'x',
    },
  };
}

/** From row to row where only their number is known: as usual, or closer where the hall is full. */
const spacingOf = (room: number, rows: number | undefined, usual: number): number =>
  rows === undefined ? usual : Math.max(ROW_SPACING.least, Math.min(usual, spacingFor(room, rows)));

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
      floor: inMillimetres(row * rise),
      outline: box(x, walk, rowSpacing, width - 2 * walk),
    };
  }
  return areas;
}
