/** In which order the workshop is made ready, as the search for it found: so early that it is done on 90 days of 100. */
import type { Plan } from '../documents/index.js';
import { idFrom, ordersFor } from '../foundations/index.js';

/** Each piece of work by its key, with who does it. */
const WORK: readonly (readonly [task: string, ...people: string[]])[] = [
  ['carry 1', 'gustavfall'],
  ['carry 2', 'josiahvane'],
  ['rig campanel1', 'agathepeel'],
  ['rig camlecte1', 'ebenquayle'],
  ['lay k001jma507cb', 'hedyfallow'],
  ['lay k09jwyrl1klp', 'linneabroo'],
  ['lay k0mq1f3w0wjp', 'gustavfall'],
  ['lay k0nk086t0vpq', 'josiahvane'],
  ['lay k16l95hm0ae9', 'noorhasket'],
  ['wire deskrack1', 'benedictam'],
  ['lay k1f4dbxx0vje', 'hedyfallow'],
  ['lay k0zuqf0m0t1p', 'josiahvane'],
  ['lay k1riogkq1oko', 'gustavfall'],
  ['connect housline1', 'linneabroo'],
  ['ramp aislehall 1', 'hedyfallow'],
  ['connect projecto1', 'gustavfall'],
  ['connect stagescr1', 'josiahvane'],
  ['connect camlecte1', 'noorhasket'],
  ['connect campanel1', 'gustavfall'],
  ['connect deskrack1', 'noorhasket'],
  ['power', 'noorhasket'],
  ['set campanel1', 'agathepeel'],
  ['set camlecte1', 'ebenquayle'],
  ['speed test', 'linneabroo'],
  ['line check', 'hedyfallow', 'benedictam'],
  ['white campanel1', 'agathepeel'],
  ['white camlecte1', 'ebenquayle'],
  ['sound check', 'noorhasket'],
  ['record test', 'hedyfallow'],
  ['sync', 'hedyfallow'],
  ['private stream', 'linneabroo'],
];

export function saturdaySchedule(): NonNullable<Plan['schedule']> {
  const orders = ordersFor(WORK.length);
  const work = WORK.map(([task, ...people], i) => [
    idFrom(`schedule/${task}`),
    { order: orders[i] ?? '', task, people },
  ]);
  return { spare: 27.7, share: 90, work: Object.fromEntries(work) as NonNullable<Plan['schedule']>['work'] };
}
