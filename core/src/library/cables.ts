/** Cables in the lengths that are sold. */
import type { Connector, Kind } from '../documents/index.js';

/** What cables cost, roughly: the plugs, and each metre. */
const PLAIN = { piece: 4, metre: 1 };
const PRICES: Readonly<Partial<Record<NonNullable<Kind['cable']>['make'], typeof PLAIN>>> = {
  'hdmi-active': { piece: 15, metre: 1.5 },
  'hdmi-optical': { piece: 30, metre: 0.8 },
  'coax-standard': { piece: 8, metre: 0.9 },
  ethernet: { piece: 3, metre: 0.5 },
  fibre: { piece: 15, metre: 0.6 },
  'mains-2.5': { piece: 12, metre: 2 },
};

const cable = (
  label: string,
  make: NonNullable<Kind['cable']>['make'],
  connector: Connector,
  length: number,
  weight: number,
  more: Partial<NonNullable<Kind['cable']>> = {},
): Kind => ({
  label: `${label}, ${length} m`,
  family: 'cable',
  weight,
  price: Math.round((PRICES[make] ?? PLAIN).piece + (PRICES[make] ?? PLAIN).metre * length),
  cable: { make, length, connector, ...more },
});

/** Their ids, lengths and kilos. */
export const CABLES: Record<string, Kind> = {
  hdmi0001m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 1, 0.1),
  hdmi0003m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 3, 0.25),
  hdmi0010m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 10, 0.9),
  hdmi0015m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 15, 1.4),
  hdmi0020m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 20, 1.9),
  hdmi0030m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 30, 2.8),
  hdmiopt30: cable('Optical HDMI cable', 'hdmi-optical', 'HDMI A', 30, 1.1, { directed: true }),
  hdmiopt50: cable('Optical HDMI cable', 'hdmi-optical', 'HDMI A', 50, 1.7, { directed: true }),
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
  hdmi0002m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 2, 0.18),
  hdmi0005m: cable('HDMI cable', 'hdmi-plain', 'HDMI A', 5, 0.45),
  coax0001m: cable('Coax cable, RG59', 'coax-standard', 'BNC', 1, 0.1),
  coax0050m: cable('Coax cable, RG59', 'coax-standard', 'BNC', 50, 2.9),
  netw0020m: cable('Network cable', 'ethernet', 'RJ45', 20, 0.9),
  netw0050m: cable('Network cable', 'ethernet', 'RJ45', 50, 2.1),
  fibre030m: cable('Fibre cable, two fibres', 'fibre', 'fibre LC', 30, 0.9),
  fibre100m: cable('Fibre cable, two fibres, on a drum', 'fibre', 'fibre LC', 100, 3.8),
  usbacab2m: cable('USB cable, A plug', 'usb-2', 'USB-A', 2, 0.08),
  usbccab2m: cable('USB cable, C plugs', 'usb-2', 'USB-C', 2, 0.06),
  audiotr3m: cable('Audio cable, 3.5 mm', 'unbalanced-audio', 'TRS 3.5', 3, 0.08),
  audiots3m: cable('Audio cable, 6.35 mm', 'balanced-audio', 'TRS 6.35', 3, 0.2),
  audio030m: cable('Balanced audio cable', 'balanced-audio', 'XLR', 30, 1.9),
  audio020m: cable('Balanced audio cable', 'balanced-audio', 'XLR', 20, 1.3),
};
