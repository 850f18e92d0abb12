/** Every rule of Day. */
import { orphanTick } from './orphan-tick.js';
import { readingShort } from './reading-short.js';

export const DAY_RULES = [readingShort, orphanTick];
