import { numberOf } from '../../../foundations/index.js';
import { racksRule } from '../result.js';

/** More watts than leave a rack by themselves through one open face. */
export const tooHot = racksRule({
  rule: 'racks.too-hot',
  reads: ({ own }) => ({ racks: own.racks }),
  *find({ racks }) {
    for (const [id, { label, heat, passive }] of Object.entries(racks)) {
      if ((numberOf(heat) ?? 0) <= (numberOf(passive) ?? Infinity)) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        title: `${label} gets warm: more watts than leave it through one open face.`,
        because: [heat, passive],
        advice: 'Run it with both lids off and a fan, never closed, never covered.',
      };
    }
  },
});
