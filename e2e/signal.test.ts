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
    await snags.getByRole('button', { name: /^Sound is 119 ms early on Public stream/ }).click();
    await snags.getByRole('button', { name: 'Set a delay of 119 ms for the sound in SWITCHER' }).click();
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
