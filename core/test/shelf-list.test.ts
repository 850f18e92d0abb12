/** The shelf as a table shows it, as a form edits it, and its days. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { fridayBundle } from '../src/demo/index.js';
import type { Item } from '../src/documents/index.js';
import { shelfSheet } from '../src/shelf-sheets/index.js';
import {
  changedWords,
  changeOf,
  faultsOfItem,
  ITEM_FORM,
  itemFrom,
  saidOfMany,
} from '../src/item-drafts/index.js';
import {
  attentionOf,
  dayBars,
  dayBounds,
  isOverdue,
  reminderWords,
  shelfLine,
  whereIs,
} from '../src/shelf-list/index.js';

const { shelf, kinds, plan, ...rest } = fridayBundle();
const own = (id: string): Item => shelf.items[id] as Item;
const line = (id: string, more: Partial<Item> = {}) =>
  shelfLine({ id, ...own(id), ...more }, kinds.kinds, { today: '2026-12-04' });

describe('a thing in the list', () => {
  it('says what it is, where, whose, and why it cannot be taken along', () => {
    expect(line('itemlmp03')).toMatchObject({
      ...{
        tape: 'LMP 03',
        state: 'ready',
        whose: 'borrowed: Quillmere Players',
        where: 'Vestry, behind the door',
      },
    });
    expect(line('itemfld01')).toMatchObject({ state: 'lent out', where: 'with Quillmere Players' });
    expect(line('itemstf03').state).toBe('failed its electrical test');
    expect(line('itembat03')).toMatchObject({ state: 'in repair', where: '' });
    expect(line('itemtape1').what).toMatch(/ · 6 pieces$/);
  });

  it('is in the views that it belongs to', () => {
    const of = (id: string, more?: Partial<Item>): string[] => [...line(id, more).views];
    expect(of('itemcam01')).toEqual(['everything', 'ready']);
    expect(of('itemfld01')).toEqual([
      ...['everything', 'not ready', 'wants attention', 'overdue', 'lent out'],
    ]);
    expect(of('itemcam01', { state: 'retired' })).toEqual(['everything', 'retired']);
  });

  it('is where somebody said it was last', () => {
    const item = { ...own('itemcam01'), home: 'Shelf' };
    expect(whereIs(item)).toBe('Shelf');
    expect(whereIs({ ...item, whereNow: 'Van' })).toBe('Van');
    expect(whereIs({ ...item, whereNow: 'Van', lent: { to: 'Maud', on: '2026-12-01' } })).toBe('with Maud');
  });
});

describe('what wants attention on a day', () => {
  const on = (more: Partial<Item>): string[] =>
    attentionOf({ ...own('itemtlp01'), ...more }, '2026-12-04').map(({ severity }) => severity);
  const test = (next: string): Partial<Item> => ({ tested: { on: '2026-01-01', result: 'passed', next } });
  it.each([
    ['a test that was due yesterday', test('2026-12-03'), ['risk']],
    ['a test that is due in thirty days', test('2027-01-03'), ['note']],
    ['a test that is due in thirty-one', test('2027-01-04'), []],
    ['a failed test', { tested: { result: 'failed' as const } }, ['stop']],
    ['what should be back', { lent: { to: 'Maud', on: '2026-11-01', back: '2026-12-03' } }, ['risk']],
    ['what comes back today', { lent: { to: 'Maud', on: '2026-11-01', back: '2026-12-04' } }, []],
    ['what goes back in a week', { owner: { how: 'hired', who: 'Firm', back: '2026-12-11' } }, ['note']],
    ['what went back too late', { owner: { how: 'hired', who: 'Firm', back: '2026-12-03' } }, ['risk']],
    ['what is retired', { state: 'retired', tested: { result: 'failed' as const } }, []],
  ] as const)('%s', (_, more, expected) => expect(on(more as Partial<Item>)).toEqual(expected));
});

describe('a battery on the shelf', () => {
  const attention = (known: Partial<Item>) =>
    attentionOf({ tape: 'BAT 01', kind: 'battpla15', state: 'ready', ...known }, '2026-12-04', {
      kind: kinds.kinds.battpla15,
    }).map(({ severity, words }) => [severity, words]);
  const worn = (percent: number) => [
    ['risk', `holds about ${percent} % of what it held when it was new: test it, or retire it`],
  ];
  it('is told below seven tenths, as it was measured, else by 0.04 % a cycle', () => {
    expect(attention({ health: 70 })).toEqual([]);
    expect(attention({ health: 69.9, cycles: 10 })).toEqual(worn(70));
    expect(attention({ cycles: 750 })).toEqual([]);
    expect(attention({ cycles: 751 })).toEqual(worn(70));
    expect(attention({ cycles: 751, health: 90 })).toEqual([]);
    expect(attention({})).toEqual([]);
  });
  it('is in the list of batteries with what its health is known from', () => {
    const things = [{ health: 62 }, { cycles: 100 }, {}, { state: 'retired' as const }].map((known, i) => ({
      item: { tape: `BAT ${i}`, kind: 'battpla15', state: 'ready' as const, ...known },
      kind: kinds.kinds.battpla15,
    }));
    const reading = { today: '2026-12-04', organisation: 'House', system: 'metric' as const };
    const other = { item: own('itemcam01'), kind: kinds.kinds.hdmidta2m };
    const [section] = shelfSheet('batteries', [...things, other], reading).sections;
    expect(section?.rows.map(row => [row[3], row[4], row[5]])).toEqual([
      ['not logged', '62 %', 'a measurement'],
      ['100', '96 %', 'its cycles'],
      ['not logged', '100 %', 'nothing: measure it'],
    ]);
  });
});

describe('what is overdue', () => {
  it('was to be back before today, from whoever has it or to whomever it belongs', () => {
    const lent = (back?: string) => ({ lent: { to: 'Maud', on: '2026-11-01', ...(back && { back }) } });
    expect(isOverdue(lent('2026-12-03'), '2026-12-04')).toBe(true);
    expect(isOverdue(lent('2026-12-04'), '2026-12-04')).toBe(false);
    expect(isOverdue(lent(), '2026-12-04')).toBe(false);
    expect(isOverdue({ owner: { how: 'hired', who: 'Firm', back: '2026-12-03' } }, '2026-12-04')).toBe(true);
    expect(line('itemfld01', lent('2026-12-03')).views.has('overdue')).toBe(true);
  });

  it('is asked for in a message that names everything they have, the longest overdue first', () => {
    const thing = (tape: string, to: string, back?: string) => ({
      ...{ tape, kind: 'camoneinc', lent: { to, on: '2026-11-01', ...(back && { back }) } },
    });
    const all = [
      thing('B', 'Maud'),
      thing('A', 'Maud', '2026-12-10'),
      thing('C', 'Maud', '2026-12-01'),
      thing('D', 'Ines'),
    ];
    const text = reminderWords('Maud', all, {
      kinds: kinds.kinds,
      organisation: 'Quillmere',
      dates: 'en-GB',
    });
    const label = kinds.kinds.camoneinc?.label ?? '';
    expect(text.split('\n')).toEqual([
      'To Maud:',
      'You have of us:',
      `- C, ${label}: back by Tue 1 Dec 2026`,
      `- A, ${label}: back by Thu 10 Dec 2026`,
      `- B, ${label}: no day was agreed`,
      'Please bring it back, or say when you will.',
      'Quillmere',
    ]);
  });
});

describe('a thing as a form edits it', () => {
  it('is what it was where nothing is changed, for everything on the shelf', () => {
    for (const item of Object.values(shelf.items)) {
      expect(itemFrom(item, item)).toEqual(item);
      expect(changeOf(item, item)).toEqual({});
      expect(faultsOfItem(item)).toEqual({});
    }
  });

  it('tells what is changed and what is cleared, and keeps what no form edits', () => {
    const item = own('itemhdp02');
    const change = changeOf(item, { ...item, home: ' Loft ', condition: '', note: '', lent: { to: 'Maud' } });
    expect(change).toEqual({ home: 'Loft', lent: { to: 'Maud' } });
    expect(faultsOfItem({ ...item, lent: { to: 'Maud' } })).toEqual({ 'lent.on': 'say it' });
    expect(changeOf({ ...item, note: 'old' }, { ...item, note: ' ' })).toEqual({ cleared: ['note'] });
    expect(itemFrom({ ...item, home: 'Loft' }, item).faults).toBe(item.faults);
  });

  it('says one thing of many', () => {
    expect(saidOfMany('home', { home: 'Van' })).toEqual({ home: 'Van' });
    expect(saidOfMany('home', { home: '' })).toEqual({ cleared: ['home'] });
    expect(faultsOfItem({ tested: { on: '2026-12-01' } }, ['tested'])).toEqual({ 'tested.result': 'say it' });
    expect(ITEM_FORM.map(({ name }) => name)).not.toContain('meter');
  });

  it('is told as it was and as it is', () => {
    const before = { state: 'ready', home: 'Loft' } as const;
    const after = { state: 'in repair', lent: { to: 'Maud', on: '2026-12-01' }, meter: {} } as const;
    expect(changedWords(before, after)).toEqual([
      'State: ready → in repair',
      'Home place: Loft → nothing',
      'Lent out: nothing → Maud, 2026-12-01',
      'What a meter showed',
    ]);
  });
});

describe('a day of bookings', () => {
  it('runs from midnight to midnight of its place, also when clocks are put forward', () => {
    expect(dayBounds('2027-03-28', 'Europe/London')).toEqual({
      from: '2027-03-28T00:00:00.000Z',
      to: '2027-03-28T23:00:00.000Z',
    });
  });

  it('shows each as far as it lies in the day', () => {
    const span = (from: string, to: string, free = to) => ({ from, to, free });
    const all = [
      span('2026-12-04T12:00:00Z', '2026-12-04T18:00:00Z', '2026-12-05T06:00:00Z'),
      span('2026-12-03T12:00:00Z', '2026-12-04T06:00:00Z'),
      span('2026-12-03T12:00:00Z', '2026-12-04T00:00:00Z'),
      span('2026-12-05T00:00:00Z', '2026-12-05T06:00:00Z'),
    ];
    const bars = dayBars(all, '2026-12-04', 'UTC');
    expect(bars.map(({ begins, ends, free }) => [begins, ends, free])).toEqual([
      [0, 0.25, 0.25],
      [0.5, 0.75, 1],
    ]);
  });

  it('never shows one that ends before it begins', () => {
    const minute = fc.integer({ min: -3000, max: 3000 });
    fc.assert(
      fc.property(fc.array(fc.tuple(minute, fc.nat(2000), fc.nat(600))), spans => {
        const at = (minutes: number): string =>
          new Date(Date.UTC(2026, 11, 4) + minutes * 60_000).toISOString();
        const all = spans.map(([from, long, more]) => ({
          ...{ from: at(from), to: at(from + long + 1), free: at(from + long + 1 + more) },
        }));
        for (const { begins, ends, free } of dayBars(all, '2026-12-04', 'UTC')) {
          expect(0 <= begins && begins <= ends && ends <= free && free <= 1).toBe(true);
        }
      }),
    );
  });
});

describe('what always goes with a thing', () => {
  it('is on the list once, where the thing is, with what goes with that; not what is retired', () => {
    const items = {
      ...shelf.items,
      itembat02: { ...own('itembat02'), goesWith: 'itemcam01' },
      itemhdp01: { ...own('itemhdp01'), goesWith: 'itembat02' },
      itemhdp02: { ...own('itemhdp02'), goesWith: 'itemcam01', state: 'retired' as const },
      // A ring goes nowhere.
      itemcam01: { ...own('itemcam01'), goesWith: 'itemhdp01' },
    };
    const { lines, travels } = assess({ ...rest, plan, kinds, shelf: { items } }).pack;
    const more = Object.entries(lines).filter(([, { goesWith }]) => goesWith);
    expect(more.map(([id, { purpose }]) => [id, purpose])).toEqual([
      ['with itembat02', 'goes with CAM 01'],
      ['with itemchg01', 'goes with BAT 02'],
      ['with itemhdp01', 'goes with BAT 02'],
    ]);
    for (const [id] of more) expect(travels[id]).toEqual(travels.camwide01);
  });
});
