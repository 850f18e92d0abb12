/** Power: load per strip, socket and circuit, voltage drop on mains leads, and how long batteries last. */
import type { Battery, Circuit, Kinds, Link, Rules, Shelf } from '../../documents/index.js';
import {
  calc,
  constant,
  given,
  inOrder,
  taken,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
  type Term,
} from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { GroundResult } from '../ground/index.js';
import type { RunsResult } from '../runs/index.js';
import type { PlanWiring, SignalResult } from '../signal/index.js';
import type { Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { batteryShort } from './snags/battery-short.js';
import { circuitOver } from './snags/circuit-over.js';
import { stripOver } from './snags/strip-over.js';
import { unpowered } from './snags/unpowered.js';
import { voltageDrop } from './snags/voltage-drop.js';

export interface PowerReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly rules: Rules;
  readonly brief: BriefResult;
  readonly ground: GroundResult;
  readonly signal: SignalResult;
  readonly runs: RunsResult;
}

export interface DeviceLoad {
  readonly watts: Figure;
  readonly amps: Figure;
  /** `mains`, `battery` or null when nothing feeds it. */
  readonly fedBy: Figure;
}

export interface CircuitLoad {
  readonly other: Figure;
  readonly ours: Figure;
  /** The load that counts by the house rule. */
  readonly counted: Figure;
  readonly share: Figure;
}

export interface SocketLoad {
  readonly watts: Figure;
  readonly amps: Figure;
  readonly share: Figure;
}

export interface BatteryLife {
  readonly usable: Figure;
  readonly load: Figure;
  readonly minutes: Figure;
  readonly ends: Figure;
  /** Minutes left at the end of the event; negative = short. */
  readonly margin: Figure;
}

export interface PowerResult {
  readonly devices: Readonly<Record<string, DeviceLoad>>;
  readonly strips: Readonly<Record<string, SocketLoad>>;
  readonly sockets: Readonly<Record<string, SocketLoad>>;
  readonly circuits: Readonly<Record<string, CircuitLoad>>;
  readonly drops: Readonly<Record<string, { readonly drop: Figure }>>;
  readonly batteries: Readonly<Record<string, BatteryLife>>;
  readonly total: Figure;
}

const DEFAULT_FACTOR = 0.9;

function compute(reads: PowerReads, memo: Memo): PowerResult {
  const { signal, kinds, shelf, rules, brief, ground, runs } = reads;
  const { venue } = ground;
  const { wiring } = signal;
  const lengths = memo.keep(
    'mains lengths',
    Object.fromEntries(
      Object.entries(runs.runs).flatMap(([id, run]) =>
        run.connector === 'mains' && run.crosses ? [[id, { length: run.cableLength, make: run.make }]] : [],
      ),
    ),
  );
  const needs = [wiring, kinds, venue.volts, venue.sockets, venue.circuits, rules, brief, lengths, shelf];
  return memo.once('result', needs, (): PowerResult => {
    const feeds = feedsOf(wiring);
    const devices: Record<string, DeviceLoad> = {};
    for (const [id, device] of inOrder(wiring.devices)) {
      const power = kinds.kinds[device.kind]?.power;
      if (power) devices[id] = deviceLoad(id, device, power, venue.volts, feeds);
    }
    const loadsOf = (ids: readonly string[], of: 'watts' | 'amps', name: string): Term[] =>
      ids.flatMap(id => (devices[id] ? [taken(name, devices[id][of], `power.devices.${id}.${of}`)] : []));
    const loadAt = (ids: readonly string[], path: string, rating: Term): SocketLoad => {
      const watts = calc('W', 'sum(load)', loadsOf(ids, 'watts', 'load'));
      const amps = calc('A', 'sum(load)', loadsOf(ids, 'amps', 'load'));
      return {
        watts,
        amps,
        share: calc('%', '100 * amps / rating', [taken('amps', amps, `${path}.amps`), rating]),
      };
    };

    const strips: Record<string, SocketLoad> = {};
    for (const [id, device] of inOrder(wiring.devices)) {
      const rating = kinds.kinds[device.kind]?.amps;
      if (kinds.kinds[device.kind]?.family !== 'strip' || rating === undefined) continue;
      strips[id] = loadAt(
        feeds.below(id),
        `power.strips.${id}`,
        given('rating', rating, 'A', 'kinds', `/kinds/${device.kind}/amps`),
      );
    }
    const sockets: Record<string, SocketLoad> = {};
    for (const [id, socket] of inOrder(venue.sockets)) {
      sockets[id] = loadAt(
        feeds.atSocket(id),
        `power.sockets.${id}`,
        given('rating', socket.amps, 'A', 'venue', `/sockets/${id}/amps`),
      );
    }
    const circuits: Record<string, CircuitLoad> = {};
    for (const [id, circuit] of inOrder(venue.circuits)) {
      const on = inOrder(venue.sockets).filter(([, socket]) => socket.circuit === id);
      const ours = calc(
        'A',
        'sum(socket)',
        on.flatMap(([socket]) =>
          sockets[socket] ? [taken('socket', sockets[socket].amps, `power.sockets.${socket}.amps`)] : [],
        ),
      );
      circuits[id] = circuitLoad(id, circuit, ours, venue.volts, rules);
    }
    return {
      devices,
      strips,
      sockets,
      circuits,
      drops: dropsOf(lengths, feeds, devices, reads),
      batteries: batteriesOf(wiring, feeds, devices, reads),
      total: calc('W', 'sum(load)', loadsOf(Object.keys(devices), 'watts', 'load')),
    };
  });
}

