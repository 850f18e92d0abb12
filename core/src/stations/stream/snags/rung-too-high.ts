import { severityOf } from '../../../foundations/index.js';
import { LADDER } from '../ladder.js';
import { streamRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** A size chosen by hand that the line does not carry with the headroom of the house rule. */
export const rungTooHigh = streamRule({
  rule: 'stream.rung-too-high',
  reads: ({ own, outputs }) => ({ streams: own.streams, budget: own.budget, outputs }),
  *find({ streams, budget, outputs }) {
    for (const [id, { rung, lineRate, fits, others, budget: own }] of Object.entries(streams)) {
      const severity = severityOf(fits);
      if (severity === undefined) continue;
      yield {
        severity,
        subjects: [id],
        outputs: [id],
        title: `“${outputs?.[id]?.label ?? 'The stream'}” at ${String(rung.value)} needs more than the line can be trusted with${others ? ', together with what else goes over it' : ''}.`,
        because: [lineRate, ...(others ? [others] : []), own ?? budget, fits],
        advice: 'Even the smallest picture is too much for this line: bring another one.',
      };
    }
  },
  *fixes(snag, { own, outputs }) {
    const id = snag.subjects[0] ?? '';
    if (outputs?.[id]?.rung !== undefined)
      yield fix('Use the best size that fits', inPlan().drop('outputs', id, 'rung'));
    const at = LADDER.findIndex(([rung]) => rung === own.streams[id]?.rung.value);
    for (const [rung] of LADDER.slice(at + 1))
      yield fix(`Stream at ${rung}`, inPlan().put('outputs', id, 'rung', rung));
  },
});
