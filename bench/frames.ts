/** Frames of a page in a real browser: their intervals, and the main-thread work in those that follow the hand. */
import { chromium, type Browser, type Page } from 'playwright-core';
import { line, ms, quantile } from './measure.js';

const ARGUMENTS = [
  ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  ...['--disable-background-networking', '--disable-component-update', '--disable-sync'],
];

export interface Trace {
  /** From one frame to the next, ms of the clock. */
  readonly intervals: readonly number[];
  /** Of each frame that followed the pointer or the wheel, ms of processor time: input, scripts, style, layout, paint. */
  readonly work: readonly number[];
  /** The same with every other task of the main thread until the next frame. */
  readonly whole: readonly number[];
  /** The longest task of the main thread, ms of processor time. */
  readonly longest: number;
}

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  /** Start, duration and processor time, µs. */
  readonly ts: number;
  readonly dur?: number;
  readonly tdur?: number;
  readonly args: { readonly data?: { readonly type?: string } };
}

/** Traces the main thread while `act` runs, in processor time: what other guests of the machine take does not count. */
export async function recorded(page: Page, act: () => Promise<void>): Promise<Trace> {
  const browser = page.context().browser();
  if (!browser) throw new Error('the page has no browser');
  // A frame at every beat, so that frames without work are seen too.
  const beat = await page.evaluateHandle(() => {
    const state = { on: true };
    const tick = (): void => void (state.on && requestAnimationFrame(tick));
    tick();
    return state;
  });
  await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline'] });
  await act();
  const trace = await browser.stopTracing();
  await beat.evaluate(state => (state.on = false));
  const { traceEvents } = JSON.parse(trace.toString()) as { readonly traceEvents: readonly TraceEvent[] };
  return framesOf(traceEvents.filter(({ ph }) => ph === 'X'));
}

const threadOf = ({ pid, tid }: TraceEvent): string => `${pid}:${tid}`;
const isFrame = ({ name }: TraceEvent): boolean => name === 'FireAnimationFrame';
const isHand = ({ name, args }: TraceEvent): boolean =>
  name === 'EventDispatch' && /^(pointermove|dragover|wheel)$/.test(args.data?.type ?? '');

function framesOf(all: readonly TraceEvent[]): Trace {
  const thread = all.filter(isFrame).map(threadOf)[0];
  const events = all.filter(event => threadOf(event) === thread).sort((a, b) => a.ts - b.ts);
  const tasks = events.filter(({ name }) => name === 'ThreadControllerImpl::RunTask');
  const marks = events.filter(event => isFrame(event) || isHand(event));
  const frames: { begun: number; work: number; whole: number; followed: boolean }[] = [];
  let next = 0;
  for (const { ts, dur = 0, tdur = 0 } of tasks) {
    const inside: TraceEvent[] = [];
    for (let mark = marks[next]; mark && mark.ts <= ts + dur; mark = marks[++next]) inside.push(mark);
    if (inside.some(isFrame)) {
      frames.push({ begun: ts / 1000, work: tdur / 1000, whole: 0, followed: false });
    }
    const frame = frames.at(-1);
    if (!frame) continue;
    frame.whole += tdur / 1000;
    frame.followed ||= inside.some(isHand);
  }
  return {
    intervals: frames.slice(1).map(({ begun }, i) => begun - (frames[i]?.begun ?? begun)),
    work: frames.flatMap(({ work, followed }) => (followed ? work : [])),
    whole: frames.flatMap(({ whole, followed }) => (followed ? whole : [])),
    longest: tasks.reduce((most, { tdur = 0 }) => Math.max(most, tdur / 1000), 0),
  };
}

export const pause = (milliseconds: number): Promise<void> =>
  new Promise(resolve => setTimeout(resolve, milliseconds));

export const launch = (): Promise<Browser> =>
  chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGUMENTS });

/** What was recorded of an act, against the budget of a frame. */
export function report(act: string, { work, whole, longest, intervals }: Trace): void {
  line(
    `${act}, main-thread work per frame (p95 ≤ 8 ms)`,
    `median ${ms(quantile(work, 0.5))}`,
    `p95 ${ms(quantile(work, 0.95))}`,
  );
  line(
    `${act}, with the tasks between frames`,
    `median ${ms(quantile(whole, 0.5))}`,
    `p95 ${ms(quantile(whole, 0.95))}`,
  );
  line(`${act}, longest task (≤ 50 ms)`, ms(longest));
  reportIntervals(`frame intervals, ${act}`, intervals);
}

export const reportIntervals = (name: string, intervals: readonly number[]): void =>
  line(name, `median ${ms(quantile(intervals, 0.5))}`, `p95 ${ms(quantile(intervals, 0.95))}`);
