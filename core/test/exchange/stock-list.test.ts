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
    {
      kinds: libraryKinds,
      there: [{ id: 'itemthere1', tape: 'N30 01', kind: 'netw0020m', state: 'ready' }],
      dates: 'en-GB',
      currency: 'GBP',
    },
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
      ...{ changes: [], unchanged: 0, faults: [] },
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
    const house = { kinds: libraryKinds, there: [] };
    expect(stockFrom(rows(50_001), house).faults).toHaveLength(1);
    expect(stockFrom(rows(50_000), house).faults).toHaveLength(50_000);
  });
});

describe('a list of what is on the shelf already', () => {
  const laptop: Item & { id: string } = {
    ...{
      id: 'itemlap01',
      tape: 'LAP 01',
      kind: 'laptopcom',
      state: 'ready',
      condition: 'good',
      serial: 'A1',
    },
    owner: { how: 'borrowed', who: 'Ines', back: '2026-12-10' },
    bought: { on: '2024-03-01', from: 'a shop' },
    tested: { result: 'failed', on: '2026-10-01' },
  };
  const ramps: Item & { id: string } = {
    id: 'itemramp1',
    tape: 'RAMP',
    kind: 'rampcable',
    state: 'ready',
    count: 8,
  };
  const change = (...lines: string[]) =>
    stockFrom(
      lines.map(line => line.split(';')),
      { kinds: libraryKinds, there: [laptop, ramps], dates: 'en-GB', currency: 'GBP', changes: true },
    );
  const fieldsOf = (heading: string, line: string) => change(heading, line).changes[0]?.fields;

  it('changes what its cells say, and nothing where they are empty', () => {
    const { items, changes, unchanged, faults } = change(
      'tape;kind;pieces;condition;serial number;home place',
      'lap 01;;;worn;A1;',
      'RAMP;Cable ramp, 0.9 m;8;;;',
      'RAMP 2;Cable ramp, 0.9 m;3;;;Hall',
    );
    expect(changes).toEqual([{ id: 'itemlap01', line: 2, fields: { condition: 'worn' } }]);
    expect(unchanged).toBe(1);
    expect(items).toEqual([{ tape: 'RAMP 2', kind: 'rampcable', state: 'ready', count: 3, home: 'Hall' }]);
    expect(faults).toEqual([]);
  });

  it('needs the tape code alone', () => {
    expect(change('tape;state', 'LAP 01;in repair').changes).toMatchObject([
      { fields: { state: 'in repair' } },
    ]);
    expect(change('kind;state', 'Laptop;ready').faults).toMatchObject([{ line: 1, column: 'tape' }]);
    expect(change('tape;state', 'NEW 1;ready').faults).toMatchObject([{ line: 2, column: 'kind' }]);
  });

  it('counts what is counted, and reads a broken condition as a state', () => {
    expect(fieldsOf('tape;pieces', 'RAMP;5')).toEqual({ count: 5 });
    expect(fieldsOf('tape;condition', 'LAP 01;broken')).toEqual({ state: 'in repair' });
  });

  it('leaves what it does not say of an owner, a purchase and a test', () => {
    expect(fieldsOf('tape;price', 'LAP 01;410')).toEqual({
      bought: { ...laptop.bought, price: { amount: 410, currency: 'GBP' } },
    });
    expect(fieldsOf('tape;goes back', 'LAP 01;12.12.2026')).toEqual({
      owner: { ...laptop.owner, back: '2026-12-12' },
    });
    expect(fieldsOf('tape;whose', 'LAP 01;own')).toEqual({ cleared: ['owner'] });
  });

  it('takes no failed test back unless it says a later one, or that it passed', () => {
    const next = { ...laptop.tested, next: '2027-10-01' };
    expect(fieldsOf('tape;next test', 'LAP 01;2027-10-01')).toEqual({ tested: next });
    expect(fieldsOf('tape;tested on;next test', 'LAP 01;2026-10-01;2027-10-01')).toEqual({ tested: next });
    expect(fieldsOf('tape;tested on', 'LAP 01;2026-11-01')).toEqual({
      tested: { result: 'passed', on: '2026-11-01' },
    });
    // A day before that of the failure says nothing of it.
    expect(fieldsOf('tape;tested on', 'LAP 01;2026-09-30')).toBeUndefined();
    expect(fieldsOf('tape;result', 'LAP 01;passed')).toEqual({
      tested: { result: 'passed', on: '2026-10-01' },
    });
  });

  it('says of a thing that it names twice that it does, and changes it once', () => {
    const { changes, faults } = change('tape;condition', 'LAP 01;worn', 'lap 01;poor');
    expect(changes).toHaveLength(1);
    expect(faults).toMatchObject([
      { line: 3, column: 'tape', reason: 'LAP 01 stands in a line above already' },
    ]);
  });

  it('is a fault in each line where nothing there is to be changed', () => {
    const list = [
      ['tape', 'kind'],
      ['LAP 01', 'laptopcom'],
    ];
    const { faults, changes } = stockFrom(list, { kinds: libraryKinds, there: [laptop] });
    expect(faults).toMatchObject([{ line: 2, reason: 'LAP 01 is on another item already' }]);
    expect(changes).toEqual([]);
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
