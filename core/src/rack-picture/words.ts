/** Words of racks that screens and sheets share. */
import type { Across, LidFace } from '../documents/index.js';

export const ACROSS_WORDS: Readonly<Record<Across, string>> = {
  left: 'at the left',
  middle: 'in the middle',
  right: 'at the right',
};

export const LID_WORDS: Readonly<Record<LidFace, string>> = {
  front: 'The front lid stays on while it works',
  rear: 'The rear lid stays on while it works',
};
