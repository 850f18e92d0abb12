/** Sizes and rates that a stream is sent in, the largest first. */

export const RUNGS = [
  '2160p30',
  '1440p30',
  '1080p60',
  '1080p30',
  '720p60',
  '720p30',
  '540p',
  '360p',
  '160p',
] as const;
export type Rung = (typeof RUNGS)[number];
