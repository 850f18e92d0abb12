/** Stream: upload, bit rate, data, and disk for recordings. */
import { inOrder, resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { STREAM_FIGURES } from './figures.js';
import { pluggedDisk, recordingOutput } from './recordings.js';
import type { StreamReads, StreamResult } from './result.js';
import { lineKnown, lineOf, mobileUpload, modemOf, onSameLine, type LineOf } from './lines.js';
import { sizedOutput, type SizedOutput } from './sizes.js';
import { budgetOf, houseTakenBy, ratesBeside, rivalsOf, sentOf, streamOutput, worstOf } from './streams.js';

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
    const sent = parts.part('sent', { outputs: () => reads.outputs }, sentOf);
    const lines = parts.each(
      'lines',
      sent,
      (_, { device }) => (device === undefined ? undefined : { wiring: wiring(), device }),
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
    const over = parts.each(
      'over',
      sent,
      (id, output) => ({
        output,
        line: lines()[id],
        modem: wiring().devices[modemOf(lines()[id])]?.label,
        upload: uploads()[id],
        school: school(),
      }),
      lineKnown,
    );
    const beside = parts.part('beside', { sent, lines }, onSameLine);
    const rivals = parts.part('rivals', { sent, beside }, rivalsOf);
    const sized = parts.each(
      'sized',
      sent,
      (id, output) => ({
        output,
        over: over()[id] as LineOf,
        house: budget(),
        beside: rivals()[id] ?? [],
        comes: reads.signal.outputs[id]?.format,
        lines: reads.signal.outputs[id]?.lines,
      }),
      sizedOutput,
    );
    const rates = parts.part('rates', { sized, beside }, ratesBeside);
    const streams = parts.each(
      'streams',
      sent,
      id => ({
        over: over()[id] as LineOf,
        house: budget(),
        own: sized()[id] as SizedOutput,
        others: rates()[id] ?? [],
        live: live(),
      }),
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
    return resultOf<StreamResult>({
      worstUpload,
      budget,
      taken: parts.part('taken', { streams }, houseTakenBy),
      streams,
      recordings,
    });
  },
};
