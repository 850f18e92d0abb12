import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { StreamReads, StreamResult } from '../index.js';

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
export const uploadOld: Rule<Seen<StreamReads, StreamResult>> = {
  rule: 'stream.upload-old',
  station: 'stream',
  find: ({ venue, outputs, brief }) => {
    const streams = Object.entries(outputs ?? {}).filter(([, output]) => output.kind === 'stream');
    const tests = inOrder(venue.uploads).map(([, { at }]) => Date.parse(at));
    const start = Date.parse(String(brief.start.value));
    if (streams.length === 0 || tests.length === 0 || Number.isNaN(start)) return [];
    const say = (severity: 'risk' | 'note', subject: string, title: string) => ({
      ...{ severity, subjects: [subject], title },
      outputs: streams.map(([id]) => id),
      because: ['stream.worstUpload'],
      advice: 'Measure the upload there again, at the same hour of the week.',
    });
    const days = Math.floor((start - Math.max(...tests)) / DAY);
    if (days > OLD_DAYS) {
      return [say('risk', 'age', `The newest upload test will be ${days} days old at the event.`)];
    }
    return tests.some(test => hoursApartInWeek(test, start) <= SAME_HOUR)
      ? []
      : [say('note', 'hour', 'No upload was ever measured here at this hour of the week.')];
  },
};
