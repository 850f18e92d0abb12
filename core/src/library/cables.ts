/** Cables in the lengths that are sold. */
import type { Cable, Connector, Kind } from '../documents/index.js';

/** What cables cost, roughly: the plugs, and each metre. */
const PLAIN = { piece: 4, metre: 1 };
const PRICES: Readonly<Partial<Record<NonNullable<Kind['cable']>['make'], typeof PLAIN>>> = {
  'hdmi-active': { piece: 15, metre: 1.5 },
  'hdmi-optical': { piece: 30, metre: 0.8 },
  'coax-standard': { piece: 8, metre: 0.9 },
  ethernet: { piece: 3, metre: 0.5 },
  fibre: { piece: 15, metre: 0.6 },
  'mains-2.5': { piece: 12, metre: 2 },
  'usb-3-fast': { piece: 12, metre: 4 },
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

type Far = NonNullable<Cable['far']>;

/** A lead whose two ends are unlike. */
const unlike = (
  label: string,
  make: Cable['make'],
  [near, far]: readonly [Pick<Cable, 'connector' | 'ends'>, Far],
  length: number,
  weight: number,
): Kind => cable(label, make, near.connector, length, weight, { ...near, far });

const HDMI_A: Far = { connector: 'HDMI A' };
const USB_A: Far = { connector: 'USB-A' };
const USB_B: Far = { connector: 'USB-B' };
const JACK: Far = { connector: 'TRS 6.35' };
const SMALL_JACK: Far = { connector: 'TRS 3.5' };
const PINS: Far = { connector: 'XLR' };
const HOLES = { connector: 'XLR' } as const;
const USB_C = { connector: 'USB-C' } as const;

/** Leads that end in another plug than they begin with. */
const UNLIKE: Record<string, Kind> = {
  hdmicta2m: unlike('HDMI cable, C to A', 'hdmi-plain', [{ connector: 'HDMI C' }, HDMI_A], 2, 0.15),
  hdmicta5m: unlike('HDMI cable, C to A', 'hdmi-plain', [{ connector: 'HDMI C' }, HDMI_A], 5, 0.4),
  hdmidta2m: unlike('HDMI cable, D to A', 'hdmi-plain', [{ connector: 'HDMI D' }, HDMI_A], 2, 0.12),
  hdmidta5m: unlike('HDMI cable, D to A', 'hdmi-plain', [{ connector: 'HDMI D' }, HDMI_A], 5, 0.35),
  usbctoa1m: unlike('USB cable, C to A', 'usb-3', [USB_C, USB_A], 1, 0.04),
  usbctoa2m: unlike('USB cable, C to A', 'usb-3', [USB_C, USB_A], 2, 0.07),
  usbctob2m: unlike('USB cable, C to B', 'usb-2', [USB_C, USB_B], 2, 0.07),
  usbatob2m: unlike('USB cable, A to B', 'usb-2', [USB_A, USB_B], 2, 0.08),
  usbatob5m: unlike('USB cable, A to B', 'usb-2', [USB_A, USB_B], 5, 0.18),
  usbatom1m: unlike('USB cable, A to micro', 'usb-2', [USB_A, { connector: 'USB micro' }], 1, 0.03),
  xlrjack3m: unlike('Audio cable, XLR to 6.35 mm', 'balanced-audio', [HOLES, JACK], 3, 0.2),
  jackxlr3m: unlike('Audio cable, 6.35 mm to XLR', 'balanced-audio', [JACK, PINS], 3, 0.2),
  xlrmini3m: unlike('Audio cable, XLR to 3.5 mm', 'unbalanced-audio', [HOLES, SMALL_JACK], 3, 0.15),
  minixlr3m: unlike('Audio cable, 3.5 mm to XLR', 'unbalanced-audio', [SMALL_JACK, PINS], 3, 0.15),
  jackmin3m: unlike('Audio cable, 6.35 mm to 3.5 mm', 'unbalanced-audio', [JACK, SMALL_JACK], 3, 0.12),
  jackrca3m: unlike('Audio cable, 6.35 mm to RCA', 'unbalanced-audio', [JACK, { connector: 'RCA' }], 3, 0.12),
  mainsc132: unlike(
    'Mains lead to C13',
    'mains-1.5',
    [{ connector: 'mains' }, { connector: 'IEC C13' }],
    2,
    0.3,
  ),
  mainsc072: unlike(
    'Mains lead to C7',
    'mains-1.5',
    [{ connector: 'mains' }, { connector: 'IEC C7' }],
    2,
    0.15,
  ),
  dclocbar1: unlike(
    'DC lead, locking to barrel',
    'dc',
    [{ connector: 'DC locking' }, { connector: 'DC barrel' }],
    1,
    0.06,
  ),
  dcplabar1: unlike(
    'DC lead, battery plate to barrel',
    'dc',
    [{ connector: 'battery plate' }, { connector: 'DC barrel' }],
    1,
    0.1,
  ),
  dclitbar2: unlike(
    'DC lead, lighter plug to barrel',
    'dc',
    [{ connector: 'vehicle lighter' }, { connector: 'DC barrel' }],
    2,
    0.1,
  ),
};

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
  ...UNLIKE,
  audiorca2: cable('Audio cable, RCA', 'unbalanced-audio', 'RCA', 2, 0.1),
  usbccafa1: cable('USB cable, C plugs, 10 Gb/s', 'usb-3-fast', 'USB-C', 1, 0.05),
  dcbarrel2: cable('DC lead, barrel', 'dc', 'DC barrel', 2, 0.08),
  dclockin2: cable('DC lead, locking', 'dc', 'DC locking', 2, 0.1),
  dcfourpi2: cable('DC lead, XLR 4-pin', 'dc', 'XLR 4-pin', 2, 0.3),
  audio020m: cable('Balanced audio cable', 'balanced-audio', 'XLR', 20, 1.3),
};
