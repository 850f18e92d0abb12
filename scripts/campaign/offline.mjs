// A real browser whose server goes away, and comes back: nothing that was done is lost, nothing is there twice.
import { chromium } from 'playwright-core';
import { documentOf, FRIDAY, startWatched, ownersCookie } from './servers.mjs';

export async function offline({ cluster }) {
  let server = await startWatched(cluster.url);
  const { url } = server;
  const port = new URL(url).port;
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
    ],
  });
  const before = await documentOf(url, FRIDAY);
  const rows = [];
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies(
      ownersCookie()
        .split('; ')
        .map(each => ({ name: each.split('=')[0], value: each.split('=')[1], url })),
    );
    const broken = [];
    const open = async () => {
      const page = await context.newPage();
      page.on('pageerror', error => broken.push(error.message));
      await page.goto(`${url}/events/${FRIDAY}/shots`);
      await page.getByLabel('Lens height').waitFor();
      return page;
    };
    const first = await open();
    await first.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await server.end('SIGKILL');
    await first.getByLabel('Lens height').fill('1.83 m');
    await first.keyboard.press('Enter');
    await first.getByText('1 kept here').waitFor();
    await first.close();
    // Another tab, and a third beside it, opened without a server.
    const second = await open();
    const third = await open();
    const kept = await second.getByLabel('Lens height').inputValue();
    await second.keyboard.press('4');
    await second.getByRole('tab', { name: 'Schematic' }).waitFor();
    server = await startWatched(cluster.url, { PORT: port });
    for (const page of [second, third]) {
      await page.waitForFunction(
        () => !/not connected/.test(document.querySelector('header')?.textContent ?? ''),
      );
    }
    const after = await documentOf(url, FRIDAY);
    rows.push(['an edit made without a server: shown after reopening', kept === '1.83 m' ? 0 : 1, 0]);
    rows.push(['… lost', after.body.devices.camwide01.place.height === 1.83 ? 0 : 1, 0]);
    rows.push(['… doubled by two tabs', after.revision - before.revision - 1, 0]);
    rows.push(['… errors in the pages', broken.length, 0]);
  } finally {
    await browser.close();
    await server.end();
  }
  return rows;
}
