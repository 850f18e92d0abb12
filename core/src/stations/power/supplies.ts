/** Supplies that feed something, and what they take for it. */
import type { Supply } from '../../documents/index.js';
import type { PlanWiring } from '../signal/index.js';
import type { Feeding } from './feeding.js';
import { supplyLoad, type AtVolts, type DeviceFed, type Loads } from './loads.js';
import type { Metered } from './measured.js';
import type { DeviceLoad } from './result.js';
import { mainsVolts } from './volts-at.js';

/** The supplies on which something hangs. */
export function suppliesInUse({
  wiring,
  feeding,
}: {
  readonly wiring: PlanWiring;
  readonly feeding: Feeding;
}): Readonly<Record<string, Supply>> {
  return Object.fromEntries(
    Object.keys(feeding.below).flatMap(device => {
      const supply = wiring.kindOf(device)?.supply;
      return supply ? [[device, supply]] : [];
    }),
  );
}

export interface Supplying {
  readonly wiring: PlanWiring;
  readonly feeding: Feeding;
  /** Of everything that takes something by itself. */
  readonly plain: Loads;
  readonly supplies: Readonly<Record<string, Supply>>;
  readonly metered: Readonly<Record<string, Metered>>;
  readonly at: Readonly<Record<string, AtVolts>>;
  readonly fed: Readonly<Record<string, DeviceFed['feed']>>;
  readonly volts: number;
}

/** The loads, those of supplies among them: each takes what hangs on it over its efficiency. */
export function withSupplies(of: Supplying): Loads {
  const { wiring, feeding, plain, supplies, metered, at, fed, volts } = of;
  const loads: Record<string, DeviceLoad> = { ...plain };
  const done = new Set<string>();
  const load = (id: string): void => {
    const supply = supplies[id];
    if (!supply || done.has(id)) return;
    done.add(id);
    const below = feeding.below[id] ?? [];
    below.forEach(load);
    const outs = below.flatMap(child => loads[child] ?? []);
    const kind = wiring.devices[id]?.kind ?? '';
    loads[id] = supplyLoad(id, {
      ...{ kind, supply, outs },
      power: wiring.kindOf(id)?.power,
      metered: metered[id] ?? {},
      at: at[id] ?? mainsVolts(volts),
      feed: fed[id],
    });
  };
  Object.keys(supplies).forEach(load);
  return loads;
}
