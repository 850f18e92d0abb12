/**
 * Threads for work that may take long: so many at once, a short queue, and an end to each, so that whatever is asked the
 * server goes on answering everybody else.
 */
import { Piscina } from 'piscina';
import type { EventSummary } from '@idle-satchel/core/api';
import type { Wish } from '../asked.js';
import { busy, Problem } from '../problem.js';
import { FileAnswer } from '../route.js';
import type { Told } from '../features/duties/told.js';
import type { Outcome, SummaryWish, ToldWish } from './worker.js';

/** What is asked beyond this waits no more: it is told to come again. */
const MOST_WAITING = 24;
/** Memory of one thread, MB: in all, and for what is young, so that less of it is looked through again and again. */
const MEMORY = { maxOldGenerationSizeMb: 1024, maxYoungGenerationSizeMb: 96 };
/** A thread that nobody asks is kept this long: a new one has to load and warm up everything first, ms. */
const IDLE = 600_000;

/** Work done away from the thread that answers. */
export interface Heavy {
  answer(wish: Wish): Promise<FileAnswer>;
  summary(wish: SummaryWish): Promise<EventSummary>;
  told(wish: ToldWish): Promise<Told>;
  close(): Promise<void>;
}

export interface HeavyOptions {
  readonly databaseUrl: string;
  /** The module that a thread runs. */
  readonly worker: URL;
  readonly threads: number;
  /** Hears of a thread that failed while it had nothing to do. */
  readonly onTrouble?: (error: unknown) => void;
  /** Longest that one piece of work may take, the waiting before it included, ms. */
  readonly longest: number;
  readonly mostWaiting?: number;
}

export function heavyWork({
  databaseUrl,
  worker,
  threads,
  onTrouble = () => undefined,
  longest,
  mostWaiting = MOST_WAITING,
}: HeavyOptions): Heavy {
  const pool = new Piscina({
    filename: worker.href,
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: IDLE,
    workerData: { databaseUrl },
    // The thread that answers comes first on a machine with few processors.
    niceIncrement: 10,
    resourceLimits: MEMORY,
  });
  // Nobody waits for it: another thread takes its place. Unheard, it would end the whole server.
  pool.on('error', onTrouble);
  // Counted here: the pool itself does not hold what can be given up to the length of its queue.
  let asked = 0;
  const run = async <Answer>(name: 'answer' | 'summary' | 'told', wish: object): Promise<Answer> => {
    if (asked >= threads + mostWaiting)
      throw busy('Too much is asked for at once', 'Ask again in a moment', 5);
    let outcome: Outcome<Answer>;
    asked++;
    try {
      outcome = (await pool.run(wish, { name, signal: AbortSignal.timeout(longest) })) as Outcome<Answer>;
    } catch (error) {
      throw refusalOf(error);
    } finally {
      asked--;
    }
    if ('answer' in outcome) return outcome.answer;
    const { status, title, detail, extra, retryAfter } = outcome.problem;
    throw new Problem(status, title, detail, extra, retryAfter);
  };
  return {
    answer: async wish => {
      const { bytes, type, name } = await run<FileAnswer>('answer', wish);
      return new FileAnswer(bytes, type, name);
    },
    summary: wish => run<EventSummary>('summary', wish),
    told: wish => run<Told>('told', wish),
    close: () => pool.destroy(),
  };
}

/** What the threads themselves say: it took too long, or it took too much memory. */
function refusalOf(error: unknown): unknown {
  const { name = '', code = '' } = (error ?? {}) as Partial<Error> & { code?: string };
  if (name === 'AbortError' || name === 'TimeoutError')
    return busy('This takes too long to work out', 'It was given up so that others do not wait', 60);
  if (code === 'ERR_WORKER_OUT_OF_MEMORY') return busy('This is too much to work out at once', undefined, 60);
  return error;
}
