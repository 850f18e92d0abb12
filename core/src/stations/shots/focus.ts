/** Focus: what counts as sharp, from where to where it reaches, and the aperture that holds every face. */
import type { Format, Mark, Rules } from '../../documents/index.js';
import {
  calc,
  constant,
  distance,
  polar,
  reckoner,
  taken,
  unknown,
  type Figure,
  type Point,
} from '../../foundations/index.js';
import { opticsTerm, type Fitted } from './fitted.js';
import { sensorTerms } from './framing.js';

const OUTPUT_PIXELS = { '1080': 1920, '720': 1280 } as const;

/** Width of the output of a format, px. */
export const outputPixels = (format: Format): number =>
  OUTPUT_PIXELS[format.startsWith('720') ? '720' : '1080'];

/** The circle of confusion on the active area, µm, by house rule: its diagonal / 1500, or two pixels of the output. */
export function circleOfConfusion(
  kind: string,
  optics: Fitted,
  rules: Pick<Rules, 'circle' | 'format'>,
): Figure {
  const sensor = sensorTerms(kind, optics);
  if (rules.circle === 'pixels') {
    const out = constant('out', outputPixels(rules.format), 'px', `width of the output at ${rules.format}`);
    return calc('µm', '2000 * w / crop / out', [...sensor, out], { rule: 'two pixels of the output' });
  }
  return calc(
    'µm',
    '1000 * sqrt(w ^ 2 + h ^ 2) / crop / 1500',
    [...sensor, opticsTerm('h', kind, optics, 'sensorHeight', 'mm')],
    { rule: 'diagonal of the active area / 1500' },
  );
}

export interface Focus {
  readonly circle: Figure;
  /** Where it is focused: between the nearest and the farthest face. */
  readonly focusAt: Figure;
  readonly hyperfocal: Figure;
  /** Sharp from here … */
  readonly near: Figure;
  /** … to here; null with `why: "infinite"` beyond the hyperfocal distance. */
  readonly far: Figure;
  readonly everyFaceSharp: Figure;
  /** The widest aperture, in thirds of a stop, that holds the nearest and the farthest face. */
  readonly apertureForAll: Figure;
  /** Stopping down further makes nothing sharper: the blur of diffraction is wider than the circle. */
  readonly diffraction: Figure;
}

export const NO_FOCUS = (why: string): Focus => ({
  ...{ circle: unknown('µm', why), focusAt: unknown('m', why), hyperfocal: unknown('m', why) },
  ...{ near: unknown('m', why), far: unknown('m', why), everyFaceSharp: unknown('', why) },
  ...{ apertureForAll: unknown('f/', why), diffraction: unknown('', why) },
});

/**
 * Distances from the lens to the nearest and the farthest face of a mark along the optical axis, m: a group stands
 * across the way it faces. Heights are left out, as they are nearly the same for all.
 */
export function facesAlong(camera: Point, { at, facing, width = 0 }: Mark, slant: number): [number, number] {
  const run = distance(camera, at);
  if (width === 0 || run === 0) return [slant, slant];
  const [ux, uy] = [(at[0] - camera[0]) / run, (at[1] - camera[1]) / run];
  const depths = [90, -90].map(side => {
    const [x, y] = polar(at, facing + side, width / 2);
    return (x - at[0]) * ux + (y - at[1]) * uy;
  });
  return [Math.max(0.05, slant + Math.min(...depths)), slant + Math.max(...depths)];
}

/** Wavelength in the middle of what the eye sees, mm. */
const WAVELENGTH = 0.00055;

const FOCUS_AT = '2 * dmin * dmax / (dmin + dmax)';
const HYPERFOCAL = '(f ^ 2 / (N * c / 1000) + f) / 1000';
const NEAR = 's * (H - f / 1000) / (H + s - 2 * f / 1000)';
const ALL_SHARP = 'near <= dmin and (s < H ? dmax <= s * (H - f / 1000) / (H - s) : 1 = 1)';

const focusBetween = reckoner(FOCUS_AT, 'dmin', 'dmax');
const hyperfocalOf = reckoner(HYPERFOCAL, 'f', 'N', 'c');
const nearOf = reckoner(NEAR, 's', 'H', 'f');
const allSharp = reckoner(ALL_SHARP, 'near', 'dmin', 'dmax', 's', 'H', 'f');

/** Whether every face between two distances along the axis, m, is sharp at a focal length (mm), aperture and circle (µm). */
export function holdsFaces(
  [dmin, dmax]: readonly [number, number],
  f: number,
  N: number,
  c: number,
): boolean {
  if (dmin === dmax) return true;
  const [s, H] = [focusBetween(dmin, dmax), hyperfocalOf(f, N, c)];
  return allSharp(nearOf(s, H, f), dmin, dmax, s, H, f) === 1;
}

/** Depth of field at a focal length and aperture, thin lens; `faces` are the distances of the outermost ones, m. */
export function focusOf(
  path: string,
  circle: Figure,
  lens: { readonly focal: Figure; readonly aperture: Figure },
  faces: readonly [number, number],
): Focus {
  const [nearest, farthest] = faces;
  const f = taken('f', lens.focal, `${path}.focal`);
  const N = taken('N', lens.aperture, `${path}.aperture`);
  const c = taken('c', circle, `${path}.focus.circle`);
  const ends = [
    constant('dmin', nearest, 'm', 'distance to the nearest face along the axis'),
    constant('dmax', farthest, 'm', 'distance to the farthest face along the axis'),
  ];
  const focusAt = calc('m', FOCUS_AT, ends, {
    rule: 'so that the nearest and the farthest face are as sharp',
  });
  const s = taken('s', focusAt, `${path}.focus.focusAt`);
  const hyperfocal = calc('m', HYPERFOCAL, [f, N, c], { source: 'thin lens' });
  const H = taken('H', hyperfocal, `${path}.focus.hyperfocal`);
  const near = calc('m', NEAR, [s, H, f]);
  return {
    ...{ circle, focusAt, hyperfocal, near },
    far: calc('m', 's < H ? s * (H - f / 1000) / (H - s) : 1 / 0', [s, H, f]),
    everyFaceSharp: calc('', ALL_SHARP, [taken('near', near, `${path}.focus.near`), ...ends, s, H, f], {
      rule: 'the nearest and the farthest face lie where it is sharp',
    }),
    apertureForAll:
      farthest - nearest < 1e-6
        ? unknown('f/', 'one face needs no depth')
        : calc(
            'f/',
            '2 ^ (ceil(6 * log2(f ^ 2 * (dmax - dmin) / (c / 1000 * (dmax + dmin) * (1000 * s - f)))) / 6)',
            [f, c, ...ends, s],
            { rule: 'rounded up to a third of a stop' },
          ),
    diffraction: calc('', '2.44 * wavelength * N > c / 1000', [
      constant('wavelength', WAVELENGTH, 'mm', 'green light'),
      N,
      c,
    ]),
  };
}

/** Whether the lens focuses as near as the subject is. */
export const nearEnough = (path: string, kind: string, optics: Fitted, distance: Figure): Figure =>
  optics.nearest === undefined
    ? unknown('', 'how near its lens focuses is not known')
    : calc('', 'd >= nearest', [
        taken('d', distance, `${path}.distance`),
        opticsTerm('nearest', kind, optics, 'nearest', 'm'),
      ]);
