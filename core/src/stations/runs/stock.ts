/** Cutting leads from the owned cables: what people accepted, then a quick rule; the exact choice is a search of its own. */
import type { CableMake, Claims, Kinds, Link, Proof, Shelf } from '../../documents/index.js';
import { inOrder, type Figure, type MapOf, type Term } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import { chainJoins, isPlain, joinsPorts, leadOf, type Lead, type PortFace } from '../signal/lead-ends.js';
import { cable } from './figures.js';
import { GROUPS } from './makes.js';
import { isReady } from '../ready.js';

export const QUICK_RULE =
  'quick rule: longest run first, the shortest owned cable that is long enough, no joins';
const ACCEPTED_RULE = 'cut from the stock as somebody accepted it';

export interface Wanted {
  readonly id: string;
  readonly make: CableMake;
  /** The ports that it joins. */
  readonly ports: JoinedPorts;
  readonly length: number;
  readonly link: Link;
}

export type JoinedPorts = readonly [from: PortFace, to: PortFace];

export interface OwnedCable {
  readonly item: string;
  readonly tape: string;
  readonly kind: string;
  readonly make: CableMake;
  readonly lead: Lead;
  /** The usual cable of its connector, which can be joined to others. */
  readonly plain: boolean;
  readonly length: number;
  /** An overlapping event takes it too. */
  readonly claimed: boolean;
  readonly proof?: Proof;
}

/** What a lead is made of, and who chose it. */
export interface Cut {
  readonly cables: readonly OwnedCable[];
  readonly by: 'quick rule' | 'accepted';
}

/** Cables that are ready and not used as a device, shortest first. */
export function ownedCables({
  shelf,
  kinds,
  claims,
  devices,
}: {
  readonly shelf: Shelf;
  readonly kinds: Kinds;
  readonly claims: Claims;
  readonly devices: MapOf<Equipment> | undefined;
}): readonly OwnedCable[] {
  const used = new Set(inOrder(devices).map(([, { item }]) => item));
  const claimed = new Set(inOrder(claims.claims).map(([, { item }]) => item));
  return inOrder(shelf.items)
    .flatMap(([item, each]): OwnedCable[] => {
      const { kind, tape, proof } = each;
      const described = kinds.kinds[kind]?.cable;
      if (!described || !isReady(each) || used.has(item)) return [];
      const { make, length } = described;
      const [lead, plain] = [leadOf(described), isPlain(described)];
      const own = { item, tape, kind, make, lead, plain, length, claimed: claimed.has(item) };
      return [{ ...own, ...(proof && { proof }) }];
    })
    .sort((a, b) => a.length - b.length);
}

/** Whether a cable can stand in for the make that is asked for. */
const isOfMake = ({ make }: Pick<Wanted, 'make'>, cable: OwnedCable): boolean =>
  GROUPS[make].includes(cable.make);

/** Whether a cable, or several of its sort, can be a lead. */
export const suits = (wanted: Pick<Wanted, 'make' | 'ports'>, cable: OwnedCable): boolean =>
  isOfMake(wanted, cable) && joinsPorts(cable.lead, ...wanted.ports);

/** Cables of each kind that are left when the spares of the house are kept back. */
export function beyondSpares(cables: readonly OwnedCable[], spares: number): ReadonlyMap<string, number> {
  const left = new Map<string, number>();
  for (const { kind } of cables) left.set(kind, (left.get(kind) ?? 0) + 1);
  for (const [kind, count] of left) left.set(kind, Math.max(0, count - spares));
  return left;
}

/**
 * A cut for each lead: the cables that were accepted for it while all of them are there, else the shortest one that is
 * long enough, longest lead first. What overlapping events take, and the spares of the house, stay out.
 */
export function cutLeads({
  wanted,
  owned,
  spares,
}: {
  readonly wanted: readonly Wanted[];
  readonly owned: readonly OwnedCable[];
  /** Cables of each kind that the house keeps back. */
  readonly spares: number;
}): Readonly<Record<string, Cut>> {
  const byItem = new Map(owned.map(cable => [cable.item, cable]));
  const cuts = new Map<string, Cut>();
  const taken = new Set<string>();
  for (const lead of wanted) {
    const cables = (lead.link.cables ?? []).flatMap(item => byItem.get(item) ?? []);
    const whole = cables.length > 0 && cables.length === lead.link.cables?.length;
    if (!whole || !cables.every(cable => isOfMake(lead, cable) && !taken.has(cable.item))) continue;
    const chain = cables.map(({ lead: each }) => each);
    if (!chainJoins(chain, ...lead.ports)) continue;
    cuts.set(lead.id, { cables, by: 'accepted' });
    for (const { item } of cables) taken.add(item);
  }
  const free = owned.filter(({ item, claimed }) => !claimed && !taken.has(item));
  const left = new Map(beyondSpares(free, spares));
  const longestFirst = wanted
    .filter(({ id }) => !cuts.has(id))
    .sort((a, b) => b.length - a.length || (a.id < b.id ? -1 : 1));
  for (const lead of longestFirst) {
    const cable = free.find(
      each =>
        each.length >= lead.length &&
        suits(lead, each) &&
        !taken.has(each.item) &&
        (left.get(each.kind) ?? 0) > 0,
    );
    if (!cable) continue;
    cuts.set(lead.id, { cables: [cable], by: 'quick rule' });
    taken.add(cable.item);
    left.set(cable.kind, (left.get(cable.kind) ?? 0) - 1);
  }
  return Object.fromEntries(cuts);
}

/** Tape codes of a cut in one figure. */
export const cutFigure = (id: string, cut: Cut | undefined, terms: readonly Term[]): Figure =>
  cut
    ? cable.found([id], cut.cables.map(({ tape }) => tape).join(' + '), terms, {
        method: cut.by === 'accepted' ? ACCEPTED_RULE : QUICK_RULE,
      })
    : cable.unknown([id], 'no owned cable is long enough');

/** Lengths in which cables are sold and hired, m. */
export const SOLD_LENGTHS: readonly number[] = [1, 2, 3, 5, 10, 15, 20, 25, 30, 50, 100];

/** The shortest length that is sold and long enough, or undefined. */
export const soldLength = (wanted: number): number | undefined =>
  SOLD_LENGTHS.find(length => length >= wanted);
