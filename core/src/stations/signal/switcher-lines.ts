/** What works a switcher that has no buttons of its own: a computer or a panel on its network, or a lead for that. */
import { inOrder, type Figure, type Outcome } from '../../foundations/index.js';
import { switcherWorked } from './figures.js';
import { lineTo } from './camera-lines.js';
import { switches, worksMixes } from './functions.js';
import { onNetwork } from './network.js';
import type { PlanWiring } from './result.js';

/** By device: by what it is worked, for every switcher in use that can only be worked over a network. */
export const switcherLines = ({
  wiring,
}: {
  readonly wiring: PlanWiring;
}): Readonly<Record<string, Figure>> =>
  Object.fromEntries(
    inOrder(wiring.devices).flatMap(([id]): [string, Figure][] =>
      switches(wiring, id) && wiring.kindOf(id)?.inside?.control === 'network' && isPluggedIn(wiring, id)
        ? [[id, switcherWorked.said([id], workedBy(wiring, id))]]
        : [],
    ),
  );

/** Whether a picture comes to it: one that only lies in its case is worked by nobody. */
const isPluggedIn = (wiring: PlanWiring, id: string): boolean =>
  wiring.into(id).some(([, { to }]) => wiring.portOf(to)?.carries === 'video');

function workedBy(wiring: PlanWiring, id: string): Outcome {
  const found = onNetwork(wiring, id, each => worksMixes(wiring, each));
  if (found !== undefined)
    return { value: wiring.devices[found]?.label ?? found, method: 'on one network with it' };
  return lineTo(wiring, id, 'control', 'no computer or panel is on its network, and no lead for it comes');
}
