import { numberOf, severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** More of the crew than the venue lets in. */
export const crewLimit = handsRule({
  rule: 'hands.crew-limit',
  reads: ({ own }) => ({ left: own.placesLeft, inside: own.inside }),
  *find({ left, inside }) {
    const severity = severityOf(left);
    if (severity === undefined) return;
    const crew = numberOf(inside) ?? 0;
    yield {
      severity,
      subjects: [],
      title: `The crew is ${crew}; ${crew + (numberOf(left) ?? 0)} are let in.`,
      because: [left, inside],
      advice: 'Let people do several things, lock or steer cameras, or ask the venue.',
    };
  },
});
