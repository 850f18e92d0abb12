/** A roster on a screen: drafts over plans, the grid, what is against it, and what it changes in the plans. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Plan, Presence } from '../src/documents/index.js';
import { applyPatch } from '../src/foundations/index.js';
import {
  cellsMaker,
  cellsOf,
  changesOf,
  draftOf,
  factsOf,
  keyOfJob,
  NO_DRAFT,
  offeredTo,
  openJobs,
  planChangesOf,
  problemOf,
  rowsOf,
  withKept,
  withPerson,
  type Draft,
  type RosterLine,
} from '../src/roster-sheet/index.js';
import type { Job, RosterEvent } from '../src/searches/roster/problem.js';
import { event, FRIDAY, job, person, SATURDAY, solved } from './searches/rosters.js';

const mixer = job('mixing', { person: 'ann', accepted: true });
const camera = job('camera', { roles: ['camera one', 'camera two'], label: 'Cameras' });
const line = (
  id: string,
  span: readonly [string, string],
  jobs: readonly Job[],
  more: Partial<RosterEvent> & Pick<Partial<RosterLine>, 'assignments'> = {},
): RosterLine => {
  const { assignments, ...rest } = more;
  return {
    ...{ id, revision: 7, event: event(id, ...span, jobs, { label: id, ...rest }) },
    ...(assignments && { assignments }),
  };
};
const away: Presence = { how: 'are away', from: '2026-12-04' };
const PEOPLE = [
  { id: 'ann', ...person('Ann', { mixing: 'can lead', camera: 'can do' }) },
  { id: 'ben', ...person('Ben', { camera: 'can do', mixing: 'learning' }, { presence: { away }, most: 1 }) },
  { id: 'cat', ...person('Cat', { sound: 'can do' }) },
];
const NOW = '2026-12-01T12:00:00Z';
const facts = (
  lines: readonly RosterLine[],
  inMonth: { person: string; count: number; month: string }[] = [],
  now = NOW,
) => factsOf({ lines, past: [{ person: 'ann', count: 3 }], inMonth }, PEOPLE, now);

const friday = line('friday', FRIDAY, [mixer, camera], {
  assignments: { mix: { role: 'mixing', person: 'ann', answer: { how: 'yes', at: FRIDAY[0] } } },
});
const saturday = line('saturday', SATURDAY, [mixer, camera], { saidNo: ['ben'] });

describe('a draft', () => {
  it('holds only what differs from the plans, and keeps what was chosen by hand', () => {
    const on = withPerson(NO_DRAFT, 'friday', camera, 'ben');
    expect(on).toEqual({
      who: { 'friday camera one + camera two': 'ben' },
      kept: ['friday camera one + camera two'],
    });
    expect(withPerson(on, 'friday', camera, null)).toEqual(NO_DRAFT);
    expect(withPerson(NO_DRAFT, 'friday', mixer, 'ann')).toEqual(NO_DRAFT);
    expect(withPerson(NO_DRAFT, 'friday', mixer, null).who).toEqual({ 'friday mixing': null });
    expect(withKept(withKept(NO_DRAFT, 'friday mixing'), 'friday mixing')).toEqual(NO_DRAFT);
  });

  it('asks the search for the events as it would have them: who said yes stays only where they still are', () => {
    const draft = withPerson(withPerson(NO_DRAFT, 'friday', camera, 'ben'), 'saturday', mixer, 'ben');
    const [one, other] = problemOf(facts([friday, saturday]), draft).events;
    expect(one?.jobs).toEqual([mixer, { ...camera, person: 'ben', kept: true }]);
    expect(other?.jobs[0]).toEqual({ ...job('mixing'), person: 'ben', kept: true });
  });

  it('is what a roster was found to be', async () => {
    const all = facts([line('friday', FRIDAY, [job('mixing', { person: 'cat' }), job('sound')])]);
    const { answer } = await solved(problemOf(all, NO_DRAFT));
    expect(draftOf(answer, all, NO_DRAFT).who).toEqual({ 'friday mixing': 'ann', 'friday sound': 'cat' });
    // A job that is kept is not given to anybody else, whatever is better.
    const kept: Draft = { who: { 'friday mixing': 'ann', 'friday sound': null }, kept: ['friday mixing'] };
    expect(draftOf((await solved(problemOf(all, kept))).answer, all, kept).who['friday mixing']).toBe('ann');
  });
});

describe('the grid', () => {
  const all = facts([friday, saturday], [{ person: 'ben', count: 1, month: '2026-12' }]);

  it('has a row for everybody who can do any of it, by name, with what they say and did before', () => {
    expect(rowsOf(all).map(({ name, past, at }) => [name, past, ...at.map(({ says }) => says)])).toEqual([
      ['Ann', 3, 'does not say', 'does not say'],
      ['Ben', 0, 'is away', 'does not say'],
    ]);
  });

  it('says in each cell what is theirs, what would no longer be, and what is against it', () => {
    const draft = withPerson(withPerson(NO_DRAFT, 'friday', mixer, 'ben'), 'saturday', camera, 'ben');
    const [first, second] = cellsOf('ben', all, draft);
    expect(first?.jobs).toEqual([
      { key: 'friday mixing', job: mixer, fresh: true, kept: true, learning: true },
    ]);
    expect(first?.against).toEqual([
      'Ben is away at friday',
      'Ben is learning mixing, and nobody there can lead it',
      'Ben does at most 1 in 2026-12, and this makes 3',
    ]);
    expect(second?.against).toEqual([
      'Ben said no at saturday',
      'Ben does at most 1 in 2026-12, and this makes 3',
    ]);
    expect(cellsOf('ann', all, draft)[0]).toEqual({ jobs: [], gone: [mixer], against: [] });
  });

  it('tells two duties that clash, and those who come together or are kept apart', () => {
    const early = line('early', ['2026-12-05T08:59:00Z', '2026-12-05T12:00:00Z'], [mixer, camera]);
    const late = line('friday', FRIDAY, [mixer, camera]);
    const people = PEOPLE.map(each =>
      each.id === 'ann'
        ? {
            ...each,
            ties: {
              a: { person: 'ben', how: 'keep apart' as const },
              b: { person: 'cat', how: 'come together' as const },
            },
          }
        : { ...each, presence: {} },
    );
    const span = factsOf({ lines: [late, early], past: [], inMonth: [] }, people, NOW);
    const draft = withPerson(NO_DRAFT, 'friday', camera, 'ben');
    expect(cellsOf('ann', span, draft)[0]?.against).toEqual([
      'Ann rests between friday and early',
      'Ann and Ben are kept apart',
      'Ann and Cat come together',
    ]);
  });

  it('offers what they have learnt and are not on, and lists what is open but for what is only looked at', () => {
    expect(offeredTo('ben', friday, all, NO_DRAFT)).toEqual([mixer, camera]);
    expect(offeredTo('ann', friday, all, NO_DRAFT)).toEqual([camera]);
    expect(openJobs(all, NO_DRAFT).map(({ key }) => key)).toEqual([
      keyOfJob('friday', camera.roles),
      keyOfJob('saturday', camera.roles),
    ]);
    expect(offeredTo('ann', facts([friday], [], FRIDAY[0]).lines[0] ?? friday, all, NO_DRAFT)).toEqual([]);
    const looked = { ...friday, event: { ...friday.event, fixed: true } };
    expect([openJobs({ lines: [looked] }, NO_DRAFT), offeredTo('ben', looked, all, NO_DRAFT)]).toEqual([
      [],
      [],
    ]);
  });
});

describe('what a draft changes', () => {
  const plan = { assignments: friday.assignments } as unknown as Plan;

  it('is one change for each plan, with every role of a job, and leaves written down who said no', () => {
    const no = { role: 'camera two', person: 'ben', answer: { how: 'no' as const, at: FRIDAY[0] } };
    const asked = { ...friday, assignments: { ...friday.assignments, cam: no } };
    const draft = withPerson(withPerson(NO_DRAFT, 'friday', camera, 'ann'), 'friday', mixer, null);
    expect(changesOf({ lines: [asked] }, draft).map(({ key, from, to }) => [key, from, to])).toEqual([
      ['friday mixing', 'ann', undefined],
      ['friday camera one + camera two', undefined, 'ann'],
    ]);
    const [change] = planChangesOf({ lines: [asked] }, draft);
    expect([change?.document, change?.base]).toEqual(['friday', 7]);
    const after = applyPatch({ assignments: asked.assignments } as unknown as Plan, change?.patch ?? []);
    expect(Object.values(after.assignments ?? {})).toEqual([
      no,
      { role: 'camera one', person: 'ann' },
      { role: 'camera two', person: 'ann' },
    ]);
  });

  it('works where a plan has put nobody on anything yet, and is nothing where nothing differs', () => {
    const bare = line('friday', FRIDAY, [job('sound')]);
    const [change] = planChangesOf({ lines: [bare] }, withPerson(NO_DRAFT, 'friday', job('sound'), 'cat'));
    expect(Object.values(applyPatch({} as Plan, change?.patch ?? []).assignments ?? {})).toEqual([
      { role: 'sound', person: 'cat' },
    ]);
    expect(planChangesOf({ lines: [friday] }, NO_DRAFT)).toEqual([]);
    expect(applyPatch(plan, [])).toBe(plan);
  });
});

describe('the grid, draft after draft', () => {
  const IDS = ['ann', 'ben', 'cat'] as const;
  const span = facts([
    friday,
    saturday,
    line(
      'sunday',
      ['2026-12-06T09:00:00Z', '2026-12-06T12:00:00Z'],
      [job('sound', { person: 'cat' }), camera],
    ),
  ]);
  const jobs = span.lines.flatMap(({ id, event: { jobs: own } }) => own.map(each => ({ id, job: each })));
  const step = fc.record({
    at: fc.nat(jobs.length - 1),
    person: fc.constantFrom(...IDS, null),
    isKept: fc.boolean(),
  });
  const after = (
    draft: Draft,
    { at, person, isKept }: { at: number; person: string | null; isKept: boolean },
  ) => {
    const chosen = jobs[at];
    if (!chosen) return draft;
    return isKept
      ? withKept(draft, keyOfJob(chosen.id, chosen.job.roles))
      : withPerson(draft, chosen.id, chosen.job, person);
  };

  it('is what it would be if it were worked out anew', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), steps => {
        const made = cellsMaker(span);
        let draft = NO_DRAFT;
        for (const each of steps) {
          draft = after(draft, each);
          for (const id of IDS) expect(made(id, draft)).toEqual(cellsOf(id, span, draft));
        }
      }),
    );
  });

  it('keeps the cells of whoever is at none of the events that change, and of nobody else', () => {
    const made = cellsMaker(span);
    const cells = IDS.map(id => made(id, NO_DRAFT));
    const draft = withPerson(NO_DRAFT, 'friday', camera, 'ben');
    expect(IDS.map((id, i) => made(id, draft) === cells[i])).toEqual([false, false, true]);
    const kept = withKept(draft, 'sunday sound');
    const again = IDS.map(id => made(id, draft));
    expect(IDS.map((id, i) => made(id, kept) === again[i])).toEqual([true, true, false]);
  });
});
