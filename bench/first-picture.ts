/** Opening a link on a phone: four times slower, 1.6 Mb/s, 150 ms away. When the plan is drawn, and when all is checked. */
import { launch } from './frames.js';
import { line, quantile } from './measure.js';

const address = process.env.ADDRESS;
if (!address) throw new Error('ADDRESS is not set: run `npm run bench`');

const SLOWER = 4;
/** Bytes a second of 1.6 Mb/s, and the way there and back, ms. */
const LINE = { downloadThroughput: 200_000, uploadThroughput: 95_000, latency: 150 };
const STATIONS = ['ground', 'shots', 'runs', 'power'];
const RUNS = 3;

const browser = await launch();

/** Notes when, on the page's own clock, the plan is there, and when its snags are counted. */
function watch(): void {
  const seen: Record<string, number> = {};
  Object.assign(window, { seen });
  const look = (): void => {
    if (document.querySelector('[data-layer]')) seen.plan ??= performance.now() / 1000;
    const counted = [...document.querySelectorAll('button')].some(each => /snag/i.test(each.textContent));
    if (counted) seen.checked ??= performance.now() / 1000;
    if (seen.plan === undefined || seen.checked === undefined) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

/** Seconds from asking for the address until something is there. */
async function opened(path: string): Promise<{ plan: number; checked: number }> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.emulateNetworkConditions', { offline: false, ...LINE });
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  await page.addInitScript(watch);
  await page.goto(`${address}${path}`, { waitUntil: 'commit' });
  const seen = await page.waitForFunction(() => {
    const { plan, checked } = (window as unknown as { seen: { plan?: number; checked?: number } }).seen;
    return plan !== undefined && checked !== undefined && { plan, checked };
  });
  const times = (await seen.jsonValue()) as { plan: number; checked: number };
  await context.close();
  return times;
}

for (const station of STATIONS) {
  const runs: { plan: number; checked: number }[] = [];
  for (let run = 0; run < RUNS; run++) runs.push(await opened(`/events/eventfriday1/${station}`));
  const median = (of: 'plan' | 'checked'): string =>
    `${quantile(
      runs.map(each => each[of]),
      0.5,
    ).toFixed(2)} s`;
  line(`phone, ${station}: plan drawn (aim 3 s), checked`, median('plan'), median('checked'));
}
await browser.close();
