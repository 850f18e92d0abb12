/** Other ways for one lead, with what each is longer and what it crosses; worked out when somebody asks. */
import type { Venue, Way, Waypoint } from '../../documents/index.js';
import {
  boxMiddle,
  CostField,
  distance,
  distanceToSegment,
  inOrder,
  listed,
  sidesOf,
  type Point,
} from '../../foundations/index.js';
import type { Seen } from '../station.js';
import { throughSeats } from './among-seats.js';
import { endAt, endOf } from './ends.js';
import type { Zone } from './floor.js';
import type { RunsReads, RunsResult } from './index.js';
import type { Stop } from './laying.js';
import { routeTo, type Route } from './route.js';

export interface Alternative {
  /** `along the north wall`, `round the east`, `by the ceiling points`, `not over the centre aisle`. */
  readonly name: string;
  /** How much more cable it takes than the way it has now, m; negative where it takes less. */
  readonly longer: number;
  readonly crossings: readonly Zone[];
  /** What the lead is to be laid by; undefined = as the plan would lay it by itself. */
  readonly way: Way | undefined;
  readonly points: readonly Point[];
  /** How much of it lies among seats, m. */
  readonly seats: number;
}

/** Ways as near as this to each other all along are one, m. */
const SAME = 0.75;
/** Cells this near to the present way are made dear, to find one on another side; and how dear. */
const BESIDE = 1.2;
const DEAR = 4;
/** As many places can a lead keep away from. */
const MOST_AVOIDED = 50;

type RunsSeen = Pick<Seen<RunsReads, RunsResult>, 'own' | 'devices' | 'ground' | 'signal' | 'links'>;

/** Length of a way that its lead takes, without rises and tails, m. */
const lengthOf = ({ onFloor, between, crossings }: Route): number =>
  onFloor + between + crossings.reduce((sum, zone) => sum + zone.added, 0);

/** Up to five ways that differ from the present one and from each other, the shortest first. */
export function alternativesOf(id: string, { own, links, ...reads }: RunsSeen): Alternative[] {
  const link = links?.[id];
  if (!link || !own.runs[id]?.crosses) return [];
  const laying = own.laying();
  const stop = (side: 'from' | 'to'): Stop | undefined => {
    const { at, level, fixed } = endOf(link[side], endAt(link[side], reads), reads.signal.wiring);
    return at && { at, fixed, level: laying.levelOf(level) };
  };
  const [from, to] = [stop('from'), stop('to')];
  if (!from || !to) return [];
  const now = laying.route(from, to, link.way);
  const free = laying.route(from, to);
  const base = now ?? free;
  const found: Alternative[] = [];
  const add = (name: string, way: Way | undefined, route: Route | undefined): void => {
    if (!route || (now && alike(route, now)) || found.some(each => alike(route, each))) return;
    const longer = now ? lengthOf(route) - lengthOf(now) : lengthOf(route);
    const seats = throughSeats(route, reads.ground.venue).metres;
    found.push({ name, longer, crossings: route.crossings, way, points: route.points, seats });
  };
  if (link.way && free) add(passing(free, reads.ground.venue), undefined, free);
  if (!base) return found;
  const avoided = link.way?.avoid ?? [];
  for (const zone of base.crossings) {
    const way = { ...link.way, avoid: [...avoided, zone.id] };
    add(`not ${zone.kind === 'aisle' ? 'over' : 'past'} ${zone.label}`, way, laying.route(from, to, way));
  }
  if (base.crossings.length > 1) {
    const way = { ...link.way, avoid: [...avoided, ...base.crossings.map(zone => zone.id)] };
    add('without any crossing', way, laying.route(from, to, way));
  }
  const blocks = own.amongSeats[id]?.blocks ?? [];
  const seats = inOrder(reads.ground.venue.areas).flatMap(([area, { kind }]) =>
    kind === 'seating' ? area : [],
  );
  for (const round of blocks.length > 0 ? [...blocks.map(block => [block]), seats] : []) {
    const name = round === seats ? 'all seats' : (reads.ground.venue.areas?.[round[0] ?? '']?.label ?? '');
    const way = { ...link.way, avoid: [...new Set([...avoided, ...round])].slice(0, MOST_AVOIDED) };
    add(`round ${name}`, way, laying.route(from, to, way));
  }
  if (!link.way?.ceiling && inOrder(reads.ground.venue.ceilingPoints).length > 0) {
    const way = { ...link.way, ceiling: true };
    add('by the ceiling points', way, laying.route(from, to, way));
  }
  const other = otherSide(base, from, to, laying, link.way);
  if (other) {
    const way = { ...link.way, pins: [other.pin] };
    add(sideName(other.pin.at, reads.ground.venue.outline), way, laying.route(from, to, way));
  }
  return found.sort((a, b) => a.longer - b.longer).slice(0, 5);
}

