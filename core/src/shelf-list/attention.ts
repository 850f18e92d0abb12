/** What on the shelf wants to be seen to, on a day. */
import type { Item, Kind } from '../documents/index.js';
import {
  daysAfter,
  severityOf,
  showCalendarDay,
  type DateLocale,
  type Severity,
} from '../foundations/index.js';
import { healthOf } from '../stations/power/battery/health.js';
import { batteryHealth } from '../stations/power/figures/batteries.js';
import { isQuarantined, keptBack } from '../stations/ready.js';

export interface Attention {
  readonly severity: Severity;
  /** As it follows the name of the thing: `was to be tested by Fri 4 Dec 2026`. */
  readonly words: string;
}

/** How long before a day it is spoken of, days. */
const AHEAD = { test: 30, back: 7 } as const;

/** What is known beside a thing: the kind that it is, and how days are written. */
export interface Beside {
  readonly kind?: Pick<Kind, 'battery' | 'inner'> | undefined;
  readonly dates?: DateLocale | undefined;
}

/** Whether a thing that was lent, borrowed or hired was to be back before a day. */
export const isOverdue = ({ lent, owner }: Pick<Item, 'lent' | 'owner'>, today: string): boolean =>
  [lent?.back, owner?.back].some(back => back !== undefined && back < today);

/** What a battery, or the one inside a thing, holds of what a new one holds, %; undefined for what has none. */
export const healthPercent = (item: Item, { battery, inner }: Pick<Kind, 'battery' | 'inner'>) =>
  battery || inner
    ? 100 * healthOf({ ...(battery && { battery }), ...(inner && { inner }), known: item })
    : undefined;

/** What is wrong with a thing, or due, or late, on a day (`2026-12-04`); the gravest first. */
export function attentionOf(item: Item, today: string, { kind, dates }: Beside = {}): readonly Attention[] {
  if (item.state === 'retired') return [];
  const day = (each: string): string => showCalendarDay(each, dates);
  const found: Attention[] = [];
  const say = (severity: Severity, words: string): void => void found.push({ severity, words });
  if (isQuarantined(item)) say('stop', keptBack(item) ?? '');
  const next = item.tested?.next;
  if (next !== undefined && next < today) say('risk', `was to be tested by ${day(next)}`);
  else if (next !== undefined && next <= daysAfter(today, AHEAD.test))
    say('note', `is to be tested by ${day(next)}`);
  const { back, to = '' } = item.lent ?? {};
  if (back !== undefined && back < today) say('risk', `was to come back from ${to} on ${day(back)}`);
  const { back: theirs, who = '' } = item.owner ?? {};
  if (theirs !== undefined && theirs < today) say('risk', `was to go back to ${who} on ${day(theirs)}`);
  else if (theirs !== undefined && theirs <= daysAfter(today, AHEAD.back))
    say('note', `goes back to ${who} on ${day(theirs)}`);
  for (const { what, mended, due } of Object.values(item.faults ?? {}))
    if (mended === undefined) {
      const late = due !== undefined && due < today;
      say(late ? 'risk' : 'note', `is faulty: ${what}`);
    }
  const health = kind && healthPercent(item, kind);
  const worn = health === undefined ? undefined : severityOf(batteryHealth.found([item.tape], health));
  if (worn !== undefined && health !== undefined)
    say(worn, `holds about ${Math.round(health)} % of what it held when it was new: test it, or retire it`);
  const order: readonly Severity[] = ['stop', 'risk', 'note'];
  return found.sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
}
