/** Line patterns by what a lead carries, so that it is never told by colour alone; lengths of dash and gap. */
import type { Carries } from '../documents/index.js';

export const PATTERNS: Readonly<Record<Carries, readonly number[]>> = {
  video: [],
  audio: [8, 2, 2, 2],
  network: [2, 3],
  control: [5, 2],
  tally: [1, 3],
  talkback: [9, 2, 1, 2, 1, 2],
  data: [4, 2, 4, 5],
  power: [10, 3, 2, 3],
};

export const CARRIES_WORDS: Readonly<Record<Carries, string>> = {
  video: 'pictures',
  audio: 'sound',
  network: 'network',
  control: 'control',
  tally: 'tally',
  talkback: 'talkback',
  data: 'disk',
  power: 'power',
};
