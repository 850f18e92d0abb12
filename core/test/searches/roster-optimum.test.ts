/** The roster is as good as trying everything finds, stage by stage, by rules that are written anew. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Person } from '../../src/documents/index.js';
import type { SkillLevel, SkillName } from '../../src/foundations/index.js';
import type { RosterProblem } from '../../src/searches/roster/problem.js';
import { event, FRIDAY, job, person, problemOf, SATURDAY, solved } from './rosters.js';

const isFree = (who: Person | undefined, from: string): boolean =>
  Object.values(who?.presence ?? {}).every(({ from: day }) => !from.startsWith(day));

/** Everything that the rules say, written anew: whether who is on what (undefined: nobody) is allowed. */
function isAllowed(
  { events, people }: RosterProblem,
  on: readonly (readonly (string | undefined)[])[],
): boolean {
  const at = (e: number): string[] => (on[e] ?? []).filter(id => id !== undefined);
  const level = (id: string, skill: SkillName): string | undefined =>
    people[id]?.skills.find(each => each.skill === skill)?.level;
  const says = (id: string, how: string, other: string): boolean =>
    Object.values(people[id]?.ties ?? {}).some(tie => tie.how === how && tie.person === other) ||
    Object.values(people[other]?.ties ?? {}).some(tie => tie.how === how && tie.person === id);
  return events.every(({ jobs, from, to }, e) => {
    const there = at(e);
    if (new Set(there).size < there.length) return false;
    return jobs.every(({ skills }, j) => {
      const id = on[e]?.[j];
      if (id === undefined) return true;
      const own = level(id, skills[0] as SkillName);
      if (own === undefined || !isFree(people[id], from)) return false;
      if (
        own === 'learning' &&
        !there.some(other => other !== id && level(other, skills[0] as SkillName) === 'can lead')
      )
        return false;
      if (there.some(other => says(id, 'keep apart', other))) return false;
      if (people[id]?.young) {
        const adults = there.filter(other => !people[other]?.young && !says(id, 'related', other));
        if (!adults.some((a, i) => adults.slice(i + 1).some(b => !says(a, 'related', b)))) return false;
      }
      if (Object.keys(people).some(other => says(id, 'come together', other) && !there.includes(other)))
        return false;
      const { most = Infinity } = people[id] ?? {};
      if (events.filter((_, other) => at(other).includes(id)).length > most) return false;
      return events.every((other, o) => {
        if (o <= e || !at(o).includes(id)) return true;
        const hours = (Date.parse(other.from) - Date.parse(to)) / 3_600_000;
        if (hours < 0.5) return false;
        return other.from.slice(0, 10) === from.slice(0, 10) || hours >= (people[id]?.young ? 14 : 11);
      });
    });
  });
}

/** Tries everybody and nobody on every job: fewest holes, then the smallest largest load, then the smallest sum of squares. */
function bruteForce(problem: RosterProblem): [number, number, number] {
  const { events, people, past } = problem;
  const ids = [undefined, ...Object.keys(people)];
  const flat = events.flatMap(({ jobs }, e) => jobs.map((_, j) => [e, j] as const));
  const on = events.map(({ jobs }) => jobs.map((): string | undefined => undefined));
  let best: [number, number, number] = [Infinity, Infinity, Infinity];
  const give = (i: number): void => {
    const place = flat[i];
    if (!place) {
      if (!isAllowed(problem, on)) return;
      const all = on.flat();
      const loads = Object.keys(people).map(id => (past[id] ?? 0) + all.filter(each => each === id).length);
      const isAble = (id: string): boolean =>
        events.some(
          at =>
            isFree(people[id], at.from) &&
            at.jobs.some(({ skills }) => people[id]?.skills.some(({ skill }) => skill === skills[0])),
        );
      const counted = Object.keys(people).flatMap((id, n) => (isAble(id) ? [loads[n] ?? 0] : []));
      const now: [number, number, number] = [
        all.filter(each => each === undefined).length,
        Math.max(0, ...counted),
        counted.reduce((sum, each) => sum + each ** 2, 0),
      ];
      const worse = now.findIndex((each, n) => each !== best[n]);
      if (worse >= 0 && (now[worse] ?? 0) < (best[worse] ?? 0)) best = now;
      return;
    }
    for (const id of ids) {
      (on[place[0]] as (string | undefined)[])[place[1]] = id;
      give(i + 1);
    }
  };
  give(0);
  return best;
}

