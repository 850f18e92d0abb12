/** Journeys through Shots: where to put the cameras. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

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
        name: new RegExp(`^C3 SIDE, ${east ?? ''}\\d* m east, ${south ?? ''}\\d* m south`),
      })
      .waitFor();
    await undo(page);
    await page
      .getByLabel('Plan', { exact: true })
      .getByRole('button', { name: 'C3 SIDE, 16.40 m east, 13.90 m south' })
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

describe('shots', () => {
  it('hidden by pillars are cured by the fix of their snag', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await page.getByRole('button', { name: 'C2 NORTH', exact: true }).click();
    const hidden = figure(page, 'shots.shots.shotlecter.hidden');
    expect(await hidden.innerText()).toContain('55');
    await page.keyboard.press('s');
    await page.getByRole('button', { name: /^C2 NORTH cannot see all of Lectern/ }).click();
    await page
      .getByRole('region', { name: 'Snags' })
      .getByRole('button', { name: /^Move C2 NORTH/ })
      .click();
    await saved(page);
    await page.waitForFunction(() =>
      /\b0\b/.test(
        document.querySelector<HTMLElement>('[data-figure="shots.shots.shotlecter.hidden"]')?.innerText ?? '',
      ),
    );
    expect(await page.getByText(/cannot see all of Lectern/).count()).toBe(0);
    await undo(page);
  });

  it('of a panel of four hold every face once the lens is stopped down', async () => {
    const page = await stage.open('/events/eventsatur1/shots');
    const sharp = figure(page, 'shots.shots.shotpanel1.focus.everyFaceSharp');
    expect(await sharp.innerText()).toContain('no');
    expect(await figure(page, 'shots.shots.shotpanel1.focus.apertureForAll').innerText()).toContain('5.7');
    await page.keyboard.press('s');
    await page.getByRole('button', { name: /^P1 PANEL cannot hold every face of Panel/ }).click();
    await page
      .getByRole('region', { name: 'Snags' })
      .getByRole('button', { name: 'Stop P1 PANEL down to f/5.7', exact: true })
      .click();
    await saved(page);
    await page.waitForFunction(() =>
      /yes/.test(
        document.querySelector<HTMLElement>('[data-figure="shots.shots.shotpanel1.focus.everyFaceSharp"]')
          ?.innerText ?? '',
      ),
    );
    expect(await page.getByText(/cannot hold every face/).count()).toBe(0);
  });

  it('of a table from above hang straight over it, with a second fixing', async () => {
    const page = await stage.open('/events/eventsatur1/shots');
    await page.getByRole('button', { name: 'P2 LECTERN', exact: true }).click();
    const ledger = page.getByRole('main');
    await ledger.getByLabel('Shot size').selectOption('from above');
    await page.keyboard.press('s');
    await page.getByRole('button', { name: /^P2 LECTERN does not look straight down on Lectern/ }).click();
    await page
      .getByRole('button', { name: /^Put P2 LECTERN straight above/ })
      .first()
      .click();
    await saved(page);
    await page
      .getByText(/P2 LECTERN hangs over Lectern, from above: it needs a second fixing/)
      .first()
      .waitFor();
    expect(await figure(page, 'shots.shots.shotleader.viewVerdict').innerText()).toContain('good');
    expect(await figure(page, 'shots.shots.shotleader.verticalAngle').innerText()).toContain('90');
  });

  it('are asked for as a set, given importance and items, and shown side on, by keyboard alone', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await page.getByLabel('All shots for').focus();
    await page.getByLabel('All shots for').selectOption('talk with slides');
    await page.getByLabel('Mark of the set').focus();
    await page.getByLabel('Mark of the set').selectOption('Soloist');
    await saved(page);
    await page.keyboard.press('Tab');
    await page.keyboard.press('s');
    await page.getByText('No camera takes Soloist, full figure.').first().waitFor();
    await page.keyboard.press('Escape');
    await page.getByLabel('Importance').first().focus();
    await page.keyboard.press('v');
    await page.locator('summary', { hasText: 'Wanted in' }).first().focus();
    await page.keyboard.press('Enter');
    await page.getByRole('checkbox', { name: 'Choir of 24' }).first().focus();
    await page.keyboard.press('Space');
    await page.getByText('1 of 5 items').waitFor();
    await page.locator('summary', { hasText: 'Section along' }).first().focus();
    await page.keyboard.press('Enter');
    await page.getByRole('img', { name: /^Section from lens to subject/ }).waitFor();
    await saved(page);
  });

  it('are lit by a lamp that is turned to them, and framed by a lens from the shelf at what it costs', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    const plan = page.getByLabel('Plan', { exact: true });
    await plan
      .getByRole('button', { name: /^LAMP 2, / })
      .locator('.halo')
      .click();
    await page.getByText('it is turned to no mark').waitFor({ state: 'detached' });
    await page.getByLabel('Turned to').selectOption('Choir');
    const light = page.getByRole('region', { name: 'Light on Choir' });
    await light.getByText('It adds').waitFor();
    await saved(page);
    await page.getByRole('button', { name: 'Add lamp' }).focus();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^C2 NORTH cannot frame Lectern/ }).click();
    await snags.getByText('costs nothing elsewhere').first().waitFor();
    await snags.getByText(/but then: C2 NORTH stands where many look past it/).waitFor();
    await snags
      .getByRole('button', { name: 'Put “Lens, 35–100, for Four Thirds” on C2 NORTH', exact: true })
      .click();
    await snags
      .getByRole('button', { name: /^C2 NORTH cannot frame Lectern/ })
      .waitFor({ state: 'detached' });
    await page.keyboard.press('Escape');
    await saved(page);
    expect(await page.getByRole('combobox', { name: /^Lens/ }).inputValue()).toBe('lenstele1');
    await page.getByRole('button', { name: 'Add lamp' }).focus();
    for (let edits = 0; edits < 2; edits++) await undo(page);
  });

  it('are cut as a window from one picture, and taken by a camera that swings over nobody', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    const plan = page.getByLabel('Plan', { exact: true });
    const choir = page.getByRole('region', { name: 'Shot of Choir' });
    await choir.getByRole('checkbox', { name: /^A window cut from/ }).check();
    await figure(page, 'shots.shots.shotchoir1.window.sharp').getByText('no').waitFor();
    await page.getByText('Pictures at once, each for an input').waitFor();
    await plan
      .getByRole('button', { name: /^C3 SIDE, / })
      .locator('.halo')
      .click();
    await page.getByLabel('Worked').selectOption('on a crane');
    await page
      .getByText(/^The arm of C3 SIDE comes into or over the wall, /)
      .first()
      .waitFor();
    await page.getByLabel('Arm of the crane').fill('0.5');
    await page.getByLabel('Arm of the crane').press('Enter');
    await figure(page, 'shots.cameras.camside01.moving.takesIn').getByText('none').waitFor();
    await saved(page);
    await page.getByRole('button', { name: 'Add lamp' }).focus();
    for (let edits = 0; edits < 3; edits++) await undo(page);
  });
});
