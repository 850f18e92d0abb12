/** A search in a worker of its own, which is ended when it is not wanted any more. */
import type { Bundle, Point } from '@idle-satchel/core';
import type { Found, Layouts, Progress, WhyNot } from '@idle-satchel/core/searches';
import { proxy, wrap, type Remote } from 'comlink';
import type { AnswerOf, OptionsOf, Searcher, SearchName } from './search.worker.js';

export class SearchWorker {
  private readonly worker = new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' });
  private readonly searcher: Remote<Searcher> = wrap<Searcher>(this.worker);

  run<Name extends SearchName>(
    name: Name,
    bundle: Bundle,
    options: OptionsOf<Name>,
    report: (progress: Progress) => void = () => undefined,
  ): Promise<Found<AnswerOf<Name>>> {
    return this.searcher.run(name, bundle, options, proxy(report));
  }

  /** Asks about the positions that this worker found last. */
  whyNot(found: Layouts, at: Point, level: string | undefined): Promise<WhyNot> {
    return this.searcher.whyNot(found, at, level);
  }

  /** Ends it at once, whatever it is doing; nothing that was asked is answered then. */
  end(): void {
    this.worker.terminate();
  }
}

/** One search in a worker that ends when it has answered. */
export async function searched<Name extends SearchName>(
  name: Name,
  bundle: Bundle,
  options: OptionsOf<Name>,
): Promise<Found<AnswerOf<Name>>> {
  const worker = new SearchWorker();
  try {
    return await worker.run(name, bundle, options);
  } finally {
    worker.end();
  }
}
