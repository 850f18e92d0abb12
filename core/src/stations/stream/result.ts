/** What Stream reads and what comes of it. */
import type { Kinds, Output, Rules, Shelf, Venue } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf, type Point } from '../../foundations/index.js';
import type { BriefResult } from '../brief/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Seen } from '../station.js';

export interface StreamReads {
  readonly outputs: MapOf<Output> | undefined;
  readonly venue: Venue;
  readonly rules: Rules;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly brief: BriefResult;
  readonly signal: SignalResult;
  /** Where the modems on the mobile network stand. */
  readonly modems: Readonly<Record<string, Point>>;
}

export interface StreamOutput {
  /** The line of the house, or the mobile network by one of its modems. */
  readonly line: Figure;
  /** What that modem was seen to carry where it stands; absent on a line of the house. */
  readonly upload: Figure | undefined;
  readonly budget: Figure | undefined;
  /** No lead or air leads from its device to a line. */
  readonly unled: boolean;
  /** What it may take of the budget, and what everything else on its line takes; absent where it is alone there. */
  readonly share: Figure | undefined;
  readonly others: Figure | undefined;
  /** Size and rate: the chosen one, or the best that fits the budget. */
  readonly rung: Figure;
  readonly videoRate: Figure;
  readonly lineRate: Figure;
  readonly fits: Figure;
  readonly data: Figure;
  /** Upload that the next size up would need. */
  readonly nextNeeds: Figure;
}

export interface RecordingOutput {
  readonly perHour: Figure;
  readonly needed: Figure;
  /** What it is written on; null where there is no disk. */
  readonly disk: Figure | undefined;
  readonly room: Figure;
  readonly fits: Figure;
}

export interface StreamResult {
  readonly worstUpload: Figure;
  readonly budget: Figure;
  /** What everything takes together that goes over the line of the house. */
  readonly taken: Figure;
  readonly streams: Readonly<Record<string, StreamOutput>>;
  readonly recordings: Readonly<Record<string, RecordingOutput>>;
}

export type StreamSeen = Seen<StreamReads, StreamResult>;

export const streamRule = rulesOf<StreamSeen>('stream');
