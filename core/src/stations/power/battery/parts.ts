/** Batteries along the day: the life of each, and its curve. */
import { inOrder, type Parts } from '../../../foundations/index.js';
import type { Drawn } from '../drawn.js';
import type { PowerReads, PowerResult } from '../result.js';
import { airOf } from './cold.js';
import { innerLife, withMargin } from './inner.js';
import { batteryLife } from './life.js';

type BatteryParts = {
  readonly [Name in 'batteries' | 'inners' | 'curves' | 'demands']: () => PowerResult[Name];
};

const NONE: readonly string[] = [];

export function batteryParts(reads: PowerReads, parts: Parts, drawn: Drawn): BatteryParts {
  const start = () => String(reads.brief.start.value);
  const air = parts.part('air', { temperatures: () => reads.temperatures, start }, airIn);
  const days = parts.each(
    'battery days',
    () => inOrder(reads.signal.wiring.devices),
    (id, { kind, item }) => {
      const { battery, inner } = reads.kinds.kinds[kind] ?? {};
      const { feeds, draws } = drawn.feeding();
      const onInner = inner && feeds[id]?.source === 'inner battery';
      const energy = battery ? { battery } : onInner ? { inner } : undefined;
      if (!energy) return undefined;
      return {
        kind,
        ...energy,
        item,
        known: reads.shelf.items[item ?? ''],
        draws: battery && drawn.supplies()[id] ? id : (draws[id] ?? NONE),
        drawing: drawn.drawing(),
        timeline: drawn.timeline(),
        air: air(),
        reserve: reads.rules.batteryReserve,
        start: start(),
      };
    },
    (id, { draws, ...each }) =>
      batteryLife(id, { ...each, draws: typeof draws === 'string' ? [draws] : draws }),
  );
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
  return {
    batteries,
    inners,
    demands: parts.each(
      'battery demands',
      () => Object.entries(days()),
      (_, { watts }) => ({ watts }),
      (_, { watts }) => watts,
    ),
    curves: parts.each(
      'curves',
      () => Object.entries(days()),
      (_, { curve }) => ({ curve }),
      (_, { curve }) => curve,
    ),
  };
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
