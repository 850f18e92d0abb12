/** Events that are read as text: those of the demo, and a starter kit of each sort. */
import { chapelBundle, fridayBundle, saturdayPlan, sundayPlan, weekendVenues } from '../src/demo/index.js';
import type { Bundle } from '../src/documents/index.js';
import { kitBundle, kits } from '../src/kits/index.js';

const friday = fridayBundle();
const START = '2026-12-05T10:00:00Z';
/** Phones, a compact switcher, fibre, a camera that stays. */
const KITS: ReadonlySet<string> = new Set(['kitphones1', 'kitcompact', 'kitfibre04', 'kitperman1']);

export const saturday: Bundle = {
  ...friday,
  plan: saturdayPlan(START),
  venue: weekendVenues.venuegrange1 ?? friday.venue,
};
export const sunday: Bundle = {
  ...friday,
  plan: sundayPlan(START),
  venue: weekendVenues.venuemillra1 ?? friday.venue,
};

export const EVENTS: readonly (readonly [string, Bundle])[] = [
  ['friday', friday],
  ['chapel', chapelBundle()],
  ['saturday', saturday],
  ['sunday', sunday],
  ...kits
    .filter(({ id }) => KITS.has(id))
    .map((kit): [string, Bundle] => [kit.id, kitBundle(kit, friday.rules)]),
];
