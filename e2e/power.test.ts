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
});
