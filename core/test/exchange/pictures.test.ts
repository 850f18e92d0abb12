/** Pictures by their bytes: size before decoding, and nothing told of where they were taken. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tracingScale } from '../../src/drafting/index.js';
import { pictureHeader, withoutTales } from '../../src/exchange/index.js';

const text = (words: string): number[] => [...words].map(letter => letter.charCodeAt(0));
const u32 = (value: number): number[] => [24, 16, 8, 0].map(shift => (value >>> shift) & 0xff);
/** A chunk with a checksum of zeros: nothing here decodes pixels. */
const chunk = (name: string, ...bytes: number[]): number[] => [
  ...u32(bytes.length),
  ...text(name),
  ...bytes,
  0,
  0,
  0,
  0,
];
const png = (width: number, height: number, ...chunks: number[][]): Uint8Array =>
  Uint8Array.from([
    ...[0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a],
    ...chunk('IHDR', ...u32(width), ...u32(height), 8, 2, 0, 0, 0),
    ...chunks.flat(),
    ...chunk('IDAT', 1, 2, 3),
    ...chunk('IEND'),
  ]);
const segment = (marker: number, ...bytes: number[]): number[] => [
  ...[0xff, marker, (bytes.length + 2) >> 8, (bytes.length + 2) & 0xff],
  ...bytes,
];
const jpeg = (...segments: number[][]): Uint8Array =>
  Uint8Array.from([
    ...[0xff, 0xd8],
    ...segments.flat(),
    ...segment(0xc0, 8, 0x02, 0x58, 0x03, 0x20, 3),
    ...segment(0xda, 1, 2),
    ...[9, 8, 7, 0xff, 0xd9],
  ]);
const latin = (bytes: Uint8Array | undefined): string => String.fromCharCode(...(bytes ?? []));

describe('a header', () => {
  it('tells type and size', () => {
    expect(pictureHeader(png(640, 480))).toEqual({ type: 'image/png', width: 640, height: 480 });
    // 0x0320 × 0x0258, behind an application segment.
    expect(pictureHeader(jpeg(segment(0xe1, ...text('Exif'))))).toEqual({
      type: 'image/jpeg',
      width: 800,
      height: 600,
    });
    expect(pictureHeader(png(60_000, 60_000))).toEqual({ type: 'image/png', width: 60_000, height: 60_000 });
  });

  it('is none for anything else, whatever the bytes', () => {
    for (const other of ['', 'GIF89a', '<svg/>', '%PDF-1.7', 'RIFF....WEBP']) {
      expect(pictureHeader(Uint8Array.from(text(other)))).toBeUndefined();
    }
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), bytes => {
        for (const whole of [bytes, Uint8Array.from([0xff, 0xd8, ...bytes])]) {
          expect(() => [pictureHeader(whole), withoutTales(whole)]).not.toThrow();
        }
      }),
    );
  });
});

describe('what a picture tells about itself', () => {
  it('is left out of a JPEG: Exif with its place, comments; colours and pixels stay', () => {
    const secret = segment(0xe1, ...text('Exif GPS 54.46 -3.08'));
    const told = jpeg(
      segment(0xe0, ...text('JFIF')),
      secret,
      segment(0xfe, ...text('by Odile')),
      segment(0xee, ...text('Adobe')),
    );
    const plain = latin(withoutTales(told));
    expect(plain).not.toContain('GPS');
    expect(plain).not.toContain('Odile');
    expect(plain).toContain('JFIF');
    expect(plain).toContain('Adobe');
    expect(withoutTales(told)).toEqual(jpeg(segment(0xe0, ...text('JFIF')), segment(0xee, ...text('Adobe'))));
  });

  it('is left out of a PNG: Exif, texts, time', () => {
    const told = png(
      3,
      2,
      chunk('eXIf', ...text('GPS')),
      chunk('tEXt', ...text('Author')),
      chunk('pHYs', 1),
      chunk('tIME', 2),
    );
    expect(withoutTales(told)).toEqual(png(3, 2, chunk('pHYs', 1)));
  });

  it('is not looked for in a file that is cut off', () => {
    for (const whole of [png(3, 2), jpeg()]) {
      for (let at = 0; at < whole.length - 8; at++) expect(withoutTales(whole.slice(0, at))).toBeUndefined();
    }
  });
});

describe('a known length', () => {
  it('gives metres to a pixel', () => {
    // 8 m over 3-4-5 triangles of 100 px: 500 px.
    expect(tracingScale([0, 0], [300, 400], 8)).toBeCloseTo(0.016, 12);
    expect(tracingScale([0, 0], [0, 0], 8)).toBeUndefined();
    expect(tracingScale([0, 0], [300, 400], 0)).toBeUndefined();
  });
});
