/** The volts at which each device draws. */
import { given, type Term } from '../../foundations/index.js';
import { isMains, usualMake } from '../runs/makes.js';
import type { PlanWiring } from '../signal/index.js';
import type { Feeding } from './feeding.js';
import type { AtVolts } from './loads.js';

export interface Conducting {
  readonly wiring: PlanWiring;
  readonly feeding: Feeding;
  /** Of the mains at the venue. */
  readonly volts: number;
}

export const mainsVolts = (volts: number): AtVolts => ({
  volts: given('V', volts, 'V', 'venue', '/volts'),
  mains: true,
});

/** The volts of each device that does not draw at the volts of the mains. */
export function voltsAt({ wiring, feeding, volts }: Conducting): Readonly<Record<string, AtVolts>> {
  const found: Record<string, AtVolts> = {};
  for (const [device, { source, from }] of Object.entries(feeding.feeds)) {
    const outlet = feeding.outlets[device];
    if (outlet) found[device] = ofOutlet(wiring, outlet, volts);
    else if (source !== 'mains' && from === undefined) found[device] = ofItself(wiring, device);
  }
  return found;
}

function ofOutlet(wiring: PlanWiring, { device, port }: Feeding['outlets'][string], volts: number): AtVolts {
  if (port === undefined) return { why: 'it is fed along a lead of signals' };
  const end = wiring.portOf({ device, port });
  const make = end && usualMake(end);
  if (make !== undefined && isMains(make)) return mainsVolts(volts);
  const kind = wiring.devices[device]?.kind ?? '';
  const { low, high } = end?.volts ?? {};
  if (low !== undefined && low === high)
    return direct(given('V', low, 'V', 'kinds', `/kinds/${kind}/ports/${port}/volts/low`));
  if (low === undefined) return ofItself(wiring, device);
  return { why: 'which volts the two agree on is not known' };
}

/** Of a battery, its own. */
function ofItself(wiring: PlanWiring, device: string): AtVolts {
  const battery = wiring.kindOf(device)?.battery;
  const kind = wiring.devices[device]?.kind ?? '';
  return battery
    ? direct(given('V', battery.volts, 'V', 'kinds', `/kinds/${kind}/battery/volts`))
    : { why: 'its volts are not known' };
}

const direct = (volts: Term): AtVolts => ({ volts, mains: false });
