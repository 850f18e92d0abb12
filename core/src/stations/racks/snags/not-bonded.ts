import { isMains, usualMake } from '../../runs/makes.js';
import { inOrder } from '../../../foundations/index.js';
import type { Kind } from '../../../documents/index.js';
import { racksRule } from '../result.js';

/** Takes mains, and has more than double insulation to rely on: its metal is earthed through its lead. */
const takesMains = (kind: Kind | undefined): boolean =>
  inOrder(kind?.ports).some(([, port]) => {
    const make = port.direction === 'out' ? undefined : usualMake(port);
    return make !== undefined && isMains(make) && port.connector !== 'IEC C7';
  });

/** A rack with mains in it whose metalwork is known not to be bonded: a fault makes all of it live. */
export const notBonded = racksRule({
  rule: 'racks.not-bonded',
  reads: ({ own, devices, kinds }) => ({ racks: own.racks, devices, kinds: kinds.kinds }),
  *find({ racks, devices, kinds }) {
    for (const [rackId, { label, items, watts }] of Object.entries(racks)) {
      if (kinds[devices?.[rackId]?.kind ?? '']?.rackCase?.bonded !== 'no') continue;
      const first = Object.keys(items).find(id => takesMains(kinds[devices?.[id]?.kind ?? '']));
      if (first === undefined) continue;
      yield {
        severity: 'risk',
        subjects: [rackId],
        title: `The metalwork of ${label} is not bonded to earth, and there is mains in it.`,
        because: [watts],
        advice:
          'Have a qualified person bond rails, panels and case to the protective earth, and test it; local codes decide.',
      };
    }
  },
});
