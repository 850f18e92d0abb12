import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { download, figure, FRIDAY, handedOver, saved, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage(2)));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const camera = (page: Page, name: string): ReturnType<Page['locator']> =>
  page.getByLabel('Plan', { exact: true }).getByRole('button', { name: new RegExp(`^${name}`) });
const text = (page: Page, path: string): Promise<string> => figure(page, path).innerText();
/** Waits until a figure's line no longer reads as before. */
const changes = (page: Page, path: string, before: string): Promise<unknown> =>
  page.waitForFunction(
    ([at, was]) => (document.querySelector<HTMLElement>(`[data-figure="${at}"]`)?.innerText ?? was) !== was,
    [path, before] as const,
  );

describe('cameras', () => {
  it('move with the arrow keys, and their figures follow', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await camera(page, 'C2 NORTH').focus();
    const path = 'shots.shots.shotlecter.distance';
    const before = await text(page, path);
    // Nudges within a second are one edit, however long they take here: the clock stands still.
    await page.clock.setFixedTime(new Date());
    await page.keyboard.press('ArrowRight');
    await changes(page, path, before);
    await page.keyboard.press('Shift+ArrowRight');
    await page
      .getByLabel('Plan', { exact: true })
      .getByRole('button', { name: /C2 NORTH, 11\.50 m east/ })
      .waitFor();
    await page.clock.setFixedTime(Date.now() + 2000);
    await saved(page);
    await page.keyboard.press('u');
    await page
      .getByLabel('Plan', { exact: true })
      .getByRole('button', { name: /C2 NORTH, 10\.40 m east/ })
      .waitFor();
    expect(await text(page, path)).toBe(before);
    await saved(page);
  });

  it('update wedge, frame, reach and sight while they are dragged, and make one edit on release', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await camera(page, 'C2 NORTH').click();
    const box = await camera(page, 'C2 NORTH').locator('.halo').boundingBox();
    if (!box) throw new Error('the camera is not drawn');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const paths = ['distance', 'frameGiven', 'facePixels', 'hidden'].map(
      name => `shots.shots.shotlecter.${name}`,
    );
    const before = await Promise.all(paths.map(path => text(page, path)));
    const wedge = page.locator('g[data-layer="shots"] > polygon').nth(1);
    const drawn = await wedge.getAttribute('points');
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 40, y + 6, { steps: 5 });
    await page.mouse.move(x + 171, y, { steps: 10 });
    for (const [i, path] of paths.entries()) await changes(page, path, before[i] ?? '');
    expect(await wedge.getAttribute('points')).not.toBe(drawn);
    expect(await page.getByRole('button', { name: 'Nothing to undo' }).count()).toBe(1);
    await page.mouse.up();
    await saved(page);
    await page.keyboard.press('u');
    for (const [i, path] of paths.entries()) {
      await page.waitForFunction(
        ([at, was]) => document.querySelector<HTMLElement>(`[data-figure="${at}"]`)?.innerText === was,
        [path, before[i] ?? ''] as const,
      );
    }
    await saved(page);
  });

  it('say which pillar hides what', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await camera(page, 'C2 NORTH').click();
    expect(await text(page, 'shots.shots.shotlecter.hidden')).toMatch(/pillar N\d \d+ %/);
    expect(await text(page, 'shots.shots.shotlecter.sight')).toContain('part');
  });

  it('can be added, given a shot and removed again', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    await page.getByRole('button', { name: 'Add camera' }).click();
    await page.getByRole('menuitem', { name: /^Pan-tilt camera, 20× PTZ/ }).click();
    await page.getByLabel('Also show').selectOption({ label: 'Choir' });
    await page.getByRole('region', { name: 'Shot of Choir' }).waitFor();
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await page.waitForFunction(() => document.querySelectorAll('[aria-label="Cameras"] button').length === 3);
    await saved(page);
  });

  it('show in a viewfinder what they will see, seated and standing, beside another, moved by hand', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    const finder = page.getByRole('region', { name: 'Viewfinder' });
    const picture = (name: string) => finder.getByRole('img', { name });
    const ink = (name: string): Promise<string> =>
      picture(name).evaluate(canvas => (canvas as HTMLCanvasElement).toDataURL());
    await picture('C1 WIDE sees Tables, everyone seated').waitFor();
    const seated = await ink('C1 WIDE sees Tables, everyone seated');
    await finder.getByRole('combobox', { name: 'Everyone' }).selectOption('standing');
    expect(await ink('C1 WIDE sees Tables, everyone standing')).not.toBe(seated);
    await finder.getByRole('combobox', { name: 'Shot' }).selectOption({ label: 'Choir' });
    await picture('C1 WIDE sees Choir, everyone standing').waitFor();
    await finder.getByRole('combobox', { name: 'Beside' }).selectOption({ label: 'C3 SIDE' });
    await picture('C3 SIDE beside it').waitFor();

    await camera(page, 'C2 NORTH').click();
    const before = await ink('C2 NORTH sees Lectern, everyone seated');
    await finder.getByText('Look around').click();
    await finder.getByRole('slider', { name: 'Pan' }).focus();
    await page.keyboard.press('ArrowRight');
    expect(await ink('C2 NORTH sees Lectern, everyone seated')).not.toBe(before);
    await finder.getByRole('button', { name: 'Back to the shot' }).click();
    expect(await ink('C2 NORTH sees Lectern, everyone seated')).toBe(before);

    const { name, bytes } = await handedOver(page, () =>
      finder.getByRole('button', { name: 'Save picture' }).click(),
    );
    expect(name).toBe('C2-NORTH-sees.svg');
    expect(bytes.toString()).toContain('<title>C2 NORTH sees Lectern, everyone seated</title>');
    expect(bytes.toString()).not.toMatch(/NaN|Infinity/);
    const png = await handedOver(page, () => finder.getByRole('button', { name: 'as PNG' }).click());
    expect(png.name).toBe('C2-NORTH-sees.png');
    // Width and height stand in the header of a PNG.
    expect([png.bytes.readUInt32BE(16), png.bytes.readUInt32BE(20)]).toEqual([1920, 1080]);
  });

  it('are told apart by who could take each shot', async () => {
    const page = await stage.open(`/events/${FRIDAY}/shots`);
    const lectern = page.getByRole('region', { name: 'Coverage' }).getByRole('row', { name: /^Lectern/ });
    expect(await lectern.innerText()).toMatch(/yes\s+too far\s+hidden\s+1/);
  });
});

