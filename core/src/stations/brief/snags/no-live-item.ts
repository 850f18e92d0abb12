import { idFrom, severityOf } from '../../../foundations/index.js';
import { briefRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** Without a live item the length is unknown, and with it data, disk and battery. */
export const noLiveItem = briefRule({
  rule: 'brief.no-live-item',
  reads: ({ own }) => ({ live: own.phases.live }),
  *find({ live }) {
    const severity = severityOf(live);
    if (severity === undefined) return;
    yield {
      severity,
      subjects: [],
      title: 'The running order has no live item: data, disk and battery cannot be worked out.',
      because: [live],
    };
  },
  fixes: (_snag, { runningOrder }) => [
    fix(
      'Add a live item of 60 min',
      inPlan({ runningOrder }).put('runningOrder', idFrom('live item'), {
        order: '00nh',
        label: 'The event',
        phase: 'live',
        minutes: 60,
      }),
    ),
  ],
});
