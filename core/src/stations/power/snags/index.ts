/** Every rule of Power. */
import { batteryShort } from './battery-short.js';
import { circuitOver } from './circuit-over.js';
import { stripOver } from './strip-over.js';
import { unpowered } from './unpowered.js';
import { voltageDrop } from './voltage-drop.js';

export const POWER_RULES = [circuitOver, stripOver, unpowered, batteryShort, voltageDrop];
