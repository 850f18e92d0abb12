/** Every rule of Power. */
import { adaptersCrowded } from './adapters-crowded.js';
import { batteryAmps } from './battery-amps.js';
import { batteryChange } from './battery-change.js';
import { batteryShort } from './battery-short.js';
import { batteryWorn, innerDrains } from './batteries-worn.js';
import { generatorOver, inrush, leakage } from './building.js';
import { circuitOver } from './circuit-over.js';
import { leadsLong } from './leads-long.js';
import { noResidual } from './no-residual.js';
import { outletsOver } from './outlets-over.js';
import { pairSplit } from './pair-split.js';
import { reelCoiled } from './reel-coiled.js';
import { socketBad, socketSwitched } from './sockets-unfit.js';
import { ringLopsided } from './ring-lopsided.js';
import { stripOver } from './strip-over.js';
import { stripsInSeries } from './strips-in-series.js';
import { standbyOnGenerator, standbyOver } from './standby.js';
import {
  dcPlug,
  fuseLarge,
  fuseSmall,
  poeClassOver,
  poeOver,
  railLow,
  supplyOver,
  usbVolts,
} from './supplies.js';
import { unpowered } from './unpowered.js';
import { voltageDrop, voltsLow } from './voltage-drop.js';
import { earthsApart, notForRain, oneLoadOver, plugUnfit } from './wall-plugs.js';
import { wattsUnknown } from './watts-unknown.js';

export const POWER_RULES = [
  ...[circuitOver, ringLopsided, stripOver, outletsOver, adaptersCrowded, stripsInSeries, reelCoiled],
  ...[socketSwitched, socketBad, unpowered, wattsUnknown, batteryShort, batteryAmps],
  ...[pairSplit, plugUnfit, oneLoadOver, notForRain, earthsApart],
  ...[batteryChange, batteryWorn, innerDrains, standbyOver, standbyOnGenerator],
  ...[supplyOver, railLow, fuseSmall, fuseLarge, dcPlug, usbVolts, poeClassOver, poeOver],
  ...[voltageDrop, voltsLow, leadsLong, leakage, noResidual, inrush, generatorOver],
];
