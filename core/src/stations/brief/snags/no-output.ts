import { idFrom, type Rule } from '../../../foundations/index.js';
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
          },
        ]
      : [],
  fixes: (_snag, { outputs }) =>
    (['recording', 'stream'] as const).map(kind => ({
      label: `Want a ${kind}`,
      changes: [
        {
          document: 'plan',
          patch: [
            ...(outputs ? [] : [{ op: 'add' as const, path: '/outputs', value: {} }]),
            {
              op: 'add',
              path: `/outputs/${idFrom(kind)}`,
              value: { order: '001h', label: kind === 'stream' ? 'Public stream' : 'Recording', kind },
            },
          ],
        },
      ],
    })),
};
