/** Asking the server by the routes of its contract: addresses, bodies, and what goes wrong in words. */
import { afterEach, describe, expect, it, vi } from 'vitest';
import { addressOf, ApiProblem, call, sendFile, wordsOf } from '../src/api/client.js';

interface Asked {
  readonly address: string;
  readonly init: RequestInit;
}

/** What the page would send; the server answers with a status and a body, or cannot be reached. */
function answering(status: number, body: string): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', (address: string, init: RequestInit = {}) => {
    asked.push({ address, init });
    return status === 0
      ? Promise.reject(new TypeError('offline'))
      : Promise.resolve(new Response(body, { status }));
  });
  return asked;
}
afterEach(() => vi.unstubAllGlobals());

const problemOf = (asked: Promise<unknown>): Promise<ApiProblem> =>
  asked.then(
    () => Promise.reject(new Error('it was accepted')),
    (error: unknown) => (error instanceof ApiProblem ? error : Promise.reject(error as Error)),
  );

describe('addresses', () => {
  it.each([
    [addressOf('GET /venues'), '/api/v1/venues'],
    [addressOf('GET /events/:id/bundle', { id: 'eventfriday1' }), '/api/v1/events/eventfriday1/bundle'],
    [addressOf('GET /documents/:id/changes', { id: 'a', since: 0 }), '/api/v1/documents/a/changes?since=0'],
    [addressOf('GET /events', { cursor: undefined }), '/api/v1/events'],
    [addressOf('GET /events', { cursor: 'a b&c' }), '/api/v1/events?cursor=a+b%26c'],
    [addressOf('GET /documents/:id', { id: 'a/../b' }), '/api/v1/documents/a%2F..%2Fb'],
  ])('%s', (made, expected) => {
    expect(made).toBe(expected);
  });
});

describe('asking', () => {
  it('sends JSON where the route takes some, and nothing where it does not', async () => {
    const asked = answering(200, '{"id":"made00000001"}');
    expect(await call('PUT /organisation', {}, { id: 'stalders' })).toEqual({ id: 'made00000001' });
    await call('POST /events/:id/copy', { id: 'eventfriday1' });
    expect(asked.map(({ init }) => [init.method, init.body, init.headers])).toEqual([
      ['PUT', '{"id":"stalders"}', { 'content-type': 'application/json' }],
      ['POST', undefined, undefined],
    ]);
  });

  it('sends a file with its own type, or the one that is named', async () => {
    const asked = answering(200, '{}');
    const file = new Blob(['{}'], { type: 'image/png' });
    await sendFile('PUT /pictures/:id', { id: 'picture00001' }, file);
    await sendFile('POST /events/import', {}, file, 'application/json');
    expect(asked.map(({ init }) => init.headers)).toEqual([
      { 'content-type': 'image/png' },
      { 'content-type': 'application/json' },
    ]);
    expect(asked[0]?.init.body).toBe(file);
  });

  it('gives the faults of what was refused, each with its place, no more than six', async () => {
    const faults = Array.from({ length: 8 }, (_, i) => ({
      path: i === 0 ? '' : `/f/${i}`,
      reason: 'is wrong',
    }));
    answering(422, JSON.stringify({ title: 'Some fields cannot be accepted', faults }));
    const problem = await problemOf(call('GET /venues', {}));
    expect(problem.status).toBe(422);
    expect(problem.lines).toEqual([
      'Some fields cannot be accepted',
      'the whole: is wrong',
      ...[1, 2, 3, 4, 5].map(i => `/f/${i}: is wrong`),
    ]);
    expect(wordsOf(problem)).toBe(problem.lines.join(' · '));
  });

  it('says so when the server answers no JSON, or cannot be reached', async () => {
    answering(502, '<html>');
    expect((await problemOf(call('GET /venues', {}))).message).toBe('The server answered 502');
    answering(0, '');
    const problem = await problemOf(call('GET /venues', {}));
    expect([problem.status, problem.message]).toEqual([0, 'The server cannot be reached']);
    expect(wordsOf(new Error('other'))).toBe('other');
    expect(wordsOf('text')).toBe('text');
  });
});
