/** Words of packing that documents and stations share. */

export const PACK_GROUPS = [
  'Cameras',
  'Desk',
  'Adapters',
  'Cables',
  'Power',
  'Cases and stands',
  'Floor',
] as const;
/** How lines of the checklist are grouped. */
export type PackGroup = (typeof PACK_GROUPS)[number];

/** Groups of the checklist in the order in which they are wanted: what lies on the floor first, the desk last. */
export const WANTED_FIRST: readonly PackGroup[] = [
  'Floor',
  'Cables',
  'Power',
  'Cases and stands',
  'Cameras',
  'Adapters',
  'Desk',
];

export const TURNS = ['wdh', 'dwh', 'whd', 'hwd', 'dhw', 'hdw'] as const;
/** Which side of a thing – its width, depth or height – lies along the width, the depth and the height of its case. */
export type Turn = (typeof TURNS)[number];
