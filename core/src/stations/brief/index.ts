/** Brief: what must come out, the running order, its phases and planned durations. */
import type { Output, Phase, RunningItem } from '../../documents/index.js';
import { calc, given, inOrder, taken, type Figure, type MapOf, type Memo } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { noLiveItem } from './snags/no-live-item.js';
import { noOutput } from './snags/no-output.js';

export interface BriefReads {
  readonly start: string;
  readonly outputs: MapOf<Output> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
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
  /** Planned minutes of each phase. */
  readonly phases: Readonly<Record<Phase, Figure>>;
  /** Planned minutes before the start. */
  readonly before: Figure;
  readonly items: Readonly<Record<string, ItemTimes>>;
  readonly outputsWanted: Figure;
}

export const PHASE_ORDER: readonly Phase[] = ['rig', 'check', 'rehearse', 'wait', 'live', 'strike'];
const BEFORE: readonly Phase[] = ['rig', 'check', 'rehearse', 'wait'];

function compute(reads: BriefReads, memo: Memo): BriefResult {
  return memo.once('result', [reads.start, reads.outputs, reads.runningOrder], () => briefOf(reads));
}

function briefOf({ start, outputs, runningOrder }: BriefReads): BriefResult {
  const items = inOrder(runningOrder);
  const minutesOf = (phases: readonly Phase[]) =>
    items
      .filter(([, item]) => phases.includes(item.phase))
      .map(([id, item]) => given('planned', item.minutes, 'min', 'plan', `/runningOrder/${id}/minutes`));

  const phases = Object.fromEntries(
    PHASE_ORDER.map(phase => [phase, calc('min', 'sum(planned)', minutesOf([phase]))]),
  ) as Record<Phase, Figure>;
  const before = calc('min', 'sum(planned)', minutesOf(BEFORE));
  const startTerm = given('start', start, 'instant', 'plan', '/start');
  const startFigure = calc('instant', 'start', [startTerm]);

  // Items run phase by phase; the first live item begins at the start.
  const inPhaseOrder = PHASE_ORDER.flatMap(phase => items.filter(([, item]) => item.phase === phase));
  const times: Record<string, ItemTimes> = {};
  let previous: { figure: Figure; path: string } | undefined;
  for (const [id, item] of inPhaseOrder) {
    const begins = previous
      ? calc('instant', 'previous_end', [taken('previous_end', previous.figure, previous.path)])
      : calc('instant', 'later(start, -before)', [startTerm, taken('before', before, 'brief.before')]);
    const ends = calc('instant', 'later(begins, planned)', [
      taken('begins', begins, `brief.items.${id}.begins`),
      given('planned', item.minutes, 'min', 'plan', `/runningOrder/${id}/minutes`),
    ]);
    times[id] = { begins, ends };
    previous = { figure: ends, path: `brief.items.${id}.ends` };
  }

  return {
    start: startFigure,
    end: calc('instant', 'later(start, live)', [startTerm, taken('live', phases.live, 'brief.phases.live')]),
    phases,
    before,
    items: times,
    outputsWanted: calc(
      'pieces',
      'count(output)',
      inOrder(outputs).map(([id, output]) => given('output', output.kind, '', 'plan', `/outputs/${id}/kind`)),
    ),
  };
}

export const brief: Station<BriefReads, BriefResult> = {
  name: 'brief',
  rules: [noOutput, noLiveItem],
  compute,
};
