import { applyPatch, type Json, type Operation } from '@idle-satchel/core';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Editing, editOf, FRIDAY, move, setUp, type Edited, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

interface Problem {
  readonly status: number;
  readonly title: string;
  readonly detail?: string;
  readonly faults?: readonly { readonly path: string; readonly reason: string }[];
  readonly documents?: readonly { readonly revision: number }[];
}

const editing = new Editing(() => setup.api);

describe('a plan', () => {
  it('is pinned to a venue that exists, at a revision it has, or not at all', async () => {
    const { revision, body } = await editing.plan();
    const pin = (value: Json): Promise<{ status: number; body: unknown }> =>
      editing
        .post(editOf(revision, [{ op: 'replace', path: '/venue', value }]))
        .then(({ status, body: answer }) => ({
          status,
          body: answer as unknown,
        }));
    for (const [value, path] of [
      [{ id: 'venuenowhere', revision: 1 }, '/venue/id'],
      [{ id: 'eventfriday1', revision: 1 }, '/venue/id'],
      [{ id: 'venuegrange1', revision: 99 }, '/venue/revision'],
    ] as const) {
      const { status, body: answer } = await pin(value);
      expect(status).toBe(422);
      expect((answer as Problem).faults?.map(fault => fault.path)).toEqual([path]);
    }
    expect((await pin({ id: 'venuegrange1', revision: 1 })).status).toBe(200);
    const bundle = (await setup.api.get(`/api/v1/events/${FRIDAY}/bundle`)).body as {
      documents: { venue: { id: string } };
    };
    expect(bundle.documents.venue.id).toBe('venuegrange1');
    await editing.edit([{ op: 'replace', path: '/venue', value: body.venue as unknown as Json }]);
  });
});

