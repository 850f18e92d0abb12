/** Every figure of Power. */
import type { Declared } from '../../../foundations/index.js';
import * as batteries from './batteries.js';
import * as building from './building.js';
import * as circuits from './circuits.js';
import * as loads from './loads.js';
import * as outlets from './outlets.js';
import * as supplies from './supplies.js';

export * from './batteries.js';
export * from './building.js';
export * from './circuits.js';
export * from './loads.js';
export * from './outlets.js';
export * from './supplies.js';

const { atStrip, atSocket, ...ofOutlets } = outlets;
const { CURRENT: _, ...ofLoads } = loads;

const listed = (...groups: readonly Readonly<Record<string, Declared>>[]): Declared[] =>
  groups.flatMap(group => Object.values(group));

export const POWER_FIGURES = listed(
  ofLoads,
  atStrip,
  atSocket,
  ofOutlets,
  circuits,
  building,
  batteries,
  supplies,
);
