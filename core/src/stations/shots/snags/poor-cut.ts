import { severityOf } from '../../../foundations/index.js';
import { shotsRule } from '../result.js';
import { namedIn } from '../words.js';
import { fix, inPlan } from '../../../edits.js';

/** Two shots of one mark so alike that a cut between them looks like a mistake. */
export const poorCut = shotsRule({
  rule: 'shots.poor-cut',
  reads: seen => ({ cuts: seen.own.cuts, ...namedIn(seen) }),
  *find({ cuts, cameras, marks, shots }) {
    for (const { mark, shots: both, angle, good } of Object.values(cuts)) {
      const severity = severityOf(good);
      if (severity === undefined) continue;
      const names = both.map(each => cameras[shots?.[each]?.camera ?? '']?.label ?? 'a camera');
      yield {
        severity,
        subjects: [...both],
        title: `${names.join(' and ')} show ${marks?.[mark]?.label ?? 'a mark'} too much alike to cut between: ${Math.round(Number(angle.value))}° apart and the same size.`,
        because: [angle, good],
        advice: 'Make one of them a size wider or tighter, or put 30° between the cameras.',
      };
    }
  },
  *fixes(snag, { shots }) {
    for (const id of snag.subjects) {
      const size = shots?.[id]?.size;
      if (size !== 'waist up' && size !== 'chest up' && size !== 'head and shoulders') continue;
      const other = size === 'waist up' ? 'head and shoulders' : 'knees up';
      yield fix(
        `Make the ${id === snag.subjects[0] ? 'first' : 'second'} “${other}”`,
        inPlan().put('shots', id, 'size', other),
      );
    }
  },
});
