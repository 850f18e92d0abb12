/** What carries something on when its source of power fails, in words. */
import { showText, type Reading } from '../foundations/index.js';
import type { CarriedOn } from './index.js';

/** `WORDS by its own battery, 47 min`. */
export function carriedOnWords({ label, by, minutes }: CarriedOn, reading: Reading): string {
  const time =
    minutes === undefined
      ? ''
      : minutes.value === null
        ? `, nobody knows for how long: ${minutes.why ?? ''}`
        : `, ${showText(minutes.value, minutes.unit, reading)}`;
  return `${label} by ${by}${time}`;
}
