import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { SignalReads, SignalResult } from '../index.js';

/** A case that was put in as an older version of its assembly than there is now. */
export const assemblyOld: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.assembly-old',
  station: 'signal',
  find: ({ own: { assemblies, wiring } }) =>
    inOrder(wiring.devices).flatMap(([id, { label }]) => {
      const versions = assemblies[id];
      if (versions?.newer.value !== true) return [];
      return [
        {
          severity: 'note' as const,
          subjects: [id],
          title: `${label} is version ${String(versions.version.value)} of its assembly; version ${String(versions.newest.value)} exists.`,
          because: [`signal.assemblies.${id}.version`, `signal.assemblies.${id}.newest`],
          advice:
            'Select the case on the schematic to see what is different, and take the new version if it suits.',
        },
      ];
    }),
};
