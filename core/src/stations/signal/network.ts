/** Networks: what is on one with a device, over leads and air. */
import type { End } from '../../documents/index.js';
import type { PlanWiring } from './result.js';

export interface Network {
  /** The device, and everything that it reaches, the nearest first. */
  readonly devices: readonly string[];
  /** It comes to a socket of the house. */
  readonly house: boolean;
}

/** What is on one network with a device. */
export function networkOf(wiring: PlanWiring, device: string): Network {
  const seen = new Set([device]);
  const devices = [device];
  let house = false;
  for (const at of devices)
    for (const [, { from, to }] of [...wiring.into(at), ...wiring.outOf(at)]) {
      const [own, other] = from.device === at ? [from, to] : [to, from];
      if (!isNetwork(wiring, own)) continue;
      if (other.networkSocket !== undefined) house = true;
      if (other.device === undefined || seen.has(other.device)) continue;
      seen.add(other.device);
      devices.push(other.device);
    }
  return { devices, house };
}

const isNetwork = (wiring: PlanWiring, end: End): boolean => wiring.portOf(end)?.carries === 'network';

/**
 * The nearest other device of some sort on one network with a device; of those that come to the house network as it
 * does, the first.
 */
export function onNetwork(
  wiring: PlanWiring,
  device: string,
  suits: (id: string) => boolean,
): string | undefined {
  const { devices, house } = networkOf(wiring, device);
  const near = devices.find(id => id !== device && suits(id));
  if (near !== undefined || !house) return near;
  return Object.keys(wiring.devices).find(id => id !== device && suits(id) && networkOf(wiring, id).house);
}
