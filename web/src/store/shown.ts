/** What the parts of an open event tell those who look at it. */
import type { EventState } from './event-state.js';

export interface Shown {
  get(): EventState;
  /** Changes what is told beside the documents. */
  update(change: Partial<EventState>): void;
  /** Works the documents out anew: what the server told, and what waits. */
  refresh(change?: Partial<EventState>): void;
  /** A line for people. */
  say(message: string): void;
}
