import { inOrder, type Finding } from '../../../foundations/index.js';
import { onHouseLine } from '../lines.js';
import { streamRule } from '../result.js';

const DAY = 24 * 60 * 60 * 1000;
const WEEK = 7 * DAY;
/** A line that was measured more days ago may be another line by now. */
export const OLD_DAYS = 90;
/** Hours apart within the week that still count as the same hour: clocks may have changed in between. */
const SAME_HOUR = 2;

/** Hours between two instants by their place in the week, 0…84. */
function hoursApartInWeek(a: number, b: number): number {
  const apart = Math.abs(a - b) % WEEK;
  return Math.min(apart, WEEK - apart) / (60 * 60 * 1000);
}

/** Upload tests that say little about the hour of the event: all long ago, or none at this hour of the week. */
export const uploadOld = streamRule({
  rule: 'stream.upload-old',
  reads: ({ own, venue, brief }) => ({
    worst: own.worstUpload,
    uploads: venue.uploads,
    all: own.streams,
    start: brief.start,
  }),
  *find({ worst, uploads, all, start }) {
    const streams = onHouseLine(all);
    const tests = inOrder(uploads).map(([, { at }]) => Date.parse(at));
    const begins = Date.parse(String(start.value));
    if (streams.length === 0 || tests.length === 0 || Number.isNaN(begins)) return;
    const say = (severity: 'risk' | 'note', subject: string, title: string): Finding => ({
      severity,
      subjects: [subject],
      title,
      outputs: streams,
      because: [worst],
      advice: 'Measure the upload there again, at the same hour of the week.',
    });
    const days = Math.floor((begins - Math.max(...tests)) / DAY);
    if (days > OLD_DAYS) {
      yield say('risk', 'age', `The newest upload test will be ${days} days old at the event.`);
    } else if (!tests.some(test => hoursApartInWeek(test, begins) <= SAME_HOUR)) {
      yield say('note', 'hour', 'No upload was ever measured here at this hour of the week.');
    }
  },
});
