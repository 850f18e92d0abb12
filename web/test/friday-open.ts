/** The demo event, open in a browser of its own before each test, with a clock that the test holds. */
import type { Operation } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { afterAll, afterEach, beforeEach, vi } from 'vitest';
import { EventStore } from '../src/store/event-store.js';
import { call } from '../src/api/client.js';
import { FakeBrowser, FakeServer } from './fake-server.js';

const CAMERA = '/devices/camnorth1';
export const moveTo = (x: number): Operation[] => [
  { op: 'replace', path: `${CAMERA}/place/at`, value: [x, 1.9] },
];
export const rename = (value: string): Operation[] => [{ op: 'replace', path: `${CAMERA}/label`, value }];

export const browser = new FakeBrowser();
/** Both are new in each test. */
export let server: FakeServer;
export let store: EventStore;

/** Opens the event before each test of a file and closes it after. */
export function opensFriday(): void {
  beforeEach(async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] });
    server = new FakeServer(fridayBundle());
    browser.server = server;
    store = new EventStore('eventfriday1', await call('GET /events/:id/bundle', { id: 'eventfriday1' }));
    await store.rulesHere;
  });
  afterEach(() => {
    store.close();
    vi.useRealTimers();
  });
  afterAll(() => vi.unstubAllGlobals());
}

export const passes = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);
export const camera = () => store.get().bundle.plan.devices?.camnorth1;
export const onServer = () => server.bodies.plan.devices?.camnorth1;
