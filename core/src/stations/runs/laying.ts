/** Laying: floors and least-cost fields, made when they are first asked for and kept while the room stays as it is. */
import type { Way, Waypoint } from '../../documents/index.js';
import { CostField, type Point } from '../../foundations/index.js';
import { floorOf, type Floor, type Room } from './floor.js';
import { joined, reversed, routeTo, type Route, type Spot } from './route.js';

/** Fields kept at most for one floor, those asked last; a dragged desk makes a new one at every step. */
const MOST_FIELDS = 160;
/** Ways kept at most for one floor, until all are forgotten: leads between the same two places lie in one. */
const MOST_LEGS = 2000;

interface Laid {
  readonly floor: Floor;
  readonly fields: Map<string, CostField>;
  readonly legs: Map<string, Route | undefined>;
}

/** An end of a lead, and whether it stays put while people plan. */
export interface Stop extends Spot {
  readonly fixed: boolean;
}

export class Laying {
  private readonly floors = new Map<string, Laid>();

  constructor(private readonly venue: Room) {}

  /** The floor for leads that keep away from some aisles and doors, or may hang from the ceiling. */
  floor(way?: Way): Floor {
    return this.laid(way).floor;
  }

  /** The floor in the grid that a gallery is; the ground where it is none. */
  levelOf(gallery: string | undefined): number {
    return gallery === undefined ? 0 : (this.floor().levels.get(gallery) ?? 0);
  }

  /** The least-cost way between two spots through its pins; undefined where no lead can get through. */
  route(from: Stop, to: Stop, way?: Way): Route | undefined {
    const pins = (way?.pins ?? []).map((pin: Waypoint): Stop => ({
      at: pin.at,
      level: this.levelOf(pin.level),
      fixed: false,
    }));
    const stops = [from, ...pins, to];
    const laid = this.laid(way);
    let whole: Route | undefined;
    for (let i = 1; i < stops.length; i++) {
      const leg = legOf(laid, stops[i - 1] as Stop, stops[i] as Stop);
      if (!leg) return undefined;
      whole = whole ? joined(whole, leg) : leg;
    }
    return whole && stepsAtEnds(whole, laid.floor, from, to);
  }

  private laid(way: Way | undefined): Laid {
    const avoid = [...(way?.avoid ?? [])].sort();
    const ceiling = way?.ceiling === true;
    const key = `${ceiling ? 'ceiling ' : ''}${avoid.join(' ')}`;
    let laid = this.floors.get(key);
    if (!laid) {
      const floor = floorOf(this.venue, { avoid: new Set(avoid), ceiling });
      laid = { floor, fields: new Map(), legs: new Map() };
      this.floors.set(key, laid);
    }
    return laid;
  }
}

/** Less than this is no step, such as between two places of a floor that rises, m. */
const STEP = 0.05;
/** The place itself and those a centimetre around it, m. */
const EDGES = [
  [0, 0],
  [0.01, 0],
  [-0.01, 0],
  [0, 0.01],
  [0, -0.01],
] as const;

/**
 * A way with the steps at its ends: what stands within half a cell of the edge of a raised floor is in a cell of
 * another height than its own.
 */
function stepsAtEnds(route: Route, { heightAt }: Floor, from: Spot, to: Spot): Route {
  const last = route.floors.length - 1;
  const own = (spot: Spot, height: number): number => {
    const heightBeside = ([x, y]: Point): number => heightAt([spot.at[0] + x, spot.at[1] + y], spot.level);
    // On the very edge both floors are its own.
    return EDGES.some(each => Math.abs(heightBeside(each) - height) < STEP) ? height : heightBeside(EDGES[0]);
  };
  const floors = route.floors.map((height, i) =>
    i === 0 ? own(from, height) : i === last ? own(to, height) : height,
  );
  const steps = route.floors.reduce((sum, height, i) => sum + Math.abs(height - (floors[i] ?? height)), 0);
  return steps === 0 ? route : { ...route, floors, between: route.between + steps };
}

/** The way from one stop straight on to the next. */
function legOf(laid: Laid, a: Stop, b: Stop): Route | undefined {
  // The field is kept around the end that stays put, so that moving the other costs one walk down it.
  const ahead = b.fixed || !a.fixed;
  const key = `${keyOf(a)} ${keyOf(b)} ${ahead}`;
  const known = laid.legs.get(key);
  if (known || laid.legs.has(key)) return known;
  const leg = ahead
    ? routeTo(laid.floor, fieldAt(laid, b), a.at, a.level)
    : turned(routeTo(laid.floor, fieldAt(laid, a), b.at, b.level));
  if (laid.legs.size >= MOST_LEGS) laid.legs.clear();
  laid.legs.set(key, leg);
  return leg;
}

const keyOf = ({ at, level }: Spot): string => `${at[0]},${at[1]},${level}`;

const turned = (route: Route | undefined): Route | undefined => route && reversed(route);

function fieldAt({ floor, fields }: Laid, spot: Spot): CostField {
  const key = keyOf(spot);
  const known = fields.get(key);
  if (known) {
    fields.delete(key);
    fields.set(key, known);
    return known;
  }
  const oldest = fields.size >= MOST_FIELDS ? fields.keys().next().value : undefined;
  const field = new CostField(
    floor.grid,
    spot.at,
    spot.level,
    oldest === undefined ? undefined : fields.get(oldest),
  );
  if (oldest !== undefined) fields.delete(oldest);
  fields.set(key, field);
  return field;
}
