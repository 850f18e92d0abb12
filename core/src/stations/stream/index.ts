/** Stream: upload, bit rate, data, and disk for recordings. */
import { inOrder, resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { STREAM_FIGURES } from './figures.js';
import { recordingOutput } from './recordings.js';
import type { StreamReads, StreamResult } from './result.js';
import { budgetOf, streamOutput, worstOf } from './streams.js';

export type * from './result.js';

export const stream: Station<StreamReads, StreamResult> = {
  name: 'stream',
  figures: STREAM_FIGURES,
  compute(reads, parts) {
    const outputs = () => inOrder(reads.outputs);
    const live = () => reads.brief.phases.live;
    const worstUpload = parts.part('worst upload', { uploads: () => reads.venue.uploads }, worstOf);
    const school = () => reads.rules.uploadHeadroom;
    const budget = parts.part('budget', { worst: worstUpload, school }, budgetOf);
    const streams = parts.each(
      'streams',
      outputs,
      (_, output) => (output.kind === 'stream' ? { output, budget: budget(), live: live() } : undefined),
      streamOutput,
    );
    const recordings = parts.each(
      'recordings',
      outputs,
      (_, output) => {
        if (output.kind !== 'recording') return undefined;
        const kind = reads.signal.wiring.devices[output.device ?? '']?.kind;
        return { output, kind, recording: reads.kinds.kinds[kind ?? '']?.recording, live: live() };
      },
      recordingOutput,
    );
    return resultOf<StreamResult>({ worstUpload, budget, streams, recordings });
  },
};
