/** The charge list: what is put back into each battery after the event, on which charger, and how long that takes. */
import type { Assessment } from '../assess.js';
import type { Bundle, Connector } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { outletOf } from '../stations/power/battery/changing.js';
import { meteredShelf, meteredWatts } from '../stations/power/measured.js';
import { isReady } from '../stations/ready.js';

export interface Charging {
  /** What it is called, and the place of the plan that it was in last. */
  readonly battery: string;
  readonly place: string;
  /** Share of its charge that was taken, %; undefined where nobody knows what hung on it. */
  readonly taken: number | undefined;
  /** Minutes that it takes to put that back; undefined where that or its charging time is not known. */
  readonly minutes: number | undefined;
  /** What charges it; undefined where nothing on the shelf does. */
  readonly charger: string | undefined;
  /** Minutes after the first is put on: from when till when. */
  readonly from?: number;
  readonly to?: number;
}

export interface ChargeList {
  /** In the order in which they are put on. */
  readonly lines: readonly Charging[];
  /** Until the last is full, min; undefined where that of one is not known. */
  readonly minutes: number | undefined;
  /** What the chargers in use take together, W; undefined where that of one is not known. */
  readonly watts: number | undefined;
  /** Outlets that they need. */
  readonly outlets: number;
}

interface Bay {
  readonly charger: string;
  readonly connector: Connector;
  readonly item: string;
  readonly watts: number | undefined;
  until: number;
}

/**
 * Batteries that were in use, each on the bay that is free first, the longest before the shorter: at most a third
 * longer than the best there can be (Graham’s bound, 4/3 − 1/(3·bays)).
 */
export function chargeList(bundle: Bundle, assessment: Pick<Assessment, 'power' | 'signal'>): ChargeList {
  const { shelf, kinds } = bundle;
  const metered = meteredShelf({ shelf });
  const bays = inOrder(shelf.items).flatMap(([item, own]): Bay[] => {
    const { kind, tape, count = 1 } = own;
    const { charger, power } = kinds.kinds[kind] ?? {};
    if (!charger || !isReady(own)) return [];
    const { connector } = charger;
    const watts = meteredWatts(metered, kind, item, 'working') ?? power?.running;
    return Array.from({ length: charger.bays * count }, () => ({
      ...{ charger: tape, connector, item, watts, until: 0 },
    }));
  });
  const used = takenOf(bundle, assessment).sort((a, b) => (b.minutes ?? 0) - (a.minutes ?? 0));
  const busy = new Set<Bay>();
  const lines = used.map(({ connector, ...battery }): Charging => {
    const [bay] = bays.filter(each => each.connector === connector).toSorted((a, b) => a.until - b.until);
    if (!bay) return { ...battery, charger: undefined };
    busy.add(bay);
    const from = bay.until;
    if (battery.minutes === undefined) return { ...battery, charger: bay.charger };
    bay.until += battery.minutes;
    return { ...battery, charger: bay.charger, from, to: bay.until };
  });
  const chargers = new Map([...busy].map(({ item, watts }) => [item, watts]));
  const watts = [...chargers.values()].reduce((sum: number, each) => sum + (each ?? NaN), 0);
  const known = lines.every(({ minutes, charger }) => minutes !== undefined && charger !== undefined);
  return {
    lines,
    minutes: known ? Math.max(0, ...bays.map(({ until }) => until)) : undefined,
    watts: Number.isNaN(watts) ? undefined : watts,
    outlets: chargers.size,
  };
}

type Taken = Omit<Charging, 'charger'> & { readonly connector: string | undefined };

/** What was taken of each battery at the end of the day, wherever it was. */
function takenOf({ shelf, kinds }: Bundle, { power, signal }: Pick<Assessment, 'power' | 'signal'>): Taken[] {
  const last = new Map<string, Taken & { readonly end: number }>();
  for (const [place, services] of Object.entries(power.services)) {
    if (!signal.wiring.kindOf(place)?.battery) continue;
    const watts = power.demands[place] ?? [];
    for (const { item, taken, from } of services) {
      const own = shelf.items[item ?? ''];
      const kind = own ? kinds.kinds[own.kind] : signal.wiring.kindOf(place);
      const share = watts.some(Number.isNaN) ? undefined : Math.min(1, taken);
      const { charging } = kind?.battery ?? {};
      const key = item ?? place;
      // One that comes again counts as it is at last.
      if ((last.get(key)?.end ?? -Infinity) > from) continue;
      last.set(key, {
        battery: own?.tape ?? signal.wiring.devices[place]?.label ?? place,
        place: signal.wiring.devices[place]?.label ?? place,
        taken: share === undefined ? undefined : 100 * share,
        minutes: share === undefined || charging === undefined ? undefined : charging * share,
        connector: outletOf(kind),
        end: from,
      });
    }
  }
  return [...last.values()].map(({ end: _end, ...taken }) => taken);
}
