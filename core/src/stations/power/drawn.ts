/** What everything of Power rests on: who is fed through what, and who draws how much when. */
import { inOrder, type Parts } from '../../foundations/index.js';
import { demandOf } from './demand.js';
import { feedingOf, type Feeding } from './feeding.js';
import { deviceLoad, type Loads } from './loads.js';
import { meteredOf, meteredShelf } from './measured.js';
import type { PowerReads, PowerResult } from './result.js';
import { statesOf } from './states.js';
import { suppliesInUse, withSupplies, type Supplying } from './supplies.js';
import { timelineOf, type Timeline } from './timeline.js';
import { mainsVolts, voltsAt } from './volts-at.js';
import type { Drawing } from './worst.js';

export interface Drawn {
  readonly timeline: () => Timeline;
  readonly feeding: () => Feeding;
  readonly supplies: () => Supplying['supplies'];
  readonly loads: () => Loads;
  readonly states: () => PowerResult['states'];
  readonly drawing: () => Drawing;
}

export function drawnParts(reads: PowerReads, parts: Parts): Drawn {
  const equipment = () => inOrder(reads.signal.wiring.devices);
  const wiring = () => reads.signal.wiring;
  const volts = () => reads.ground.venue.volts;

  const timeline = parts.part(
    'timeline',
    {
      start: () => reads.brief.start,
      items: () => reads.brief.items,
      runningOrder: () => reads.runningOrder,
    },
    timelineOf,
  );
  const feeding = parts.part('feeding', { wiring }, feedingOf);
  const fed = parts.each(
    'feeds',
    () => Object.entries(feeding().feeds),
    (_, feed) => ({ feed, through: wiring().devices[feed.from ?? '']?.label }),
    (_, each) => each,
  );
  const at = parts.part('volts', { wiring, feeding, volts }, voltsAt);
  const onShelf = parts.part('metered shelf', { shelf: () => reads.shelf }, meteredShelf);
  const metered = parts.each(
    'metered',
    equipment,
    (_, { kind, item }) => ({ kind, item, shelf: onShelf() }),
    (_, { kind, item, shelf }) => meteredOf(shelf, kind, item),
  );
  const plain = parts.each(
    'devices',
    equipment,
    (id, { kind }) => {
      const power = reads.kinds.kinds[kind]?.power;
      const own = metered()[id] ?? {};
      return power && { kind, power, metered: own, at: at()[id], volts: volts(), feed: fed()[id] };
    },
    (id, { at: own, volts: mains, ...each }) => deviceLoad(id, { ...each, at: own ?? mainsVolts(mains) }),
  );
  const supplies = parts.part('supplies', { wiring, feeding }, suppliesInUse);
  const loads = parts.part(
    'loads',
    { wiring, feeding, plain, supplies, metered, at, fed, volts },
    withSupplies,
  );
  const states = parts.each(
    'states',
    equipment,
    (id, device) => (loads()[id] ? { states: device.states, timeline: timeline() } : undefined),
    (_, each) => statesOf(each.states, each.timeline),
  );
  const demands = parts.part(
    'demands',
    { timeline, states, loads, below: () => feeding().below, supplies },
    demandOf,
  );
  const drawing = parts.part('drawing', { loads, demands, states }, asDrawing);
  return { timeline, feeding, supplies, loads, states, drawing };
}

const asDrawing = (drawing: Drawing): Drawing => drawing;
