/** Ways out for a lead that is too long, side by side: each one is tried, and said what it takes. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle, Link } from '../../documents/index.js';
import { applyFix } from '../../fixes.js';
import { idFrom, inOrder, numberOf, orderAfter, PatchError } from '../../foundations/index.js';
import { buyingPrice } from '../../stations/pack/money/prices.js';
import { kindToBuy } from '../../stations/pack/money/to-buy.js';
import { isMains } from '../../stations/runs/makes.js';
import { otherMakes } from '../../stations/runs/other-makes.js';
import { reachIsGood } from '../../stations/runs/reach.js';
import { houseOffers, takeHousePatch } from '../../stations/signal/house.js';
import { pictureDelay } from '../../stations/signal/delays.js';
import { deskMoves } from '../desk/desk-places.js';
import { OptionError, provenLeast, type Search } from '../search.js';
import type { Draft, WayOut } from './draft.js';
import { throughPairs } from './pairs.js';
import { inPlan } from '../../edits.js';

/** Of one sort, those first that need nothing bought. */
const OF_A_SORT = 3;

export type { WayOut } from './draft.js';

export interface WaysOutOptions {
  /** The lead that is too long. */
  readonly link: string;
}

export interface WaysOutTask {
  readonly bundle: Bundle;
  readonly before: Assessment;
  readonly link: string;
  readonly drafts: readonly Draft[];
}

/** Every way out that can be thought of for a lead, those that carry and cost least first. */
export const waysOut: Search<WaysOutOptions, WaysOutTask, readonly WayOut[]> = {
  name: 'ways-out',
  about: 'ways out for a lead that is too long',
  *problemOf(bundle, { link: id }) {
    yield { stage: 'problem', share: 0 };
    const before = assess(bundle);
    const link = bundle.plan.links?.[id];
    if (!link) throw new OptionError('/link', 'names no lead of the plan');
    if (!before.runs.runs[id]) throw new OptionError('/link', 'names a lead that runs nowhere yet');
    const desks = yield* deskMoves(bundle);
    const drafts: Draft[] = [
      ...otherCables(id, bundle.plan, before),
      ...throughPairs(id, link, bundle, before),
      ...overHouseLines(id, link, bundle, before),
      ...desks.map((move, i): Draft => ({ ...move, id: `desk ${i}`, sort: 'desk' })),
    ];
    return { bundle, before, link: id, drafts };
  },
  *solve({ bundle, before, link, drafts }) {
    const tried: WayOut[] = [];
    for (const [i, draft] of drafts.entries()) {
      yield { stage: 'solving', share: i / drafts.length };
      const fixed = appliedOr(draft, bundle);
      if (fixed) tried.push(weighed(draft, link, bundle, before, assess(fixed)));
    }
    const answer = bestOfEachSort(tried);
    const [best] = answer;
    return {
      answer,
      objectives: best
        ? [
            provenLeast('leads beyond their reach', '', best.carries ? 0 : 1),
            provenLeast('things to buy or hire', '', best.buy.length),
          ]
        : [],
      offers: answer.map(({ id, label, changes }) => ({ id, label, changes })),
    };
  },
};

/** The bundle after a draft; undefined where the draft does not fit the documents. */
function appliedOr(draft: Draft, bundle: Bundle): Bundle | undefined {
  try {
    return applyFix(bundle, draft);
  } catch (error) {
    if (error instanceof PatchError) return undefined;
    throw error;
  }
}

function bestOfEachSort(tried: readonly WayOut[]): WayOut[] {
  const counts = new Map<string, number>();
  return [...tried]
    .sort(
      (a, b) =>
        Number(b.carries) - Number(a.carries) ||
        a.buy.length - b.buy.length ||
        (a.price ?? Infinity) - (b.price ?? Infinity),
    )
    .filter(({ sort }) => {
      const count = counts.get(sort) ?? 0;
      counts.set(sort, count + 1);
      return count < OF_A_SORT;
    });
}

function weighed(draft: Draft, id: string, bundle: Bundle, before: Assessment, after: Assessment): WayOut {
  const { kinds } = bundle;
  const added = inOrder(after.signal.wiring.devices).filter(
    ([device]) => !before.signal.wiring.devices[device],
  );
  const known = new Set(Object.keys(before.runs.runs));
  const own = Object.entries(after.runs.runs).filter(
    ([run, of]) => run === id || (!known.has(run) && !isMains(of.make)),
  );
  const missing = Object.entries(after.pack.lines).filter(
    ([line, { item, group }]) =>
      item === undefined &&
      group !== 'Floor' &&
      !(line in before.pack.lines && before.pack.lines[line]?.item === undefined),
  );
  const prices = missing.map(([id, line]) => {
    const kind = kindToBuy(id, line, after.runs.runs[id.split(' ')[0] ?? ''], kinds.kinds);
    return kind === undefined ? undefined : buyingPrice(kind, kinds, after.rules);
  });
  const weight = (assessment: Assessment): number => numberOf(assessment.pack.weight) ?? 0;
  return {
    ...draft,
    carries: own.length > 0 && own.every(([, run]) => reachIsGood(run.reach) && run.length.value !== null),
    buy: missing.map(([, { label }]) => label),
    price: prices.every(price => price !== undefined)
      ? prices.reduce<number>((sum, price) => sum + (price ?? 0), 0)
      : undefined,
    delay: added.reduce(
      (sum, [device]) => sum + Number(pictureDelay(after.signal.wiring, device, after.rules.format).value),
      0,
    ),
    powerPoints: added.filter(([device]) =>
      inOrder(after.signal.wiring.kindOf(device)?.ports).some(
        ([, { carries, direction, connector }]) =>
          carries === 'power' && direction === 'in' && connector === 'mains',
      ),
    ).length,
    weight: weight(after) - weight(before),
  };
}

const otherCables = (id: string, { links }: Bundle['plan'], { runs }: Assessment): Draft[] =>
  otherMakes(runs.runs, links, id).map(({ label, changes }) => ({
    id: label,
    sort: 'cable',
    label: label.replace(/ for it$/, ''),
    changes,
  }));

/** An installed line for the long part, with patch leads at both ends. */
function overHouseLines(
  id: string,
  link: Link,
  bundle: Bundle,
  { signal, ground, rules }: Assessment,
): Draft[] {
  const out = signal.wiring.portOf(link.from);
  return houseOffers(ground.venue, {
    devices: bundle.plan.devices,
    kinds: bundle.kinds,
    units: rules.units,
  }).flatMap((offer): Draft[] => {
    const line = ground.venue.houseLines?.[offer.id];
    if (!line) return [];
    const [near] = inOrder(offer.of.ports).filter(([, { direction }]) => direction === 'in');
    const [far] = inOrder(offer.of.ports).filter(([, { direction }]) => direction === 'out');
    if (!near || !far || near[1].connector !== out?.connector || near[1].carries !== out.carries) return [];
    const device = idFrom(`${id}/${offer.id}`);
    const taken = takeHousePatch(device, offer, bundle.plan, bundle.kinds);
    const order = orderAfter(inOrder(bundle.plan.devices).at(-1)?.[1].order);
    return [
      {
        id: `house ${offer.id}`,
        sort: 'house line',
        label: `Over the ${offer.label} of the house (${offer.about})`,
        changes: [
          ...taken,
          inPlan()
            .put('devices', device, 'order', order)
            .put('links', idFrom(`${id}/${offer.id}/on`), {
              from: { device, port: far[0] },
              to: { ...link.to },
            })
            .put('links', id, { from: { ...link.from }, to: { device, port: near[0] } }).change,
        ],
      },
    ];
  });
}
