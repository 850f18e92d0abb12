/** Which way the air goes through a rack: what it passes before each thing, what blows straight out, what blows at what. */
import type { LidFace } from '../../documents/index.js';
import { mountOf, type Held } from '../in-rack/held.js';
import {
  common,
  isRear,
  meeting,
  PANEL,
  SHARES,
  spacesOf,
  UNIT,
  unitsOf,
  widthOf,
} from '../in-rack/units.js';

/** The faces that are open while it works. */
export const openFaces = (closed: readonly LidFace[] | undefined): readonly LidFace[] =>
  (['front', 'rear'] as const).filter(face => closed?.includes(face) !== true);

/** Of what covers a face only in part: perforated or brushes. House figure. */
const COVERS_HALF: ReadonlySet<string> = new Set(['open blank', 'brush plate']);

/** What share of its own front a thing covers: a tray as much as what lies on it is wide and high. */
function coverOf({ id, kind }: Held, held: readonly Held[]): number {
  const { fitting, width = 'whole', units = 1 } = kind?.rack ?? {};
  if (COVERS_HALF.has(fitting ?? '')) return 0.5;
  if (fitting !== 'tray') return 1;
  const front = PANEL * SHARES[width] * units * UNIT;
  const covered = held
    .filter(({ carrier }) => carrier === id)
    .map(each => ((each.kind?.size?.width ?? PANEL) * (each.kind?.size?.height ?? UNIT)) / front);
  return Math.min(
    1,
    covered.reduce((sum, share) => sum + share, 0),
  );
}

/** What share of a face is free of what is mounted there: 1 where nothing is. */
export function freeShare(face: LidFace, held: readonly Held[], units: number): number {
  let covered = 0;
  for (let unit = 1; unit <= units; unit++) {
    const spans = held
      .filter(each => isRear(each) === (face === 'rear') && spacesOf(each).includes(unit))
      .map(each => {
        const [from, to] = widthOf(each);
        return (to - from) * coverOf(each, held);
      });
    covered += Math.min(
      1,
      spans.reduce((sum, share) => sum + share, 0),
    );
  }
  return Math.max(0, 1 - covered / units);
}

/** Fan units on the rails: those that move the air of the case. */
export const fanUnits = (held: readonly Held[]): readonly Held[] =>
  held.filter(({ how, kind }) => how === 'rails' && kind?.rack?.fitting === 'fan unit' && kind.air);

/** What takes in the air of the room at its own open face. */
export const fromRoom = (own: Held, open: readonly LidFace[]): boolean =>
  own.how === 'rails' && own.kind?.air?.in === 'front' && open.includes(isRear(own) ? 'rear' : 'front');

/** What blows its warmth straight out of the case: from the front rails backwards, where nothing is behind it. */
export function blowsOut(own: Held, held: readonly Held[], open: readonly LidFace[]): boolean {
  const { air, rack } = own.kind ?? {};
  if (own.how !== 'rails' || !air || rack?.fitting === 'fan unit') return false;
  const [face, back]: readonly LidFace[] = isRear(own) ? ['rear', 'front'] : ['front', 'rear'];
  if (air.out === 'front') return face !== undefined && open.includes(face);
  if (air.out !== 'rear' || back === undefined || !open.includes(back)) return false;
  return held.every(each => isRear(each) === isRear(own) || meeting(own, each).units === 0);
}

/** Things whose outlet blows at the inlet of this one. */
export const blowingAt = (own: Held, held: readonly Held[]): readonly Held[] =>
  held.filter(each => each.id !== own.id && facing(each, own));

function facing(from: Held, to: Held): boolean {
  const [out, into] = [from.kind?.air?.out, to.kind?.air?.in];
  if (out === undefined || into === undefined || from.how !== 'rails' || to.how !== 'rails') return false;
  const [a, b] = [spacesOf(from), spacesOf(to)];
  if (isRear(from) !== isRear(to)) return out === 'rear' && into === 'rear' && meeting(from, to).units > 0;
  if (out === 'top' && into === 'bottom')
    return (a.at(-1) ?? 0) + 1 === b[0] && common(widthOf(from), widthOf(to)) > 1e-9;
  if (out === 'bottom' && into === 'top')
    return (b.at(-1) ?? 0) + 1 === a[0] && common(widthOf(from), widthOf(to)) > 1e-9;
  if (!a.some(unit => b.includes(unit))) return false;
  // Left and right of a thing on the rear rails are those of who stands behind the case.
  const [left, right] = isRear(from) ? [to, from] : [from, to];
  const inOrder = widthOf(left)[1] <= widthOf(right)[0] + 1e-9;
  const turned = widthOf(right)[1] <= widthOf(left)[0] + 1e-9;
  return (out === 'right' && into === 'left' && inOrder) || (out === 'left' && into === 'right' && turned);
}

/** What the air of the case has passed before it reaches a thing, and what share of the air goes that way. */
export interface Passed {
  readonly before: readonly Held[];
  readonly share: number;
}

/**
 * Air rises, unless fan units draw it to themselves (blowing out at their face) or press it away (taking in at it):
 * then it goes along the units to or from them, above and below by the number of units there.
 * Where a thing lies off the rails nobody knows what has passed before it: everything, to be safe.
 */
export function passedBefore(own: Held, held: readonly Held[], units: number): Passed {
  const mount = mountOf(own, held);
  const others = held.filter(each => each.id !== own.id && mountOf(each, held)?.id !== own.id);
  if (!mount) return { before: others, share: 1 };
  const middle = (each: Held): number => (spacesOf(each)[0] ?? 1) + unitsOf(each) / 2;
  const at = (each: Held): number => {
    const on = mountOf(each, held);
    return on ? middle(on) : 0;
  };
  const here = at(mount);
  const [fan] = fanUnits(held);
  const way = fan?.kind?.air?.out === 'front' ? 'to' : fan?.kind?.air?.in === 'front' ? 'from' : 'up';
  if (!fan || way === 'up') return { before: others.filter(each => at(each) < here - 1e-9), share: 1 };
  // What draws in at its back has passed everything; what takes in at its face has passed nothing.
  if (mount.id === fan.id) return { before: way === 'to' ? others : [], share: 1 };
  const centre = middle(fan);
  const below = here < centre;
  const [first = 1] = spacesOf(fan);
  const under = first - 1;
  const above = units - under - unitsOf(fan);
  const side = others.filter(each => at(each) !== centre && at(each) < centre === below);
  const before = side.filter(each =>
    way === 'to'
      ? Math.abs(at(each) - centre) > Math.abs(here - centre) + 1e-9
      : Math.abs(at(each) - centre) < Math.abs(here - centre) - 1e-9,
  );
  return { before, share: (below ? under : above) / Math.max(1, under + above) };
}

/** In the air of the case: on its rails, or fastened in it, or in what is. */
export const isInside = (each: Held, held: readonly Held[]): boolean => {
  if (mountOf(each, held)) return true;
  if (each.how !== 'within') return each.how === 'fixed';
  return held.some(other => other.id === each.carrier && other.how === 'fixed');
};
