/** How long work on the day usually takes, in minutes of one person, until a log of one’s own says otherwise. */
import { constant, houseRule, type Basis, type Term } from '../../../foundations/index.js';

export const USUAL_DURATIONS: Basis = houseRule(
  'minutes of one person',
  'usual durations, until a log of one’s own says otherwise',
);

/** Minutes for one of each, with words for its working. */
const EACH = {
  operated: [12, 'to rig an operated camera'],
  locked: [8, 'to rig a locked camera'],
  ramp: [3, 'to lay a ramp'],
  powerUp: [5, 'power up and warm'],
  formats: [2, 'formats of a camera'],
  white: [3, 'white balance of a camera'],
  lineCheck: [10, 'line check'],
  sync: [8, 'sound and picture meet'],
  sound: [15, 'sound check'],
  recording: [5, 'record, and play it back'],
  speedTest: [5, 'speed of the line'],
  privateStream: [10, 'a stream that nobody is told of'],
} as const satisfies Readonly<Record<string, readonly [minutes: number, words: string]>>;
export type Timed = keyof typeof EACH;

/** Minutes for one of something, as a term of a working. */
export const lasting = (name: string, of: Timed): Term => constant(name, EACH[of][0], 'min', EACH[of][1]);

/** Metres of lead that one person lays and tapes in a minute. */
export const TAPING: Term = constant('taping', 4, 'm/min', 'laid and taped');

/** Of what something takes to set up, as much to take down again. House figure; everything is carried as far as before. */
export const STRIKE_PART = 0.5;

/** Of what something usually takes, the least and the most that it may take. House figures. */
export const LEAST_PART = 0.8;
export const MOST_PART = 1.7;
