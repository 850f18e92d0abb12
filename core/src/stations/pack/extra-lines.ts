/** Lines of the checklist beside what the plan is made of: added by hand, used up on the way, and spares. */
import type { ExtraLine, Kinds, Phase, Rules, Shelf } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  taken,
  type Figure,
  type MapOf,
  type PackGroup,
} from '../../foundations/index.js';
import { freeItems, type Equipment } from '../equipment.js';
import * as figures from './figures.js';
import type { PackLine, PackLines } from './result.js';

interface Had {
  readonly kinds: Kinds;
  readonly shelf: Shelf;
}

/** What people have added. */
export const addedLines = ({
  extras,
  shelf,
}: Had & { readonly extras: MapOf<ExtraLine> | undefined }): PackLines =>
  Object.fromEntries(
    inOrder(extras).map(([id, { label, reason, count, group, kind, item }]) => {
      const own = shelf.items[item ?? ''];
      return [
        `extra ${id}`,
        {
          ...{ group, label, purpose: reason, count, inside: undefined },
          ...{ tape: own?.tape, item: own && item, kind: own?.kind ?? kind },
        },
      ];
    }),
  );

/** While they are on: gear works from the checks to the end of what is live. */
const WORKING = ['check', 'rehearse', 'wait', 'live'] as const satisfies readonly Phase[];

interface UsedIn extends Had {
  readonly devices: MapOf<Equipment> | undefined;
  readonly phases: Readonly<Record<Phase, Figure>>;
}

/** How many of each kind are used up by all devices together, by the kind. */
export function usedUpOf({
  devices,
  kinds,
  phases,
}: Omit<UsedIn, 'shelf'>): Readonly<Record<string, Figure>> {
  const users = new Map<
    string,
    { readonly count: number; readonly hours: number; readonly kind: string }[]
  >();
  for (const [, { kind, resident }] of inOrder(devices)) {
    const uses = kinds.kinds[kind]?.usesUp;
    if (uses && !resident) users.set(uses.kind, [...(users.get(uses.kind) ?? []), { ...uses, kind }]);
  }
  return Object.fromEntries(
    [...users].map(([used, by]): [string, Figure] => {
      const minutes = WORKING.reduce((sum, phase) => sum + Number(phases[phase].value ?? 0), 0);
      const total = by.reduce((sum, { count, hours }) => sum + count * Math.ceil(minutes / 60 / hours), 0);
      return [
        used,
        figures.usedUp.found([used], total, [
          ...WORKING.map(phase => taken('planned', phases[phase])),
          ...by.map(({ kind, count }) =>
            given('at_once', count, 'pieces', 'kinds', `/kinds/${kind}/usesUp/count`),
          ),
          ...by.map(({ kind, hours }) =>
            given('lasting', hours, 'h', 'kinds', `/kinds/${kind}/usesUp/hours`),
          ),
        ]),
      ];
    }),
  );
}

/** A line for each kind that is used up, from the stock of the shelf where there is some. */
export const usedUpLines = ({
  usedUp,
  kinds,
  shelf,
}: Had & { readonly usedUp: Readonly<Record<string, Figure>> }): PackLines =>
  Object.fromEntries(
    Object.entries(usedUp).flatMap(([kind, { value }]): [string, PackLine][] => {
      const of = kinds.kinds[kind];
      if (!of || typeof value !== 'number' || value === 0) return [];
      const [item, own] = inOrder(shelf.items).find(([, each]) => each.kind === kind) ?? [];
      return [
        [
          `uses ${kind}`,
          {
            ...{ group: 'Power', label: of.label, purpose: 'used up on the way', count: value },
            ...{ tape: own?.tape, item, kind, inside: undefined },
          },
        ],
      ];
    }),
  );

interface Spared extends Had {
  readonly lines: PackLines;
  readonly devices: MapOf<Equipment> | undefined;
  readonly spareLeads: Rules['spareLeads'];
  readonly spareRisk: Rules['spareRisk'];
}

