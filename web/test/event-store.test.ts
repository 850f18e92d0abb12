import { openVenue } from '../src/offline/open.js';
import { describe, expect, it } from 'vitest';
import { fridayBundle } from '@idle-satchel/core/demo';
import type { Operation } from '@idle-satchel/core';
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

const CAMERA = '/devices/camnorth1';

describe('an edit', () => {
  it('shows at once and is on the server soon after', async () => {
    store.patchPlan('Rename', rename('C2 HIGH'));
    expect(camera()?.label).toBe('C2 HIGH');
    expect(store.get().saving).toBe('saving');
    await passes(0);
    expect(onServer()?.label).toBe('C2 HIGH');
    expect(store.get()).toMatchObject({ saving: 'saved', canUndo: true, canRedo: false });
  });

  it('of the same thing within a second joins the one that waits', async () => {
    for (const x of [10.5, 10.6, 10.7]) store.patchPlan('Move', moveTo(x), 'move camnorth1');
    await passes(1000);
    expect(server.sent).toHaveLength(1);
    expect(onServer()?.place?.at).toEqual([10.7, 1.9]);
    store.patchPlan('Move', moveTo(11), 'move camnorth1');
    await passes(1000);
    expect(server.sent).toHaveLength(2);
  });

  it('of another thing sends the waiting nudge first, in order', async () => {
    store.patchPlan('Move', moveTo(10.5), 'move camnorth1');
    store.patchPlan('Rename', rename('C2 HIGH'));
    await passes(0);
    expect(server.sent.map(({ label }) => label)).toEqual(['Move', 'Rename']);
  });

  it('that does not fit is told and dropped', () => {
    store.patchPlan('Lose', [{ op: 'replace', path: '/devices/nosuchdev/label', value: 'x' }]);
    expect(store.get().message).toContain('No longer possible: Lose');
    expect(store.get().bundle.plan).toEqual(server.bodies.plan);
  });

  it('refused by the server is taken back, with the reason', async () => {
    server.failures.push(422);
    store.patchPlan('Rename', rename('C2 HIGH'));
    await passes(0);
    expect(camera()?.label).toBe('C2 NORTH');
    expect(store.get().message).toBe('Rename was not possible: Not now.');
  });
});

describe('a file that the server makes', () => {
  it('waits for every edit made here, also one that waits for more nudges or is being taken back', async () => {
    expect(store.isSettled()).toBe(true);
    store.patchPlan('Move', moveTo(12), 'move camnorth1');
    expect(store.isSettled()).toBe(false);
    const settled = store.whenSettled();
    await passes(0);
    expect(await settled).toBe(true);
    expect(onServer()?.place?.at).toEqual([12, 1.9]);
    const undoing = store.undo();
    await Promise.resolve();
    const again = store.whenSettled();
    await passes(0);
    expect(await again).toBe(true);
    await undoing;
    expect(onServer()?.place?.at).not.toEqual([12, 1.9]);
  });

  it('cannot be had while the server cannot be reached', async () => {
    server.cut = true;
    store.patchPlan('Rename', rename('C2 HIGH'));
    const settled = store.whenSettled();
    await passes(0);
    expect(await settled).toBe(false);
    server.cut = false;
    await passes(5000);
    expect(await store.whenSettled()).toBe(true);
  });
});

describe('undo', () => {
  it('asked for while the edit is still on its way takes back that edit', async () => {
    store.patchPlan('Move', moveTo(12));
    void store.undo();
    await passes(0);
    expect(store.get().message).toBe('Undo: Move.');
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
    expect(onServer()?.place?.at).toEqual([10.4, 1.9]);
  });
});

