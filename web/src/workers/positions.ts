/** The search for positions, in a worker that is ended when it is not wanted any more. */
import type { Bundle, Point } from '@idle-satchel/core';
import type { DeskPlace, Layouts, PlacementWish, Progress, WhyNot } from '@idle-satchel/core/searches';
import { proxy, wrap, type Remote } from 'comlink';
import type { PositionSearch } from './positions.worker.js';

export class PositionWorker {
  private readonly worker = new Worker(new URL('./positions.worker.ts', import.meta.url), { type: 'module' });
  private readonly search: Remote<PositionSearch> = wrap<PositionSearch>(this.worker);

  find(bundle: Bundle, wish: PlacementWish, report: (progress: Progress) => void): Promise<Layouts> {
    return this.search.find(bundle, wish, proxy(report));
  }

  whyNot(told: Layouts, at: Point, level: string | undefined): Promise<WhyNot> {
    return this.search.whyNot(
      told,
      at,
      level,
      proxy(() => undefined),
    );
  }

  desks(bundle: Bundle): Promise<DeskPlace[]> {
    return this.search.desks(bundle);
  }

  /** Ends it at once, whatever it is doing; nothing that was asked is answered then. */
  end(): void {
    this.worker.terminate();
  }
}
