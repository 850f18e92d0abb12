/** Outputs: what feeds each of them, as which programme, and of which size. */
import type { Bus, Format, Output } from '../../documents/index.js';
import { constant, found, unknown, type Figure, type MapOf, inOrder } from '../../foundations/index.js';
import { givenBy } from './formats.js';
import type { PlanWiring } from './index.js';
import { isSource } from './sources.js';
import { busOf, feedsOf } from './switching.js';

export interface FedOutput {
  readonly fedBy: Figure;
  /** The bus of the switcher that it gets: a programme, the clean one, or whatever else is on it. */
  readonly gets: Figure;
  /** Size and rate of what comes to it. */
  readonly format: Figure;
  /** The switcher that it comes from. */
  readonly switcher: string | undefined;
}

export const fedOutputs = (
  wiring: PlanWiring,
  outputs: MapOf<Output> | undefined,
  house: Format,
): Record<string, FedOutput> =>
  Object.fromEntries(inOrder(outputs).map(([id, output]) => [id, fedOutput(wiring, output, house)]));

const nothing = (why: string): FedOutput => ({
  fedBy: unknown('', why),
  gets: unknown('', why),
  format: unknown('', why),
  switcher: undefined,
});

const BUS_WORDS: Readonly<Record<Bus, string>> = {
  programme: 'programme',
  'second programme': 'second programme',
  'third programme': 'third programme',
  clean: 'clean programme',
  preview: 'preview',
  multiview: 'multiview',
  aux: 'one input',
};

/** Walks upstream from the device an output comes out of, to a switcher that has a source, or to a source. */
function fedOutput(wiring: PlanWiring, output: Output, house: Format): FedOutput {
  if (output.device === undefined) return nothing('no device is chosen for it');
  if (!wiring.devices[output.device]) return nothing('its device is gone');
  const seen = new Set<string>();
  const path: string[] = [];
  let port: string | undefined;
  for (let device = output.device; ;) {
    if (seen.has(device)) return nothing('its links run in a ring');
    seen.add(device);
    const label = wiring.devices[device]?.label ?? device;
    path.unshift(label);
    const kind = wiring.kindOf(device);
    const followed = `links followed: ${path.join(' → ')}`;
    const made = (fedBy: Figure, bus: string): FedOutput => ({
      fedBy,
      gets: found(bus, '', followed),
      format: givenBy(wiring, device, port, house),
      switcher: kind?.family === 'switcher' ? device : undefined,
    });
    if (isSource(kind) && device !== output.device)
      return made(found(`${label} alone`, '', followed), 'one source');
    const feeds = feedsOf(wiring, device, port);
    if (kind?.family === 'switcher') {
      // What a switcher itself streams or records is the programme that is wanted of it, where it has that many.
      const own = output.programme ?? 'programme';
      const bus =
        port === undefined
          ? hasMix(kind.inside?.mixes, own)
            ? own
            : 'programme'
          : busOf(wiring, device, port);
      if (bus !== 'aux' || feeds.length === 0) {
        if (feeds.length === 0)
          return nothing(`${label} has no source${bus === 'aux' ? ' on that output' : ''}`);
        const sources = [constant('sources', feeds.length, 'pieces', 'inputs in use')];
        return made(
          found(`${BUS_WORDS[bus ?? 'programme']} of ${label}`, '', followed, sources),
          bus ?? 'programme',
        );
      }
    }
    const [first] = feeds;
    if (first?.[1].from.device === undefined) return nothing(`nothing is plugged into ${label}`);
    device = first[1].from.device;
    port = first[1].from.port;
  }
}

const NEEDS: Readonly<Record<string, number>> = { 'second programme': 2, 'third programme': 3 };
const hasMix = (mixes = 1, programme: string): boolean => mixes >= (NEEDS[programme] ?? 1);
