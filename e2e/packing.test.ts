/** Journeys from a rack that is arranged to cases that are packed and a car that is loaded. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('a rack', () => {
  it('is arranged in one of the ways that are set side by side, and what stays put stays', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    const thing = (words: RegExp) => page.getByRole('button', { name: words }).first();
    await thing(/^STRIP, 1 U from unit 2/).focus();
    await page.getByLabel('It stays at its unit').check();
    await page.getByRole('button', { name: 'Look for better orders' }).click();
    const take = page.getByRole('button', { name: /^Take: Shortest leads/ });
    await take.waitFor();
    // The tray goes down and router and switch above it; the strip stays.
    await take.click();
    await thing(/^NETWORK, 1 U from unit 3/).waitFor();
    await thing(/^STRIP, 1 U from unit 2/).waitFor();
    await saved(page);
    await undo(page);
    await thing(/^NETWORK, 1 U from unit 1/).waitFor();
  });

  it('has its inner wiring beneath it, laced and cut from the stock', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    const list = page.getByRole('region', { name: 'Inner wiring of racks' });
    await list
      .getByRole('row', { name: /HDMI out 1 of SWITCHER HDMI in of RECORDER HDMI 0\.80 m/ })
      .waitFor();
    expect(await list.getByRole('link', { name: 'PDF' }).getAttribute('href')).toContain('inner-wiring.pdf');
  });
});

describe('the cases', () => {
  it('are packed by the search, and tell where a thing is', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByRole('button', { name: 'Cases', exact: true }).click();
    const crate = page.getByRole('region', { name: 'CABLE CRATE' });
    await crate.getByRole('img', { name: /^Layer 1 of/ }).waitFor();
    await crate.getByRole('img', { name: 'CABLE CRATE from a corner, 14 things' }).waitFor();
    await page.getByRole('button', { name: 'Pack the cases' }).click();
    await page.getByRole('button', { name: 'Use this packing' }).click();
    await saved(page);
    await page.getByLabel('Where is').fill('hook');
    await page.getByText(/CABLE CRATE, layer \d of \d/).waitFor();
  });

  it('take what is put into them by hand, and say what is too large', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByLabel('C1 WIDE, Tripod, fluid head, travels in').selectOption('CABLE CRATE');
    await saved(page);
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^C1 WIDE is larger than CABLE CRATE is inside/ }).click();
    await snags.getByRole('button', { name: 'Take it out of CABLE CRATE' }).click();
    await saved(page);
    expect(await snags.getByText('is larger than CABLE CRATE').count()).toBe(0);
  });
});

describe('a car', () => {
  it('carries what it may, less with more people in it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByRole('button', { name: 'Vehicles' }).click();
    const payload = figure(page, 'pack.vehicles.carodile1.payload');
    await expect.poll(() => payload.innerText()).toContain('485');
    await page.getByLabel('People besides the driver').fill('4');
    await page.keyboard.press('Enter');
    await expect.poll(() => payload.innerText()).toContain('260');
    await page.getByRole('button', { name: 'Load the vehicles' }).click();
    await page.getByText('Nothing is left behind.').waitFor();
    await page.getByRole('button', { name: 'Use this order' }).click();
    await saved(page);
  });
});
