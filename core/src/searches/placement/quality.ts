/** How good a shot is from a place, 0…1, and by what it is less than perfect. */
import type { Appraisal, Outlook, Subject } from '../../stations/shots/appraisal.js';
import { CLEARANCE } from '../../stations/shots/figures/sight.js';
import { isHidden } from '../../stations/shots/sight.js';

/** Why a shot is not perfect, or not to be had at all. */
export type Reason =
  | 'reach'
  | 'near'
  | 'no-film'
  | 'sight'
  | 'heads'
  | 'side'
  | 'height'
  | 'face'
  | 'gain'
  | 'focus'
  | 'loose'
  | 'gear'
  | 'crew'
  | 'solid';

export interface Quality {
  readonly value: number;
  /** What takes away the most, where something does. */
  readonly worst: Reason | undefined;
}

/** A function by some of its points: even between them, and beyond its ends as at them. */
function curve(...points: readonly (readonly [at: number, share: number])[]): (at: number) => number {
  return at => {
    let above = 0;
    while (above < points.length && (points[above]?.[0] ?? 0) < at) above++;
    const [x1, y1] = points[Math.min(above, points.length - 1)] as readonly [number, number];
    if (above === 0 || above === points.length) return y1;
    const [x0, y0] = points[above - 1] as readonly [number, number];
    return y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
  };
}

/** Off the front of the face: good to 30°, fair to 45°, poor to 60°, then a profile. */
const SIDE = curve([30, 1], [45, 0.85], [60, 0.6], [90, 0.2], [180, 0.02]);
/** Above the eyes: good from −5° to 15°, fair to 25°, else poor. */
const ABOVE = curve([-60, 0.1], [-20, 0.5], [-5, 1], [15, 1], [25, 0.85], [45, 0.4], [80, 0.1]);
/** A table or hands from above: within 10° of straight down, 20° at most. */
const STRAIGHT_DOWN = curve([60, 0.05], [70, 0.6], [80, 1]);
/** Source pixels across a face: 200 for a close-up, 100 for a medium shot, 60 for a wide one. */
const FACE = curve([20, 0.5], [60, 0.8], [100, 0.9], [200, 1]);
/** Gain as a share of the highest that is acceptable. */
const GAIN = curve([0.5, 1], [1, 0.8], [1.5, 0.3], [2, 0.1]);
/** Wanted frame width as a share of the one given, where several shots are taken in one frame. */
const LOOSE = curve([0.45, 0], [0.5, 0.4], [0.75, 0.8], [0.95, 1]);
/** A face that is not sharp, and one that is seen only while people sit. */
const NOT_SHARP = 0.6;
const ONLY_SEATED = 0.25;

/** `mostGain` in dB; `shared`: the frame is shared with other shots, so it need not be reached alone. */
export function qualityOf(
  view: Outlook,
  shot: Appraisal,
  { fromAbove }: Pick<Subject, 'fromAbove'>,
  mostGain: number | undefined,
  shared = false,
): Quality {
  const never = (worst: Reason): Quality => ({ value: 0, worst });
  if (!shared && !shot.reached) return never('reach');
  if (!shot.nearEnough) return never('near');
  if (isHidden(view.hidden)) return never('sight');
  const blocked = (clear: number | undefined): boolean => clear !== undefined && clear < CLEARANCE;
  if (blocked(shot.past)) return never('solid');
  if (blocked(shot.seated)) return never('heads');
  let [value, least, worst]: [number, number, Reason | undefined] = [1, 0.999, undefined];
  const weigh = (reason: Reason, factor: number): void => {
    value *= factor;
    if (factor < least) [least, worst] = [factor, reason];
  };
  weigh('sight', 1 - view.hidden.share);
  if (fromAbove) weigh('height', STRAIGHT_DOWN(shot.above));
  else {
    weigh('side', SIDE(view.side));
    weigh('height', ABOVE(shot.above));
  }
  weigh('heads', blocked(shot.standing) ? ONLY_SEATED : 1);
  weigh('face', FACE(shot.pixels));
  if (shared || shot.isSet) weigh('loose', LOOSE(view.wanted / shot.frame));
  const { gain } = shot;
  if (gain !== undefined && mostGain) weigh('gain', GAIN(gain / mostGain));
  weigh('focus', shot.sharp === false ? NOT_SHARP : 1);
  return { value, worst };
}
