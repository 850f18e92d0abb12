/** Stations that no early one reads, nor Power: a plan can be drawn before they are here. */
import { day } from './stations/day/index.js';
import { hands } from './stations/hands/index.js';
import { pack } from './stations/pack/index.js';
import { stream } from './stations/stream/index.js';
import type { StationBook } from './assessing.js';

export const LATE_STATIONS = { stream, pack, hands, day } satisfies StationBook;
