/** Runs: a way, a length and a cable for every lead. */
import { asItIs, inOrder, numberOf, pick, resultOf, type Parts } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { withinRack } from '../in-rack/inner.js';
import { amongSeats } from './among-seats.js';
import { endAt, pluggedIn, type EndAt } from './ends.js';
import { RUNS_FIGURES } from './figures.js';
import type { Room } from './floor.js';
import { onTheFloor } from './floor-work.js';
import { Laying } from './laying.js';
import { loomGroups, loomOf } from './looms.js';
import { runNumbers } from './numbers.js';
import type { RunResult, RunsReads, RunsResult } from './result.js';
import { makeOf, routedRun, type RoutedRun } from './routed.js';
import { runResult } from './run.js';
import { spanResult, spansOf } from './spans.js';
import { cutLeads, ownedCables, type Wanted } from './stock.js';
import { squaresOf, type Squares } from './occupancy.js';

export type * from './result.js';

export const runs: Station<RunsReads, RunsResult> = {
  name: 'runs',
  figures: RUNS_FIGURES,
  compute(reads, parts) {
    const venue = () => reads.ground.venue;
    const wiring = () => reads.signal.wiring;
    const places = () => reads.ground.places;
    const rules = () => reads.rules;
    const laying = layingPart(parts, venue);
    const leads = parts.part('leads', { links: () => reads.links, wiring, places }, leadsOf);
    const from = parts.each('from', leads, (_, link) => endAt(link.from, reads), asItIs);
    const to = parts.each('to', leads, (_, link) => endAt(link.to, reads), asItIs);
    const within = parts.each(
      'within',
      leads,
      (_, link) => withinRack(reads.innards, link.from.device, link.to.device),
      asItIs,
    );
    const routed = parts.each(
      'routed',
      leads,
      (id, link) => ({
        link,
        laying: laying(),
        wiring: wiring(),
        slack: rules().slack,
        known: reads.signal.leads,
        outlet: venue().sockets?.[link.from.socket ?? ''],
        arrives: wiring().devices[reads.signal.plugged[id] ?? '']?.label,
        from: from()[id] as EndAt,
        to: to()[id] as EndAt,
        within: within()[id],
      }),
      routedRun,
    );
    const owned = parts.part(
      'owned',
      {
        shelf: () => reads.shelf,
        kinds: () => reads.kinds,
        claims: () => reads.claims,
        devices: () => reads.devices,
      },
      ownedCables,
    );
    const numbers = parts.part('numbers', { runs: routed, printed: () => reads.printed }, runNumbers);
    const wanted = parts.part('wanted', { routed }, wantedOf);
    const spares = () => rules().cableSpares ?? 0;
    const cuts = parts.part('cuts', { wanted, owned, spares }, cutLeads);
    const runs = parts.each(
      'runs',
      () => Object.entries(routed()),
      (id, run) => ({
        run,
        number: numbers()[id] ?? '',
        cut: cuts()[id],
        wiring: wiring(),
        rules: rules(),
        known: reads.signal.formats[id]?.format.value,
      }),
      runResult,
    );
    const squares = parts.each(
      'squares',
      () => Object.entries(runs()),
      (_, { crosses, points, floors, aloft }) => (crosses ? { points, floors, aloft } : undefined),
      (_, run) => squaresOf(run),
    );
    const seats = seatsPart(parts, venue, runs);
    const groups = parts.part('groups', { runs, squares }, loomGroups);
    const work = parts.part(
      'floor work',
      {
        runs,
        squares,
        places,
        areas: () => venue().areas,
        doors: () => venue().doors,
        aisles: () => reads.ground.aisles,
      },
      onTheFloor,
    );
    return resultOf<RunsResult>({
      runs,
      spans: spansPart(parts, reads, runs),
      laying: () => laying(),
      amongSeats: seats,
      looms: loomsOf(parts, groups, runs, squares),
      totalOnFloor: () => work().totalOnFloor,
      taped: () => work().taped,
      ramps: () => work().ramps,
      ramped: () => work().ramped,
      hooks: () => work().hooks,
      mats: () => work().mats,
      beside: () => work().beside,
      passages: () => work().passages,
    });
  },
};