describe('the venue', () => {
  const pillar = () => store.get().assessment.ground.venue.pillars?.pillarn01;
  const nudge = (x: number): Operation[] => [
    { op: 'replace', path: '/pillars/pillarn01/at', value: [x, 3.2] },
  ];

  it('is changed for the event only, nudges join, and what is back where it was is no change', async () => {
    for (const x of [4.7, 4.8]) store.editVenue('Move N1', nudge(x), 'move N1');
    await passes(1000);
    expect(server.sent).toHaveLength(1);
    expect(pillar()?.at).toEqual([4.8, 3.2]);
    expect(Object.values(server.bodies.plan.venueChanges ?? {})).toEqual([
      { path: '/pillars/pillarn01/at', value: [4.8, 3.2] },
    ]);
    for (const x of [4.7, 4.6]) store.editVenue('Move N1', nudge(x), 'move N1');
    await passes(1000);
    expect(server.bodies.plan.venueChanges).toEqual({});
    expect(server.bodies.venue).toEqual(fridayBundle().venue);
  });

  it('nudged there and back within a second changes nothing', async () => {
    for (const x of [4.7, 4.6]) store.editVenue('Move N1', nudge(x), 'move N1');
    await passes(1000);
    expect(store.get().message).toBe('');
    expect(server.bodies.plan.venueChanges ?? {}).toEqual({});
  });

  it('at its own door is changed for good, and the door stays with what others do there', async () => {
    const door = await openVenue('venue');
    door.editVenue('Move N1', nudge(4.7));
    await passes(0);
    expect(server.bodies.venue.pillars?.pillarn01?.at).toEqual([4.7, 3.2]);
    expect(server.bodies.plan).toEqual(fridayBundle().plan);
    expect(
      door
        .get()
        .assessment.snags.every(snag => snag.station === 'ground' || snag.rule.startsWith('stream.upload')),
    ).toBe(true);
    server.elsewhere([{ op: 'replace', path: '/pillars/pillarn02/label', value: 'N2!' }], 'theirs', 'venue');
    browser.hear({ document: 'venue', revision: server.revision('venue') });
    await passes(0);
    expect(door.get().assessment.ground.venue.pillars?.pillarn02?.label).toBe('N2!');
    await door.undo();
    expect(server.bodies.venue.pillars?.pillarn01?.at).toEqual([4.6, 3.2]);
    expect(store.get().venueNow).toBe(3);
    door.close();
  });

  it('that lost what is to be changed says so', () => {
    store.editVenue('Move P9', [{ op: 'replace', path: '/pillars/pillarp99/at', value: [1, 1] }]);
    expect(store.get().message).toContain('Move P9 is not possible any more');
  });
});

describe('a cut line', () => {
  it('keeps edits here and sends them, in order, when it is mended', async () => {
    server.cut = true;
    store.patchPlan('Rename', rename('C2 HIGH'));
    store.patchPlan('Move', moveTo(12));
    await passes(5000);
    expect(store.get().saving).toBe('offline');
    expect(camera()).toMatchObject({ label: 'C2 HIGH', place: { at: [12, 1.9] } });
    expect(onServer()?.label).toBe('C2 NORTH');
    server.cut = false;
    await passes(2000);
    expect(store.get()).toMatchObject({ saving: 'saved', message: 'Connected again: everything is saved.' });
    expect(onServer()).toMatchObject({ label: 'C2 HIGH', place: { at: [12, 1.9] } });
    expect(server.sent.map(({ label }) => label)).toEqual(['Rename', 'Move']);
  });

  it('is tried again after a server error, with the same id', async () => {
    server.failures.push(503);
    store.patchPlan('Rename', rename('C2 HIGH'));
    await passes(2000);
    expect(onServer()?.label).toBe('C2 HIGH');
    expect(server.sent).toHaveLength(1);
  });
});

describe('what others do', () => {
  it('comes in when it is heard of, beside one’s own', async () => {
    store.patchPlan('Move', moveTo(12));
    await passes(0);
    server.elsewhere(rename('C2 THEIRS'));
    browser.hear({ document: 'plan', revision: server.revision('plan') });
    await passes(0);
    expect(camera()).toMatchObject({ label: 'C2 THEIRS', place: { at: [12, 1.9] } });
  });

  it('to another part is caught up with when one’s own edit passes it', async () => {
    server.elsewhere(rename('C2 THEIRS'));
    store.patchPlan('Move', moveTo(12));
    await passes(0);
    expect(camera()).toMatchObject({ label: 'C2 THEIRS', place: { at: [12, 1.9] } });
    expect(store.get().bundle.plan).toEqual(server.bodies.plan);
  });

  it('to the same thing meanwhile is topped by one’s own, and told', async () => {
    server.elsewhere(rename('C2 THEIRS'));
    store.patchPlan('Rename', rename('C2 MINE'));
    await passes(0);
    expect(camera()?.label).toBe('C2 MINE');
    expect(onServer()?.label).toBe('C2 MINE');
    expect(server.sent).toHaveLength(2);
    expect(store.get().message).toBe('Rename: Petra changed it since (Their edit); yours was put on top.');
  });

  it('that removes the thing one edits drops the edit, and is told', async () => {
    server.elsewhere([{ op: 'remove', path: CAMERA }]);
    store.patchPlan('Rename', rename('C2 MINE'));
    await passes(0);
    expect(camera()).toBeUndefined();
    expect(store.get().message).toBe('Rename was not possible: Petra changed it since (Their edit).');
  });
});