describe('an edit', () => {
  it('is applied once per id: replayed, it gets the first answer again', async () => {
    const { revision } = await editing.plan();
    const request = editOf(revision, [move('camnorth1', 10, 2)]);
    const first = await editing.post(request);
    const again = await editing.post(request);
    expect(again.status).toBe(200);
    expect(again.body).toEqual(first.body);
    expect((await editing.plan()).revision).toBe(revision + 1);
    const other = await editing.post({ ...request, label: 'Something else' });
    expect(other.status).toBe(409);
  });

  it('sent twice at the same moment is applied once', async () => {
    const { revision } = await editing.plan();
    const request = editOf(revision, [move('camnorth1', 10.1, 2)]);
    const answers = await Promise.all([1, 2, 3, 4].map(() => editing.post(request)));
    for (const answer of answers) expect(answer.body).toEqual(answers[0]?.body);
    expect((await editing.plan()).revision).toBe(revision + 1);
  });

  it('merges with what others did elsewhere since its base', async () => {
    const { revision } = await editing.plan();
    await editing.edit([move('camnorth1', 9, 2)]);
    const late = await editing.post(editOf(revision, [move('camside01', 16, 13.8)]));
    expect(late.status).toBe(200);
    const { body } = await editing.plan();
    expect(body.devices?.camnorth1?.place?.at).toEqual([9, 2]);
    expect(body.devices?.camside01?.place?.at).toEqual([16, 13.8]);
  });

  it('is refused with the current documents when others changed the same thing', async () => {
    const { revision } = await editing.plan();
    await editing.edit([move('camnorth1', 9.5, 2)]);
    const response = await editing.post(
      editOf(revision, [{ op: 'remove', path: '/devices/camnorth1/place' }]),
    );
    expect(response.status).toBe(409);
    expect(response.type).toBe('application/problem+json');
    expect((response.body as Problem).documents?.[0]?.revision).toBe(revision + 1);
    expect((await editing.plan()).revision).toBe(revision + 1);
  });

  it('gives the patch that takes it back', async () => {
    const before = await editing.plan();
    const answer = await editing.edit([move('camwide01', 3, 8), { op: 'remove', path: '/shots/shotchoir1' }]);
    const inverse = answer.documents[0]?.inverse ?? [];
    await editing.edit(inverse, { undoes: answer.edit });
    expect((await editing.plan()).body).toEqual(before.body);
  });

  it('can be taken back after later ones were, one after the other, and done again', async () => {
    const before = await editing.plan();
    const item = { order: '01h', label: 'New item', phase: 'live', minutes: 5 };
    const steps: Operation[] = [
      { op: 'add', path: '/runningOrder/itemfresh1', value: item },
      { op: 'replace', path: '/runningOrder/itemfresh1/minutes', value: 9 },
      { op: 'replace', path: '/runningOrder/itemfresh1/minutes', value: 12 },
    ];
    const done: Edited[] = [];
    for (const step of steps) done.push(await editing.edit([step]));
    const after = await editing.plan();
    const takeBack = async ({ edit: undoes, documents: [only] }: Edited): Promise<Edited> => {
      const response = await editing.post(editOf(only?.revision ?? 0, only?.inverse ?? [], { undoes }));
      expect(response.status, JSON.stringify(response.body).slice(0, 200)).toBe(200);
      return response.body as Edited;
    };
    const undone: Edited[] = [];
    for (const answer of done.toReversed()) undone.push(await takeBack(answer));
    expect((await editing.plan()).body).toEqual(before.body);
    for (const answer of undone.toReversed()) await takeBack(answer);
    expect((await editing.plan()).body).toEqual(after.body);
  });

  it('of several documents is all or nothing', async () => {
    const { revision } = await editing.plan();
    const rules = { document: 'houserules01', base: 1, patch: [{ op: 'replace', path: '/slack', value: 8 }] };
    const good = editOf(revision, [move('camnorth1', 8, 2)]);
    const bad = {
      ...good,
      changes: [...good.changes, { ...rules, patch: [{ op: 'replace', path: '/slack', value: 99 }] }],
    };
    expect((await editing.post(bad)).status).toBe(422);
    expect((await editing.plan()).revision).toBe(revision);
    expect((await editing.post({ ...good, changes: [...good.changes, rules] })).status).toBe(200);
    const slack = (await setup.api.get('/api/v1/documents/houserules01')).body as { body: { slack: number } };
    expect(slack.body.slack).toBe(8);
  });

  it('on JSON documents agrees with the patch applied in memory', async () => {
    const label = fc.string({ minLength: 1, maxLength: 20 }).filter(text => !/[\0\ud800-\udfff]/.test(text));
    await fc.assert(
      fc.asyncProperty(fc.array(label, { minLength: 1, maxLength: 3 }), async labels => {
        const before = await editing.plan();
        const patch = labels.map((value): Operation => ({ op: 'replace', path: '/label', value }));
        await editing.edit(patch);
        expect((await editing.plan()).body).toEqual(applyPatch(before.body, patch));
      }),
      { numRuns: 15 },
    );
  });
});

