/** Exposure: aperture in use, shutter, and the sensitivity that the light at a mark asks for (ISO 2720). */
import type { Device, Format } from '../../documents/index.js';
import {
  calc,
  constant,
  given,
  reckoner,
  taken,
  unknown,
  type Figure,
  type Term,
} from '../../foundations/index.js';
import { lightLoss, opticsTerm, type Fitted } from './fitted.js';
import { lensTerms } from './framing.js';

/** Frames each second of a format. */
export const rateOf = (format: Format): number => Number(format.slice(format.indexOf('p') + 1));

const OPEN = 'short * (long / short) ^ (fmax > fmin ? log10(f / fmin) / log10(fmax / fmin) : 0)';
const widestAt = reckoner(OPEN, 'short', 'long', 'fmin', 'fmax', 'f');

/** The aperture in use at a focal length, f-number; undefined where how far the lens opens is not known. */
export function apertureAt(optics: Fitted, focal: number, set: number | undefined): number | undefined {
  const { apertureShort, apertureLong = apertureShort, focalMin, focalMax } = optics;
  if (apertureShort === undefined || apertureLong === undefined) return undefined;
  if (apertureShort === apertureLong) return Math.max(set ?? 0, apertureShort);
  return Math.max(set ?? 0, widestAt(apertureShort, apertureLong, focalMin, focalMax, focal));
}

/**
 * The aperture in use, f-number: what is set on the camera, but never wider than the lens opens at that focal length.
 * Between the ends of a zoom the widest aperture is taken to change evenly with the logarithm of the focal length.
 */
export function apertureInUse(
  id: string,
  device: Device,
  optics: Fitted,
  focal: Figure,
  focalPath: string,
): Figure {
  const { kind, aperture } = device;
  if (optics.apertureShort === undefined) return unknown('f/', 'how far its lens opens is not known');
  const ends: Term[] = [
    opticsTerm('short', kind, optics, 'apertureShort', 'f/'),
    optics.apertureLong === undefined
      ? constant('long', optics.apertureShort, 'f/', 'it opens as far at every focal length')
      : opticsTerm('long', kind, optics, 'apertureLong', 'f/'),
    ...lensTerms(kind, optics),
    taken('f', focal, focalPath),
  ];
  return aperture === undefined
    ? calc('f/', OPEN, ends, { rule: 'wide open' })
    : calc(
        'f/',
        `max(set, ${OPEN})`,
        [given('set', aperture, 'f/', 'plan', `/devices/${id}/aperture`), ...ends],
        { rule: 'as set, but never wider than the lens opens' },
      );
}

/** Longer than this, people who move smear, s. */
const LONGEST = 1 / 50;

/**
 * The longest shutter that no lamp on the mains flickers with, s: a whole number of its pulses, which come twice each
 * cycle, no longer than a frame and than a fiftieth. Where a pulse is longer than a frame, the frame itself.
 */
export const shutterTime = (format: Format, hertz: number): Figure =>
  calc(
    's',
    'floor(2 * mains * min(1 / rate, longest) + 0.001) >= 1 ? floor(2 * mains * min(1 / rate, longest) + 0.001) / (2 * mains) : 1 / rate',
    [
      given('mains', hertz, 'Hz', 'venue', '/hertz'),
      constant('rate', rateOf(format), 'Hz', `frames a second at ${format}`),
      constant('longest', LONGEST, 's', 'beyond it people who move smear'),
    ],
    { rule: 'a whole number of the pulses of lamps on the mains, no longer than a frame' },
  );

const ISO = '250 * (N * loss) ^ 2 / (E * t)';
export const isoFor = reckoner(ISO, 'N', 'loss', 'E', 't');

/** Sensitivity needed, ISO: S = 250·N² / (E·t) (incident light, ISO 2720, C = 250). */
export const isoNeeded = (
  path: string,
  mark: string,
  light: Figure,
  aperture: Figure,
  shutter: Figure,
  optics: Fitted,
): Figure =>
  calc(
    'ISO',
    ISO,
    [
      taken('N', aperture, `${path}.aperture`),
      constant(
        'loss',
        lightLoss(optics),
        '×',
        'T-stop of the lens over its f-number, 1 where that is not known',
      ),
      taken('E', light, `shots.light.${mark}`),
      taken('t', shutter, `${path}.shutter`),
    ],
    { source: 'ISO 2720, incident light, C = 250' },
  );

const GAIN = 'max(0, 20 * log10(S / base))';
export const gainFor = reckoner(GAIN, 'S', 'base');

/** Gain over the base sensitivity, dB: 20·log10(S / base), 6.02 dB to a stop; 0 where there is light to spare. */
export const gainNeeded = (path: string, kind: string, optics: Fitted, iso: Figure): Figure =>
  optics.baseIso === undefined
    ? unknown('dB', 'its base sensitivity is not known')
    : calc('dB', GAIN, [taken('S', iso, `${path}.iso`), opticsTerm('base', kind, optics, 'baseIso', 'ISO')]);

/** Light to spare at the base sensitivity, stops: what a neutral-density filter or a narrower aperture takes away. */
export const lightToSpare = (path: string, kind: string, optics: Fitted, iso: Figure): Figure =>
  optics.baseIso === undefined
    ? unknown('stops', 'its base sensitivity is not known')
    : calc('stops', 'max(0, log2(base / S))', [
        opticsTerm('base', kind, optics, 'baseIso', 'ISO'),
        taken('S', iso, `${path}.iso`),
      ]);

/** Less light to spare than this is taken away by a third of a stop or two, stops. */
export const SPARE = 0.67;

/** The neutral-density filter for so many stops to spare: `3 stops (ND 8)`. */
export function filterFor(spare: number): string {
  const stops = Math.max(1, Math.floor(spare + 1 / 3));
  return `${stops} ${stops === 1 ? 'stop' : 'stops'} (ND ${2 ** stops})`;
}

/** Whether the gain stays within what is acceptable for the camera; unknown where no limit is known. */
export const gainAccepted = (path: string, kind: string, optics: Fitted, gain: Figure): Figure =>
  optics.mostGain === undefined
    ? unknown('', 'its highest acceptable gain is not known')
    : calc('', 'gain <= most', [
        taken('gain', gain, `${path}.gain`),
        opticsTerm('most', kind, optics, 'mostGain', 'dB'),
      ]);
