/** Figures of what each device takes, and of all of it. */
import { declare, DEFINITION, standard } from '../../../foundations/index.js';

export const CURRENT = standard('power factor as active over apparent power (IEC 60050-131)');

export const deviceWatts = declare({
  key: 'power.devices.*.watts',
  label: 'Running',
  unit: 'W',
  basis: DEFINITION,
  formula: 'running',
  limits: { raises: 'power.watts-unknown', risk: { is: null } },
});
export const leastWatts = declare({
  key: 'power.devices.*.least',
  label: 'At least',
  unit: 'W',
  basis: DEFINITION,
  formula: 'standby',
});
export const standbyWatts = declare({
  key: 'power.devices.*.standbyWatts',
  label: 'On standby',
  unit: 'W',
  basis: DEFINITION,
  formula: 'standby',
});
export const peakWatts = declare({
  key: 'power.devices.*.peakWatts',
  label: 'At its most',
  unit: 'W',
  basis: DEFINITION,
  formula: 'peak',
});
export const deviceKept = declare({
  key: 'power.devices.*.kept',
  label: 'Turned into warmth',
  unit: 'W',
  basis: DEFINITION,
  formula: 'taken - sum(out)',
});
export const deviceAmps = declare({
  key: 'power.devices.*.amps',
  label: 'Current',
  unit: 'A',
  basis: CURRENT,
  formula: 'P / (V * pf)',
});
export const standbyAmps = declare({
  key: 'power.devices.*.standbyAmps',
  label: 'Current on standby',
  unit: 'A',
  basis: CURRENT,
  formula: 'P / (V * pf)',
});
export const peakAmps = declare({
  key: 'power.devices.*.peakAmps',
  label: 'Current at its most',
  unit: 'A',
  basis: CURRENT,
  formula: 'P / (V * pf)',
});
export const deviceFedBy = declare({
  key: 'power.devices.*.fedBy',
  label: 'Fed by',
  unit: '',
  basis: DEFINITION,
  method: 'power links followed upstream',
  limits: { raises: 'power.unpowered', stop: { is: null } },
});

export const powerTotal = declare({
  key: 'power.total',
  label: 'All together',
  unit: 'W',
  basis: DEFINITION,
  formula: 'sum(load)',
});
