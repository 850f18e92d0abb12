/** In which order the workshop is made ready and struck, as the search for it found, each in time on 90 days of 100. */
import type { Plan } from '../documents/index.js';
import { idFrom, ordersFor } from '../foundations/index.js';

/** Each piece of work by its key, with who does it. */
const WORK: readonly (readonly [task: string, ...people: string[]])[] = [
  ['carry 1', 'gustavfall'],
  ['carry 2', 'josiahvane'],
  ['rig campanel1', 'agathepeel'],
  ['rig camlecte1', 'hedyfallow'],
  ['lay k001jma507cb', 'linneabroo'],
  ['lay k09jwyrl1klp', 'josiahvane'],
  ['lay k0mq1f3w0wjp', 'noorhasket'],
  ['lay k0nk086t0vpq', 'gustavfall'],
  ['lay k16l95hm0ae9', 'rufusadeye'],
  ['wire deskrack1', 'benedictam'],
  ['lay k1f4dbxx0vje', 'linneabroo'],
  ['lay k0zuqf0m0t1p', 'gustavfall'],
  ['lay k1riogkq1oko', 'noorhasket'],
  ['connect housline1', 'josiahvane'],
  ['ramp aislehall 1', 'linneabroo'],
  ['connect projecto1', 'noorhasket'],
  ['connect stagescr1', 'gustavfall'],
  ['connect camlecte1', 'rufusadeye'],
  ['connect campanel1', 'noorhasket'],
  ['connect deskrack1', 'rufusadeye'],
  ['power', 'noorhasket'],
  ['set campanel1', 'agathepeel'],
  ['set camlecte1', 'hedyfallow'],
  ['speed test', 'linneabroo'],
  ['line check', 'hedyfallow', 'benedictam'],
  ['white campanel1', 'agathepeel'],
  ['white camlecte1', 'hedyfallow'],
  ['sound check', 'noorhasket'],
  ['record test', 'hedyfallow'],
  ['sync', 'hedyfallow'],
  ['private stream', 'linneabroo'],
];

/** The same of the strike. */
const STRIKE: typeof WORK = [
  ['strike power', 'agathepeel'],
  ['strike ramp aislehall 1', 'benedictam'],
  ['strike connect stagescr1', 'hedyfallow'],
  ['strike connect projecto1', 'josiahvane'],
  ['strike connect housline1', 'linneabroo'],
  ['strike connect deskrack1', 'rufusadeye'],
  ['strike wire deskrack1', 'benedictam'],
  ['strike connect camlecte1', 'gustavfall'],
  ['strike connect campanel1', 'agathepeel'],
  ['strike lay k0zuqf0m0t1p', 'agathepeel'],
  ['strike lay k1riogkq1oko', 'agathepeel'],
  ['strike lay k1f4dbxx0vje', 'gustavfall'],
  ['strike lay k09jwyrl1klp', 'hedyfallow'],
  ['strike lay k001jma507cb', 'josiahvane'],
  ['strike lay k16l95hm0ae9', 'gustavfall'],
  ['strike lay k0nk086t0vpq', 'hedyfallow'],
  ['strike lay k0mq1f3w0wjp', 'josiahvane'],
  ['strike rig camlecte1', 'agathepeel'],
  ['strike rig campanel1', 'rufusadeye'],
  ['strike carry 2', 'benedictam'],
  ['strike carry 1', 'rufusadeye'],
];

export function saturdaySchedule(): NonNullable<Plan['schedule']> {
  const recordsOf = (pieces: typeof WORK): NonNullable<Plan['schedule']>['work'] => {
    const orders = ordersFor(pieces.length);
    return Object.fromEntries(
      pieces.map(([task, ...people], i) => [
        idFrom(`schedule/${task}`),
        { order: orders[i] ?? '', task, people },
      ]),
    );
  };
  return { spare: 27.7, share: 90, work: recordsOf(WORK), strike: recordsOf(STRIKE), strikeSpare: 11 };
}
