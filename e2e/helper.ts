/** A browser on the real interface, served by real server processes on a database of their own. */
import { join } from 'node:path';
import { chromium, type Browser, type Page } from 'playwright-core';
import { freshDatabase, spawnServer, type Running } from '../server/test/helper.js';

export { FRIDAY } from '../server/test/helper.js';

const ARGUMENTS = [
  ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  ...['--disable-background-networking', '--disable-component-update', '--disable-sync'],
];

/** How long a condition is waited for: a ceiling for what never comes, not a measure of speed. */
const PATIENCE_MS = 120_000;

export interface Stage {
  readonly browser: Browser;
  readonly servers: readonly Running[];
  /** A page of a new, empty browser profile; errors of the page fail the test. */
  readonly open: (path: string, server?: number) => Promise<Page>;
  /** Closes every page; one left open would take in each later edit and look for fixes again. */
  readonly clear: () => Promise<void>;
  readonly close: () => Promise<void>;
}

/** Problems that a page reported, gathered over a whole file of journeys. */
const problems: string[] = [];

/** `more`: arguments of the browser beside the usual ones; with `accounts` the demo’s data are nobody’s yet. */
export async function setStage(
  processes = 1,
  more: readonly string[] = [],
  { accounts = false } = {},
): Promise<Stage> {
  const database = await freshDatabase();
  const env = { INTERFACE: join(import.meta.dirname, '../web/dist'), DEMO: accounts ? 'no' : 'yes' };
  const servers: Running[] = [];
  if (accounts) await (await spawnServer(database.url)).kill();
  for (let i = 0; i < processes; i++) servers.push(await spawnServer(database.url, env));
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [...ARGUMENTS, ...more],
  });
  return {
    browser,
    servers,
    open: async (path, server = 0) => {
      const context = await browser.newContext({
        viewport: { width: 1280, height: 800 },
        acceptDownloads: true,
      });
      const page = await context.newPage();
      page.setDefaultTimeout(PATIENCE_MS);
      page.on('pageerror', error => problems.push(error.message));
      await page.goto(`${servers[server]?.address ?? ''}${path}`);
      if (!accounts && /\/events\/event/.test(path))
        await page.getByRole('navigation', { name: 'Stations' }).waitFor();
      return page;
    },
    clear: async () => {
      await Promise.all(browser.contexts().map(context => context.close()));
    },
    close: async () => {
      await browser.close();
      await Promise.all(servers.map(server => server.kill()));
      await database.drop();
      if (problems.length > 0) throw new Error(`pages reported errors: ${problems.join('; ')}`);
    },
  };
}

/** The text of a figure's line in the ledger: name, value, unit. */
export const figure = (page: Page, path: string): ReturnType<Page['locator']> =>
  page.locator(`[data-figure="${path}"]`);

/** Waits until every edit made on this page is on the server. */
export const saved = (page: Page): Promise<void> =>
  page
    .waitForFunction(() => !/saving/.test(document.querySelector('[role="status"]')?.textContent ?? ''))
    .then(() => undefined);

/** Presses `u` and waits until the page says what was undone. */
export async function undo(page: Page): Promise<void> {
  const status = page.getByRole('banner').getByRole('status');
  const before = await status.innerText();
  await page.keyboard.press('u');
  await page.waitForFunction(was => {
    const now = document.querySelector<HTMLElement>('[role="status"]')?.innerText ?? '';
    return now !== was && now.startsWith('Undo');
  }, before);
}

/** The bytes of a file taken from a menu of the top line. */
export async function download(page: Page, menu: string, name: string | RegExp): Promise<Buffer> {
  await page.getByRole('button', { name: menu }).click();
  return (await handedOver(page, () => page.getByRole('menuitem', { name }).click())).bytes;
}

/** The file that the page hands over when something is done. */
export async function handedOver(
  page: Page,
  act: () => Promise<void>,
): Promise<{ name: string; bytes: Buffer }> {
  const [file] = await Promise.all([page.waitForEvent('download'), act()]);
  const chunks: Buffer[] = [];
  for await (const chunk of await file.createReadStream()) chunks.push(chunk as Buffer);
  return { name: file.suggestedFilename(), bytes: Buffer.concat(chunks) };
}

export { type Page } from 'playwright-core';
