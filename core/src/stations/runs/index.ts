/** Runs: a route, a length and a cable for every lead that crosses the floor. */
import type { CableMake, Claims, Connector, End, Kinds, Link, Rules, Shelf } from '../../documents/index.js';
import {
  calc,
  constant,
  CostField,
  found,
  given,
  inOrder,
  numberOf,
  taken,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
  type Point,
  type Term,
} from '../../foundations/index.js';
import type { GroundResult } from '../ground/index.js';
import type { SignalResult } from '../signal/index.js';
import { plugEndOf } from '../signal/mates.js';
import { sweepOf, workedByHand, type Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { floorOf, type Floor, type Zone } from './floor.js';
import { MAKE_WORDS, reachOf, usualMake } from './reach.js';
import { routeTo, type Route } from './route.js';
import { beyondReach } from './snags/beyond-reach.js';
import { noCable } from './snags/no-cable.js';
import { leadShort } from './snags/lead-short.js';
import { noRoute } from './snags/no-route.js';
import { chooseCables, ownedCables, QUICK_RULE, type OwnedCable } from './stock.js';

export interface RunsReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly rules: Rules;
  readonly ground: GroundResult;
  readonly signal: SignalResult;
}

export interface RunResult {
  /** `C3 SIDE → HDMI in 3 of Switcher`. */
  readonly label: string;
  readonly from: string;
  readonly to: string;
  readonly make: CableMake;
  readonly makeWords: string;
  readonly connector: Connector;
  /** It crosses the floor; otherwise it stays inside a rack or on one table. */
  readonly crosses: boolean;
  readonly points: readonly Point[];
  readonly crossings: readonly Zone[];
  readonly onFloor: Figure;
  readonly rises: Figure;
  readonly tails: Figure;
  readonly overhead: Figure;
  readonly length: Figure;
  readonly limit: Figure;
  readonly stretched: Figure;
  /** Tape code of the chosen cable. */
  readonly cable: Figure;
  readonly cableLength: Figure;
  readonly excess: Figure;
  /** `within`, `beyond the house rule` or `beyond any rule`, for the cable used. */
  readonly reach: Figure;
  readonly item: string | undefined;
  /** One of its ends brings its lead along, so that no cable is wanted. */
  readonly ownLead: boolean;
}

export interface RunsResult {
  readonly runs: Readonly<Record<string, RunResult>>;
  readonly totalOnFloor: Figure;
  /** Aisle width to be covered by ramps, m. */
  readonly ramped: Figure;
}

/** Lead length between things in one rack or on one table, m. */
const INSIDE = 0.5;
const TAIL = { desk: 2, locked: 1, operated: 3 } as const;

interface RoutedEnd {
  readonly at: Point | undefined;
  readonly label: string;
  /** Height above its floor plus the drop from a gallery, m. */
  readonly rise: Term;
  readonly tail: Term;
  readonly carrier: string;
  readonly fixed: boolean;
}

interface RoutedRun {
  readonly from: RoutedEnd;
  readonly to: RoutedEnd;
  readonly make: CableMake;
  readonly connector: Connector;
  readonly crosses: boolean;
  readonly route: Route | undefined;
  /** Length of the lead that one of its ends brings along, m. */
  readonly ownLead: Term | undefined;
  readonly figures: Pick<RunResult, 'onFloor' | 'rises' | 'tails' | 'overhead' | 'length'>;
}

