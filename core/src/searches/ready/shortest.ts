/** The shortest schedule that is found in some time, told of in between. */
import { lehmer } from '../annealing.js';
import { Branching } from '../schedule/branch.js';
import { improved } from '../schedule/list.js';
import type { Schedule, Workshop } from '../schedule/work.js';
import type { Progress } from '../search.js';

/** Steps of a first schedule, and how long the tree is looked at at first, s. */
const FIRST_STEPS = 4000;
const FIRST_LOOK = 0.2;

/** A schedule soon, then shorter ones, until none can be shorter or the time is over. */
export function* shortestOf(
  shop: Workshop,
  { seconds, seed }: { readonly seconds: number; readonly seed: number },
  now: () => number,
): Generator<Progress, { schedule: Schedule; bound: number }> {
  const begun = now();
  const spent = (): number => (now() - begun) / 1000;
  const { bound: least } = new Branching(shop);
  let schedule = improved(shop, least, FIRST_STEPS, lehmer(seed), () => spent() > seconds / 4);
  // The tree is searched from its root again, each time for longer: whoever waits is told in between, and may stop it.
  for (let until = spent() + FIRST_LOOK; ; until = spent() * 2) {
    const limit = Math.min(until, seconds);
    const found = new Branching(shop, schedule).shortest({ isOver: () => spent() > limit });
    schedule = found.schedule;
    if (found.bound >= schedule.ends || spent() > seconds) return { schedule, bound: found.bound };
    yield { stage: 'solving', share: spent() / seconds, value: schedule.ends, bound: found.bound };
  }
}
