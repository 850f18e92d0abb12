/** The cut list: every lead, where it goes, how long it must be, and which cable is for it. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { showText, type Figure } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { aboutEvent } from './about.js';
import type { Sheet } from './sheet.js';
import { crossingWords } from '../stations/runs/crossing-marks.js';

export function cutList(plan: Plan, assessment: Assessment): Sheet {
  const reading = readingOf(plan, assessment.rules);
  const shown = (figure: Figure): string =>
    figure.value === null ? '' : showText(figure.value, figure.unit, reading);
  const all = Object.entries(assessment.runs.runs);
  const rows = (crosses: boolean): string[][] =>
    all
      .filter(([, run]) => run.crosses === crosses)
      .map(([, run]) => [
        run.number,
        run.from,
        run.to,
        run.makeWords,
        shown(run.length),
        shown(run.cableLength),
        shown(run.cable) || 'WANTED',
        run.crossings.map(crossingWords).join(', '),
      ]);
  const { totalOnFloor, ramped } = assessment.runs;
  return {
    title: 'Cable cut list',
    about: aboutEvent(plan, assessment),
    columns: [
      { label: 'No.', width: 5 },
      { label: 'From', width: 22 },
      { label: 'To', width: 22 },
      { label: 'Cable', width: 13 },
      { label: 'Needed', width: 9, align: 'right' },
      { label: 'Has', width: 9, align: 'right' },
      { label: 'Tape', width: 9 },
      { label: 'On the way', width: 17 },
    ],
    sections: [
      {
        heading: 'Across the floor',
        rows: rows(true),
      },
      {
        heading: 'In racks and on tables',
        rows: rows(false),
      },
    ],
    notes: [
      `Taped on the floor: ${shown(totalOnFloor)}. Ramps over ${shown(ramped)} of aisle.`,
      'Tape every lead on both ends with its number. Nothing across an exit; ramp every crossing. Mains reels fully unrolled.',
    ],
  };
}
