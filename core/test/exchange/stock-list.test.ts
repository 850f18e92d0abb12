/** Lists of stock: forgiving of order and names, and a reason for every line that cannot be read. */
import { describe, expect, it } from 'vitest';
import { stockFrom } from '../../src/exchange/index.js';
import { libraryKinds } from '../../src/library/index.js';

const read = (...lines: string[]) =>
  stockFrom(
    lines.map(line => line.split(';')),
    libraryKinds,
    ['N30 01'],
  );

describe('a list of stock', () => {
  it('is read in any order of columns, by what people call them', () => {
    expect(
      read('Qty;Item;Code;Condition;x', '3;Network cable, 10 m;N10;good;?', '8;cable ramp, 0.9 m;RAMP;;'),
    ).toEqual({
      items: [
        { tape: 'N10 01', kind: 'netw0010m', state: 'ready' },
        { tape: 'N10 02', kind: 'netw0010m', state: 'ready' },
        { tape: 'N10 03', kind: 'netw0010m', state: 'ready' },
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
});