/** Who is fed through what. */
interface Feeds {
  readonly sourceOf: (device: string) => 'mains' | 'battery' | undefined;
  /** Devices fed through a strip, directly or through further strips. */
  readonly below: (device: string) => string[];
  readonly atSocket: (socket: string) => string[];
  readonly throughLink: (link: Link) => string[];
}

function feedsOf(wiring: PlanWiring): Feeds {
  const powerInto = (device: string): Link[] =>
    wiring
      .into(device)
      .map(([, link]) => link)
      .filter(link => wiring.portOf(link.to)?.carries === 'power');
  const sourceOf = (device: string, seen: readonly string[] = []): 'mains' | 'battery' | undefined => {
    if (seen.includes(device)) return undefined;
    for (const link of powerInto(device)) {
      if (link.from.socket !== undefined) return 'mains';
      if (link.from.device === undefined) continue;
      if (wiring.kindOf(link.from.device)?.family === 'battery') return 'battery';
      const through = sourceOf(link.from.device, [...seen, device]);
      if (through) return through;
    }
    return undefined;
  };
  const below = (device: string, seen: readonly string[] = []): string[] => {
    if (seen.includes(device)) return [];
    return wiring
      .outOf(device)
      .filter(([, link]) => wiring.portOf(link.from)?.carries === 'power' && link.to.device !== undefined)
      .flatMap(([, link]) => [link.to.device ?? '', ...below(link.to.device ?? '', [...seen, device])]);
  };
  const throughLink = (link: Link): string[] =>
    link.to.device === undefined ? [] : [link.to.device, ...below(link.to.device)];
  const bySocket = new Map<string, string[]>();
  for (const device of Object.keys(wiring.devices)) {
    for (const [, link] of wiring.into(device)) {
      if (link.from.socket === undefined) continue;
      bySocket.set(link.from.socket, [...(bySocket.get(link.from.socket) ?? []), ...throughLink(link)]);
    }
  }
  return {
    sourceOf: device => sourceOf(device),
    below: device => below(device),
    atSocket: socket => bySocket.get(socket) ?? [],
    throughLink,
  };
}

function deviceLoad(
  id: string,
  device: Equipment,
  power: { running: number; factor?: number },
  volts: number,
  feeds: Feeds,
): DeviceLoad {
  const pointer = `/kinds/${device.kind}/power`;
  const watts = calc('W', 'running', [given('running', power.running, 'W', 'kinds', `${pointer}/running`)]);
  const source = feeds.sourceOf(id);
  return {
    watts,
    amps: calc(
      'A',
      'P / (V * pf)',
      [
        taken('P', watts, `power.devices.${id}.watts`),
        given('V', volts, 'V', 'venue', '/volts'),
        power.factor === undefined
          ? constant('pf', DEFAULT_FACTOR, '', 'power factor where none is known')
          : given('pf', power.factor, '', 'kinds', `${pointer}/factor`),
      ],
      { source: 'I = P/(V·pf)' },
    ),
    fedBy: source
      ? { value: source, unit: '', working: { method: 'power links followed upstream', terms: [] } }
      : unknown('', 'no socket and no battery feeds it'),
  };
}

function circuitLoad(id: string, circuit: Circuit, ours: Figure, volts: number, rules: Rules): CircuitLoad {
  const path = `power.circuits.${id}`;
  const others = inOrder(circuit.others);
  const other = calc(
    'A',
    others.length === 0 ? 'sum(none)' : others.map((_, i) => `P${i} / (V * pf${i})`).join(' + '),
    others.length === 0
      ? []
      : [
          given('V', volts, 'V', 'venue', '/volts'),
          ...others.flatMap(([load, { watts, factor }], i) => [
            given(`P${i}`, watts, 'W', 'venue', `/circuits/${id}/others/${load}/watts`),
            given(`pf${i}`, factor, '', 'venue', `/circuits/${id}/others/${load}/factor`),
          ]),
        ],
  );
  const counted = calc(
    'A',
    "other + (school = 'eighty' ? 1.25 : 1) * ours",
    [
      taken('other', other, `${path}.other`),
      given('school', rules.mainsLoad, '', 'rules', '/mainsLoad'),
      taken('ours', ours, `${path}.ours`),
    ],
    {
      rule: rules.mainsLoad === 'eighty' ? 'continuous load counts 1.25 ×' : 'full rating less known load',
      source: 'NEC 210.19/210.20; local code and a qualified person decide',
    },
  );
  return {
    other,
    ours,
    counted,
    share: calc('%', '100 * counted / breaker', [
      taken('counted', counted, `${path}.counted`),
      given('breaker', circuit.amps, 'A', 'venue', `/circuits/${id}/amps`),
    ]),
  };
}