/** Laid only when a lead crosses it: a survey by itself has none. */
const layingPart = (parts: Parts, venue: () => RunsReads['ground']['venue']) =>
  parts.part(
    'laying',
    {
      outline: () => venue().outline,
      walls: () => venue().walls,
      pillars: () => venue().pillars,
      areas: () => venue().areas,
      doors: () => venue().doors,
      stairs: () => venue().stairs,
      ceilingPoints: () => venue().ceilingPoints,
    },
    layingOf,
  );

/** How much of each lead lies among seats, where the room has any. */
const seatsPart = (
  parts: Parts,
  venue: () => RunsReads['ground']['venue'],
  runs: () => Readonly<Record<string, RunResult>>,
) =>
  parts.each(
    'seats',
    () => Object.entries(runs()),
    (_, { crosses, points, floors, aloft }) => {
      const { areas, outline } = venue();
      const seated = crosses && Object.values(areas ?? {}).some(({ kind }) => kind === 'seating');
      return seated && areas ? { points, floors, aloft, areas, outline } : undefined;
    },
    amongSeats,
  );

/** The spans, each remembered for the leads that are in it. */
function spansPart(
  parts: Parts,
  reads: RunsReads,
  runs: () => Readonly<Record<string, RunResult>>,
): () => RunsResult['spans'] {
  const wiring = () => reads.signal.wiring;
  const followed = parts.part('spans', { wiring, links: () => reads.links }, spansOf);
  const entries = () => Object.entries(followed());
  const members = parts.each('span runs', entries, (_, { links }) => pick(runs(), links), asItIs);
  return parts.each(
    'span results',
    () => entries().filter(([id]) => Object.keys(members()[id] ?? {}).length > 0),
    (id, span) => ({
      span,
      runs: members()[id] ?? {},
      links: reads.links ?? {},
      lines: reads.ground.venue.houseLines ?? {},
      wiring: wiring(),
      rules: reads.rules,
    }),
    spanResult,
  );
}

/** The looms, each remembered for the leads that are in it. */
function loomsOf(
  parts: Parts,
  groups: () => Readonly<Record<string, readonly string[]>>,
  runs: () => Readonly<Record<string, RunResult>>,
  squares: () => Readonly<Record<string, Squares>>,
): () => RunsResult['looms'] {
  const membersOf = <T>(key: string, of: () => Readonly<Record<string, T>>) =>
    parts.each(
      key,
      () => Object.entries(groups()),
      (_, members) => pick(of(), members),
      asItIs,
    );
  const loomRuns = membersOf('loom runs', runs);
  const loomSquares = membersOf('loom squares', squares);
  return parts.each(
    'looms',
    () => Object.entries(groups()),
    id => ({ runs: loomRuns()[id] ?? {}, squares: loomSquares()[id] ?? {} }),
    loomOf,
  );
}

/** Floors are laid when they are first asked for. */
function layingOf(room: Room): () => Laying {
  let laying: Laying | undefined;
  return () => (laying ??= new Laying(room));
}

/** Links that want a lead: not those that are plugged straight in. */
const leadsOf = ({
  links,
  wiring,
  places,
}: Pick<RunsReads, 'links'> & {
  readonly wiring: RunsReads['signal']['wiring'];
  readonly places: RunsReads['ground']['places'];
}) =>
  inOrder(links).filter(([, link]) => makeOf(link, wiring) !== undefined && !pluggedIn(link, wiring, places));

/** What leads ask of the stock: those that bring their own, or have no length, ask nothing. */
const wantedOf = ({ routed }: { readonly routed: Readonly<Record<string, RoutedRun>> }): readonly Wanted[] =>
  Object.entries(routed).flatMap(([id, { figures, ownLead, cord, make, ports, link }]) => {
    const length = numberOf(figures.length);
    if (length === undefined || ownLead) return [];
    return [{ id, make, ports, length: length - Number(cord?.value ?? 0), link }];
  });
