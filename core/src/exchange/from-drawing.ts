/** Taking a drawing over into a venue: each layer becomes what people said it is. */
import { added, OUTLINE, partsOf, type FreshName } from '../drafting/index.js';
import type { Venue } from '../documents/index.js';
import {
  applyPatch,
  area,
  boxMiddle,
  contains,
  distance,
  isRectangle,
  type Json,
  type Operation,
  type Point,
} from '../foundations/index.js';
import type { Drawing, Shape } from './drawing.js';
import type { Target } from './layers.js';
import { closedRing, joined, simplified, untangled, withoutRepeats, type Path } from './rings.js';

export interface Taken {
  readonly patch: readonly Operation[];
  /** What was mended or left out, in words. */
  readonly notes: readonly string[];
}

/** Most corners an outline may have, and how much is evened out where one has more, m. */
const MOST_CORNERS = 500;
const EVENED = 0.01;
/** A name this near to a thing’s first point is its own, m. */
const SAME_SPOT = 0.002;

type NotOutline = Exclude<Target, 'outline'>;

const FRESH_BY_TARGET: Readonly<Record<NotOutline, FreshName>> = {
  walls: 'wall',
  pillars: 'pillar',
  stairs: 'stairs',
  marks: 'mark',
  sockets: 'socket',
  networkSockets: 'network',
  houseLines: 'houseLine',
  residents: 'resident',
  screens: 'screen',
  ceilingPoints: 'ceilingPoint',
  lamps: 'lamp',
  notes: 'note',
  lightReadings: 'note',
  mobileReadings: 'note',
  'doors inner': 'door',
  'doors exit': 'exit',
  'doors fire': 'exit',
  'doors opening': 'opening',
  'doors window': 'window',
  'areas seating': 'seats',
  'areas raised': 'stage',
  'areas gallery': 'gallery',
  'areas keep-clear': 'keepClear',
  'areas no-film': 'noFilm',
  'areas cameras': 'cameras',
  'areas desk': 'desk',
  'areas obstacle': 'obstacle',
};

/** Targets whose parts are rings, lines of any length, and lines of two ends. */
const isRing = (target: Target): boolean => target.startsWith('areas ') || target === 'stairs';
const isDoor = (target: Target): boolean => target.startsWith('doors ');
const isLine = (target: Target): boolean => target === 'walls' || target === 'houseLines' || isDoor(target);

/** A venue as it fills with what a drawing holds: the patch so far, what the venue is with it, and what was said. */
class Taking {
  readonly patch: Operation[];
  readonly notes: string[] = [];
  private seen: Venue;

  constructor(
    venue: Venue,
    instead: boolean,
    private readonly random: () => number,
  ) {
    this.patch = instead
      ? partsOf(venue)
          .filter(part => part.path !== OUTLINE)
          .map(({ path }) => ({ op: 'remove', path }))
      : [];
    this.seen = applyPatch(venue, this.patch);
  }

  /** Adds a thing where it was drawn; `more` of its fields are known from the drawing. */
  add(
    target: NotOutline,
    where: Point | readonly Point[],
    label: string | undefined,
    more: Record<string, Json> = {},
  ): void {
    const made = added(this.seen, FRESH_BY_TARGET[target], where, this.random);
    const [, map = ''] = made.path.split('/');
    const opened: Operation[] = Object.hasOwn(this.seen, map)
      ? []
      : [{ op: 'add', path: `/${map}`, value: {} }];
    const [operation] = made.patch;
    if (operation?.op !== 'add') return;
    const record: Record<string, Json> = {
      ...(operation.value as Record<string, Json>),
      ...(isPoint(where) && map !== 'doors' ? { at: exact(where) } : {}),
      ...more,
      // Names that a drawing gives twice stay as they are: they are its own.
      ...(label?.trim() ? { label: label.trim().slice(0, 60) } : {}),
    };
    this.take([...opened, { op: 'add', path: made.path, value: record }]);
  }

  /** The walls become a ring. */
  enclose(ring: readonly Point[]): void {
    this.take([{ op: 'replace', path: OUTLINE, value: ring.map(exact) }]);
  }

