/** The cupboard: stock taken on a phone with a camera and without a network, things changed by a list, gear of others. */
import { rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { qrOf } from '../server/src/features/sheets/qr.js';
import { handedOver, setStage, type Page, type Stage } from './helper.js';

/** What the camera of the phone sees: a label, for ever. */
const SEEN = join(tmpdir(), `idle-satchel-label-${process.pid}.y4m`);

/** Two pictures of grey values with a code in the middle, as a film without sound (YUV4MPEG2). */
function film(text: string): Buffer {
  const [width, height, square] = [320, 240, 5];
  const luma = Buffer.alloc(width * height, 235);
  const rows = qrOf(text);
  const [left, top] = [(width - rows.length * square) >> 1, (height - rows.length * square) >> 1];
  rows.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (!dark) return;
      for (let line = 0; line < square; line++) {
        const at = (top + y * square + line) * width + left + x * square;
        luma.fill(16, at, at + square);
      }
    }),
  );
  const frame = [Buffer.from('FRAME\n'), luma, Buffer.alloc((width * height) / 2, 128)];
  return Buffer.concat([
    Buffer.from(`YUV4MPEG2 W${width} H${height} F10:1 Ip C420jpeg\n`),
    ...frame,
    ...frame,
  ]);
}

let stage: Stage;
beforeAll(async () => {
  writeFileSync(SEEN, film('https://satchel.example/shelf/itemcam01'));
  stage = await setStage(1, [
    '--use-fake-ui-for-media-stream',
    '--use-fake-device-for-media-stream',
    `--use-file-for-fake-video-capture=${SEEN}`,
  ]);
});
afterEach(() => stage.clear());
afterAll(async () => {
  await stage.close();
  rmSync(SEEN, { force: true });
});

interface Thing {
  readonly id: string;
  readonly tape: string;
  readonly state: string;
  readonly count?: number;
  readonly whereNow?: string;
  readonly condition?: string;
  readonly faults?: Readonly<Record<string, { what: string; photo?: string }>>;
  readonly owner?: { who: string };
}
const onServer = (page: Page): Promise<readonly Thing[]> =>
  page.evaluate(async () => ((await (await fetch('/api/v1/items')).json()) as { items: Thing[] }).items);
const thing = async (page: Page, tape: string): Promise<Thing | undefined> =>
  (await onServer(page)).find(each => each.tape === tape);

async function takeStock(): Promise<Page> {
  const page = await stage.open('/shelf/stock-take');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByText('Where do you stand?').waitFor();
  return page;
}
const tab = (page: Page, name: RegExp): Promise<void> =>
  page.getByRole('navigation', { name: 'Stock take' }).getByRole('button', { name }).click();

