/** The checklist for each round of the work: out of the cupboard, into the room, back again. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { counted } from '../foundations/index.js';
import { groupedLines, type Grouping } from '../pack-list/grouped.js';
import type { PackLine } from '../stations/pack/index.js';
import type { Sheet } from './sheet.js';
import { counts, sheetOf, words, type ColumnOf } from './table.js';

const tick = (label: string): ColumnOf<PackLine> => words(label, 7, () => '☐');
const COUNT = counts<PackLine>('Count', 7, ({ count }) => count);
const TAPE = words<PackLine>('Tape', 11, ({ tape }) => tape ?? 'WANTED');
const WHAT = words<PackLine>('What', 36, ({ label }) => label);
const forWords = ({ purpose, comesFrom, goesOnTo }: PackLine): string =>
  [
    ...(purpose === '' ? [] : [purpose]),
    ...(comesFrom ? [`from “${comesFrom.event}”`] : []),
    ...(goesOnTo ? [`on to “${goesOnTo.event}”`] : []),
  ].join(', ');
const FOR = words<PackLine>('For', 26, forWords);

/** What is not on a list since it stays rigged. */
function rigged(lines: readonly PackLine[], from: 'comesFrom' | 'goesOnTo'): readonly string[] {
  const staying = lines.filter(line => line[from]?.rigged === true);
  const event = staying[0]?.[from]?.event;
  if (event === undefined) return [];
  const what = counted(staying.length, 'line stays', 'lines stay');
  return [from === 'comesFrom' ? `${what} rigged since “${event}”.` : `${what} rigged for “${event}”.`];
}
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
    [
      'What is not there is told to the lead before the vehicle leaves.',
      ...rigged(Object.values(assessment.pack.lines), 'comesFrom'),
    ],
    line => line.comesFrom?.rigged !== true,
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
    [
      'What does not come back stays on the record of the venue; damage is noted to the thing.',
      ...rigged(Object.values(assessment.pack.lines), 'goesOnTo'),
    ],
    (line, id) => line.goesOnTo?.rigged !== true && !id.startsWith('uses ') && id !== 'tape00000',
  );
