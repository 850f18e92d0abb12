/** Stations that no early one reads, nor Power, and that Day or Hands read: a plan can be drawn before they are here. */
import { day } from './stations/day/index.js';
import { pack } from './stations/pack/index.js';
import { stream } from './stations/stream/index.js';
import type { StationBook } from './assessing.js';

export const LATE_STATIONS = { stream, pack, day } satisfies StationBook;