describe('working', () => {
  it('of any figure opens with w: formula, inputs with units, where they come from', async () => {
    const page = await stage.open(`/events/${FRIDAY}/power`);
    const path = 'power.circuits.circvestr.counted';
    await figure(page, path).focus();
    await page.keyboard.press('w');
    const working = page.getByRole('note', { name: 'Working' });
    await working.waitFor();
    const words = await working.innerText();
    expect(words).toContain("other + ours + (school = 'eighty' ? 0.25 : 0) · sum(lasting)");
    expect(words).toContain('NEC 210.19/210.20');
    expect(words).toMatch(/other = 10\.4 A\s+power\.circuits\.circvestr\.other/);
    await working.getByRole('button', { name: 'power.circuits.circvestr.ours' }).click();
    expect(await page.getByRole('note', { name: 'Working' }).innerText()).toContain('sum(load)');
    await page.keyboard.press('w');
    await working.waitFor({ state: 'hidden' });
  });
});

describe('snags', () => {
  it('are fixed with f and undone with u', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    const line = page.getByRole('contentinfo');
    await line.getByText(/an adapter is missing/).waitFor();
    await line.getByRole('button', { name: 'Add the adapter ADD 01' }).waitFor();
    await page.keyboard.press('f');
    await line.getByText(/an adapter is missing/).waitFor({ state: 'hidden' });
    await page.getByText('C3 SIDE adapter').first().waitFor();
    await saved(page);
    await page.keyboard.press('u');
    await line.getByText(/an adapter is missing/).waitFor();
  });

  it('are accepted by name with a reason, and open again when their figures change', async () => {
    const page = await stage.open(`/events/${FRIDAY}/hands`);
    await page.keyboard.press('s');
    const list = page.getByRole('region', { name: 'Snags' });
    const snag = list.getByRole('listitem').filter({ hasText: 'Circuit 3, vestry' });
    await snag.getByRole('button', { name: /^Accept: / }).click();
    const dialog = page.getByRole('dialog');
    expect(await dialog.getByRole('button', { name: 'Accept' }).isDisabled()).toBe(true);
    await dialog.getByLabel('Your name').fill('Odile Marsh');
    await dialog.getByLabel('Why it is all right').fill('The urn is off while we are live');
    await dialog.getByRole('button', { name: 'Accept' }).click();
    await list.getByText('Odile Marsh: The urn is off while we are live').waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Rules/ }).click();
    await page.getByLabel(/Load on a breaker/).selectOption('full');
    await page.keyboard.press('Escape');
    await page.keyboard.press('s');
    await list
      .getByRole('button', { name: /^Accept: / })
      .first()
      .waitFor();
    expect(await list.getByText('The urn is off').count()).toBe(0);
  });

  it('buckle a station, and see it reopen when something under it changes', async () => {
    const page = await stage.open(`/events/${FRIDAY}/stream`);
    await page.getByRole('button', { name: /^Buckle of Stream/ }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Your name').fill('Linnea Brook');
    await dialog.getByRole('button', { name: 'Buckle', exact: true }).click();
    await page.getByRole('button', { name: 'Buckle of Stream: buckled' }).waitFor();
    await page.getByLabel('Size and rate of Public stream').selectOption('540p');
    await page.getByRole('button', { name: 'Buckle of Stream: reopened' }).click();
    await dialog.getByText('Public stream: Size and rate').waitFor();
    expect(await dialog.innerText()).toMatch(/720p30\s+540p/);
  });
});

