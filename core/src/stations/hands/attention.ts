/** Seconds of attention that one of each thing takes which somebody does while it is live. */
import type { Attention } from '../../documents/index.js';

/** What somebody does again and again while it is live. */
export const JOBS = ['cut', 'call', 'caption', 'slide', 'reframe', 'clip', 'cue', 'chat'] as const;
export type Job = (typeof JOBS)[number];

/** Several of each, as their count is called. */
export const JOB_WORDS: Readonly<Record<Job, string>> = {
  cut: 'cuts',
  call: 'calls',
  caption: 'captions',
  slide: 'slides',
  reframe: 're-frames',
  clip: 'clips',
  cue: 'sound cues',
  chat: 'answers',
};

/** What is usual; a house may reckon otherwise. */
export const USUAL_ATTENTION: Readonly<Required<Attention>> = {
  ...{ cut: 2, call: 3, caption: 6, slide: 3, reframe: 8, clip: 6, cue: 4, chat: 15 },
  walk: 1,
};

/** All of one’s attention, %. */
export const ALL_OF_IT = 100;

/** What is said of a person who is asked more than one can do. */
export const TOO_MUCH = 'too much for one';

export const attentionOf = (own: Attention | undefined): Required<Attention> => ({
  ...USUAL_ATTENTION,
  ...own,
});
