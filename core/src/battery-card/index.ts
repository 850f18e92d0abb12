/** The battery card: what is changed and looked at when, where and by whom, in the order of time. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, minutesBetween, type Figure } from '../foundations/index.js';
import { dayOf } from '../stations/power/battery/services.js';
import { stretchAt } from '../stations/power/timeline.js';
import { walkTo } from './walk.js';
import { whoChanges } from './who.js';

export interface CardLine {
  /** The change, or the look, that it is. */
  readonly id: string;
  readonly does: 'change' | 'look';
  /** The battery of the plan in whose place it happens. */
  readonly battery: string;
  /** Label of that, and of what hangs on it. */
  readonly place: string;
  readonly feeds: string;
  readonly at: string;
  /** The item of the running order that begins or runs then. */
  readonly during: string;
  readonly by: string;
  /** When to leave from where the kit is; absent where that is at hand, or nobody knows. */
  readonly walk?: { readonly from: string; readonly leave: string };
  /** What the one that is there is called, and the one that comes. */
  readonly there: string;
  readonly comes?: string;
  /** What the one that is there should show then, %. */
  readonly expected: Figure | undefined;
  /** When it was done, and by whom. */
  readonly done?: { readonly at: string; readonly by: string };
}

export interface BatteryCard {
  /** From when till when changes and readings can be noted; absent where nobody knows when the day is. */
  readonly day?: { readonly from: string; readonly until: string };
  readonly lines: readonly CardLine[];
  /** What was read, the last first, with the reading’s id. */
  readonly readings: readonly {
    readonly id: string;
    readonly place: string;
    readonly at: string;
    readonly percent: number;
    readonly by: string;
  }[];
}

/** Whether it is the day of a card. */
export const isDayOf = ({ day }: BatteryCard, now: string): boolean =>
  day !== undefined && day.from <= now && now <= day.until;

type Known = Pick<Assessment, 'power' | 'hands' | 'signal' | 'ground'>;

export function batteryCard({ plan, shelf, hands }: Bundle, assessment: Known): BatteryCard {
  const { power, signal } = assessment;
  const label = (id: string): string => signal.wiring.devices[id]?.label ?? id;
  const tape = (item: string | undefined, battery: string): string =>
    shelf.items[item ?? '']?.tape ?? label(battery);
  const during = (at: number): string =>
    (stretchAt(power.timeline, at) ?? power.timeline.at(-1))?.label ?? '';
  const walkBy = (battery: string, at: string): Pick<CardLine, 'walk'> => {
    const walk = walkTo(battery, assessment);
    if (!walk) return {};
    const leave = new Date(Date.parse(at) - walk.minutes * 60_000).toISOString();
    return { walk: { from: walk.from, leave } };
  };
  const about = (battery: string, at: string) => ({
    ...{ battery, at, ...walkBy(battery, at) },
    place: label(battery),
    feeds: inOrder(signal.wiring.devices)
      .flatMap(([id, device]) => (power.feeds[id]?.from === battery ? [device.label] : []))
      .join(', '),
    by: whoChanges(battery, assessment, hands),
  });
  const instant = (after: number): string =>
    new Date(Date.parse(plan.start) + Math.round(after) * 60_000).toISOString();
  const looks = Object.entries(power.charges);
  const changes = Object.entries(power.services).flatMap(([battery, services]) =>
    services.flatMap((service, i): CardLine[] => {
      const change = plan.batteryChanges?.[service.change ?? ''];
      const before = services[i - 1];
      if (service.change === undefined || !change || !before) return [];
      const out = looks.find(([, look]) => look.change === service.change)?.[1];
      return [
        {
          ...{ id: service.change, does: 'change', ...about(battery, instant(service.from)) },
          during: during(service.from),
          there: tape(before.item, battery),
          comes: tape(service.item, battery),
          expected: out?.expected,
          ...(change.done !== undefined && { done: { at: change.done, by: change.by ?? 'Somebody' } }),
        },
      ];
    }),
  );
  const own = looks.flatMap(([id, { battery, item, change, at, expected }]): CardLine[] => {
    const when = String(at.value);
    if (change !== undefined) return [];
    return [
      {
        ...{ id, does: 'look', ...about(battery, when), expected },
        during: during(minutesBetween(plan.start, when)),
        there: tape(item, battery),
      },
    ];
  });
  const day = dayOf(power.timeline);
  return {
    ...(day && { day: { from: instant(day.from), until: instant(day.to) } }),
    lines: [...changes, ...own].sort((a, b) => Date.parse(a.at) - Date.parse(b.at)),
    readings: inOrder(plan.chargeReadings)
      .map(([id, { battery, at, percent, by }]) => ({ id, place: label(battery), at, percent, by }))
      .sort((a, b) => Date.parse(b.at) - Date.parse(a.at)),
  };
}