function compute(reads: RunsReads, memo: Memo): RunsResult {
  const { links, devices, kinds, shelf, claims, rules, ground, signal } = reads;
  const { outline, walls, pillars, areas, doors } = ground.venue;
  // Laid only when a lead crosses it: a survey by itself has none.
  const floor = memo.once('floor', [outline, walls, pillars, areas, doors], () => layingOf(ground.venue));
  const fields = memo.once('fields', [floor], () => new Map<string, CostField>());
  const fieldAt = (at: Point): CostField => rememberedField(fields, floor(), at);

  const leads = memo.once('leads', [links, signal.wiring, ground.places], () =>
    inOrder(links).filter(
      ([, link]) => makeOf(link, signal) !== undefined && !pluggedIn(link, signal.wiring, ground),
    ),
  );
  const routed = memo.each(
    'routed',
    leads,
    link => [
      link,
      endPlace(link.from, ground, devices),
      endPlace(link.to, ground, devices),
      floor,
      rules.slack,
      signal.wiring,
    ],
    (link, id) => routedRun(id, link, reads, floor, fieldAt),
  );
  const owned = memo.once('owned', [shelf, kinds, claims, devices], () =>
    ownedCables(shelf, kinds, claims, devices),
  );
  const wanted = Object.entries(routed).flatMap(([id, run]) => {
    const length = numberOf(run.figures.length);
    return length === undefined || run.ownLead
      ? []
      : [{ id, make: run.make, connector: run.connector, length }];
  });
  const chosen = chooseCables(wanted, owned);
  const runs = memo.each(
    'runs',
    Object.entries(routed),
    (run, id) => [run, chosen.get(id), rules],
    (run, id) => runResult(id, run, chosen.get(id), rules),
  );
  return memo.once('result', [runs], () => resultOf(runs));
}

function resultOf(runs: RunsResult['runs']): RunsResult {
  const crossing = Object.entries(runs).filter(([, run]) => run.crosses);
  return {
    runs,
    totalOnFloor: calc(
      'm',
      'sum(run)',
      crossing.flatMap(([id, run]) =>
        run.onFloor.value === null ? [] : [taken('run', run.onFloor, `runs.runs.${id}.onFloor`)],
      ),
    ),
    ramped: rampedWidth(crossing.map(([, run]) => run)),
  };
}

/** Lays the floor when it is first asked for. */
function layingOf(venue: Parameters<typeof floorOf>[0]): () => Floor {
  let floor: Floor | undefined;
  return () => (floor ??= floorOf(venue));
}

/** Fields kept at most; a dragged desk makes a new one at every step. */
const MOST_FIELDS = 24;

/** The cost field around a point, from the cache of this floor. */
function rememberedField(fields: Map<string, CostField>, floor: Floor, at: Point): CostField {
  const key = at.join();
  const known = fields.get(key);
  if (known) return known;
  const field = new CostField(floor.grid, at);
  const oldest = fields.keys().next().value;
  if (fields.size >= MOST_FIELDS && oldest !== undefined) fields.delete(oldest);
  fields.set(key, field);
  return field;
}

/** Ramps are laid once per aisle, however many leads go under them. */
function rampedWidth(runs: readonly RunResult[]): Figure {
  const aisles = new Map(
    runs.flatMap(run =>
      run.crossings.filter(zone => zone.kind === 'aisle').map(zone => [zone.id, zone] as const),
    ),
  );
  return calc(
    'm',
    'sum(aisle)',
    [...aisles.values()].map(zone => constant('aisle', zone.ramped, 'm', `clear width of ${zone.label}`)),
  );
}

function makeOf(link: Link, signal: SignalResult): { make: CableMake; connector: Connector } | undefined {
  const { wiring } = signal;
  const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const port = to ?? from;
  if (!port) return undefined;
  const usual = usualMake(port.connector);
  if (usual === undefined) return undefined;
  return { make: link.make ?? usual, connector: port.connector };
}

/** Whether a link is plugged straight in: one end brings its plug, and both are in one place. */
function pluggedIn(link: Link, wiring: SignalResult['wiring'], { places }: GroundResult): boolean {
  const carrier = ({ device = '' }: End): string => places[device]?.carrier ?? device;
  return plugEndOf(wiring, link) !== undefined && carrier(link.from) === carrier(link.to);
}

function ownLeadOf(link: Link, { wiring }: SignalResult): Term | undefined {
  const end = plugEndOf(wiring, link);
  if (!end) return undefined;
  const { device = '', port = '' } = end;
  const pointer = `/kinds/${wiring.devices[device]?.kind ?? ''}/ports/${port}/ownLead`;
  const length = wiring.portOf(end)?.ownLead;
  return length === undefined
    ? constant('own', 0, 'm', `the plug of ${wiring.devices[device]?.label ?? 'it'} is on its body`)
    : given('own', length, 'm', 'kinds', pointer);
}

