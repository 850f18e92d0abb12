/** What was noted with a tape measure on a quick walk round a venue. */
import type { Posture } from '../documents/index.js';
import { idFrom, type UnitSystem } from '../foundations/index.js';
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

export interface SurveyedDoor {
  readonly wall: Wall;
  /** Metres from the wall's west or north end to its middle; absent = somewhere along it. */
  readonly along?: number;
  /** Clear width, m; absent = guessed. */
  readonly width?: number;
  readonly kind: 'exit' | 'inner';
}

/** A stage at the front of a hall, m; what is absent is guessed, its width as that of the hall. */
export interface SurveyedStage {
  readonly depth?: number;
  readonly width?: number;
  readonly height?: number;
}

export interface SurveyedMark {
  readonly label: string;
  readonly people?: number;
  readonly posture?: Posture;
}

/** What was noted on the walk round. Absent numbers are guessed. */
export interface Survey {
  readonly name: string;
  readonly shape: ShapeName;
  /** Whose tape it was measured with: guesses are round in its units; absent = metric. */
  readonly system?: UnitSystem;
  /** Metres or pieces by the measure’s key. */
  readonly measures: Readonly<Partial<Record<string, number>>>;
  readonly volts: number;
  readonly hertz: 50 | 60;
  /** Rows of seats with an aisle between, where the shape has room for them. */
  readonly seats: boolean;
  /** How many rows, and chairs in each row of a block; absent = as many as there is room for. */
  readonly rows?: number;
  readonly perRow?: number;
  /** From row to row, m; absent = guessed. */
  readonly rowSpacing?: number;
  /** Clear width of the aisle, m; absent = guessed. */
  readonly aisle?: number;
  /** Breaker of each circuit, A. */
  readonly circuits: readonly number[];
  readonly sockets: readonly SurveyedSocket[];
  readonly stage?: SurveyedStage;
  /** The doors; none = one that is guessed. */
  readonly doors: readonly SurveyedDoor[];
  /** The places where people speak or play. */
  readonly marks: readonly SurveyedMark[];
  /** Light upright at the faces there, lux; absent = not measured. */
  readonly light?: number;
  /** IANA time zone of the place. */
  readonly zone?: string;
}

/** Notes a guess; without a path when several values follow from it. */
export type Guessing = (path: string | undefined, label: string) => void;

/** Ids that stay the same when the same survey is made again. */
export const idOf = (kind: string, n: number | string): string => idFrom(`survey/${kind}/${n}`);
