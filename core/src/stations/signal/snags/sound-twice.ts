import { severityOf } from '../../../foundations/index.js';
import { signalRule } from '../result.js';

/** The same sound that comes together with itself, later once, or two mixes where one is taken. */
export const soundTwice = signalRule({
  rule: 'signal.sound-twice',
  reads: ({ own, outputs }) => ({ sound: own.sound, outputs }),
  *find({ sound, outputs }) {
    for (const [id, { twice, same }] of Object.entries(sound)) {
      const severity = severityOf(twice);
      if (severity === undefined) continue;
      const label = outputs?.[id]?.label ?? 'An output';
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: same
          ? `“${label}” gets the same sound twice, once with a picture: ${String(twice.value)}.`
          : `“${label}” has two mixes to take its sound from: ${String(twice.value)}.`,
        because: [twice],
        advice: same
          ? 'Open one of the two only: together they echo, since one is later.'
          : 'Say which one is sent, switch the other off there, and listen to it in headphones.',
      };
    }
  },
});
