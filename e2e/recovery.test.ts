/** When something goes wrong or was decided otherwise: a cut line, a rule of one's own, a state to bring back. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('a network that fails', () => {
  it('keeps edits on the page, says so, and sends them when it returns', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    const status = page.getByRole('status');
    // The rest of the page follows its first picture.
    await page.getByLabel('Lens height').waitFor();
    await page.context().setOffline(true);
    await page.getByLabel('Lens height').fill('1.8 m');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() =>
      document.querySelector('[role="status"]')?.textContent.includes('your changes are kept here'),
    );
    await page.getByLabel('East', { exact: true }).fill('3 m');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: /^C1 WIDE, 3\.00 m east/ }).waitFor();
    await page.context().setOffline(false);
    await status.filter({ hasText: 'Connected again' }).waitFor();
    const other = await stage.open(`/events/${FRIDAY}/shots`);
    await other.getByRole('button', { name: /^C1 WIDE, 3\.00 m east/ }).waitFor();
    expect(await other.getByLabel('Lens height').inputValue()).toBe('1.80 m');
    for (const undone of ['Move C1 WIDE', 'Height of C1 WIDE']) {
      await page.getByRole('button', { name: 'Undo (u)' }).click();
      await status.filter({ hasText: `Undo: ${undone}` }).waitFor();
    }
    await other.getByRole('button', { name: /^C1 WIDE, 2\.20 m east/ }).waitFor();
  });
});

describe('a part of the page that could not be fetched', () => {
  it('is left out, and comes when the network is back', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    const part = '**/assets/CoverageTable-*.js';
    await page.route(part, route => route.abort());
    await page.keyboard.press('3');
    await page.getByLabel('Lens height').waitFor();
    await page.waitForLoadState('networkidle');
    const table = page.getByRole('region', { name: 'Coverage' });
    expect(await table.count()).toBe(0);
    await page.unroute(part);
    await page.context().setOffline(true);
    await page.context().setOffline(false);
    await table.waitFor();
  });
});

describe('a rule chosen for this event', () => {
  it('changes what follows from it, shows where it comes from, and is given back to the house', async () => {
    const page = await stage.open(`/events/${FRIDAY}/stream`);
    const size = figure(page, 'stream.streams.outstream1.rung');
    expect(await size.innerText()).toContain('720p30');
    await page.getByRole('button', { name: 'Rules: house' }).click();
    const dialog = page.getByRole('dialog', { name: 'House rules' });
    await dialog.getByLabel(/Share of the measured upload/).selectOption('threeQuarters');
    await dialog.getByText('this event', { exact: true }).waitFor();
    await page.keyboard.press('Escape');
    await size.getByText('1080p30').waitFor();
    await page.getByRole('button', { name: 'Rules: own' }).click();
    await dialog.getByLabel(/Share of the measured upload/).selectOption('half');
    await page.keyboard.press('Escape');
    await size.getByText('720p30').waitFor();
    await page.getByRole('button', { name: 'Rules: house' }).waitFor();
    await saved(page);
  });
});

describe('the history', () => {
  it('names every edit with its author, and brings back an earlier state', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    const label = page.getByLabel('Event', { exact: true });
    for (const text of ['First try', 'Second try']) {
      await label.fill(text);
      await label.blur();
      await page.getByRole('banner').getByText(text).waitFor();
      await saved(page);
    }
    await page.getByRole('button', { name: 'History' }).click();
    const rows = page.getByRole('dialog', { name: 'History' }).getByRole('row');
    await rows.nth(2).waitFor();
    expect(await rows.nth(1).innerText()).toContain('Somebody here');
    await rows.nth(2).getByRole('button', { name: 'Bring back' }).click();
    await page.getByRole('banner').getByText('First try').waitFor();
    expect(await label.inputValue()).toBe('First try');
  });
});

describe('a file that is none', () => {
  it('is refused with the place and the reason, and nothing is imported', async () => {
    const page = await stage.open('/events');
    await page.getByRole('link', { name: /opening concert|First try/ }).waitFor();
    const choose = async (name: string, text: string): Promise<void> => {
      const [chooser] = await Promise.all([
        page.waitForEvent('filechooser'),
        page.getByText('Import a file').click(),
      ]);
      await chooser.setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
    };
    await choose('notes.satchel.json', 'not JSON at all');
    await page.getByRole('alert').filter({ hasText: /JSON/ }).waitFor();
    await choose('empty.satchel.json', JSON.stringify({ format: 'idle-satchel bundle', version: 1 }));
    await page
      .getByRole('alert')
      .filter({ hasText: /plan|venue|format/ })
      .waitFor();
    expect(await page.getByRole('link', { name: /opening concert|First try/ }).count()).toBe(1);
  });
});
