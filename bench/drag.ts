/** Dragging a camera in a real browser: main-thread work per frame and long tasks, beside an idle page's frames. */
import { chromium, type CDPSession, type Page } from 'playwright-core';
import { line, ms, quantile } from './measure.js';

const address = process.env.ADDRESS;
if (!address) throw new Error('ADDRESS is not set: run `npm run bench`');

const ARGUMENTS = [
  ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  ...['--disable-background-networking', '--disable-component-update', '--disable-sync'],
];

interface Trace {
  readonly intervals: readonly number[];
  readonly longest: number;
}

/** Records frame intervals and long tasks while `act` runs. */
async function recorded(page: Page, act: () => Promise<void>): Promise<Trace> {
  await page.evaluate(() => {
    const record = { intervals: [] as number[], longest: 0, on: true };
    Object.assign(window, { record });
    new PerformanceObserver(list => {
      for (const entry of list.getEntries()) record.longest = Math.max(record.longest, entry.duration);
    }).observe({ entryTypes: ['longtask'] });
    let last = performance.now();
    const tick = (now: number): void => {
      record.intervals.push(now - last);
      last = now;
      if (record.on) requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await act();
  return page.evaluate(() => {
    const { record } = window as unknown as { record: { intervals: number[]; longest: number; on: boolean } };
    record.on = false;
    return { intervals: record.intervals.slice(2), longest: record.longest };
  });
}

/** Main-thread time of tasks, layout and scripts so far, in ms. */
async function taskTime(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return (metrics.find(metric => metric.name === 'TaskDuration')?.value ?? 0) * 1000;
}

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGUMENTS });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const session = await page.context().newCDPSession(page);
await session.send('Performance.enable');
await page.goto(`${address}/events/eventfriday1/shots`);
const camera = page.getByRole('button', { name: /^C2 NORTH, / }).locator('.halo');
await camera.waitFor();

const idle = await recorded(page, async () => {
  await page.evaluate(() => new Promise(resolve => setTimeout(resolve, 2000)));
});
const box = await camera.boundingBox();
if (!box) throw new Error('the camera is not drawn');
const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
await page.mouse.move(x, y);
await page.mouse.down();
const work: number[] = [];
const drag = await recorded(page, async () => {
  for (let step = 0; step < 180; step++) {
    const before = await taskTime(session);
    await page.mouse.move(x + 60 + 50 * Math.sin(step / 12), y + 10 * Math.sin(step / 5));
    await page.evaluate(() => new Promise(requestAnimationFrame));
    work.push((await taskTime(session)) - before);
  }
});
await page.mouse.up();
await browser.close();

line(
  'drag, main-thread work per frame (p95 ≤ 8 ms)',
  `median ${ms(quantile(work, 0.5))}`,
  `p95 ${ms(quantile(work, 0.95))}`,
);
line('drag, longest task (≤ 50 ms)', drag.longest === 0 ? 'none over 50 ms' : ms(drag.longest));
line(
  'frame intervals while dragging',
  `median ${ms(quantile(drag.intervals, 0.5))}`,
  `p95 ${ms(quantile(drag.intervals, 0.95))}`,
);
line(
  'frame intervals of the idle page',
  `median ${ms(quantile(idle.intervals, 0.5))}`,
  `p95 ${ms(quantile(idle.intervals, 0.95))}`,
);
