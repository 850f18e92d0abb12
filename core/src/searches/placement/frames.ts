/** Frames of a locked camera that hold several wanted shots at once. */
import { angleBetween, direction } from '../../foundations/index.js';
import type { Lens, Outlook } from '../../stations/shots/appraisal.js';
import { focalFor, LOOSEST } from '../../stations/shots/framing.js';
import { isHidden } from '../../stations/shots/sight.js';
import type { WantedShot } from './demands.js';
import type { Spot } from './places.js';

export interface Frame {
  /** Where the middle of it lies on the plan, degrees. */
  readonly aim: number;
  /** Focal length, mm. */
  readonly focal: number;
  /** Indices of the shots that lie in it whole. */
  readonly shots: readonly number[];
  /** Of each of them, the wanted width as a share of the one given, at most 1. */
  readonly shares: readonly number[];
}

/** A wanted frame as seen from a place: tangents are taken to the side of a common direction and upwards, degrees. */
interface Window {
  readonly index: number;
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
  /** Focal length it asks for alone, mm. */
  readonly alone: number;
}

const RADIANS = Math.PI / 180;
/** Wider than this no frame is looked for, degrees. */
const WIDEST = 120;

/**
 * The frames that hold at least two of the shots: for every two windows the tightest frame from the left edge of one
 * to the right edge of the other, as far as the lens goes. Frames that hold the same shots are given once, the
 * tightest. `may`: of each shot, whether it could be had from there in some frame. Windows are measured as angles on
 * the plan and above the horizon.
 */
export function framesOf(
  { at, floor }: Spot,
  height: number,
  outlooks: readonly Outlook[],
  { optics }: Lens,
  shots: readonly WantedShot[],
  may: readonly boolean[],
): Frame[] {
  const { sensorWidth, crop = 1, focalMin, focalMax } = optics;
  const windows = windowsOf(at, floor + height, outlooks, shots, may, sensorWidth, crop);
  const frames = new Map<string, Frame>();
  const width = sensorWidth / crop;
  for (const a of windows) {
    for (const b of windows) {
      if (b.right <= a.left || b.right - a.left > WIDEST) continue;
      const across = Math.tan(((b.right - a.left) / 2) * RADIANS);
      const longest = width / 2 / across;
      // Without either of the two the frame would be tighter and hold as many. One alone may hold others within it.
      if (longest * LOOSEST < Math.max(a.alone, b.alone) || longest < focalMin) continue;
      const held: Window[] = [];
      let [low, high] = [Infinity, -Infinity];
      for (const each of windows) {
        if (each.left < a.left - 1e-9 || each.right > b.right + 1e-9) continue;
        held.push(each);
        if (each.low < low) low = each.low;
        if (each.high > high) high = each.high;
      }
      const up = Math.tan(((high - low) / 2) * RADIANS);
      const focal = width / 2 / Math.max(across, (up * 16) / 9, width / 2 / focalMax);
      if (focal < focalMin) continue;
      const close = held.filter(({ alone }) => focal * LOOSEST >= alone);
      // The tighter of its neighbours holds the same, or nothing is shared.
      if (close.length < 2 || !close.includes(a) || !close.includes(b)) continue;
      const key = close.map(({ index }) => index).join();
      if ((frames.get(key)?.focal ?? 0) >= focal) continue;
      const shares = close.map(({ alone }) => Math.min(1, focal / alone));
      const taken = { shots: close.map(({ index }) => index), shares };
      frames.set(key, { aim: (a.left + b.right) / 2, focal, ...taken });
    }
  }
  return [...frames.values()];
}

/** The frame of a camera that is locked at an aim, degrees, and a focal length, mm, and what it holds. */
export function frameAsSet(
  { at, floor }: Spot,
  height: number,
  outlooks: readonly Outlook[],
  { optics }: Lens,
  shots: readonly WantedShot[],
  { aim, focal }: Pick<Frame, 'aim' | 'focal'>,
): Frame {
  const { sensorWidth, crop = 1 } = optics;
  const may = shots.map(() => true);
  const half = Math.atan(sensorWidth / crop / 2 / focal) / RADIANS;
  const held = windowsOf(at, floor + height, outlooks, shots, may, sensorWidth, crop).filter(
    ({ left, right, alone }) =>
      angleBetween((left + right) / 2, aim) + (right - left) / 2 <= half + 1e-9 && focal * LOOSEST >= alone,
  );
  return {
    aim,
    focal,
    shots: held.map(({ index }) => index),
    shares: held.map(({ alone }) => Math.min(1, focal / alone)),
  };
}

/** Windows of the shots that are seen at all, in one turn around the first of them. */
function windowsOf(
  at: Spot['at'],
  lens: number,
  outlooks: readonly Outlook[],
  shots: readonly WantedShot[],
  may: readonly boolean[],
  sensorWidth: number,
  crop: number,
): Window[] {
  let base: number | undefined;
  return shots.flatMap(({ subject: { mark, eyes } }, index) => {
    const view = outlooks[index] as Outlook;
    const { wanted } = view;
    if (!may[index] || isHidden(view.hidden) || view.run < 0.2) return [];
    const towards = direction(at, mark.at);
    base ??= towards;
    const middle = base + ((((towards - base) % 360) + 540) % 360) - 180;
    const slant = Math.hypot(view.run, lens - eyes);
    const alone = focalFor(sensorWidth, crop, slant, wanted);
    const half = Math.atan(wanted / 2 / slant) / RADIANS;
    const rise = (metres: number): number => Math.atan((eyes + metres - lens) / view.run) / RADIANS;
    const tall = (wanted * 9) / 16;
    return [
      {
        index,
        left: middle - half,
        right: middle + half,
        alone,
        low: rise((-2 / 3) * tall),
        high: rise(tall / 3),
      },
    ];
  });
}
