/**
 * What is behind a rack: panels with a socket for each lead that leaves it, or an open back at which one plugs into the
 * things themselves. Both are tried on the plan and set side by side; which of them one takes is a house rule.
 */
import { createAssessor, type Assessment } from '../../assess.js';
import type { Bundle, Connector, Device, Kinds } from '../../documents/index.js';
import { applyFix } from '../../fixes.js';
import { inPlan } from '../../edits.js';
import {
  applyPatch,
  idFrom,
  inOrder,
  numberOf,
  orderAfter,
  type Operation,
} from '../../foundations/index.js';
import { takeOutPatch } from '../../stations/device-edits.js';
import { outsideOf, type OutsideSocket } from '../../rack-drawing/outside.js';
import { faceOfPanel } from '../../rack-drawing/faces.js';
import { buyingPrice, type MoneyHouse } from '../../stations/pack/money/prices.js';
import { PER_LINK } from '../../stations/runs/plugging.js';
import { OptionError, type Found, type Offer, type Search } from '../search.js';

export interface BackWay {
  readonly id: 'panel' | 'open';
  /** Units that panels take. */
  readonly units: number;
  /** To plug in on site what leaves it, min. */
  readonly minutes: number;
  /** How much warmer the air leaves by, K, and how much cooler than it must be the air is at the warmest thing, K. */
  readonly rise: number | null;
  readonly margin: number | null;
  /** Of the panels, in the currency of the house; null where no price is known. */
  readonly price: number | null;
  /** What it cannot have, in words. */
  readonly lacks: string | undefined;
}

export interface BackWays {
  readonly rack: string | undefined;
  readonly label: string;
  /** Leads that leave it. */
  readonly leads: number;
  /** Of those, how many no panel of the house has a socket for, as mains and networks. */
  readonly without: number;
  readonly ways: readonly BackWay[];
}

export interface BackOptions {
  readonly rack?: string;
}

export interface BackTask {
  readonly bundle: Bundle;
  readonly rack: string;
  readonly assessment: Assessment;
}

/** To find a socket at the back of a thing among others, min. House figure. */
const FINDING = 0.5;

export const backOfRack: Search<BackOptions, BackTask | undefined, BackWays> = {
  name: 'back',
  about:
    'panels at the back of a rack, or an open back: units, minutes on site, degrees and price side by side',
  *problemOf(bundle, { rack }) {
    yield { stage: 'problem', share: 0 };
    const assessment = createAssessor()(bundle);
    const [first] = Object.keys(assessment.racks.racks);
    const id = rack ?? first;
    if (rack !== undefined && !assessment.racks.racks[rack]) throw new OptionError('/rack', 'names no rack');
    return id === undefined ? undefined : { bundle, rack: id, assessment };
  },
  *solve(task): Generator<{ stage: 'solving'; share: number }, Found<BackWays>> {
    yield { stage: 'solving', share: 0 };
    if (!task)
      return {
        answer: { rack: undefined, label: '', leads: 0, without: 0, ways: [] },
        objectives: [],
        offers: [],
      };
    const { bundle, rack, assessment } = task;
    const own = assessment.racks.racks[rack];
    const leaving = own ? outsideOf(bundle, rack, own).filter(({ outside }) => outside !== '') : [];
    const open = openBack(task);
    const panels = withPanels(task, leaving);
    const found = panels.without * FINDING;
    const leads = leaving.length;
    const ways = [
      wayOf(task, 'panel', panels, {
        minutes: leads * PER_LINK + found,
        units: panels.units,
        price: panels.price,
      }),
      wayOf(task, 'open', open, { minutes: leads * (PER_LINK + FINDING), units: 0, price: 0 }),
    ];
    return {
      answer: { rack, label: own?.label ?? '', leads, without: panels.without, ways },
      objectives: [],
      offers: [...panels.offers, ...open.offers],
    };
  },
};

interface Tried {
  readonly offers: readonly Offer[];
  readonly lacks: string | undefined;
}

function wayOf(
  { bundle, rack }: BackTask,
  id: BackWay['id'],
  { offers, lacks }: Tried,
  known: Pick<BackWay, 'minutes' | 'units' | 'price'>,
): BackWay {
  const [offer] = offers;
  const after = lacks === undefined ? createAssessor()(offer ? applyFix(bundle, offer) : bundle) : undefined;
  const own = after?.racks.racks[rack];
  const margins = Object.values(own?.items ?? {}).flatMap(({ margin }) => numberOf(margin) ?? []);
  return {
    ...{ id, lacks, ...known },
    rise: numberOf(own?.air.rise) ?? null,
    margin: margins.length > 0 ? Math.min(...margins) : null,
  };
}

