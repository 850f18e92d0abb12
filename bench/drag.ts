/** Dragging a camera in a real browser: main-thread work per frame and long tasks, beside an idle page's frames. */
import { chromium, type Page } from 'playwright-core';
import { line, ms, quantile } from './measure.js';

const address = process.env.ADDRESS;
if (!address) throw new Error('ADDRESS is not set: run `npm run bench`');

const ARGUMENTS = [
  ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  ...['--disable-background-networking', '--disable-component-update', '--disable-sync'],
];

interface Trace {
  readonly intervals: readonly number[];
  /** Main-thread time from the start of a frame that followed a pointer move to the end of its rendering, ms. */
  readonly work: readonly number[];
  readonly longest: number;
}

/**
 * Records frames while `act` runs. A frame's work is measured from its first animation callback to the first
 * message handled after it: scripts, style, layout and paint of that frame.
 */
async function recorded(page: Page, act: () => Promise<void>): Promise<Trace> {
  await page.evaluate(() => {
    const record = { intervals: [] as number[], work: [] as number[], longest: 0, on: true };
    Object.assign(window, { record });
    new PerformanceObserver(list => {
      for (const entry of list.getEntries()) record.longest = Math.max(record.longest, entry.duration);
    }).observe({ entryTypes: ['longtask'] });
    let moved = false;
    addEventListener('pointermove', () => (moved = true), { capture: true });
    const channel = new MessageChannel();
    let begun = 0;
    let counts = false;
    channel.port1.onmessage = () => {
      if (counts) record.work.push(performance.now() - begun);
    };
    let last = performance.now();
    const tick = (now: number): void => {
      record.intervals.push(now - last);
      last = now;
      begun = performance.now();
      counts = moved;
      moved = false;
      channel.port2.postMessage(0);
      if (record.on) requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await act();
  return page.evaluate(() => {
    const { record } = window as unknown as { record: Trace & { on: boolean } };
    record.on = false;
    return { intervals: record.intervals.slice(2), work: record.work, longest: record.longest };
  });
}

const pause = (milliseconds: number): Promise<void> =>
  new Promise(resolve => setTimeout(resolve, milliseconds));

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGUMENTS });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await page.goto(`${address}/events/eventfriday1/shots`);
const camera = page.getByRole('button', { name: /^C2 NORTH, / }).locator('.halo');
await camera.waitFor();
await pause(1500);

const idle = await recorded(page, async () => {
  await pause(2000);
});
const box = await camera.boundingBox();
if (!box) throw new Error('the camera is not drawn');
const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
await page.mouse.move(x, y);
await page.mouse.down();
const drag = await recorded(page, async () => {
  // The next move is sent as soon as the page has taken the last: one for every frame.
  for (let step = 0; step < 300; step++) {
    await page.mouse.move(x + 60 + 50 * Math.sin(step / 24), y + 10 * Math.sin(step / 10));
  }
});
await page.mouse.up();
await browser.close();

line('frames with a pointer move', String(drag.work.length));
line(
  'drag, main-thread work per frame (p95 ≤ 8 ms)',
  `median ${ms(quantile(drag.work, 0.5))}`,
  `p95 ${ms(quantile(drag.work, 0.95))}`,
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
