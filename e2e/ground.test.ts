/** Drawing in the venue: for one event under Ground, for good at the venue's own door. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

type Target = ReturnType<Page['locator']>;

const part = (page: Page, name: string | RegExp): Target =>
  page.getByLabel('Plan', { exact: true }).getByRole('button', { name });
const picked = (page: Page, name: string): Target => page.getByRole('region', { name: `Picked: ${name}` });

async function middleOf(target: Target): Promise<{ x: number; y: number }> {
  const box = await target.boundingBox();
  if (!box) throw new Error('it is not drawn');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** Pulls something by so many pixels of the screen. */
async function pull(page: Page, target: Target, dx: number, dy: number): Promise<void> {
  const { x, y } = await middleOf(target);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
  await page.mouse.move(x + dx, y + dy, { steps: 4 });
  await page.mouse.up();
}

describe('Ground with the pointer', () => {
  it('pulls a socket along its wall, a corner to a right angle, and takes it all back', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    await pull(page, part(page, /^by the desk, mains socket/), 60, 6);
    // Drawn to the south wall, 15.4 m down, however roughly it was pulled.
    await part(page, /^by the desk, mains socket, 4\.\d0 m east, 15\.40 m south/).waitFor();
    await undo(page);
    await part(page, /^by the desk, mains socket, 2\.60 m east, 15\.40 m south/).waitFor();

    await part(page, /^pews north/).click();
    const corner = part(page, /^Corner 3 of pews north/);
    const before = await corner.getAttribute('aria-label');
    await pull(page, corner, 30, 2);
    await page.waitForFunction(
      was => document.querySelector('[data-corner="2"]')?.getAttribute('aria-label') !== was,
      before,
    );
    // 2 px off the level: drawn back to it.
    expect(await corner.getAttribute('aria-label')).toMatch(
      /^Corner 3 of pews north, 15\.\d0 m east, 6\.90 m south/,
    );
    await undo(page);
    await part(page, 'Corner 3 of pews north, 14.00 m east, 6.90 m south').waitFor();
  });

  it('draws a block of seats corner by corner with typed lengths, repeats, mirrors and locks it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    await part(page, /^chancel \+/).waitFor();
    await page.getByRole('button', { name: 'Draw' }).click();
    await page.getByRole('menuitem', { name: 'seats' }).click();
    const bar = page.getByRole('form', { name: 'Drawing' });
    await bar.getByRole('button', { name: 'Start here' }).click();
    for (const [metres, direction] of [
      ['2', 'east'],
      ['1.5', 'south'],
      ['2', 'west'],
    ] as const) {
      await bar.getByLabel('Length of this side').fill(metres);
      await bar.getByLabel('Direction of this side').selectOption({ label: direction });
      await page.keyboard.press('Enter');
      if (direction !== 'west')
        await bar.getByLabel('Length of this side').and(page.locator('[value=""]')).waitFor();
    }
    await bar.getByRole('button', { name: 'Finish' }).click();
    const ledger = picked(page, 'seats');
    expect(await ledger.getByLabel('north side').inputValue()).toBe('2.00 m');
    expect(await ledger.getByLabel('east side').inputValue()).toBe('1.50 m');
    await ledger.getByLabel('north side').fill('2.4');
    await page.keyboard.press('Enter');
    await ledger.getByLabel('south side').and(page.locator('[value="2.40 m"]')).waitFor();

    await ledger.getByRole('button', { name: 'Repeat …' }).click();
    await ledger.getByLabel('East', { exact: true }).fill('3');
    await ledger.getByLabel('every').first().fill('2.6');
    await ledger.getByRole('button', { name: 'Repeat', exact: true }).click();
    const all = page.getByRole('region', { name: 'Picked things' });
    await all.getByText('3 things').waitFor();
    await all.getByRole('button', { name: 'Mirror east–west' }).click();
    await all.getByRole('button', { name: 'Lock' }).click();
    await part(page, /^seats 3, seats, .* locked$/).waitFor();
    const where = await part(page, /^seats 3/).getAttribute('aria-label');
    await page.keyboard.press('ArrowRight');
    await all.getByRole('button', { name: 'Unlock' }).click();
    await part(page, /^seats 3, seats, .* south$/).waitFor();
    expect(where).toContain((await part(page, /^seats 3/).getAttribute('aria-label')) ?? '?');
    await saved(page);
    // Unlock, lock, mirror, repeat, measure, draw: six steps back.
    for (let step = 0; step < 6; step++) await undo(page);
    expect(await part(page, /^seats/).count()).toBe(0);
    await page.getByText('Nothing: the venue is as it was surveyed.').waitFor();
  });

  it('draws an area with one pull, from corner to corner', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    await part(page, /^chancel \+/).waitFor();
    const from = await middleOf(part(page, /^N1, pillar/));
    await page.getByRole('button', { name: 'Draw' }).click();
    await page.getByRole('menuitem', { name: 'keep clear' }).click();
    await page.getByText('pull a rectangle, or click its corners').waitFor();
    await page.mouse.move(from.x + 90, from.y + 60);
    await page.mouse.down();
    await page.mouse.move(from.x + 20, from.y + 20, { steps: 4 });
    await page.mouse.up();
    const ledger = picked(page, 'keep clear');
    const [north, south] = ['north side', 'south side'].map(side => ledger.getByLabel(side));
    expect(await north?.inputValue()).toBe(await south?.inputValue());
    expect(await ledger.getByLabel(/ side$/).count()).toBe(4);
    await saved(page);
    await undo(page);
    await page.getByText('Nothing: the venue is as it was surveyed.').waitFor();
  });

  it('measures between two points and fades what is not wanted', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    await part(page, /^chancel \+/).waitFor();
    const [from, to] = [await middleOf(part(page, /^N1, pillar/)), await middleOf(part(page, /^N4, pillar/))];
    await page.getByRole('button', { name: 'Measure' }).click();
    await page.mouse.click(from.x, from.y);
    await page.mouse.move(to.x, to.y, { steps: 3 });
    // Three bays of 3.9 m, to the grid of 0.1 m.
    await page.getByText(/^11\.[67]0 m \(/).waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Layers' }).click();
    await page.getByRole('checkbox', { name: 'Seats' }).uncheck();
    await page.locator('[data-layer="seats"][data-lit="false"]').waitFor({ state: 'attached' });
  });
});

