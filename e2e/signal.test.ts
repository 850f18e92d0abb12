/** Journeys through Signal: what runs through each lead. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('a format', () => {
  it('that the switcher does not take is a stop, says the exact setting, and is cured by its fix', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    const setting = figure(page, 'signal.settings.laptopwor');
    await setting.getByText('1920 × 1080 at 25 Hz, progressive').waitFor();
    await page.getByLabel('WORDS gives').selectOption('1080p60');
    await figure(page, 'signal.formats.linkword1.taken').getByText('60 is not 25').waitFor();
    await saved(page);
    await figure(page, 'signal.sources.laptopwor.input').focus();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^WORDS gives 1080p60 and HDMI in 4 of SWITCHER/ }).click();
    await snags.getByRole('button', { name: /^Put “Scaler, HDMI to HDMI” SCA 01 into the lead/ }).click();
    await snags.getByRole('button', { name: /^WORDS gives 1080p60/ }).waitFor({ state: 'detached' });
    await page.keyboard.press('Escape');
    await saved(page);
    expect(await figure(page, 'signal.sources.laptopwor.input').innerText()).toContain('HDMI in 4');
    await page.getByText('Scaler, HDMI to HDMI').first().waitFor();
    await figure(page, 'signal.sources.laptopwor.input').focus();
    for (let edits = 0; edits < 2; edits++) await undo(page);
    await setting.getByText('1920 × 1080 at 25 Hz, progressive').waitFor();
  });
});

describe('sound', () => {
  it('that is early is brought together by the delay of its fix, and told again once a camera is measured', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    const early = figure(page, 'signal.latency.outstream1.sources.camwide01.offset');
    expect(await early.innerText()).toContain('119');
    await early.focus();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    // Both outputs have it from the same switcher, so they stand in one line.
    await snags
      .getByRole('button', { name: /^And 1 more with the same cause: Sound is 119 ms early on/ })
      .waitFor();
    await snags.getByRole('button', { name: /^Sound is 119 ms early on/ }).click();
    await snags
      .getByRole('button', { name: 'Set a delay of 119 ms for the sound in SWITCHER', exact: true })
      .click();
    await snags
      .getByRole('button', { name: /^Sound is/ })
      .first()
      .waitFor({ state: 'detached' });
    await page.keyboard.press('Escape');
    await page.getByLabel('Pictures late, if measured, in C1 WIDE').fill('10');
    await page.getByLabel('Pictures late, if measured, in C1 WIDE').press('Enter');
    await saved(page);
    await early.getByText('−71').waitFor();
    await early.focus();
    for (let edits = 0; edits < 2; edits++) await undo(page);
  });
});

describe('gear', () => {
  it('that is added stands at the desk, and has its place fields wherever it is selected', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    await page.getByLabel('What to add').fill('monitor, 7 inch');
    await page
      .getByRole('region', { name: 'Add gear' })
      .getByRole('button', { name: /^Monitor/ })
      .click();
    const signal = page.getByRole('region', { name: 'Selected device' });
    // The desk of the house, by the south door.
    await expect.poll(() => signal.getByLabel('East').inputValue()).toBe('4.50 m');
    await signal.getByLabel('East').fill('3 m');
    await signal.getByLabel('East').press('Enter');
    await page.getByRole('link', { name: /Power$/ }).click();
    const selected = page.getByRole('region', { name: 'Selected: MONITOR' });
    await expect.poll(() => selected.getByLabel('East').inputValue()).toBe('3.00 m');
    await selected.getByLabel('Stands').selectOption({ label: 'in DESK RACK' });
    await selected.getByLabel('East').waitFor({ state: 'detached' });
    await selected.getByLabel('Stands').selectOption({ label: 'on the floor, or on a table of ours' });
    await expect.poll(() => selected.getByLabel('East').inputValue()).toBe('4.50 m');
    await selected.getByLabel('Stands').selectOption({ label: 'on desk' });
    await selected.getByLabel('East').waitFor({ state: 'detached' });
    await saved(page);
    await page.getByRole('heading', { name: /Devices/ }).click();
    for (let edits = 0; edits < 5; edits++) await undo(page);
    await selected.waitFor({ state: 'detached' });
  });
});

describe('a fix that takes something away', () => {
  it('stands in the list with what is lost, and is made by no key', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    const line = page.getByRole('contentinfo');
    await line.getByRole('button', { name: 'Add the adapter ADD 01' }).waitFor();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^C3 SIDE ends in HDMI D.*: an adapter is missing/ }).click();
    const lost = 'C3 SIDE → SWITCHER is unplugged.';
    await snags.getByText(lost).waitFor();
    const offers = await snags.getByRole('listitem').filter({ hasText: lost }).innerText();
    expect(offers.indexOf('Add the adapter')).toBeLessThan(offers.indexOf('Unplug this link'));
    await page.keyboard.press('s');
    await page.getByRole('heading', { name: 'Sources' }).click();
    await page.keyboard.press('f');
    await line.getByText(/an adapter is missing/).waitFor({ state: 'hidden' });
    await page.getByText('C3 SIDE adapter').first().waitFor();
    await saved(page);
    await undo(page);
  });
});
