import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { BriefReads, BriefResult } from '../index.js';

/** An event from which nothing comes out has nothing to plan for. */
export const noOutput: Rule<Seen<BriefReads, BriefResult>> = {
  rule: 'brief.no-output',
  station: 'brief',
  find: ({ own }) =>
    own.outputsWanted.value === 0
      ? [
          {
            severity: 'stop',
            subjects: [],
            title: 'Nothing is to come out: no stream, recording or screen is wanted.',
            because: ['brief.outputsWanted'],
            advice: 'Add a stream, a recording or a screen under Brief.',
          },
        ]
      : [],
};
