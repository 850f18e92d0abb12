/** Brief: what must come out, the running order, its phases and planned durations. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { BRIEF_FIGURES } from './figures.js';
import type { BriefReads, BriefResult } from './result.js';
import { beforeOf, endOf, itemTimes, outputsOf, pastQuietOf, phasesOf, startOf } from './running-order.js';

export type * from './result.js';

export const brief: Station<BriefReads, BriefResult> = {
  name: 'brief',
  figures: BRIEF_FIGURES,
  compute(reads, parts) {
    const start = () => reads.start;
    const runningOrder = () => reads.runningOrder;
    const phases = parts.part('phases', { runningOrder }, phasesOf);
    const before = parts.part('before', { runningOrder }, beforeOf);
    const end = parts.part('end', { start, live: () => phases().live }, endOf);
    return resultOf<BriefResult>({
      start: parts.part('start', { start }, startOf),
      end,
      pastQuiet: parts.part('past quiet', { end, quiet: () => reads.quiet }, pastQuietOf),
      phases,
      before,
      items: parts.part('items', { start, runningOrder, before }, itemTimes),
      outputsWanted: parts.part('outputs wanted', { outputs: () => reads.outputs }, outputsOf),
    });
  },
};
