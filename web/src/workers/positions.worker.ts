import {
  deskPlaces,
  findLayouts,
  prepare,
  whyNotHere,
  type DeskPlace,
  type Layouts,
  type PlacementWish,
  type Prepared,
  type Progress,
  type WhyNot,
} from '@idle-satchel/core/searches';
import type { Bundle, Point } from '@idle-satchel/core';
import { expose } from 'comlink';

type Report = (progress: Progress) => void;

const TELL_MS = 100;
/** How far the best may be from proven before one is content with it, by the time that was looked, ms. */
const CONTENT: readonly (readonly [after: number, gap: number])[] = [
  [10_000, 0.01],
  [15_000, 0.02],
  [30_000, 0.1],
];

let prepared: Prepared | undefined;

/** Takes the steps of a search, tells how far it has come, and hears in between whether it is still wanted. */
async function ended<T>(steps: Generator<Progress, T>, report: Report): Promise<T> {
  let told = performance.now();
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    if (performance.now() - told < TELL_MS) continue;
    told = performance.now();
    report(value);
    await new Promise(resolve => setTimeout(resolve));
  }
}

/** Where to put the cameras: away from the page's own thread, which may end this worker at any time. */
const search = {
  async find(bundle: Bundle, wish: PlacementWish, report: Report): Promise<Layouts> {
    prepared = await ended(prepare(bundle, wish), report);
    const begun = performance.now();
    const enough = (): number =>
      CONTENT.reduce((gap, [after, next]) => (performance.now() - begun > after ? next : gap), 0);
    return ended(findLayouts(prepared, enough), report);
  },
  desks: (bundle: Bundle): DeskPlace[] => deskPlaces(bundle),
  async whyNot(told: Layouts, at: Point, level: string | undefined, report: Report): Promise<WhyNot> {
    const [best] = told.layouts;
    if (!prepared || !best) return { reason: 'search first', layout: undefined, loses: 0 };
    return ended(whyNotHere(prepared, best, at, level), report);
  },
};

export type PositionSearch = typeof search;

expose(search);
