/** Names of video formats: rates as fractions, link rates, and what a native input takes. */
import { describe, expect, it } from 'vitest';
import {
  linkRate,
  settingOf,
  VIDEO_FORMATS,
  videoOf,
  whyNotNative,
} from '../../src/foundations/video-format.js';

describe('a video format', () => {
  it.each([
    ['1080i50', 1920, 25, 1],
    ['1080p50', 1920, 50, 1],
    ['1080psf25', 1920, 25, 1],
    ['1080p59.94', 1920, 60000, 1001],
    ['1080i59.94', 1920, 30000, 1001],
    ['1080p23.98', 1920, 24000, 1001],
    ['1080p29.97', 1920, 30000, 1001],
    ['2160p30', 3840, 30, 1],
    ['720p60', 1280, 60, 1],
  ])('%s is %i wide with %i / %i frames a second', (name, width, over, under) => {
    expect(videoOf(name)).toMatchObject({ width, frames: { over, under } });
  });

  it('runs at HD, 3G, 6G or 12G', () => {
    expect(['1080i60', '1080p30', '720p60', '1080psf25'].map(linkRate)).toEqual([1.485, 1.485, 1.485, 1.485]);
    expect(['1080p50', '1080p60', '2160p30', '2160p50'].map(linkRate)).toEqual([2.97, 2.97, 5.94, 11.88]);
  });

  it('is no format when its name is none', () => {
    expect(() => videoOf('wide')).toThrow(RangeError);
  });

  it('is said as on the menu of a computer', () => {
    expect(settingOf('1080p50')).toBe('1920 × 1080 at 50 Hz, progressive');
  });
});

describe('a native input', () => {
  it('takes its own format and no other, but segments where interlaced ones of the same rate go in', () => {
    for (const own of VIDEO_FORMATS) {
      const taken = VIDEO_FORMATS.filter(fed => whyNotNative(own, fed) === undefined);
      const segments = own.startsWith('1080i') ? VIDEO_FORMATS.filter(fed => fed.includes('psf')) : [];
      expect(taken).toContain(own);
      expect(taken.filter(fed => fed !== own).length).toBe(segments.length > 0 ? 1 : 0);
    }
    expect(whyNotNative('1080i50', '1080psf25')).toBeUndefined();
    expect(whyNotNative('1080i59.94', '1080psf29.97')).toBeUndefined();
    expect(whyNotNative('1080i50', '1080psf30')).toBe('in segments (PsF) into interlaced');
  });

  it('says why', () => {
    expect(whyNotNative('1080p60', '1080p59.94')).toBe('59.94 is not 60');
    expect(whyNotNative('1080p24', '1080p23.98')).toBe('23.98 is not 24');
    expect(whyNotNative('1080p25', '1080psf25')).toBe('in segments (PsF) into progressive');
    expect(whyNotNative('1080p50', '1080i50')).toBe('interlaced into progressive');
    expect(whyNotNative('1080p50', '2160p50')).toBe('3840 × 2160 into 1920 × 1080');
  });
});
