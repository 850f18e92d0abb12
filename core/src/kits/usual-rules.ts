/** The choices that an organisation begins with, each the middle of what practitioners do. */
import type { Rules } from '../documents/index.js';

export const usualRules = (organisation: string): Rules => ({
  version: 1,
  organisation,
  units: 'metric',
  hdmiReach: 'usual',
  mainsLoad: 'eighty',
  uploadHeadroom: 'half',
  format: '1080p25',
  aisleWidth: 1.2,
  seatedHead: 1.3,
  standingHead: 1.8,
  slack: 5,
  batteryReserve: 15,
});
