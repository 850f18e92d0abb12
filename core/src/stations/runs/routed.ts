/** Routed leads: the way of each over the floors, and how long it must be. */
import type { CableMake, Connector, Link, Socket } from '../../documents/index.js';
import {
  constant,
  distance,
  given,
  listed,
  numberOf,
  taken,
  type Figure,
  type Point,
  type Term,
} from '../../foundations/index.js';
import * as figures from './figures.js';
import { wallSocket, type OwnedLeads, type PortFace } from '../signal/lead-ends.js';
import { clashOf, plugEndOf } from '../signal/port-fit.js';
import type { PlanWiring } from '../signal/index.js';
import type { WithinRack } from '../in-rack/inner.js';
import { endOf, risesBetween, risesOf, type EndAt, type RoutedEnd } from './ends.js';
import { laced } from './laced.js';
import type { Laying, Stop } from './laying.js';
import { makeBetween } from './makes.js';
import type { Route } from './route.js';
import type { JoinedPorts } from './stock.js';

/** Lead length between things on one table, or in a rack off its rails, m. */
const INSIDE = 0.5;

/** Things no farther apart than this on one floor are joined through the air, m. */
const BESIDE = 1.5;
/** So much longer may the way over the floor be that only gets round a corner of the grid, m; round a wall it is more. */
const ROUND = 0.75;
/** What a lead between them has to spare, m. */
const SPARE = 0.5;

const OFF_FLOOR = { method: 'it does not touch the floor' };
const BESIDE_EACH_OTHER = { method: 'they stand beside each other' };
const ONE_PLACE = { method: 'both ends are in one place' };

export interface RunLengths {
  /** Least-cost way on the floors, m. */
  readonly onFloor: Figure;
  /** Up and down between floors: steps, drops, stairs, the ceiling, m. */
  readonly between: Figure;
  readonly rises: Figure;
  readonly tails: Figure;
  readonly overhead: Figure;
  /** What is wanted, slack included, or what was measured on site, m. */
  readonly length: Figure;
}

export interface RoutedRun {
  readonly link: Link;
  readonly from: RoutedEnd;
  readonly to: RoutedEnd;
  readonly make: CableMake;
  readonly connector: Connector;
  /** What its ends go into. */
  readonly ports: JoinedPorts;
  readonly crosses: boolean;
  readonly route: Route | undefined;
  /** Length of the lead that one of its ends brings along, m. */
  readonly ownLead: Term | undefined;
  /** Length of the cord at its end, m, which takes it on from the cables. */
  readonly cord: Term | undefined;
  /** The rack that it stays in, and whether it arrives plugged there. */
  readonly rack: string | undefined;
  readonly stays: boolean;
  readonly figures: RunLengths;
}

/** The make and the connector of a link; undefined where things plug together directly. */
export function makeOf(
  link: Link,
  wiring: PlanWiring,
): { make: CableMake; connector: Connector } | undefined {
  const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const port = to ?? from;
  const usual = makeBetween(from, to);
  return port && usual !== undefined ? { make: link.make ?? usual, connector: port.connector } : undefined;
}

const NETWORK_WALL: PortFace = { connector: 'RJ45', direction: 'both', carries: 'network' };

/** What a port is joined to by a plain lead. */
const facing = ({ connector, carries, direction }: PortFace): PortFace => ({
  connector,
  carries,
  direction: direction === 'both' ? 'both' : direction === 'in' ? 'out' : 'in',
});

/** What both ends of a link go into. Where no lead of the house joins them, what is missing is another snag’s concern. */
function portsOf({ link: { from, to }, wiring, known, outlet }: LeadToLay): JoinedPorts {
  const [out, into] = [wiring.portOf(from), wiring.portOf(to)];
  const wall = ({ socket, networkSocket }: Link['from']): PortFace | undefined =>
    socket !== undefined ? wallSocket(outlet ?? {}) : networkSocket !== undefined ? NETWORK_WALL : undefined;
  const [near, far] = [out ?? wall(from), into ?? wall(to)];
  if (near && far && !(out && into && clashOf(out, into, known))) return [near, far];
  if (far) return [facing(far), far];
  const only = near ?? NETWORK_WALL;
  return [only, facing(only)];
}

