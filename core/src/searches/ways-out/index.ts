/** Ways out for a lead that is too long, side by side: each one is tried, and said what it takes. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle, Kind, Link, Port } from '../../documents/index.js';
import { applyFix } from '../../fixes.js';
import { idFrom, inOrder, numberOf, orderAfter, PatchError } from '../../foundations/index.js';
import { isMains } from '../../stations/runs/makes.js';
import { otherMakes } from '../../stations/runs/other-makes.js';
import { reachIsGood } from '../../stations/runs/reach.js';
import type { RunResult } from '../../stations/runs/result.js';
import { houseOffers, takeHousePatch } from '../../stations/signal/house.js';
import { pictureDelay } from '../../stations/signal/latency.js';
import { joinsPorts, OwnedLeads, leadOf } from '../../stations/signal/lead-ends.js';
import { clashOf } from '../../stations/signal/port-fit.js';
import { adding, offersOf, type Offer, type Stock } from '../../stations/signal/offers.js';
import { deskMoves } from '../desk/desk-places.js';
import { OptionError, provenLeast, type Offer as Offered, type Search } from '../search.js';
import { inPlan } from '../../edits.js';

export interface WayOut extends Offered {
  readonly sort: 'cable' | 'extender' | 'converters' | 'house line' | 'desk';
  /** Every lead that it makes of the old one carries that far. */
  readonly carries: boolean;
  /** What must be bought or hired for it, and its price; undefined where a price is not known. */
  readonly buy: readonly string[];
  readonly price: number | undefined;
  /** Added delay of the picture, ms; added things that want a socket; added weight, kg. */
  readonly delay: number;
  readonly powerPoints: number;
  readonly weight: number;
}

type Draft = Pick<WayOut, 'id' | 'sort' | 'label' | 'changes'>;

/** Of one sort, those first that need nothing bought. */
const OF_A_SORT = 3;

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
  const prices = missing.map(([line, { kind }]) => {
    const run = after.runs.runs[line.split(' ')[0] ?? ''];
    return kind !== undefined
      ? kinds.kinds[kind]?.price
      : run && priceOfCable(run, numberOf(run.wanted), bundle);
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

/** What a cable of a length that is sold costs, where the house knows one. */
function priceOfCable(
  { make, ports }: RunResult,
  length: number | undefined,
  { kinds }: Bundle,
): number | undefined {
  const fitting = inOrder(kinds.kinds)
    .flatMap(([, { cable, price }]) =>
      cable?.make === make && price !== undefined && joinsPorts(leadOf(cable), ...ports)
        ? [{ ...cable, price }]
        : [],
    )
    .filter(cable => length !== undefined && cable.length >= length);
  return fitting.length > 0 ? Math.min(...fitting.map(({ price }) => price)) : undefined;
}

const otherCables = (id: string, { links }: Bundle['plan'], { runs }: Assessment): Draft[] =>
  otherMakes(runs.runs, links, id).map(({ label, changes }) => ({
    id: label,
    sort: 'cable',
    label: label.replace(/ for it$/, ''),
    changes,
  }));

interface Pair {
  readonly near: Offer;
  readonly far: Offer;
  readonly input: string;
  readonly output: string;
  /** Ports that are joined to each other, near to far. */
  readonly joints: readonly (readonly [string, string])[];
}

/** Extenders of one pair, and two converters with something else between, at both ends of the lead. */
function throughPairs(id: string, link: Link, bundle: Bundle, { signal }: Assessment): Draft[] {
  const { wiring } = signal;
  const [out, into] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const source = link.from.device;
  if (!out || !into || source === undefined || out.carries !== 'video') return [];
  const stock: Stock = { kinds: bundle.kinds, shelf: bundle.shelf, wiring };
  const sink = link.to.device ?? source;
  const carrierOf = (device: string): string => wiring.devices[device]?.place?.inside ?? device;
  return pairsBetween(out, into, stock).map(({ near, far, input, output, joints }): Draft => {
    const key = `${near.kind}/${far.kind}`;
    const [first, second] = [idFrom(`${id}/${key}/near`), idFrom(`${id}/${key}/far`)];
    const order = `${wiring.devices[source]?.order ?? '0'}c`;
    const edit = adding(near, first, order, source, {}, wiring)
      .and(adding(far, second, order, carrierOf(sink), {}, wiring))
      .each(joints.entries(), (each, [i, [a, b]]) =>
        each.put('links', idFrom(`${id}/${key}/${i}`), {
          from: { device: first, port: a },
          to: { device: second, port: b },
        }),
      )
      .put('links', idFrom(`${id}/${key}/on`), {
        from: { device: second, port: output },
        to: { ...link.to },
      })
      .put('links', id, { from: { ...link.from }, to: { device: first, port: input } });
    return {
      id: key,
      sort: near.of.family === 'converter' ? 'converters' : 'extender',
      label: near.of.family === 'converter' ? `${near.of.label}, and back` : pairName(near.of),
      changes: [edit.change],
    };
  });
}

/** Small and full-size HDMI differ by an adapter only, which is a snag of its own where it is missing. */
const areHdmi = (a: Port, b: Port): boolean =>
  a.connector.startsWith('HDMI') && b.connector.startsWith('HDMI');

/** `Twisted-pair extender` of `Twisted-pair extender, sending end`. */
const pairName = ({ label }: Kind): string => label.replace(/, (sending|receiving) end.*$/, '');

function pairsBetween(out: Port, into: Port, stock: Stock): Pair[] {
  const leads = new OwnedLeads(stock);
  const fits = (from: Port, to: Port): boolean => !clashOf(from, to, leads) || areHdmi(from, to);
  const videoPorts = ({ of }: Offer) => inOrder(of.ports).filter(([, { carries }]) => carries === 'video');
  const ends = offersOf(
    ({ family }) => family === 'extender' || family === 'wireless link' || family === 'converter',
    stock,
  );
  return ends.flatMap(near => {
    const input = videoPorts(near).find(([, port]) => port.direction === 'in' && fits(out, port))?.[0];
    if (input === undefined) return [];
    return ends.flatMap((far): Pair[] => {
      const output = videoPorts(far).find(
        ([, port]) => port.direction === 'out' && !clashOf(port, into, leads),
      )?.[0];
      if (output === undefined || far === near) return [];
      const outs = videoPorts(near).filter(([, port]) => port.direction === 'out');
      const ins = videoPorts(far).filter(([, port]) => port.direction === 'in');
      const paired = near.of.pair === far.kind;
      const plain =
        near.of.family === 'converter' &&
        far.of.family === 'converter' &&
        outs.length === 1 &&
        ins.length === 1;
      if (!paired && !plain) return [];
      if (
        outs.length !== ins.length ||
        outs.some(([, { connector }], i) => connector !== ins[i]?.[1].connector)
      )
        return [];
      // Two converters that leave the connector as it was carry no farther.
      if (plain && outs[0]?.[1].connector === out.connector) return [];
      return [
        { near, far, input, output, joints: outs.map(([port], i) => [port, ins[i]?.[0] ?? ''] as const) },
      ];
    });
  });
}

/** An installed line for the long part, with patch leads at both ends. */
function overHouseLines(
  id: string,
  link: Link,
  bundle: Bundle,
  { signal, ground, rules }: Assessment,
): Draft[] {
  const out = signal.wiring.portOf(link.from);
  return houseOffers(ground.venue, bundle.plan.devices, rules.units).flatMap((offer): Draft[] => {
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
