/** Power: the load shared out, the supply tree, what a device does when, and batteries planned. */
import { afterAll, afterEach, beforeAll, describe, it } from 'vitest';
import { FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage(1)));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('power', () => {
  it('is shared out: ways side by side, one of them taken', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    const ways = page.getByRole('region', { name: 'Share out the load' });
    await ways.getByRole('button', { name: 'Look for ways' }).click();
    await ways.getByText('As it is now: everything keeps its limits.').waitFor();
    await ways.getByRole('button', { name: 'Take: most reserve' }).click();
    await saved(page);
    await ways.getByRole('button', { name: 'Look for ways' }).click();
    await ways.getByText('As it is now: everything keeps its limits.').waitFor();
    await undo(page);
  });

  it('keeps a pair on one circuit once that is wanted: the load is shared out by it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    await page.getByRole('button', { name: 'Supply tree' }).click();
    await page.getByRole('treeitem', { name: /C3 SIDE/ }).click();
    const pairs = page.getByRole('region', { name: 'On one circuit, or on two' });
    await pairs.getByLabel('The other of the pair').selectOption({ label: 'SWITCHER' });
    await pairs.getByRole('button', { name: 'on one circuit' }).click();
    await pairs.getByText('together with SWITCHER').waitFor();
    const ways = page.getByRole('region', { name: 'Share out the load' });
    await ways.getByRole('button', { name: 'Look for ways' }).click();
    await ways.getByRole('button', { name: 'Take: fewest changes' }).click();
    await saved(page);
    // On one circuit now: how many they hang on is the figure of the pair.
    await pairs.getByRole('button', { name: /^together with SWITCHER.*1/ }).waitFor();
    await undo(page);
    await pairs.getByRole('button', { name: 'Forget: together with SWITCHER' }).click();
    await saved(page);
  });

  it('is drawn as a tree, in which a lead is plugged in elsewhere by keys', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    await page.getByRole('button', { name: 'Supply tree' }).click();
    const line = (name: string | RegExp) => page.getByRole('treeitem', { name });
    await line('LAMP 1').focus();
    await page.keyboard.press('m');
    await page.getByText('LAMP 1 is unplugged in your hand').waitFor();
    await page.keyboard.press('Enter');
    await page.getByText('Nothing can be plugged into LAMP 1.').waitFor();
    await line(/^STRIP/).focus();
    await page.keyboard.press('Enter');
    await line(/^STRIP *1\.1 A *205 W/).waitFor();
    await saved(page);
    await undo(page);
    await line(/^STRIP *0\.8 A *145 W/).waitFor();
  });

  it('follows what a device does when, and plans its batteries', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    await page.getByRole('button', { name: 'Supply tree' }).click();
    await page.getByRole('treeitem', { name: /C2 NORTH/ }).click();
    await page.getByText('25 min too short').waitFor();
    await page
      .getByRole('region', { name: 'What it does when' })
      .getByLabel(/^Doors/)
      .selectOption('Off');
    await page.getByText('4 min to spare').waitFor();
    await saved(page);
    await undo(page);
    const plan = page.getByRole('region', { name: 'Swap plan' });
    await plan.getByRole('button', { name: 'Plan the batteries' }).click();
    await plan.getByText('1 battery, 0 changes').waitFor();
    await plan.getByText('BIG 01').waitFor();
  });

  it('has a card of batteries on the day, which what was read sets right', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    const plan = page.getByRole('region', { name: 'Swap plan' });
    await plan.getByRole('button', { name: 'Plan the batteries' }).click();
    await plan.getByRole('button', { name: 'Use this plan' }).click();
    const card = page.getByRole('region', { name: 'Batteries of the day' });
    await card.getByText('Look at BIG 01').first().waitFor();
    // Before the day nothing is noted.
    await card.getByText('On the day, changes and what each battery shows').waitFor();
    await saved(page);
    const { origin } = new URL(page.url());
    const bundle: unknown = await (await page.request.get(`${origin}/api/v1/events/${FRIDAY}/bundle`)).json();
    const { start } = (bundle as { documents: { plan: { body: { start: string } } } }).documents.plan.body;
    await page.clock.setFixedTime(new Date(Date.parse(start) - 30 * 60_000));
    await page.goto(`${origin}/events/${FRIDAY}/day`);
    await page.getByLabel('Your name').fill('Maud');
    const look = card.getByRole('listitem').filter({ hasText: 'Look at BIG 01' }).first();
    await look.getByText('should show 69 %').waitFor();
    await look.getByLabel(/^Shows, %/).fill('104');
    await look.getByText('from 0 to 100').waitFor();
    await look.getByLabel(/^Shows, %/).fill('60');
    await page.keyboard.press('Enter');
    await card.getByText('showed 60 %, read by Maud').waitFor();
    // It gave twice as much as was planned until then: the first of what it feeds goes dark before the end.
    await card.getByText('it is empty before').waitFor();
    await card.getByRole('button', { name: /^Take back/ }).click();
    await look.getByText('should show 69 %').waitFor();
    await saved(page);
  });

  it('tells what fails with each source, and which breakers are proved', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    const fails = page.getByRole('region', { name: 'If a source fails' });
    await fails.getByRole('button', { name: 'Show what goes dark' }).click();
    const north = fails.getByRole('listitem').filter({ hasText: 'Circuit 1, north' });
    await north.getByText('North aisle screen').waitFor();
    const breakers = page.getByRole('region', { name: 'Breakers and sockets' });
    await breakers.getByText('Which breaker is which').click();
    await breakers.getByLabel('Proved: north aisle').check();
    await breakers.getByText('3 of 4 to be proved').waitFor();
    await breakers.getByLabel('Proved: north aisle').uncheck();
    await breakers.getByText('4 of 4 to be proved').waitFor();
  });

  it('takes what a meter showed in place of the book, once it is ticked', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    await page.getByRole('button', { name: 'Supply tree' }).click();
    const camera = page.getByRole('treeitem', { name: /C3 SIDE/ });
    await camera.click();
    await page.getByRole('region', { name: 'Measured' }).getByRole('button').click();
    const noted = page.getByRole('dialog', { name: /^Measured/ });
    await noted.getByLabel('The meter shows, W').fill('42');
    await noted.getByRole('button', { name: 'Note this reading' }).click();
    await noted.getByText('does not count yet').waitFor();
    await noted.getByRole('checkbox').check();
    await noted.getByRole('cell', { name: '42 W (1 reading)' }).first().waitFor();
    await noted.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('treeitem', { name: /C3 SIDE.*42 W/ }).waitFor();
  });
});
