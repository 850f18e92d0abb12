/** From a tape measure to an event without a stop, with every action counted, at a desk and on a phone. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

type Locator = ReturnType<Page['locator']>;

/** What a person does, counted: each field that is filled in, each choice, click and key. */
class Hands {
  actions = 0;
  constructor(private readonly page: Page) {}
  async click(what: Locator): Promise<void> {
    this.actions++;
    await what.click();
  }
  async fill(what: Locator, text: string): Promise<void> {
    this.actions++;
    await what.fill(text);
  }
  async choose(what: Locator, label: string): Promise<void> {
    this.actions++;
    await what.selectOption({ label });
  }
  async press(key: string): Promise<void> {
    this.actions++;
    await this.page.keyboard.press(key);
  }
}

async function surveyedHall(page: Page, hands: Hands): Promise<void> {
  await hands.click(page.getByRole('link', { name: 'Survey a venue' }));
  const field = (label: string) => page.getByLabel(label, { exact: true });
  await hands.fill(field('Name'), 'Thornmere Village Hall');
  await hands.fill(field('Length'), '16.4');
  await hands.fill(field('Width'), '9.2');
  await hands.fill(field('Marks, with commas between'), 'Speaker, Panel 4 seated, Choir 24 standing');
  await hands.fill(field('Breakers, A each'), '16 13');
  for (const [i, along] of ['2.5', '4', '12', '12'].entries())
    await hands.fill(field(`Place of socket ${i + 1}`), along);
  await hands.click(field('A stage in the east'));
  await hands.fill(field('Depth of the stage'), '3.2');
  await hands.fill(field('Height of the stage'), '0.8');
  await hands.fill(field('Clear width of the aisle'), '1.5');
  await hands.fill(field('Rows'), '8');
  await hands.fill(field('Chairs in a row, each side'), '5');
  await hands.fill(field('Place of door 1'), '4.6');
  await hands.fill(field('Width of door 1'), '1.6');
  await hands.fill(field('Light at the faces, upright, lx'), '240');
}

async function newEvent(page: Page, hands: Hands, name: string, venue: string): Promise<void> {
  await hands.click(page.getByRole('button', { name: 'New event' }));
  const dialog = page.getByRole('dialog');
  await hands.fill(dialog.getByRole('textbox', { name: 'Name' }), name);
  await hands.choose(dialog.getByRole('combobox', { name: /^Venue/ }), venue);
  await hands.click(dialog.getByRole('button', { name: 'Make the event' }));
  await page.getByRole('navigation', { name: 'Stations' }).waitFor();
}

describe.each([
  ['at a desk', 1280, 800],
  ['on a phone', 390, 844],
])('a hall and its event, %s', (_, width, height) => {
  it('are surveyed in 40 actions at most and planned in 20, and nothing half typed is lost', async () => {
    const page = await stage.open('/venues');
    await page.setViewportSize({ width, height });
    const survey = new Hands(page);
    await surveyedHall(page, survey);
    await page.reload();
    expect(await page.getByLabel('Rows', { exact: true }).inputValue()).toBe('8');
    const sideways = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(await sideways()).toBeLessThanOrEqual(0);
    await survey.click(page.getByRole('button', { name: 'Keep this venue' }));
    // On a phone it stands in the menu.
    await page.getByText('survey, for every event').waitFor({ state: 'attached' });
    expect(survey.actions).toBeLessThanOrEqual(40);

    await page.goto(new URL('/events', page.url()).href);
    const plan = new Hands(page);
    await newEvent(page, plan, 'Annual meeting', 'Thornmere Village Hall');
    await plan.click(page.getByRole('button', { name: 'Add a stream' }));
    await plan.click(page.getByRole('button', { name: 'Paste it as text' }));
    const dialog = page.getByRole('dialog');
    await plan.fill(
      dialog.getByLabel('The running order'),
      'Rig 60\nWelcome 5 speaker\nReport 20 speaker\nQuestions 30 panel\nSongs 15 choir\nStrike 30',
    );
    await plan.click(dialog.getByRole('button', { name: 'Add 6 items' }));
    await page.locator('input[value="Questions"]').waitFor();
    await plan.click(page.getByRole('button', { name: 'Add an item' }));
    await plan.fill(page.locator('input[value="New item"]'), 'Thanks');
    await plan.press('Enter');
    expect(plan.actions).toBeLessThanOrEqual(20);
    expect(await page.getByLabel('Mark of Questions').inputValue()).not.toBe('');
    expect(await sideways()).toBeLessThanOrEqual(0);
    // The snags can be read and closed by touch alone.
    await page
      .getByRole('contentinfo')
      .getByRole('button', { name: /more|all/ })
      .click();
    await page.getByRole('region', { name: 'Snags' }).getByRole('listitem').first().waitFor();
    expect(await sideways()).toBeLessThanOrEqual(0);
  });
});

describe('one’s own gear', () => {
  it('is two cameras, a laptop, a recorder and the house desk, wired without a stop in 45 actions', async () => {
    const page = await stage.open('/events');
    const hands = new Hands(page);
    await newEvent(page, hands, 'Two cameras', 'St Alder’s, Nether Quill');
    await hands.click(page.getByRole('button', { name: 'Add a stream' }));
    await hands.click(page.getByRole('button', { name: 'Add a recording' }));
    await hands.click(
      page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Signal/ }),
    );
    await hands.click(page.getByRole('button', { name: /^Use house desk/ }));
    const gear = page.getByRole('region', { name: 'Add gear' });
    for (const [words, label] of [
      ['switcher', 'SWITCHER'],
      ['camera 1-inch', 'CAMERA'],
      ['camera 1-inch', 'CAMERA 2'],
      ['words and slides', 'LAPTOP'],
      ['recorder', 'RECORDER'],
      ['encoder', 'BONDED CELLULAR ENCODER'],
    ] as const) {
      await hands.fill(gear.getByLabel('What to add'), words);
      // What is owned and free stands first.
      await hands.click(gear.getByRole('listitem').first().getByRole('button').first());
      await expect.poll(() => page.getByLabel('Label', { exact: true }).inputValue()).toBe(label);
    }
    await hands.click(page.getByRole('button', { name: 'Connect the rest' }));
    await hands.click(page.getByRole('button', { name: /^Accept \d/ }));
    await page.getByRole('heading', { name: 'Sources' }).click();
    const line = page.getByRole('contentinfo');
    const stops = async () =>
      (await page.getByRole('navigation', { name: 'Stations' }).innerText()).includes('stop');
    const fix = line.locator('kbd', { hasText: /^f$/ });
    await expect.poll(stops).toBe(true);
    while (hands.actions < 45 && (await stops())) {
      await fix.first().waitFor();
      const before = await line.innerText();
      await hands.press('f');
      await expect.poll(() => line.innerText()).not.toBe(before);
      await expect.poll(async () => !(await stops()) || (await fix.count()) > 0).toBe(true);
    }
    expect(await stops()).toBe(false);
    expect(hands.actions).toBeLessThanOrEqual(45);
  });
});
