/** The optics of a camera as it is put up: its kind, with the converter between lens and camera. */
import type { Device, Kinds, Lens, Optics } from '../../documents/index.js';
import { constant, given, type Term } from '../../foundations/index.js';

/** Optics of which some fields follow from others; `told` says how, in words. */
export interface Fitted extends Optics {
  readonly sources?: Readonly<Partial<Record<keyof Optics, string>>>;
  /** Kind of the lens that is put on, where it is not the camera's own, and whether its mount is the camera's. */
  readonly lens?: string;
  readonly fits?: boolean;
}

/** Shutter at which “F n at 2000 lx” is measured, s. */
const PUBLISHED_SHUTTER = 1 / 50;
/** Width of a 4:3 picture with the diagonal of full frame, mm: what phones state focal lengths for. */
const EQUIVALENT_WIDTH = 34.6;
/** What the video mode of a phone crops, where it was not measured. */
const PHONE_CROP = 1 / 0.85;

/** What a camera is put together from: its optics, the lens that is put on, if another, and a converter. */
export interface Put {
  readonly optics: Optics;
  readonly lens: Lens | undefined;
  /** The kind of the lens. */
  readonly lensKind: string | undefined;
  readonly converter: number;
}

/** What a device is put together from; undefined for what is no camera. */
export function putOf(
  { kinds }: Kinds,
  { kind, lens, converter = 1 }: Pick<Device, 'kind' | 'converter' | 'lens'>,
): Put | undefined {
  const optics = kinds[kind]?.optics;
  return optics && { optics, lens: kinds[lens ?? '']?.lens, lensKind: lens, converter };
}

/** The optics of a camera as it is put together. */
export const fittedOf = ({ optics, lens, lensKind, converter }: Put): Fitted =>
  converted(lens && lensKind !== undefined ? withLens(optics, lens, lensKind) : optics, converter);

/** The optics of a device; undefined for what is no camera. */
export function opticsOf(kinds: Kinds, device: Parameters<typeof putOf>[1]): Fitted | undefined {
  const put = putOf(kinds, device);
  return put && fittedOf(put);
}

/** A camera with another lens: all that is the lens's is read from its kind. */
function withLens(optics: Optics, lens: Lens, id: string): Fitted {
  const { mount, ...own } = lens;
  const camera: Fitted = { ...optics, ...own, lens: id };
  for (const field of ['apertureLong', 'tStop', 'imageCircle', 'nearest'] as const) {
    if (lens[field] === undefined) delete camera[field];
  }
  // A lens that is put on states its own focal lengths.
  delete camera.equivalent;
  return { ...camera, fits: optics.mount === undefined || optics.mount === mount };
}

/**
 * A converter k multiplies focal lengths, apertures, T-stop and the image circle by k. An image circle narrower than the
 * diagonal of the sensor forces a crop. From “F n at 2000 lx” the base sensitivity is 250·n² / (2000·t). Focal
 * lengths of phones are those of full frame with the same diagonal: f = f35 · w / 34.6, w the width at 4:3.
 */
function converted(optics: Fitted, k: number): Fitted {
  const { sensorWidth, sensorHeight, imageCircle, atTwoThousand, baseIso, pixels, equivalent } = optics;
  const sources: Partial<Record<keyof Optics, string>> = {};
  const fitted: Fitted = { ...optics };
  if (equivalent) {
    for (const field of ['focalMin', 'focalMax'] as const) {
      fitted[field] = (optics[field] * sensorWidth) / EQUIVALENT_WIDTH;
      sources[field] =
        `${optics[field]} mm as the phone states it × width of the sensor / ${EQUIVALENT_WIDTH} mm`;
    }
    if (optics.crop === undefined) {
      fitted.crop = PHONE_CROP;
      sources.crop = 'a phone’s video uses 0.85 of the width, until it is measured';
    }
  }
  if (k !== 1) {
    for (const field of ['focalMin', 'focalMax', 'apertureShort', 'apertureLong', 'tStop'] as const) {
      const value = fitted[field];
      if (value === undefined) continue;
      fitted[field] = value * k;
      sources[field] = `the lens with a converter of ${k} ×`;
    }
  }
  const crop = fitted.crop ?? 1;
  const diagonal = Math.hypot(sensorWidth, sensorHeight);
  const forced = imageCircle === undefined ? 1 : diagonal / (imageCircle * k);
  if (forced > crop) {
    fitted.crop = forced;
    fitted.pixels = (pixels * crop) / forced;
    sources.crop = `diagonal of the sensor over an image circle of ${imageCircle} mm${k === 1 ? '' : ` × ${k}`}`;
    sources.pixels = 'what the image circle leaves of them';
  }
  if (baseIso === undefined && atTwoThousand !== undefined) {
    fitted.baseIso = (250 * atTwoThousand ** 2) / (2000 * PUBLISHED_SHUTTER);
    sources.baseIso = `a full picture at f/${atTwoThousand} and 2000 lx in 1/50 s`;
  }
  return Object.keys(sources).length === 0 ? optics : { ...fitted, sources };
}

/** What is read from the lens, where another one is put on. */
const OF_LENS: ReadonlySet<string> = new Set([
  ...(['focalMin', 'focalMax', 'apertureShort', 'apertureLong', 'tStop'] as const),
  ...(['imageCircle', 'nearest'] as const),
]);

/** A field of the optics as a term: read from the kind, or how it follows from it. */
export function opticsTerm(
  name: string,
  kind: string,
  optics: Fitted,
  field: Exclude<keyof Optics, 'panoramic' | 'mount' | 'equivalent'>,
  unit: Term['unit'],
): Term {
  const source = optics.sources?.[field];
  if (source !== undefined) return constant(name, optics[field] ?? null, unit, source);
  const { lens } = optics;
  const path = lens !== undefined && OF_LENS.has(field) ? `${lens}/lens` : `${kind}/optics`;
  return given(name, optics[field] ?? null, unit, 'kinds', `/kinds/${path}/${field}`);
}

/** How much darker the lens is than its f-number says: its T-stop over its f-number, 1 where that is not known. */
export const lightLoss = ({ tStop, apertureShort }: Fitted): number =>
  tStop === undefined || apertureShort === undefined ? 1 : tStop / apertureShort;
