/** The supply tree of an event. */
export { replug, type Replugged } from './replug.js';
export { rowsOf, supplyTree, type NodeSort, type SupplyNode, type SupplyRow } from './tree.js';
export { chargeDrawing, type ChargeLine } from './charge-drawing.js';
export { statePatch, statesByPhase } from './device-states.js';
export { STATE_WORDS as POWER_STATE_WORDS } from '../stations/power/states.js';
