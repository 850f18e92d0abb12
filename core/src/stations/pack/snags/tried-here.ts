import { inOrder, showCalendarDay } from '../../../foundations/index.js';
import { packRule } from '../result.js';
import { triedHere as newestOf } from '../worked-here.js';

const WHO = { itself: '', 'its kind': 'A thing like ', another: 'Another thing like ' } as const;

/** A thing that did not work at this venue when it was there last: a box that its network upsets. */
export const triedHere = packRule({
  rule: 'pack.tried-here',
  reads: ({ own, devices, tried, dates }) => ({ workedHere: own.workedHere, devices, tried, dates }),
  *find({ workedHere, devices, tried, dates }) {
    for (const [id, device] of inOrder(devices)) {
      const [figure, newest] = [workedHere[id], newestOf(tried, device)];
      if (!figure || !newest || newest.tried.works) continue;
      const { on, what } = newest.tried;
      yield {
        // What another of its kind did says less of this one.
        severity: newest.of === 'another' ? 'note' : 'risk',
        subjects: [id],
        title: `${WHO[newest.of]}${device.label} did not work here on ${showCalendarDay(on, dates)}${what === undefined ? '' : `: ${what}`}.`,
        because: [figure],
        advice: 'Try it here before the day, or plan what takes its place.',
      };
    }
  },
});