describe('a stock take', () => {
  it('goes on without a network through a closed page; what differs is settled and written, and taken back', async () => {
    const page = await takeStock();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const network = page.context();
    await network.setOffline(true);
    await page.getByRole('button', { name: /battery box/ }).click();
    const here = page.getByRole('list', { name: 'What ought to be here' });
    await here.getByRole('checkbox', { name: /BAT 01/ }).check();
    await page.getByRole('button', { name: 'Damage of BAT 01' }).click();
    await page.getByLabel('What is damaged on BAT 01').fill('its clip is broken');
    await page.getByRole('button', { name: 'Note it' }).click();
    await page.getByLabel('Tape code').fill('lap 01');
    await page.keyboard.press('Enter');
    await page.getByText('LAP 01 is here.').waitFor();
    await page.getByLabel('Tape code').fill('NOBODY 7');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'I have looked through all of it' }).click();
    await page.getByText('2 seen').waitFor();
    await page.reload();
    await page.getByText('2 seen').waitFor();
    await tab(page, /What differs/);
    await page.getByText(/is at .*battery box, not at/).waitFor();
    await page.getByText('NOBODY 7').waitFor();
    await page.getByLabel(/What is done about BAT 02/).selectOption('It is out: nobody plans with it');
    await page.getByRole('button', { name: 'Write 3 changes to the shelf' }).click();
    await page.getByText('No network: all of it is kept here').waitFor();
    await network.setOffline(false);
    await page.getByRole('button', { name: 'Write 3 changes to the shelf' }).click();
    await page.getByText('3 things are written to the shelf.').waitFor();
    const damaged = await thing(page, 'BAT 01');
    expect(damaged?.state).toBe('in repair');
    expect(Object.values(damaged?.faults ?? {}).map(({ what }) => what)).toContain('its clip is broken');
    expect(await thing(page, 'BAT 02')).toMatchObject({ state: 'out', whereNow: 'not found' });
    expect((await thing(page, 'LAP 01'))?.whereNow).toMatch(/battery box/);
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('Taken back: the shelf is as it was.').waitFor();
    expect(await thing(page, 'BAT 01')).toMatchObject({ state: 'ready' });
    expect(await thing(page, 'LAP 01')).not.toHaveProperty('whereNow');
  });

  it('reads the code of a label through the camera, and counts what is counted', async () => {
    const page = await takeStock();
    await page.getByRole('button', { name: /drawer/ }).click();
    await page.getByRole('button', { name: 'Read codes' }).click();
    await page.getByText('CAM 01 is here.').waitFor();
    await page.getByText('belongs elsewhere').waitFor();
    await page.getByRole('button', { name: 'Camera off' }).click();
    await page.getByRole('checkbox', { name: /CAM 01/ }).click();
    await page.getByText('0 seen').waitFor();
  });
});

describe('a list', () => {
  it('changes what is on the shelf once that is wanted, shown before it is done', async () => {
    const page = await stage.open('/shelf');
    await page.getByRole('button', { name: 'Paste a list' }).click();
    await page
      .getByLabel('The list')
      .fill('tape;condition;kind\nCAM 01;worn;\nNEW 77;good;Network cable, 30 m');
    await page
      .getByText('CAM 01 is on another item already')
      .or(page.getByText('is empty: say what it is'))
      .first()
      .waitFor();
    await page.getByLabel(/changes that thing/).check();
    await page
      .getByRole('region', { name: 'What is changed' })
      .getByText(/Condition: good → worn/)
      .waitFor();
    await page.getByRole('button', { name: 'Put 1 on the shelf, change 1' }).click();
    await page.getByText('1 thing is on the shelf, 1 thing is changed.').first().waitFor();
    expect(await thing(page, 'CAM 01')).toMatchObject({ condition: 'worn' });
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.getByText(/^Taken back/).waitFor();
    expect(await thing(page, 'CAM 01')).toMatchObject({ condition: 'good' });
    expect(await thing(page, 'NEW 77')).toBeUndefined();
  });

  it('of another house is a file, told before it is taken over as borrowed', async () => {
    const page = await stage.open('/shelf');
    await page.getByRole('button', { name: 'Lists and labels' }).click();
    const { name, bytes } = await handedOver(page, () =>
      page.getByRole('link', { name: 'A file for another house' }).click(),
    );
    expect(name).toBe('gear.satchel.json');
    await page.keyboard.press('Escape');
    const theirs = bytes
      .toString('utf8')
      .replaceAll('"tape": "', '"tape": "X ')
      .replace(/"organisation": "[^"]*"/, '"organisation": "Thornmere"');
    await page.getByRole('button', { name: 'Paste a list' }).click();
    await page.getByLabel(/gear of another house/).setInputFiles({
      name: 'gear.satchel.json',
      mimeType: 'application/json',
      buffer: Buffer.from(theirs),
    });
    await page.getByText(/^Gear of Thornmere: \d+ things and 0 kinds that are new here/).waitFor();
    await page.getByRole('button', { name: 'Take it over as borrowed from them' }).click();
    await page
      .getByText(/things and 0 new kinds are taken over/)
      .first()
      .waitFor();
    expect(await thing(page, 'X CAM 01')).toMatchObject({ owner: { who: 'Thornmere' } });
  });
});
