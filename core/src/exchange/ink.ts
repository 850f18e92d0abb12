/** A venue as black ink on white paper, to scale: signs, doors, rows and names on top of its drawing. */
import type { Venue } from '../documents/index.js';
import { inOrder, type Point, type Reading } from '../foundations/index.js';
import {
  doorLeaf,
  groundNames,
  PLAN_SCALE,
  screenEdge,
  seatRows,
  SIGNS,
  standingNames,
  treads,
  type DoorLeaf,
} from '../plan-picture/index.js';

/** One thing that is drawn over the drawing: an SVG path, in metres of the venue. */
export interface Ink {
  readonly d: string;
  /** Where the path's zero lies, and how large its unit is there, m. */
  readonly at: Point;
  readonly unit: number;
  /** Width of the line on the paper, m; absent = none. */
  readonly stroke?: number;
  readonly colour: 'black' | 'white' | 'grey';
  readonly fill?: 'white' | 'grey' | 'black';
}

export interface WrittenName {
  readonly text: string;
  /** Its middle, m of the venue. */
  readonly at: Point;
  /** Height of its letters, m of the venue. */
  readonly size: number;
  readonly upright: boolean;
  readonly bold: boolean;
}

const MM = 0.001;
/** Height of letters of an ordinary name on the paper, m, and what that is in the plan picture. */
const LETTERS = 2.4 * MM;
const LETTERS_DRAWN = 11.5;

const place = ([x, y]: Point): string => `${round(x)},${round(y)}`;
const round = (metres: number): number => Math.round(metres * 1e4) / 1e4 + 0;
const ring = (points: readonly Point[]): string => `M${points.map(place).join('L')}Z`;
const line = (points: readonly Point[]): string => `M${points.map(place).join('L')}`;

/** How much larger than on a screen everything is drawn for a scale of 1 to so many. */
const letteringOf = (scale: number): number => (LETTERS * scale * PLAN_SCALE) / LETTERS_DRAWN;

/** What is drawn over the shapes of a venue at a scale of 1 to so many, in the order in which it is drawn. */
export function inkOf(venue: Venue, scale: number): Ink[] {
  const flat = (d: string, look: Omit<Ink, 'd' | 'at' | 'unit'>): Ink => ({
    d,
    at: [0, 0],
    unit: 1,
    ...look,
  });
  const unit = letteringOf(scale) / PLAN_SCALE;
  const sign = (map: keyof typeof SIGNS, fill: Ink['fill'] = 'white') =>
    inOrder<{ at: Point }>(venue[map]).map(([, { at }]): Ink => ({
      d: SIGNS[map],
      at,
      unit,
      stroke: 0.3 * MM,
      colour: 'black',
      fill,
    }));
  return [
    ...inOrder(venue.areas).flatMap(([, area]) =>
      seatRows(area).map(row => flat(ring(row), { stroke: 0.12 * MM, colour: 'grey' })),
    ),
    ...inOrder(venue.stairs).flatMap(([, stairs]) =>
      treads(stairs).map(tread => flat(line(tread), { stroke: 0.12 * MM, colour: 'black' })),
    ),
    ...inOrder(venue.doors).flatMap(([, door]) => {
      const gap = flat(line(door.jambs), { stroke: 1.3 * MM, colour: 'white' });
      const leaf = doorLeaf(door);
      if (door.kind === 'opening') return [gap];
      if (leaf) return [gap, flat(swing(leaf), { stroke: 0.2 * MM, colour: 'black' })];
      const sill = flat(line(door.jambs), { stroke: 0.25 * MM, colour: 'black' });
      return door.kind === 'window'
        ? [flat(line(door.jambs), { stroke: 0.9 * MM, colour: 'black' }), { ...gap, stroke: 0.5 * MM }]
        : [gap, sill];
    }),
    ...inOrder(venue.screens).map(([, screen]) =>
      flat(line(screenEdge(screen)), { stroke: 1 * MM, colour: 'black' }),
    ),
    ...(['lamps', 'ceilingPoints', 'lightReadings', 'mobileReadings', 'notes', 'residents'] as const).flatMap(
      map => sign(map),
    ),
    ...(['networkSockets', 'sockets', 'marks'] as const).flatMap(map => sign(map)),
  ];
}

const swing = ({ hung, open, shut, width, clockwise }: DoorLeaf): string =>
  `M${place(hung)}L${place(open)}M${place(shut)}A${round(width)},${round(width)} 0 0 ${clockwise ? 1 : 0} ${place(open)}`;

/** A thing that stands on the plan on paper, with its name in a frame: where, and how large on the paper, m. */
export interface StandOnPaper {
  readonly key: string;
  readonly label: string;
  readonly at: Point;
  /** Of its sign. */
  readonly radius: number;
  /** Of its letters, the frame counted in. */
  readonly letters: number;
}

export interface NamesOnPaper {
  readonly ground: readonly WrittenName[];
  /** The middle of the name of each thing that stands there, m of the venue. */
  readonly stands: ReadonlyMap<string, Point>;
}

/**
 * The names on the paper, none over another: those of the ground clear of what stands there, where one that finds no
 * room is left out, then those of what stands there, each beside its sign.
 */
export function namesOnPaper(
  venue: Venue,
  scale: number,
  reading: Reading,
  stands: readonly StandOnPaper[] = [],
): NamesOnPaper {
  const lettering = letteringOf(scale);
  const ground = groundNames({
    venue,
    reading,
    lettering,
    named: () => true,
    sockets: true,
    standing: stands.map(({ at }) => at),
  });
  // From metres on the paper to pixels at a lettering of 1, and from those to metres of the venue.
  const pixels = LETTERS_DRAWN / LETTERS;
  const metres = lettering / PLAN_SCALE;
  const named = stands.map(({ key, label, at, radius, letters }) => ({
    key,
    text: label,
    at,
    radius: radius * pixels,
    size: letters * pixels,
    bold: true,
  }));
  const offsets = standingNames(named, { venue, ground, lettering });
  return {
    ground: ground.map(({ text, size, bold = false, at: { x, y, upright = false } }) => ({
      text,
      size: size / PLAN_SCALE,
      upright,
      bold,
      at: [x / PLAN_SCALE, y / PLAN_SCALE],
    })),
    stands: new Map(
      stands.map(({ key, at: [x, y] }) => {
        const [right, down] = offsets.get(key) ?? [0, 0];
        return [key, [x + right * metres, y + down * metres]];
      }),
    ),
  };
}
