import { isMains, usualMake } from '../../runs/makes.js';
import { inOrder } from '../../../foundations/index.js';
import type { Kind } from '../../../documents/index.js';
import { eachRackRule } from '../result.js';

/** Whether a thing takes mains through a lead with an earth (class I); one with a C7 inlet is insulated twice (class II). */
const takesMains = (kind: Kind | undefined): boolean =>
  inOrder(kind?.ports).some(([, port]) => {
    const make = port.direction === 'out' ? undefined : usualMake(port);
    return make !== undefined && isMains(make) && port.connector !== 'IEC C7';
  });

/** A rack with mains in it whose metalwork is known not to be bonded: a fault makes all of it live. */
export const notBonded = eachRackRule({
  rule: 'racks.not-bonded',
  reads: ({ kinds }) => ({ kinds: kinds.kinds }),
  *find(rackId, { label, kind, items, watts }, { kinds }) {
    if (kinds[kind]?.rackCase?.bonded !== 'no') return;
    if (!Object.values(items).some(each => takesMains(kinds[each.kind]))) return;
    yield {
      severity: 'risk',
      subjects: [rackId],
      title: `The metalwork of ${label} is not bonded to earth, and there is mains in it.`,
      because: [watts],
      advice:
        'Have a qualified person bond rails, panels and case to the protective earth, and test it; local codes decide.',
    };
  },
});
