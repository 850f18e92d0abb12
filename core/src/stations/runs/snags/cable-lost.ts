import { inOrder, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RunsReads, RunsResult } from '../index.js';

/** A cable that was accepted for a lead and is not there any more: out, bad, of another kind, or used twice. */
export const cableLost: Rule<Seen<RunsReads, RunsResult>> = {
  rule: 'runs.cable-lost',
  station: 'runs',
  find: ({ own, links, shelf }) =>
    inOrder(links).flatMap(([id, { cables }]) => {
      const run = own.runs[id];
      if (!run || !cables?.length || run.cutBy === 'accepted') return [];
      const lost = cables.filter(item => shelf.items[item]?.state !== 'ready');
      const names = (lost.length > 0 ? lost : cables)
        .map(item => shelf.items[item]?.tape ?? 'a cable')
        .join(', ');
      return [
        {
          severity: run.items.length > 0 ? ('risk' as const) : ('stop' as const),
          subjects: [id],
          title: `${run.label}: ${names} ${lost.length > 0 ? 'is not ready any more' : 'cannot be used for it'}.`,
          because: [`runs.runs.${id}.cable`],
          advice: 'Cut the leads from the stock again.',
        },
      ];
    }),
  *fixes(snag, { own }) {
    const id = snag.subjects[0] ?? '';
    const run = own.runs[id];
    if (!run || run.items.length === 0) return;
    yield {
      label: `Take ${String(run.cable.value)} instead`,
      changes: [
        { document: 'plan', patch: [{ op: 'add', path: `/links/${id}/cables`, value: [...run.items] }] },
      ],
    };
  },
};
