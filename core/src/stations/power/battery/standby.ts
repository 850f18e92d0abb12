/** Stand-by supplies: batteries that hand the mains on, and carry on what hangs on them when the mains go. */
import type { Battery, Supply } from '../../../documents/index.js';
import { given, taken, type Figure } from '../../../foundations/index.js';
import * as figures from '../figures/index.js';
import type { DeviceLoad, Standby } from '../result.js';
import { cellOf } from './cell.js';
import { airAt } from '../../air-temperature.js';
import { coldFactor } from './cold.js';
import { minutesFor } from './discharge.js';
import { usableTerms, type BatteryInUse } from './life.js';

export interface StandbyReads extends Pick<BatteryInUse, 'kind' | 'item' | 'known' | 'reserve' | 'air'> {
  readonly battery: Battery;
  readonly supply: Supply | undefined;
  /** What hangs on it. */
  readonly loads: readonly DeviceLoad[];
  /** Of the mains. */
  readonly volts: number;
}

/** What a stand-by supply carries, in watts and volt-amperes, and for how long once the mains are gone. */
export function standbyOf(id: string, of: StandbyReads): Standby {
  const { battery, kind, loads, volts } = of;
  const load = figures.standbyLoad.calc(
    [id],
    loads.map(({ watts }) => taken('load', watts)),
  );
  const voltAmps = figures.standbyVoltAmps.calc(
    [id],
    [given('V', volts, 'V', 'venue', '/volts'), ...loads.map(({ amps }) => taken('load', amps))],
  );
  const gives = given('gives', battery.voltAmps ?? NaN, 'VA', 'kinds', `/kinds/${kind}/battery/voltAmps`);
  const { terms, formula } = usableTerms(of);
  const usable = figures.standbyUsable.calc([id], terms, { formula });
  return {
    ...{ usable, load, voltAmps },
    share: figures.standbyShare.calc([id], [taken('volt_amps', voltAmps), gives]),
    minutes: minutesOf(id, of, usable, load),
  };
}

function minutesOf(id: string, of: StandbyReads, usable: Figure, load: Figure): Figure {
  const { kind, supply, air } = of;
  const known = [taken('usable', usable), taken('load', load)];
  const unknown = (why: string): Figure => figures.standbyMinutes.unknown([id], why, known);
  if (supply?.efficiency === undefined) return unknown('nobody knows its efficiency');
  if (typeof load.value !== 'number') return unknown('nobody has measured all that hangs on it');
  if (load.value === 0) return unknown('nothing hangs on it');
  const cell = cellOf(of);
  const cold = coldFactor(cell.chemistry, airAt(air, 0));
  const minutes = minutesFor(cell, load.value / supply.efficiency, 1, cold);
  return figures.standbyMinutes.found([id], minutes, [
    ...known,
    given('efficiency', supply.efficiency, '', 'kinds', `/kinds/${kind}/supply/efficiency`),
  ]);
}