const SECTION: Readonly<Record<string, number>> = { 'mains-1.5': 1.5, 'mains-2.5': 2.5 };

/** Voltage drop of every mains lead that crosses the floor, % of the supply. */
function dropsOf(
  lengths: Readonly<Record<string, { length: Figure; make: string }>>,
  feeds: Feeds,
  devices: Readonly<Record<string, DeviceLoad>>,
  { links, ground }: PowerReads,
): Record<string, { drop: Figure }> {
  const drops: Record<string, { drop: Figure }> = {};
  for (const [id, { length, make }] of Object.entries(lengths)) {
    const link = links?.[id];
    if (!link) continue;
    const amps = feeds
      .throughLink(link)
      .flatMap(device =>
        devices[device] ? [taken('I', devices[device].amps, `power.devices.${device}.amps`)] : [],
      );
    drops[id] = {
      drop: calc(
        '%',
        '100 * 2 * L * sum(I) * rho / A / V',
        [
          taken('L', length, `runs.runs.${id}.cableLength`),
          ...amps,
          constant('rho', 0.0214, '', 'Ω·mm²/m, copper at 75 °C'),
          constant('A', SECTION[make] ?? 1.5, '', 'mm² of the lead'),
          given('V', ground.venue.volts, 'V', 'venue', '/volts'),
        ],
        { rule: 'warn above 3 %, stop above 5 %', source: 'ΔV = 2·L·I·ρ/A, one way length' },
      ),
    };
  }
  return drops;
}

function batteriesOf(
  wiring: PlanWiring,
  feeds: Feeds,
  devices: Readonly<Record<string, DeviceLoad>>,
  { kinds, shelf, rules, brief }: PowerReads,
): Record<string, BatteryLife> {
  const lives: Record<string, BatteryLife> = {};
  for (const [id, device] of inOrder(wiring.devices)) {
    const battery = kinds.kinds[device.kind]?.battery;
    if (!battery) continue;
    const fed = feeds
      .below(id)
      .flatMap(other =>
        devices[other] ? [taken('load', devices[other].watts, `power.devices.${other}.watts`)] : [],
      );
    lives[id] = batteryLife(id, device, battery, fed, shelf, rules, brief);
  }
  return lives;
}

function batteryLife(
  id: string,
  device: Equipment,
  battery: Battery,
  fed: readonly Term[],
  shelf: Shelf,
  rules: Rules,
  brief: BriefResult,
): BatteryLife {
  const path = `power.batteries.${id}`;
  const cycles = device.item === undefined ? undefined : shelf.items[device.item]?.cycles;
  const usable = calc(
    'Wh',
    'V * Ah * (1 - 0.0004 * cycles) * (1 - reserve / 100)',
    [
      given('V', battery.volts, 'V', 'kinds', `/kinds/${device.kind}/battery/volts`),
      given('Ah', battery.ampHours, 'Ah', 'kinds', `/kinds/${device.kind}/battery/ampHours`),
      cycles === undefined
        ? constant('cycles', 0, '', 'charge cycles not logged')
        : given('cycles', cycles, '', 'shelf', `/items/${device.item ?? ''}/cycles`),
      given('reserve', rules.batteryReserve, '%', 'rules', '/batteryReserve'),
    ],
    { rule: 'battery reserve', source: 'at 20 °C or warmer' },
  );
  const load = calc('W', 'sum(load)', fed);
  const minutes = calc('min', '60 * usable / load', [
    taken('usable', usable, `${path}.usable`),
    taken('load', load, `${path}.load`),
  ]);
  const ends = calc(
    'instant',
    'later(start, rig - before + runtime)',
    [
      taken('start', brief.start, 'brief.start'),
      taken('rig', brief.phases.rig, 'brief.phases.rig'),
      taken('before', brief.before, 'brief.before'),
      taken('runtime', minutes, `${path}.minutes`),
    ],
    { rule: 'switched on when rigging ends, then working throughout' },
  );
  return {
    usable,
    load,
    minutes,
    ends,
    margin: calc('min', 'minutes(event_end, battery_end)', [
      taken('event_end', brief.end, 'brief.end'),
      taken('battery_end', ends, `${path}.ends`),
    ]),
  };
}

export const power: Station<PowerReads, PowerResult> = {
  name: 'power',
  rules: [circuitOver, stripOver, unpowered, batteryShort, voltageDrop],
  compute,
};
