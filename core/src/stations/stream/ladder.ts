/** Sizes of a stream, and the rates they want. */
import { constant } from '../../foundations/index.js';
import { sizeOf, USUAL_RATE, type Rung } from '../../foundations/rungs.js';

interface RungRates {
  readonly low: number;
  readonly high: number;
}

/** H.264 video rates of each rung, kb/s, best first. */
export const LADDER: readonly (readonly [Rung, RungRates])[] = [
  ['2160p30', { low: 15000, high: 25000 }],
  ['1440p30', { low: 8000, high: 12000 }],
  ['1080p60', { low: 6000, high: 9000 }],
  ['1080p30', { low: 4000, high: 6000 }],
  ['720p60', { low: 3500, high: 5000 }],
  ['720p30', { low: 2500, high: 4000 }],
  ['540p', { low: 1500, high: 1500 }],
  ['360p', { low: 800, high: 800 }],
  ['160p', { low: 300, high: 300 }],
];

export const AUDIO = constant('audio', 160, 'kb/s', 'stereo sound, 128–192 kb/s');
export const OVERHEAD = constant('overhead', 1.08, '×', 'protocol overhead');
export const PER_MEGABIT = constant('k', 1000, '', 'kb in a Mb');

/** What a video rate, kb/s, takes of a line with its sound and protocol, Mb/s. */
export const lineRateOf = (video: number): number =>
  ((video + Number(AUDIO.value)) * Number(OVERHEAD.value)) / Number(PER_MEGABIT.value);

/** What is worth sending: so many lines of picture at most, and more than 30 pictures a second or not. */
export interface Most {
  readonly lines: number;
  readonly fast: boolean;
}

/** Whether a rung is no larger and no faster than what is worth sending. */
export function isWithin(rung: Rung, most: Most): boolean {
  const { lines, rate } = sizeOf(rung);
  return lines <= most.lines && (most.fast || rate <= USUAL_RATE);
}

/** The best rung that is worth sending and whose lowest rate fits the budget, Mb/s; else the smallest. */
export const bestRung = (budget: number, most: Most): Rung =>
  LADDER.find(([rung, { low }]) => isWithin(rung, most) && lineRateOf(low) <= budget)?.[0] ?? '160p';
