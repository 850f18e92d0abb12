/** Sizes of a stream, and the rates they want. */
import type { Rung } from '../../documents/index.js';
import { constant } from '../../foundations/index.js';

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

const lineRateOf = (video: number): number =>
  ((video + Number(AUDIO.value)) * Number(OVERHEAD.value)) / Number(PER_MEGABIT.value);

/** The best rung whose lowest rate fits the budget, Mb/s. */
export const bestRung = (budget: number): Rung =>
  LADDER.find(([, { low }]) => lineRateOf(low) <= budget)?.[0] ?? '160p';
