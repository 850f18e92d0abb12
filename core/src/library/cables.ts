/** Cables in the lengths that are sold. */
import type { Connector, Kind } from '../documents/index.js';

const cable = (
  label: string,
  make: NonNullable<Kind['cable']>['make'],
  connector: Connector,
  length: number,
  weight: number,
): Kind => ({
  label: `${label}, ${length} m`,
  family: 'cable',
  weight,
  cable: { make, length, connector },
});

/** Their ids, lengths and kilos. */
export const CABLES: Record<string, Kind> = {
  hdmi0001m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 1, 0.1),
  hdmi0003m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 3, 0.25),
  hdmi0010m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 10, 0.9),
  hdmi0015m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 15, 1.4),
  hdmi0020m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 20, 1.9),
  hdmi0030m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 30, 2.8),
  hdmiopt30: cable('Optical HDMI cable', 'hdmi-optical', 'HDMI A', 30, 1.1),
  hdmiopt50: cable('Optical HDMI cable', 'hdmi-optical', 'HDMI A', 50, 1.7),
  coax0010m: cable('Coax cable, RG59', 'coax-standard', 'BNC', 10, 0.6),
  coax0025m: cable('Coax cable, RG59', 'coax-standard', 'BNC', 25, 1.5),
  netw0002m: cable('Network cable', 'ethernet', 'RJ45', 2, 0.1),
  netw0010m: cable('Network cable', 'ethernet', 'RJ45', 10, 0.5),
  netw0030m: cable('Network cable', 'ethernet', 'RJ45', 30, 1.3),
  mainlead2: cable('Mains lead, 1.5 mm²', 'mains-1.5', 'mains', 2, 0.4),
  mainlead5: cable('Mains lead, 1.5 mm²', 'mains-1.5', 'mains', 5, 0.9),
  mainlea10: cable('Mains lead, 1.5 mm²', 'mains-1.5', 'mains', 10, 1.7),
  mainlea25: cable('Mains reel, 2.5 mm²', 'mains-2.5', 'mains', 25, 6.2),
  audio005m: cable('Balanced audio cable', 'balanced-audio', 'XLR', 5, 0.4),
  audio010m: cable('Balanced audio cable', 'balanced-audio', 'XLR', 10, 0.7),
};
