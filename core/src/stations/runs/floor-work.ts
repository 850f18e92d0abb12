/** Work on the floor: tape, ramps, hooks over doors, mats, sound beside mains, and the width that is left to pass. */
import type { Venue } from '../../documents/index.js';
import {
  constant,
  DRAWN_TO,
  contains,
  crossing as crossingOf,
  inOrder,
  taken,
  type Figure,
  type Point,
} from '../../foundations/index.js';
import type { GroundResult } from '../ground/index.js';
import * as figures from './figures.js';
import { isMains } from './makes.js';
import type { RunResult } from './result.js';
import { alongFloor, type Squares } from './occupancy.js';
import { passed, rampsOver, type Ramp } from './ramps.js';

export interface FloorWork {
  readonly totalOnFloor: Figure;
  /** Strips of tape along everything that lies on a floor, m. */
  readonly taped: Figure;
  /** A ramp wherever leads cross an aisle. */
  readonly ramps: readonly Ramp[];
  /** Aisle width to be covered by ramps, m. */
  readonly ramped: Figure;
  /** Hooks over the doors that leads go over. */
  readonly hooks: Figure;
  /** Mats over leads in openings that people walk through. */
  readonly mats: Figure;
  /** Sound beside mains, by the lead of the sound. */
  readonly beside: Readonly<Record<string, { readonly mains: Figure; readonly lead: string }>>;
  /** Width left to pass in each aisle that leads cross, by area. */
  readonly passages: Readonly<Record<string, { readonly left: Figure; readonly wideEnough: Figure }>>;
}

type RunMap = Readonly<Record<string, RunResult>>;

/** More leads than this side by side are taped along both edges. */
const MOST_UNDER_ONE_STRIP = 3;
/** Hooks over one door: one at each jamb and one between. */
const HOOKS = 3;
/** Mats come in this length, m. */
const MAT = 0.9;
/** Nearest that sound may lie beside mains, m, and for how long it may nevertheless. */
export const APART = 0.3;
/** Width that somebody in a wheelchair passes, m. */
const PASSAGE = 0.9;
/** Floor that a stand takes, m. */
const STAND = 1;

export interface OnFloor extends Pick<GroundResult, 'aisles' | 'places'> {
  readonly runs: RunMap;
  readonly squares: Readonly<Record<string, Squares>>;
  readonly areas: Venue['areas'] | undefined;
  readonly doors: Venue['doors'] | undefined;
}

export function onTheFloor({ runs, squares, doors, ...ground }: OnFloor): FloorWork {
  const crossing = Object.entries(runs).filter(([, run]) => run.crosses);
  const own = crossing.map(([, run]) => run);
  const ramps = rampsOver(own, ground.areas);
  return {
    totalOnFloor: figures.totalOnFloor.calc(
      [],
      own.flatMap(({ onFloor }) => (onFloor.value === null ? [] : [taken('run', onFloor)])),
    ),
    taped: tapedLength(crossing.flatMap(([id]) => squares[id] ?? [])),
    ramps,
    ramped: rampedWidth(ramps),
    hooks: hooksOver(own),
    mats: matsIn(own, doors),
    beside: besideMains(crossing),
    passages: passagesOf(own, ground),
  };
}

/** Leads that lie together share a strip; more than three want one along each edge. */
function tapedLength(squares: readonly Squares[]): Figure {
  const longest = new Map<number, number>();
  const counts = new Map<number, number>();
  for (const { lengths } of squares) {
    for (const [square, length] of lengths) {
      longest.set(square, Math.max(longest.get(square) ?? 0, length));
      counts.set(square, (counts.get(square) ?? 0) + 1);
    }
  }
  let [single, double] = [0, 0];
  for (const [square, length] of longest) {
    if ((counts.get(square) ?? 0) > MOST_UNDER_ONE_STRIP) double += length;
    else single += length;
  }
  const method = 'floor on which leads lie, in squares of half a metre';
  return figures.taped.calc(
    [],
    [
      constant('few', single, 'm', `${method}: up to ${MOST_UNDER_ONE_STRIP} side by side`),
      constant('many', double, 'm', `${method}: more than that, taped along both edges`),
    ],
  );
}

