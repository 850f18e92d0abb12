import { severityOf } from '../../../foundations/index.js';
import { signalRule } from '../result.js';

/** An output to which pictures come, and no sound of anybody. */
export const soundMissing = signalRule({
  rule: 'signal.sound-missing',
  reads: ({ own, outputs }) => ({ sound: own.sound, fed: own.outputs, outputs }),
  *find({ sound, fed, outputs }) {
    for (const [id, { from }] of Object.entries(sound)) {
      const severity = severityOf(from);
      // What nothing feeds at all is told by itself.
      if (severity === undefined || fed[id]?.fedBy.value === null) continue;
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: `“${outputs?.[id]?.label ?? 'An output'}” has no sound: ${from.why ?? ''}.`,
        because: [from],
        advice:
          'Lead the desk or a microphone to where the pictures are mixed. Where a camera is to be heard by itself, say with its kind that it hears.',
      };
    }
  },
});
