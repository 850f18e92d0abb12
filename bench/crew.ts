/** People: loads of a long day, the least crew, rosters, schedules of drawn work, a large roster drawn. */
import { applyPatch, assess, createAssessor, type Bundle } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import {
  ended,
  highsSolver,
  leastCrew,
  roster,
  runSearch,
  shortestOf,
  type RosterProblem,
  type Workshop,
} from '@idle-satchel/core/searches';
import { cellsMaker, factsOf, NO_DRAFT, rowsOf, withPerson } from '@idle-satchel/core/roster-sheet';
import highsOf from 'highs';
import { line, ms, quantile, timed } from './measure.js';

const now = (): number => performance.now();
const means = () => ({
  now,
  solve: highsSolver(() => (highsOf as unknown as typeof highsOf.default)(), now),
});
const SKILLS = ['lead', 'mixing', 'camera', 'graphics', 'stream', 'sound', 'floor', 'loading'] as const;

/** A number from 0 to 1 that is the same in each run. */
function seeded(seed: number): () => number {
  let state = (seed % 2147483646) + 1;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}
const numbered = (name: string, i: number): string => `${name}${String(i).padStart(5, '0')}`;

/** Friday as six hours of twelve parts, with twelve people on what it asks for. */
function longDay(cuts: number): Bundle {
  const friday = fridayBundle();
  const roles = Object.keys(assess(friday).hands.roles);
  const item = (i: number) => ({
    ...{ order: numbered('', i), label: `Part ${i}`, minutes: 30, phase: 'live' as const },
    asks: { cuts: cuts + (i % 4), reframes: 8, captions: 12, slides: 20, clips: 2, cues: 10, chats: 6 },
  });
  const people = Array.from({ length: 12 }, (_, i) => numbered('person', i));
  return {
    ...friday,
    hands: {
      people: Object.fromEntries(people.map(id => [id, { name: id, skills: [] }])),
    },
    plan: {
      ...friday.plan,
      runningOrder: Object.fromEntries(Array.from({ length: 12 }, (_, i) => [numbered('item', i), item(i)])),
      assignments: Object.fromEntries(
        roles.map((role, i) => [numbered('assign', i), { role, person: people[i % 12] ?? '' }]),
      ),
    },
  };
}

/** One part has other cuts each time; everything else is as it was. */
function workload(): void {
  const day = longDay(2);
  const days = [2, 3, 4, 5].map(cuts => ({
    ...day,
    plan: applyPatch(day.plan, [{ op: 'replace', path: '/runningOrder/item00004/asks/cuts', value: cuts }]),
  }));
  const assessor = createAssessor();
  const warm = timed(i => assessor(days[i % 4] ?? day).hands.workload, 60, 10);
  line(
    'loads of 6 h, 12 people, warm (≤ 10 ms)',
    `median ${ms(quantile(warm, 0.5))}`,
    `p95 ${ms(quantile(warm, 0.95))}`,
  );
}

async function least(): Promise<void> {
  const begun = now();
  const { answer } = await runSearch(leastCrew, fridayBundle(), {}, means());
  line('least crew of Friday', ms(now() - begun), `${answer.crew.length} people`);
}

/** So many events a week apart, each with so many jobs, and people with some of the skills, free on some days. */
function drawnRoster(events: number, jobs: number, people: number, seed: number): RosterProblem {
  const random = seeded(seed);
  const ids = Array.from({ length: people }, (_, i) => numbered('person', i));
  const days = Array.from({ length: events }, (_, i) => Date.UTC(2026, 11, 4, 17) + i * 7 * 86_400_000);
  const level = () => (random() < 0.3 ? 'learning' : random() < 0.5 ? 'can do' : 'can lead');
  return {
    people: Object.fromEntries(
      ids.map((id, i) => [
        id,
        {
          name: `Person ${i}`,
          skills: SKILLS.filter(() => random() < 0.4).map(skill => ({ skill, level: level() })),
          ...(random() < 0.5 && { most: 2 + Math.floor(random() * 3) }),
          ...(random() < 0.4 && {
            presence: {
              away: { how: 'are away' as const, from: '2026-12-04', rule: 'FREQ=WEEKLY;INTERVAL=2;BYDAY=FR' },
            },
          }),
        },
      ]),
    ),
    events: days.map((from, i) => ({
      ...{ id: numbered('event', i), label: `Event ${i}`, zone: 'Europe/London' },
      ...{ from: new Date(from).toISOString(), to: new Date(from + 5 * 3_600_000).toISOString() },
      jobs: Array.from({ length: jobs }, (_, j) => {
        const skill = SKILLS[j % SKILLS.length] ?? 'camera';
        return {
          ...{ roles: [`role ${j}`], label: `Role ${j}`, skills: [skill], vital: j < 2 },
          ...(random() < 0.5 && { person: ids[Math.floor(random() * people)] ?? '' }),
        };
      }),
    })),
    past: Object.fromEntries(ids.map(id => [id, Math.floor(random() * 4)])),
    inMonth: {},
    care: {
      ...{ rest: 11, restYoung: 12, restUnder15: 14, between: 30, vetted: false, youngLeave: undefined },
      wishes: { ratherNot: 5, apartFromHousehold: 3, learner: 2, change: 1 },
    },
  };
}