/** Panels and blanks off the rear rails, and the rear lid off: one reaches in. Leads that go through panels stay. */
function openBack({ bundle: { plan, kinds }, rack, assessment }: BackTask): Tried {
  const closing = Object.entries(assessment.racks.racks[rack]?.items ?? {}).filter(([id, { rear }]) => {
    const fitting = kinds.kinds[plan.devices?.[id]?.kind ?? '']?.rack?.fitting;
    return rear && (fitting === 'blank' || fitting === 'brush plate');
  });
  const patch: Operation[] = [];
  // One after the other, each with whatever speaks of it.
  closing.reduce((left, [id]) => {
    const out = takeOutPatch(left, id);
    patch.push(...out);
    return applyPatch(left, out);
  }, plan);
  const closed = plan.devices?.[rack]?.closed ?? [];
  if (closed.includes('rear')) {
    const rest = closed.filter(face => face !== 'rear');
    patch.push(...inPlan().set('devices', rack, 'closed', rest.length > 0 ? rest : undefined).patch);
  }
  if (patch.length === 0) return { offers: [], lacks: undefined };
  const changes = [{ document: 'plan' as const, patch }];
  return { offers: [{ id: 'open', label: 'An open back', changes }], lacks: undefined };
}

/** As many panels on the free rear units, the lowest first, as leads leave it whose plugs go into them. */
function withPanels(
  { bundle: { plan, kinds }, rack, assessment }: BackTask,
  leaving: readonly OutsideSocket[],
): Tried & { readonly units: number; readonly price: number | null; readonly without: number } {
  const wanted = new Map<Connector, number>();
  for (const { connector, onPanel } of leaving)
    if (!onPanel) wanted.set(connector, (wanted.get(connector) ?? 0) + 1);
  const panels: PanelKind[] = [];
  let without = 0;
  for (const [connector, count] of wanted) {
    const kind = panelFor(kinds, connector, assessment.rules);
    if (kind) panels.push(...Array.from({ length: Math.ceil(count / kind.sockets) }, () => kind));
    else without += count;
  }
  const known = {
    without,
    units: panels.reduce((sum, { units }) => sum + units, 0),
    price: panels.reduce<number | null>(
      (sum, { price }) => (sum === null || price === undefined ? null : sum + price),
      0,
    ),
  };
  const free = freeRear(assessment, rack);
  const edit = inPlan();
  let order = inOrder(plan.devices).at(-1)?.[1].order;
  for (const [i, { id, units }] of panels.entries()) {
    const unit = free.findIndex((_, at) =>
      Array.from({ length: units }, (__, k) => free[at + k]).every(Boolean),
    );
    if (unit < 0) {
      const left =
        free.filter(Boolean).length + panels.slice(0, i).reduce((sum, each) => sum + each.units, 0);
      return {
        offers: [],
        ...known,
        lacks: `it wants ${known.units} U at the rear, and ${left} are free there`,
      };
    }
    free.fill(false, unit, unit + units);
    order = orderAfter(order);
    const panel: Device = {
      ...{ order, label: `PANEL ${i + 1}`, kind: id },
      place: { inside: rack, unit: unit + 1, rear: true },
    };
    edit.put('devices', idFrom(`panel ${rack} ${unit + 1}`), panel);
  }
  const offers =
    panels.length === 0 ? [] : [{ id: 'panel', label: 'Panels at the back', changes: [edit.change] }];
  return { offers, ...known, lacks: undefined };
}

interface PanelKind {
  readonly id: string;
  readonly sockets: number;
  readonly units: number;
  readonly price: number | undefined;
}

/** The panel with the most sockets of a connector on its face. */
function panelFor(kinds: Kinds, connector: Connector, house: MoneyHouse): PanelKind | undefined {
  const [best] = Object.entries(kinds.kinds)
    .flatMap(([id, { rack, ports }]): PanelKind[] => {
      if (rack?.fitting !== 'patch panel') return [];
      const sockets = faceOfPanel(ports).filter(([, port]) => port.connector === connector).length;
      return sockets > 0 ? [{ id, sockets, units: rack.units, price: buyingPrice(id, kinds, house) }] : [];
    })
    .toSorted((a, b) => b.sockets - a.sockets);
  return best;
}

/** For each unit from the lowest whether nothing is on the rear rails there. */
function freeRear(assessment: Assessment, rack: string): boolean[] {
  const own = assessment.racks.racks[rack];
  const free = Array.from({ length: numberOf(own?.have) ?? 0 }, () => true);
  for (const { rear, unit, units } of Object.values(own?.items ?? {}))
    if (rear && unit !== undefined) free.fill(false, unit - 1, unit - 1 + units);
  return free;
}
