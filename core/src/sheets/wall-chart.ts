/** Getting ready as a chart for the wall: the accepted order, piece by piece; before one is accepted, the work there is. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { numberOf, showClock } from '../foundations/index.js';
import { readingOf } from '../review.js';
import type { Task } from '../stations/hands/tasks/result.js';
import type { Sheet } from './sheet.js';
import { counts, sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly from: string;
  readonly to: string;
  readonly who: string;
  readonly task: Task;
  readonly critical: boolean;
  readonly minutes: number;
}

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Done', 6, () => '☐'),
  words('From', 10, ({ from }) => from, 'right'),
  words('To', 10, ({ to }) => to, 'right'),
  counts('Min', 8, ({ minutes }) => minutes),
  words('What', 36, ({ task: { label } }) => label),
  words('Who', 26, ({ who }) => who),
  words('Mind', 16, ({ task, critical }) =>
    [critical && 'no time to spare', task.ladder && 'ladder', task.seats > 1 && `${task.seats} people`]
      .filter(Boolean)
      .join(', '),
  ),
];

export function wallChart({ plan, hands: { people } }: Bundle, assessment: Assessment): Sheet {
  const { schedule, tasks, call } = assessment.hands;
  const reading = readingOf(plan, assessment.rules);
  const clock = (minutes: number): string =>
    typeof call.value === 'string'
      ? showClock(new Date(Date.parse(call.value) + minutes * 60_000).toISOString(), reading)
      : `+${Math.round(minutes)} min`;
  const rows = Object.entries(tasks)
    .map(([key, task]) => {
      const own = schedule?.tasks[key];
      const [begins, ends] = [own && numberOf(own.begins), own && numberOf(own.ends)];
      return {
        begins: begins ?? Infinity,
        row: {
          task,
          from: begins === undefined ? '' : clock(begins),
          to: ends === undefined ? '' : clock(ends),
          who: (own?.people ?? []).map(id => people[id]?.name ?? 'somebody').join(', '),
          critical: own?.critical === true,
          minutes: Math.round(numberOf(task.usual) ?? 0),
        },
      };
    })
    .sort((a, b) => a.begins - b.begins || 0)
    .map(({ row }) => row);
  return sheetOf(plan, assessment, {
    title: 'Wall chart of getting ready',
    columns: COLUMNS,
    sections: [{ heading: '', rows }],
    notes: [
      ...(schedule
        ? []
        : [
            'No order is accepted yet: Hands finds one. Until then this is the work, each piece behind what comes before it.',
          ]),
      'Mains, ladders and heavy lifts are for adults who know them. Nothing is rushed that lifts, climbs or carries current.',
    ],
  });
}
