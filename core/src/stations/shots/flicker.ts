/** Flicker: shutter times that suit every lamp and screen in a picture. */
import type { HouseScreen, Venue } from '../../documents/index.js';
import {
  constant,
  floorAt,
  inOrder,
  type Figure,
  type Blocking,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import { picturesOf } from './exposure.js';
import * as figures from './figures/light.js';
import { shareOfPicture, type Picture } from './gear-in-picture.js';

/** Something that pulses so many times a second. */
export interface Pulse {
  readonly label: string;
  readonly hertz: number;
}

/** Lamps that do not pulse so that it shows: filaments are too slow, daylight does not at all. */
const STEADY: ReadonlySet<string> = new Set(['daylight', 'halogen']);

/** The lamps on the mains, at twice its frequency; none where every lamp that was surveyed is steady. */
export function lampPulse({
  lamps,
  hertz,
}: {
  readonly lamps?: Venue['lamps'] | undefined;
  readonly hertz: number;
}): Pulse | undefined {
  const all = inOrder(lamps);
  const steady = all.every(([, { kind, pulses }]) => pulses === false || (STEADY.has(kind) && !pulses));
  return all.length > 0 && steady ? undefined : { label: 'lamps on the mains', hertz: 2 * hertz };
}

/** Height of a screen, as a share of its width. */
const TALL = 9 / 16;
/** Less than this of the picture does not count. */
const SEEN = 0.002;

/** The screens of the house that stand in a picture and of which the refresh is known. */
export function screenPulses(
  { screens, areas = {} }: { readonly [Name in 'screens' | 'areas']: Venue[Name] | undefined },
  picture: Picture,
  blocking: Blocking,
): Pulse[] {
  const body = ({ at, width, height }: HouseScreen) => {
    const low = floorAt(areas, at) + height;
    return { at, width, floor: low, top: low + width * TALL };
  };
  return inOrder(screens).flatMap(([, screen]) =>
    screen.refresh !== undefined && shareOfPicture(picture, body(screen), blocking) > SEEN
      ? [{ label: screen.label, hertz: screen.refresh }]
      : [],
  );
}

/** Beyond it people who move smear, s. */
const LONGEST = 1 / 50;
/** A shutter this near to a whole number of pulses shows none, in pulses. */
const WHOLE = 0.02;

const suits = (shutter: number, { hertz }: Pulse): boolean => {
  const pulses = shutter * hertz;
  return Math.round(pulses) >= 1 && Math.abs(pulses - Math.round(pulses)) < WHOLE;
};

/** The longest shutter, s, that is a whole number of pulses of every source and no longer than a limit. */
function longestFor(pulses: readonly Pulse[], limit: number): number | undefined {
  const [first] = pulses;
  if (!first) return limit;
  for (let n = Math.floor(limit * first.hertz + WHOLE); n >= 1; n--) {
    const shutter = n / first.hertz;
    if (pulses.every(pulse => suits(shutter, pulse))) return shutter;
  }
  return undefined;
}

export interface Flicker {
  readonly shutter: Figure;
  /** What flickers all the same at that shutter, or `none`. */
  readonly flickers: Figure;
}

/**
 * The shutter of a shot: the longest that suits everything in the picture, no longer than a fiftieth, or else than a
 * frame. Where none suits all, the one that suits the first sources, and what flickers is named.
 */
export function flickerOf(id: string, format: VideoFormat, pulses: readonly Pulse[]): Flicker {
  const { rate, words } = picturesOf(format);
  const frame = 1 / rate;
  const limit = Math.min(frame, LONGEST);
  let suited = pulses.length;
  let shutter: number | undefined;
  for (; shutter === undefined; suited--) {
    const some = pulses.slice(0, suited);
    shutter = longestFor(some, limit) ?? longestFor(some, frame);
  }
  const terms: Term[] = [
    constant('rate', rate, 'Hz', words),
    ...pulses.map(({ label, hertz }) => constant('pulses', hertz, 'Hz', `${label}, each second`)),
  ];
  const used = shutter;
  const bad = pulses.filter(pulse => !suits(used, pulse)).map(({ label }) => label);
  return {
    shutter: figures.shutter.found([id], used, terms),
    flickers: figures.flickers.found([id], bad.length === 0 ? 'none' : bad.join(', '), terms),
  };
}
