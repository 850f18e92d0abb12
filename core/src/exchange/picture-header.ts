/** What the first bytes of a picture say, before anything decodes it: a small file can swell to any size. */
import { imageSize } from 'image-size';

export interface PictureHeader {
  readonly type: 'image/png' | 'image/jpeg';
  /** Pixels. */
  readonly width: number;
  readonly height: number;
}

/** Most pixels that are decoded: beyond any plan or photograph that is of use here. */
export const MOST_PIXELS = 40_000_000;

const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
const u16 = (bytes: Uint8Array, at: number): number => ((bytes[at] ?? 0) << 8) | (bytes[at + 1] ?? 0);
const u32 = (bytes: Uint8Array, at: number): number => u16(bytes, at) * 0x10000 + u16(bytes, at + 2);

/** Formats that are taken, by the names of the package that reads their headers. */
const TYPES: Readonly<Record<string, PictureHeader['type']>> = { png: 'image/png', jpg: 'image/jpeg' };

const isPng = (bytes: Uint8Array): boolean => PNG.every((byte, i) => bytes[i] === byte);
const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8;

/** Type and size of a PNG or JPEG from its header (ISO/IEC 15948, ITU-T T.81); undefined for anything else. */
export function pictureHeader(bytes: Uint8Array): PictureHeader | undefined {
  // No other format gets as far as the package, whatever it could read.
  if (!isPng(bytes) && !isJpeg(bytes)) return undefined;
  const found = sizeIn(bytes);
  const type = TYPES[found?.type ?? ''];
  return found && type && found.width > 0 && found.height > 0
    ? { type, width: found.width, height: found.height }
    : undefined;
}

/** What the package finds; it throws on a file that is broken. */
function sizeIn(bytes: Uint8Array): ReturnType<typeof imageSize> | undefined {
  try {
    return imageSize(bytes);
  } catch {
    return undefined;
  }
}

interface Segment {
  readonly marker: number;
  /** Where its 0xff stands, and where the next segment begins. */
  readonly at: number;
  readonly end: number;
}

/** The segments of a JPEG up to its first scan; ends early where the file is broken. */
function* jpegSegments(bytes: Uint8Array): Generator<Segment> {
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const marker = bytes[at + 1] ?? 0;
    if (marker === 0xff) {
      at++;
      continue;
    }
    const end = at + 2 + u16(bytes, at + 2);
    if (end <= at + 3 || end > bytes.length) return;
    yield { marker, at, end };
    if (marker === 0xda) return;
    at = end;
  }
}

/** PNG chunks that only tell about the picture: Exif (with the place it was taken), texts, time. */
const TELLING: ReadonlySet<string> = new Set(['eXIf', 'tEXt', 'zTXt', 'iTXt', 'tIME']);

/**
 * A picture without what it tells about itself: no Exif, so no place it was taken, no texts, no time. The pixels are
 * not touched. Undefined for what is no whole PNG or JPEG.
 */
export function withoutTales(bytes: Uint8Array): Uint8Array | undefined {
  const header = pictureHeader(bytes);
  if (!header) return undefined;
  return header.type === 'image/png' ? plainPng(bytes) : plainJpeg(bytes);
}

function plainPng(bytes: Uint8Array): Uint8Array | undefined {
  const kept: Uint8Array[] = [bytes.subarray(0, 8)];
  let at = 8;
  while (at + 12 <= bytes.length) {
    const end = at + 12 + u32(bytes, at);
    if (end > bytes.length) return undefined;
    const name = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    if (!TELLING.has(name)) kept.push(bytes.subarray(at, end));
    if (name === 'IEND') return joinedBytes(kept);
    at = end;
  }
  return undefined;
}

/** Segments that decoding needs: not the application’s own (but JFIF and Adobe, which tell the colours), no comment. */
function plainJpeg(bytes: Uint8Array): Uint8Array | undefined {
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  for (const { marker, at, end } of jpegSegments(bytes)) {
    const tells = (marker >= 0xe1 && marker <= 0xef && marker !== 0xee) || marker === 0xfe;
    if (!tells) kept.push(bytes.subarray(at, marker === 0xda ? bytes.length : end));
    if (marker === 0xda) return joinedBytes(kept);
  }
  return undefined;
}

function joinedBytes(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
