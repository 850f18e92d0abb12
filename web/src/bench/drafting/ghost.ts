/** What is on its way across the plan while the pointer holds it: drawn apart, so that nothing else is drawn anew. */
import type { Point } from '@idle-satchel/core';
import { CalmChannel, Channel } from '../../store/channel.js';

export interface GhostShape {
  readonly points: readonly Point[];
  readonly closed: boolean;
}

export interface Ghost {
  readonly shapes: readonly GhostShape[];
  /** How far shapes and words have come since they were drawn, m; what moves whole is not drawn anew. */
  readonly shift?: Point;
  /** Words beside it, and where. */
  readonly words: string;
  readonly at: Point;
}

/** One pointer, so one ghost. */
export const ghost = new Channel<Ghost | undefined>(undefined);

/** Where the ghost was last, also when it is not shown any more. */
let last: Point | undefined;
export const lastGhostAt = (): Point | undefined => last;

/** What is said beside it: figures that run are read no faster than reading pace. */
export const ghostWords = new CalmChannel<string>('');

/** Shows a ghost, or none; `running` while it is pulled. */
export function showGhost(value: Ghost | undefined, running = false): void {
  ghostWords.follow(value?.words ?? '', running);
  if (value) last = value.at;
  ghost.set(value);
}

/** Begins anew at another venue. */
export function forgetGhost(): void {
  last = undefined;
  showGhost(undefined);
}
