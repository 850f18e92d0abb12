import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { LADDER, type StreamReads, type StreamResult } from '../index.js';

/** A size chosen by hand that the line does not carry with the headroom of the house rule. */
export const rungTooHigh: Rule<Seen<StreamReads, StreamResult>> = {
  rule: 'stream.rung-too-high',
  station: 'stream',
  find: ({ own, outputs }) =>
    Object.entries(own.streams).flatMap(([id, stream]) =>
      stream.fits.value === false
        ? [
            {
              severity: 'stop',
              subjects: [id],
              outputs: [id],
              title: `“${outputs?.[id]?.label ?? 'The stream'}” at ${String(stream.rung.value)} needs more than the line can be trusted with.`,
              because: [`stream.streams.${id}.lineRate`, 'stream.budget', `stream.streams.${id}.fits`],
              advice: 'Even the smallest picture is too much for this line: bring another one.',
            },
          ]
        : [],
    ),
  *fixes(snag, { own, outputs }) {
    const id = snag.subjects[0] ?? '';
    if (outputs?.[id]?.rung !== undefined) {
      yield {
        label: 'Use the best size that fits',
        changes: [
          { document: 'plan' as const, patch: [{ op: 'remove' as const, path: `/outputs/${id}/rung` }] },
        ],
      };
    }
    const at = LADDER.findIndex(([rung]) => rung === own.streams[id]?.rung.value);
    for (const [rung] of LADDER.slice(at + 1)) {
      yield {
        label: `Stream at ${rung}`,
        changes: [
          {
            document: 'plan' as const,
            patch: [{ op: 'add' as const, path: `/outputs/${id}/rung`, value: rung }],
          },
        ],
      };
    }
  },
};
