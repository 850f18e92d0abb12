/** Windows: a shot that is cut from the picture of its camera, which is framed for another shot. */
import type { Rules } from '../../documents/index.js';
import { angleBetween, constant, numberOf, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures/framing.js';
import { opticsTerm, type Fitted } from './fitted.js';
import { outputPixels } from './focus.js';
import type { Picture } from './gear-in-picture.js';

export interface WindowResult {
  /** The shot that the camera is framed for. */
  readonly of: string;
  /** How many times narrower than the whole picture. */
  readonly crop: Figure;
  /** It is not enlarged beyond the pixels of the sensor. */
  readonly sharp: Figure;
  /** It lies in the picture whole. */
  readonly inside: Figure;
}

/** What a window is cut from: the shot, its focal length, its picture, and where the camera really points, degrees. */
export interface Whole {
  readonly shot: string;
  readonly focal: Figure;
  readonly picture: Picture;
  readonly aim: number;
}

/** The optics of a camera as a window of it uses them: the sensor and its pixels cut by so much. */
export function cutBy(optics: Fitted, crop: number): Fitted {
  const { crop: own = 1, pixels, sources } = optics;
  return {
    ...optics,
    crop: own * crop,
    pixels: pixels / crop,
    sources: {
      ...sources,
      crop: 'what the window uses of the sensor',
      pixels: 'what the window uses of them',
    },
  };
}

/** `full`: width of the whole picture at the subject; `aim` and `tilt` point at the middle of the window, degrees. */
export function windowResult(
  id: string,
  kind: string,
  optics: Fitted,
  rules: Pick<Rules, 'format'>,
  whole: Whole,
  { full, wanted, aim, tilt }: { full: Figure; wanted: Figure; aim: number; tilt: number },
): WindowResult {
  const out = outputPixels(rules.format);
  const crop = figures.windowCrop.calc(
    [id],
    [constant('full', full.value, 'm', 'width of the whole picture there'), taken('W', wanted)],
  );
  const { across } = whole.picture;
  const part = across / (numberOf(crop) ?? 1);
  const lies =
    whole.picture.allRound ||
    (within(angleBetween(aim, whole.aim), across, part) &&
      within(Math.abs(tilt - whole.picture.tilt), (across * 9) / 16, (part * 9) / 16));
  return {
    of: whole.shot,
    crop,
    sharp: figures.windowSharp.calc(
      [id],
      [
        opticsTerm('pixels', kind, optics, 'pixels', 'px'),
        taken('crop', crop),
        constant('out', out, 'px', `width of the output at ${rules.format}`),
      ],
    ),
    inside: figures.windowInside.found([id], lies),
  };
}

/** Whether a part so many degrees off the middle lies in a whole; both as tangents of half their angles. */
function within(off: number, whole: number, part: number): boolean {
  const degrees = (tangent: number): number => (Math.atan(tangent) * 180) / Math.PI;
  return off + degrees(part) <= degrees(whole) + 0.05;
}

/** Whether a window is as good as a frame of its own. */
export const windowHolds = (id: string, { sharp, inside }: Omit<WindowResult, 'of' | 'crop'>): Figure =>
  figures.reached.calc([id], [taken('sharp', sharp), taken('inside', inside)], {
    formula: 'sharp and inside',
    rule: 'a window lies in the picture whole and is not enlarged',
  });
