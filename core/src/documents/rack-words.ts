/** Words of racks: how wide things are between the rails, what sides they have, how they are held. */

/** How much of the width between the rails a thing takes. */
export const RACK_WIDTHS = ['whole', 'half', 'third'] as const;
export type RackWidth = (typeof RACK_WIDTHS)[number];

/** Where a thing that is not as wide as the rails sits, seen from the front of the case. */
export const ACROSS = ['left', 'middle', 'right'] as const;
export type Across = (typeof ACROSS)[number];

/** What is mounted in a rack to hold, cover or cool the rest; absent: a device of its own. */
export const RACK_FITTINGS = [
  'tray',
  'drawer',
  'blank',
  'open blank',
  'brush plate',
  'patch panel',
  'fan unit',
] as const;
export type RackFitting = (typeof RACK_FITTINGS)[number];

/** Sides of a thing, its front being the one with its face. */
export const AIR_SIDES = ['front', 'rear', 'left', 'right', 'top', 'bottom'] as const;
export type AirSide = (typeof AIR_SIDES)[number];

/** How a thing is held between the rails. */
export const HELD_BY = ['its ears', 'its ears and rear support', 'a tray'] as const;
export type HeldBy = (typeof HELD_BY)[number];

/** Screws of rails and ears. */
export const RACK_SCREWS = ['M5', 'M6', '10-32', '12-24'] as const;
export type RackScrew = (typeof RACK_SCREWS)[number];

/** Faces of a case that a lid closes. */
export const LIDS = ['front', 'rear'] as const;
export type LidFace = (typeof LIDS)[number];

/** What may also be not known: then the field is absent. */
export const YES_OR_NO = ['yes', 'no'] as const;
export type YesOrNo = (typeof YES_OR_NO)[number];
