/** Focus: what counts as sharp, from where to where it reaches, and the aperture that holds every face. */
import type { Mark, Rules } from '../../documents/index.js';
import {
  constant,
  distance,
  polar,
  reckoner,
  taken,
  videoOf,
  type Figure,
  type Point,
  type VideoFormat,
} from '../../foundations/index.js';
import * as figures from './figures/light.js';
import { nearEnough as nearEnoughFigure } from './figures/framing.js';
import { opticsTerm, type Fitted } from './fitted.js';
import { sensorTerms } from './framing.js';

/** Width of the output of a format, px. */
export const outputPixels = (format: VideoFormat): number => videoOf(format).width;

const TWO_PIXELS = '2000 * w / crop / out';
const circleByPixels = reckoner(TWO_PIXELS, 'w', 'crop', 'out');
const circleByDiagonal = figures.circle.reckoner('w', 'h', 'crop');

/** The circle of confusion on the active area, µm, by house rule: its diagonal / 1500, or two pixels of the output. */
export function circleOfConfusion(
  id: string,
  kind: string,
  optics: Fitted,
  rules: Pick<Rules, 'circle' | 'format'>,
): Figure {
  const sensor = sensorTerms(kind, optics);
  if (rules.circle === 'pixels') {
    const out = constant('out', outputPixels(rules.format), 'px', `width of the output at ${rules.format}`);
    return figures.circle.calc([id], [...sensor, out], {
      formula: TWO_PIXELS,
      rule: 'two pixels of the output',
    });
  }
  const height = opticsTerm('h', kind, optics, 'sensorHeight', 'mm');
  return figures.circle.calc([id], [...sensor, height], { rule: 'diagonal of the active area / 1500' });
}

/** The same as a number, µm, for searches. */
export function circleFor(
  { sensorWidth, sensorHeight, crop = 1 }: Fitted,
  { circle, format }: Pick<Rules, 'circle' | 'format'>,
): number {
  return circle === 'pixels'
    ? circleByPixels(sensorWidth, crop, outputPixels(format))
    : circleByDiagonal(sensorWidth, sensorHeight, crop);
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

/** What is not known while a shot has no camera with a place. */
export const noFocus = (id: string, why: string): Focus => ({
  circle: figures.circle.unknown([id], why),
  focusAt: figures.focusAt.unknown([id], why),
  hyperfocal: figures.hyperfocal.unknown([id], why),
  near: figures.sharpFrom.unknown([id], why),
  far: figures.sharpTo.unknown([id], why),
  everyFaceSharp: figures.everyFaceSharp.unknown([id], why),
  apertureForAll: figures.apertureForAll.unknown([id], why),
  diffraction: figures.diffraction.unknown([id], why),
});

/**
 * Distances from the lens to the nearest and the farthest face of a mark along the optical axis, m: a group stands
 * across the way it faces, all at one height. `slant`: from lens to the middle face; an axis that is tilted by so much
 * takes less of what lies farther back.
 */
export function facesAlong(camera: Point, { at, facing, width = 0 }: Mark, slant: number): [number, number] {
  const run = distance(camera, at);
  if (width === 0 || run === 0) return [slant, slant];
  const [ux, uy] = [(at[0] - camera[0]) / run, (at[1] - camera[1]) / run];
  const depths = [90, -90].map(side => {
    const [x, y] = polar(at, facing + side, width / 2);
    return (x - at[0]) * ux + (y - at[1]) * uy;
  });
  const level = run / slant;
  return [Math.max(0.05, slant + level * Math.min(...depths)), slant + level * Math.max(...depths)];
}

/** Wavelength in the middle of what the eye sees, mm. */
const WAVELENGTH = 0.00055;

const focusBetween = figures.focusAt.reckoner('dmin', 'dmax');
const hyperfocalOf = figures.hyperfocal.reckoner('f', 'N', 'c');
const nearOf = figures.sharpFrom.reckoner('s', 'H', 'f');
const allSharp = figures.everyFaceSharp.reckoner('near', 'dmin', 'dmax', 's', 'H', 'f');

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
  id: string,
  circle: Figure,
  lens: { readonly focal: Figure; readonly aperture: Figure },
  faces: readonly [number, number],
): Focus {
  const [nearest, farthest] = faces;
  const f = taken('f', lens.focal);
  const N = taken('N', lens.aperture);
  const c = taken('c', circle);
  const ends = [
    constant('dmin', nearest, 'm', 'distance to the nearest face along the axis'),
    constant('dmax', farthest, 'm', 'distance to the farthest face along the axis'),
  ];
  const focusAt = figures.focusAt.calc([id], ends);
  const s = taken('s', focusAt);
  const hyperfocal = figures.hyperfocal.calc([id], [f, N, c]);
  const H = taken('H', hyperfocal);
  const near = figures.sharpFrom.calc([id], [s, H, f]);
  return {
    circle,
    focusAt,
    hyperfocal,
    near,
    far: figures.sharpTo.calc([id], [s, H, f]),
    everyFaceSharp: figures.everyFaceSharp.calc([id], [taken('near', near), ...ends, s, H, f]),
    apertureForAll:
      farthest - nearest < 1e-6
        ? figures.apertureForAll.unknown([id], 'one face needs no depth')
        : figures.apertureForAll.calc([id], [f, c, ...ends, s]),
    diffraction: figures.diffraction.calc(
      [id],
      [constant('wavelength', WAVELENGTH, 'mm', 'green light'), N, c],
    ),
  };
}

/** Whether the lens focuses as near as the subject is. */
export const nearEnough = (id: string, kind: string, optics: Fitted, distance: Figure): Figure =>
  optics.nearest === undefined
    ? nearEnoughFigure.unknown([id], 'how near its lens focuses is not known')
    : nearEnoughFigure.calc(
        [id],
        [taken('d', distance), opticsTerm('nearest', kind, optics, 'nearest', 'm')],
      );
