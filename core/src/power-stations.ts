/** Power, which only Racks reads: it comes by itself. */
import type { StationBook } from './assessing.js';
import { power } from './stations/power/index.js';

export const POWER_STATIONS = { power } satisfies StationBook;
