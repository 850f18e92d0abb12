/** Taking a drawing over into a venue: each layer becomes what people said it is. */
import { added, isRectangle, OUTLINE, partsOf, type FreshName } from '../drafting/index.js';
import type { Venue } from '../documents/index.js';
import {
  applyPatch,
  area,
  boxMiddle,
  contains,
  distance,
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

const FRESH_BY_TARGET: Readonly<Record<Exclude<Target, 'outline'>, FreshName>> = {
  ...{ walls: 'wall', pillars: 'pillar', stairs: 'stairs', marks: 'mark', sockets: 'socket' },
  ...{ networkSockets: 'network', houseLines: 'houseLine', residents: 'resident', screens: 'screen' },
  ...{ ceilingPoints: 'ceilingPoint', lamps: 'lamp', notes: 'note' },
  ...{ lightReadings: 'note', mobileReadings: 'note' },
  ...{ 'doors inner': 'door', 'doors exit': 'exit', 'doors fire': 'exit' },
  ...{ 'doors opening': 'opening', 'doors window': 'window' },
  ...{ 'areas seating': 'seats', 'areas raised': 'stage', 'areas gallery': 'gallery' },
  ...{ 'areas keep-clear': 'keepClear', 'areas no-film': 'noFilm', 'areas cameras': 'cameras' },
  ...{ 'areas desk': 'desk', 'areas obstacle': 'obstacle' },
};

/** Targets whose parts are rings, lines of any length, and lines of two ends. */
const isRing = (target: Target): boolean => target.startsWith('areas ') || target === 'stairs';
const isDoor = (target: Target): boolean => target.startsWith('doors ');
const isLine = (target: Target): boolean => target === 'walls' || target === 'houseLines' || isDoor(target);

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
  const notes: string[] = [];
  const patch: Operation[] = instead
    ? partsOf(venue)
        .filter(part => part.path !== OUTLINE)
        .map(({ path }) => ({ op: 'remove', path }))
    : [];
  let seen = applyPatch(venue, patch);
  const add = (
    target: Exclude<Target, 'outline'>,
    where: Point | readonly Point[],
    label: string | undefined,
    more: Record<string, Json> = {},
  ): void => {
    const made = added(seen, FRESH_BY_TARGET[target], where, random);
    const [, map = ''] = made.path.split('/');
    const opened: Operation[] = Object.hasOwn(seen, map) ? [] : [{ op: 'add', path: `/${map}`, value: {} }];
    const [operation] = made.patch;
    if (operation?.op !== 'add') return;
    const record: Record<string, Json> = {
      ...(operation.value as Record<string, Json>),
      ...(isPoint(where) && map !== 'doors' ? { at: exact(where) } : {}),
      ...more,
      // Names that a drawing gives twice stay as they are: they are its own.
      ...(label?.trim() ? { label: label.trim().slice(0, 60) } : {}),
    };
    const operations: Operation[] = [...opened, { op: 'add', path: made.path, value: record }];
    patch.push(...operations);
    seen = applyPatch(seen, operations);
  };

  const byTarget = new Map<Target, Shape[]>();
  for (const shape of drawing.shapes) {
    const target = targets[shape.layer];
    if (target) byTarget.set(target, [...(byTarget.get(target) ?? []), shape]);
  }
  for (const [target, shapes] of byTarget) {
    const names = shapes.filter(shape => shape.kind === 'text');
    const drawn = shapes.filter(shape => shape.kind === 'path');
    // Each line of a wall or a door is a thing of its own; an outline may come in pieces.
    const paths = isLine(target) ? drawn : joined(drawn);
    const circles = shapes.filter(shape => shape.kind === 'circle');
    const points = shapes.filter(shape => shape.kind === 'point').flatMap(shape => shape.points);
    const used = new Set<Shape>();
    /** The name written just there, nearest first, each once; else one that stands inside. */
    const nameAt = (at: readonly Point[], ring?: readonly Point[]): string | undefined => {
      let best: Shape | undefined;
      let off = SAME_SPOT;
      for (const name of names) {
        const [place] = name.points;
        if (!place || used.has(name)) continue;
        const away = Math.min(...at.map(point => distance(point, place)));
        if (away < off) [best, off] = [name, away];
      }
      best ??=
        ring && names.find(name => !used.has(name) && name.points[0] && contains(ring, name.points[0]));
      if (best) used.add(best);
      return best?.text;
    };
    const words = target.replace(/^(areas|doors) /, '');
    if (target === 'outline') {
      const rings = ringsOf([...paths, ...circles.map(circlePath)], 'walls', notes);
      const [largest, ...others] = rings.sort((a, b) => area(b) - area(a));
      if (!largest)
        notes.push(`The walls do not close: no line on that layer comes back to its start within 10 cm.`);
      else {
        patch.push({ op: 'replace', path: OUTLINE, value: largest.map(exact) });
        seen = applyPatch(seen, [{ op: 'replace', path: OUTLINE, value: largest.map(exact) }]);
      }
      for (const ring of others) add('walls', [...ring, ring[0] as Point], undefined);
    } else if (target === 'pillars') {
      for (const {
        points: [at = [0, 0] as Point],
        radius = 0.25,
      } of circles) {
        add(target, at, nameAt([at]), { size: exactNumber(radius * 2), round: true });
      }
      for (const ring of ringsOf(paths, words, notes)) {
        const pillar = pillarFrom(ring);
        add(target, pillar.at, nameAt([pillar.at], ring), pillar.shape);
      }
      for (const at of points) add(target, at, nameAt([at]));
    } else if (isRing(target)) {
      for (const ring of ringsOf([...paths, ...circles.map(circlePath)], words, notes)) {
        add(target, ring, nameAt(ring.slice(0, 1), ring));
      }
    } else if (isLine(target)) {
      for (const path of paths) {
        const line = withoutRepeats(path.closed ? [...path.points, path.points[0] as Point] : path.points);
        const even = line.length > MOST_CORNERS ? simplified(line, EVENED) : line;
        if (even.length < 2 || even.length > MOST_CORNERS)
          notes.push(`A line on ${words} has too many corners, or none; it was left out.`);
        else if (isDoor(target))
          add(target, [even[0] as Point, even.at(-1) as Point], nameAt(even.slice(0, 1)), { kind: words });
        else add(target, even, nameAt(even.slice(0, 1)));
      }
    } else {
      const middles = [
        ...circles.flatMap(shape => shape.points),
        ...paths.map(path => boxMiddle(path.points)),
      ];
      for (const at of [...points, ...middles]) add(target, at, nameAt([at]));
    }
  }
  return { patch, notes: [...new Set(notes)] };
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
