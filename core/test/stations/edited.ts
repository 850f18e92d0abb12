/** The demo event with some edits, for tests of one station. */
import { assess, type Assessment } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch, numberOf, type Figure, type Json, type Operation } from '../../src/foundations/index.js';

export const friday = fridayBundle();

export const set = (path: string, value: unknown): Operation => ({ op: 'add', path, value: value as Json });
export const remove = (path: string): Operation => ({ op: 'remove', path });

/** The demo bundle after a patch of its plan. */
export const edited = (...patch: Operation[]): Bundle => ({
  ...friday,
  plan: applyPatch(friday.plan, patch),
});
export const assessed = (...patch: Operation[]): Assessment => assess(edited(...patch));

/** The value of a figure as a number; NaN, which equals nothing, when it has none. */
export const number = (figure: Figure | undefined): number => numberOf(figure) ?? NaN;
