/** Which units of a rack things take, and how much of their width; what plugs take behind them. */
import type { Connector, Kind, Port, RackWidth } from '../../documents/index.js';
import type { MapOf } from '../../foundations/index.js';
import type { Held } from './held.js';

/** Height of one unit, m (EIA-310, IEC 60297). */
export const UNIT = 0.04445;
/** Width of a panel, m (EIA-310, IEC 60297). */
export const PANEL = 0.4826;
/** Between the rails, m (EIA-310, IEC 60297). */
export const OPENING = 0.45;
/** What lies on a shelf of sheet metal loses so much of the height, m: house figure. */
export const SHEET = 0.003;
/** Width of a tray between its sides, m: house figure. */
export const TRAY = 0.44;
/** Units that something of unknown height takes: it lies on a shelf. */
const ON_A_SHELF = 1;

/** Depth that plugs and the bend of their leads take behind a thing, m, where it has any. */
const PLUGS: Readonly<Partial<Record<Connector, number>>> = { BNC: 0.04, mains: 0.07, 'IEC C13': 0.07 };
const OTHER_PLUGS = 0.05;

/** What plugs take behind a thing, m: as measured, else the deepest of them; nothing where all go by air. */
export const plugDepth = (kind: Kind | undefined): number =>
  kind?.rack?.plugs ?? (kind?.ports ? deepestPlug(kind.ports) : 0);

/** By ports, which are the same object as long as nobody changes them: racks ask for it again and again. */
const deepest = new WeakMap<MapOf<Port>, number>();

function deepestPlug(ports: MapOf<Port>): number {
  const known = deepest.get(ports);
  if (known !== undefined) return known;
  const depths = Object.values(ports).flatMap(({ connector }) =>
    connector === 'air' ? [] : [PLUGS[connector] ?? OTHER_PLUGS],
  );
  const depth = Math.max(0, ...depths);
  deepest.set(ports, depth);
  return depth;
}

/** A plate is so much lower than its units, so that the next one goes beside it, m (EIA-310). */
export const PLAY = 0.0008;
/** Of a plate with a cut-out: what is left above and below that at least, and how much larger it is than the thing, m. House figures. */
export const WEB = 0.005;
export const CLEARANCE = 0.001;

/** Whether a plate with a cut-out holds a thing that has no ears. */
export const onPlate = ({ device, kind }: Pick<Held, 'device' | 'kind'>): boolean =>
  device.place?.plate === true && kind?.rack === undefined;

/** Units that a thing takes: as its kind says; without a rack size, what its height needs on a shelf, or in a plate. */
export function unitsOf(of: Pick<Held, 'device' | 'kind'>): number {
  const { rack, size } = of.kind ?? {};
  if (rack) return rack.units;
  if (size?.height === undefined) return ON_A_SHELF;
  const needs = size.height + (onPlate(of) ? CLEARANCE + 2 * WEB + PLAY : SHEET);
  return Math.max(1, Math.ceil(needs / UNIT - 1e-9));
}

/** How deep a thing is behind its ears, or as it stands on a shelf, m; undefined where nobody has measured it. */
export const depthOf = (kind: Kind | undefined): number | undefined => kind?.rack?.depth ?? kind?.size?.depth;

/** The units that a thing on the rails takes, from the lowest; none off the rails. */
export function spacesOf({ how, device, kind }: Held): number[] {
  const { unit } = device.place ?? {};
  if (how !== 'rails' || unit === undefined) return [];
  return Array.from({ length: unitsOf({ device, kind }) }, (_, i) => unit + i);
}

/** Part of the width between the rails. */
export const SHARES: Readonly<Record<RackWidth, number>> = { whole: 1, half: 1 / 2, third: 1 / 3 };

/** From where to where of the width between the rails a thing reaches, seen from the front of the case: 0 – 1. */
export function widthOf({
  device,
  kind,
}: Pick<Held, 'device' | 'kind'>): readonly [from: number, to: number] {
  const share = SHARES[kind?.rack?.width ?? 'whole'];
  const { across = 'left' } = device.place ?? {};
  const from = across === 'left' ? 0 : across === 'right' ? 1 - share : (1 - share) / 2;
  return [from, from + share];
}

export const isRear = ({ device }: Held): boolean => device.place?.rear === true;

/** How far two spans lie over each other. */
export const common = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.max(0, Math.min(a[1], b[1]) - Math.max(a[0], b[0]));

/** How many units two things on rails have in common, and what share of the width; 0 where they pass each other. */
export function meeting(a: Held, b: Held): { readonly units: number; readonly width: number } {
  const span = (each: Held): readonly [number, number] => {
    const spaces = spacesOf(each);
    return [spaces[0] ?? 0, (spaces.at(-1) ?? -1) + 1];
  };
  const units = common(span(a), span(b));
  const width = common(widthOf(a), widthOf(b));
  // A sum of thirds may be off by a rounding.
  return units > 0 && width > 1e-9 ? { units, width } : { units: 0, width: 0 };
}

/** What its ears hold by themselves: up to so deep, m, and so heavy, kg. House figures. */
export const HELD_WELL = { depth: 0.35, weight: 7 } as const;
