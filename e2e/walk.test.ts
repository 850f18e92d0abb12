/** Walking round a venue with a phone, with a network and without. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { saved, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const GRANGE = 'venuegrange1';
const MILLRACE = 'venuemillra1';

async function walk(venue: string): Promise<Page> {
  const page = await stage.open('/venues');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: `Walk round ${venue}` }).click();
  await page.getByRole('heading', { name: /not known/ }).waitFor();
  return page;
}

interface OnServer {
  readonly notes?: Record<string, { at: number[]; text?: string; picture?: string }>;
  readonly areas?: Record<string, { label: string; top?: number }>;
  readonly mobileReadings?: Record<string, { label: string; at: number[]; up: number }>;
  readonly uploads?: Record<string, { up: number; down?: number }>;
}

const onServer = (page: Page, venue: string): Promise<OnServer> =>
  page.evaluate(async id => {
    const answer = await fetch(`/api/v1/venues/${id}/bundle`);
    return ((await answer.json()) as { documents: { venue: { body: OnServer } } }).documents.venue.body;
  }, venue);

const tab = (page: Page, name: RegExp): Promise<void> =>
  page.getByRole('navigation', { name: 'Walk round' }).getByRole('button', { name }).click();

/** A photo as a phone takes it: JPEG, with a place in its Exif that nobody asked for. */
async function photo(page: Page): Promise<Buffer> {
  const plain = Buffer.from(
    await page.evaluate(async () => {
      const canvas = new OffscreenCanvas(1200, 900);
      const pen = canvas.getContext('2d');
      if (!pen) throw new Error('no canvas');
      pen.fillStyle = '#876';
      pen.fillRect(0, 0, 1200, 900);
      return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg' })).arrayBuffer())];
    }),
  );
  const told = Buffer.from('Exif\0\0GPS 52.1 N');
  const length = Buffer.alloc(2);
  length.writeUInt16BE(told.length + 2);
  return Buffer.concat([plain.subarray(0, 2), Buffer.from([0xff, 0xe1]), length, told, plain.subarray(2)]);
}

describe('a walk round with a phone', () => {
  it('goes on without a network, keeps everything through a closed page, and sends it when the network returns', async () => {
    const page = await walk('Quill Grange hall');
    // The interface is in the browser once its worker is ready.
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const network = page.context();
    await network.setOffline(true);
    await page.reload();
    await page.getByText('No network. What you enter is kept on this phone').waitFor();

    await page.getByLabel('Height of projector').fill('0.4');
    await page.keyboard.press('Enter');
    await page.getByText('Known since you came: height of projector').waitFor();
    await page.getByRole('button', { name: 'Say it' }).click();
    await page.getByLabel('Beside').selectOption({ label: 'Lectern' });
    await tab(page, /Pin here/);
    await page.locator('input[type=file]').setInputFiles({
      name: 'photo.jpg',
      mimeType: 'image/jpeg',
      buffer: await photo(page),
    });
    await page.getByAltText('What the note is about').waitFor();
    await page.getByLabel('Note', { exact: true }).fill('Socket behind the lectern');
    const note = page.getByRole('form', { name: 'Note or photo here' });
    await note.getByRole('button', { name: 'Pin it' }).click();
    await page
      .getByRole('region', { name: 'Pinned so far' })
      .getByText('Socket behind the lectern')
      .waitFor();
    const signal = page.getByRole('form', { name: 'Mobile signal here' });
    await signal.getByLabel('Operator').fill('second operator');
    await signal.getByLabel('Up, Mb/s').fill('3.4');
    await signal.getByRole('button', { name: 'Pin it' }).click();
    await page.getByText('3 entries wait to be sent').waitFor();

    // The phone goes into a pocket; what was entered is there when it comes out.
    await page.goto('about:blank');
    await page.goBack();
    await page.getByText('3 entries wait to be sent').waitFor();
    await tab(page, /Pin here/);
    await page.goto(new URL('/venues', page.url()).href);
    await page.getByRole('region', { name: 'Kept on this device' }).getByText('3 entries wait').waitFor();

    // Opened before the network is back: else the list itself may have sent all of it by then.
    await page.getByRole('link', { name: 'Walk round Quill Grange hall' }).first().click();
    await page.getByText('3 entries wait to be sent').waitFor();
    await network.setOffline(false);
    await page.getByText('Connected again: everything is saved.').waitFor();
    const { notes = {}, areas = {}, mobileReadings = {} } = await onServer(page, GRANGE);
    expect(Object.values(areas).find(({ label }) => label === 'projector')?.top).toBe(0.4);
    expect(Object.values(mobileReadings)).toContainEqual(
      expect.objectContaining({ label: 'second operator', up: 3.4 }),
    );
    const pinned = Object.values(notes).find(({ text }) => text === 'Socket behind the lectern');
    expect(pinned?.picture).toMatch(/^[a-z][a-z0-9]{11}$/);
    const bytes = await page.evaluate(async id => {
      const answer = await fetch(`/api/v1/pictures/${id}`);
      return { type: answer.headers.get('content-type'), text: await answer.text() };
    }, pinned?.picture ?? '');
    expect(bytes.type).toBe('image/jpeg');
    expect(bytes.text).not.toContain('GPS');
  });

  it('measures by numbers and a tap, enters an upload of yesterday, refuses what is no photo', async () => {
    const page = await walk('Millrace bandstand');
    await page
      .getByRole('img', { name: 'Plan: tap where you stand' })
      .click({ position: { x: 120, y: 120 } });
    await page.getByText(/^You stand \d+\.\d0 m east, \d+\.\d0 m south\.$/).waitFor();
    await page.getByLabel('nearest first').check();
    await page.getByLabel('Height of the ceiling').fill('about ten');
    await page.keyboard.press('Enter');
    await page
      .getByRole('alert')
      .getByText(/a length such as/)
      .waitFor();
    await page.keyboard.press('Escape');

    await tab(page, /Line/);
    const form = page.getByRole('form', { name: 'Upload measured' });
    await form.getByLabel('Upload measured, Mb/s').fill('12.5');
    await form.getByLabel('Download measured, Mb/s').fill('40');
    await form.getByLabel('When, if not just now').fill('2026-11-22T10:30');
    await form.getByRole('button', { name: 'Add' }).click();
    await page.getByText('12.50 Mb/s up, 40 Mb/s down').waitFor();
    await saved(page);
    expect(Object.values((await onServer(page, MILLRACE)).uploads ?? {})).toContainEqual(
      expect.objectContaining({ up: 12.5, down: 40 }),
    );

    await tab(page, /Pin here/);
    await page.locator('input[type=file]').setInputFiles({
      name: 'photo.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.from('no photo'),
    });
    await page
      .getByRole('alert')
      .getByText(/not a PNG, JPEG/)
      .waitFor();
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
  });
});
