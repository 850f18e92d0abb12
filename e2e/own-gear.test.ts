/** Journeys with one's own gear and words: a kind described in full, a rack put in, a running order pasted. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

/** Types numbers into fields by their labels, each kept with Enter’s neighbour, Tab. */
async function typed(page: Page, fields: Readonly<Record<string, string>>): Promise<void> {
  for (const [label, text] of Object.entries(fields)) {
    const field = page.getByLabel(label, { exact: true });
    await field.fill(text);
    await field.blur();
  }
}

describe('a kind of one’s own', () => {
  it('is described in full, told what is wrong beside its fields, and can be added to a plan', async () => {
    const page = await stage.open('/shelf/kinds');
    await page.getByRole('button', { name: 'New kind' }).click();
    const form = page.getByRole('form', { name: 'Kind' });
    await form.getByLabel('What it is').fill('Shoulder camera, 2/3-inch');
    await form.getByLabel('Family').selectOption('camera');
    await typed(page, {
      'Sensor, wide': '9.6 mm',
      'Sensor, high': '5.4',
      'Shortest focal length': '152',
      'Longest focal length': '8',
      'Picture, wide': '1920',
      Weight: '4,2 kg',
    });
    await form.getByLabel('Say more of it').selectOption('Battery inside, charged before');
    await typed(page, { Holds: '98' });
    await form.getByRole('button', { name: 'Add a port' }).click();
    await form.getByLabel('Name of port 1').fill('SDI out');
    await form.getByLabel('Way of SDI out').selectOption('out');
    await form.getByLabel('Connector of SDI out').selectOption('BNC');
    await form.getByRole('button', { name: 'More about SDI out' }).click();
    await form.getByLabel('1080p50', { exact: true }).check();
    await form.getByRole('button', { name: 'Save the kind' }).click();
    await form.getByText('is shorter than the shortest').waitFor();
    await form.getByText('One field is not right yet.').waitFor();
    await typed(page, { 'Shortest focal length': '8', 'Longest focal length': '152' });
    await form.getByRole('button', { name: 'Save the kind' }).click();
    await page.getByText('“Shoulder camera, 2/3-inch” is saved.').waitFor();

    await page.goto(new URL(`/events/${FRIDAY}/signal`, page.url()).href);
    await page.getByLabel('What to add').fill('2/3 shoulder');
    const offers = page.getByRole('region', { name: 'Add gear' });
    await offers.getByRole('button', { name: 'Shoulder camera, 2/3-inch' }).first().click();
    await page.getByRole('region', { name: 'Selected device' }).waitFor();
    await saved(page);
  });
});

describe('a rack', () => {
  it('is put in under Racks, what is owned and free first', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    await page.getByRole('button', { name: 'Add a rack' }).click();
    const offers = page.getByRole('list', { name: 'Racks to add' }).getByRole('listitem');
    await offers.first().waitFor();
    const words = await offers.allInnerTexts();
    const unowned = words.map(each => each.includes('not on the shelf'));
    expect(unowned).toEqual([...unowned].sort((a, b) => Number(a) - Number(b)));
    await offers.first().getByRole('button').click();
    await page.getByRole('button', { name: 'RACK 2' }).waitFor();
    await saved(page);
    await undo(page);
    await page.getByRole('button', { name: 'RACK 2' }).waitFor({ state: 'detached' });
  });
});

describe('a running order', () => {
  it('is pasted as text, with what cannot be read said, and goes on with Enter', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    await page.getByRole('button', { name: 'Paste it as text' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('The running order').fill('Prayer 5 lectern\nSomething\nAnthem 15 choir');
    await dialog.getByText('say how many minutes it takes').waitFor();
    await dialog.getByRole('button', { name: 'Add 2 items' }).click();
    await page.locator('input[value="Anthem"]').waitFor();
    // 95 minutes live before, and 20 more.
    await expect.poll(() => figure(page, 'brief.phases.live').innerText()).toContain('115');
    await page.locator('input[value="Anthem"]').press('Enter');
    await page.locator('input[value="New item"]').waitFor();
    expect(await page.evaluate(() => (document.activeElement as HTMLInputElement).value)).toBe('New item');
    await page.keyboard.type('Collection');
    await page.keyboard.press('Tab');
    await page.locator('input[value="Collection"]').waitFor();
    await saved(page);
    // Letters are no shortcuts while something is typed.
    await page.getByRole('heading', { name: 'Running order' }).click();
    for (let i = 0; i < 3; i++) await undo(page);
    await page.locator('input[value="Anthem"]').waitFor({ state: 'detached' });
  });
});
