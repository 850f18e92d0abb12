/** Journeys through Shots: where to put the cameras. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('positions', () => {
  it('are looked for, one is refused, and what is found is used in one edit and undone', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await page.getByRole('button', { name: 'Find positions' }).click();
    const panel = page.getByRole('region', { name: 'Find positions' });
    await panel.getByRole('button', { name: 'Search' }).click();
    const use = panel.getByRole('button', { name: 'Use way A' });
    await use.waitFor();
    expect(await panel.getByRole('button', { name: /^[A-D]$/ }).count()).toBe(4);
    expect(await panel.getByRole('cell', { name: 'proven' }).count()).toBe(4);
    const place = panel.getByRole('region', { name: 'Place of C3 SIDE' });
    const before = await place.innerText();
    await place.getByRole('button', { name: 'Not here' }).click();
    await panel.getByText(/^None within 1\.00 m of/).waitFor();
    await page.waitForFunction(
      was => document.querySelector<HTMLElement>('[aria-label="Place of C3 SIDE"]')?.innerText !== was,
      before,
    );
    await panel.getByRole('textbox', { name: 'East' }).fill('9');
    await panel.getByRole('textbox', { name: 'South' }).fill('5');
    await panel.getByRole('textbox', { name: 'South' }).press('Enter');
    await panel.getByRole('button', { name: 'Ask' }).click();
    await panel.getByText(/would reach into “pews north”/).waitFor();
    await panel.getByRole('button', { name: 'Search' }).waitFor();
    const [, east, south] = /([\d.]+) m east, ([\d.]+) m south/.exec(await place.innerText()) ?? [];
    await use.click();
    await saved(page);
    await page
      .getByLabel('Plan', { exact: true })
      .getByRole('button', {
        name: `C3 SIDE, ${Number(east).toFixed(1)} m east, ${Number(south).toFixed(1)} m south`,
      })
      .waitFor();
    await undo(page);
    await page
      .getByLabel('Plan', { exact: true })
      .getByRole('button', { name: 'C3 SIDE, 16.4 m east, 13.9 m south' })
      .waitFor();
  });

  it('are not looked for any longer than wished', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await page.getByRole('button', { name: 'Find positions' }).click();
    await page.getByRole('checkbox', { name: /also outside/ }).check();
    await page.getByRole('button', { name: 'Search', exact: true }).click();
    await page.getByRole('button', { name: 'Stop', exact: true }).click();
    expect(await page.getByRole('button', { name: 'Search', exact: true }).isEnabled()).toBe(true);
    expect(await page.getByRole('button', { name: /^Use way/ }).count()).toBe(0);
  });
});
