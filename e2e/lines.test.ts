import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage(1)));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('what leaves a place', () => {
  it('shares its line, and may be a call, which comes out of a computer that holds it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    await page.getByRole('button', { name: 'Add a call' }).click();
    // No computer of the event holds a call yet, so that nothing can be chosen.
    const device = page.getByLabel('Device of Call');
    expect(await device.locator('option').allInnerTexts()).toEqual(['not chosen yet']);
    await page.getByRole('button', { name: 'Add a stream' }).click();
    await page.getByLabel('Device of Stream').selectOption({ label: 'SWITCHER' });
    await page.getByRole('link', { name: /Stream$/ }).click();
    // 6.3 Mb/s measured, half of it for three.
    await expect
      .poll(() => figure(page, 'stream.streams.outstream1.share').innerText())
      .toMatch(/1\.05\s*Mb\/s/);
    await saved(page);
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByText(/Nothing feeds “Call”/).waitFor();
  });
});
