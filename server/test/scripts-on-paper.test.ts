/** Names of many scripts on paper: written in a typeface that has their letters, or said to be boxes. */
import type { Sheet } from '@idle-satchel/core';
import { describe, expect, it } from 'vitest';
import { bytesOf } from '../src/features/sheets/paper.js';
import { pdfOf } from '../src/features/sheets/pdf.js';
import { pdfText } from './pdf-text.js';

const sheetOf = (...names: string[]): Sheet =>
  ({
    title: 'People',
    about: names[0] ?? '',
    columns: [
      { label: 'Name', width: 2 },
      { label: 'Does', width: 1 },
    ],
    sections: [{ heading: names[0] ?? '', rows: names.map(name => [name, 'Floor']) }],
    notes: [],
  }) as unknown as Sheet;
const wordsOf = async (...names: string[]): Promise<string> =>
  pdfText(Buffer.from(await bytesOf(pdfOf(sheetOf(...names), 'A4'))));
const BOXES = /A box stands for a letter/;

describe('a list on paper', () => {
  it.each([
    'Łukasz Żak',
    'Çağla Işık',
    'Ирина Маркова',
    'Γιώργος Παπάς',
    'Արամ',
    'გიორგი',
    'Ottoline Græsholm',
  ])('writes %s, as heading and in a row', async name => {
    const words = await wordsOf(name, 'Petra Lund');
    expect(words.split(name).length - 1, words).toBeGreaterThanOrEqual(2);
    expect(words).toContain('Petra Lund');
    expect(words).not.toMatch(BOXES);
  });

  it.each(['אברהם', 'محمد'])('has the letters of %s, which runs from right to left', async name => {
    const words = await wordsOf(name);
    expect(words).not.toMatch(BOXES);
    expect(words).toContain('Floor');
  });

  it('says where a script is none of its typefaces’, and writes everything else', async () => {
    const words = await wordsOf('王小明', 'Petra Lund');
    expect(words).toMatch(BOXES);
    expect(words).toContain('Petra Lund');
  });

  it('keeps to its own typeface where that has all letters, tabs and breaks being none', async () => {
    const plain = Buffer.from(await bytesOf(pdfOf(sheetOf('Petra\nLund'), 'A4'))).toString('latin1');
    expect(plain).not.toContain('DejaVu');
    const wide = Buffer.from(await bytesOf(pdfOf(sheetOf('Łukasz Żak'), 'A4'))).toString('latin1');
    expect(wide).toContain('DejaVu');
  });
});
