/** The line by which a stream leaves the place: of the house, or of a modem on the mobile network. */
import type { End, Venue } from '../../documents/index.js';
import { distance, given, inOrder, type Figure, type Point } from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import * as figures from './figures.js';
import type { StreamResult } from './result.js';

/** A modem, by its device; `house` for a line of the venue. */
export type Line = { readonly of: 'house' } | { readonly of: 'mobile'; readonly modem: string };

/** Follows leads and air of the network from a device to the nearest line; one of the house before any modem. */
export function lineOf({
  wiring,
  device,
}: {
  readonly wiring: PlanWiring;
  readonly device: string;
}): Line | undefined {
  const seen = new Set([device]);
  const open = [device];
  let modem: string | undefined;
  for (const at of open) {
    if (hasModem(wiring, at)) modem ??= at;
    for (const [, { from, to }] of [...wiring.into(at), ...wiring.outOf(at)]) {
      const [own, other] = from.device === at ? [from, to] : [to, from];
      if (!isNetwork(wiring, own)) continue;
      if (other.networkSocket !== undefined) return { of: 'house' };
      if (other.device === undefined || seen.has(other.device)) continue;
      seen.add(other.device);
      open.push(other.device);
    }
  }
  return modem === undefined ? undefined : { of: 'mobile', modem };
}

/** The device that is the modem of a line; empty for a line of the house. */
export const modemOf = (line: Line | undefined): string => (line?.of === 'mobile' ? line.modem : '');

const isNetwork = (wiring: PlanWiring, end: End): boolean => wiring.portOf(end)?.carries === 'network';

const hasModem = (wiring: PlanWiring, device: string): boolean =>
  Object.values(wiring.kindOf(device)?.ports ?? {}).some(({ mobile }) => mobile === true);

/** Streams that go over the line of the house, or of which nobody knows. */
export const onHouseLine = (streams: StreamResult['streams']): string[] =>
  Object.entries(streams).flatMap(([id, { upload }]) => (upload ? [] : [id]));

/** So near to a modem a reading of the mobile network says something of it, m. */
const HERE = 15;

/** What the mobile network carried where a modem stands: the worst reading of the best operator there is not told apart. */
export function mobileUpload(
  id: string,
  {
    at,
    label,
    readings,
  }: {
    readonly at: Point | undefined;
    readonly label: string;
    readonly readings: Venue['mobileReadings'];
  },
): Figure {
  const near = inOrder(readings).filter(
    ([, reading]) => at !== undefined && distance(reading.at, at) <= HERE,
  );
  const terms = near.map(([reading, { up }]) =>
    given('test', up, 'Mb/s', 'venue', `/mobileReadings/${reading}/up`),
  );
  return terms.length === 0
    ? figures.lineUpload.unknown([id], `the mobile network was not measured where ${label} stands`)
    : figures.lineUpload.calc([id], terms);
}
