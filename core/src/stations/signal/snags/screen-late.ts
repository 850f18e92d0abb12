import { numberOf, severityOf } from '../../../foundations/index.js';
import { signalRule } from '../result.js';

/** A screen in the room that shows people so late that it disturbs those who see both. */
export const screenLate = signalRule({
  rule: 'signal.screen-late',
  reads: ({ own, outputs }) => ({ screens: own.screens, outputs }),
  *find({ screens, outputs }) {
    for (const [id, { late }] of Object.entries(screens)) {
      const severity = severityOf(late);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: `${outputs?.[id]?.label ?? 'A screen'} is ${Math.round(numberOf(late) ?? 0)} ms late: whoever sees the speaker and the screen will notice.`,
        because: [late],
        advice:
          'Work at a higher frame rate, switch off picture processing in the screen, or place it where both are not seen together.',
      };
    }
  },
});
