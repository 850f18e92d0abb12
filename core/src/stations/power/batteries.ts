/** How long each battery lasts, and whether it outlasts the event. */
import type { Battery, InnerBattery } from '../../documents/index.js';
import { constant, given, taken, type Figure } from '../../foundations/index.js';
import { batteryEnds, batteryLoad, batteryMargin, batteryMinutes, batteryUsable } from './figures.js';
import { loadTerms, type Loads } from './loads.js';
import type { BatteryLife } from './result.js';

export interface BatteryInUse {
  readonly kind: string;
  /** The battery that it is, or the one inside that it draws on. */
  readonly battery?: Battery;
  readonly inner?: InnerBattery;
  readonly item: string | undefined;
  /** Charge cycles, where they are logged. */
  readonly cycles: number | undefined;
  readonly draws: readonly string[] | undefined;
  readonly loads: Loads;
  readonly reserve: number;
  readonly start: Figure;
  readonly rig: Figure;
  readonly before: Figure;
  readonly end: Figure;
}

export function batteryLife(id: string, of: BatteryInUse): BatteryLife {
  const { kind, battery, inner, item = '', cycles, draws = [], loads, reserve } = of;
  const usable = batteryUsable.calc(
    [id],
    [
      ...(battery
        ? [
            given('V', battery.volts, 'V', 'kinds', `/kinds/${kind}/battery/volts`),
            given('Ah', battery.ampHours, 'Ah', 'kinds', `/kinds/${kind}/battery/ampHours`),
          ]
        : [given('Wh', inner?.wattHours ?? 0, 'Wh', 'kinds', `/kinds/${kind}/inner/wattHours`)]),
      cycles === undefined
        ? constant('cycles', 0, '', 'charge cycles not logged')
        : given('cycles', cycles, '', 'shelf', `/items/${item}/cycles`),
      given('reserve', reserve, '%', 'rules', '/batteryReserve'),
    ],
    battery ? {} : { formula: 'Wh * (1 - 0.0004 * cycles) * (1 - reserve / 100)' },
  );
  const load = batteryLoad.calc([id], loadTerms('load', 'watts', draws, loads));
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