async function rosters(): Promise<void> {
  const times: number[] = [];
  let proven = 0;
  for (let seed = 1; seed <= 5; seed++) {
    const begun = now();
    const problem = drawnRoster(12, 10, 25, seed);
    const own = { id: 'own', assignments: undefined };
    const { objectives } = await ended(roster.solve({ problem, way: 'fairest', seconds: 20, own }, means()));
    times.push((now() - begun) / 1000);
    if (objectives.every(({ value, bound }) => value === bound)) proven++;
  }
  line(
    'rosters, 12 events × 10 roles × 25 (≤ 20 s)',
    `median ${quantile(times, 0.5).toFixed(1)} s`,
    `longest ${Math.max(...times).toFixed(1)} s`,
    `${proven} of 5 proven`,
  );
}

/** Thirty pieces of work for five people with some of four skills, one tool, and what comes after what. */
function drawnWork(seed: number): Workshop {
  const random = seeded(seed * 7919);
  const everybody = [0, 1, 2, 3, 4];
  const able = Array.from({ length: 4 }, (_, skill) => {
    const some = everybody.filter(() => random() < 0.5);
    return some.length > 0 ? some : [skill];
  });
  const work = Array.from({ length: 30 }, (_, i) => {
    const seat = able[Math.floor(random() * 5)] ?? everybody;
    return {
      minutes: 1 + Math.floor(random() * 15),
      after: Array.from({ length: i }, (__, j) => j).filter(() => random() < 2.2 / (i + 3)),
      seats: random() < 0.2 ? [seat, everybody] : [seat],
      tools: [random() < 0.15 ? 1 : 0],
      notBefore: 0,
    };
  });
  return { people: 5, tools: [1], work };
}

function schedules(): void {
  let proven = 0;
  const times: number[] = [];
  for (let seed = 1; seed <= 50; seed++) {
    const begun = now();
    const going = shortestOf(drawnWork(seed), { seconds: 10, seed }, now);
    let next = going.next();
    while (!next.done) next = going.next();
    if (next.value.bound >= next.value.schedule.ends) proven++;
    times.push((now() - begun) / 1000);
  }
  line(
    'schedules of 30 pieces proven in 10 s (≥ 45)',
    `${proven} of 50`,
    `median ${quantile(times, 0.5).toFixed(2)} s`,
  );
}

/** A change of one job in a roster of 60 people and 30 events, beside building the same grid anew. */
function grid(): void {
  const { events, people, care } = drawnRoster(30, 10, 60, 7);
  const lines = events.map(event => ({ id: event.id, revision: 1, event }));
  const all = Object.entries(people).map(([id, person]) => ({ id, ...person }));
  const facts = { ...factsOf({ lines, past: [], inMonth: [] }, all, '2026-11-01T00:00:00Z'), care };
  const rows = rowsOf(facts);
  const cells = cellsMaker(facts);
  const drafts = Array.from({ length: 40 }, (_, i) => {
    const at = lines[i % 30];
    const [first] = at?.event.jobs ?? [];
    return at && first ? withPerson(NO_DRAFT, at.id, first, rows[i]?.person ?? null) : NO_DRAFT;
  });
  const change = timed(i => rows.map(({ person }) => cells(person, drafts[i % 40] ?? NO_DRAFT)), 40, 10);
  const anew = timed(
    () => {
      const fresh = cellsMaker(facts);
      return rows.map(({ person }) => fresh(person, NO_DRAFT));
    },
    10,
    3,
  );
  line(
    'roster of 60 × 30, one job changed (≤ 8 ms)',
    `median ${ms(quantile(change, 0.5))}`,
    `p95 ${ms(quantile(change, 0.95))}`,
    `${(quantile(anew, 0.5) / quantile(change, 0.5)).toFixed(0)} × as fast as anew`,
  );
}

export async function crew(): Promise<void> {
  workload();
  grid();
  await least();
  await rosters();
  schedules();
}
