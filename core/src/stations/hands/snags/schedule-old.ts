import { inPlan, fix } from '../../../edits.js';
import { listed } from '../../../foundations/index.js';
import { severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Most of it that a title names. */
const NAMED = 3;

/** The accepted schedule leaves out work that the design asks for, or whose people are not on a role any more. */
export const scheduleOld = handsRule({
  rule: 'hands.schedule-old',
  reads: ({ own: { tasks, schedule } }) => ({ tasks, schedule }),
  *find({ tasks, schedule }) {
    const severity = schedule && severityOf(schedule.left);
    if (!schedule || severity === undefined) return;
    const left = Object.entries(tasks).flatMap(([key, { label }]) => (schedule.tasks[key] ? [] : [label]));
    const more = left.length - NAMED;
    yield {
      severity,
      subjects: [],
      title: `In the schedule nobody does: ${listed(more > 0 ? [...left.slice(0, NAMED), `${more} more`] : left)}.`,
      because: [schedule.left],
      advice:
        'Look for a schedule anew, or take it out: until then the call is reckoned by sharing the work evenly.',
    };
  },
  *fixes() {
    yield fix('Take the schedule out', inPlan().drop('schedule'));
  },
});