/** Where an end is, for remembering routes: the place of its device, or the socket of the venue. */
const endPlace = (
  { device, socket, networkSocket }: End,
  { places, venue }: GroundResult,
  devices: MapOf<Equipment> | undefined,
): unknown =>
  device !== undefined
    ? (venue.houseLines?.[devices?.[device]?.house ?? ''] ?? places[device])
    : (venue.sockets?.[socket ?? ''] ?? venue.networkSockets?.[networkSocket ?? '']);

function endOf(end: End, { devices, ground, signal }: RunsReads): RoutedEnd {
  const house =
    ground.venue.sockets?.[end.socket ?? ''] ?? ground.venue.networkSockets?.[end.networkSocket ?? ''];
  if (house) {
    return {
      at: house.at,
      label: house.label,
      rise: constant('rise', 0.3, 'm', 'height of a wall socket'),
      tail: constant('tail', 0, 'm', 'no tail at a wall socket'),
      carrier: end.socket ?? end.networkSocket ?? '',
      fixed: true,
    };
  }
  const id = end.device ?? '';
  const line = ground.venue.houseLines?.[devices?.[id]?.house ?? ''];
  if (line) {
    const near = signal.wiring.portOf(end)?.direction === 'in';
    const at = line.ends[near ? 0 : 1];
    return {
      at,
      label: `${near ? 'near' : 'far'} end of ${line.label}`,
      rise: constant('rise', 0.3, 'm', 'height of a wall socket'),
      tail: constant('tail', 0, 'm', 'no tail at a wall socket'),
      carrier: `${id} ${near ? 'near' : 'far'}`,
      fixed: true,
    };
  }
  const place = ground.places[id];
  const carrier = devices?.[place?.carrier ?? id];
  const worked = carrier?.worked;
  const camera = signal.wiring.kindOf(place?.carrier)?.family === 'camera';
  const byHand = workedByHand(worked);
  const sweep = carrier && numberOf(sweepOf(place?.carrier ?? id, carrier));
  const tail = (!camera ? TAIL.desk : byHand ? TAIL.operated : TAIL.locked) + (sweep ?? 0);
  const words = !camera
    ? 'a rack or table'
    : sweep !== undefined
      ? 'a camera that moves, to the farthest that it goes'
      : byHand
        ? 'an operated camera'
        : 'a locked camera';
  return {
    at: place?.at,
    label: [signal.wiring.portOf(end)?.label, devices?.[id]?.label].filter(Boolean).join(' of '),
    rise: place
      ? taken('rise', place.elevation, `ground.places.${id}.elevation`)
      : constant('rise', null, 'm', 'not placed'),
    tail: constant('tail', tail, 'm', `tail at ${words}`),
    carrier: place?.carrier ?? id,
    fixed: !camera,
  };
}

