/** Supplies, outlets and power over network cable of a plan. */
import type { Kind, Port } from '../../documents/index.js';
import { given, inOrder, type Figure, type Parts, type Term } from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import type { Drawn } from './drawn.js';
import type { Feeding, Outlet } from './feeding.js';
import { poeBudget, poeLoad } from './poe.js';
import type { LeadPart } from './outlet-plugs.js';
import { outletLoad, supplyOut, type AtOutlet } from './rails.js';
import type { PowerReads, PowerResult } from './result.js';

type SupplyName = 'supplies' | 'outlets' | 'poe' | 'poeBudgets';
type SupplyParts = { readonly [Name in SupplyName]: () => PowerResult[Name] };

export function supplyParts(reads: PowerReads, parts: Parts, drawn: Drawn): SupplyParts {
  const wiring = () => reads.signal.wiring;
  const { feeding, loads, supplies: inUse } = drawn;
  const fedOverNetwork = parts.part('fed over network cable', { wiring, feeding }, poeEnds);
  const supplies = parts.each(
    'supplies out',
    () => Object.entries(inUse()),
    (id, supply) => ({
      supply,
      wiring: wiring(),
      below: feeding().below[id],
      loads: loads(),
    }),
    (id, { supply, wiring: known, below = [], loads: all }) =>
      supplyOut(id, {
        ...{ kind: known.devices[id]?.kind ?? '', supply },
        outs: below.flatMap(each => all[each] ?? []),
        ...outletsOf(known, id),
      }),
  );
  const onBus = parts.part('fed along data', { wiring, feeding }, busOutlets);
  const outlets = parts.each(
    'outlets',
    () => Object.entries({ ...feeding().outlets, ...onBus() }),
    (id, outlet) => {
      const load = loads()[id];
      const { link = '' } = feeding().feeds[id] ?? {};
      const { device, port } = outlet;
      return load && port !== undefined
        ? {
            load,
            device,
            port,
            wiring: wiring(),
            inlet: portInto(wiring(), feeding(), id),
            items: reads.runs.runs[link]?.items ?? NO_ITEMS,
            shelf: reads.shelf,
            kinds: reads.kinds,
          }
        : undefined;
    },
    (id, { load, device, port, wiring: known, inlet, items, shelf, kinds }) => {
      const of = atOutlet(known, { device, port }, id, inlet);
      return of ? outletLoad(id, { ...of, load, cables: partsOf(items, shelf, kinds) }) : {};
    },
  );
  const poe = parts.each(
    'poe',
    () => Object.entries(fedOverNetwork()),
    (id, end) => {
      const load = loads()[id];
      const { cableLength, length } = reads.runs.runs[end.link] ?? {};
      return load && { ...end, load, cable: knownLength(cableLength) ?? knownLength(length) };
    },
    (id, { port, kind, portId, load, cable }) =>
      poeLoad(id, { port, pointer: `/kinds/${kind}/ports/${portId}`, load, cable }),
  );
  const poeBudgets = parts.each(
    'poe budgets',
    () =>
      inOrder(wiring().devices).filter(([id]) =>
        Object.values(fedOverNetwork()).some(({ from }) => from === id),
      ),
    (_, { kind }) => ({ kind, supply: reads.kinds.kinds[kind]?.supply, ends: fedOverNetwork(), poe: poe() }),
    (id, { kind, supply, ends, poe: all }) =>
      poeBudget(id, {
        kind,
        together: supply?.together,
        fed: Object.entries(ends).flatMap(([device, { from }]) => (from === id ? (all[device] ?? []) : [])),
      }),
  );
  return { supplies, outlets, poe: definedOf(parts, 'poe known', poe), poeBudgets };
}

/** Outlets for power of a device, and the leads that are plugged into them. */
function outletsOf(
  wiring: PlanWiring,
  id: string,
): { readonly outlets: number; readonly plugs: readonly string[] } {
  const isOutlet = (port: Port | undefined): boolean => port?.carries === 'power' && port.direction === 'out';
  return {
    outlets: Object.values(wiring.kindOf(id)?.ports ?? {}).filter(isOutlet).length,
    plugs: wiring.outOf(id).flatMap(([link, { from }]) => (isOutlet(wiring.portOf(from)) ? [link] : [])),
  };
}

