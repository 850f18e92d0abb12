/** What is on its way across the plan while the pointer holds it: drawn apart, so that nothing else is drawn anew. */
import type { Point } from '@idle-satchel/core';
import { Channel } from '../../store/channel.js';

export interface GhostShape {
  readonly points: readonly Point[];
  readonly closed: boolean;
}

export interface Ghost {
  readonly shapes: readonly GhostShape[];
  /** Words beside it, and where. */
  readonly words: string;
  readonly at: Point;
}

/** One pointer, so one ghost. */
export const ghost = new Channel<Ghost | undefined>(undefined);
