import { inPlan, fix } from '../../../edits.js';
import { listed } from '../../../foundations/index.js';
import { severityOf } from '../../../foundations/index.js';
import { handsRule } from '../result.js';

/** Most of it that a title names. */
const NAMED = 3;

/** The accepted schedule leaves out work that the design asks for, or whose people are not on a role any more. */
export const scheduleOld = handsRule({
  rule: 'hands.schedule-old',
  reads: ({ own: { tasks, schedule, strike, struck } }) => ({ tasks, schedule, strike, struck }),
  *find({ tasks, schedule, strike, struck }) {
    const parts = [
      ...(schedule ? [{ tasks, schedule }] : []),
      ...(struck ? [{ tasks: strike, schedule: struck }] : []),
    ].filter(each => severityOf(each.schedule.left) !== undefined);
    const [first] = parts;
    const severity = first && severityOf(first.schedule.left);
    if (severity === undefined) return;
    const left = parts.flatMap(part =>
      Object.entries(part.tasks).flatMap(([key, { label }]) => (part.schedule.tasks[key] ? [] : [label])),
    );
    const more = left.length - NAMED;
    yield {
      severity,
      subjects: [],
      title: `In the schedule nobody does: ${listed(more > 0 ? [...left.slice(0, NAMED), `${more} more`] : left)}.`,
      because: parts.map(part => part.schedule.left),
      advice:
        'Look for a schedule anew, or take it out: until then the call is reckoned by sharing the work evenly.',
    };
  },
  *fixes() {
    yield fix('Take the schedule out', inPlan().drop('schedule'));
  },
});
