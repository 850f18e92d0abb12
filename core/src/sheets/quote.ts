/** The quote: what a client is offered, and until when. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { counted, showCalendarDay, showMoney, showText } from '../foundations/index.js';
import { quoteOf, type QuoteLine } from '../quote/offer.js';
import { readingOf } from '../review.js';
import { aboutEvent } from './about.js';
import type { Sheet } from './sheet.js';
import { plainSheet, type PlainColumn } from './table.js';

/** A line that is offered, or one of the sums below them. */
type Row = Partial<QuoteLine> & Pick<QuoteLine, 'label' | 'sum'>;

const PARTS = ['Packages', 'Crew', 'Costs of the event'] as const;

export function quoteSheet(bundle: Bundle, assessment: Assessment): Sheet {
  const { plan, rules } = bundle;
  const { client, number, on, terms, discount, tax } = plan.quote ?? {};
  const { lines, total, missing, validUntil, ...sums } = quoteOf(bundle, assessment);
  const reading = readingOf(plan, assessment.rules);
  const day = (each: string): string => showCalendarDay(each, reading.dates);
  const money = (label: string, of: (row: Row) => number | undefined): PlainColumn<Row> => ({
    ...{ label, width: 12, align: 'right' },
    cell: row => (of(row) === undefined ? '' : showMoney(of(row) ?? 0, rules.currency, reading.dates)),
    number: row => {
      const value = of(row);
      return value === undefined ? undefined : { value, unit: '' };
    },
  });
  const columns: readonly PlainColumn<Row>[] = [
    { label: 'What', width: 26, cell: ({ label }) => label },
    { label: 'In it', width: 40, cell: ({ what = '' }) => what },
    {
      ...{ label: 'Count', width: 7, align: 'right' },
      cell: ({ count }) => (count === undefined ? '' : String(count)),
    },
    {
      ...{ label: 'Charged for', width: 12, align: 'right' },
      cell: ({ by }) =>
        by
          ? by.unit === 'days'
            ? counted(by.amount, 'day', 'days')
            : showText(by.amount, by.unit, reading)
          : '',
    },
    money('Price of one', ({ each }) => each),
    money('Sum', ({ sum }) => sum),
  ];
  const below: readonly Row[] = [
    ...(discount ? [{ label: 'Together', sum: sums.together }] : []),
    ...(discount ? [{ label: `Discount, ${discount} %`, sum: sums.discount && -sums.discount }] : []),
    ...(tax ? [{ label: `Tax, ${tax} %`, sum: sums.tax }] : []),
    { label: total === undefined ? 'Total: not known yet' : 'Total', sum: total },
  ];
  const head = [
    ...(client === undefined ? [] : [`For ${client}`]),
    ...(on === undefined ? [] : [day(on)]),
    aboutEvent(plan, assessment),
  ];
  return plainSheet<Row>(head.join(' · '), {
    title: number === undefined ? 'Quote' : `Quote ${number}`,
    columns,
    sections: [
      ...PARTS.map(heading => ({ heading, rows: lines.filter(({ part }) => part === heading) })),
      { heading: 'Altogether', rows: below },
    ],
    notes: [
      `Offered by ${rules.organisation}.`,
      ...(validUntil === undefined ? [] : [`This offer stands until ${day(validUntil)}.`]),
      ...(tax === undefined ? ['No tax is charged.'] : []),
      ...(terms === undefined ? [] : [terms]),
      ...missing.map(each => `Before it is sent: ${each}.`),
    ],
  });
}
