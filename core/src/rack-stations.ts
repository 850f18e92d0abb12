/** Racks, which reads Power and which no other station reads. */
import type { StationBook } from './assessing.js';
import { racks } from './stations/racks/index.js';

export const RACK_STATIONS = { racks } satisfies StationBook;
