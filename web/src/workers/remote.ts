/** Workers that may fail to start, or end with an error: whoever asked is told, instead of waiting for ever. */
import { wrap, type Remote } from 'comlink';

export interface RemoteWorker<T> {
  readonly worker: Worker;
  /** Asks it something; rejects when the worker itself fails. */
  readonly ask: <Answer>(question: (remote: Remote<T>) => Promise<Answer>) => Promise<Answer>;
}

/** `failed` is told once when the worker can answer nothing any more. */
export function remoteWorker<T>(worker: Worker, failed: () => void = () => undefined): RemoteWorker<T> {
  const remote = wrap<T>(worker);
  const failure = new Promise<never>((_, reject) => {
    const fail = (): void => {
      reject(new Error('This could not be worked out here: its part of the page could not be started'));
      failed();
    };
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
  });
  // Nobody may be asking when it happens.
  failure.catch(() => undefined);
  return { worker, ask: question => Promise.race([question(remote), failure]) };
}
