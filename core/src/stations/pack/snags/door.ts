import { inWords, numberOf, severityOf } from '../../../foundations/index.js';
import { packRule } from '../result.js';

/** A case that goes through no door of the way in. */
export const door = packRule({
  rule: 'pack.door',
  reads: ({ own, units }) => ({ cases: own.cases, units }),
  *find({ cases, units }) {
    for (const [id, { label, door: at }] of Object.entries(cases)) {
      if (!at || !severityOf(at.doorTilted)) continue;
      const lacking = inWords(-(numberOf(at.doorTilted) ?? 0), 'm', units);
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${label} is ${lacking} too large for the door of the way in, on whichever side it lies.`,
        because: [at.doorTilted],
        advice: 'Another door or way in, a leaf off its hinges, or a smaller case.',
      };
    }
  },
});
