/** Venues as files: a drawing out and in again, and what is no drawing refused in words. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { download, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const partsOn = (page: Page): Promise<string[]> =>
  page
    .locator('[data-part]')
    .evaluateAll(parts => parts.map(part => part.getAttribute('aria-label') ?? '').sort());

describe('a drawing', () => {
  it('goes out as DXF and comes in again as the same hall, undone in one step', async () => {
    const page = await stage.open('/venues/venuegrange1');
    await page.locator('[data-part]').first().waitFor();
    const before = await partsOn(page);
    const dxf = await download(page, 'Files', 'Drawing, DXF');
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
    expect((await download(page, 'Files', 'Venue sheet, PDF')).subarray(0, 5).toString()).toBe('%PDF-');
    expect((await download(page, 'Files', 'Plan to scale, SVG')).toString()).toContain('1 : 100');
    expect([...(await download(page, 'Files', 'Plan to scale, PNG')).subarray(0, 4)]).toEqual([
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

describe('a picture of a plan', () => {
  it('is put under the drawing, scaled by one known length, turned, faded and taken away', async () => {
    const page = await stage.open('/venues/venuegrange1');
    await page.locator('[data-part]').first().waitFor();
    await page.getByRole('button', { name: 'Trace' }).click();
    const dialog = page.getByRole('dialog');
    const field = dialog.getByLabel('Picture of the plan, PNG, JPEG, SVG or PDF');
    await field.setInputFiles({ name: 'plan.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
    await dialog
      .getByRole('alert')
      .getByText(/PNG, JPEG or SVG/)
      .waitFor();
    // A wall of 800 px that is known to be 16 m long.
    const svg =
      '<svg xmlns="http://www.w3.org/2000/svg" width="1000" height="600"><rect x="100" y="100" width="800" height="400" fill="none" stroke="black" stroke-width="6"/></svg>';
    await field.setInputFiles({ name: 'plan.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
    const picture = dialog.getByRole('img', { name: 'The picture to trace' });
    await picture.locator('image').waitFor({ state: 'attached' });
    const box = await picture.boundingBox();
    if (!box) throw new Error('the picture is not shown');
    const shown = Math.min(box.width / 1000, box.height / 600);
    const left = box.x + (box.width - 1000 * shown) / 2;
    const top = box.y + (box.height - 600 * shown) / 2;
    await page.mouse.click(left + 100 * shown, top + 100 * shown);
    await page.mouse.click(left + 900 * shown, top + 100 * shown);
    await dialog.getByLabel('The known length').fill('16 m');
    await dialog.getByRole('button', { name: 'Put it under the plan' }).click();
    await dialog.waitFor({ state: 'detached' });
    const under = page.locator('svg.plan image');
    await under.waitFor({ state: 'attached' });
    // Drawn 2000 px wide, 1600 of them 16 m: 0.01 m to a pixel, 25 px of the plan to a metre.
    const scale = Number(/scale\(([\d.]+)\)/.exec((await under.getAttribute('transform')) ?? '')?.[1]);
    expect(scale).toBeCloseTo(0.25, 2);
    await page.getByLabel('Turned').fill('3');
    await page.keyboard.press('Enter');
    await page.locator('svg.plan image[transform*="rotate(3)"]').waitFor({ state: 'attached' });
    await page.getByRole('button', { name: 'Take it away' }).click();
    await under.waitFor({ state: 'detached' });
  });

  it('is a page of a PDF as well; one that is broken or that does not end is refused', async () => {
    const page = await stage.open('/venues/venuegrange1');
    await page.locator('[data-part]').first().waitFor();
    const sheet = await download(page, 'Files', 'Venue sheet, PDF');
    await page.getByRole('button', { name: 'Trace' }).click();
    const dialog = page.getByRole('dialog');
    const field = dialog.getByLabel('Picture of the plan, PNG, JPEG, SVG or PDF');
    const give = (buffer: Buffer): Promise<void> =>
      field.setInputFiles({ name: 'sheet.pdf', mimeType: 'application/pdf', buffer });
    await give(sheet.subarray(0, 400));
    await dialog.getByRole('alert').getByText('This PDF is broken or cut off.').waitFor();
    await give(Buffer.from('no page at all'));
    await dialog.getByRole('alert').getByText('This PDF is broken or cut off.').waitFor();
    await give(sheet);
    const picture = dialog.getByRole('img', { name: 'The picture to trace' });
    await picture.waitFor();
    // A landscape page of A4, 2400 px on its longer side.
    expect(await picture.getAttribute('viewBox')).toBe('0 0 2400 1697');
    await dialog.getByRole('alert').waitFor({ state: 'detached' });
  });
});