  private take(operations: readonly Operation[]): void {
    this.patch.push(...operations);
    this.seen = applyPatch(this.seen, operations);
  }
}

/** The names of a layer: each is that of one thing, the one whose first point is nearest, else the one it stands in. */
class Names {
  private readonly used = new Set<Shape>();

  constructor(private readonly names: readonly Shape[]) {}

  of(at: readonly Point[], ring?: readonly Point[]): string | undefined {
    let best: Shape | undefined;
    let off = SAME_SPOT;
    for (const name of this.names) {
      const [place] = name.points;
      if (!place || this.used.has(name)) continue;
      const away = Math.min(...at.map(point => distance(point, place)));
      if (away < off) [best, off] = [name, away];
    }
    best ??=
      ring &&
      this.names.find(name => !this.used.has(name) && name.points[0] && contains(ring, name.points[0]));
    if (best) this.used.add(best);
    return best?.text;
  }
}

/** What a layer holds, by sort. */
interface Drawn {
  readonly paths: readonly Path[];
  readonly circles: readonly Shape[];
  readonly points: readonly Point[];
  readonly names: Names;
}

function drawnOf(target: Target, shapes: readonly Shape[]): Drawn {
  const drawn = shapes.filter(shape => shape.kind === 'path');
  return {
    // Each line of a wall or a door is a thing of its own; an outline may come in pieces.
    paths: isLine(target) ? drawn : joined(drawn),
    circles: shapes.filter(shape => shape.kind === 'circle'),
    points: shapes.filter(shape => shape.kind === 'point').flatMap(shape => shape.points),
    names: new Names(shapes.filter(shape => shape.kind === 'text')),
  };
}

/**
 * The patch that takes a drawing (in metres) over into a venue. `targets` says what each layer becomes; a layer
 * without one is left out. With `instead`, everything drawn before is taken out first. Open outlines with small gaps
 * are closed and crossed ones untangled, and said so; what cannot be mended is left out, and said so.
 */
export function takenFrom(
  drawing: Drawing,
  targets: Readonly<Record<string, Target | undefined>>,
  venue: Venue,
  instead: boolean,
  random: () => number = Math.random,
): Taken {
  const taking = new Taking(venue, instead, random);
  const byTarget = new Map<Target, Shape[]>();
  for (const shape of drawing.shapes) {
    const target = targets[shape.layer];
    if (target) byTarget.set(target, [...(byTarget.get(target) ?? []), shape]);
  }
  for (const [target, shapes] of byTarget) {
    const drawn = drawnOf(target, shapes);
    if (target === 'outline') takeOutline(taking, drawn);
    else if (target === 'pillars') takePillars(taking, drawn);
    else if (isRing(target)) takeRings(taking, target, drawn);
    else if (isLine(target)) takeLines(taking, target, drawn);
    else takeSpots(taking, target, drawn);
  }
  return { patch: taking.patch, notes: [...new Set(taking.notes)] };
}

function takeOutline(taking: Taking, { paths, circles }: Drawn): void {
  const rings = ringsOf([...paths, ...circles.map(circlePath)], 'walls', taking.notes);
  const [largest, ...others] = rings.sort((a, b) => area(b) - area(a));
  if (largest) taking.enclose(largest);
  else
    taking.notes.push('The walls do not close: no line on that layer comes back to its start within 10 cm.');
  for (const ring of others) taking.add('walls', [...ring, ring[0] as Point], undefined);
}

function takePillars(taking: Taking, { paths, circles, points, names }: Drawn): void {
  for (const {
    points: [at = [0, 0] as Point],
    radius = 0.25,
  } of circles) {
    taking.add('pillars', at, names.of([at]), { size: exactNumber(radius * 2), round: true });
  }
  for (const ring of ringsOf(paths, 'pillars', taking.notes)) {
    const pillar = pillarFrom(ring);
    taking.add('pillars', pillar.at, names.of([pillar.at], ring), pillar.shape);
  }
  for (const at of points) taking.add('pillars', at, names.of([at]));
}

/** What a target is called in a note. */
const wordsOf = (target: Target): string => target.replace(/^(areas|doors) /, '');

