import { idFrom, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { BriefReads, BriefResult } from '../index.js';

/** Without a live item the length is unknown, and with it data, disk and battery. */
export const noLiveItem: Rule<Seen<BriefReads, BriefResult>> = {
  rule: 'brief.no-live-item',
  station: 'brief',
  find: ({ own }) =>
    own.phases.live.value === 0
      ? [
          {
            severity: 'risk',
            subjects: [],
            title: 'The running order has no live item: data, disk and battery cannot be worked out.',
            because: ['brief.phases.live'],
          },
        ]
      : [],
  fixes: (_snag, { runningOrder }) => [
    {
      label: 'Add a live item of 60 min',
      changes: [
        {
          document: 'plan',
          patch: [
            ...(runningOrder ? [] : [{ op: 'add' as const, path: '/runningOrder', value: {} }]),
            {
              op: 'add',
              path: `/runningOrder/${idFrom('live item')}`,
              value: { order: '00nh', label: 'The event', phase: 'live', minutes: 60 },
            },
          ],
        },
      ],
    },
  ],
};
