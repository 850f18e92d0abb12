import type { Reason } from './quality.js';

/** Why a shot is less than perfect from somewhere, in words. */
export const REASON_WORDS: Readonly<Record<Reason, string>> = {
  reach: 'the lens does not reach',
  near: 'nearer than it focuses',
  'no-film': 'a no-film area is in the picture',
  sight: 'a wall or pillar is in the way',
  heads: 'heads are in the way',
  solid: 'furniture or a gallery is in the way',
  side: 'seen from the side',
  height: 'seen from above or below',
  face: 'small face',
  gain: 'gain',
  focus: 'not all sharp',
  loose: 'loosely framed',
  gear: 'gear in the picture',
  crew: 'a camera in the picture',
};
