/** In which order the workshop is made ready, as the search for it found: so early that it is done on 90 days of 100. */
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

export function saturdaySchedule(): NonNullable<Plan['schedule']> {
  const orders = ordersFor(WORK.length);
  const work = WORK.map(([task, ...people], i) => [
    idFrom(`schedule/${task}`),
    { order: orders[i] ?? '', task, people },
  ]);
  return { spare: 27.7, share: 90, work: Object.fromEntries(work) as NonNullable<Plan['schedule']>['work'] };
}
