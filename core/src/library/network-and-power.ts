/** Network, mains, batteries and supplies. */
import type { Kind } from '../documents/index.js';
import {
  ADAPTER_IN,
  inner,
  MAINS_IN,
  outlets,
  ports,
  row,
  USB_POWER,
  type PortSketch,
} from './port-sketches.js';

/** Counted on from a first port: `port 1` becomes `port 2`. */
const shifted = ([id, label, ...rest]: PortSketch): PortSketch => {
  const next = (text: string): string =>
    text.replace(/\d+$/, n => String(Number(n) + 1).padStart(n.length, '0'));
  return [next(id), next(label), ...rest];
};

export const NETWORK_AND_POWER: Record<string, Kind> = {
  routerwan: {
    label: 'Router, rack 1U, wired line with cellular reserve',
    family: 'router',
    weight: 1.8,
    power: { running: 20, factor: 0.6 },
    rack: { units: 1, depth: 0.2 },
    ports: ports(
      ['wanport01', 'line in', 'in', 'RJ45', 'network'],
      ['lanport01', 'network 1', 'out', 'RJ45', 'network'],
      ['lanport02', 'network 2', 'out', 'RJ45', 'network'],
      MAINS_IN,
    ),
  },
  netswitch: {
    label: 'Network switch, rack 1U, 8 ports, PoE',
    family: 'network switch',
    weight: 2.6,
    power: { running: 25, factor: 0.9 },
    rack: { units: 1, depth: 0.25 },
    supply: { efficiency: 0.9, together: 130 },
    ports: ports(
      ['netport01', 'port 1', 'in', 'RJ45', 'network'],
      ...row(7, 'netport', 'port', 'out', 'RJ45', 'network', { powers: ['PoE at'] }).map(shifted),
      MAINS_IN,
    ),
  },
  fanrack01: {
    label: 'Fan unit, rack 1U',
    family: 'rack part',
    weight: 1.6,
    power: { running: 18, factor: 0.8 },
    rack: { units: 1, depth: 0.15, fitting: 'fan unit' },
    air: { in: 'bottom', out: 'top', flow: 170 },
    ports: ports(MAINS_IN),
  },
  fanpanel1: {
    label: 'Fan panel, rack 1U, shallow, blows out at its face',
    family: 'rack part',
    weight: 0.9,
    power: { running: 6, factor: 0.7 },
    rack: { units: 1, depth: 0.04, plugs: 0.03, fitting: 'fan unit' },
    air: { in: 'rear', out: 'front', flow: 110, noise: 33 },
    ports: ports(MAINS_IN),
  },
  striprack: {
    label: 'Outlet strip, rack 1U, 8 outlets, surge protection',
    family: 'strip',
    weight: 1.7,
    amps: 13,
    rack: { units: 1, depth: 0.1, plugs: 0.03 },
    pitch: 0.055,
    ports: ports(MAINS_IN, ...outlets(8)),
  },
  stripfour: {
    label: 'Outlet strip, 4 outlets',
    family: 'strip',
    weight: 0.6,
    amps: 13,
    pitch: 0.05,
    ports: ports(MAINS_IN, ...outlets(4)),
  },
  battplate: {
    label: 'Battery, plate, 98 Wh',
    family: 'battery',
    weight: 0.7,
    battery: { volts: 14.4, ampHours: 6.8, maxAmps: 8, least: 12, charging: 180 },
    ports: ports(['plateout1', 'plate', 'out', 'battery plate', 'power']),
  },
  battpla15: {
    label: 'Battery, plate, 150 Wh',
    family: 'battery',
    weight: 1,
    battery: { volts: 14.4, ampHours: 10.4, maxAmps: 10, least: 12, charging: 240 },
    ports: ports(['plateout1', 'plate', 'out', 'battery plate', 'power']),
  },
  chargertw: {
    label: 'Charger, mains, 2 battery plates',
    family: 'supply',
    weight: 1.1,
    power: { running: 110, factor: 0.95 },
    charger: { connector: 'battery plate', bays: 2 },
    ports: ports(MAINS_IN),
  },
  routermob: {
    label: 'Router, mobile network, on a battery',
    family: 'router',
    inner: inner(18),
    weight: 0.3,
    power: { running: 5, factor: 0.6 },
    ports: ports(
      ['airwan001', 'mobile network', 'in', 'air', 'network', { mobile: true }],
      ['lanport01', 'network', 'out', 'RJ45', 'network'],
      ['airlan001', 'Wi-Fi', 'out', 'air', 'network'],
      USB_POWER(10),
    ),
  },
  netswismp: {
    label: 'Network switch, small, 5 ports',
    family: 'network switch',
    weight: 0.3,
    power: { running: 4, factor: 0.6 },
    ports: ports(
      ['netport01', 'port 1', 'in', 'RJ45', 'network'],
      ...row(4, 'netport', 'port', 'out', 'RJ45', 'network').map(shifted),
      ADAPTER_IN,
    ),
  },
  accesspnt: {
    label: 'Access point, Wi-Fi for the crew',
    family: 'access point',
    weight: 0.5,
    power: { running: 9, factor: 0.6 },
    ports: ports(
      ['netport01', 'network', 'in', 'RJ45', 'network', { poweredBy: ['PoE af'] }],
      ['airlan001', 'Wi-Fi', 'out', 'air', 'network'],
      ADAPTER_IN,
    ),
  },
  supply012: {
    label: 'Mains supply, 12 V, locking plug',
    family: 'supply',
    weight: 0.3,
    supply: { efficiency: 0.87, standing: 0.5, together: 60 },
    ports: ports(MAINS_IN, [
      ...(['dcout0001', '12 V', 'out', 'DC locking', 'power'] as const),
      { volts: { low: 12, high: 12 }, watts: 60, ends: 'plug', ownLead: 1.2 },
    ]),
  },
  supplybar: {
    label: 'Mains supply, 12 V, barrel plug, for several',
    family: 'supply',
    weight: 0.7,
    supply: { efficiency: 0.88, standing: 1, together: 120 },
    ports: ports(
      MAINS_IN,
      ...row(4, 'dcout000', '12 V', 'out', 'DC barrel', 'power', {
        volts: { low: 12, high: 12 },
        watts: 120,
      }),
    ),
  },
  chargeusb: {
    label: 'USB charger, mains, four outlets',
    family: 'supply',
    weight: 0.3,
    supply: { efficiency: 0.88, standing: 0.3, together: 100 },
    ports: ports(
      MAINS_IN,
      ...row(4, 'usbout0', 'USB-C', 'out', 'USB-C', 'power', { volts: { low: 5, high: 20 }, watts: 100 }),
    ),
  },
  battusb01: {
    label: 'Battery, USB, 72 Wh',
    family: 'battery',
    weight: 0.5,
    battery: { volts: 3.6, ampHours: 20, maxAmps: 25, least: 3, charging: 240 },
    supply: { efficiency: 0.88, together: 60 },
    ports: ports(
      ...row(2, 'usbout0', 'USB-C', 'out', 'USB-C', 'power', { volts: { low: 5, high: 20 }, watts: 45 }),
    ),
  },
  battlarge: {
    label: 'Battery station, 500 Wh, mains outlets',
    family: 'battery',
    weight: 6.2,
    battery: {
      volts: 25.6,
      ampHours: 20,
      maxAmps: 20,
      chemistry: 'LiFePO4',
      least: 20,
      charging: 420,
      voltAmps: 300,
    },
    supply: { efficiency: 0.87, standing: 8, together: 300 },
    ports: ports(...row(2, 'outlet', 'outlet', 'out', 'mains', 'power')),
  },
};
