/** The card for when the lights go out: what each failure takes, what carries on and for how long, and who resets what. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { failuresOf, type Failure } from '../failures/index.js';
import { carriedOnWords } from '../failures/words.js';
import { readingOf } from '../review.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly [what: string, which: string];

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('What', 18, ([what]) => what),
  words('Which', 100, ([, which]) => which),
];

export function lightsOut(bundle: Bundle, assessment: Assessment): Sheet {
  const reading = readingOf(bundle.plan, assessment.rules);
  const { venue } = assessment.ground;
  const rows = ({ sort, record, dark, carriedOn, unknown, stays, lost }: Failure): Row[] => {
    const circuit = sort === 'circuit' ? venue.circuits?.[record ?? ''] : undefined;
    const all: readonly Row[] = [
      ['Goes dark', dark.join(', ')],
      ['Carries on', carriedOn.map(each => carriedOnWords(each, reading)).join('; ')],
      ['Not known', unknown.join(', ')],
      ['Off air', lost.join(', ')],
      ['Stays on air', stays.join(', ') || 'nothing'],
      ['Its breaker is', circuit ? (circuit.board ?? 'unknown: find it before the day') : ''],
      ['May be reset by', circuit ? (circuit.resets ?? 'unknown: ask before the day') : ''],
    ];
    return all.filter(([, which]) => which !== '');
  };
  return sheetOf(bundle.plan, assessment, {
    title: 'If the lights go out',
    columns: COLUMNS,
    sections: failuresOf(bundle, assessment).map(failure => ({
      heading: failure.label,
      rows: rows(failure),
    })),
    notes: [
      'First the people: torches on, everybody stays where they are, exits open and free; whoever leads the house decides.',
      'Then what was switched on last comes off. Whoever may resets the breaker once; one that trips again stays off.',
      'A line of the house goes with the mains of the house, unless somebody knows better.',
    ],
  });
}
