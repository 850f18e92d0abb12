/** What the light at the mark of a shot asks of its camera, and from where to where it is sharp. */
import { numberOf } from '../../foundations/index.js';
import { apertureInUse, gainAccepted, gainNeeded, isoNeeded, lightToSpare, shutterTime } from './exposure.js';
import { lightAtMark } from './figures/light.js';
import type { Fitted } from './fitted.js';
import { flickerOf, lampPulse, screenPulses } from './flicker.js';
import { circleOfConfusion, facesAlong, focusOf } from './focus.js';
import type { Exposure, Framing } from './result.js';
import type { Placed } from './shot.js';

/** `optics` as the shot uses them. */
export function exposureOf(
  id: string,
  placed: Placed,
  optics: Fitted,
  { distance, focal, picture }: Pick<Framing, 'distance' | 'focal' | 'picture'>,
): Exposure {
  const { shot, camera, device, mark, at, rules, blocking, hertz } = placed;
  const { kind } = device;
  const aperture = apertureInUse(id, camera, device, optics, focal);
  const lamps = lampPulse(placed);
  const screens = picture ? screenPulses(placed, picture, blocking) : [];
  const { flickers, ...chosen } = flickerOf(id, rules.format, [...(lamps ? [lamps] : []), ...screens]);
  // Lamps on the mains alone have a plain formula; more sources need a search.
  const plain = lamps && screens.length === 0;
  const shutter = plain ? shutterTime(id, rules.format, hertz) : chosen.shutter;
  const light = placed.light ?? lightAtMark.unknown([shot.mark], 'its mark is gone');
  const iso = isoNeeded(id, light, aperture, shutter, optics);
  const gain = gainNeeded(id, kind, optics, iso);
  const circle = circleOfConfusion(id, kind, optics, rules);
  const faces = facesAlong(at, mark, numberOf(distance) ?? 0);
  return {
    aperture,
    shutter,
    flickers,
    iso,
    gain,
    gainAccepted: gainAccepted(id, kind, optics, gain),
    lightToSpare: lightToSpare(id, kind, optics, iso),
    focus: focusOf(id, circle, { focal, aperture }, faces),
  };
}
