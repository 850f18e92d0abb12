/** The lay list: who lays which lead, in which order, and how long it takes. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { crossingWords } from '../stations/runs/crossing-marks.js';
import { cable, runLength } from '../stations/runs/figures.js';
import type { RunResult } from '../stations/runs/index.js';
import { layOrder } from '../stations/runs/lay-order.js';
import type { Sheet } from './sheet.js';
import { counts, figures, sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly link: string;
  readonly run: RunResult;
  readonly minutes: number;
}

const idsOf = ({ link }: Row): [string] => [link];
const minutes = (value: number): number => Math.max(1, Math.round(value));

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Done', 5, () => '☐'),
  words('No.', 5, ({ run }) => run.number),
  words('From', 22, ({ run }) => run.from),
  words('To', 22, ({ run }) => run.to),
  figures(cable, 14, idsOf, 'WANTED'),
  figures(runLength, 9, idsOf),
  words('On the way', 20, ({ run }) => run.crossings.map(crossingWords).join(', ')),
  counts('Min', 5, row => minutes(row.minutes)),
];

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
  const { runs, hands } = assessment;
  const people = layers(hands);
  const steps = layOrder(runs, people);
  return sheetOf(plan, assessment, {
    title: 'Lay list',
    columns: COLUMNS,
    sections: Array.from({ length: people }, (_, i) => {
      const own = steps.filter(({ person }) => person === i + 1);
      const total = own.reduce((sum, step) => sum + step.minutes, 0);
      return {
        heading: `Person ${i + 1} · ${minutes(total)} min`,
        rows: own.flatMap((step): Row[] => {
          const run = runs.runs[step.link];
          return run ? [{ ...step, run }] : [];
        }),
      };
    }),
    notes: [
      'Leads over doors first, while the room is empty. Two people at a ladder. Tape flat, a strain relief at every camera, nothing across an exit.',
      'Mains last: plugged in only when everything is laid, reels fully unrolled.',
    ],
  });
}
