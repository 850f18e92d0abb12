/** The stations that the plan is drawn by, which every page of an event needs before it is first seen. */
import { brief } from './stations/brief/index.js';
import { ground } from './stations/ground/index.js';
import { runs } from './stations/runs/index.js';
import { shots } from './stations/shots/index.js';
import { signal } from './stations/signal/index.js';
import type { StationBook } from './assessing.js';

export const EARLY_STATIONS = { brief, ground, shots, signal, runs } satisfies StationBook;
