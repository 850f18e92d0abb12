/** The least crew: exact against brute force, and what it says of events. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix } from '../../src/fixes.js';
import { leastCrew, OptionError, runSearch, type CrewOptions } from '../../src/searches/index.js';
import { bitsOf, fewestPeople, type CoverProblem } from '../../src/searches/crew/cover.js';
import type { Bundle } from '../../src/documents/index.js';
import { friday } from '../stations/edited.js';

const MEANS = { solve: () => Promise.reject(new Error('no solver')), now: () => 0 };
const asked = (bundle: Bundle, options: CrewOptions = {}) => runSearch(leastCrew, bundle, options, MEANS);

/** Tries every person for every job, and nobody: the fewest jobs that stay, and the fewest people for that. */
function bruteForce({ jobs, people, together }: CoverProblem): [left: number, people: number] {
  let best: [number, number] = [jobs, 0];
  const sets = people.map(() => 0);
  const give = (job: number, left: number): void => {
    if (job === jobs) {
      if (sets.some(set => set !== 0 && !together(set))) return;
      const count = sets.filter(set => set !== 0).length;
      if (left < best[0] || (left === best[0] && count < best[1])) best = [left, count];
      return;
    }
    give(job + 1, left + 1);
    people.forEach(({ knows }, i) => {
      if ((knows & (1 << job)) === 0) return;
      sets[i] = (sets[i] ?? 0) | (1 << job);
      give(job + 1, left);
      sets[i] = (sets[i] ?? 0) & ~(1 << job);
    });
  };
  give(0, 0);
  return best;
}

function ended<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

describe('the fewest people', () => {
  it('are as few as trying everything finds', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.array(fc.integer({ min: 0, max: 63 }), { minLength: 1, maxLength: 5 }),
        fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 6, maxLength: 6 }),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 0, max: 5 })), { maxLength: 4 }),
        (jobs, known, loads, apart) => {
          const problem: CoverProblem = {
            jobs,
            people: known.map((knows, i) => ({ id: `p${i}`, knows: knows & (2 ** jobs - 1) })),
            // Loads that add up, and pairs that do not go together: of what goes, any part goes.
            together: set =>
              loads.reduce((sum, load, i) => ((set & (1 << i)) === 0 ? sum : sum + load), 0) <= 100 &&
              apart.every(([a, b]) => a === b || (set & (1 << a)) === 0 || (set & (1 << b)) === 0),
            least: 1,
          };
          const [stay, count] = bruteForce(problem);
          const { cover, left } = ended(fewestPeople(problem));
          expect([bitsOf(left), cover.length]).toEqual([stay, count]);
          // Everything else is done once, by people who know it, each of whom can.
          expect(cover.reduce((all, { does }) => all + bitsOf(does), 0)).toBe(jobs - stay);
          expect(cover.reduce((all, { does }) => all | does, left)).toBe(2 ** jobs - 1);
          for (const { id, does } of cover) {
            expect(problem.together(does)).toBe(true);
            expect(does & ~(problem.people.find(each => each.id === id)?.knows ?? 0)).toBe(0);
          }
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('the least crew', () => {
  it('of Friday: two at cameras that are apart, and the rest by what people of the house know', async () => {
    const { answer, objectives, offers } = await asked(friday);
    expect(answer.nobody).toEqual([]);
    // One at the desk and one at each camera would do, if everybody could do everything.
    expect([answer.crew.length, answer.anybody]).toEqual([5, 3]);
    expect(objectives).toEqual([expect.objectContaining({ value: 5, bound: 5 })]);
    const [offer] = offers;
    const after = assess(applyFix(friday, offer ?? { changes: [] }));
    expect(after.hands.people.value).toBe(5);
    expect(after.hands.filled.value).toBe(after.hands.wanted.value);
    const rules = new Set(after.snags.filter(({ station }) => station === 'hands').map(({ rule }) => rule));
    for (const rule of ['hands.overload', 'hands.two-jobs', 'hands.operator-apart', 'hands.unskilled'])
      expect(rules).not.toContain(rule);
  });

  it('of some people names what none of them can do', async () => {
    const { answer } = await asked(friday, { people: ['petralund1', 'inescalder', 'benedictam'] });
    // Benedict is under 18: nobody shows the words, and nobody leads, calls or mixes.
    expect(answer.nobody).toEqual(['Lead', 'Director', 'Vision mixer', 'Graphics and words']);
    // Petra can work one camera of two that are apart.
    expect(answer.tooFew).toEqual(['Camera operator, C3 SIDE']);
    expect(answer.crew.map(({ name }) => name).sort()).toEqual(['Ines Calder', 'Petra Lund']);
  });

  it('is none where nobody is there', async () => {
    const { answer, offers } = await asked({ ...friday, hands: { people: {} } });
    expect([answer.crew, offers]).toEqual([[], []]);
    expect(answer.nobody).toHaveLength(10);
  });

  it('lets one call and work all cameras without calling them', async () => {
    const beside = {
      ...friday,
      plan: {
        ...friday.plan,
        devices: Object.fromEntries(
          Object.entries(friday.plan.devices ?? {}).map(([id, device]) => [
            id,
            ['camwide01', 'camside01'].includes(id)
              ? { ...device, place: { at: [4.5, 14], height: 1.5 } as const }
              : device,
          ]),
        ),
        // So many calls that whoever calls others can do nothing else.
        rules: { attention: { call: 12, cut: 1 } },
      },
    };
    const { answer } = await asked(beside);
    const caller = answer.crew.find(({ roles }) => roles.some(({ key }) => key === 'caller'));
    expect(answer.anybody).toBeLessThanOrEqual(2);
    expect(caller).toBeDefined();
  });

  it('says what nothing counts', async () => {
    const { asks: _asks, ...soloist } = friday.plan.runningOrder?.itemsolo01 ?? {};
    const { answer } = await asked({
      ...friday,
      plan: {
        ...friday.plan,
        runningOrder: { ...friday.plan.runningOrder, itemsolo01: soloist as never },
      },
    });
    expect(answer.uncounted).toContain('captions in “Soloist”');
  });

  it('refuses somebody whom the house does not know, with the field', async () => {
    await expect(asked(friday, { people: ['petralund1', 'nobodyhere'] })).rejects.toEqual(
      new OptionError('/people/1', 'names nobody of the house'),
    );
  });
});
