/** Lists of what the shelf cannot supply: what is picked up from a hire firm, and what is bought. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { usedChecks } from '../after-use/index.js';
import { showCalendarDay, type DateLocale } from '../foundations/index.js';
import { needCost, needEach } from '../stations/pack/money/figures.js';
import type { NeedResult } from '../stations/pack/money/needs.js';
import type { Sheet } from './sheet.js';
import { counts, figures, sheetOf, words, type ColumnOf } from './table.js';

const columns = (dates: DateLocale | undefined): readonly ColumnOf<NeedResult>[] => [
  words('', 4, () => '☐'),
  counts('Count', 7, ({ count }) => count),
  words('What', 30, ({ label }) => label),
  words('For', 20, ({ purpose }) => purpose),
  words('It is there on', 13, ({ delivery }) => delivery && showCalendarDay(delivery, dates)),
  figures(needEach, 13, ({ line }) => [line], 'not known'),
  figures(needCost, 13, ({ line }) => [line], 'not known'),
];

function listOf(
  { plan }: Bundle,
  assessment: Assessment,
  title: string,
  keep: (need: NeedResult) => boolean,
  note: string,
  more: (wanted: readonly NeedResult[]) => readonly string[] = () => [],
): Sheet {
  const wanted = Object.values(assessment.pack.money.needs).filter(keep);
  const from = [...new Set(wanted.map(need => need.from ?? ''))].sort();
  return sheetOf(plan, assessment, {
    title,
    columns: columns(assessment.rules.dates),
    sections: from.map(name => ({
      heading: name === '' ? 'Nobody said from whom' : name,
      rows: wanted.filter(need => (need.from ?? '') === name),
    })),
    notes: wanted.length === 0 ? ['Nothing.'] : [note, ...more(wanted)],
  });
}

/** What is hired or borrowed, by whom it is picked up from. */
export const hirePickUp = (bundle: Bundle, assessment: Assessment): Sheet =>
  listOf(
    bundle,
    assessment,
    'Hire pick-up',
    ({ way }) => way === 'hire' || way === 'borrow',
    'Each thing is looked at and switched on before it is taken; marks and faults are noted with the lender.',
  );

/** What is bought, or not decided yet. */
export const shoppingList = (bundle: Bundle, assessment: Assessment): Sheet =>
  listOf(
    bundle,
    assessment,
    'Shopping list',
    ({ way }) => way !== 'hire' && way !== 'borrow',
    'Prices are those that were found, or about what such things cost: ask again before you buy.',
    wanted => beforeUsed(wanted, bundle),
  );

/** What to look at before what is to be bought used is paid for. */
const beforeUsed = (wanted: readonly NeedResult[], { kinds }: Bundle): readonly string[] => [
  ...new Set(
    wanted.flatMap(({ way, kind }) => {
      const of = kinds.kinds[kind ?? ''];
      return way === 'buy used' && of ? usedChecks(of).map(check => `${of.label}: ${check}`) : [];
    }),
  ),
];
