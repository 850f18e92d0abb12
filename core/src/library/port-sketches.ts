/** Ports of kinds, written shortly. */
import type { Carries, Connector, Kind, Port } from '../documents/index.js';
import { ordersFor } from '../foundations/index.js';

export type More = Omit<Port, 'order' | 'label' | 'direction' | 'connector' | 'carries'>;
export type PortSketch = [
  id: string,
  label: string,
  direction: Port['direction'],
  connector: Connector,
  carries: Carries,
  more?: More | undefined,
];

export function ports(...sketches: PortSketch[]): Record<string, Port> {
  const orders = ordersFor(sketches.length);
  return Object.fromEntries(
    sketches.map(([id, label, direction, connector, carries, more], i) => [
      id,
      { order: orders[i] ?? '', label, direction, connector, carries, ...more },
    ]),
  );
}

/** With a cord of the usual length. */
export const MAINS_IN: PortSketch = ['mainsin01', 'mains in', 'in', 'mains', 'power', { ownLead: 1.8 }];
/** The same with an adapter that covers what is beside it on a strip. */
export const ADAPTER_IN: PortSketch = [
  ...(['mainsin01', 'mains in', 'in', 'mains', 'power'] as const),
  { ownLead: 1.5, adapter: { width: 0.05 } },
];
/** 12 V from a supply or a battery in place of its own adapter. */
export const TWELVE_VOLTS = (watts: number): PortSketch => [
  ...(['dcin00001', '12 V in', 'in', 'DC barrel', 'power'] as const),
  { volts: { low: 10, high: 14.4 }, watts },
];
/** What a port of USB 3 gives along its lead at least: 0.9 A at 5 V. */
export const USB_3_WATTS = 4.5;
/** USB as a supply of power. */
export const USB_POWER = (watts: number, more: More = {}): PortSketch => [
  ...(['usbcpow01', 'power', 'in', 'USB-C', 'power'] as const),
  { volts: { low: 5, high: 20 }, watts, ...more },
];
/** What a charged device with a battery inside has. */
export const inner = (wattHours: number): NonNullable<Kind['inner']> => ({ wattHours, topsUp: true });
export const NET: PortSketch = ['network01', 'network', 'both', 'RJ45', 'network'];

/** What cameras and computers can be set to. */
export const CAMERA: Pick<Port, 'formats'> = {
  formats: [
    ...(['1080p25', '1080p29.97', '1080p30', '1080p50', '1080p59.94', '1080p60'] as const),
    ...(['1080p23.98', '1080p24'] as const),
    ...(['1080i50', '1080i59.94', '1080psf25', '720p50', '720p59.94', '720p60'] as const),
  ],
};
export const COMPUTER: Pick<Port, 'formats'> = {
  formats: [
    ...(['1080p60', '1080p50', '1080p30', '1080p25', '720p60', '720p50', '2160p30', '2160p60'] as const),
    ...(['1080p23.98', '1080p24', '1080p29.97', '1080p59.94', '1080i50', '1080i59.94'] as const),
    ...(['720p59.94', '2160p24', '2160p25', '2160p50', '2160p59.94'] as const),
  ],
};

const two = (n: number): string => String(n).padStart(2, '0');

/** Several sockets of one sort in a row; `id` comes before a number of two digits. */
export const row = (
  count: number,
  id: string,
  label: string,
  direction: Port['direction'],
  connector: Connector,
  carries: Carries,
  more?: More,
): PortSketch[] =>
  Array.from({ length: count }, (_, i) => [
    `${id}${two(i + 1)}`,
    count === 1 ? label : `${label} ${i + 1}`,
    direction,
    connector,
    carries,
    more,
  ]);

export const hdmiIns = (count: number, more?: More): PortSketch[] =>
  row(count, 'hdmiin', 'HDMI in', 'in', 'HDMI A', 'video', more);

export const outlets = (count: number): PortSketch[] =>
  row(count, 'outlet', 'outlet', 'out', 'mains', 'power');

/** A port that carries pictures. */
export const video = (
  id: string,
  label: string,
  direction: 'in' | 'out',
  connector: Connector,
  more?: More,
): PortSketch => [id, label, direction, connector, 'video', more];
