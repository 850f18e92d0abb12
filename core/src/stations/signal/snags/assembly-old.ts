import { inOrder, severityOf } from '../../../foundations/index.js';
import { signalRule } from '../result.js';

/** A case that was put in as an older version of its assembly than there is now. */
export const assemblyOld = signalRule({
  rule: 'signal.assembly-old',
  reads: ({ own }) => ({ assemblies: own.assemblies, devices: own.wiring.devices }),
  *find({ assemblies, devices }) {
    for (const [id, { label }] of inOrder(devices)) {
      const versions = assemblies[id];
      const severity = versions && severityOf(versions.newer);
      if (!versions || severity === undefined) continue;
      const { version, newest } = versions;
      yield {
        severity,
        subjects: [id],
        title: `${label} is version ${String(version.value)} of its assembly; version ${String(newest.value)} exists.`,
        because: [version, newest, versions.newer],
        advice:
          'Select the case on the schematic to see what is different, and take the new version if it suits.',
      };
    }
  },
});
