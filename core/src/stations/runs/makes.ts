import type { CableMake, Connector } from '../../documents/index.js';

/** Makes of cable that end in a connector, the usual one first. */
export const CABLE_MAKES_BY_CONNECTOR: Readonly<Partial<Record<Connector, readonly CableMake[]>>> = {
  'HDMI A': ['hdmi-plain', 'hdmi-optical', 'hdmi-active'],
  BNC: ['coax-standard', 'coax-thick', 'coax-thin'],
  mains: ['mains-1.5', 'mains-2.5'],
};
