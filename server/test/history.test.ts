import { applyPatch, newId, type Operation } from '@idle-satchel/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Editing, editOf, FRIDAY, move, setUp, type Setup } from './helper.js';

let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const editing = new Editing(() => setup.api);

describe('history', () => {
  it('keeps every edit with its name, and brings an old state back', async () => {
    const before = await editing.plan();
    await editing.edit([{ op: 'replace', path: '/label', value: 'For a moment' }], {
      label: 'Rename',
      author: 'Petra Lund',
    });
    const page = (await setup.api.get(`/api/v1/documents/${FRIDAY}/history`)).body as {
      entries: { revision: number; label: string; author: string }[];
    };
    expect(page.entries[0]).toMatchObject({
      label: 'Rename',
      author: 'Petra Lund',
      revision: before.revision + 1,
    });
    const restore = { id: newId(), author: 'Petra Lund', revision: before.revision };
    expect((await setup.api.post(`/api/v1/documents/${FRIDAY}/restore`).send(restore)).status).toBe(200);
    expect((await editing.plan()).body).toEqual(before.body);
  });

  it('reaches back over snapshots: revision 1 after 120 edits', async () => {
    const first = (await setup.api.get('/api/v1/documents/venuestald1')).body as {
      body: object;
      revision: number;
    };
    for (let i = 0; i < 120; i++) {
      const response = await editing.post({
        ...editOf(1, []),
        changes: [
          {
            document: 'venuestald1',
            base: first.revision + i,
            patch: [{ op: 'replace', path: '/name', value: `Name ${i}` }],
          },
        ],
      });
      expect(response.status).toBe(200);
    }
    const snapshots = await setup.sequelize.query(
      "SELECT revision FROM snapshots WHERE document_id = 'venuestald1' ORDER BY revision",
    );
    expect(snapshots[0]).toEqual([{ revision: 1 }, { revision: 100 }]);
    const restore = { id: newId(), author: 'Tester', revision: 1 };
    expect((await setup.api.post('/api/v1/documents/venuestald1/restore').send(restore)).status).toBe(200);
    const now = (await setup.api.get('/api/v1/documents/venuestald1')).body as { body: object };
    expect(now.body).toEqual(first.body);
    const fifty = { id: newId(), author: 'Tester', revision: 51 };
    await setup.api.post('/api/v1/documents/venuestald1/restore').send(fifty);
    const then = (await setup.api.get('/api/v1/documents/venuestald1')).body as { body: { name: string } };
    expect(then.body.name).toBe('Name 49');
  });

  it('gives the patches after a revision, for catching up', async () => {
    const { revision, body } = await editing.plan();
    await editing.edit([move('camnorth1', 7, 2)]);
    await editing.edit([move('camnorth1', 7.5, 2)]);
    const answer = (await setup.api.get(`/api/v1/documents/${FRIDAY}/changes?since=${revision}`)).body as {
      revision: number;
      changes: { patch: Operation[] }[];
    };
    const caughtUp = answer.changes.reduce((state, { patch }) => applyPatch(state, patch), body);
    expect(answer.revision).toBe(revision + 2);
    expect(caughtUp).toEqual((await editing.plan()).body);
  });
});
