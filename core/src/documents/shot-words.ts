/** Words of shots and cameras; apart from their classes, since the interface needs no validator to list them. */

export const SHOT_SIZES = [
  'head and shoulders',
  'chest up',
  'waist up',
  'knees up',
  'full figure',
  'pair',
  'panel',
  'whole area',
  'from above',
] as const;
export type ShotSize = (typeof SHOT_SIZES)[number];

/** How much a shot is wanted; what is vital should be covered twice. */
export const IMPORTANCES = ['vital', 'wanted', 'nice'] as const;
export type Importance = (typeof IMPORTANCES)[number];

/** How a camera is worked; a roaming one is carried about, a crane sweeps it on its arm. */
export const WAYS_TO_WORK = ['operated', 'remote', 'locked', 'roaming', 'crane'] as const;
export type WayToWork = (typeof WAYS_TO_WORK)[number];
