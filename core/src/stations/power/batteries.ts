/** How long each battery lasts, and whether it outlasts the event. */
import type { Battery } from '../../documents/index.js';
import { constant, given, taken, type Figure } from '../../foundations/index.js';
import { batteryEnds, batteryLoad, batteryMargin, batteryMinutes, batteryUsable } from './figures.js';
import { loadTerms, type Loads } from './loads.js';
import type { BatteryLife } from './result.js';

export interface BatteryInUse {
  readonly kind: string;
  readonly battery: Battery;
  readonly item: string | undefined;
  /** Charge cycles, where they are logged. */
  readonly cycles: number | undefined;
  readonly below: readonly string[] | undefined;
  readonly loads: Loads;
  readonly reserve: number;
  readonly start: Figure;
  readonly rig: Figure;
  readonly before: Figure;
  readonly end: Figure;
}

export function batteryLife(id: string, of: BatteryInUse): BatteryLife {
  const { kind, battery, item = '', cycles, below = [], loads, reserve } = of;
  const pointer = `/kinds/${kind}/battery`;
  const usable = batteryUsable.calc(
    [id],
    [
      given('V', battery.volts, 'V', 'kinds', `${pointer}/volts`),
      given('Ah', battery.ampHours, 'Ah', 'kinds', `${pointer}/ampHours`),
      cycles === undefined
        ? constant('cycles', 0, '', 'charge cycles not logged')
        : given('cycles', cycles, '', 'shelf', `/items/${item}/cycles`),
      given('reserve', reserve, '%', 'rules', '/batteryReserve'),
    ],
  );
  const load = batteryLoad.calc([id], loadTerms('load', 'watts', below, loads));
  const minutes = batteryMinutes.calc([id], [taken('usable', usable), taken('load', load)]);
  const ends = batteryEnds.calc(
    [id],
    [taken('start', of.start), taken('rig', of.rig), taken('before', of.before), taken('runtime', minutes)],
  );
  return {
    usable,
    load,
    minutes,
    ends,
    margin: batteryMargin.calc([id], [taken('event_end', of.end), taken('battery_end', ends)]),
  };
}
