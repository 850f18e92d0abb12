/** Routed leads: the way of each over the floors, and how long it must be. */
import type { CableMake, Connector, Link, Rules } from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  given,
  taken,
  unknown,
  type Figure,
  type Term,
} from '../../foundations/index.js';
import { plugEndOf } from '../signal/mates.js';
import type { SignalResult } from '../signal/index.js';
import { endOf, risesOf, type EndReads, type RoutedEnd } from './ends.js';
import type { Laying, Stop } from './laying.js';
import { usualMake } from './makes.js';
import type { Route } from './route.js';

/** Lead length between things in one rack or on one table, m. */
const INSIDE = 0.5;

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
  readonly crosses: boolean;
  readonly route: Route | undefined;
  /** Length of the lead that one of its ends brings along, m. */
  readonly ownLead: Term | undefined;
  readonly figures: RunLengths;
}

/** The make and the connector of a link; undefined where things plug together directly. */
export function makeOf(
  link: Link,
  { wiring }: SignalResult,
): { make: CableMake; connector: Connector } | undefined {
  const port = wiring.portOf(link.to) ?? wiring.portOf(link.from);
  const usual = port && usualMake(port);
  return port && usual !== undefined ? { make: link.make ?? usual, connector: port.connector } : undefined;
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

/** One lead, laid. */
export function routedRun(
  id: string,
  link: Link,
  reads: EndReads & { readonly rules: Rules },
  laying: () => Laying,
): RoutedRun {
  const { make, connector } = makeOf(link, reads.signal) ?? { make: 'hdmi-plain', connector: 'HDMI A' };
  const [from, to] = [endOf(link.from, reads), endOf(link.to, reads)];
  const crosses = from.carrier !== to.carrier;
  const ownLead = ownLeadOf(link, reads.signal);
  const slack = given('slack', reads.rules.slack, '%', 'rules', '/slack');
  const known = { link, from, to, make, connector, crosses, ownLead };
  const measured =
    link.measured === undefined
      ? undefined
      : calc('m', 'measured', [given('measured', link.measured, 'm', 'plan', `/links/${id}/measured`)]);
  if (!crosses) {
    const none = constant('inside', INSIDE, 'm', 'between things in one rack or on one table');
    const zero = (words: string): Figure => found(0, 'm', words);
    return {
      ...known,
      route: undefined,
      figures: {
        onFloor: zero('it does not touch the floor'),
        between: zero('it does not touch the floor'),
        rises: zero('both ends are in one place'),
        tails: zero('both ends are in one place'),
        overhead: zero('both ends are in one place'),
        length: measured ?? calc('m', 'inside * (1 + slack / 100)', [none, slack]),
      },
    };
  }
  const stop = ({ at, level, fixed }: RoutedEnd): Stop | undefined =>
    at && { at, fixed, level: laying().levelOf(level) };
  const [first, last] = [stop(from), stop(to)];
  const route = first && last ? laying().route(first, last, link.way) : undefined;
  const figures = lengthsOf(`runs.runs.${id}`, { from, to, route }, slack);
  return { ...known, route, figures: measured ? { ...figures, length: measured } : figures };
}

function lengthsOf(
  path: string,
  { from, to, route }: Pick<RoutedRun, 'from' | 'to' | 'route'>,
  slack: Term,
): RunLengths {
  const why = !from.at || !to.at ? 'one end has no place yet' : 'no way over the floor leads there';
  const onFloor = route
    ? found(
        route.onFloor,
        'm',
        'least-cost path: along walls 1, open floor 2.5, seating 4, ramp + 6 per metre',
      )
    : unknown('m', why);
  const between = route
    ? found(route.between, 'm', 'up and down on that path: steps, edges of galleries, stairs, ceiling')
    : unknown('m', why);
  const rises = risesOf(from, to);
  const tails = calc('m', 'sum(tail)', [from.tail, to.tail]);
  const overhead = calc(
    'm',
    'sum(over)',
    (route?.crossings ?? [])
      .filter(zone => zone.kind === 'door')
      .map(zone => constant('over', zone.added, 'm', `over ${zone.label}: 2 × (door height + 0.3 m)`)),
  );
  const length = calc('m', '(path + between + rises + tails + overhead) * (1 + slack / 100)', [
    taken('path', onFloor, `${path}.onFloor`),
    taken('between', between, `${path}.between`),
    taken('rises', rises, `${path}.rises`),
    taken('tails', tails, `${path}.tails`),
    taken('overhead', overhead, `${path}.overhead`),
    slack,
  ]);
  return { onFloor, between, rises, tails, overhead, length };
}
