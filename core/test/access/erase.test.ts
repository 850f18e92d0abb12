/** Names taken out of texts, documents and patches. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { eraserOf } from '../../src/access/index.js';
import { fridayBundle } from '../../src/demo/index.js';
import { applyPatch } from '../../src/foundations/index.js';

describe('a name of several words', () => {
  const { text } = eraserOf(['Petra Lund']);
  it.each([
    ['Petra Lund', 'somebody'],
    ['lent by PETRA  lund, on Friday', 'lent by somebody, on Friday'],
    ['Petra Lund’s tripod and Petra\nLund', 'somebody’s tripod and somebody'],
    ['(Petra Lund)', '(somebody)'],
    // Another person; a word that goes on.
    ['Petra Lundgren', 'Petra Lundgren'],
    ['SuperPetra Lund', 'SuperPetra Lund'],
    ['Petra', 'Petra'],
    ['Lund, Petra', 'Lund, Petra'],
  ])('%j becomes %j', (from, to) => expect(text(from)).toBe(to));

  it.each([
    // Composed, and with its accents apart.
    ['Zoë Ångström'.normalize('NFC'), `by ${'Zoë Ångström'.normalize('NFD')}`, 'by somebody'],
    ['Łukasz Żak', 'ŁUKASZ ŻAK was here', 'somebody was here'],
    ['田中太郎', '責任者は田中太郎さん', '責任者はsomebodyさん'],
    ['J. (Jo) O’Neil [x]', 'J. (Jo) O’Neil [x]', 'somebody'],
    ['علي حسن', 'مع علي حسن', 'مع somebody'],
  ])('%j is found in %j', (name, from, to) => expect(eraserOf([name]).text(from)).toBe(to));
});

describe('a name of one word', () => {
  const { text, value } = eraserOf(['May']);
  it('is one only where a text says who somebody is', () => {
    expect([text('May', 'by'), text(' may ', 'who'), text('May', 'label'), text('May be', 'by')]).toEqual([
      ...['somebody', 'somebody', 'May', 'May be'],
    ]);
  });
  it('and in a patch by where it writes', () => {
    const patch = [
      { op: 'add', path: '/ticks/a', value: { check: 'May', by: 'May' } },
      { op: 'replace', path: '/ticks/a/by', value: 'May' },
      { op: 'replace', path: '/label', value: 'May' },
    ];
    expect(value(patch)).toEqual([
      { op: 'add', path: '/ticks/a', value: { check: 'May', by: 'somebody' } },
      { op: 'replace', path: '/ticks/a/by', value: 'somebody' },
      { op: 'replace', path: '/label', value: 'May' },
    ]);
  });
  it('is taken out everywhere where that is asked', () => {
    expect(eraserOf(['May'], { everywhere: true }).text('May: hand, maybe')).toBe('somebody: hand, maybe');
  });
});

describe('an eraser', () => {
  const { plan } = fridayBundle();
  const marked = {
    ...plan,
    label: 'Petra Lund’s evening',
    ticks: { tickoftest01: { check: 'x', by: 'Petra Lund', at: plan.start } },
  };
  const eraser = eraserOf(['Petra Lund'], { also: ['Petra’s'] });

  it('says by a patch what it does to a body', () => {
    const patch = eraser.patch(marked);
    expect(patch).toEqual([
      { op: 'replace', path: '/label', value: 'somebody’s evening' },
      { op: 'replace', path: '/ticks/tickoftest01/by', value: 'somebody' },
    ]);
    expect(applyPatch(marked, patch)).toEqual(eraser.value(marked));
    expect(JSON.stringify(eraser.value(marked))).not.toContain('Petra Lund');
  });

  it('makes no text longer than its field takes it', () => {
    const { text } = eraserOf(['Bo Li']);
    expect(text('Bo Li '.repeat(20).trim()).length).toBe(119);
    expect([text('Bo Li', 'by'), text('tripod of Bo Li', 'tape'), text('tripod of Bo Li')]).toEqual([
      ...['somebody', 'tripod of somebo', 'tripod of somebody'],
    ]);
    // Never half of a sign that takes two places.
    expect(text(`${'x'.repeat(25)} Bo Li 👍👍`)).toBe(`${'x'.repeat(25)} somebody `);
  });

  it('leaves what has no such name in it as the same value', () => {
    expect(eraser.value(plan)).toBe(plan);
    expect(eraser.patch(plan)).toEqual([]);
  });

  it('takes other texts out only as they are written', () => {
    expect([eraser.text('Petra’s camera'), eraser.text('petra’s camera')]).toEqual([
      'somebody camera',
      'petra’s camera',
    ]);
  });

  it('tells where words of the name stand by themselves', () => {
    const body = {
      label: 'Petra Lund and Petra',
      notes: { one: { text: 'Lundgren' }, two: { text: 'by Lund' } },
    };
    expect(eraser.mentions(body)).toEqual([
      { path: '/label', word: 'Petra', text: 'somebody and Petra' },
      { path: '/notes/two/text', word: 'Lund', text: 'by Lund' },
    ]);
  });

  it('erases whatever name there may be, and erasing again changes nothing', () => {
    const word = fc
      .stringMatching(/^[\p{L}\p{M}’.()*+?[\]^$|\\-]{1,12}$/u)
      .filter(each => /\p{L}/u.test(each));
    fc.assert(
      fc.property(word, word, fc.string(), fc.string(), (first, last, before, after) => {
        const name = `${first} ${last}`;
        const { text } = eraserOf([name]);
        const once = text(`${before} ${name} ${after}`);
        expect(once.includes(` ${name} `)).toBe(false);
        expect(text(once)).toBe(once);
      }),
    );
  });
});
