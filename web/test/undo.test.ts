import { describe, expect, it, vi } from 'vitest';
import type { Json } from '@idle-satchel/core';
import {
  browser,
  camera,
  moveTo,
  onServer,
  opensFriday,
  passes,
  rename,
  server,
  store,
} from './friday-open.js';

opensFriday();

/** The page hears that the plan was changed, and has fetched it. */
const heard = async (): Promise<void> => {
  browser.hear({ document: 'plan', revision: server.revision('plan') });
  await passes(0);
};

describe('undo and redo', () => {
  it('take back one’s own newest edit and bring it again', async () => {
    store.patchPlan('Rename', rename('C2 HIGH'));
    store.patchPlan('Move', moveTo(12));
    await passes(0);
    await store.undo();
    expect(onServer()).toMatchObject({ label: 'C2 HIGH', place: { at: [10.4, 1.9] } });
    await store.undo();
    expect(camera()?.label).toBe('C2 NORTH');
    expect(store.get()).toMatchObject({ canUndo: false, canRedo: true, message: 'Undo: Rename.' });
    await store.redo();
    expect(onServer()?.label).toBe('C2 HIGH');
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
  });

  it('send a waiting nudge first, then take it back', async () => {
    store.patchPlan('Move', moveTo(12), 'move camnorth1');
    await store.undo();
    expect(server.sent.map(({ label }) => label)).toEqual(['Move', 'Undo: Move']);
    expect(onServer()?.place?.at).toEqual([10.4, 1.9]);
  });

  it('are refused when somebody has changed the same thing since', async () => {
    store.patchPlan('Rename', rename('C2 MINE'));
    await passes(0);
    server.elsewhere(rename('C2 THEIRS'));
    await store.undo();
    expect(onServer()?.label).toBe('C2 THEIRS');
    expect(store.get().message).toBe('Undo: Rename is not possible: Petra changed it since (Their edit).');
  });

  it('take back what was brought back from the history', async () => {
    const before = store.get().bundle.plan;
    const inverse = [{ op: 'replace' as const, path: '', value: before as unknown as Json }];
    server.elsewhere(rename('C2 OLD'), 'restored1');
    store.broughtBack(1, { edit: 'restored1', documents: [{ document: 'plan', revision: 2, inverse }] });
    await store.undo();
    expect(onServer()?.label).toBe('C2 NORTH');
    expect(store.get().message).toBe('Undo: Bring back edit 1.');
  });

  it('are told of when somebody changes what one did', async () => {
    store.patchPlan('Rename', rename('C2 MINE'));
    await passes(0);
    server.elsewhere(moveTo(11));
    await heard();
    expect(store.get().message).not.toContain('Petra');
    server.elsewhere(rename('C2 THEIRS'));
    await heard();
    expect(store.get().message).toBe('“Rename”: Petra changed it since (Their edit).');
  });

  it('say so when there is nothing to undo or redo; a new edit ends the redo', async () => {
    await store.undo();
    expect(store.get().message).toBe('There is nothing of yours to undo.');
    store.patchPlan('Rename', rename('C2 HIGH'));
    await passes(0);
    await store.undo();
    store.patchPlan('Move', moveTo(12));
    await passes(0);
    await store.redo();
    expect(store.get().message).toBe('There is nothing to redo.');
  });
});

describe('a drag', () => {
  it('shows live at every step, calmly at reading pace, and is one edit in the end', async () => {
    const [live, calm] = [vi.fn(), vi.fn()];
    store.live.subscribe(live);
    store.calm.subscribe(calm);
    for (let step = 0; step < 30; step++) {
      store.preview([{ document: 'plan', patch: moveTo(11 + step / 10) }]);
      await passes(16);
    }
    expect(live).toHaveBeenCalledTimes(30);
    expect(calm.mock.calls.length).toBeGreaterThan(1);
    expect(calm.mock.calls.length).toBeLessThan(6);
    expect(server.sent).toEqual([]);
    store.commit('Move', [{ document: 'plan', patch: moveTo(14) }]);
    expect(store.calm.get().bundle.plan.devices?.camnorth1?.place?.at).toEqual([14, 1.9]);
    await passes(0);
    expect(server.sent).toHaveLength(1);
  });

  it('that is given up leaves nothing behind', () => {
    store.preview([{ document: 'plan', patch: moveTo(14) }]);
    expect(camera()?.place?.at).toEqual([14, 1.9]);
    store.preview([]);
    expect(store.get().bundle.plan).toEqual(server.bodies.plan);
    expect(store.calm.get().bundle.plan).toEqual(server.bodies.plan);
  });

  it('gives the same assessment as the edit it becomes', async () => {
    store.preview([{ document: 'plan', patch: moveTo(12.4) }]);
    const previewed = store.get().assessment.snags.map(({ id, title }) => [id, title]);
    store.commit('Move', [{ document: 'plan', patch: moveTo(12.4) }]);
    await passes(0);
    expect(store.get().assessment.snags.map(({ id, title }) => [id, title])).toEqual(previewed);
  });
});
