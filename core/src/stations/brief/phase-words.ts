import type { Phase } from '../../documents/index.js';

export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  rig: 'Rig',
  check: 'Check',
  rehearse: 'Rehearse',
  wait: 'Doors',
  live: 'Live',
  strike: 'Strike',
};
