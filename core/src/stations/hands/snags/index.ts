/** Every rule of Hands. */
import { lateReady } from './late-ready.js';
import { operatorApart } from './operator-apart.js';
import { unfilled } from './unfilled.js';
import { unskilled } from './unskilled.js';

export const HANDS_RULES = [unfilled, unskilled, operatorApart, lateReady];
