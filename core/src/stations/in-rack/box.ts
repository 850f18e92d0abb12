/** Where a thing is in its rack, to scale. */
import type { RackCase } from '../../documents/index.js';
import type { Held } from './held.js';
import { depthOf, isRear, PANEL, plugDepth, spacesOf, UNIT, unitsOf, widthOf } from './units.js';

/** A rack case by its kind. */
export interface CaseKind {
  readonly kind: string;
  readonly label: string;
  readonly rack: RackCase;
}

/** From the front to the rear rails, m. */
export const railsApart = ({ depth, rails }: RackCase): number => rails ?? depth;

/** Where a thing is in the drawing of its rack, m: across from the left as seen from the front, up from the lowest unit, back from the front rails. */
export interface RackBox {
  readonly across: readonly [from: number, to: number];
  readonly up: readonly [from: number, to: number];
  readonly back: readonly [from: number, to: number];
  /** Where its plugs and their leads reach to, back from the front rails. */
  readonly plugs: number;
  /** Nobody has measured how deep it is. */
  readonly guessed: boolean;
}

/** Where a thing on the rails, or on a tray there, is in the drawing; undefined off them. */
export function boxOf(own: Held, held: readonly Held[], rack: RackCase): RackBox | undefined {
  const measured = depthOf(own.kind);
  const guessed = measured === undefined;
  const depth = measured ?? rack.depth / 2;
  const tray = own.how === 'tray' ? held.find(({ id }) => id === own.carrier) : undefined;
  const mount = tray ?? own;
  const [low] = spacesOf(mount);
  if (low === undefined) return undefined;
  const bottom = (low - 1) * UNIT;
  const back = (from: number, to: number): readonly [number, number] =>
    isRear(mount) ? [railsApart(rack) - to, railsApart(rack) - from] : [from, to];
  const plugs = isRear(mount) ? railsApart(rack) - depth - plugDepth(own.kind) : depth + plugDepth(own.kind);
  if (!tray) {
    const [from, to] = widthOf(own);
    return {
      across: [from * PANEL, to * PANEL],
      up: [bottom, bottom + unitsOf(own) * UNIT],
      back: back(0, depth),
      plugs,
      guessed,
    };
  }
  const at = onTray(tray, held);
  const place = at.find(({ id }) => id === own.id);
  return {
    across: [place?.from ?? 0, place?.to ?? 0],
    up: [bottom, bottom + Math.min(own.kind?.size?.height ?? UNIT / 2, unitsOf(tray) * UNIT)],
    back: back(0, depth),
    plugs,
    guessed: guessed || own.kind?.size === undefined,
  };
}

/** Things on a tray side by side, from the left, in order; one of unknown width takes a share of what is left. */
function onTray(tray: Held, held: readonly Held[]): { id: string; from: number; to: number }[] {
  const things = held.filter(({ carrier }) => carrier === tray.id);
  const [left, right] = widthOf(tray);
  const known = things.reduce((sum, { kind }) => sum + (kind?.size?.width ?? 0), 0);
  const unknown = things.filter(({ kind }) => kind?.size?.width === undefined).length;
  const free = Math.max(0, (right - left) * PANEL - known);
  const gap = unknown > 0 ? 0 : free / (things.length + 1);
  let at = left * PANEL + gap;
  return things.map(({ id, kind }) => {
    const from = at;
    const to = from + (kind?.size?.width ?? free / Math.max(1, unknown));
    at = to + gap;
    return { id, from, to };
  });
}