describe('Ground with the keyboard alone', () => {
  it('finds, moves, turns, measures, renames and takes out, each undone', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    await part(page, /^chancel \+/).waitFor();
    await page.keyboard.press('/');
    await page.getByRole('dialog').getByRole('textbox').waitFor();
    await page.keyboard.type('N2');
    await page.keyboard.press('Enter');
    await picked(page, 'N2').waitFor();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Shift+ArrowDown');
    await part(page, /^N2, pillar, 8\.60 m east, 4\.20 m south/).waitFor();
    await page.keyboard.press('r');
    await picked(page, 'N2').getByLabel('Turned').and(page.locator('[value="5 °"]')).waitFor();
    await picked(page, 'N2').getByLabel('Side or diameter').focus();
    await page.keyboard.type('0.9');
    await page.keyboard.press('Enter');
    await picked(page, 'N2').getByLabel('Side or diameter').and(page.locator('[value="0.90 m"]')).waitFor();
    await part(page, /^N2/).focus();
    await page.keyboard.press('Delete');
    await part(page, /^N2/).waitFor({ state: 'detached' });
    await page
      .getByText('pillars · n2 · taken out', { exact: false })
      .or(page.getByText(/taken out/))
      .first()
      .waitFor();
    for (let step = 0; step < 4; step++) await undo(page);
    await part(page, /^N2, pillar, 8\.50 m east, 3\.20 m south/).waitFor();
  });
});

