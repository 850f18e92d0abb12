/** Lists of the shelf: what there is, what is due, what is lent, what it is worth. */
import type { Item, Kind, Money } from '../documents/index.js';
import {
  showCalendarDay,
  showText,
  tableNumber,
  type DateLocale,
  type UnitSystem,
} from '../foundations/index.js';
import { plainSheet, type PlainColumn } from '../sheets/table.js';
import type { Sheet } from '../sheets/sheet.js';
import { attentionOf, healthPercent } from '../shelf-list/attention.js';
import { stateWords, whereIs, whoseIs } from '../shelf-list/index.js';
import { takesMains } from '../stations/pack/takes-mains.js';
import { SHELF_SHEET_WORDS, type ShelfSheetName } from './words.js';

export { SHELF_SHEET_NAMES, SHELF_SHEET_WORDS, type ShelfSheetName } from './words.js';

/** A thing of the shelf with the kind that it is. */
export interface ShelfThing {
  readonly item: Item;
  readonly kind: Kind | undefined;
}

export interface ShelfReading {
  /** `2026-12-04`. */
  readonly today: string;
  readonly organisation: string;
  readonly system: UnitSystem;
  readonly dates?: DateLocale | undefined;
}

type Column = PlainColumn<ShelfThing>;

const text = (label: string, width: number, cell: (thing: ShelfThing) => string | undefined): Column => ({
  ...{ label, width },
  cell: thing => cell(thing) ?? '',
});

const TAPE = text('Tape', 9, ({ item }) => item.tape);
const WHAT = text('What', 30, ({ kind }) => kind?.label ?? 'unknown kind');
const SERIAL = text('Serial number', 14, ({ item }) => item.serial);
const COUNT: Column = {
  ...text('Count', 6, ({ item }) => String(item.count ?? 1)),
  align: 'right',
  number: ({ item }) => ({ value: item.count ?? 1, unit: '' }),
};
const CONDITION = text('Condition', 9, ({ item }) => item.condition);
const WHERE = text('Where it is', 20, ({ item }) => whereIs(item));

/** What a thing is worth: what it is insured for, else what was paid for it. */
export const worthOf = ({ insured, bought }: Item): Money | undefined => insured ?? bought?.price;

const moneyColumn = (label: string, of: (item: Item) => Money | undefined): Column => ({
  ...text(label, 10, ({ item }) => of(item)?.amount.toFixed(2)),
  align: 'right',
  number: ({ item }) => {
    const money = of(item);
    return money && { value: money.amount, unit: '' };
  },
});
const currencyColumn = (of: (item: Item) => Money | undefined): Column =>
  text('Currency', 7, ({ item }) => of(item)?.currency);

const weightColumn = (system: UnitSystem): Column => ({
  ...text('Weight', 9, ({ kind }) =>
    kind?.weight === undefined ? 'unknown' : showText(kind.weight, 'kg', { system, zone: 'UTC' }),
  ),
  align: 'right',
  number: ({ kind }) => (kind?.weight === undefined ? undefined : tableNumber(kind.weight, 'kg', system)),
});

interface List {
  readonly columns: readonly Column[];
  readonly holds: (thing: ShelfThing) => boolean;
  readonly notes?: (things: readonly ShelfThing[]) => readonly string[];
}

/** Sums of money by their currencies, in words: what is in two currencies is never added up. */
export function sumsOf(all: readonly (Money | undefined)[]): string {
  const sums = new Map<string, number>();
  for (const money of all)
    if (money) sums.set(money.currency, (sums.get(money.currency) ?? 0) + money.amount);
  return [...sums].map(([currency, sum]) => `${sum.toFixed(2)} ${currency}`).join(', ') || 'nothing';
}

const worthNotes = (things: readonly ShelfThing[]): readonly string[] => {
  const unknown = things.filter(({ item }) => worthOf(item) === undefined).length;
  return [
    `Together ${sumsOf(things.map(({ item }) => worthOf(item)))}, each as it is insured, else as it was bought.`,
    ...(unknown > 0 ? [`What ${unknown} of these are worth is unknown.`] : []),
  ];
};

const notRetired = ({ item }: ShelfThing): boolean => item.state !== 'retired';

/** A day as the house writes it; nothing where nobody said. */
const dayIn =
  (dates: DateLocale | undefined) =>
  (day: string | undefined): string =>
    day === undefined ? '' : showCalendarDay(day, dates);

const healthIn = ({ item, kind }: ShelfThing): number | undefined => kind && healthPercent(item, kind);