const rampedWidth = (ramps: readonly Ramp[]): Figure =>
  figures.ramped.calc(
    [],
    ramps.map(({ label, width }) => constant('aisle', width, 'm', `clear width of ${label}`)),
  );

const hooksOver = (runs: readonly RunResult[]): Figure =>
  figures.hooks.calc(
    [],
    passed(runs, 'door').map(zone =>
      constant('door', HOOKS, 'pieces', `over ${zone.label}: one at each jamb, one between`),
    ),
  );

function matsIn(runs: readonly RunResult[], doors: Venue['doors'] | undefined): Figure {
  const walked = inOrder(doors).filter(([, { kind, jambs }]) => {
    const [a, b] = jambs as [Point, Point];
    return (
      kind === 'opening' &&
      runs.some(({ points, aloft }) =>
        points.some(
          (to, i) => i > 0 && !aloft.has(i - 1) && crossingOf(points[i - 1] as Point, to, a, b) !== undefined,
        ),
      )
    );
  });
  return figures.mats.calc(
    [],
    walked.map(([, { label, jambs }]) => {
      const [a, b] = jambs as [Point, Point];
      const width = Math.hypot(a[0] - b[0], a[1] - b[1]);
      return constant('opening', Math.ceil(width / MAT), 'pieces', `across ${label}, in lengths of ${MAT} m`);
    }),
  );
}

/** How far each lead of sound lies beside one of mains, nearer than 0.3 m and in much the same direction. */
function besideMains(crossing: readonly (readonly [string, RunResult])[]): FloorWork['beside'] {
  const mains = crossing.filter(([, { make }]) => isMains(make));
  const beside: Record<string, { mains: Figure; lead: string }> = {};
  for (const [id, run] of crossing) {
    if (run.make !== 'balanced-audio' && run.make !== 'unbalanced-audio') continue;
    let worst = { length: 0, lead: '' };
    for (const [lead, other] of mains) {
      let length = 0;
      alongFloor(run, 0.25, (at, step, direction) => {
        if (runsBeside(other, at, direction)) length += step;
      });
      if (length > worst.length) worst = { length, lead };
    }
    if (worst.lead === '') continue;
    beside[id] = {
      mains: figures.besideMains.found([id], worst.length),
      lead: worst.lead,
    };
  }
  return beside;
}

function runsBeside({ points, aloft }: RunResult, at: Point, direction: Point): boolean {
  for (let i = 1; i < points.length; i++) {
    if (aloft.has(i - 1)) continue;
    const [a, b] = [points[i - 1] as Point, points[i] as Point];
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const length = Math.hypot(dx, dy);
    if (length === 0) continue;
    const along = Math.max(0, Math.min(1, ((at[0] - a[0]) * dx + (at[1] - a[1]) * dy) / (length * length)));
    const away = Math.hypot(at[0] - a[0] - along * dx, at[1] - a[1] - along * dy);
    const turn = Math.abs(direction[0] * dx + direction[1] * dy) / length;
    if (away < APART && turn > Math.SQRT1_2) return true;
  }
  return false;
}

/** What is left of each crossed aisle beside the widest thing that stands in it. */
function passagesOf(
  runs: readonly RunResult[],
  { areas, aisles, places }: Pick<OnFloor, 'areas' | 'aisles' | 'places'>,
): FloorWork['passages'] {
  return Object.fromEntries(
    passed(runs, 'aisle').flatMap(({ id, label }) => {
      const [aisle, area] = [aisles[id], areas?.[id]];
      if (!aisle || !area) return [];
      const stands = Object.entries(places).some(
        ([device, { at, carrier, level, hangs }]) =>
          carrier === device &&
          !hangs &&
          at !== undefined &&
          level === undefined &&
          contains(area.outline, at),
      );
      const left = figures.passageLeft.calc(
        [id],
        [
          taken('width', aisle.width),
          constant('stand', stands ? STAND : 0, 'm', stands ? `a stand in ${label}` : 'nothing stands in it'),
        ],
      );
      const wideEnough = figures.passageWideEnough.calc(
        [id],
        [
          taken('left', left),
          constant('passage', PASSAGE, 'm', 'width for a wheelchair'),
          constant('drawn', DRAWN_TO, 'm', 'drawn to the millimetre'),
        ],
      );
      return [[id, { left, wideEnough }]];
    }),
  );
}