function alike(a: Pick<Route, 'points'>, b: Pick<Route, 'points'>): boolean {
  const near = (at: Point, points: readonly Point[]): boolean =>
    points.some((to, i) => i > 0 && distanceToSegment(at, points[i - 1] as Point, to) < SAME);
  return a.points.every(at => near(at, b.points)) && b.points.every(at => near(at, a.points));
}

/** A place to pin on the cheapest way that keeps clear of the present one. */
function otherSide(
  base: Route,
  from: Stop,
  to: Stop,
  laying: ReturnType<RunsResult['laying']>,
  way: Way | undefined,
): { readonly pin: Waypoint } | undefined {
  if (from.level !== to.level) return undefined;
  const floor = laying.floor(way);
  const costs = floor.grid.costs.slice();
  const { columns, rows, origin, cell } = floor.grid;
  for (let index = 0; index < columns * rows; index++) {
    const at: Point = [
      origin[0] + ((index % columns) + 0.5) * cell,
      origin[1] + (Math.floor(index / columns) + 0.5) * cell,
    ];
    if (distance(at, from.at) < 2 || distance(at, to.at) < 2 || costs[index] === Infinity) continue;
    const beside = base.points.some(
      (b, i) => i > 0 && distanceToSegment(at, base.points[i - 1] as Point, b) < BESIDE,
    );
    if (beside) costs[index] = (costs[index] ?? 1) * DEAR;
  }
  const field = new CostField({ ...floor.grid, costs }, to.at, to.level);
  const route = routeTo({ ...floor, grid: field.grid }, field, from.at, from.level);
  if (!route) return undefined;
  const away = (at: Point): number =>
    Math.min(...base.points.slice(1).map((b, i) => distanceToSegment(at, base.points[i] as Point, b)));
  const corner = route.points
    .slice(1, -1)
    .reduce<Point | undefined>(
      (best, at) => (best === undefined || away(at) > away(best) ? at : best),
      undefined,
    );
  return corner && away(corner) > BESIDE ? { pin: { at: rounded(corner) } } : undefined;
}

const rounded = ([x, y]: Point): Point => [Math.round(x * 20) / 20, Math.round(y * 20) / 20];

/** A way by what it passes: `over Aisle and past Main door`, else by the side of the room that it takes. */
function passing({ crossings, points }: Route, { outline }: Pick<Venue, 'outline'>): string {
  if (crossings.length > 0) {
    return listed(crossings.map(({ kind, label }) => `${kind === 'aisle' ? 'over' : 'past'} ${label}`));
  }
  return sideName(points[points.length >> 1] as Point, outline);
}

/** `along the north wall` or `round the west`, by where in the room a place is. */
function sideName(at: Point, outline: readonly Point[]): string {
  const [mx, my] = boxMiddle(outline);
  const [dx, dy] = [at[0] - mx, at[1] - my];
  const side = Math.abs(dx) > Math.abs(dy) ? (dx > 0 ? 'east' : 'west') : dy > 0 ? 'south' : 'north';
  const atWall = [...sidesOf(outline)].some(([a, b]) => distanceToSegment(at, a, b) < 0.6);
  return atWall ? `along the ${side} wall` : `round the ${side}`;
}
