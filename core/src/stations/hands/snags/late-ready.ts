import { inOrder, numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { HandsReads, HandsResult } from '../index.js';

/** Rigging takes longer than the running order gives it. */
export const lateReady: Rule<Seen<HandsReads, HandsResult>> = {
  rule: 'hands.late-ready',
  station: 'hands',
  find: ({ own, brief }) => {
    const needed = numberOf(own.rigging);
    const given = (numberOf(brief.phases.rig) ?? 0) + (numberOf(brief.phases.check) ?? 0);
    if (needed === undefined || needed <= given) return [];
    return [
      {
        severity: 'risk',
        subjects: [],
        title: `Rigging and checking need ${Math.ceil(needed)} min; the running order gives them ${given}.`,
        because: ['hands.rigging', 'hands.call'],
        advice: 'Give the rig phase more minutes under Brief, or put more people on it.',
      },
    ];
  },
  *fixes(_snag, { own, brief, runningOrder }) {
    const [id, item] = inOrder(runningOrder).find(([, each]) => each.phase === 'rig') ?? [];
    const given = (numberOf(brief.phases.rig) ?? 0) + (numberOf(brief.phases.check) ?? 0);
    const short = Math.ceil((numberOf(own.rigging) ?? 0) - given);
    if (id === undefined || !item) return;
    yield {
      label: `Give rigging ${short} min more`,
      changes: [
        {
          document: 'plan',
          patch: [{ op: 'replace', path: `/runningOrder/${id}/minutes`, value: item.minutes + short }],
        },
      ],
    };
  },
};
