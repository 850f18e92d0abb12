/** Every sheet of the demo events as the text it says, held against a file that people can read and compare. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { chapelBundle, fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { SHEETS } from '../../src/sheets/all.js';
import { cameraCards } from '../../src/sheets/camera-cards.js';
import type { Sheet } from '../../src/sheets/sheet.js';

const EVENTS: Readonly<Record<string, Bundle>> = {
  friday: fridayBundle(),
  chapel: chapelBundle(),
  'friday-in-feet': { ...fridayBundle(), rules: { ...fridayBundle().rules, units: 'imperial' } },
};

/** A sheet as text: cells with a bar between, a blank line before each section. */
function textOf({ title, columns, sections, notes, ...rest }: Sheet): string {
  const line = (cells: readonly string[]): string => cells.join(' | ').trimEnd();
  return [
    title,
    JSON.stringify(rest),
    line(columns.map(({ label }) => label)),
    ...sections.flatMap(({ heading, rows }) => ['', `## ${heading}`, ...rows.map(line)]),
    '',
    ...notes,
    '',
  ].join('\n');
}

describe.each(Object.entries(EVENTS))('%s', (event, bundle) => {
  const assessment = assess(bundle);
  it.each(Object.entries(SHEETS))('%s says what it said', async (name, make) => {
    const sheet = make(bundle, assessment);
    for (const { rows, numbers } of sheet.sections) {
      for (const row of [...rows, ...numbers]) expect(row).toHaveLength(sheet.columns.length);
      expect(numbers).toHaveLength(rows.length);
    }
    await expect(textOf(sheet)).toMatchFileSnapshot(`golden/${event}-${name}.txt`);
  });

  it('cards of cameras say what they said', async () => {
    const cards = cameraCards(bundle, assessment).map(
      ({ picture: _picture, wedge: _wedge, ...card }) => card,
    );
    const text = `${JSON.stringify(cards, null, 1)}\n`;
    await expect(text).toMatchFileSnapshot(`golden/${event}-cameraCards.txt`);
  });
});
