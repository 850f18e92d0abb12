/** What goes wrong around a page: answers that get lost, workers that do not start; and whose names a device keeps. */
import { fridayBundle } from '@idle-satchel/core/demo';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ApiProblem, call } from '../src/api/client.js';
import { madeOnce } from '../src/api/make.js';
import { namesNeeded } from '../src/offline/names.js';
import { remoteWorker } from '../src/workers/remote.js';

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('something that is made on the server', () => {
  const asked = async (...answers: (ApiProblem | 'made')[]): Promise<{ ids: string[]; end: unknown }> => {
    vi.useFakeTimers({ toFake: ['setTimeout'] });
    const ids: string[] = [];
    const making = madeOnce(as => {
      ids.push(as);
      const answer = answers[ids.length - 1];
      return answer === 'made'
        ? Promise.resolve(answer)
        : Promise.reject(answer ?? new Error('asked too often'));
    }).catch((error: unknown) => error);
    await vi.advanceTimersByTimeAsync(5_000);
    return { ids, end: await making };
  };
  const away = new ApiProblem(0, 'The server cannot be reached');

  it('is asked for again under the same id where no answer came', async () => {
    const { ids, end } = await asked(away, new ApiProblem(503, 'Busy'), 'made');
    expect(end).toBe('made');
    expect(new Set(ids).size).toBe(1);
    expect(ids).toHaveLength(3);
    expect(ids[0]).toMatch(/^[a-z][a-z0-9]{11}$/);
  });

  it('but three times only, and not where it was refused', async () => {
    expect(await asked(away, away, away, 'made')).toMatchObject({ ids: { length: 3 }, end: away });
    const refused = new ApiProblem(422, 'Some fields cannot be accepted');
    expect(await asked(refused, 'made')).toMatchObject({ ids: { length: 1 }, end: refused });
  });
});

describe('a server that says nothing', () => {
  it('does not answer after fifteen seconds, and an answer that breaks off is none', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    vi.stubGlobal(
      'fetch',
      (_: string, { signal }: RequestInit) =>
        new Promise((__, reject) => signal?.addEventListener('abort', () => reject(new Error('aborted')))),
    );
    const asking = call('GET /organisation', {}).catch((error: unknown) => error);
    await vi.advanceTimersByTimeAsync(14_999);
    let ended = false;
    void asking.then(() => (ended = true));
    await Promise.resolve();
    expect(ended).toBe(false);
    await vi.advanceTimersByTimeAsync(1);
    expect(await asking).toMatchObject({ status: 0, message: 'The server does not answer' });
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('{"id":', { status: 200 })));
    const cut = await call('GET /organisation', {}).catch((error: unknown) => error);
    expect(cut).toMatchObject({ status: 0, message: 'The answer of the server broke off' });
  });
});

describe('a worker that does not start', () => {
  it('tells whoever asks, before and after', async () => {
    const worker = Object.assign(new EventTarget(), {
      postMessage: () => undefined,
      terminate: () => undefined,
    }) as unknown as Worker;
    const failed = vi.fn();
    const { ask } = remoteWorker<object>(worker, failed);
    const waiting = ask(() => new Promise(() => undefined));
    worker.dispatchEvent(new Event('error'));
    await expect(waiting).rejects.toThrow(/could not be started/);
    await expect(ask(() => new Promise(() => undefined))).rejects.toThrow(/could not be started/);
    expect(failed).toHaveBeenCalledOnce();
  });
});

it('a device keeps the names of those who are in the plan, and of the others what is worked out from them', () => {
  const { hands, plan } = fridayBundle();
  const inPlan = Object.keys(hands.people).filter(id => JSON.stringify(plan).includes(`"${id}"`));
  const { people } = namesNeeded(hands, plan);
  expect(Object.keys(people)).toEqual(Object.keys(hands.people));
  expect(inPlan.length).toBeLessThan(Object.keys(people).length);
  for (const [id, person] of Object.entries(people)) {
    const { name, ...rest } = hands.people[id] ?? { name: '' };
    expect(person).toEqual({ ...rest, name: inPlan.includes(id) ? name : 'somebody else' });
  }
});
