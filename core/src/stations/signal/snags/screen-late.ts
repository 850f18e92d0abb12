import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { SignalReads, SignalResult } from '../index.js';
import { SCREEN_LATE } from '../latency.js';

/** A screen in the room that shows people so late that it disturbs those who see both. */
export const screenLate: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.screen-late',
  station: 'signal',
  find: ({ own: { screens }, outputs }) =>
    Object.entries(screens).flatMap(([id, { late }]) => {
      const ms = numberOf(late) ?? 0;
      if (ms <= SCREEN_LATE) return [];
      return [
        {
          severity: 'note' as const,
          subjects: [id],
          outputs: [id],
          title: `${outputs?.[id]?.label ?? 'A screen'} is ${Math.round(ms)} ms late: whoever sees the speaker and the screen will notice.`,
          because: [`signal.screens.${id}.late`],
          advice:
            'Work at a higher frame rate, switch off picture processing in the screen, or place it where both are not seen together.',
        },
      ];
    }),
};
