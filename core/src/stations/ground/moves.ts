/** Edits that move a device a little way, for fixes to try. */
import type { Device } from '../../documents/index.js';
import {
  inWords,
  type DocumentPatch,
  type Fix,
  type MapOf,
  type Point,
  type UnitSystem,
} from '../../foundations/index.js';
import { inPlan } from '../../edits.js';

/** Degrees of each direction, clockwise from the east on a page with y down. */
const DEGREES = {
  east: 0,
  'south-east': 45,
  south: 90,
  'south-west': 135,
  west: 180,
  'north-west': 225,
  north: 270,
  'north-east': 315,
} as const;
export type Heading = keyof typeof DEGREES;

export interface Step {
  readonly to: Point;
  readonly metres: number;
  readonly heading: Heading;
}

/** Places around a point, the nearest first, in the order of the headings; to whole centimetres. */
export function* stepsFrom(
  at: Point,
  distances: readonly number[],
  headings: readonly Heading[],
): Generator<Step> {
  const rounded = (metres: number): number => Math.round(metres * 100) / 100;
  for (const metres of distances) {
    for (const heading of headings) {
      const angle = (DEGREES[heading] * Math.PI) / 180;
      const to: Point = [
        rounded(at[0] + Math.cos(angle) * metres),
        rounded(at[1] + Math.sin(angle) * metres),
      ];
      yield { to, metres, heading };
    }
  }
}

/** The edit that puts a device somewhere. */
export const placeAt = (device: string, to: Point): DocumentPatch =>
  inPlan().put('devices', device, 'place', 'at', to).change;

const DISTANCES = [0.5, 1, 1.5, 2, 3, 5];
const STRAIGHT = ['north', 'south', 'west', 'east'] as const;

/** Moves of any device in the four straight directions. */
export function* straightMoves(
  devices: MapOf<Device> | undefined,
  id: string,
  units: UnitSystem,
): Generator<Fix> {
  const at = devices?.[id]?.place?.at;
  if (!at) return;
  for (const { to, metres, heading } of stepsFrom(at, DISTANCES, STRAIGHT)) {
    yield { label: `Move it ${inWords(metres, 'm', units)} ${heading}`, changes: [placeAt(id, to)] };
  }
}
