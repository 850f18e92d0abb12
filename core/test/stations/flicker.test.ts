/** Shutters that suit lamps and screens at once, by hand: common multiples of their pulses. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { VIDEO_FORMATS } from '../../src/foundations/video-format.js';
import { flickerOf, lampPulse } from '../../src/stations/shots/flicker.js';
import { picturesOf } from '../../src/stations/shots/exposure.js';
import { outputPixels } from '../../src/stations/shots/focus.js';
import { number } from './edited.js';

const mains = (hertz: number) => ({ label: 'lamps', hertz: 2 * hertz });
const screen = (hertz: number) => ({ label: 'screen', hertz });

describe('a format', () => {
  it.each([
    ['1080i50', 50, 1920],
    ['1080i59.94', 60000 / 1001, 1920],
    ['1080psf25', 25, 1920],
    ['1080p23.98', 24000 / 1001, 1920],
    ['2160p29.97', 30000 / 1001, 3840],
    ['720p50', 50, 1280],
  ] as const)('%s exposes %d pictures a second, %i pixels wide', (format, rate, width) => {
    expect(picturesOf(format).rate).toBeCloseTo(rate, 9);
    expect(outputPixels(format)).toBe(width);
  });
});

describe('a shutter', () => {
  it.each([
    // 2 pulses of 100 Hz lamps are a fiftieth; 60 Hz screens would need a twentieth, longer than the frame.
    ['1080p25', [mains(50)], 1 / 50, 'none'],
    ['1080p25', [mains(50), screen(60)], 1 / 50, 'screen'],
    ['1080p25', [mains(50), screen(50)], 1 / 50, 'none'],
    // A 75 Hz screen and 100 Hz lamps meet at a twenty-fifth: longer than a fiftieth, but within the frame.
    ['1080p25', [mains(50), screen(75)], 1 / 25, 'none'],
    ['1080p30', [mains(60), screen(60)], 1 / 60, 'none'],
    ['1080p60', [mains(50)], 1 / 100, 'none'],
    ['1080p25', [], 1 / 50, 'none'],
    // Of interlaced pictures each field is exposed by itself.
    ['1080i50', [mains(50), screen(75)], 1 / 50, 'screen'],
    ['1080i59.94', [mains(60)], 1 / 60, 'none'],
    ['2160p24', [mains(50)], 1 / 50, 'none'],
  ] as const)('at %s before %j', (format, pulses, shutter, flickers) => {
    const found = flickerOf('x', format, pulses);
    expect(number(found.shutter)).toBeCloseTo(shutter, 9);
    expect(found.flickers.value).toBe(flickers);
  });

  it('is never longer than the frame, and whatever is not named sees whole pulses', () => {
    const pulse = fc.integer({ min: 40, max: 240 }).map(hertz => ({ label: `at ${hertz}`, hertz }));
    fc.assert(
      fc.property(fc.constantFrom(...VIDEO_FORMATS), fc.array(pulse, { maxLength: 4 }), (format, pulses) => {
        const { shutter, flickers } = flickerOf('x', format, pulses);
        expect(number(shutter)).toBeLessThanOrEqual((1 / picturesOf(format).rate) * 1.03);
        const named = String(flickers.value).split(', ');
        for (const { label, hertz } of pulses) {
          if (named.includes(label)) continue;
          const whole = number(shutter) * hertz;
          expect(Math.abs(whole - Math.round(whole))).toBeLessThan(0.02);
        }
      }),
    );
  });

  it('need not suit lamps that are known to be steady', () => {
    const lamp = { order: '1', label: 'L', at: [0, 0] as const, height: 3 };
    expect(lampPulse({ hertz: 50, lamps: { lampone01: { ...lamp, kind: 'daylight' } } })).toBeUndefined();
    expect(lampPulse({ hertz: 50, lamps: { lampone01: { ...lamp, kind: 'led' } } })?.hertz).toBe(100);
    const led = { ...lamp, kind: 'led', pulses: false } as const;
    expect(lampPulse({ hertz: 60, lamps: { lampone01: led } })).toBeUndefined();
    expect(lampPulse({ hertz: 60 })?.hertz).toBe(120);
  });
});
