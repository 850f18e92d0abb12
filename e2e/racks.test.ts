/** Journeys in racks: things moved by hand and by keys in a drawing to scale, a tray that is too full, a rack that gets warm. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const view = (page: Page, name: string) => page.getByRole('group', { name: `DESK RACK from the ${name}` });
const thing = (page: Page, name: string, words: RegExp) =>
  view(page, name).getByRole('button', { name: words });
const snags = (page: Page) => page.getByRole('region', { name: 'Snags' });

describe('a rack', () => {
  it('is drawn from both sides and cut open, and things go from unit to unit and rail to rail by keys', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    await page.getByRole('group', { name: 'DESK RACK from the side, cut open' }).waitFor();
    await thing(page, 'rear', /^STRIP, 1 U from unit 2/).focus();
    await page.keyboard.press('ArrowDown');
    await thing(page, 'rear', /^STRIP, 1 U from unit 1/).waitFor();
    // Behind the switch nothing is left for it.
    await expect
      .poll(() => figure(page, 'racks.racks.deskrack1.items.striprac1.behind').innerText())
      .toContain('−0.03');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('r');
    await thing(page, 'front', /^STRIP, 1 U from unit 2/).waitFor();
    await figure(page, 'racks.racks.deskrack1.items.striprac1.shared').waitFor();
    await saved(page);
    await undo(page);
    await thing(page, 'rear', /^STRIP, 1 U from unit 2/).waitFor();
  });

  it('takes what is dragged onto its tray, and says that it is too wide for it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    const words = page.getByRole('region', { name: 'Off the rails' }).getByRole('button', { name: 'WORDS' });
    const [from, to] = [await words.boundingBox(), await thing(page, 'front', /^TRAY/).boundingBox()];
    if (!from || !to) throw new Error('the rack is not drawn');
    await page.mouse.move(from.x + 10, from.y + 10);
    await page.mouse.down();
    await page.mouse.move(from.x + 40, from.y - 40, { steps: 4 });
    await page.mouse.move(to.x + to.width / 2, to.y + to.height - 15, { steps: 8 });
    await page.mouse.up();
    await thing(page, 'front', /^WORDS, on a tray/).waitFor();
    await saved(page);
    await page.keyboard.press('s');
    await snags(page).getByText('What lies on TRAY in DESK RACK is wider than it.').waitFor();
  });

  it('that gets warm is cooled by fans that were tried, with the degrees they bring', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    await figure(page, 'racks.racks.deskrack1.air.rise').waitFor();
    await page.keyboard.press('s');
    await snags(page)
      .getByRole('button', { name: /^DESK RACK gets warm/ })
      .click();
    await snags(page)
      .getByRole('button', { name: /^Add fan panel.*: 22 °C at SWITCHER$/ })
      .click();
    await page.keyboard.press('Escape');
    await thing(page, 'rear', /^FANS/).waitFor();
    // Six tenths of 110 m³/h.
    await expect.poll(() => figure(page, 'racks.racks.deskrack1.air.flow').innerText()).toContain('66');
    await saved(page);
  });
});
