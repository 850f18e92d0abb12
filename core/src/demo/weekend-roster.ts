/** Who is on what at the demo weekend, and what they have said. */
import type { Plan } from '../documents/index.js';
import { dayBefore } from './shelf-records.js';

type Assignments = NonNullable<Plan['assignments']>;

/** Somebody on a role; `said` what they answered, some days before. */
const on =
  (start: string) =>
  (role: string, person: string, said?: 'yes' | 'asked'): Assignments[string] => ({
    ...{ role, person },
    ...(said && { answer: { how: said, at: `${dayBefore(start, 10)}T18:00:00Z` } }),
  });

/** Of the day before the workshop nobody is there: they would not have rested by then. Two are under 18, one of them a learner beside a leader. */
export function saturdayRoster(start: string): Assignments {
  const put = on(start);
  return {
    assignlead: put('lead', 'josiahvane', 'yes'),
    assignmix1: put('mixer', 'hedyfallow', 'yes'),
    assigncam1: put('camera campanel1', 'agathepeel', 'yes'),
    assignremo: put('remote 1', 'rufusadeye', 'yes'),
    assigngrap: put('graphics', 'benedictam', 'asked'),
    assignsoun: put('sound', 'noorhasket', 'yes'),
    assignmoni: put('monitor', 'linneabroo', 'yes'),
    assignfloo: put('floor', 'gustavfall', 'yes'),
  };
}

/** Nobody watches the stream: those who could are on something else, or away. */
export function sundayRoster(start: string): Assignments {
  const put = on(start);
  return {
    assignlead: put('lead', 'sunnivaray', 'yes'),
    assigncam1: put('camera camgreen1', 'hedyfallow', 'asked'),
    assignsoun: put('sound', 'inescalder', 'yes'),
    assignfloo: put('floor', 'callumdrey', 'yes'),
  };
}