function ownLeadOf(link: Link, wiring: PlanWiring): Term | undefined {
  const end = plugEndOf(wiring, link);
  if (!end) return undefined;
  const { device = '', port = '' } = end;
  const pointer = `/kinds/${wiring.devices[device]?.kind ?? ''}/ports/${port}/ownLead`;
  const length = wiring.portOf(end)?.ownLead;
  return length === undefined
    ? constant('own', 0, 'm', `the plug of ${wiring.devices[device]?.label ?? 'it'} is on its body`)
    : given('own', length, 'm', 'kinds', pointer);
}

/** The cord of the device that a mains lead ends at. */
function cordOf({ to }: Link, wiring: PlanWiring): Term | undefined {
  const port = wiring.portOf(to);
  if (port?.connector !== 'mains' || port.direction !== 'in' || port.ownLead === undefined) return undefined;
  const { device = '', port: key = '' } = to;
  const pointer = `/kinds/${wiring.devices[device]?.kind ?? ''}/ports/${key}/ownLead`;
  return given('cord', port.ownLead, 'm', 'kinds', pointer);
}

export interface LeadToLay {
  readonly link: Link;
  readonly from: EndAt;
  readonly to: EndAt;
  readonly wiring: PlanWiring;
  readonly laying: () => Laying;
  /** Leads of the house with unlike ends. */
  readonly known: OwnedLeads;
  /** The socket of the venue that it comes out of. */
  readonly outlet: Partial<Pick<Socket, 'connector'>> | undefined;
  /** What is added to every length, %. */
  readonly slack: number;
  /** The case in which it arrives plugged. */
  readonly arrives: string | undefined;
  /** The rack that both of its ends are in. */
  readonly within: WithinRack | undefined;
}

/** One lead, laid. Where the cord of its device reaches, that is all it takes. */
export function routedRun(id: string, lead: LeadToLay): RoutedRun {
  const run = laidOut(id, lead);
  const { cord, figures: own, link } = run;
  if (lead.arrives !== undefined)
    return {
      ...run,
      ownLead: constant('own', own.length.value, 'm', `it stays plugged in ${lead.arrives}`),
      cord: undefined,
    };
  const reaches =
    cord && numberOf(own.length) !== undefined && Number(own.length.value) <= Number(cord.value);
  return reaches && !link.cables ? { ...run, ownLead: { ...cord, name: 'own' }, cord: undefined } : run;
}

function laidOut(id: string, lead: LeadToLay): RoutedRun {
  const { link, wiring, laying } = lead;
  const ports = portsOf(lead);
  const { make, connector } = makeOf(link, wiring) ?? { make: 'hdmi-plain', connector: 'HDMI A' };
  const [from, to] = [endOf(link.from, lead.from, wiring), endOf(link.to, lead.to, wiring)];
  const crosses = from.carrier !== to.carrier;
  const [ownLead, cord] = [ownLeadOf(link, wiring), cordOf(link, wiring)];
  const slack = given('slack', lead.slack, '%', 'rules', '/slack');
  const { within } = lead;
  const [rack, stays] = [within?.rack, lead.arrives !== undefined];
  const known = { link, from, to, make, connector, ports, crosses, ownLead, cord, rack, stays };
  const measured =
    link.measured === undefined
      ? undefined
      : figures.runLength.calc(
          [id],
          [given('measured', link.measured, 'm', 'plan', `/links/${id}/measured`)],
          { formula: 'measured', rule: 'as it was measured on site' },
        );
  if (!crosses) return { ...known, route: undefined, figures: lengthsInPlace(id, within, measured, slack) };
  const stop = ({ at, level, fixed }: RoutedEnd): Stop | undefined =>
    at && { at, fixed, level: laying().levelOf(level) };
  const [first, last] = [stop(from), stop(to)];
  const route = first && last ? laying().route(first, last, link.way) : undefined;
  if (besideEachOther(from, to, route)) {
    const lengths = lengthsBeside(id, { from, to, measured, slack });
    return { ...known, crosses: false, route: undefined, figures: lengths };
  }
  const lengths = lengthsOf(id, { from, to, route }, slack);
  return { ...known, route, figures: measured ? { ...lengths, length: measured } : lengths };
}

