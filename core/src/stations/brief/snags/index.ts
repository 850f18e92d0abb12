/** Every rule of Brief. */
import { afterQuiet } from './after-quiet.js';
import { noLiveItem } from './no-live-item.js';
import { noOutput } from './no-output.js';

export const BRIEF_RULES = [noOutput, noLiveItem, afterQuiet];
