import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { racksRule } from '../result.js';

/** A case over its load limit, or too heavy for one person. */
export const tooHeavy = racksRule({
  rule: 'racks.too-heavy',
  reads: ({ own, devices, kinds, units }) => ({ racks: own.racks, devices, kinds: kinds.kinds, units }),
  *find({ racks, devices, kinds, units }) {
    for (const [id, { label, load, weight }] of Object.entries(racks)) {
      const limit = kinds[devices?.[id]?.kind ?? '']?.rackCase?.load ?? Infinity;
      if ((numberOf(load) ?? 0) > limit) {
        yield {
          severity: 'stop',
          subjects: [id],
          title: `${label} carries more than its load limit of ${inWords(limit, 'kg', units)}.`,
          because: [load],
          advice: 'Carry part of it in another case.',
        };
        continue;
      }
      const severity = severityOf(weight);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        title: `${label} needs two people to lift: ${inWords(numberOf(weight) ?? 0, 'kg', units)}.`,
        because: [weight],
        advice: 'Two names on this case; use wheels, keep it close, mind the step.',
      };
    }
  },
});
