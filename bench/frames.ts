/** Frames of a page in a real browser: their intervals, and the main-thread work in those that follow the pointer. */
import { chromium, type Browser, type Page } from 'playwright-core';
import { line, ms, quantile } from './measure.js';

const ARGUMENTS = [
  ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  ...['--disable-background-networking', '--disable-component-update', '--disable-sync'],
];

export interface Trace {
  readonly intervals: readonly number[];
  /** Main-thread time from the start of a frame that followed the pointer or the wheel to the end of its rendering, ms. */
  readonly work: readonly number[];
  readonly longest: number;
}

/**
 * Records frames while `act` runs. A frame's work is measured from its first animation callback to the first
 * message handled after it: scripts, style, layout and paint of that frame.
 */
export async function recorded(page: Page, act: () => Promise<void>): Promise<Trace> {
  await page.evaluate(() => {
    const record = { intervals: [] as number[], work: [] as number[], longest: 0, on: true };
    Object.assign(window, { record });
    new PerformanceObserver(list => {
      for (const entry of list.getEntries()) record.longest = Math.max(record.longest, entry.duration);
    }).observe({ entryTypes: ['longtask'] });
    let moved = false;
    for (const type of ['pointermove', 'wheel']) {
      addEventListener(type, () => (moved = true), { capture: true, passive: true });
    }
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

export const pause = (milliseconds: number): Promise<void> =>
  new Promise(resolve => setTimeout(resolve, milliseconds));

export const launch = (): Promise<Browser> =>
  chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGUMENTS });

/** What was recorded of an act, against the budget of a frame. */
export function report(act: string, { work, longest, intervals }: Trace): void {
  line(
    `${act}, main-thread work per frame (p95 ≤ 8 ms)`,
    `median ${ms(quantile(work, 0.5))}`,
    `p95 ${ms(quantile(work, 0.95))}`,
  );
  line(`${act}, longest task (≤ 50 ms)`, longest === 0 ? 'none over 50 ms' : ms(longest));
  reportIntervals(`frame intervals, ${act}`, intervals);
}

export const reportIntervals = (name: string, intervals: readonly number[]): void =>
  line(name, `median ${ms(quantile(intervals, 0.5))}`, `p95 ${ms(quantile(intervals, 0.95))}`);
