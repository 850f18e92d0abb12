import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { StreamReads, StreamResult } from '../index.js';

/** A disk that fills before the end. */
export const diskShort: Rule<Seen<StreamReads, StreamResult>> = {
  rule: 'stream.disk-short',
  station: 'stream',
  find: ({ own, outputs }) =>
    Object.entries(own.recordings).flatMap(([id, recording]) =>
      recording.fits.value === false
        ? [
            {
              severity: 'stop',
              subjects: [id],
              outputs: [id],
              title: `The disk is full before the end of “${outputs?.[id]?.label ?? 'the recording'}”.`,
              because: [`stream.recordings.${id}.needed`, `stream.recordings.${id}.room`],
              advice: 'Bring a larger disk, or record fewer cameras separately.',
            },
          ]
        : [],
    ),
  *fixes(snag, { outputs, signal }) {
    const id = snag.subjects[0] ?? '';
    const output = outputs?.[id];
    if (output?.isolated) {
      yield {
        label: 'Record the programme only',
        changes: [{ document: 'plan', patch: [{ op: 'remove', path: `/outputs/${id}/isolated` }] }],
      };
    }
    for (const [device, { label }] of inOrder(signal.wiring.devices)) {
      if (device === output?.device || !signal.wiring.kindOf(device)?.recording) continue;
      yield {
        label: `Record on ${label}`,
        changes: [{ document: 'plan', patch: [{ op: 'add', path: `/outputs/${id}/device`, value: device }] }],
      };
    }
  },
};
