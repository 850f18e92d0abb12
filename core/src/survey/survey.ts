/** What was noted with a tape measure on a quick walk round a venue. */
import type { ShapeName } from './shapes.js';

export const WALLS = ['north', 'east', 'south', 'west'] as const;
export type Wall = (typeof WALLS)[number];

export interface SurveyedSocket {
  readonly wall: Wall;
  /** Metres from the wall's west or north end; absent = somewhere along it. */
  readonly along?: number;
  /** Which circuit, counted from 1. */
  readonly circuit: number;
}

/** What was noted on the walk round. Absent numbers are guessed. */
export interface Survey {
  readonly name: string;
  readonly shape: ShapeName;
  /** Metres or pieces by the measure’s key. */
  readonly measures: Readonly<Partial<Record<string, number>>>;
  readonly volts: number;
  readonly hertz: 50 | 60;
  /** Rows of seats with an aisle between, where the shape has room for them. */
  readonly seats: boolean;
  /** Clear width of the aisle, m; absent = guessed. */
  readonly aisle?: number;
  /** Breaker of each circuit, A. */
  readonly circuits: readonly number[];
  readonly sockets: readonly SurveyedSocket[];
  /** Names of the places where people speak or play. */
  readonly marks: readonly string[];
}
