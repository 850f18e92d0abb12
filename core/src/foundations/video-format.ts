/** Sizes, scans and rates of video as they are named on menus: 1080i50 is 25 frames in 50 fields. */

export const VIDEO_FORMATS = [
  ...(['720p50', '720p59.94', '720p60'] as const),
  ...(['1080i50', '1080i59.94', '1080i60'] as const),
  ...(['1080psf23.98', '1080psf24', '1080psf25', '1080psf29.97', '1080psf30'] as const),
  ...(['1080p23.98', '1080p24', '1080p25', '1080p29.97', '1080p30'] as const),
  ...(['1080p50', '1080p59.94', '1080p60'] as const),
  ...(['2160p23.98', '2160p24', '2160p25', '2160p29.97', '2160p30'] as const),
  ...(['2160p50', '2160p59.94', '2160p60'] as const),
] as const;
export type VideoFormat = (typeof VIDEO_FORMATS)[number];

/** Progressive, interlaced, or whole frames sent in two segments. */
export type Scan = 'p' | 'i' | 'psf';

export interface Video {
  readonly width: number;
  readonly height: number;
  readonly scan: Scan;
  /** Frames a second as an exact fraction: 30000 / 1001 is not 30. */
  readonly frames: { readonly over: number; readonly under: number };
}

const NAME = /^(\d+)(psf|p|i)([\d.]+)$/;

const known = new Map<string, Video>();

/** What a name says. Throws `RangeError` for a name that is none. */
export function videoOf(name: string): Video {
  const before = known.get(name);
  if (before) return before;
  const [, lines, scan, rate] = NAME.exec(name) ?? [];
  if (lines === undefined || rate === undefined) throw new RangeError(`“${name}” is no video format`);
  const height = Number(lines);
  const whole = Math.ceil(Number(rate));
  const fields = scan === 'i' ? 2 : 1;
  const frames = Number.isInteger(Number(rate))
    ? { over: whole / fields, under: 1 }
    : { over: (whole * 1000) / fields, under: 1001 };
  const video: Video = { width: (height * 16) / 9, height, scan: scan as Scan, frames };
  known.set(name, video);
  return video;
}

/** Rate of the serial link that carries it, Gb/s (SMPTE ST 292-1, 424, 2081, 2082). */
export function linkRate(name: string): number {
  const { height, scan, frames } = videoOf(name);
  const fast = scan === 'p' && frames.over / frames.under > 30;
  if (height > 1080) return fast ? 11.88 : 5.94;
  return fast && height === 1080 ? 2.97 : 1.485;
}

const SCANS: Readonly<Record<Scan, string>> = {
  p: 'progressive',
  i: 'interlaced',
  psf: 'in segments (PsF)',
};

/** The rate as it is spoken of: fields where it is interlaced. */
const rateOf = (name: string): string => NAME.exec(name)?.[3] ?? '';

/**
 * Why an input that takes nothing but `own` cannot take `fed`, in words; undefined where it can. Whole frames in
 * segments have the raster of interlaced ones, so that 1080psf25 goes into 1080i50, but not into 1080p25.
 */
export function whyNotNative(own: string, fed: string): string | undefined {
  if (own === fed) return undefined;
  const [a, b] = [videoOf(own), videoOf(fed)];
  if (a.height !== b.height) return `${b.width} × ${b.height} into ${a.width} × ${a.height}`;
  const even = a.frames.over * b.frames.under === b.frames.over * a.frames.under;
  if (a.scan === 'i' && b.scan === 'psf' && even) return undefined;
  if (a.scan !== b.scan) return `${SCANS[b.scan]} into ${SCANS[a.scan]}`;
  return `${rateOf(fed)} is not ${rateOf(own)}`;
}

/** How a computer’s screen is set to it: `1920 × 1080 at 50 Hz, progressive`. */
export function settingOf(name: string): string {
  const { width, height, scan } = videoOf(name);
  return `${width} × ${height} at ${rateOf(name)} Hz, ${SCANS[scan]}`;
}
