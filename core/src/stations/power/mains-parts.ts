/** Mains: strips, sockets, circuits, leads and the building, each at its worst minute. */
import type { Socket, Venue } from '../../documents/index.js';
import { inOrder, type Parts } from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import { goesInWall } from '../signal/port-fit.js';
import { atWall, rainOf } from './at-wall.js';
import { circuitLoad } from './breakers.js';
import { buildingLoad, residualLoad } from './building.js';
import { atEnd } from './chained.js';
import { chainsOf } from './chains.js';
import type { Drawn } from './drawn.js';
import { earthsOf, pairsOf } from './earths.js';
import type { Feeding } from './feeding.js';
import * as figures from './figures/index.js';
import { socketLoad, stripLoad } from './plugged.js';
import type { PowerReads, PowerResult } from './result.js';
import { plugWidth } from './seating.js';
import { startUp } from './start-up.js';
import { dropOn, mainsLeadsOf } from './voltage-drop.js';

type MainsName =
  | 'strips'
  | 'sockets'
  | 'circuits'
  | 'drops'
  | 'ends'
  | 'earths'
  | 'pairs'
  | 'residuals'
  | 'startUps'
  | 'building';
type MainsParts = { readonly [Name in MainsName]: () => PowerResult[Name] };
type Shared = () => Pick<Parameters<typeof circuitLoad>[1], 'timeline' | 'drawing'>;

export function mainsParts(reads: PowerReads, parts: Parts, drawn: Drawn): MainsParts {
  const shared: Shared = () => ({ timeline: drawn.timeline(), drawing: drawn.drawing() });
  const chains = parts.part(
    'chains',
    { wiring: () => reads.signal.wiring, feeding: drawn.feeding },
    chainsOf,
  );
  const ours = parts.part(
    'on circuits',
    { sockets: () => reads.ground.venue.sockets, atSocket: () => drawn.feeding().atSocket },
    devicesOnCircuits,
  );
  return {
    ...outletParts(reads, parts, drawn, chains, shared),
    ...circuitParts(reads, parts, drawn, ours, shared),
    pairs: parts.part(
      'pairs',
      {
        pairs: () => reads.fedTogether,
        chains,
        sockets: () => reads.ground.venue.sockets,
        circuits: () => reads.ground.venue.circuits,
      },
      pairsOf,
    ),
    earths: parts.part(
      'earths',
      {
        wiring: () => reads.signal.wiring,
        links: () => reads.links,
        chains,
        sockets: () => reads.ground.venue.sockets,
        circuits: () => reads.ground.venue.circuits,
      },
      earthsOf,
    ),
  };
}

type Chains = () => ReturnType<typeof chainsOf>;

/** Strips and sockets, and what is at the end of their leads. */
function outletParts(
  reads: PowerReads,
  parts: Parts,
  { feeding }: Drawn,
  chains: Chains,
  shared: Shared,
): Pick<MainsParts, 'strips' | 'sockets' | 'drops' | 'ends'> {
  const venue = () => reads.ground.venue;
  const wiring = () => reads.signal.wiring;
  const leads = parts.part('mains leads', { runs: () => reads.runs.runs }, mainsLeadsOf);
  const widths = parts.part('plug widths', { wiring }, widthsOn);
  const strips = parts.each(
    'strips',
    () => inOrder(wiring().devices),
    (id, { kind, coiled = false }) => {
      const of = reads.kinds.kinds[kind];
      if (of?.family !== 'strip' || of.amps === undefined) return undefined;
      return {
        kind,
        of,
        coiled: coiled && of.reel === true,
        plugged: feeding().below[id],
        widths: widths()[id],
        chain: chains()[id],
        volts: venue().volts,
        outdoors: venue().outdoors === true,
        ...shared(),
      };
    },
    (id, { of, chain, outdoors, widths: own = [], ...each }) => ({
      ...stripLoad(id, {
        ...each,
        of: { ...of, amps: of.amps ?? 0 },
        widths: own,
        series: chain?.strips ?? [],
        outlets: Object.values(of.ports ?? {}).filter(
          ({ carries, direction }) => carries === 'power' && direction === 'out',
        ).length,
      }),
      ...(outdoors &&
        chain && { rain: rainOf(figures.stripRain, id, of.ingress, 'kinds', `/kinds/${each.kind}/ingress`) }),
    }),
  );
  const sockets = parts.each(
    'sockets',
    () => inOrder(venue().sockets),
    (id, socket) => ({
      socket,
      plugged: feeding().atSocket[id],
      circuit: venue().circuits?.[socket.circuit ?? ''],
      outdoors: venue().outdoors === true,
      volts: venue().volts,
      school: reads.rules.mainsLoad,
      leads: reads.signal.leads,
      wiring: wiring(),
      links: reads.links,
      ...shared(),
    }),
    (id, { socket, plugged = {}, circuit, links, leads: known, wiring: own, ...each }) => ({
      ...socketLoad(id, { ...each, ...socketFields(socket), plugged }),
      ...atWall(id, {
        ...each,
        ...{ amps: socket.amps, ingress: socket.ingress, plugged: Object.values(plugged).flat() },
        circuit: circuit && { id: socket.circuit ?? '', amps: circuit.amps },
        fit: Object.keys(plugged).flatMap(lead => {
          const inlet = own.portOf(links?.[lead]?.to ?? {});
          return inlet ? [goesInWall(socket, inlet, known)] : [];
        }),
      }),
    }),
  );
  const drops = parts.each(
    'drops',
    () => Object.entries(leads()),
    (id, lead) => ({ ...lead, through: feeding().through[id], ...shared(), volts: venue().volts }),
    dropOn,
  );
  const ends = parts.each(
    'ends',
    () => Object.entries(chains()),
    (id, chain) => {
      const kind = wiring().devices[id]?.kind ?? '';
      return {
        chain,
        kind,
        ports: reads.kinds.kinds[kind]?.ports,
        drops: drops(),
        leads: leads(),
        volts: venue().volts,
        upstream: venue().upstream,
      };
    },
    atEnd,
  );
  return { strips, sockets, drops, ends };
}

