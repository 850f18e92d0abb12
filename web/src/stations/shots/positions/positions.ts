/** What the search for positions was asked, how far it is and what it found: never saved with the event. */
import type { Bundle, Point } from '@idle-satchel/core';
import type { Layouts, PlacementOptions, Progress, WhyNot } from '@idle-satchel/core/searches';
import { Channel } from '../../../store/channel.js';

/** A place that was pointed at, and what was found about it. */
export interface Asked {
  readonly at: Point;
  readonly level: string | undefined;
  readonly answer: WhyNot | undefined;
}

export interface Positions {
  readonly options: PlacementOptions;
  /** How far a search that is on its way has come. */
  readonly progress: Progress | undefined;
  readonly found: Layouts | undefined;
  /** The bundle that it was found for. */
  readonly of: Bundle | undefined;
  /** Index of the layout that is shown on the plan. */
  readonly chosen: number;
  readonly asked: Asked | undefined;
  readonly failed: string | undefined;
}

/** Undefined while nobody looks for positions. */
export const positions = new Channel<Positions | undefined>(undefined);

export function change(part: Partial<Positions>): void {
  const now = positions.get();
  if (now) positions.set({ ...now, ...part });
}