/** A lead in one place: in a rack as it is laced there, elsewhere by the house’s figure. */
function lengthsInPlace(
  id: string,
  within: WithinRack | undefined,
  measured: Figure | undefined,
  slack: Term,
): RunLengths {
  const none = (): Figure =>
    figures.runLength.calc(
      [id],
      [constant('inside', INSIDE, 'm', 'between things in one rack or on one table'), slack],
      { formula: 'inside * (1 + slack / 100)' },
    );
  return {
    onFloor: figures.onFloor.found([id], 0, [], OFF_FLOOR),
    between: figures.between.found([id], 0, [], OFF_FLOOR),
    rises: figures.rises.found([id], 0, [], ONE_PLACE),
    tails: figures.tails.found([id], 0, [], ONE_PLACE),
    overhead: figures.overhead.found([id], 0, [], ONE_PLACE),
    length: measured ?? (within?.from && within.to ? laced(id, within.from, within.to) : none()),
  };
}

/**
 * Whether two ends stand so near to each other on one floor that a lead need not go down to it; not where a wall is
 * between them, or people walk through. On one table of the survey they do, however long it is.
 */
const besideEachOther = (from: RoutedEnd, to: RoutedEnd, route: Route | undefined): boolean =>
  from.at !== undefined &&
  to.at !== undefined &&
  from.level === to.level &&
  ((from.table !== undefined && from.table === to.table) ||
    (distance(from.at, to.at) <= BESIDE &&
      route !== undefined &&
      route.crossings.length === 0 &&
      route.onFloor <= BESIDE + ROUND));

/** A lead through the air: straight from one to the other, and something to spare. */
function lengthsBeside(
  id: string,
  {
    from,
    to,
    measured,
    slack,
  }: Pick<RoutedRun, 'from' | 'to'> & { readonly measured: Figure | undefined; readonly slack: Term },
): RunLengths {
  const apart = constant(
    'apart',
    distance(from.at as Point, to.at as Point),
    'm',
    'between them, as seen from above',
  );
  const spare = constant('spare', SPARE, 'm', 'to spare between things beside each other');
  const rises = risesBetween(id, from, to);
  return {
    onFloor: figures.onFloor.found([id], 0, [], OFF_FLOOR),
    between: figures.between.found([id], 0, [], OFF_FLOOR),
    rises,
    tails: figures.tails.found([id], 0, [], BESIDE_EACH_OTHER),
    overhead: figures.overhead.found([id], 0, [], BESIDE_EACH_OTHER),
    length:
      measured ??
      figures.runLength.calc([id], [apart, taken('rises', rises), spare, slack], {
        formula: '(sqrt(apart * apart + rises * rises) + spare) * (1 + slack / 100)',
      }),
  };
}

function lengthsOf(
  id: string,
  { from, to, route }: Pick<RoutedRun, 'from' | 'to' | 'route'>,
  slack: Term,
): RunLengths {
  const homeless = [from, to].filter(({ at }) => !at).map(({ thing }) => thing);
  const why =
    homeless.length > 0
      ? `${listed(homeless)} ${homeless.length === 1 ? 'has' : 'have'} no place yet`
      : 'no way over the floor leads there';
  const onFloor = route ? figures.onFloor.found([id], route.onFloor) : figures.onFloor.unknown([id], why);
  const between = route ? figures.between.found([id], route.between) : figures.between.unknown([id], why);
  const rises = risesOf(id, from, to);
  const tails = figures.tails.calc([id], [from.tail, to.tail]);
  const overhead = figures.overhead.calc(
    [id],
    (route?.crossings ?? [])
      .filter(zone => zone.kind === 'door')
      .map(zone => constant('over', zone.added, 'm', `over ${zone.label}: 2 × (door height + 0.3 m)`)),
  );
  const length = figures.runLength.calc(
    [id],
    [
      ...[taken('path', onFloor), taken('between', between), taken('rises', rises)],
      ...[taken('tails', tails), taken('overhead', overhead), slack],
    ],
  );
  return { onFloor, between, rises, tails, overhead, length };
}