const socketFields = ({ amps, outlets, control }: Socket) => ({ amps, outlets, control });

/** Circuits, what is behind residual-current devices, and the building as a whole. */
function circuitParts(
  reads: PowerReads,
  parts: Parts,
  { timeline, drawing }: Drawn,
  ours: () => Readonly<Record<string, readonly string[]>>,
  shared: Shared,
): Pick<MainsParts, 'circuits' | 'residuals' | 'startUps' | 'building'> {
  const venue = () => reads.ground.venue;
  const kindOf = (device: string) => {
    const kind = reads.signal.wiring.devices[device]?.kind ?? '';
    return [kind, reads.kinds.kinds[kind]] as const;
  };
  const circuits = parts.each(
    'circuits',
    () => inOrder(venue().circuits),
    (id, circuit) => ({
      circuit,
      ours: ours()[id],
      ...shared(),
      start: String(reads.brief.start.value),
      zone: reads.zone,
      volts: venue().volts,
      school: reads.rules.mainsLoad,
    }),
    circuitLoad,
  );
  const behind = (residual: string) =>
    inOrder(venue().circuits)
      .flatMap(([id, circuit]) => (circuit.residual === residual ? (ours()[id] ?? []) : []))
      .filter(device => drawing().loads[device]);
  const residuals = parts.each(
    'residuals',
    () => inOrder(venue().residuals),
    (id, residual) => ({ residual, kinds: reads.kinds, behind: behind(id).join(' ') }),
    (id, { residual, behind: devices }) =>
      residualLoad(id, {
        residual,
        devices: devices
          .split(' ')
          .filter(Boolean)
          .map(device => [device, ...kindOf(device)]),
      }),
  );
  const startUps = parts.each(
    'start-ups',
    () => inOrder(venue().circuits),
    (id, circuit) => {
      const load = circuits()[id];
      const known = (ours()[id] ?? []).filter(device => kindOf(device)[1]?.power?.inrush !== undefined);
      return load && known.length > 0
        ? { circuit, load, kinds: reads.kinds, known: known.join(' ') }
        : undefined;
    },
    (id, { circuit, load, known }) =>
      startUp(id, {
        circuit,
        load,
        known: known.split(' ').flatMap(device => {
          const [kindId, kind] = kindOf(device);
          return kind ? [[kindId, kind] as const] : [];
        }),
      }),
  );
  const building = parts.part('building', { venue, circuits, ours, timeline, drawing }, buildingLoad);
  return { circuits, residuals, startUps, building };
}

/** What each plug in a strip covers, m; undefined for an adapter that nobody has measured. */
function widthsOn({
  wiring,
}: {
  readonly wiring: PlanWiring;
}): Readonly<Record<string, readonly (number | undefined)[]>> {
  return Object.fromEntries(
    inOrder(wiring.devices)
      .filter(([id]) => wiring.kindOf(id)?.family === 'strip')
      .map(([id]) => [id, wiring.outOf(id).map(([, { to }]) => plugWidth(wiring.portOf(to)))]),
  );
}

/** Devices of ours that draw on each circuit. */
function devicesOnCircuits({
  sockets,
  atSocket,
}: {
  readonly sockets: Venue['sockets'];
  readonly atSocket: Feeding['atSocket'];
}): Readonly<Record<string, readonly string[]>> {
  const ours: Record<string, string[]> = {};
  for (const [socket, { circuit }] of inOrder(sockets)) {
    if (circuit === undefined) continue;
    (ours[circuit] ??= []).push(...Object.values(atSocket[socket] ?? {}).flat());
  }
  return ours;
}
