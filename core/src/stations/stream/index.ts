/** Stream: upload, bit rate, data, and disk for recordings. */
import { inOrder, resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { STREAM_FIGURES } from './figures.js';
import { pluggedDisk, recordingOutput } from './recordings.js';
import type { StreamReads, StreamResult } from './result.js';
import { lineOf, mobileUpload, modemOf } from './line.js';
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
    const wiring = () => reads.signal.wiring;
    const lines = parts.each(
      'lines',
      outputs,
      (_, { kind, device }) =>
        kind === 'stream' && device !== undefined ? { wiring: wiring(), device } : undefined,
      (_, of) => lineOf(of),
    );
    const uploads = parts.each(
      'uploads',
      () => Object.entries(lines()),
      (_, line) => {
        if (line?.of !== 'mobile') return undefined;
        const label = wiring().devices[line.modem]?.label ?? line.modem;
        return { at: reads.modems[line.modem], label, readings: reads.venue.mobileReadings };
      },
      mobileUpload,
    );
    const streams = parts.each(
      'streams',
      outputs,
      (id, output) =>
        output.kind === 'stream'
          ? {
              output,
              house: budget(),
              school: school(),
              live: live(),
              line: lines()[id],
              modem: wiring().devices[modemOf(lines()[id])]?.label,
              upload: uploads()[id],
            }
          : undefined,
      streamOutput,
    );
    const disks = parts.each(
      'disks',
      outputs,
      (_, { kind, device }) =>
        kind === 'recording' && device !== undefined ? { wiring: wiring(), device } : undefined,
      (_, of) => pluggedDisk(of),
    );
    const recordings = parts.each(
      'recordings',
      outputs,
      (id, output) => {
        if (output.kind !== 'recording') return undefined;
        const kind = reads.signal.wiring.devices[output.device ?? '']?.kind;
        const recording = reads.kinds.kinds[kind ?? '']?.recording;
        return { output, kind, recording, plugged: disks()[id], live: live() };
      },
      recordingOutput,
    );
    return resultOf<StreamResult>({ worstUpload, budget, streams, recordings });
  },
};
