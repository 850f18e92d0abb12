// `npm run screenshots`: one picture of each main view from the demo data, into docs/screenshots; `-- hands day`: of these.
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { ensureBuilt, ensureInstalled, ensurePackages, main, root, startServer } from './lib.mjs';

const named = process.argv.slice(2);
const EVENT = '/events/eventfriday1';
const VIEWS = [
  ['events', '/events'],
  ...['brief', 'ground', 'shots', 'stream', 'runs', 'racks', 'hands', 'day'].map(name => [
    name,
    `${EVENT}/${name}`,
  ]),
  ['power', `${EVENT}/power`, { tree: true }],
  ['pack', `${EVENT}/pack`, { press: 'Cases' }],
  [
    'survey',
    '/venues/new',
    {
      fill: {
        Name: 'Thornmere Village Hall',
        Length: '16.4',
        'Marks, with commas between': 'Speaker, Panel 4 seated, Choir 24 standing',
      },
    },
  ],
  ['venue', '/venues/venuegrange1', { part: 'chairs north' }],
  ['signal', '/events/eventsatur1/signal', { schematic: true }],
  ['shelf', '/shelf'],
  ['shots-blackout', `${EVENT}/shots`, { blackout: true }],
  ['positions', `${EVENT}/shots`, { search: true }],
  ['walk-phone', '/venues/venuegrange1/walk', { width: 390, height: 844 }],
  ['day-phone', `${EVENT}/day`, { width: 390, height: 844 }],
];

main(async () => {
  ensurePackages('postgresql', 'chromium');
  ensureInstalled();
  ensureBuilt();
  const { chromium } = await import('playwright-core');
  const cluster = await startCluster(`pictures-${process.pid}`, { fresh: true, keep: false });
  let server, browser;
  try {
    server = await startServer(cluster.url, { DEMO: 'yes', LOG_LEVEL: 'warn' });
    const args = ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync'];
    browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args });
    for (const [
      name,
      path,
      {
        blackout = false,
        search = false,
        schematic = false,
        tree = false,
        press = '',
        fill = {},
        part = '',
        width = 1280,
        height = 800,
      } = {},
    ] of VIEWS.filter(([view]) => named.length === 0 || named.includes(view))) {
      const context = await browser.newContext({ viewport: { width, height } });
      if (blackout) await context.addInitScript(() => localStorage.setItem('idle-satchel blackout', 'on'));
      const page = await context.newPage();
      await page
        .goto(`${server.url}${path}`, { waitUntil: 'networkidle', timeout: 6000 })
        .catch(() => undefined);
      if (path.startsWith(EVENT)) await page.locator('footer .button').first().waitFor();
      if (name.startsWith('shots')) await page.getByRole('button', { name: 'C2 NORTH', exact: true }).click();
      if (part) await page.getByRole('button', { name: new RegExp(`^${part}`) }).click();
      for (const [label, text] of Object.entries(fill))
        await page.getByLabel(label, { exact: true }).fill(text);
      if (search) {
        await page.getByRole('button', { name: 'Find positions' }).click();
        await page.getByRole('button', { name: 'Search', exact: true }).click();
        await page.getByRole('button', { name: 'Use way A' }).waitFor();
      }
      if (press) {
        await page.getByRole('button', { name: press, exact: true }).click();
        await page.getByRole('img').first().waitFor();
      }
      if (schematic) {
        await page.locator('[data-box]').first().waitFor();
        await page.getByRole('button', { name: 'Trace Room screen' }).click();
      }
      if (tree) {
        await page.getByRole('button', { name: 'Supply tree' }).click();
        await page.getByRole('tree').waitFor();
      }
      await page.evaluate(() => document.fonts.ready);
      await page.screenshot({ path: join(root, `docs/screenshots/${name}.png`) });
      await context.close();
    }
  } finally {
    await browser?.close();
    await server?.stop();
    await cluster.stop();
  }
});
