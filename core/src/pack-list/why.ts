/** Why a line is on the checklist: the station that asks for it, in words, with the figure that it follows from. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import type { Figure, StationName } from '../foundations/index.js';
import type { PackLine } from '../stations/pack/index.js';

export interface Why {
  readonly words: string;
  readonly station: StationName | undefined;
  readonly figure: Figure | undefined;
}

const why = (words: string, station?: StationName, figure?: Figure): Why => ({ words, station, figure });

/** Of a line, by its key. */
export function whyListed(
  { plan, shelf }: Pick<Bundle, 'plan' | 'shelf'>,
  { pack, runs }: Assessment,
  id: string,
  { purpose, goesWith }: PackLine,
): Why {
  const device = plan.devices?.[id];
  if (device) return why(`${device.label} is a device of the plan.`, 'signal');
  if (goesWith !== undefined)
    return why(`It always goes with ${shelf.items[goesWith]?.tape ?? 'another thing'}, as the shelf says.`);
  const [first = '', second = ''] = id.split(' ');
  const named = plan.devices?.[second]?.label ?? second;
  const run = runs.runs[first];
  if (run) return why(`The lead ${run.label} is made of it.`, 'runs', run.length);
  switch (first) {
    case 'stand':
      return why(`${named} stands on it.`, 'shots');
    case 'lens':
      return why(`It is the lens of ${named}.`, 'shots');
    case 'battery':
      return why(`It goes along ${purpose}.`, 'power');
    case 'joiners':
      return why(`Leads of several cables are joined by it: ${purpose}.`, 'runs');
    case 'extra':
      return why(`Somebody added it: ${purpose}.`);
    case 'uses':
      return why('Devices of the plan use it up.', 'pack', pack.usedUp[second]);
    case 'spare':
      return why('It goes along spare.', 'pack', pack.spares[second]);
    default:
      return FLOOR[id]
        ? why(`The floor asks for it: ${purpose}.`, 'runs', FLOOR[id]({ pack, runs }))
        : why(purpose);
  }
}

const FLOOR: Readonly<Partial<Record<string, (of: Pick<Assessment, 'pack' | 'runs'>) => Figure>>> = {
  tape00000: ({ pack }) => pack.tapeRolls,
  ramps0000: ({ pack }) => pack.rampPieces,
  hooks0000: ({ runs }) => runs.hooks,
  mats00000: ({ runs }) => runs.mats,
};
