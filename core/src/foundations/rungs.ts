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

/** A rung that names no rate is sent with so many pictures a second at most. */
export const USUAL_RATE = 30;

/** Lines of a rung, and the pictures a second that it is good for. */
export function sizeOf(rung: Rung): { readonly lines: number; readonly rate: number } {
  const [lines = 0, rate = USUAL_RATE] = rung.split('p').filter(Boolean).map(Number);
  return { lines, rate };
}
