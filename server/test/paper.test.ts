/** Paper: every sign of every sheet can be written by its typeface, and a table goes on under the head of each page. */
import { assess, cameraCards, SHEETS, type Bundle, type Sheet } from '@idle-satchel/core';
import { chapelBundle, fridayBundle } from '@idle-satchel/core/demo';
import { buffer } from 'node:stream/consumers';
import { describe, expect, it } from 'vitest';
import { newPdf, onPaper } from '../src/features/sheets/paper.js';
import { pdfOf } from '../src/features/sheets/pdf.js';
import { scaleFor } from '../src/features/sheets/plan-on-paper.js';

const friday = fridayBundle();
const EVENTS: readonly (readonly [string, Bundle])[] = [
  ['the demo', friday],
  ['the demo in feet', { ...friday, rules: { ...friday.rules, units: 'imperial' } }],
  ['a small event', chapelBundle()],
];
interface Typeface {
  hasGlyphForCodePoint(code: number): boolean;
}
/** The typeface that a document writes with now. */
function typeface(name: 'text' | 'bold' | 'tape'): Typeface {
  const pdf = newPdf('a title', {}).font(name);
  return (pdf as unknown as { _font: { font: Typeface } })._font.font;
}
const FACES = { text: typeface('text'), bold: typeface('bold'), tape: typeface('tape') };

const missing = (text: string, face: keyof typeof FACES): string[] =>
  [...onPaper(text)].filter(
    sign => sign >= ' ' && !FACES[face].hasGlyphForCodePoint(sign.codePointAt(0) ?? 0),
  );

describe.each(EVENTS)('%s', (_, bundle) => {
  const assessment = assess(bundle);
  it.each(Object.entries(SHEETS))('%s can be written', (_name, make) => {
    const { title, about, columns, sections, notes } = make(bundle, assessment);
    expect(missing([title, ...sections.map(({ heading }) => heading)].join(' '), 'tape')).toEqual([]);
    expect(missing(columns.map(({ label }) => label).join(' '), 'bold')).toEqual([]);
    expect(
      missing([about, ...notes, ...sections.flatMap(({ rows }) => rows.flat())].join(' '), 'text'),
    ).toEqual([]);
  });

  it('cards of cameras can be written', () => {
    const words = cameraCards(bundle, assessment).flatMap(({ label, kind, lines, shots }) => [
      label,
      kind,
      ...lines.flat(),
      ...shots,
    ]);
    expect(missing(words.join(' '), 'text')).toEqual([]);
  });
});

describe('signs that the typefaces have not', () => {
  it.each([
    ['a → b', 'a > b'],
    ['☐', '[   ]'],
    ['12′ 6″', `12' 6"`],
    ['≥ 5 Ω', 'at least 5 ohm'],
    ['as it is · 1.5 mm², 20 °', 'as it is · 1.5 mm², 20 °'],
  ])('%s is written %s', (text, written) => {
    expect(onPaper(text)).toBe(written);
  });

  it('are none of those that they have', () => {
    expect(FACES.text.hasGlyphForCodePoint('→'.codePointAt(0) ?? 0)).toBe(false);
  });
});

describe('a long sheet', () => {
  const row = (i: number): string[] => [
    `${i}`,
    'words that are as long as they have to be to take two lines '.repeat(2),
  ];
  const sheet = (rows: number): Sheet => ({
    title: 'A list',
    about: 'an event',
    columns: [
      { label: 'No.', width: 5, align: 'right' },
      { label: 'What', width: 30 },
    ],
    sections: [
      { heading: 'First', rows: Array.from({ length: rows }, (_, i) => row(i)), numbers: [] },
      { heading: 'Empty', rows: [], numbers: [] },
      { heading: 'Last', rows: [row(0)], numbers: [] },
    ],
    notes: ['A note.'],
  });
  const pages = async (rows: number, paper: 'A4' | 'LETTER' = 'A4'): Promise<number> => {
    const bytes = await buffer(pdfOf(sheet(rows), paper));
    return bytes.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
  };

  it('goes on over as many pages as it takes, and no more', async () => {
    expect(await pages(1)).toBe(1);
    expect(await pages(100)).toBeGreaterThan(2);
    // Lower paper takes as many pages or more.
    expect(await pages(100, 'LETTER')).toBeGreaterThanOrEqual(await pages(100));
  });

  it('grows by a page at a time', async () => {
    const counts = await Promise.all(Array.from({ length: 40 }, (_, i) => pages(i + 10)));
    for (const [i, count] of counts.entries())
      expect(count - (counts[i - 1] ?? count)).toBeLessThanOrEqual(1);
    expect(counts.at(-1)).toBeGreaterThan(counts[0] ?? NaN);
  });
});

describe('the scale of a plan', () => {
  /** Share of a page of 770 × 480 pt that a room takes at its scale, on the side that is tighter. */
  const shareOf = (across: number, down: number): number => {
    const outline = [
      [0, 0],
      [across, 0],
      [across, down],
      [0, down],
    ] as const;
    const points = 72 / 0.0254 / scaleFor(outline, 770, 480);
    return Math.max((across * points) / 770, (down * points) / 480);
  };

  it('fills its page but for a tenth or so, from a chapel to a park', () => {
    for (let metres = 7; metres < 1600; metres *= 1.013) {
      for (const down of [metres * 0.3, metres]) {
        expect(shareOf(metres, down), `${metres} m`).toBeGreaterThan(0.88);
        expect(shareOf(metres, down), `${metres} m`).toBeLessThanOrEqual(1);
      }
    }
  });
});
