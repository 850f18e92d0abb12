import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { PowerReads, PowerResult } from '../index.js';

const WARN = 3;
const STOP = 5;

/** A mains lead on which too much voltage is lost. */
export const voltageDrop: Rule<Seen<PowerReads, PowerResult>> = {
  rule: 'power.voltage-drop',
  station: 'power',
  find: ({ own, runs }) =>
    Object.entries(own.drops).flatMap(([id, { drop }]) => {
      const lost = numberOf(drop) ?? 0;
      if (lost <= WARN) return [];
      return [
        {
          severity: lost > STOP ? 'stop' : 'risk',
          subjects: [id],
          title: `${runs.runs[id]?.label ?? 'A mains lead'} loses ${lost.toFixed(1)} % of the voltage.`,
          because: [`power.drops.${id}.drop`],
          advice: 'Use a nearer socket or a thicker lead; unroll reels fully.',
        },
      ];
    }),
  fixes: snag => [
    {
      label: 'Use a 2.5 mm² lead',
      changes: [
        {
          document: 'plan',
          patch: [{ op: 'add', path: `/links/${snag.subjects[0] ?? ''}/make`, value: 'mains-2.5' }],
        },
      ],
    },
  ],
};
