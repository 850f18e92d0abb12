/** A venue from nothing but a tape measure and a keyboard, and an event planned in it. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, saved, setStage, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

/** A slow typist: 150 keys a minute. */
const SECONDS_PER_KEY = 0.4;

describe('what one event found different', () => {
  it('is kept in the survey for all, undone in one step, and the venue copied and put away', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    const nave = page.getByLabel('Nave length');
    await nave.fill('20.6 m');
    await page.keyboard.press('Enter');
    const ledger = page.getByRole('main');
    await ledger.getByText('areas · pews north · outline').waitFor();
    await ledger.getByRole('button', { name: /^Keep all/ }).click();
    await ledger.getByText('Nothing: the venue is as it was surveyed.').waitFor();
    await ledger.getByText('survey 2').waitFor();
    expect(await nave.inputValue()).toBe('20.60 m');
    await saved(page);

    const other = await stage.open('/venues');
    const venue = (name: string) =>
      other.getByRole('row').filter({ has: other.locator(`input[value="${name}"]`) });
    const history = other.getByRole('button', { name: 'History of St Alder’s, Nether Quill' });
    await history.getByText('2').waitFor();
    await history.click();
    await other.getByRole('dialog').getByText('Keep changes in the survey').waitFor();
    await other.keyboard.press('Escape');
    await other.getByRole('button', { name: 'Copy St Alder’s, Nether Quill' }).click();
    await venue('Copy of St Alder’s, Nether Quill').waitFor();
    await other.getByRole('button', { name: 'Put away Copy of St Alder’s, Nether Quill' }).click();
    await venue('Copy of St Alder’s, Nether Quill').waitFor({ state: 'detached' });
    await other.getByLabel('show 1 put away').check();
    await other.getByRole('button', { name: 'Bring back Copy of St Alder’s, Nether Quill' }).click();
    await other.getByRole('button', { name: 'Put away Copy of St Alder’s, Nether Quill' }).waitFor();

    await page.getByRole('button', { name: 'Undo (u)' }).click();
    await ledger.getByText('areas · pews north · outline').waitFor();
    expect(await nave.inputValue()).toBe('20.60 m');
    await page.getByRole('button', { name: 'Undo (u)' }).click();
    await ledger.getByText('Nothing: the venue is as it was surveyed.').waitFor();
    expect(await nave.inputValue()).toBe('20.00 m');
  });
});

describe('a hall', () => {
  it('is surveyed from numbers in under two minutes of keys, drawn as one types, and planned in', async () => {
    const page = await stage.open('/venues');
    await page.getByRole('link', { name: 'Survey a venue' }).click();
    let keys = 0;
    let fields = 0;
    const press = async (key: string, times = 1): Promise<void> => {
      for (let i = 0; i < times; i++) await page.keyboard.press(key);
      keys += times;
    };
    const type = async (text: string): Promise<void> => {
      await page.keyboard.type(text);
      keys += text.length;
      fields++;
    };
    const picture = page.getByRole('img', { name: /as surveyed so far/ });
    await page.getByLabel('Shape').waitFor();
    // The shape is right already: a hall. One aisle block, two breakers and four sockets stand there as guesses.
    await press('Tab');
    await type('Thornmere Village Hall');
    await press('Tab');
    await type('16.4');
    await picture.getByText('16.40 m').waitFor();
    await press('Tab');
    await type('9.2');
    await picture.getByText('9.20 m').waitFor();
    await press('Tab');
    await type('Speaker, Panel, Screen');
    await picture.getByText('Panel').waitFor();
    // Past the mains to the breakers and along the four sockets: wall, place, breaker, drop.
    await press('Tab', 2);
    await type('16 13');
    for (const place of ['2.5', '4', '12', '12']) {
      await press('Tab', 2);
      await type(place);
      await press('Tab', 2);
    }
    // Over “Add a socket”, the stage and the seats to the aisle’s width.
    await press('Tab', 4);
    await type('1.5');
    await press('Enter');
    await page.getByText('survey, for every event').waitFor();
    const seconds = keys * SECONDS_PER_KEY;
    process.stdout.write(
      `survey of a hall: ${fields} fields, ${keys} keys, ${seconds} s at ${SECONDS_PER_KEY} s a key\n`,
    );
    expect(seconds).toBeLessThan(120);

    await page.getByRole('link', { name: 'Venues', exact: true }).click();
    const row = page.getByRole('row').filter({ has: page.locator('input[value="Thornmere Village Hall"]') });
    await row.waitFor();
    expect((await row.innerText()).replace(/\s+/g, ' ')).toContain('230 V, 50 Hz 3 4 0 5 1');

    await page.getByRole('link', { name: 'Events', exact: true }).click();
    await page.getByRole('button', { name: 'New event' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Annual meeting');
    await page.getByLabel(/^Live at/).fill('2026-12-11T19:00');
    await page.getByRole('combobox', { name: /^Venue/ }).selectOption({ label: 'Thornmere Village Hall' });
    await page.getByRole('button', { name: 'Make the event' }).click();
    await page.getByRole('navigation', { name: 'Stations' }).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: /Ground/ }).click();
    await page.getByRole('heading', { name: /^Still unmeasured/ }).waitFor();
    await page
      .getByRole('button', { name: /^\d+ more$/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'place of the door is right' }).click();
    await page.getByRole('button', { name: 'place of the door is right' }).waitFor({ state: 'detached' });
  });

  it('that was mistyped says so at the field, keeps what was typed, and is not kept', async () => {
    const page = await stage.open('/venues/new');
    await page.getByLabel('Length').fill('sixteen');
    await page.getByRole('alert').filter({ hasText: 'a length such as' }).waitFor();
    expect(await page.getByRole('button', { name: 'Keep this venue' }).isDisabled()).toBe(true);
    expect(await page.getByLabel('Length').inputValue()).toBe('sixteen');
    await page.getByLabel('Length').fill('54\' 6"');
    await page.getByRole('img').getByText('16.61 m').waitFor();
    for (const shape of ['nave', 'corner', 'polygon', 'round', 'field', 'meeting', 'theatre']) {
      await page.getByLabel('Shape').selectOption(shape);
      await page.getByRole('img').locator('polygon').first().waitFor();
    }
  });
});
