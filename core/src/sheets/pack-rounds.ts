/** The checklist for each round of the work: out of the cupboard, into the room, back again. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { groupedLines, type Grouping } from '../pack-list/grouped.js';
import type { PackLine } from '../stations/pack/index.js';
import type { Sheet } from './sheet.js';
import { counts, sheetOf, words, type ColumnOf } from './table.js';

const tick = (label: string): ColumnOf<PackLine> => words(label, 7, () => '☐');
const COUNT = counts<PackLine>('Count', 7, ({ count }) => count);
const TAPE = words<PackLine>('Tape', 11, ({ tape }) => tape ?? 'WANTED');
const WHAT = words<PackLine>('What', 36, ({ label }) => label);
const FOR = words<PackLine>('For', 26, ({ purpose }) => purpose);
const CASE = words<PackLine>('Case', 16, ({ inside }) => inside);

function round(
  bundle: Bundle,
  assessment: Assessment,
  title: string,
  by: Grouping,
  columns: readonly ColumnOf<PackLine>[],
  notes: readonly string[],
  keep: (line: PackLine, id: string) => boolean = () => true,
): Sheet {
  return sheetOf(bundle.plan, assessment, {
    title,
    columns,
    sections: groupedLines(bundle, assessment, by)
      .map(({ heading, lines }) => ({
        heading,
        rows: lines.flatMap(([id, line]) => (keep(line, id) ? [line] : [])),
      }))
      .filter(({ rows }) => rows.length > 0),
    notes,
  });
}

/** What leaves the cupboard, shelf by shelf. */
export const packOut = (bundle: Bundle, assessment: Assessment): Sheet =>
  round(
    bundle,
    assessment,
    'Pack out',
    'kept',
    [tick('Out'), COUNT, TAPE, WHAT, FOR, CASE],
    ['What is not there is told to the lead before the vehicle leaves.'],
  );

/** What is carried in first. */
export const loadIn = (bundle: Bundle, assessment: Assessment): Sheet =>
  round(
    bundle,
    assessment,
    'Load in',
    'wanted',
    [tick('In'), COUNT, TAPE, WHAT, FOR, CASE],
    ['In the order in which it is wanted; exits and their ways stay clear while things stand about.'],
  );

/** What must come back, case by case; what is used up does not. */
export const packBack = (bundle: Bundle, assessment: Assessment): Sheet =>
  round(
    bundle,
    assessment,
    'Pack back',
    'case',
    [tick('Back'), tick('Damaged'), COUNT, TAPE, WHAT, FOR],
    ['What does not come back stays on the record of the venue; damage is noted to the thing.'],
    (_, id) => !id.startsWith('uses ') && id !== 'tape00000',
  );
