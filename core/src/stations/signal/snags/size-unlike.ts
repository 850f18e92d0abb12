import { videoOf } from '../../../foundations/index.js';
import { RUNGS, type Rung } from '../../../foundations/rungs.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A stream that is to be larger or faster than what comes to its encoder, or than that can send. */
export const sizeUnlike = signalRule({
  rule: 'signal.size-unlike',
  reads: ({ own, outputs }) => ({ fed: own.outputs, wiring: own.wiring, outputs }),
  *find({ fed, wiring, outputs }) {
    for (const [id, { format }] of Object.entries(fed)) {
      const output = outputs?.[id];
      if (output?.kind !== 'stream' || output.rung === undefined || typeof format.value !== 'string')
        continue;
      const why = unlike(output.rung, format.value, wiring.kindOf(output.device)?.inside?.encoder);
      if (why === undefined) continue;
      yield {
        severity: why.severity,
        subjects: [id],
        outputs: [id],
        title: `${output.label} is to be sent as ${output.rung}, ${why.words}.`,
        because: [format],
        advice: 'Send the size and rate that is mixed, or the next one below it.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own: { outputs: fed, wiring }, outputs }) {
    const format = fed[id]?.format.value;
    if (typeof format !== 'string') return;
    const most = wiring.kindOf(outputs?.[id]?.device)?.inside?.encoder;
    const rung = RUNGS.find(each => unlike(each, format, most) === undefined);
    if (rung === undefined) return;
    yield fix(`Send ${rung}`, inPlan().put('outputs', id, 'rung', rung));
  },
});

function unlike(
  rung: Rung,
  format: string,
  most: number | undefined,
): { severity: 'stop' | 'risk' | 'note'; words: string } | undefined {
  const [lines = 0, rate = 30] = rung.split('p').map(Number);
  const { height, frames } = videoOf(format);
  if (most !== undefined && lines > most)
    return { severity: 'stop', words: `and its encoder sends ${most} lines at most` };
  if (lines > height)
    return { severity: 'risk', words: `and ${format} is mixed: enlarging adds nothing but data` };
  if (rate > 30 && frames.over / frames.under <= 30)
    return { severity: 'note', words: `and ${format} is mixed: every frame is sent twice` };
  return undefined;
}
