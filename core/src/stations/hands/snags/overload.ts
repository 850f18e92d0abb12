import type { ItemAsks, RunningItem } from '../../../documents/index.js';
import {
  inOrder,
  listed,
  numberOf,
  severityOf,
  showClock,
  type Fix,
  type MapOf,
} from '../../../foundations/index.js';
import { fix, inPlan } from '../../../edits.js';
import { fixesByAssigning } from '../assign.js';
import { ALL_OF_IT, attentionOf, JOB_WORDS, type Job } from '../attention.js';
import { countOf } from '../asked.js';
import { handsRule, type HandsSeen, type Workload } from '../result.js';

/** One person is asked more than all of their attention in an item of the running order. */
export const overload = handsRule({
  rule: 'hands.overload',
  reads: ({ own, brief, people, runningOrder, rules, zone }) => ({
    workload: own.workload,
    roles: own.roles,
    times: brief.items,
    people,
    runningOrder,
    dates: rules.dates,
    zone,
  }),
  *find({ workload, roles, times, people, runningOrder, dates, zone }) {
    for (const [person, { peak, items, roles: keys }] of Object.entries(workload)) {
      const severity = severityOf(peak);
      if (severity === undefined) continue;
      const [id = ''] = Object.entries(items).find(([, { least }]) => least.value === peak.value) ?? [];
      const begins = times[id]?.begins;
      const from =
        typeof begins?.value === 'string'
          ? `, from ${showClock(begins.value, { zone, ...(dates && { dates }) })}`
          : '';
      yield {
        severity,
        subjects: [person],
        title: `${people[person]?.name ?? 'One person'} has ${Math.ceil(numberOf(peak) ?? 0)} % to do in “${runningOrder?.[id]?.label ?? id}”${from}, as ${listed(keys.map(key => roles[key]?.label ?? key))}.`,
        because: [peak, ...(begins ? [begins] : [])],
        advice: 'Give a role to somebody else, ask for less in that item, or lock a camera off.',
      };
    }
  },
  *fixes({ subjects: [person = ''] }, seen) {
    const load = seen.own.workload[person];
    if (!load) return;
    yield* fixesByAssigning(seen, load.roles);
    yield* fixesByLess(load, seen);
    yield* fixesByLocking(load, seen);
  },
});

/** Jobs of which there may be fewer, those that are missed least first. */
const SPARED: readonly Job[] = ['chat', 'caption', 'reframe', 'clip', 'slide', 'cue', 'cut'];

/** Fewer of one thing in every item that asks too much, as many as leave all of one’s attention. */
function* fixesByLess(load: Workload, { own, runningOrder, rules }: HandsSeen): Generator<Fix> {
  const attention = attentionOf(rules.attention);
  const full = Object.entries(load.items).flatMap(([id, { least }]) =>
    (numberOf(least) ?? 0) > ALL_OF_IT ? [{ id, over: (numberOf(least) ?? 0) - ALL_OF_IT }] : [],
  );
  for (const job of SPARED) {
    const owners = load.roles.filter(key => own.roles[key]?.done.jobs.includes(job));
    const cameras = owners.reduce((sum, key) => sum + (own.roles[key]?.done.cameras.length ?? 0), 0);
    const calls = job === 'cut' && load.roles.includes('caller') ? attention.call : 0;
    const each = (attention[job] + calls) * (job === 'reframe' ? cameras : 1);
    const fewer = full.flatMap(({ id, over }) => {
      const count = fewerIn(runningOrder, id, job, over, each);
      return count === undefined ? [] : [{ id, count }];
    });
    const [first] = fewer;
    if (owners.length === 0 || fewer.length < full.length || !first) continue;
    const words = job === 'cut' ? 'cuts a minute' : JOB_WORDS[job];
    yield fix(
      full.length > 1
        ? `Ask for fewer ${JOB_WORDS[job]} in each full item`
        : `Make do with ${first.count} ${words} in “${runningOrder?.[first.id]?.label ?? ''}”`,
      inPlan().each(fewer, (edit, { id, count }) =>
        edit.put('runningOrder', id, 'asks', countOf(job), count),
      ),
      'less',
    );
  }
}

/** How many are left where so much is too much; undefined where none of them makes up for it. */
function fewerIn(
  items: MapOf<RunningItem> | undefined,
  id: string,
  job: Job,
  over: number,
  seconds: number,
): number | undefined {
  const item = items?.[id];
  const count = item?.asks?.[countOf(job) satisfies keyof ItemAsks];
  if (!item || count === undefined || count === 0 || seconds === 0) return undefined;
  const excess = (over / ALL_OF_IT) * item.minutes * 60;
  const left =
    job === 'cut'
      ? Math.floor((count - excess / (seconds * item.minutes)) * 2) / 2
      : count - Math.ceil(excess / seconds - 1e-9);
  return left >= 0 ? left : undefined;
}

/** A camera that is locked off is framed by nobody. */
function* fixesByLocking(load: Workload, { own, devices }: HandsSeen): Generator<Fix> {
  for (const [id, { label, worked }] of inOrder(devices)) {
    if (worked !== 'operated' && worked !== 'remote') continue;
    const frames = load.roles.some(key => own.roles[key]?.done.cameras.includes(id));
    if (frames) yield fix(`Lock ${label} off`, inPlan().put('devices', id, 'worked', 'locked'), 'lock');
  }
}
