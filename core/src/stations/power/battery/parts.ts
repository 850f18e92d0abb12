/** Batteries along the day: the life of each, and its curve. */
import { inOrder, type Parts } from '../../../foundations/index.js';
import type { Drawn } from '../drawn.js';
import type { PowerReads, PowerResult } from '../result.js';
import { chargeChecks, type ChargeCheck } from './charges.js';
import { airOf } from '../../air-temperature.js';
import { innerLife, withMargin } from './inner.js';
import { batteryLife, wattsOf, type BatteryDay } from './life.js';
import { servicesOf, type Seat } from './services.js';
import { standInOf } from './stand-in.js';
import { standbyOf } from './standby.js';

type BatteryName =
  'batteries' | 'standbys' | 'inners' | 'standIns' | 'curves' | 'demands' | 'services' | 'charges';
type BatteryParts = { readonly [Name in BatteryName]: () => PowerResult[Name] };

const NONE: readonly string[] = [];

export function batteryParts(reads: PowerReads, parts: Parts, drawn: Drawn): BatteryParts {
  const start = () => String(reads.brief.start.value);
  const air = parts.part('air', { temperatures: () => reads.temperatures, start }, airIn);
  const days = batteryDays(reads, parts, drawn, { start, air });
  const inners = parts.each(
    'inner batteries',
    () => inOrder(reads.signal.wiring.devices),
    (id, { kind, item }) => {
      const inner = reads.kinds.kinds[kind]?.inner;
      const load = drawn.loads()[id];
      const source = drawn.feeding().feeds[id]?.source;
      if (!inner || !load || source === undefined || source === 'inner battery') return undefined;
      const feeder = sourceOf(id, drawn.feeding().feeds);
      return {
        ...{ kind, inner, item, load },
        known: reads.shelf.items[item ?? ''],
        air: air(),
        reserve: reads.rules.batteryReserve,
        start: start(),
        timeline: drawn.timeline(),
        fedUntil: feeder === undefined ? undefined : days()[feeder]?.life.ends,
      };
    },
    innerLife,
  );
  const batteries = parts.each(
    'batteries',
    () => Object.entries(days()),
    (id, { life }) => ({
      life,
      draws: drawn.feeding().draws[id] ?? NONE,
      inners: inners(),
      loads: drawn.loads(),
      end: reads.brief.end,
    }),
    (id, { life, draws, inners: known, loads, end }) =>
      withMargin(id, {
        ...{ life, end },
        carriedOn: draws.filter(device => loads[device]).map(device => known[device]?.dark),
      }),
  );
  const standbys = parts.each(
    'stand-by supplies',
    () => inOrder(reads.signal.wiring.devices),
    (id, { kind, item }) => {
      const { battery, supply } = reads.kinds.kinds[kind] ?? {};
      const { feeds, below } = drawn.feeding();
      // One that the mains do not reach is a battery like any other.
      if (battery?.voltAmps === undefined || feeds[id]?.source !== 'mains') return undefined;
      return {
        ...{ kind, item, battery, supply },
        known: reads.shelf.items[item ?? ''],
        reserve: reads.rules.batteryReserve,
        air: air(),
        volts: reads.ground.venue.volts,
        hanging: below[id] ?? NONE,
        all: drawn.loads(),
      };
    },
    (id, { hanging, all, ...each }) =>
      standbyOf(id, { ...each, loads: hanging.flatMap(device => all[device] ?? []) }),
  );
  return {
    batteries,
    standbys,
    inners,
    standIns: standInParts(reads, parts, drawn, air),
    demands: parts.each('battery demands', () => Object.entries(days()), asDay, wattsIn),
    curves: parts.each('curves', () => Object.entries(days()), asDay, curveIn),
    services: parts.each('services by battery', () => Object.entries(days()), asDay, servicesIn),
    charges: parts.part(
      'charges',
      {
        checks: parts.each(
          'charge checks',
          () => Object.entries(days()),
          (battery, { services, watts }) => ({
            ...{ battery, services, watts },
            timeline: drawn.timeline(),
            start: start(),
          }),
          (_, each) => chargeChecks(each),
        ),
      },
      allChecks,
    ),
  };
}

const asDay = (_: string, day: BatteryDay): BatteryDay => day;
const wattsIn = (_: string, { watts }: BatteryDay) => watts;
const curveIn = (_: string, { curve }: BatteryDay) => curve;
const servicesIn = (_: string, { services }: BatteryDay) => services;

