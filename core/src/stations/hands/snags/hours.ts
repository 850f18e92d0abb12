import { numberOf, severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** People are called before the venue lets them in. */
export const beforeOpen = handsRule({
  rule: 'hands.before-open',
  reads: ({ own }) => ({ early: own.beforeOpen, call: own.call }),
  *find({ early, call }) {
    const severity = early && severityOf(early);
    if (!early || severity === undefined) return;
    yield {
      severity,
      subjects: [],
      title: `People are called ${Math.ceil(numberOf(early) ?? 0)} min before the venue lets them in.`,
      because: [early, call],
      advice:
        'Ask to be let in earlier, put more people on it, or shorten what takes longest: Hands tells what wins most.',
    };
  },
});

/** Everything is struck, as it is planned, after everybody must be out. */
export const afterLocked = handsRule({
  rule: 'hands.after-locked',
  reads: ({ own }) => ({ late: own.afterLocked, leave: own.leave }),
  *find({ late, leave }) {
    const severity = late && severityOf(late);
    if (!late || severity === undefined) return;
    yield {
      severity,
      subjects: [],
      title: `Everything is struck ${Math.ceil(numberOf(late) ?? 0)} min after everybody must be out.`,
      because: [late, leave],
      advice: 'Ask to stay longer, begin earlier, or have more people for the strike.',
    };
  },
});
