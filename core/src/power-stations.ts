/** Power, and what hangs on it: no other station reads these, so they come by themselves. */
import type { StationBook } from './assessing.js';
import { power } from './stations/power/index.js';
import { racks } from './stations/racks/index.js';

export const POWER_STATIONS = { power, racks } satisfies StationBook;