const allChecks = ({
  checks,
}: {
  readonly checks: Readonly<Record<string, Readonly<Record<string, ChargeCheck>>>>;
}): PowerResult['charges'] => Object.assign({}, ...Object.values(checks)) as PowerResult['charges'];

/** Every battery that is drawn upon, and every one inside of what nothing else feeds, along the day. */
function batteryDays(
  reads: PowerReads,
  parts: Parts,
  drawn: Drawn,
  { start, air }: { readonly start: () => string; readonly air: () => ReturnType<typeof airOf> },
): () => Readonly<Record<string, BatteryDay>> {
  const own = parts.each(
    'battery draws',
    () => inOrder(reads.signal.wiring.devices),
    (id, { kind }) => {
      const { battery, inner } = reads.kinds.kinds[kind] ?? {};
      const { feeds, draws } = drawn.feeding();
      const alone = battery !== undefined && drawn.supplies()[id] !== undefined;
      if (!battery && !(inner && feeds[id]?.source === 'inner battery')) return undefined;
      return { own: alone ? id : undefined, draws: draws[id] ?? NONE };
    },
    // What supplies what hangs on it draws on itself.
    (_, each) => (each.own === undefined ? each.draws : [each.own]),
  );
  const watts = parts.each(
    'battery watts',
    () => Object.entries(own()),
    (id, draws) => ({
      draws,
      share: drawn.feeding().shares[id],
      drawing: drawn.drawing(),
      timeline: drawn.timeline(),
    }),
    (_, each) => wattsOf(each),
  );
  const seats = parts.each(
    'battery seats',
    () => Object.entries(watts()),
    (id, drawnThere): Seat | undefined => {
      const { kind = '', item } = reads.signal.wiring.devices[id] ?? {};
      const battery = reads.kinds.kinds[kind]?.battery;
      return battery && { battery, item, watts: drawnThere };
    },
    (_, seat) => seat,
  );
  const served = parts.part(
    'services',
    {
      ...{ seats, start, air, timeline: () => drawn.timeline() },
      changes: () => reads.batteryChanges,
      readings: () => reads.chargeReadings,
      reserve: () => reads.rules.batteryReserve,
      kinds: () => reads.kinds,
      shelf: () => reads.shelf,
    },
    servicesOf,
  );
  return parts.each(
    'battery days',
    () => Object.entries(own()),
    (id, draws) => {
      const { kind = '', item } = reads.signal.wiring.devices[id] ?? {};
      const { battery, inner } = reads.kinds.kinds[kind] ?? {};
      return {
        ...{ kind, item, draws },
        share: drawn.feeding().shares[id],
        ...(battery ? { battery } : inner && { inner }),
        known: reads.shelf.items[item ?? ''],
        drawing: drawn.drawing(),
        watts: watts()[id] ?? [],
        timeline: drawn.timeline(),
        air: air(),
        reserve: reads.rules.batteryReserve,
        start: start(),
        served: served()[id],
      };
    },
    batteryLife,
  );
}

/** Batteries in place of the supplies of direct current on which something hangs. */
function standInParts(
  reads: PowerReads,
  parts: Parts,
  drawn: Drawn,
  air: () => ReturnType<typeof airOf>,
): () => PowerResult['standIns'] {
  const found = parts.each(
    'stand-ins',
    () => Object.entries(drawn.supplies()),
    (id, { together }) => {
      const { feeds, below } = drawn.feeding();
      if (together === undefined || feeds[id]?.source !== 'mains') return undefined;
      return {
        hanging: below[id] ?? NONE,
        all: drawn.loads(),
        wiring: reads.signal.wiring,
        shelf: reads.shelf,
        kinds: reads.kinds,
        reserve: reads.rules.batteryReserve,
        air: air(),
      };
    },
    standInOf,
  );
  return parts.each(
    'stand-ins known',
    () => Object.entries(found()),
    (_, each) => each && { each },
    (_, { each }) => each,
  );
}

/** The battery at the root of what feeds a device; undefined where that is the mains. */
function sourceOf(device: string, feeds: PowerResult['feeds']): string | undefined {
  const feed = feeds[device];
  if (feed?.source === 'mains') return undefined;
  return feed?.from === undefined ? device : sourceOf(feed.from, feeds);
}

const airIn = ({
  temperatures,
  start,
}: {
  readonly temperatures: PowerReads['temperatures'];
  readonly start: string;
}) => airOf(temperatures, start);
