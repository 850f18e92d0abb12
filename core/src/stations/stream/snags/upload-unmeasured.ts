import { onHouseLine } from '../lines.js';
import { streamRule } from '../result.js';

/** A stream over a line that nobody has measured. */
export const uploadUnmeasured = streamRule({
  rule: 'stream.upload-unmeasured',
  reads: ({ own, outputs }) => ({ worst: own.worstUpload, streams: own.streams, outputs }),
  *find({ worst, streams: all, outputs }) {
    for (const [id, { line, upload }] of Object.entries(all)) {
      if (upload?.value !== null) continue;
      yield {
        severity: 'risk',
        subjects: [id],
        outputs: [id],
        title: `${outputs?.[id]?.label ?? 'A stream'} goes over ${String(line.value)}: ${upload.why ?? ''}.`,
        because: [upload],
        advice: 'Measure the upload of each operator at that spot, and enter it under Ground.',
      };
    }
    const streams = onHouseLine(all);
    if (streams.length === 0 || worst.value !== null) return;
    yield {
      severity: 'risk',
      subjects: [],
      outputs: streams,
      title: 'A stream is wanted, but no upload was measured at this venue.',
      because: [worst],
      advice: 'Measure the upload there, at the same hour of the week, and enter it under Ground.',
    };
  },
});
