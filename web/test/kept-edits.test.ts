/** What a device kept of a venue while it could not be sent. */
import type { EventBundle } from '@idle-satchel/core/api';
import { ApiProblem } from '../src/api/client.js';
import { EventStore } from '../src/store/event-store.js';
import type { LocalEdit } from '../src/store/outbox.js';
import { describe, expect, it } from 'vitest';
import { opensFriday, passes, server } from './friday-open.js';

opensFriday();

describe('what a device kept', () => {
  const note = { at: [2, 2], label: 'worn step' };
  const pin: LocalEdit = {
    id: 'keptedit0001',
    label: 'Pin a note',
    notBefore: 0,
    changes: [{ document: 'venue', patch: [{ op: 'add', path: '/notes/notekept0001', value: note }] }],
  };
  /** A venue as it was kept at the server's first revision, with what was not sent then. */
  const reopened = async (waiting: readonly LocalEdit[], beforeSending?: () => Promise<void>) => {
    const kept = (await (await server.fetch('/venues/venue/bundle')).json()) as EventBundle;
    return (): EventStore => {
      const photos = beforeSending ? { beforeSending } : {};
      return new EventStore('venue', kept, 'venue', { waiting, stale: true, ...photos });
    };
  };
  const notes = () => Object.keys(server.bodies.venue.notes ?? {});

  it('is shown at once and sent on top of what others did since', async () => {
    const open = await reopened([pin]);
    server.elsewhere([{ op: 'replace', path: '/name', value: 'St Alder’s' }], 'theirs', 'venue');
    const door = open();
    expect(door.get().bundle.venue.notes?.notekept0001).toEqual(note);
    await passes(0);
    expect(notes()).toContain('notekept0001');
    expect(door.get().bundle.venue.name).toBe('St Alder’s');
    expect(door.get()).toMatchObject({ saving: 'saved', waiting: 0 });
    door.close();
  });

  it('waits while the line is cut, is counted, and can be taken back before it was ever sent', async () => {
    const open = await reopened([pin]);
    server.cut = true;
    const door = open();
    await passes(0);
    expect(door.get()).toMatchObject({ saving: 'offline', waiting: 1 });
    door.editVenue('Move N1', [{ op: 'replace', path: '/pillars/pillarn01/at', value: [4.7, 3.2] }]);
    expect(door.get().waiting).toBe(2);
    await door.undo();
    expect(door.get()).toMatchObject({ waiting: 1, message: 'Undo: Move N1.' });
    // The first one was sent without an answer: it may have arrived.
    await door.undo();
    expect(door.get()).toMatchObject({ waiting: 1 });
    expect(door.get().message).toContain('once the server can be reached');
    server.cut = false;
    await passes(2000);
    expect(door.get()).toMatchObject({ saving: 'saved', waiting: 0 });
    expect(notes()).toContain('notekept0001');
    door.close();
  });

  it('without anything to send fetches what is newer once the line is back', async () => {
    const open = await reopened([]);
    server.elsewhere([{ op: 'replace', path: '/name', value: 'St Alder’s' }], 'theirs', 'venue');
    server.cut = true;
    const door = open();
    await passes(0);
    expect(door.get().saving).toBe('offline');
    server.cut = false;
    await passes(2000);
    expect(door.get().bundle.venue.name).toBe('St Alder’s');
    expect(door.get().message).toBe('Connected again: everything is saved.');
    door.close();
  });

  it('is not sent before the photos it refers to', async () => {
    const failing = [new ApiProblem(0, 'The server cannot be reached')];
    const sendPhotos = (): Promise<void> => {
      const problem = failing.pop();
      return problem ? Promise.reject(problem) : Promise.resolve();
    };
    const door = (await reopened([pin], sendPhotos))();
    await passes(0);
    expect(notes()).not.toContain('notekept0001');
    expect(door.get()).toMatchObject({ saving: 'offline', waiting: 1 });
    await passes(2000);
    expect(notes()).toContain('notekept0001');
    door.close();
  });
});
