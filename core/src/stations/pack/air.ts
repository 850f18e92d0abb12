/** How a battery may travel by air (IATA dangerous goods regulations, lithium batteries of passengers). */
import type { Kind } from '../../documents/index.js';

/** Up to this in the cabin without asking, Wh; up to the other with the airline’s approval; more as cargo only. */
export const AIR_LIMITS = { free: 100, asked: 160 } as const;

export interface ByAir {
  /** What it holds as it is rated, Wh. */
  readonly wattHours: number;
  readonly goes: 'cabin' | 'cabin if the airline approves' | 'cargo only' | 'ask the airline';
}

/** Of a battery, or of a thing with one inside; undefined for everything else. */
export function byAir({ battery, inner }: Pick<Kind, 'battery' | 'inner'>): ByAir | undefined {
  const wattHours = battery ? battery.volts * battery.ampHours : inner?.wattHours;
  if (wattHours === undefined) return undefined;
  const chemistry = battery?.chemistry ?? inner?.chemistry ?? 'lithium-ion';
  if (chemistry === 'NiMH') return { wattHours, goes: 'cabin' };
  if (chemistry === 'lead-acid') return { wattHours, goes: 'ask the airline' };
  if (wattHours <= AIR_LIMITS.free) return { wattHours, goes: 'cabin' };
  return { wattHours, goes: wattHours <= AIR_LIMITS.asked ? 'cabin if the airline approves' : 'cargo only' };
}
