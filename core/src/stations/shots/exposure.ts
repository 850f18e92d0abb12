/** Exposure: aperture in use, shutter, and the sensitivity that the light at a mark asks for (ISO 2720). */
import type { Device } from '../../documents/index.js';
import {
  constant,
  given,
  taken,
  videoOf,
  type Figure,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import * as figures from './figures/light.js';
import { lightLoss, opticsTerm, type Fitted } from './fitted.js';
import { lensTerms } from './framing.js';

/** Pictures a second that a shutter opens for, by name and number: fields where they are interlaced, else frames. */
export function picturesOf(format: VideoFormat): { readonly words: string; readonly rate: number } {
  const { scan, frames } = videoOf(format);
  const fields = scan === 'i';
  return {
    words: `${fields ? 'fields' : 'frames'} a second at ${format}`,
    rate: ((fields ? 2 : 1) * frames.over) / frames.under,
  };
}

const widestAt = figures.aperture.reckoner('short', 'long', 'fmin', 'fmax', 'f');

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
  camera: string,
  { kind, aperture }: Pick<Device, 'kind' | 'aperture'>,
  optics: Fitted,
  focal: Figure,
): Figure {
  const { apertureShort, apertureLong } = optics;
  if (apertureShort === undefined)
    return figures.aperture.unknown([id], 'how far its lens opens is not known');
  const ends: Term[] = [
    opticsTerm('short', kind, optics, 'apertureShort', 'f/'),
    apertureLong === undefined
      ? constant('long', apertureShort, 'f/', 'it opens as far at every focal length')
      : opticsTerm('long', kind, optics, 'apertureLong', 'f/'),
    ...lensTerms(kind, optics),
    taken('f', focal),
  ];
  if (aperture === undefined) return figures.aperture.calc([id], ends, { rule: 'wide open' });
  const set = given('set', aperture, 'f/', 'plan', `/devices/${camera}/aperture`);
  return figures.aperture.calc([id], [set, ...ends], {
    formula: `max(set, ${figures.aperture.formula ?? ''})`,
    rule: 'as set, but never wider than the lens opens',
  });
}

/** Longer than this, people who move smear, s. */
const LONGEST = 1 / 50;

/**
 * The longest shutter that no lamp on the mains flickers with, s: a whole number of its pulses, which come twice each
 * cycle, no longer than a frame and than a fiftieth. Where a pulse is longer than a frame, the frame itself.
 */
export const shutterTime = (id: string, format: VideoFormat, hertz: number): Figure =>
  figures.shutter.calc(
    [id],
    [
      given('mains', hertz, 'Hz', 'venue', '/hertz'),
      constant('rate', picturesOf(format).rate, 'Hz', picturesOf(format).words),
      constant('longest', LONGEST, 's', 'beyond it people who move smear'),
    ],
    { rule: 'a whole number of the pulses of lamps on the mains, no longer than a frame' },
  );

const shutterBy = figures.shutter.reckoner('mains', 'rate', 'longest');
/** The same as a number, s, for searches. */
export const shutterFor = (format: VideoFormat, hertz: number): number =>
  shutterBy(hertz, picturesOf(format).rate, LONGEST);

/** The calibration constant of incident-light meters that ISO 2720 recommends, lx·s. */
const CALIBRATION = 250;
const isoBy = figures.iso.reckoner('C', 'N', 'loss', 'E', 't');
/** Sensitivity needed at an f-number, a loss of the lens, a light, lx, and a shutter, s. */
export const isoFor = (N: number, loss: number, E: number, t: number): number =>
  isoBy(CALIBRATION, N, loss, E, t);

/** Sensitivity needed, ISO: S = C·N² / (E·t). */
export const isoNeeded = (
  id: string,
  light: Figure,
  aperture: Figure,
  shutter: Figure,
  optics: Fitted,
): Figure =>
  figures.iso.calc(
    [id],
    [
      constant('C', CALIBRATION, 'lx·s', 'calibration constant for incident light, ISO 2720'),
      taken('N', aperture),
      constant(
        'loss',
        lightLoss(optics),
        '×',
        'T-stop of the lens over its f-number, 1 where that is not known',
      ),
      taken('E', light),
      taken('t', shutter),
    ],
  );

/** Gain over the base sensitivity, dB: 20·log10(S / base), 6.02 dB to a stop; 0 where there is light to spare. */
export const gainFor = figures.gain.reckoner('S', 'base');

export const gainNeeded = (id: string, kind: string, optics: Fitted, iso: Figure): Figure =>
  optics.baseIso === undefined
    ? figures.gain.unknown([id], 'its base sensitivity is not known')
    : figures.gain.calc([id], [taken('S', iso), opticsTerm('base', kind, optics, 'baseIso', 'ISO')]);

/** Light to spare at the base sensitivity, stops: what a neutral-density filter or a narrower aperture takes away. */
export const lightToSpare = (id: string, kind: string, optics: Fitted, iso: Figure): Figure =>
  optics.baseIso === undefined
    ? figures.lightToSpare.unknown([id], 'its base sensitivity is not known')
    : figures.lightToSpare.calc([id], [opticsTerm('base', kind, optics, 'baseIso', 'ISO'), taken('S', iso)]);

/** The neutral-density filter for so many stops to spare: `3 stops (ND 8)`. */
export function filterFor(spare: number): string {
  const stops = Math.max(1, Math.floor(spare + 1 / 3));
  return `${stops} ${stops === 1 ? 'stop' : 'stops'} (ND ${2 ** stops})`;
}

/** Whether the gain stays within what is acceptable for the camera; unknown where no limit is known. */
export const gainAccepted = (id: string, kind: string, optics: Fitted, gain: Figure): Figure =>
  optics.mostGain === undefined
    ? figures.gainAccepted.unknown([id], 'its highest acceptable gain is not known')
    : figures.gainAccepted.calc(
        [id],
        [taken('gain', gain), opticsTerm('most', kind, optics, 'mostGain', 'dB')],
      );
