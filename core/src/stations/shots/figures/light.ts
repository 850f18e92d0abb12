/** Figures of light and focus: what falls on a face, what it asks of the camera, and where that is sharp. */
import { declare, DEFINITION, houseRule, measurement, standard } from '../../../foundations/index.js';

/** Less light to spare than this is taken away by a third of a stop or two, stops. */
export const SPARE = 0.67;

const THIN_LENS = standard('depth of field of a thin lens');

export const lightAtMark = declare({
  key: 'shots.light.*',
  label: 'Light at the mark',
  unit: 'lx',
  basis: DEFINITION,
  formula: 'room + sum(lamp)',
});
export const aperture = declare({
  key: 'shots.shots.*.aperture',
  label: 'Aperture',
  unit: 'f/',
  basis: houseRule('as set, but never wider than the lens opens; wide open until it is set'),
  formula: 'short * (long / short) ^ (fmax > fmin ? log10(f / fmin) / log10(fmax / fmin) : 0)',
});
export const shutter = declare({
  key: 'shots.shots.*.shutter',
  label: 'Shutter',
  unit: 's',
  basis: houseRule('a whole number of pulses of everything in the picture, no longer than a fiftieth'),
  formula:
    'floor(2 * mains * min(1 / rate, longest) + 0.001) >= 1 ? floor(2 * mains * min(1 / rate, longest) + 0.001) / (2 * mains) : 1 / rate',
  method:
    'longest whole number of pulses of everything in the picture, no longer than a fiftieth, or else than a frame',
});
export const flickers = declare({
  key: 'shots.shots.*.flickers',
  label: 'Flickers at that',
  unit: '',
  basis: houseRule('a shutter within 2 % of a whole number of pulses shows none'),
  method: 'what of the picture pulses no whole number of times while the shutter is open',
  limits: { raises: 'shots.flicker', risk: { isNot: 'none' } },
});
export const iso = declare({
  key: 'shots.shots.*.iso',
  label: 'Sensitivity needed',
  unit: 'ISO',
  basis: standard('ISO 2720, incident light'),
  formula: 'C * (N * loss) ^ 2 / (E * t)',
});
export const gain = declare({
  key: 'shots.shots.*.gain',
  label: 'Gain',
  unit: 'dB',
  basis: standard('levels of voltages in decibels; a stop doubles the voltage'),
  formula: 'max(0, 20 * log10(S / base))',
});
export const gainAccepted = declare({
  key: 'shots.shots.*.gainAccepted',
  label: 'Gain acceptable',
  unit: '',
  basis: measurement('what its owner finds acceptable'),
  formula: 'gain <= most',
  limits: { raises: 'shots.too-dark', risk: { is: false } },
});
export const lightToSpare = declare({
  key: 'shots.shots.*.lightToSpare',
  label: 'Light to spare',
  unit: 'stops',
  basis: standard('a stop halves the light'),
  formula: 'max(0, log2(base / S))',
  limits: { raises: 'shots.too-bright', note: { above: SPARE } },
});
export const circle = declare({
  key: 'shots.shots.*.focus.circle',
  label: 'Blur that counts as sharp',
  unit: 'µm',
  basis: houseRule('a circle of confusion of the diagonal / 1500, or of two pixels of the output'),
  formula: '1000 * sqrt(w ^ 2 + h ^ 2) / crop / 1500',
});
export const focusAt = declare({
  key: 'shots.shots.*.focus.focusAt',
  label: 'Focused at',
  unit: 'm',
  basis: houseRule('so that the nearest and the farthest face are as sharp'),
  formula: '2 * dmin * dmax / (dmin + dmax)',
});
export const hyperfocal = declare({
  key: 'shots.shots.*.focus.hyperfocal',
  label: 'Hyperfocal distance',
  unit: 'm',
  basis: THIN_LENS,
  formula: '(f ^ 2 / (N * c / 1000) + f) / 1000',
});
export const sharpFrom = declare({
  key: 'shots.shots.*.focus.near',
  label: 'Sharp from',
  unit: 'm',
  basis: THIN_LENS,
  formula: 's * (H - f / 1000) / (H + s - 2 * f / 1000)',
});
export const sharpTo = declare({
  key: 'shots.shots.*.focus.far',
  label: 'Sharp to',
  unit: 'm',
  basis: THIN_LENS,
  formula: 's < H ? s * (H - f / 1000) / (H - s) : s / 0',
});
export const everyFaceSharp = declare({
  key: 'shots.shots.*.focus.everyFaceSharp',
  label: 'Every face sharp',
  unit: '',
  basis: houseRule('the nearest and the farthest face lie where it is sharp'),
  formula: 'near <= dmin and (s < H ? dmax <= s * (H - f / 1000) / (H - s) : 1 = 1)',
  limits: { raises: 'shots.not-sharp', risk: { is: false } },
});
export const apertureForAll = declare({
  key: 'shots.shots.*.focus.apertureForAll',
  label: 'Aperture that holds them all',
  unit: 'f/',
  basis: houseRule('rounded up to a third of a stop', 'depth of field of a thin lens'),
  formula: '2 ^ (ceil(6 * log2(f ^ 2 * (dmax - dmin) / (c / 1000 * (dmax + dmin) * (1000 * s - f)))) / 6)',
});
export const diffraction = declare({
  key: 'shots.shots.*.focus.diffraction',
  label: 'Stopping down sharpens no more',
  unit: '',
  basis: standard('diameter of the Airy disk'),
  formula: '2.44 * wavelength * N > c / 1000',
});

export const LIGHT_FIGURES = [
  ...[lightAtMark, aperture, shutter, flickers, iso],
  ...[gain, gainAccepted, lightToSpare, circle, focusAt, hyperfocal, sharpFrom, sharpTo, everyFaceSharp],
  ...[apertureForAll, diffraction],
];
