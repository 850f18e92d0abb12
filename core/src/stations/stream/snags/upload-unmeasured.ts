import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { StreamReads, StreamResult } from '../index.js';

/** A stream over a line that nobody has measured. */
export const uploadUnmeasured: Rule<Seen<StreamReads, StreamResult>> = {
  rule: 'stream.upload-unmeasured',
  station: 'stream',
  find: ({ own, outputs }) => {
    const streams = Object.entries(outputs ?? {}).filter(([, output]) => output.kind === 'stream');
    if (streams.length === 0 || own.worstUpload.value !== null) return [];
    return [
      {
        severity: 'risk',
        subjects: [],
        outputs: streams.map(([id]) => id),
        title: 'A stream is wanted, but no upload was measured at this venue.',
        because: ['stream.worstUpload'],
        advice: 'Measure the upload there, at the same hour of the week, and enter it under Ground.',
      },
    ];
  },
};
