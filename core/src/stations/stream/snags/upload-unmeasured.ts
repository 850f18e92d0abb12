import { streamRule } from '../result.js';

/** A stream over a line that nobody has measured. */
export const uploadUnmeasured = streamRule({
  rule: 'stream.upload-unmeasured',
  reads: ({ own, outputs }) => ({ worst: own.worstUpload, outputs }),
  *find({ worst, outputs }) {
    const streams = Object.entries(outputs ?? {}).filter(([, output]) => output.kind === 'stream');
    if (streams.length === 0 || worst.value !== null) return;
    yield {
      severity: 'risk',
      subjects: [],
      outputs: streams.map(([id]) => id),
      title: 'A stream is wanted, but no upload was measured at this venue.',
      because: [worst],
      advice: 'Measure the upload there, at the same hour of the week, and enter it under Ground.',
    };
  },
});
