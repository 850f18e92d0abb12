/** A shot of which nothing is known but what is wanted: its mark is gone, or its camera has no place. */
import type { Figure } from '../../foundations/index.js';
import * as framing from './figures/framing.js';
import * as light from './figures/light.js';
import * as sight from './figures/sight.js';
import { noFocus } from './focus.js';
import type { ShotResult } from './result.js';

export function unknownShot(
  id: string,
  camera: string | undefined,
  frameWanted: Figure,
  why: string,
): ShotResult {
  return {
    camera,
    frameWanted,
    distance: framing.distance.unknown([id], why),
    focalNeeded: framing.focalNeeded.unknown([id], why),
    reached: framing.reached.unknown([id], why),
    focal: framing.focal.unknown([id], why),
    frameGiven: framing.frameGiven.unknown([id], why),
    frameHeight: framing.frameHeight.unknown([id], why),
    facePixels: framing.facePixels.unknown([id], why),
    faceVerdict: framing.faceVerdict.unknown([id], why),
    viewingAngle: framing.viewingAngle.unknown([id], why),
    verticalAngle: framing.verticalAngle.unknown([id], why),
    viewVerdict: framing.viewVerdict.unknown([id], why),
    tilt: framing.tilt.unknown([id], why),
    nearEnough: framing.nearEnough.unknown([id], why),
    lowest: framing.lowest.unknown([id], why),
    window: undefined,
    fromEverywhere: undefined,
    picture: undefined,
    hidden: sight.hidden.unknown([id], why),
    sight: sight.sight.unknown([id], why),
    waist: undefined,
    overSeated: sight.overSeated.unknown([id], why),
    overStanding: sight.overStanding.unknown([id], why),
    pastSolids: sight.pastSolids.unknown([id], why),
    solid: undefined,
    hiddenBy: [],
    block: undefined,
    aperture: light.aperture.unknown([id], why),
    shutter: light.shutter.unknown([id], why),
    flickers: light.flickers.unknown([id], why),
    iso: light.iso.unknown([id], why),
    gain: light.gain.unknown([id], why),
    gainAccepted: light.gainAccepted.unknown([id], why),
    lightToSpare: light.lightToSpare.unknown([id], why),
    focus: noFocus(id, why),
  };
}
