import { inOrder } from '../../../foundations/index.js';
import { runsRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';
import { isReady } from '../../ready.js';

/** A cable that was accepted for a lead and is not there any more: out, bad, of another kind, or used twice. */
export const cableLost = runsRule({
  rule: 'runs.cable-lost',
  reads: ({ own, links, shelf }) => ({ runs: own.runs, links, items: shelf.items }),
  *find({ runs, links, items }) {
    for (const [id, { cables }] of inOrder(links)) {
      const run = runs[id];
      if (!run || !cables?.length || run.cutBy === 'accepted') continue;
      const lost = cables.filter(item => !items[item] || !isReady(items[item]));
      const names = (lost.length > 0 ? lost : cables).map(item => items[item]?.tape ?? 'a cable').join(', ');
      yield {
        severity: run.items.length > 0 ? 'risk' : 'stop',
        subjects: [id],
        title: `${run.label}: ${names} ${lost.length > 0 ? 'is not ready any more' : 'cannot be used for it'}.`,
        because: [run.cable],
        advice: 'Cut the leads from the stock again.',
      };
    }
  },
  *fixes(snag, { own }) {
    const id = snag.subjects[0] ?? '';
    const run = own.runs[id];
    if (!run || run.items.length === 0) return;
    yield fix(`Take ${String(run.cable.value)} instead`, inPlan().put('links', id, 'cables', [...run.items]));
  },
});