describe('files', () => {
  it('print the cut list, export the pack list, export the event and import it as a new one', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    expect((await download(page, 'Sheets', /^Cut list, PDF/)).subarray(0, 5).toString()).toBe('%PDF-');
    expect((await download(page, 'Sheets', /^Pack list, CSV/)).toString()).toContain('SWC 01');
    const bundle = await download(page, 'Sheets', /with people’s names/);
    expect(bundle.toString()).toContain('Odile Marsh');
    await page.getByRole('link', { name: 'Events' }).click();
    await page
      .getByLabel('Event file to import')
      .setInputFiles({ name: 'event.satchel.json', mimeType: 'application/json', buffer: bundle });
    await page.getByRole('navigation', { name: 'Stations' }).waitFor();
    expect(page.url()).not.toContain(FRIDAY);
    await page.getByRole('link', { name: 'Events' }).click();
    await page
      .getByLabel('Event file to import')
      .setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: bundle.subarray(0, 900) });
    await page
      .getByRole('alert')
      .getByText(/not JSON/)
      .waitFor();
  });
});

describe('the day', () => {
  it('keeps ticks, with a reading compared with the plan', async () => {
    const page = await stage.open(`/events/${FRIDAY}/day`);
    await page.getByLabel('Your name').fill('Petra Lund');
    await page.getByLabel(/Camera, 1-inch/).check();
    await page.getByText(/Petra Lund, \d\d:\d\d/).waitFor();
    await page.getByRole('tab', { name: /Before doors/ }).click();
    // Typed, and the phone is put away: nothing else is pressed.
    const line = page.getByRole('listitem').filter({ hasText: 'Upload measured again' });
    await line.getByLabel('Reading: Upload measured again').pressSequentially('1.2');
    await line.getByText('◆').waitFor();
    await saved(page);
    await page.reload();
    await page.getByText(/Petra Lund, \d\d:\d\d/).waitFor();
    await page.getByRole('tab', { name: /Before doors/ }).click();
    expect(await line.getByLabel('Reading: Upload measured again').inputValue()).toBe('1.2');
    expect(await line.getByRole('checkbox').isChecked()).toBe(true);
    // Emptied, it is open again.
    await line.getByLabel('Reading: Upload measured again').fill('');
    await page.keyboard.press('Tab');
    await line.getByRole('checkbox', { checked: false }).waitFor();
    await saved(page);
  });
});

describe('two people on two servers', () => {
  it('see each other’s edits at once, and an undo is refused when the other has changed it since', async () => {
    const mine = await stage.open(`/events/${FRIDAY}/shots`, 0);
    const theirs = await stage.open(`/events/${FRIDAY}/shots`, 1);
    await camera(mine, 'C3 SIDE').focus();
    await mine.keyboard.press('Shift+ArrowLeft');
    await saved(mine);
    await theirs.getByRole('button', { name: /C3 SIDE, 15\.40 m east/ }).waitFor();
    await camera(theirs, 'C3 SIDE').focus();
    await theirs.keyboard.press('Shift+ArrowLeft');
    await mine.getByRole('button', { name: /C3 SIDE, 14\.40 m east/ }).waitFor();
    await mine.getByText(/another window changed it since/).waitFor();
    await mine.keyboard.press('u');
    await mine.getByText(/is not possible: another window changed it since/).waitFor();
    await theirs.keyboard.press('u');
    await mine.getByRole('button', { name: /C3 SIDE, 15\.40 m east/ }).waitFor();
  });
});
