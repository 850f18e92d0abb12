import { severityOf } from '../../../foundations/index.js';
import { feedFromOutlets } from '../feed-fixes.js';
import { powerRule } from '../result.js';

/** Adapters that do not fit side by side on a strip. */
export const adaptersCrowded = powerRule({
  rule: 'power.adapters-crowded',
  reads: ({ own, signal }) => ({ strips: own.strips, devices: signal.wiring.devices }),
  *find({ strips, devices }) {
    for (const [id, { seated }] of Object.entries(strips)) {
      const severity = severityOf(seated);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `The plugs do not fit side by side on ${devices[id]?.label ?? 'a strip'}.`,
        because: [seated],
        advice: 'Bring short extension leads for wide adapters, or a strip with more room; cover no adapter.',
      };
    }
  },
  *fixes(snag, seen) {
    const id = snag.subjects[0] ?? '';
    for (const [link, { to }] of seen.signal.wiring.outOf(id)) {
      const wide = (seen.signal.wiring.portOf(to)?.adapter?.width ?? 0) > 0;
      if (wide && to.device !== undefined) yield* feedFromOutlets(seen, to.device, snag.id, link);
    }
  },
});
