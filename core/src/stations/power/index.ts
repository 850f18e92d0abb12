/** Power: load per strip, socket and circuit, voltage drop on mains leads, and how long batteries last. */
import { inOrder, resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { batteryLife } from './batteries.js';
import { circuitLoad } from './breakers.js';
import { feedingOf } from './feeding.js';
import { POWER_FIGURES } from './figures.js';
import { deviceLoad, socketLoad, stripLoad, totalOf } from './loads.js';
import type { PowerReads, PowerResult } from './result.js';
import { dropOn, mainsLeadsOf } from './voltage-drop.js';

export type * from './result.js';

export const power: Station<PowerReads, PowerResult> = {
  name: 'power',
  figures: POWER_FIGURES,
  compute(reads, parts) {
    const equipment = () => inOrder(reads.signal.wiring.devices);
    const kindOf = (kind: string) => reads.kinds.kinds[kind];
    const venue = () => reads.ground.venue;

    const feeding = parts.part('feeding', { wiring: () => reads.signal.wiring }, feedingOf);
    const fed = parts.each(
      'feeds',
      () => Object.entries(feeding().feeds),
      (_, feed) => ({ feed, through: reads.signal.wiring.devices[feed.from ?? '']?.label }),
      (_, each) => each,
    );
    const leads = parts.part('mains leads', { runs: () => reads.runs.runs }, mainsLeadsOf);
    const devices = parts.each(
      'devices',
      equipment,
      (id, { kind }) => {
        const power = kindOf(kind)?.power;
        return power && { kind, power, volts: venue().volts, feed: fed()[id] };
      },
      deviceLoad,
    );
    const strips = parts.each(
      'strips',
      equipment,
      (id, { kind }) => {
        const { family, amps } = kindOf(kind) ?? {};
        if (family !== 'strip' || amps === undefined) return undefined;
        return { amps, kind, plugged: feeding().below[id], loads: devices() };
      },
      stripLoad,
    );
    const sockets = parts.each(
      'sockets',
      () => inOrder(venue().sockets),
      (id, { amps }) => ({ amps, plugged: feeding().atSocket[id], loads: devices() }),
      socketLoad,
    );
    const circuits = parts.each(
      'circuits',
      () => inOrder(venue().circuits),
      (_, circuit) => ({
        circuit,
        sockets: venue().sockets,
        loads: sockets(),
        volts: venue().volts,
        school: reads.rules.mainsLoad,
      }),
      circuitLoad,
    );
    const drops = parts.each(
      'drops',
      () => Object.entries(leads()),
      (id, lead) => ({
        ...lead,
        through: feeding().through[id],
        loads: devices(),
        volts: venue().volts,
      }),
      dropOn,
    );
    const batteries = parts.each(
      'batteries',
      equipment,
      (id, { kind, item }) => {
        const { battery, inner } = kindOf(kind) ?? {};
        const onInner = inner && feeding().feeds[id]?.source === 'inner battery';
        const energy = battery ? { battery } : onInner ? { inner } : undefined;
        if (!energy) return undefined;
        const { start, before, end, phases } = reads.brief;
        return {
          kind,
          ...energy,
          item,
          cycles: reads.shelf.items[item ?? '']?.cycles,
          draws: feeding().draws[id],
          loads: devices(),
          reserve: reads.rules.batteryReserve,
          start,
          before,
          end,
          rig: phases.rig,
        };
      },
      batteryLife,
    );
    const total = parts.part('total', { loads: devices }, totalOf);
    return resultOf<PowerResult>({
      feeds: () => feeding().feeds,
      through: () => feeding().through,
      devices,
      strips,
      sockets,
      circuits,
      drops,
      batteries,
      total,
    });
  },
};