describe('a venue at its own door', () => {
  it('is changed for good, checked as one goes, and its events are told', async () => {
    const page = await stage.open('/venues');
    await page.getByRole('link', { name: 'Open St Alder’s, Nether Quill' }).click();
    await part(page, /^gallery stairs/).click();
    await page.keyboard.press('Delete');
    const line = page.getByRole('contentinfo');
    await page.keyboard.press('s');
    await page
      .getByRole('region', { name: 'Snags' })
      .getByText('No stairs to “gallery +3.1” are drawn.')
      .waitFor();
    await page.keyboard.press('Escape');
    await page.getByLabel('Upload measured, Mb/s').fill('8.2');
    await page.keyboard.press('Enter');
    await page.getByText('8.20 Mb/s up').waitFor();
    await saved(page);
    await part(page, /^N1, pillar/).focus();
    await undo(page);
    await undo(page);
    await part(page, /^gallery stairs/).waitFor();
    await line.getByText('No stairs to').waitFor({ state: 'detached' });

    const event = await stage.open(`/events/${FRIDAY}/ground`);
    await event.getByRole('button', { name: 'Take it over' }).click();
    await event.getByText('survey 5').waitFor();
  });

  it('refuses what is no length, kindly, and keeps what was typed', async () => {
    const page = await stage.open('/venues');
    await page
      .getByRole('link', { name: 'Open Cedar Hollow Community Chapel' })
      .or(page.getByRole('link', { name: 'Open St Alder’s, Nether Quill' }))
      .first()
      .click();
    await part(page, /^N1, pillar/).click();
    const size = picked(page, 'N1').getByLabel('Side or diameter');
    await size.fill('wide');
    await page.keyboard.press('Enter');
    await picked(page, 'N1').getByRole('alert').getByText('a length such as 3.8 m').waitFor();
    expect(await size.inputValue()).toBe('wide');
    await size.fill('99');
    await page.keyboard.press('Enter');
    await picked(page, 'N1').getByRole('alert').getByText('from 0.05 m to 10.00 m').waitFor();
    await page.keyboard.press('Escape');
    expect(await size.inputValue()).toBe('0.70 m');
  });
});

describe('a plan that is held somewhere else after all', () => {
  it('moves to the grange: matched, chosen, settled, and taken back in one step', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    await page.getByRole('button', { name: 'Move to another venue …' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Venue').selectOption({ label: 'Quill Grange hall' });
    const answer = (name: string): Target => dialog.getByLabel(name, { exact: true });
    await answer('Lectern, mark, is there').waitFor();
    expect(await answer('Lectern, mark, is there').inputValue()).toBe('marklecte');
    expect(await answer('by the desk, mains socket, is there').inputValue()).toBe('');
    await answer('by the desk, mains socket, is there').selectOption({ label: 'by the door' });
    await dialog.getByRole('button', { name: 'Move the plan' }).click();

    await page.getByLabel('Plan of Quill Grange hall').waitFor();
    await part(page, /^Choir, mark/).waitFor();
    await page.getByRole('button', { name: 'place of Choir is right' }).click();
    await page.getByRole('button', { name: 'place of Choir is right' }).waitFor({ state: 'detached' });
    await page.keyboard.press('s');
    const lost = page
      .getByRole('region', { name: 'Snags' })
      .getByRole('listitem')
      .filter({ hasText: 'a socket that is not in this venue' });
    await lost.first().waitFor();
    // Those that are alike stand in one line until somebody wants to see them.
    await page.getByRole('button', { name: /^And \d+ more .*a socket that is not in this venue/ }).click();
    await lost.nth(1).waitFor();
    const before = await lost.count();
    await lost.first().getByRole('button').first().click();
    await page
      .getByRole('button', { name: /^Plug it into / })
      .first()
      .click();
    await page.waitForFunction(
      was =>
        [...document.querySelectorAll('[aria-label="Snags"] li')].filter(li =>
          li.textContent?.includes('a socket that is not in this venue'),
        ).length < was,
      before,
    );
    await page.keyboard.press('Escape');
    await saved(page);
    for (let step = 0; step < 3; step++) await undo(page);
    await page.getByRole('link', { name: /Ground/ }).click();
    await page.getByLabel('Plan of St Alder’s, Nether Quill').waitFor();
    await page.getByText('Nothing: the venue is as it was surveyed.').waitFor();
  });
});
