/** Leads that stay within a rack: where what they join is plugged, and the way between, laced along the rails. */
import type { Kinds, RackCase } from '../../documents/index.js';
import type { MapOf, Parts } from '../../foundations/index.js';
import type { Mounted } from '../equipment.js';
import { boxOf } from './box.js';
import { mountOf, type Held } from './held.js';
import { isRear } from './units.js';

/** Where the plugs of a thing in a rack are, m: at the middle of its rear, as nothing says where on it each port is. */
export interface InRack {
  readonly across: number;
  readonly up: number;
  readonly back: number;
  /** How far it comes out with what it is mounted on, m. */
  readonly deep: number;
  /** Nobody has measured how deep it is: taken as half of the case. */
  readonly guessed: boolean;
}

/** How far the ends of a lead within a rack are apart each way, and how far the deeper of them comes out, m. */
export interface InnerWay {
  readonly across: number;
  readonly up: number;
  readonly back: number;
  readonly deep: number;
  readonly guessed: boolean;
}

/** The rack that both ends of a lead are in, and where; undefined for an end that is off its rails. */
export interface WithinRack {
  readonly rack: string;
  readonly from: InRack | undefined;
  readonly to: InRack | undefined;
}

/** By rack, where each thing in it is; undefined off its rails. */
export type InRacks = Readonly<Record<string, Readonly<Record<string, InRack | undefined>>>>;

/** Where the plugs of everything in racks are; of a rack in which nothing has changed as they were. */
export const inRacks = (
  {
    racks,
    devices,
    kinds,
  }: {
    readonly racks: Readonly<Record<string, readonly Held[]>>;
    readonly devices: MapOf<Mounted> | undefined;
    readonly kinds: Kinds['kinds'];
  },
  parts: Parts,
): InRacks =>
  parts.each(
    'plugs in racks',
    () => Object.entries(racks),
    (id, held) => ({ held, rack: kinds[devices?.[id]?.kind ?? '']?.rackCase }),
    placesIn,
  )();

const placesIn = (
  _: string,
  { held, rack }: { readonly held: readonly Held[]; readonly rack: RackCase | undefined },
): Readonly<Record<string, InRack | undefined>> =>
  rack ? Object.fromEntries(held.map(own => [own.id, placeIn(own, held, rack)])) : {};

function placeIn(own: Held, held: readonly Held[], of: RackCase): InRack | undefined {
  const mount = mountOf(own, held);
  const under = mount && boxOf(mount, held, of);
  if (!under) return undefined;
  const at = boxOf(own, held, of) ?? under;
  const [middle, deep] = [
    ([from, to]: readonly [number, number]): number => (from + to) / 2,
    ({ back: [from, to] }: typeof at): number => to - from,
  ];
  return {
    across: middle(at.across),
    up: middle(at.up),
    back: at.back[isRear(mount) ? 0 : 1],
    deep: Math.max(deep(at), deep(under)),
    guessed: at.guessed || under.guessed,
  };
}

/** The smallest rack that holds both ends of a lead; undefined where none does. */
export function withinRack(
  racks: InRacks,
  from: string | undefined,
  to: string | undefined,
): WithinRack | undefined {
  if (from === undefined || to === undefined) return undefined;
  const [smallest] = Object.entries(racks)
    .filter(([, held]) => Object.hasOwn(held, from) && Object.hasOwn(held, to))
    .sort(([, a], [, b]) => Object.keys(a).length - Object.keys(b).length);
  if (!smallest) return undefined;
  const [rack, held] = smallest;
  return { rack, from: held[from], to: held[to] };
}

/** The way of a lead between two things on the rails. */
export const wayBetween = (a: InRack, b: InRack): InnerWay => ({
  across: Math.abs(a.across - b.across),
  up: Math.abs(a.up - b.up),
  back: Math.abs(a.back - b.back),
  deep: Math.max(a.deep, b.deep),
  guessed: a.guessed || b.guessed,
});
