/** Every rule of Racks. */
import { overlap } from './overlap.js';
import { tooDeep } from './too-deep.js';
import { tooHeavy } from './too-heavy.js';
import { tooHot } from './too-hot.js';

export const RACKS_RULES = [overlap, tooHeavy, tooDeep, tooHot];
