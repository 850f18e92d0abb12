/** A search in a worker of its own, which is ended when it is not wanted any more. */
import type { Bundle, Point } from '@idle-satchel/core';
import type { Found, Layouts, Progress, RosterAnswer, RosterTask, WhyNot } from '@idle-satchel/core/searches';
import { proxy } from 'comlink';
import { remoteWorker } from './remote.js';
import type { AnswerOf, OptionsOf, Searcher, SearchName } from './search.worker.js';

export class SearchWorker {
  private readonly searcher = remoteWorker<Searcher>(
    new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' }),
  );

  run<Name extends SearchName>(
    name: Name,
    bundle: Bundle,
    options: OptionsOf<Name>,
    report: (progress: Progress) => void = () => undefined,
  ): Promise<Found<AnswerOf<Name>>> {
    return this.searcher.ask(
      each => each.run(name, bundle, options, proxy(report)) as Promise<Found<AnswerOf<Name>>>,
    );
  }

  roster(task: RosterTask, report: (progress: Progress) => void): Promise<Found<RosterAnswer>> {
    return this.searcher.ask(each => each.roster(task, proxy(report)));
  }

  /** Asks about the positions that this worker found last. */
  whyNot(found: Layouts, at: Point, level: string | undefined): Promise<WhyNot> {
    return this.searcher.ask(each => each.whyNot(found, at, level));
  }

  /** Ends it at once, whatever it is doing; nothing that was asked is answered then. */
  end(): void {
    this.searcher.worker.terminate();
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
