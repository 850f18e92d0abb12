/** Fibre and coax that stay plugged in a rack: what they need behind a thing before they may turn. */
import type { CableMake, Connector } from '../../documents/index.js';
import { constant, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures.js';
import type { CaseKind } from '../in-rack/box.js';
import { mountOf, type Held } from '../in-rack/held.js';
import { depthOf, isRear, meeting } from '../in-rack/units.js';
import type { PlanWiring } from '../signal/index.js';
import { caseTerm, depthTerm, swayTerms } from './depths.js';
import type { InnerLink } from './inner-links.js';

/**
 * Least radius of a bend that stays, m. House figures: five times the thickness of coax (4.5, 7 and 10.3 mm), and what
 * makers of patch cords state for fibre.
 */
const RADIUS: Readonly<Partial<Record<CableMake, number>>> = {
  'coax-thin': 0.023,
  'coax-standard': 0.035,
  'coax-thick': 0.052,
  fibre: 0.03,
  'fibre-single': 0.03,
  'hdmi-optical': 0.03,
};
/** What a plug is long before its lead may bend, m. House figures. */
const STRAIGHT: Readonly<Partial<Record<Connector, number>>> = { BNC: 0.03, 'fibre LC': 0.045 };
const OTHER_STRAIGHT = 0.04;

/** Makes that lose light when they are bent too tight; coax only reflects some of its signal. */
export const isOfGlass = (make: CableMake): boolean => make.startsWith('fibre') || make === 'hdmi-optical';

export interface Bend {
  readonly bend: Figure;
  readonly bends: CableMake;
}

/**
 * What is left behind a thing for the lead that needs most, and the make of that; undefined where none stays plugged in
 * the rack, or where somebody has measured what its plugs take.
 */
export function bendOf(
  rackId: string,
  own: Held,
  held: readonly Held[],
  of: CaseKind,
  { leads, wiring }: { readonly leads: readonly InnerLink[]; readonly wiring: PlanWiring },
): Bend | undefined {
  const mount = mountOf(own, held);
  if (!mount || own.how === 'within' || depthOf(own.kind) === undefined) return undefined;
  if (own.kind?.rack?.plugs !== undefined) return undefined;
  const [first, ...more] = needsOf(own.id, leads, wiring);
  if (!first) return undefined;
  const worst = more.reduce((a, b) => (b.radius + b.plug > a.radius + a.plug ? b : a), first);
  const rear = isRear(mount);
  const across = acrossFrom(mount, held);
  return {
    bends: worst.make,
    bend: figures.itemBend.calc(
      [rackId, own.id],
      [
        caseTerm(of, rear ? 'rails' : 'depth'),
        depthTerm(own),
        ...across,
        // What is across from it swings with it.
        ...(across.length > 0 ? [] : swayTerms(of, rear)),
        constant('plug', worst.plug, 'm', 'straight, before it may bend'),
        constant('radius', worst.radius, 'm', 'least radius of its lead'),
      ],
    ),
  };
}

/** What each lead with a least radius needs behind a thing, of those that are plugged into it. */
const needsOf = (
  id: string,
  leads: readonly InnerLink[],
  wiring: PlanWiring,
): { make: CableMake; plug: number; radius: number }[] =>
  leads.flatMap(({ link: { from, to }, make }) => {
    const radius = RADIUS[make];
    if (radius === undefined) return [];
    return [from, to]
      .filter(({ device }) => device === id)
      .flatMap(end => {
        const connector = wiring.portOf(end)?.connector;
        return connector ? [{ make, plug: STRAIGHT[connector] ?? OTHER_STRAIGHT, radius }] : [];
      });
  });

/** The body of the deepest thing on the other rails of the same units; nothing where none is there. */
function acrossFrom(mount: Held, held: readonly Held[]): Term[] {
  const meets = held.filter(
    each => each.how === 'rails' && isRear(each) !== isRear(mount) && meeting(mount, each).units > 0,
  );
  const [first, ...more] = meets;
  if (!first) return [];
  return [
    depthTerm(
      more.reduce((a, b) => ((depthOf(b.kind) ?? 0) > (depthOf(a.kind) ?? 0) ? b : a), first),
      'other',
    ),
  ];
}
