/** The largest picture that can be sent of an output: as what is made, and as its way and encoder carry it. */
import type { Output, Port } from '../../documents/index.js';
import { constant, given, videoOf, type Figure, type Term } from '../../foundations/index.js';
import type { FedOutput } from './fed-by.js';
import { outputLines } from './figures.js';
import { switches } from './functions.js';
import type { PlanWiring } from './result.js';
import { leadsBack } from './switching.js';

/** The smallest of what is made, of the ports on its way, of a webcam output, and of the encoder, px; unknown unfed. */
export function linesOf(
  id: string,
  output: Output,
  { wiring, format }: { readonly wiring: PlanWiring; readonly format: FedOutput['format'] },
): Figure {
  const { device = '' } = output;
  if (typeof format.value !== 'string')
    return outputLines.unknown([id], format.why ?? 'it is not known what comes to it');
  const terms = [constant('lines', videoOf(format.value).height, 'px', `${format.value} comes to it`)];
  const own = wiring.kindOf(device)?.inside?.encoder;
  if (own !== undefined) terms.push(inside(wiring, device, own, 'encoder'));
  if (!switches(wiring, device))
    for (const [, { from, to }] of leadsBack(wiring, device)) {
      terms.push(...portLines(wiring.portOf(from), from.device, wiring));
      terms.push(...portLines(wiring.portOf(to), to.device, wiring));
      const webcam = wiring.kindOf(from.device)?.inside?.webcam;
      if (webcam !== undefined && isUsb(wiring.portOf(from)))
        terms.push(inside(wiring, from.device ?? '', webcam, 'webcam'));
    }
  return outputLines.calc([id], terms);
}

const inside = (wiring: PlanWiring, id: string, lines: number, field: 'encoder' | 'webcam'): Term =>
  given('lines', lines, 'px', 'kinds', `/kinds/${wiring.devices[id]?.kind ?? ''}/inside/${field}`);

const isUsb = (port: Port | undefined): boolean => port?.connector.startsWith('USB') ?? false;

/** The most that a port is said to give or take, where its kind says so. */
function portLines(port: Port | undefined, device: string | undefined, wiring: PlanWiring): Term[] {
  const heights = port?.formats?.map(each => videoOf(each).height) ?? [];
  if (!port || heights.length === 0) return [];
  const words = `most of ${port.label} of ${wiring.devices[device ?? '']?.label ?? 'it'}`;
  return [constant('lines', Math.max(...heights), 'px', words)];
}
