import { numberOf, videoOf } from '../../../foundations/index.js';
import { RUNGS, sizeOf, USUAL_RATE, type Rung } from '../../../foundations/rungs.js';
import { isSent } from '../functions.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A stream that is to be larger or faster than what comes to its encoder, or than that can send. */
export const sizeUnlike = signalRule({
  rule: 'signal.size-unlike',
  reads: ({ own, outputs }) => ({ fed: own.outputs, wiring: own.wiring, outputs }),
  *find({ fed, wiring, outputs }) {
    for (const [id, { format, lines }] of Object.entries(fed)) {
      const output = outputs?.[id];
      if (!output || !isSent(output) || output.rung === undefined || typeof format.value !== 'string')
        continue;
      const encoder = wiring.kindOf(output.device)?.inside?.encoder;
      const why = unlike(output.rung, format.value, { encoder, lines: lines && numberOf(lines) });
      if (why === undefined) continue;
      yield {
        severity: why.severity,
        subjects: [id],
        outputs: [id],
        title: `${output.label} is to be sent as ${output.rung}, ${why.words}.`,
        because: lines ? [format, lines] : [format],
        advice: 'Send the size and rate that is mixed, or the next one below it.',
      };
    }
  },
  *fixes({ subjects: [id = ''] }, { own: { outputs: fed, wiring }, outputs }) {
    const { format, lines } = fed[id] ?? {};
    if (typeof format?.value !== 'string') return;
    const most = {
      encoder: wiring.kindOf(outputs?.[id]?.device)?.inside?.encoder,
      lines: lines && numberOf(lines),
    };
    const rung = RUNGS.find(each => unlike(each, String(format.value), most) === undefined);
    if (rung === undefined) return;
    yield fix(`Send ${rung}`, inPlan().put('outputs', id, 'rung', rung));
  },
});

function unlike(
  rung: Rung,
  format: string,
  { encoder, lines }: { readonly encoder: number | undefined; readonly lines: number | undefined },
): { severity: 'stop' | 'risk' | 'note'; words: string } | undefined {
  const wanted = sizeOf(rung);
  const { height, frames } = videoOf(format);
  if (encoder !== undefined && wanted.lines > encoder)
    return { severity: 'stop', words: `and its encoder sends ${encoder} lines at most` };
  if (wanted.lines > height)
    return { severity: 'risk', words: `and ${format} is mixed: enlarging adds nothing but data` };
  if (lines !== undefined && wanted.lines > lines)
    return { severity: 'risk', words: `and ${lines} lines come to it: enlarging adds nothing but data` };
  if (wanted.rate > USUAL_RATE && frames.over / frames.under <= USUAL_RATE)
    return { severity: 'note', words: `and ${format} is mixed: every frame is sent twice` };
  return undefined;
}
