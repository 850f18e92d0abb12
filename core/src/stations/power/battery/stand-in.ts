/** How long a battery of the shelf would carry on what hangs on a supply of direct current, in its place. */
import type { Chemistry, Kinds, Port, Shelf } from '../../../documents/index.js';
import { constant, inOrder, numberOf, taken, type Figure } from '../../../foundations/index.js';
import { isMains, usualMake } from '../../runs/makes.js';
import type { PlanWiring } from '../../signal/index.js';
import * as figures from '../figures/index.js';
import type { DeviceLoad } from '../result.js';
import { cellOf } from './cell.js';
import { airAt, type Air } from '../../air-temperature.js';
import { coldFactor } from './cold.js';
import { minutesFor } from './discharge.js';
import { chemistryOf } from './health.js';
import { isReady } from '../../ready.js';

export interface Replaced {
  /** What hangs on the supply. */
  readonly hanging: readonly string[];
  readonly all: Readonly<Record<string, DeviceLoad>>;
  readonly wiring: PlanWiring;
  readonly shelf: Shelf;
  readonly kinds: Kinds;
  readonly reserve: number;
  readonly air: Air;
}

/** Volts of a cell that is full, of its rated volts. */
const FULL: Readonly<Record<Chemistry, number>> = {
  'lithium-ion': 4.2 / 3.6,
  LiFePO4: 3.65 / 3.2,
  NiMH: 1.45 / 1.2,
  'lead-acid': 2.15 / 2,
};

/**
 * Minutes on the ready battery whose volts, from full to nearly empty, all inlets take, and that lasts longest.
 * Undefined where what hangs on the supply is not fed with direct current, or an inlet does not say what it takes.
 */
export function standInOf(id: string, of: Replaced): { readonly minutes: Figure } | undefined {
  const { hanging, all, wiring, shelf, kinds, reserve, air } = of;
  const inlets = hanging.flatMap(device => inletOf(wiring, device) ?? []);
  const ranges = inlets.flatMap(({ volts }) => volts ?? []);
  if (hanging.length === 0 || ranges.length < hanging.length) return undefined;
  const loads = hanging.flatMap(device => all[device] ?? []);
  const watts = loads.reduce((sum, load) => sum + (numberOf(load.watts) ?? NaN), 0);
  const terms = loads.map(load => taken('load', load.watts));
  if (Number.isNaN(watts))
    return { minutes: figures.standIn.unknown([id], 'nobody has measured all that hangs on it', terms) };
  if (watts === 0) return { minutes: figures.standIn.unknown([id], 'nothing is drawn there', terms) };
  const [low, high] = [Math.max(...ranges.map(each => each.low)), Math.min(...ranges.map(each => each.high))];
  const found = inOrder(shelf.items).flatMap(([, item]) => {
    const { tape, kind, ...known } = item;
    const { battery } = kinds.kinds[kind] ?? {};
    const least = battery?.least;
    if (!battery || battery.voltAmps !== undefined || least === undefined || !isReady(item)) return [];
    if (
      least < low ||
      battery.volts * FULL[chemistryOf({ battery })] > high ||
      watts / least > battery.maxAmps
    )
      return [];
    const cell = cellOf({ battery, known, reserve });
    return [{ tape, minutes: minutesFor(cell, watts, 1, coldFactor(cell.chemistry, airAt(air, 0))) }];
  });
  const best = found.toSorted((a, b) => b.minutes - a.minutes)[0];
  return {
    minutes: best
      ? figures.standIn.found([id], best.minutes, [
          ...terms,
          constant('battery', best.tape, '', 'by a lead that ends in both'),
        ])
      : figures.standIn.unknown([id], 'no ready battery is known to give the volts and amps', terms),
  };
}

/** The inlet for direct current into which a device is fed. */
const inletOf = (wiring: PlanWiring, device: string): Port | undefined =>
  wiring
    .into(device)
    .map(([, { to }]) => wiring.portOf(to))
    .find(port => {
      const make = port && usualMake(port);
      return port?.carries === 'power' && make !== undefined && !isMains(make);
    });
