/** Light and focus: against the handbook's values, hand calculation, and the blur circle itself. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Optics } from '../../src/documents/index.js';
import {
  numberOf,
  parseQuantity,
  polar,
  showText,
  type Figure,
  type Point,
  type VideoFormat,
} from '../../src/foundations/index.js';
import { gainNeeded, isoNeeded, lightToSpare, shutterTime } from '../../src/stations/shots/exposure.js';
import { circleOfConfusion, facesAlong, focusOf } from '../../src/stations/shots/focus.js';
import { between } from '../arbitraries.js';
import { givenFigure as given } from '../given.js';
import { assessed, number, set } from './edited.js';

const OPTICS: Optics = {
  sensorWidth: 17.3,
  sensorHeight: 9.73,
  focalMin: 12,
  focalMax: 60,
  pixels: 1920,
  baseIso: 400,
};

describe('exposure', () => {
  const iso = (lux: number, N: number, t: number): Figure =>
    isoNeeded('x', given(lux, 'lx'), given(N, 'f/'), given(t, 's'), OPTICS);

  it('of 150 lx at f/2.8 and 1/50 s asks for ISO 653, 4.3 dB over a base of 400', () => {
    expect(number(iso(150, 2.8, 1 / 50))).toBeCloseTo(653.33, 2);
    expect(number(gainNeeded('x', 'kind', OPTICS, iso(150, 2.8, 1 / 50)))).toBeCloseTo(4.26, 2);
  });

  it('in daylight leaves stops to spare and needs no gain', () => {
    // 250 · 2.8² / (9000 / 50) = 10.9; log2(400 / 10.9) = 5.2 stops.
    const bright = iso(9000, 2.8, 1 / 50);
    expect(number(lightToSpare('x', 'kind', OPTICS, bright))).toBeCloseTo(5.2, 1);
    expect(number(gainNeeded('x', 'kind', OPTICS, bright))).toBe(0);
  });

  it('a stop less light costs 6.02 dB, a stop wider saves it', () => {
    fc.assert(
      fc.property(between(5, 200), between(1.4, 8), (lux, N) => {
        const gain = (light: number, aperture: number): number =>
          number(gainNeeded('x', 'k', { ...OPTICS, baseIso: 10 }, iso(light, aperture, 1 / 50)));
        fc.pre(gain(lux, N) > 0 && gain(lux, N / Math.SQRT2) > 0);
        expect(gain(lux / 2, N) - gain(lux, N)).toBeCloseTo(6.0206, 3);
        expect(gain(lux, N) - gain(lux, N / Math.SQRT2)).toBeCloseTo(6.0206, 3);
      }),
    );
  });

  it.each<[VideoFormat, number, number]>([
    ['1080p25', 50, 50],
    ['1080p50', 50, 50],
    ['1080p60', 50, 100],
    ['1080p30', 50, 50],
    ['1080p30', 60, 60],
    ['1080p60', 60, 60],
    ['1080p50', 60, 60],
  ])('at %s and %d Hz mains the shutter is 1/%d s', (format, hertz, part) => {
    const shutter = shutterTime('x', format, hertz);
    expect(number(shutter)).toBeCloseTo(1 / part, 9);
    expect(showText(shutter.value, 's', { system: 'metric', zone: 'UTC' })).toBe(`1/${part} s`);
  });

  it('reads and shows apertures as people write them', () => {
    expect(showText(5.6, 'f/', { system: 'metric', zone: 'UTC' })).toBe('f/5.6');
    for (const text of ['f/5.6', 'F5.6', '5,6', 'f 5.6'])
      expect(parseQuantity(text, 'f/', 'metric')).toBe(5.6);
  });

  it('never opens wider than the lens at its focal length', () => {
    const shot = (aperture?: number) =>
      assessed(...(aperture === undefined ? [] : [set('/devices/camnorth1/aperture', aperture)])).shots.shots
        .shotlecter;
    // 60 mm is the long end: f/4.
    expect(number(shot()?.aperture)).toBeCloseTo(4, 9);
    expect(number(shot(2)?.aperture)).toBeCloseTo(4, 9);
    expect(number(shot(8)?.aperture)).toBe(8);
    expect(number(shot(8)?.gain) - number(shot()?.gain)).toBeCloseTo(20 * Math.log10(4), 6);
  });
});

describe('focus', () => {
  const rules = { circle: 'diagonal', format: '1080p25' } as const;
  const lens = (focal: number, N: number) => ({ focal: given(focal, 'mm'), aperture: given(N, 'f/') });
  const at = (focal: number, N: number, faces: [number, number], circle = 13.2325) =>
    focusOf('x', given(circle, 'µm'), lens(focal, N), faces);
  /** Diameter of the blur of a point at x when focused at s, µm: f²/N · |x − s| / (x · (s − f)). */
  const blur = (f: number, N: number, s: number, x: number): number =>
    (1000 * (f * f * Math.abs(x - s) * 1000)) / (N * x * 1000 * (s * 1000 - f));

  it('counts as sharp what its house rule says', () => {
    // √(17.3² + 9.73²) / 1500 = 13.23 µm; 2 · 17.3 / 1920 = 18.02 µm.
    expect(number(circleOfConfusion('x', 'kind', OPTICS, rules))).toBeCloseTo(13.2325, 3);
    expect(number(circleOfConfusion('x', 'kind', OPTICS, { ...rules, circle: 'pixels' }))).toBeCloseTo(
      18.0208,
      3,
    );
  });

  it('at 60 mm, f/4 and 8.77 m is sharp from 7.77 to 10.05 m', () => {
    const { hyperfocal, near, far } = at(60, 4, [8.77, 8.77]);
    expect(number(hyperfocal)).toBeCloseTo(68.07, 2);
    expect(number(near)).toBeCloseTo(7.774, 2);
    expect(number(far)).toBeCloseTo(10.06, 2);
  });

  it('reaches to infinity from the hyperfocal distance on', () => {
    const { far, everyFaceSharp } = at(8, 8, [10, 10]);
    expect(far).toMatchObject({ value: null, why: 'infinite' });
    expect(everyFaceSharp.value).toBe(true);
  });

  it('ends where the blur is as wide as the circle', () => {
    fc.assert(
      fc.property(between(8, 120), between(1.8, 11), between(1.5, 30), (f, N, s) => {
        const { near, far } = at(f, N, [s, s]);
        expect(blur(f, N, s, number(near))).toBeCloseTo(13.2325, 2);
        const end = numberOf(far);
        if (end !== undefined) expect(blur(f, N, s, end) / 13.2325).toBeCloseTo(1, 2);
      }),
    );
  });

  it('holds the nearest and the farthest face at the aperture it names, and not a third of a stop wider twice over', () => {
    fc.assert(
      fc.property(between(20, 120), between(3, 20), between(0.5, 6), (f, nearest, depth) => {
        const faces: [number, number] = [nearest, nearest + depth];
        const needed = number(at(f, 4, faces).apertureForAll);
        fc.pre(needed > 1);
        expect(at(f, needed * 1.0001, faces).everyFaceSharp.value).toBe(true);
        expect(at(f, needed * 2 ** (-2 / 6), faces).everyFaceSharp.value).toBe(false);
      }),
    );
  });

  it('is limited by diffraction from about f/4.3 on a 1/2.8-type sensor at 1080p', () => {
    // 2.44 · 0.55 µm · N = 2 · 5.57 mm / 1920 = 5.8 µm at N = 4.3.
    const limit = (N: number) => at(10, N, [5, 5], (2 * 5570) / 1920).diffraction.value;
    expect(limit(4.2)).toBe(false);
    expect(limit(4.4)).toBe(true);
  });

  it('sees a group across from the front at one distance, from the side in depth', () => {
    const group = {
      order: '1',
      label: 'choir',
      height: 1.6,
      at: [10, 5] satisfies Point,
      width: 4,
      facing: 180,
    };
    expect(facesAlong([4, 5], group, 6)).toEqual([expect.closeTo(6, 9), expect.closeTo(6, 9)]);
    expect(facesAlong([10, 11], group, 6)).toEqual([expect.closeTo(4, 9), expect.closeTo(8, 9)]);
    // From 8 m higher the axis of 10 m lies over 6 m of floor: 2 m of it are 1.2 m along the axis.
    expect(facesAlong([10, 11], group, 10)).toEqual([expect.closeTo(8.8, 9), expect.closeTo(11.2, 9)]);
  });

  it('measures the depth of a group along an axis through its middle, from wherever it is seen', () => {
    fc.assert(
      fc.property(between(0, 360), between(3, 20), between(0, 10), between(0, 5), (turn, run, up, width) => {
        const at: Point = [10, 5];
        const camera = polar(at, turn, run);
        const mark = { order: '1', label: 'choir', height: 1.6, at, width, facing: 0 };
        // The same in space: ends of the group projected onto the line from lens to middle.
        const [ax, ay, az] = [at[0] - camera[0], at[1] - camera[1], -up];
        const slant = Math.hypot(ax, ay, az);
        const along = [-1, 1].map(side => (ax * ax + (ay + (side * width) / 2) * ay + az * az) / slant);
        const [near, far] = facesAlong(camera, mark, slant);
        expect(near).toBeCloseTo(Math.min(...along), 9);
        expect(far).toBeCloseTo(Math.max(...along), 9);
      }),
    );
  });
});
