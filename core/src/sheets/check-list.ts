/** The check list of the day: what to check at which moment, with room for a tick, a reading and a name. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { showText } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { MOMENTS, type Check } from '../stations/day/index.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

const columns = (plan: Plan, assessment: Assessment): readonly ColumnOf<Check>[] => {
  const reading = readingOf(plan, assessment.rules);
  const shown = ({ value, unit }: Check): string =>
    value !== undefined && unit !== undefined ? showText(value, unit, reading) : '';
  const wanted = ({ atLeast, unit }: Check): string =>
    atLeast && unit !== undefined ? `at least ${showText(atLeast.value, unit, reading)}` : '';
  return [
    words('Done', 5, ({ tick }) => (tick === undefined ? '☐' : '☑')),
    words('What', 34, ({ label }) => label),
    words('How', 34, ({ detail }) => detail),
    words('Tape', 10, ({ tape }) => tape),
    words('Wanted', 16, wanted),
    words('Reading', 12, shown),
    words('By', 14, ({ by }) => by),
  ];
};

/** Every check by its moment; those that were ticked with the name of who did. */
export const checkList = (plan: Plan, assessment: Assessment): Sheet =>
  sheetOf(plan, assessment, {
    title: 'Check list',
    columns: columns(plan, assessment),
    sections: MOMENTS.map(moment => ({
      heading: moment,
      rows: Object.values(assessment.day.checks).filter(check => check.moment === moment),
    })).filter(({ rows }) => rows.length > 0),
    notes: [],
  });
