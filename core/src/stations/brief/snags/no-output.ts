import { severityOf } from '../../../foundations/index.js';
import { briefRule } from '../result.js';

/** An event from which nothing comes out has nothing to plan for. */
export const noOutput = briefRule({
  rule: 'brief.no-output',
  reads: ({ own }) => ({ wanted: own.outputsWanted }),
  *find({ wanted }) {
    const severity = severityOf(wanted);
    if (severity === undefined) return;
    yield {
      severity,
      subjects: [],
      title: 'Nothing is to come out: no stream, recording or screen is wanted.',
      because: [wanted],
      advice: 'Add a stream, a recording or a screen under Brief.',
    };
  },
});
