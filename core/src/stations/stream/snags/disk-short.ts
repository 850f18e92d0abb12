import { inOrder, severityOf } from '../../../foundations/index.js';
import { streamRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A disk that fills before the end. */
export const diskShort = streamRule({
  rule: 'stream.disk-short',
  reads: ({ own, outputs }) => ({ recordings: own.recordings, outputs }),
  *find({ recordings, outputs }) {
    for (const [id, { needed, room, fits }] of Object.entries(recordings)) {
      const severity = severityOf(fits);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: `The disk is full before the end of “${outputs?.[id]?.label ?? 'the recording'}”.`,
        because: [needed, room, fits],
        advice: 'Bring a larger disk, or record fewer cameras separately.',
      };
    }
  },
  *fixes(snag, { outputs, signal }) {
    const id = snag.subjects[0] ?? '';
    const output = outputs?.[id];
    if (output?.isolated) {
      yield fix('Record the programme only', inPlan().drop('outputs', id, 'isolated'));
    }
    for (const [device, { label }] of inOrder(signal.wiring.devices)) {
      if (device === output?.device || !signal.wiring.kindOf(device)?.recording) continue;
      yield fix(`Record on ${label}`, inPlan().put('outputs', id, 'device', device));
    }
  },
});
