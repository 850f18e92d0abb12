/** The lay list: who lays which lead, in which order, and how long it takes. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { showText } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { layOrder } from '../stations/runs/lay-order.js';
import { aboutEvent } from './about.js';
import type { Sheet } from './sheet.js';
import { crossingWords } from '../stations/runs/crossing-marks.js';

/** People who are free to lay leads before the line check: those of the floor and of the cameras. */
export const layers = ({ roles }: Assessment['hands']): number =>
  Math.max(
    1,
    new Set(
      Object.values(roles).flatMap(({ skill, person }) =>
        person !== undefined && (skill === 'floor' || skill === 'camera') ? [person] : [],
      ),
    ).size,
  );

export function layList(plan: Plan, assessment: Assessment): Sheet {
  const { runs, rules, hands } = assessment;
  const reading = readingOf(plan, rules);
  const people = layers(hands);
  const steps = layOrder(runs, people);
  const minutes = (value: number): string => `${Math.max(1, Math.round(value))}`;
  return {
    title: 'Lay list',
    about: aboutEvent(plan, assessment),
    columns: [
      { label: 'Done', width: 5 },
      { label: 'No.', width: 5 },
      { label: 'From', width: 22 },
      { label: 'To', width: 22 },
      { label: 'Tape', width: 14 },
      { label: 'Length', width: 9, align: 'right' },
      { label: 'On the way', width: 20 },
      { label: 'Min', width: 5, align: 'right' },
    ],
    sections: Array.from({ length: people }, (_, i) => {
      const own = steps.filter(({ person }) => person === i + 1);
      const total = own.reduce((sum, step) => sum + step.minutes, 0);
      return {
        heading: `Person ${i + 1} · ${minutes(total)} min`,
        rows: own.flatMap(({ link, minutes: each }) => {
          const run = runs.runs[link];
          if (!run) return [];
          const over = run.crossings.map(crossingWords);
          const cable = typeof run.cable.value === 'string' ? run.cable.value : 'WANTED';
          return [
            [
              ...['☐', run.number, run.from, run.to, cable],
              ...[showText(run.length.value, 'm', reading), over.join(', '), minutes(each)],
            ],
          ];
        }),
      };
    }),
    notes: [
      'Leads over doors first, while the room is empty. Two people at a ladder. Tape flat, a strain relief at every camera, nothing across an exit.',
      'Mains last: plugged in only when everything is laid, reels fully unrolled.',
    ],
  };
}
