/** The battery card: what is changed and looked at when, with room for what was read. */
import type { Assessment } from '../assess.js';
import { batteryCard, type CardLine } from '../battery-card/index.js';
import type { Bundle } from '../documents/index.js';
import { showClock, showText, type Reading } from '../foundations/index.js';
import { readingOf } from '../review.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

const columns = (reading: Reading): readonly ColumnOf<CardLine>[] => [
  words('Done', 5, ({ done }) => (done ? '☑' : '☐')),
  words('When', 8, ({ at }) => showClock(at, reading), 'right'),
  words('Leave', 14, ({ walk }) => (walk ? `${showClock(walk.leave, reading)} from ${walk.from}` : '')),
  words('Where', 18, ({ place, feeds }) => (feeds === '' ? place : `${place}, feeds ${feeds}`)),
  words('What', 24, ({ there, comes }) =>
    comes === undefined ? `look at ${there}` : `${there} out, ${comes} in`,
  ),
  words('Should show', 11, ({ expected }) =>
    typeof expected?.value === 'number'
      ? showText(expected.value, '%', reading)
      : (expected?.why ?? 'unknown'),
  ),
  words('Shows', 10, () => '…… %'),
  words('During', 18, ({ during }) => during),
  words('By', 18, ({ by }) => by),
];

/** Changes and looks in the order of time; what to do where a battery shows less than it should. */
export function batteryCardSheet(bundle: Bundle, assessment: Assessment): Sheet {
  const { lines } = batteryCard(bundle, assessment);
  return sheetOf(bundle.plan, assessment, {
    title: 'Battery card',
    columns: columns(readingOf(bundle.plan, assessment.rules)),
    sections: [{ heading: '', rows: lines }],
    notes: [
      'Shows ten points less than it should: tell who leads, and change it at the next break.',
      'Terminals covered, swollen or damaged cells out. Charged above 0 °C and below 45 °C, never unattended.',
    ],
  });
}
