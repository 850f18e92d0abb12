/** What a device keeps of an event: while the server is away, through closed pages, in several tabs, and when it is full. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, saved, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const SHOTS = `/events/${FRIDAY}/shots`;

interface OnServer {
  readonly revision: number;
  readonly body: { readonly label: string; readonly devices: Record<string, { place: { height: number } }> };
}
const onServer = async (): Promise<OnServer> =>
  (await (await fetch(`${stage.servers[0]?.address}/api/v1/documents/${FRIDAY}`)).json()) as OnServer;
const heightThere = async (): Promise<number | undefined> =>
  (await onServer()).body.devices.camwide01?.place.height;

const height = (page: Page) => page.getByLabel('Lens height');
async function setHeight(page: Page, text: string): Promise<void> {
  await height(page).fill(text);
  await page.keyboard.press('Enter');
}
/** The interface is in the browser once its worker is ready. */
const isKept = (page: Page): Promise<void> =>
  page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
const another = async (page: Page, path: string): Promise<Page> => {
  const next = await page.context().newPage();
  await next.goto(new URL(path, page.url()).href);
  return next;
};

describe('an event without a server', () => {
  it('keeps what is done through closed pages, opens from the device, and is sent once', async () => {
    const page = await stage.open(SHOTS);
    await height(page).waitFor();
    await isKept(page);
    const { revision } = await onServer();
    const network = page.context();
    await network.setOffline(true);
    await setHeight(page, '1.71 m');
    await page.getByText('not connected · 1 kept here').waitFor();
    await page.close({ runBeforeUnload: true });

    const second = await network.newPage();
    await second.goto(`${stage.servers[0]?.address}${SHOTS}`);
    await height(second).waitFor();
    expect(await height(second).inputValue()).toBe('1.71 m');
    await second.getByText('not connected · 1 kept here').waitFor();
    // A second tab beside it sends nothing of what the first one holds.
    const third = await another(second, SHOTS);
    await third.getByText('◇ not connected').waitFor();
    await second.keyboard.press('4');
    await second.getByRole('tab', { name: 'Schematic' }).waitFor();
    const list = await another(second, '/events');
    await list.getByRole('region', { name: 'Kept on this device' }).getByText('1 entry waits').waitFor();

    await network.setOffline(false);
    for (const each of [second, third])
      await each.getByText('◇ not connected').waitFor({ state: 'detached' });
    await saved(second);
    expect(await heightThere()).toBe(1.71);
    expect((await onServer()).revision).toBe(revision + 1);
  });

  it('and whoever leaves at once leaves nothing behind', async () => {
    const page = await stage.open(SHOTS);
    await height(page).waitFor();
    await page.getByRole('button', { name: /^C1 WIDE/ }).click();
    await page.getByRole('button', { name: /^C1 WIDE/ }).focus();
    await page.keyboard.press('ArrowRight');
    // Nudges wait for a moment for more of the same: the page goes before that.
    await page.goto('about:blank');
    await page.goBack();
    await page.getByRole('button', { name: /^C1 WIDE, 2\.30 m east/ }).waitFor();
    await saved(page);
  });
});

describe('a device that takes nothing more', () => {
  it('says so for as long as it is so, and keeps what was done as soon as it can', async () => {
    const page = await stage.open(SHOTS);
    await height(page).waitFor();
    await page.evaluate(() => {
      const shelves = IDBObjectStore.prototype as { put: (...parts: unknown[]) => unknown; real?: unknown };
      shelves.real = shelves.put;
      shelves.put = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
    });
    await page.context().setOffline(true);
    await setHeight(page, '1.77 m');
    await page.getByRole('alert').filter({ hasText: 'not kept on this device' }).waitFor();
    const asked = page.waitForEvent('dialog');
    await page.close({ runBeforeUnload: true });
    await (await asked).dismiss();
    await page.evaluate(() => {
      const shelves = IDBObjectStore.prototype as { put: unknown; real?: unknown };
      shelves.put = shelves.real;
    });
    await page.getByText('not connected · 1 kept here').waitFor();
    await page.context().setOffline(false);
    await page.getByText('◇ not connected').waitFor({ state: 'detached' });
    expect(await heightThere()).toBe(1.77);
  });
});

describe('a server that hangs', () => {
  it('is told as one that does not answer, and asked again', async () => {
    const page = await stage.open(SHOTS);
    await height(page).waitFor();
    await page.clock.install();
    let hanging = true;
    await page.route('**/api/v1/edits', route => (hanging ? undefined : route.continue()));
    const sent = page.waitForRequest('**/api/v1/edits');
    await setHeight(page, '1.66 m');
    await sent;
    await page.clock.runFor(16_000);
    await page
      .getByRole('status')
      .filter({ hasText: 'The server does not answer; your changes are kept here' })
      .waitFor();
    hanging = false;
    await page.clock.runFor(3_000);
    await page.getByRole('status').filter({ hasText: 'Connected again' }).waitFor();
    expect(await heightThere()).toBe(1.66);
  });
});

describe('a page that is older than its server', () => {
  it('is loaded anew when a part of it is gone, once', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    await page.getByLabel('Event', { exact: true }).waitFor();
    let gone = true;
    await page.route('**/assets/PackStation-*.js*', route =>
      gone ? route.fulfill({ status: 404, body: 'gone' }) : route.continue(),
    );
    const loaded = page.waitForEvent('load');
    await page.keyboard.press('9');
    await loaded;
    await page.getByText('This part of the page could not be fetched.').waitFor();
    gone = false;
    await page.evaluate(() => window.dispatchEvent(new Event('online')));
    await page.getByRole('main', { name: 'pack' }).getByRole('table').first().waitFor();
  });
});
