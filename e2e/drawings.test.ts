/** Venues as files: a drawing out and in again, and what is no drawing refused in words. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

async function download(page: Page, name: string): Promise<Buffer> {
  await page.getByRole('button', { name: 'Files' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name }).click(),
  ]);
  const chunks: Buffer[] = [];
  for await (const chunk of await file.createReadStream()) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

const partsOn = (page: Page): Promise<string[]> =>
  page
    .locator('[data-part]')
    .evaluateAll(parts => parts.map(part => part.getAttribute('aria-label') ?? '').sort());

describe('a drawing', () => {
  it('goes out as DXF and comes in again as the same hall, undone in one step', async () => {
    const page = await stage.open('/venues/venuegrange1');
    await page.locator('[data-part]').first().waitFor();
    const before = await partsOn(page);
    const dxf = await download(page, 'Drawing, DXF');
    expect(dxf.toString()).toContain('$INSUNITS');

    await page.goto(page.url().replace('venuegrange1', 'venuemillra1'));
    await page.getByLabel('Plan of Millrace bandstand').waitFor();
    await page.getByRole('button', { name: 'Bring in a drawing' }).click();
    const dialog = page.getByRole('dialog');
    const field = dialog.getByLabel('Drawing, .dxf or .svg');
    await field.setInputFiles({ name: 'grange.dxf', mimeType: 'image/vnd.dxf', buffer: dxf });
    await dialog.getByLabel('Layer AREAS-SEATING is').waitFor();
    expect(await dialog.getByLabel('Layer AREAS-SEATING is').inputValue()).toBe('areas seating');
    await dialog.getByText('16.00 m across').waitFor();
    await dialog.getByLabel(/instead of what was drawn before/).check();
    await dialog.getByRole('button', { name: 'Bring it in' }).click();
    await dialog.waitFor({ state: 'detached' });
    await page.getByRole('button', { name: /^office wall/ }).waitFor();
    // Readings of light and signal come back as notes: a drawing has no figures for them.
    const drawn = (all: readonly string[]): string[] =>
      all.filter(label => !/operator|light reading|, note,/.test(label));
    expect(drawn(await partsOn(page))).toEqual(drawn(before));
    await saved(page);
    await undo(page);
    await page.getByRole('button', { name: /^bandstand \+0.7/ }).waitFor();
  });

  it('is taken along as one page, as SVG and as PNG', async () => {
    const page = await stage.open('/venues/venuegrange1');
    await page.locator('[data-part]').first().waitFor();
    expect((await download(page, 'Venue sheet, PDF')).subarray(0, 5).toString()).toBe('%PDF-');
    expect((await download(page, 'Plan to scale, SVG')).toString()).toContain('1 : 100');
    expect([...(await download(page, 'Plan to scale, PNG')).subarray(0, 4)]).toEqual([
      0x89, 0x50, 0x4e, 0x47,
    ]);
  });

  it('that is broken, hostile or huge is refused in words, and the page goes on', async () => {
    const page = await stage.open('/venues/venuegrange1');
    await page.locator('[data-part]').first().waitFor();
    await page.getByRole('button', { name: 'Bring in a drawing' }).click();
    const dialog = page.getByRole('dialog');
    const refused = async (name: string, text: string, words: RegExp): Promise<void> => {
      const buffer = Buffer.from(text);
      await dialog
        .getByLabel('Drawing, .dxf or .svg')
        .setInputFiles({ name, mimeType: 'text/plain', buffer });
      await dialog.getByRole('alert').getByText(words).waitFor();
    };
    await refused('half.dxf', '0\nSECTION\n2\nENTITIES\n0', /cut off/);
    await refused('laughs.svg', '<!DOCTYPE svg [<!ENTITY a "ha">]><svg>&a;</svg>', /entities of its own/);
    await refused('script.svg', '<svg><script>1</script></svg>', /script/);
    await refused('plan.docx', 'words', /\.dxf or \.svg/);
    const folder = mkdtempSync(join(tmpdir(), 'drawings-'));
    const huge = join(folder, 'huge.dxf');
    writeFileSync(huge, Buffer.alloc(100 * 1024 * 1024));
    await dialog.getByLabel('Drawing, .dxf or .svg').setInputFiles(huge);
    await dialog
      .getByRole('alert')
      .getByText(/100 MB/)
      .waitFor();
    rmSync(folder, { recursive: true });
    await dialog.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: /^office wall/ }).focus();
  });
});
