/** Lists of stock: forgiving of order and names, and a reason for every line that cannot be read. */
import { describe, expect, it } from 'vitest';
import { Item } from '../../src/documents/index.js';
import { faultsOf } from '../../src/documents/validate.js';
import { stockFrom } from '../../src/exchange/index.js';
import { dayFrom, moneyFrom } from '../../src/exchange/stock/cells.js';
import { libraryKinds } from '../../src/library/index.js';

const read = (...lines: string[]) =>
  stockFrom(
    lines.map(line => line.split(';')),
    { kinds: libraryKinds, known: ['N30 01'], dates: 'en-GB', currency: 'GBP' },
  );

describe('a list of stock', () => {
  it('is read in any order of columns, by what people call them', () => {
    expect(
      read('Qty;Item;Code;Condition;x', '3;Network cable, 10 m;N10;good;?', '8;cable ramp, 0.9 m;RAMP;;'),
    ).toEqual({
      items: [
        { tape: 'N10 01', kind: 'netw0010m', state: 'ready', condition: 'good' },
        { tape: 'N10 02', kind: 'netw0010m', state: 'ready', condition: 'good' },
        { tape: 'N10 03', kind: 'netw0010m', state: 'ready', condition: 'good' },
        { tape: 'RAMP', kind: 'rampcable', state: 'ready', count: 8 },
      ],
      faults: [],
    });
  });

  it('says of each faulty line which column is wrong and why, and keeps the others', () => {
    const { items, faults } = read(
      'tape;kind;pieces;state',
      'N30;Network cable, 30 m;2;ready',
      'H10;HDMI lead, 10 m;1;ready',
      ';HDMI cable, 10 m;1;',
      '',
      'H11;HDMI cable, 10 m;many;lost',
      'H12;HDMI cable, 10 m;;bad',
      'h12;HDMI cable, 10 m;;',
    );
    expect(items.map(({ tape, state }) => [tape, state])).toEqual([['H12', 'in repair']]);
    expect(faults.map(({ line, column }) => [line, column])).toEqual([
      [2, 'tape'],
      [3, 'kind'],
      [4, 'tape'],
      [6, 'pieces'],
      [6, 'state'],
      [8, 'tape'],
    ]);
    expect(faults[0]?.reason).toBe('N30 01 is on another item already');
    expect(faults[1]?.reason).toBe('no kind is called “HDMI lead, 10 m”');
    expect(faults[1]?.suggestions[0]).toMatch(/HDMI.*10 m/);
  });

  it('without a heading is told so', () => {
    expect(read('N10;Network cable, 10 m').faults.map(({ line, column }) => [line, column])).toEqual([
      [1, 'tape'],
      [1, 'kind'],
    ]);
  });

  it('takes all that is known of a thing along', () => {
    const { items, faults } = read(
      'tape;kind;Serial No;location;whose;goes back;purchase date;Price (EUR);Insured for;last test;next test;charge cycles',
      'CAM 9;camera, 1-inch, 24–360 eq.;A-17;Loft;hired: A firm;9/12/2026;4.5.2024;1.234,50;£900;2026-01-10;10 Jan 2027;12',
      'CAM 8;camoneinc;;;own;;;;;;;',
    );
    expect(faults).toEqual([]);
    expect(items).toEqual([
      {
        ...{ tape: 'CAM 9', kind: 'camoneinc', state: 'ready', serial: 'A-17', home: 'Loft', cycles: 12 },
        owner: { how: 'hired', who: 'A firm', back: '2026-12-09' },
        bought: { on: '2024-05-04', price: { amount: 1234.5, currency: 'EUR' } },
        insured: { amount: 900, currency: 'GBP' },
        tested: { result: 'passed', on: '2026-01-10', next: '2027-01-10' },
      },
      { tape: 'CAM 8', kind: 'camoneinc', state: 'ready' },
    ]);
    expect(items.flatMap(item => faultsOf(Item, item))).toEqual([]);
  });

  it.each([
    ['price', '-5', '“-5” is below nothing'],
    ['price', '12 zł', '“zł” is no currency that is known'],
    ['price', 'cheap', '“cheap” is no sum of money'],
    ['bought on', '30/2/2026', '“30/2/2026” is no day such as 2026-12-04'],
    ['test result', 'maybe', '“maybe” is neither passed nor failed'],
    ['condition', 'shiny', '“shiny” is none of as new, good, worn, poor'],
    ['cycles', '1.5', '“1.5” is no whole number'],
  ])('says why %s “%s” cannot be', (column, value, reason) => {
    const { items, faults } = read(`tape;kind;${column}`, `X;Network cable, 10 m;${value}`);
    expect([items, faults.map(each => each.reason)]).toEqual([[], [reason]]);
  });

  it('of more lines than a list may have is refused at once, and one of just as many is read', () => {
    const rows = (count: number) => [
      ['tape', 'kind'],
      ...Array.from({ length: count }, (_, i) => [`T${i}`, 'no such kind of thing']),
    ];
    const house = { kinds: libraryKinds, known: [] };
    expect(stockFrom(rows(50_001), house).faults).toHaveLength(1);
    expect(stockFrom(rows(50_000), house).faults).toHaveLength(50_000);
  });
});

describe('what is written in cells', () => {
  it.each([
    ['2026-12-04', 'en-GB', '2026-12-04'],
    ['4/12/2026', 'en-GB', '2026-12-04'],
    ['12/4/2026', 'en-US', '2026-12-04'],
    ['4.12.2026', 'en-US', '2026-12-04'],
    ['Fri 4 Dec 2026', 'en-GB', '2026-12-04'],
    ['December 4, 2026', 'en-US', '2026-12-04'],
    ['31/4/2026', 'en-GB', undefined],
    ['4 Foo 2026', 'en-GB', undefined],
    ['soon', 'en-GB', undefined],
  ] as const)('%s, written as in %s, is the day %s', (written, dates, day) =>
    expect(dayFrom(written, dates)).toBe(day),
  );

  it.each([
    ['1234.5', 1234.5],
    ['1,234.50', 1234.5],
    ['1.234,50', 1234.5],
    ["1'234.50", 1234.5],
    ['1,234', 1234],
    ['12,5', 12.5],
    ['1.234.567', 1234567],
    ['0', 0],
  ])('%s is %d', (written, amount) => expect(moneyFrom(written, 'GBP')).toEqual({ amount, currency: 'GBP' }));

  it('says its currency before or after it', () => {
    expect(moneyFrom('€ 5', 'GBP')).toEqual({ amount: 5, currency: 'EUR' });
    expect(moneyFrom('5 sek', 'GBP')).toEqual({ amount: 5, currency: 'SEK' });
    expect(moneyFrom('5', undefined)).toBe('says no currency');
  });
});