const LISTS: Readonly<Record<ShelfSheetName, (reading: ShelfReading) => List>> = {
  inventory: () => ({
    columns: [
      ...[TAPE, WHAT, COUNT, SERIAL, CONDITION, WHERE],
      text('Home place', 20, ({ item }) => item.home),
      text('Whose', 16, ({ item }) => whoseIs(item)),
      text('State', 14, ({ item }) => stateWords(item)),
    ],
    holds: () => true,
  }),
  'tests-due': ({ dates }) => ({
    columns: [
      ...[TAPE, WHAT, SERIAL],
      text('Tested on', 12, ({ item }) => dayIn(dates)(item.tested?.on)),
      text('Result', 8, ({ item }) => item.tested?.result ?? 'not noted'),
      text('To be tested by', 12, ({ item }) => dayIn(dates)(item.tested?.next)),
      WHERE,
    ],
    holds: ({ item, kind }) =>
      item.state !== 'retired' && (item.tested !== undefined || (kind !== undefined && takesMains(kind))),
    notes: () => ['What failed, or bears no date, is not taken along. Tests by a competent person only.'],
  }),
  repairs: ({ dates }) => ({
    columns: [
      ...[TAPE, WHAT, SERIAL],
      text('What is wrong', 40, ({ item }) =>
        [
          ...Object.values(item.faults ?? {}).flatMap(({ what, mended, due }) =>
            mended === undefined ? [due === undefined ? what : `${what} (by ${dayIn(dates)(due)})`] : [],
          ),
          ...(item.state === 'in repair' && item.note ? [item.note] : []),
        ].join('; '),
      ),
      WHERE,
    ],
    holds: ({ item }) =>
      item.state === 'in repair' ||
      (item.state !== 'retired' && Object.values(item.faults ?? {}).some(each => each.mended === undefined)),
  }),
  batteries: ({ today, dates }) => ({
    columns: [
      ...[TAPE, WHAT, SERIAL],
      {
        ...text('Cycles', 8, ({ item }) => item.cycles?.toString() ?? 'not logged'),
        align: 'right',
        number: ({ item: { cycles } }) => (cycles === undefined ? undefined : { value: cycles, unit: '' }),
      },
      {
        ...text('Holds of a new one', 10, thing => {
          const health = healthIn(thing);
          return health === undefined ? '' : `${Math.round(health)} %`;
        }),
        align: 'right',
        number: thing => {
          const value = healthIn(thing);
          return value === undefined ? undefined : { value: Math.round(value), unit: '%' };
        },
      },
      text('Known from', 16, ({ item }) =>
        Object.values(item.runs ?? {}).some(({ accepted }) => accepted === true)
          ? 'its runs'
          : item.health !== undefined
            ? 'a measurement'
            : item.cycles !== undefined
              ? 'its cycles'
              : 'nothing: measure it',
      ),
      text('What is to be done', 30, ({ item, kind }) =>
        attentionOf(item, today, { kind, dates })
          .map(({ words }) => words)
          .join('; '),
      ),
    ],
    holds: thing => thing.item.state !== 'retired' && healthIn(thing) !== undefined,
    notes: () => [
      'A battery that is swollen, hot, wet or dented is not charged: bring it outdoors, and to whoever takes such waste.',
    ],
  }),
  'lent-out': ({ dates, today }) => ({
    columns: [
      ...[TAPE, WHAT, SERIAL],
      text('Lent to', 20, ({ item }) => item.lent?.to),
      text('Lent on', 12, ({ item }) => dayIn(dates)(item.lent?.on)),
      text('To come back', 12, ({ item }) => dayIn(dates)(item.lent?.back)),
      text('Late', 12, ({ item }) => ((item.lent?.back ?? today) < today ? 'overdue' : '')),
    ],
    holds: ({ item }) => item.lent !== undefined,
  }),
  'not-own': ({ dates }) => ({
    columns: [
      ...[TAPE, WHAT, SERIAL, CONDITION],
      text('How', 9, ({ item }) => item.owner?.how),
      text('Whose', 20, ({ item }) => item.owner?.who),
      text('Goes back', 12, ({ item }) => dayIn(dates)(item.owner?.back)),
    ],
    holds: ({ item }) => item.owner !== undefined && notRetired({ item, kind: undefined }),
  }),
  insurance: ({ dates }) => ({
    columns: [
      ...[TAPE, WHAT, SERIAL, CONDITION],
      text('Bought on', 12, ({ item }) => dayIn(dates)(item.bought?.on)),
      moneyColumn('Worth', worthOf),
      currencyColumn(worthOf),
    ],
    // What others own is for them to insure, unless it is insured here.
    holds: ({ item }) =>
      item.state !== 'retired' && worthOf(item) !== undefined && (!item.owner || item.insured !== undefined),
    notes: worthNotes,
  }),
  customs: ({ system }) => ({
    columns: [
      TAPE,
      WHAT,
      COUNT,
      SERIAL,
      weightColumn(system),
      moneyColumn('Value', worthOf),
      currencyColumn(worthOf),
    ],
    holds: notRetired,
    notes: worthNotes,
  }),
  receipt: ({ dates }) => ({
    columns: [
      TAPE,
      WHAT,
      COUNT,
      SERIAL,
      CONDITION,
      text('To come back', 14, ({ item }) => dayIn(dates)(item.lent?.back)),
    ],
    holds: () => true,
    notes: things => [
      `Lent to: ${[...new Set(things.flatMap(({ item }) => item.lent?.to ?? []))].join(', ') || '________________'}`,
      'Received complete and in the condition named: ________________   Date: ____________',
      'Given back complete: ________________   Date: ____________',
    ],
  }),
};

/** A list of the shelf, of some of its things or of all that belong there. */
export function shelfSheet(
  name: ShelfSheetName,
  things: readonly ShelfThing[],
  reading: ShelfReading,
): Sheet {
  const { columns, holds, notes } = LISTS[name](reading);
  const rows = things
    .filter(holds)
    .toSorted((a, b) => a.item.tape.localeCompare(b.item.tape, 'en', { numeric: true }));
  const wanting = rows.filter(({ item, kind }) =>
    attentionOf(item, reading.today, { kind }).some(each => each.severity !== 'note'),
  );
  return plainSheet(`${reading.organisation} · ${showCalendarDay(reading.today, reading.dates)}`, {
    title: SHELF_SHEET_WORDS[name],
    columns,
    sections: [{ heading: '', rows }],
    notes: [
      ...(notes?.(rows) ?? []),
      ...(name === 'inventory' && wanting.length > 0
        ? [`${wanting.length} of these want to be seen to: tests, lending or faults.`]
        : []),
    ],
  });
}