function routedRun(
  id: string,
  link: Link,
  reads: RunsReads,
  floor: () => Floor,
  fieldAt: (at: Point) => CostField,
): RoutedRun {
  const { make, connector } = makeOf(link, reads.signal) ?? { make: 'hdmi-plain', connector: 'HDMI A' };
  const [from, to] = [endOf(link.from, reads), endOf(link.to, reads)];
  const path = `runs.runs.${id}`;
  const crosses = from.carrier !== to.carrier;
  // The field is kept around the end that stays put, so that moving a camera costs one walk down it.
  const [walker, post] = to.fixed || !from.fixed ? [from, to] : [to, from];
  const route = crosses && walker.at && post.at ? routeTo(floor(), fieldAt(post.at), walker.at) : undefined;
  const ownLead = ownLeadOf(link, reads.signal);
  const slack = given('slack', reads.rules.slack, '%', 'rules', '/slack');
  if (!crosses) {
    const none = constant('inside', INSIDE, 'm', 'between things in one rack or on one table');
    const zero = (words: string): Figure => found(0, 'm', words);
    return {
      ...{ from, to, make, connector, crosses, route, ownLead },
      figures: {
        onFloor: zero('it does not touch the floor'),
        rises: zero('both ends are in one place'),
        tails: zero('both ends are in one place'),
        overhead: zero('both ends are in one place'),
        length: calc('m', 'inside * (1 + slack / 100)', [none, slack]),
      },
    };
  }
  const why = !walker.at || !post.at ? 'one end has no place yet' : 'no way over the floor leads there';
  const onFloor = route
    ? found(
        route.onFloor,
        'm',
        'least-cost path: along walls 1, open floor 2.5, seating 4, ramp + 6 per metre',
      )
    : unknown('m', why);
  const rises = calc('m', 'sum(rise)', [from.rise, to.rise]);
  const tails = calc('m', 'sum(tail)', [from.tail, to.tail]);
  const overhead = calc(
    'm',
    'sum(over)',
    (route?.crossings ?? [])
      .filter(zone => zone.kind === 'door')
      .map(zone => constant('over', zone.added, 'm', `over ${zone.label}: 2 × (door height + 0.3 m)`)),
  );
  const length = calc('m', '(path + rises + tails + overhead) * (1 + slack / 100)', [
    taken('path', onFloor, `${path}.onFloor`),
    taken('rises', rises, `${path}.rises`),
    taken('tails', tails, `${path}.tails`),
    taken('overhead', overhead, `${path}.overhead`),
    slack,
  ]);
  return {
    from,
    to,
    make,
    connector,
    crosses,
    route,
    ownLead,
    figures: { onFloor, rises, tails, overhead, length },
  };
}

function runResult(id: string, run: RoutedRun, cable: OwnedCable | undefined, rules: Rules): RunResult {
  const path = `runs.runs.${id}`;
  const { limit, stretched } = reachOf(run.make, rules);
  const lengthTerm = taken('length', run.figures.length, `${path}.length`);
  const why = 'no owned cable is long enough';
  const cableLength = run.ownLead
    ? calc('m', 'own', [run.ownLead])
    : cable
      ? calc('m', 'cable', [given('cable', cable.length, 'm', 'kinds', `/kinds/${cable.kind}/cable/length`)])
      : unknown('m', why);
  const used =
    cableLength.value !== null
      ? taken('used', cableLength, `${path}.cableLength`)
      : { ...lengthTerm, name: 'used' };
  return {
    label: `${run.from.label} → ${run.to.label}`,
    from: run.from.label,
    to: run.to.label,
    make: run.make,
    makeWords: MAKE_WORDS[run.make],
    connector: run.connector,
    crosses: run.crosses,
    points: run.route?.points ?? [],
    crossings: run.route?.crossings ?? [],
    ...run.figures,
    limit,
    stretched,
    ownLead: run.ownLead !== undefined,
    cable: run.ownLead
      ? found('its own lead', '', 'one end brings its plug along', [run.ownLead])
      : cable
        ? found(cable.tape, '', QUICK_RULE, [lengthTerm])
        : unknown('', why),
    cableLength,
    excess:
      cableLength.value === null
        ? unknown('m', why)
        : calc('m', 'cable - length', [taken('cable', cableLength, `${path}.cableLength`), lengthTerm]),
    reach:
      limit.value === null
        ? unknown('', limit.why ?? '')
        : calc(
            '',
            "used <= limit ? 'within' : used <= stretched ? 'beyond the house rule' : 'beyond any rule'",
            [
              used,
              taken('limit', limit, `${path}.limit`),
              taken('stretched', stretched, `${path}.stretched`),
            ],
            { rule: 'reach is tested on the whole cable used, coiled excess included' },
          ),
    item: cable?.item,
  };
}

export const runs: Station<RunsReads, RunsResult> = {
  name: 'runs',
  rules: [noRoute, leadShort, noCable, beyondReach],
  compute,
};
