/** “Find positions” as a search: content with less than a proof when that takes long. */
import type { Search } from '../search.js';
import { findLayouts, layoutPatch, type Layouts } from './layouts.js';
import { prepare, type PlacementOptions, type Prepared } from './prepare.js';

/** How far the best may be from proven before one is content with it, by the time that was looked, ms. */
const CONTENT: readonly (readonly [after: number, gap: number])[] = [
  [10_000, 0.01],
  [15_000, 0.02],
  [30_000, 0.1],
];

export const findPositions: Search<PlacementOptions, Prepared, Layouts> = {
  name: 'positions',
  about: 'positions for cameras',
  problemOf: prepare,
  *solve(prepared, { now }) {
    const begun = now();
    const enough = (): number =>
      CONTENT.reduce((gap, [after, next]) => (now() - begun > after ? next : gap), 0);
    const answer = yield* findLayouts(prepared, enough);
    const [best] = answer.layouts;
    return {
      answer,
      objectives: best
        ? [{ label: 'worth', unit: 'points', better: 'more', value: best.value, bound: answer.bound }]
        : [],
      offers: answer.layouts.map((layout, i) => ({
        id: letterOf(i),
        label: `Put the cameras as in way ${letterOf(i)}`,
        changes: [layoutPatch(layout, prepared.bundle)],
      })),
    };
  },
};

/** Layouts are told apart by letters, the best being A. */
export const letterOf = (index: number): string => String.fromCharCode('A'.charCodeAt(0) + index);
