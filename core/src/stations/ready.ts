/** Whether a thing of the shelf can be taken along. */
import type { Item } from '../documents/index.js';

/** What readiness hangs on. */
export type Readiness = Pick<Item, 'state' | 'lent' | 'tested'>;

/** A test that says nothing for a thing: it failed, or nobody knows when it was done. */
export const isQuarantined = ({ tested }: Pick<Item, 'tested'>): boolean =>
  tested !== undefined && (tested.result === 'failed' || tested.on === undefined);

/**
 * Why a thing cannot be taken along, as words that follow its name: `is in repair`. Undefined where nothing is known
 * against it.
 */
export function keptBack({ state, lent, tested }: Readiness): string | undefined {
  if (state === 'retired' || state === 'in repair') return `is ${state}`;
  if (tested && isQuarantined({ tested }))
    return tested.result === 'failed'
      ? 'failed its electrical test'
      : 'has an electrical test without a date';
  if (lent) return 'is lent out';
  return state === 'ready' ? undefined : `is ${state}`;
}

/** Whether a thing is there and nothing is known against it. */
export const isReady = (item: Readiness): boolean => keptBack(item) === undefined;

/** The same on a day to come: what is lent out and comes back before that day is there by then. */
export const keptBackFrom = ({ state, lent, tested }: Readiness, day: string): string | undefined =>
  lent?.back !== undefined && lent.back < day
    ? keptBack({ state: state === 'out' ? 'ready' : state, ...(tested && { tested }) })
    : keptBack({ state, ...(lent && { lent }), ...(tested && { tested }) });