/** How many things of each kind are on the list, of those that are no stock. */
function countsOf({
  lines,
  kinds,
}: Pick<Spared, 'lines' | 'kinds'>): ReadonlyMap<
  string,
  { readonly group: PackGroup; readonly count: number }
> {
  const counts = new Map<string, { readonly group: PackGroup; readonly count: number }>();
  for (const { kind, count, group } of Object.values(lines)) {
    if (kind === undefined || group === 'Floor' || !kinds.kinds[kind]) continue;
    counts.set(kind, { group, count: (counts.get(kind)?.count ?? 0) + count });
  }
  return counts;
}

/**
 * Spares of each kind: so many of each lead as the house says, and of what may fail as few as leave no more than the
 * accepted chance that more of them fail at once; the larger of both. Each fails by itself (binomial).
 */
export function sparesOf({
  lines,
  kinds,
  spareLeads = 0,
  spareRisk = 0,
}: Omit<Spared, 'shelf' | 'devices'>): Readonly<Record<string, Figure>> {
  return Object.fromEntries(
    [...countsOf({ lines, kinds })].flatMap(([kind, { group, count }]): [string, Figure][] => {
      const { fails } = kinds.kinds[kind] ?? {};
      const byRule = group === 'Cables' ? spareLeads : 0;
      const chance = spareRisk > 0 && fails !== undefined && fails > 0;
      if (byRule === 0 && !chance) return [];
      const byChance = chance ? fewestSpares(count, fails / 100, spareRisk / 100) : 0;
      const spares = Math.max(byRule, byChance);
      if (spares === 0) return [];
      return [
        [
          kind,
          figures.spares.found([kind], spares, [
            constant('needed', count, 'pieces', 'on the checklist'),
            ...(byRule > 0 ? [given('by_rule', spareLeads, 'pieces', 'rules', '/spareLeads')] : []),
            ...(chance
              ? [
                  given('fails', fails, '%', 'kinds', `/kinds/${kind}/fails`),
                  given('accepted', spareRisk, '%', 'rules', '/spareRisk'),
                ]
              : []),
          ]),
        ],
      ];
    }),
  );
}

/** The fewest spares with which the chance that more of `count` things fail is at most `accepted`; chances 0…1. */
export function fewestSpares(count: number, fails: number, accepted: number): number {
  // P(X = 0), then each further one from the one before.
  let exactly = (1 - fails) ** count;
  let atMost = exactly;
  let spares = 0;
  while (1 - atMost > accepted && spares < count) {
    spares++;
    exactly =
      fails >= 1
        ? spares === count
          ? 1
          : 0
        : (exactly * (count - spares + 1) * fails) / (spares * (1 - fails));
    atMost += exactly;
  }
  return spares;
}

/** A line for each spare thing; where the shelf has no more, one for all that are missing. */
export function spareLines({
  spares,
  lines,
  devices,
  kinds,
  shelf,
}: Had &
  Pick<Spared, 'lines' | 'devices'> & {
    readonly spares: Readonly<Record<string, Figure>>;
  }): PackLines {
  const taken = new Set(Object.values(lines).map(({ item }) => item));
  const counts = countsOf({ lines, kinds });
  const found: Record<string, PackLine> = {};
  for (const [kind, { value }] of Object.entries(spares)) {
    const { group = 'Desk' } = counts.get(kind) ?? {};
    const line = { group, label: kinds.kinds[kind]?.label ?? '', purpose: 'spare', kind, inside: undefined };
    const wanted = Number(value);
    const free = freeItems(shelf, kind, devices)
      .filter(item => !taken.has(item))
      .slice(0, wanted);
    for (const [i, item] of free.entries())
      found[`spare ${kind} ${i + 1}`] = { ...line, tape: shelf.items[item]?.tape, item, count: 1 };
    if (free.length < wanted)
      found[`spare ${kind}`] = { ...line, tape: undefined, item: undefined, count: wanted - free.length };
  }
  return found;
}
