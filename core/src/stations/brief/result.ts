/** What Brief reads and what comes of it. */
import type { Output, Phase, RunningItem } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf } from '../../foundations/index.js';
import type { Seen } from '../station.js';

export interface BriefReads {
  readonly start: string;
  readonly outputs: MapOf<Output> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  /** From when on nothing may sound. */
  readonly quiet: string | undefined;
}

export interface ItemTimes {
  readonly begins: Figure;
  readonly ends: Figure;
}

export interface BriefResult {
  /** The instant it must be live. */
  readonly start: Figure;
  /** The end of the last live item. */
  readonly end: Figure;
  /** How long it goes on after nothing may sound any more, min; undefined where nobody has said when that is. */
  readonly pastQuiet: Figure | undefined;
  /** Planned minutes of each phase. */
  readonly phases: Readonly<Record<Phase, Figure>>;
  /** Planned minutes before the start. */
  readonly before: Figure;
  readonly items: Readonly<Record<string, ItemTimes>>;
  readonly outputsWanted: Figure;
}

export const briefRule = rulesOf<Seen<BriefReads, BriefResult>>('brief');