describe('bad input', () => {
  const at = async (change: object): Promise<object> => ({
    ...editOf((await editing.plan()).revision, []),
    ...change,
  });
  const patchCases: [string, unknown][] = [
    ['an unknown operation', { op: 'eat', path: '/label', value: 'x' }],
    ['an operation without its value', { op: 'replace', path: '/label' }],
    ['a move without its origin', { op: 'move', path: '/label' }],
    ['a path that does not exist', { op: 'replace', path: '/nowhere/at/all', value: 1 }],
    ['a failed test', { op: 'test', path: '/label', value: 'another label' }],
    ['an unknown field', { op: 'add', path: '/colour', value: 'red' }],
    ['a wrong type', { op: 'replace', path: '/label', value: 7 }],
    ['null', { op: 'replace', path: '/label', value: null }],
    ['a huge number', { op: 'replace', path: '/devices/camwide01/place/at', value: [1e300, 1] }],
    ['a NUL', { op: 'replace', path: '/label', value: 'a\u0000b' }],
    ['a lone surrogate', { op: 'replace', path: '/label', value: '\ud800' }],
    ['an unsafe key', { op: 'add', path: '/devices/__proto__', value: {} }],
    ['a pointer that is none', { op: 'add', path: 'label', value: 'x' }],
    ['a NUL in a path', { op: 'add', path: '/devices/a\u0000', value: 1 }],
    ['a surplus field of an operation', { op: 'replace', path: '/label', value: 'x', why: 1 }],
    ['removing the whole document', { op: 'remove', path: '' }],
  ];

  it.each(patchCases)('in a patch (%s) is told with its place and changes nothing', async (_, operation) => {
    const { revision } = await editing.plan();
    const response = await editing.post(editOf(revision, [operation as Operation]));
    const problem = response.body as Problem;
    expect(response.status, JSON.stringify(problem)).toBe(422);
    expect(problem.faults?.[0]?.path).toBeTruthy();
    expect(problem.faults?.[0]?.reason).toBeTruthy();
    expect((await editing.plan()).revision).toBe(revision);
  });

  it.each<[string, (base: number) => unknown, number]>([
    ['no JSON', () => '{"id":', 400],
    ['a bare text', () => '"hello"', 400],
    ['a list', () => '[]', 422],
    ['an unknown field', base => ({ ...editOf(base, []), extra: 1 }), 422],
    ['a missing id', base => ({ ...editOf(base, []), id: undefined }), 422],
    ['a base beyond now', base => editOf(base + 50, [move('camnorth1', 1, 1)]), 422],
    [
      'a base that is text',
      base => ({ ...editOf(base, []), changes: [{ document: FRIDAY, base: '1', patch: [] }] }),
      422,
    ],
    [
      'an unknown document',
      () => ({ ...editOf(1, []), changes: [{ document: 'nosuchdocum', base: 1, patch: [] }] }),
      404,
    ],
    [
      'the same document twice',
      base => ({ ...editOf(base, []), changes: [0, 1].map(() => ({ document: FRIDAY, base, patch: [] })) }),
      422,
    ],
    ['a body of 5 MB', base => ({ ...editOf(base, []), label: 'x'.repeat(5e6) }), 413],
  ])('as a whole (%s) gets its own answer and changes nothing', async (_, make, status) => {
    const { revision } = await editing.plan();
    const body = make(revision);
    const response = await setup.api
      .post('/api/v1/edits')
      .set('content-type', 'application/json')
      .send((typeof body === 'string' ? body : JSON.stringify(body)) as never);
    expect(response.status, response.text.slice(0, 200)).toBe(status);
    expect((response.body as Problem).title).toBeTruthy();
    expect((await editing.plan()).revision).toBe(revision);
  });

  it.each<[string, Operation[], RegExp]>([
    [
      'doubles it with each of 30 copies, and takes all that out again',
      [
        { op: 'add', path: '/x', value: {} },
        ...Array.from({ length: 30 }, (_, i): Operation => ({ op: 'copy', from: '', path: `/x/k${i}` })),
        { op: 'remove', path: '/x' },
      ],
      /^operation \d+ at \/x\/k\d+: holds more than 250000 values$/,
    ],
    [
      'has a way back that is far larger than itself',
      Array.from({ length: 1000 }, (): Operation[] => [
        { op: 'move', from: '/devices', path: '/x' },
        { op: 'move', from: '/x', path: '/devices' },
      ]).flat(),
      /the patch that takes it back (is longer|holds more)/,
    ],
  ])('that %s is refused before anything walks it', async (_, patch, reason) => {
    const { revision } = await editing.plan();
    const response = await editing.post(editOf(revision, patch));
    expect(response.status).toBe(422);
    expect((response.body as Problem).faults?.[0]?.reason).toMatch(reason);
    expect((await editing.plan()).revision).toBe(revision);
  });

  it('of any JSON at all never gives a 500', async () => {
    await fc.assert(
      fc.asyncProperty(fc.json({ maxDepth: 4 }), fc.jsonValue({ maxDepth: 3 }), async (raw, value) => {
        const anything = await setup.api
          .post('/api/v1/edits')
          .set('content-type', 'application/json')
          .send(raw);
        expect(anything.status).toBeLessThan(500);
        const patch = [{ op: 'add', path: '/outputs', value: value as Json }];
        const patched = await editing.post(
          await at({ changes: [{ document: FRIDAY, base: (await editing.plan()).revision, patch }] }),
        );
        expect(patched.status).toBeLessThan(500);
      }),
      { numRuns: 60 },
    );
  });
});
