/** Hands, which no other station reads: it comes by itself. */
import type { StationBook } from './assessing.js';
import { hands } from './stations/hands/index.js';

export const HANDS_STATIONS = { hands } satisfies StationBook;