function takeRings(taking: Taking, target: NotOutline, { paths, circles, names }: Drawn): void {
  for (const ring of ringsOf([...paths, ...circles.map(circlePath)], wordsOf(target), taking.notes)) {
    taking.add(target, ring, names.of(ring.slice(0, 1), ring));
  }
}

function takeLines(taking: Taking, target: NotOutline, { paths, names }: Drawn): void {
  for (const path of paths) {
    const line = withoutRepeats(path.closed ? [...path.points, path.points[0] as Point] : path.points);
    const even = line.length > MOST_CORNERS ? simplified(line, EVENED) : line;
    const label = (): string | undefined => names.of(even.slice(0, 1));
    if (even.length < 2 || even.length > MOST_CORNERS) {
      taking.notes.push(`A line on ${wordsOf(target)} has too many corners, or none; it was left out.`);
    } else if (isDoor(target)) {
      taking.add(target, [even[0] as Point, even.at(-1) as Point], label(), { kind: wordsOf(target) });
    } else taking.add(target, even, label());
  }
}

function takeSpots(taking: Taking, target: NotOutline, { paths, circles, points, names }: Drawn): void {
  const middles = [...circles.flatMap(shape => shape.points), ...paths.map(path => boxMiddle(path.points))];
  for (const at of [...points, ...middles]) taking.add(target, at, names.of([at]));
}

const exactNumber = (metres: number): number => Math.round(metres * 1000) / 1000 + 0;
const exact = ([x, y]: Point): Point => [exactNumber(x), exactNumber(y)];

/** A point where it was drawn: nothing is pulled to a wall. */
const isPoint = (where: Point | readonly Point[]): where is Point => typeof where[0] === 'number';

/** A pillar as a ring shows it: square, turned or not, if it has four equal sides, else as large as its area. */
function pillarFrom(ring: readonly Point[]): { at: Point; shape: Record<string, Json> } {
  const [a = [0, 0] as Point, b = a, c = a] = ring;
  const [long, wide] = [distance(a, b), distance(b, c)];
  const at = boxMiddle(ring);
  if (isRectangle(ring) && Math.abs(long - wide) < 0.005) {
    const slant = (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI;
    const turn = slant - Math.round(slant / 90) * 90;
    const turned = Math.abs(turn) > 0.05 ? { turn: Math.round(turn * 1000) / 1000 } : {};
    return { at, shape: { size: exactNumber((long + wide) / 2), ...turned } };
  }
  const round = ring.length >= 8 ? { round: true } : {};
  return {
    at,
    shape: { size: exactNumber(Math.sqrt(area(ring) / (ring.length >= 8 ? Math.PI / 4 : 1))), ...round },
  };
}

const circlePath = ({ points: [at = [0, 0] as Point], radius = 0 }: Shape): Path => ({
  closed: true,
  points: Array.from({ length: 36 }, (_, i): Point => [
    at[0] + Math.cos((i * Math.PI) / 18) * radius,
    at[1] + Math.sin((i * Math.PI) / 18) * radius,
  ]),
});

/** The rings among some paths, mended where that is possible. */
function ringsOf(paths: readonly Path[], words: string, notes: string[]): Point[][] {
  return paths.flatMap(path => {
    const closed = closedRing(path);
    if (!closed) {
      notes.push(`An open line on ${words} was left out: it does not come back to its start within 10 cm.`);
      return [];
    }
    if (closed.gap > 0.005) notes.push(`Closed a gap of ${Math.round(closed.gap * 100)} cm on ${words}.`);
    const even = closed.ring.length > MOST_CORNERS ? simplified(closed.ring, EVENED) : closed.ring;
    if (even.length > MOST_CORNERS) {
      notes.push(`An outline on ${words} has more than ${MOST_CORNERS} corners; it was left out.`);
      return [];
    }
    const whole = untangled(even);
    if (!whole) {
      notes.push(`An outline on ${words} crosses itself too often to be untangled; it was left out.`);
      return [];
    }
    if (whole.cut > 0) {
      notes.push(`Untangled an outline on ${words} that crossed itself: cut off ${whole.cut.toFixed(2)} m².`);
    }
    return [whole.ring];
  });
}