const SKILL = fc.constantFrom<SkillName>('mixing', 'camera');
const LEVEL = fc.constantFrom<SkillLevel>('learning', 'can do', 'can lead');
const somebody = fc.record({
  skills: fc.dictionary(SKILL, LEVEL),
  young: fc.boolean(),
  most: fc.option(fc.integer({ min: 0, max: 2 }), { nil: undefined }),
  away: fc.option(fc.constantFrom('2026-12-04', '2026-12-05'), { nil: undefined }),
  past: fc.integer({ min: 0, max: 2 }),
});
const tie = fc.record({
  one: fc.integer({ min: 0, max: 3 }),
  other: fc.integer({ min: 0, max: 3 }),
  how: fc.constantFrom('come together' as const, 'related' as const, 'keep apart' as const),
});
const TIMES = [
  FRIDAY,
  SATURDAY,
  // On the same day, eleven hours less a minute after the evening before it, and at once with another.
  ['2026-12-05T08:59:00Z', '2026-12-05T13:00:00Z'],
  ['2026-12-05T14:29:00Z', '2026-12-05T18:00:00Z'],
  ['2026-12-05T14:30:00Z', '2026-12-05T18:00:00Z'],
] as const;

const contradicts = (
  ties: readonly { readonly one: number; readonly other: number; readonly how: string }[],
): boolean =>
  ties.some(a =>
    ties.some(
      b =>
        a.how === 'come together' &&
        b.how === 'keep apart' &&
        new Set([a.one, a.other, b.one, b.other]).size === 2,
    ),
  );

describe('a roster', () => {
  it('has as few holes, as small a largest load and as small a sum of squares as trying everything finds', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(somebody, { minLength: 2, maxLength: 4 }),
        fc.array(tie, { maxLength: 2 }),
        fc.array(fc.tuple(fc.constantFrom(...TIMES), fc.array(SKILL, { minLength: 1, maxLength: 2 })), {
          ...{ minLength: 1, maxLength: 2 },
        }),
        async (all, ties, times) => {
          const people = Object.fromEntries(
            all.map(({ skills, young, most, away }, i): [string, Person] => [
              `p${i}`,
              person(`P${i}`, skills, {
                ...(young && { young }),
                ...(most !== undefined && { most }),
                ...(away !== undefined && { presence: { away: { how: 'are away', from: away } } }),
                ties: Object.fromEntries(
                  ties.flatMap(({ one, other, how }, n) =>
                    one === i && other !== i && other < all.length
                      ? [[`t${n}`, { person: `p${other}`, how }]]
                      : [],
                  ),
                ),
              }),
            ]),
          );
          // One of a pair cannot both come with somebody and be kept apart from them; that is tried below.
          fc.pre(!contradicts(ties));
          const events = times
            .toSorted(([[one]], [[other]]) => (one < other ? -1 : 1))
            .map(([[from, to], jobs], i) =>
              event(
                `e${i}`,
                from,
                to,
                jobs.map(skill => job(skill)),
              ),
            );
          const past = Object.fromEntries(all.map(({ past: before }, i) => [`p${i}`, before]));
          const problem = problemOf(people, events, { past });
          const { objectives } = await solved(problem);
          const counted = objectives.slice(0, 3).map(({ value }) => value);
          expect(objectives.slice(0, 3).every(({ value, bound }) => value === bound)).toBe(true);
          expect(counted).toEqual(bruteForce(problem));
        },
      ),
      { numRuns: 60 },
    );
  });
});