const knownLength = (cable: Figure | undefined): Figure | undefined =>
  typeof cable?.value === 'number' ? cable : undefined;

/** A map without the records that have nothing. */
const definedOf = <T extends object>(
  parts: Parts,
  key: string,
  all: () => Readonly<Record<string, T | undefined>>,
): (() => Readonly<Record<string, T>>) =>
  parts.each(
    key,
    () => Object.entries(all()),
    (_, each) => each && { each },
    (_, { each }) => each,
  );

interface PoeEnd {
  readonly from: string;
  readonly link: string;
  readonly kind: string;
  readonly portId: string;
  readonly port: Port;
}

/** Devices that are fed over a network cable, by device. */
function poeEnds({
  wiring,
  feeding,
}: {
  readonly wiring: PlanWiring;
  readonly feeding: Feeding;
}): Readonly<Record<string, PoeEnd>> {
  return Object.fromEntries(
    Object.entries(feeding.feeds).flatMap(([device, { along, from, link }]) => {
      if (!along?.startsWith('PoE') || from === undefined) return [];
      const kind = wiring.devices[device]?.kind ?? '';
      const found = inOrder(wiring.kindOf(device)?.ports).find(([, { poweredBy }]) =>
        poweredBy?.includes(along),
      );
      return found ? [[device, { from, link: link ?? '', kind, portId: found[0], port: found[1] }]] : [];
    }),
  );
}

/** The ports that feed devices along leads for data, where those say what they give. */
function busOutlets({
  wiring,
  feeding: { feeds },
}: {
  readonly wiring: PlanWiring;
  readonly feeding: Feeding;
}): Readonly<Record<string, Outlet>> {
  return Object.fromEntries(
    Object.entries(feeds).flatMap(([id, { along, from, link }]) => {
      if (along !== 'USB' || from === undefined) return [];
      const lead = [...wiring.into(id), ...wiring.outOf(id)].find(([each]) => each === link)?.[1];
      const end = [lead?.from, lead?.to].find(each => each?.device === from);
      return end && wiring.portOf(end)?.watts !== undefined ? [[id, { device: from, port: end.port }]] : [];
    }),
  );
}

const NO_ITEMS: readonly string[] = [];

/** The cables that a lead was cut from, as parts of it. */
const partsOf = (
  items: readonly string[],
  shelf: PowerReads['shelf'],
  { kinds }: PowerReads['kinds'],
): LeadPart[] =>
  items.flatMap(item => {
    const kind = shelf.items[item]?.kind ?? '';
    const { cable } = kinds[kind] ?? {};
    return cable
      ? [{ length: cable.length, section: cable.section, mark: cable.mark, pointer: `/kinds/${kind}/cable` }]
      : [];
  });

/** The inlet into which the lead goes that feeds a device. */
function portInto(wiring: PlanWiring, { feeds }: Feeding, device: string): string | undefined {
  const link = feeds[device]?.link;
  return wiring.into(device).find(([id]) => id === link)?.[1].to.port;
}

function atOutlet(
  wiring: PlanWiring,
  { device, port = '' }: Feeding['outlets'][string],
  fed: string,
  inlet: string | undefined,
): Omit<AtOutlet, 'load' | 'cables'> | undefined {
  const [source, own] = [wiring.kindOf(device), wiring.kindOf(fed)];
  const outlet = source?.ports?.[port];
  const pointer = (id: string): string => `/kinds/${wiring.devices[id]?.kind ?? ''}`;
  if (!outlet) return undefined;
  return {
    power: own?.power,
    outlet,
    outletPointer: `${pointer(device)}/ports/${port}`,
    inUse: outletsOf(wiring, device).plugs.length,
    inlet: own?.ports?.[inlet ?? ''],
    inletPointer: `${pointer(fed)}/ports/${inlet ?? ''}`,
    lowest: lowestOf(source, outlet, pointer(device), port),
  };
}

/** The lowest volts that an outlet gives: those of a battery that is nearly empty, else those that it says. */
function lowestOf(source: Kind | undefined, outlet: Port, pointer: string, port: string): Term | undefined {
  if (outlet.volts) return given('Vs', outlet.volts.low, 'V', 'kinds', `${pointer}/ports/${port}/volts/low`);
  if (source?.battery?.least === undefined) return undefined;
  return given('Vs', source.battery.least, 'V', 'kinds', `${pointer}/battery/least`);
}
