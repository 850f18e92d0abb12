/** The optics of a camera as it is put up: its kind, with the converter between lens and camera. */
import type { Device, Kinds, Optics } from '../../documents/index.js';
import { constant, given, type Term } from '../../foundations/index.js';

/** Optics of which some fields follow from others; `told` says how, in words. */
export interface Fitted extends Optics {
  readonly told?: Readonly<Partial<Record<keyof Optics, string>>>;
}

/** Shutter at which “F n at 2000 lx” is measured, s. */
const PUBLISHED_SHUTTER = 1 / 50;

const known = new WeakMap<Optics, Map<number, Fitted>>();

/** The optics of a camera; undefined for what is none. The same object for the same kind and converter. */
export function opticsOf(kinds: Kinds, device: Pick<Device, 'kind' | 'converter'>): Fitted | undefined {
  const optics = kinds.kinds[device.kind]?.optics;
  if (!optics) return undefined;
  const of = known.get(optics) ?? new Map<number, Fitted>();
  known.set(optics, of);
  const { converter = 1 } = device;
  const fitted = of.get(converter) ?? fit(optics, converter);
  of.set(converter, fitted);
  return fitted;
}

/**
 * A converter k multiplies focal lengths, apertures and the image circle by k. An image circle narrower than the
 * diagonal of the sensor forces a crop. From “F n at 2000 lx” the base sensitivity is 250·n² / (2000·t).
 */
function fit(optics: Optics, k: number): Fitted {
  const { sensorWidth, sensorHeight, crop = 1, imageCircle, atTwoThousand, baseIso, pixels } = optics;
  const told: Partial<Record<keyof Optics, string>> = {};
  const fitted: Optics = { ...optics };
  if (k !== 1) {
    for (const field of ['focalMin', 'focalMax', 'apertureShort', 'apertureLong'] as const) {
      const value = optics[field];
      if (value === undefined) continue;
      fitted[field] = value * k;
      told[field] = `the lens with a converter of ${k} ×`;
    }
  }
  const diagonal = Math.hypot(sensorWidth, sensorHeight);
  const forced = imageCircle === undefined ? 1 : diagonal / (imageCircle * k);
  if (forced > crop) {
    fitted.crop = forced;
    fitted.pixels = (pixels * crop) / forced;
    told.crop = `diagonal of the sensor over an image circle of ${imageCircle} mm${k === 1 ? '' : ` × ${k}`}`;
    told.pixels = 'what the image circle leaves of them';
  }
  if (baseIso === undefined && atTwoThousand !== undefined) {
    fitted.baseIso = (250 * atTwoThousand ** 2) / (2000 * PUBLISHED_SHUTTER);
    told.baseIso = `a full picture at f/${atTwoThousand} and 2000 lx in 1/50 s`;
  }
  return Object.keys(told).length === 0 ? optics : { ...fitted, told };
}

/** A field of the optics as a term: read from the kind, or how it follows from it. */
export function opticsTerm(
  name: string,
  kind: string,
  optics: Fitted,
  field: Exclude<keyof Optics, 'panoramic' | 'mount'>,
  unit: Term['unit'],
): Term {
  const told = optics.told?.[field];
  return told === undefined
    ? given(name, optics[field] ?? null, unit, 'kinds', `/kinds/${kind}/optics/${field}`)
    : constant(name, optics[field] ?? null, unit, told);
}

/** How much darker the lens is than its f-number says: its T-stop over its f-number, 1 where that is not known. */
export const lightLoss = ({ tStop, apertureShort, told }: Fitted): number =>
  tStop === undefined || apertureShort === undefined || told?.apertureShort !== undefined
    ? 1
    : tStop / apertureShort;
