/** Kinds of things for the demo organisations, described by what they are. */
import type { Connector, Kind, Kinds } from '../documents/index.js';
import { CAMERAS } from './camera-kinds.js';
import { COMPUTER, hdmiIns, MAINS_IN, NET, outlets, ports, type PortSketch } from './port-sketches.js';

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

/** Lengths and kilos of the cables in stock. */
const CABLES: Record<string, Kind> = {
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

const VIDEO: Record<string, Kind> = {
  switchcom: {
    label: 'Switcher, compact, 4 HDMI in',
    family: 'switcher',
    weight: 0.6,
    encodes: true,
    power: { running: 18, factor: 0.6 },
    ports: ports(
      ...hdmiIns(4),
      ['hdmiout01', 'HDMI out 1', 'out', 'HDMI A', 'video'],
      ['hdmiout02', 'HDMI out 2', 'out', 'HDMI A', 'video'],
      ['audioin01', 'audio in', 'in', 'XLR', 'audio'],
      NET,
      MAINS_IN,
    ),
  },
  switchrac: {
    label: 'Switcher, rack 1U, 8 SDI in',
    family: 'switcher',
    weight: 4.2,
    power: { running: 65, factor: 0.95 },
    rack: { units: 1, depth: 0.3 },
    ports: ports(
      ...Array.from({ length: 8 }, (_, i): PortSketch => [
        `sdiin000${i + 1}`,
        `SDI in ${i + 1}`,
        'in',
        'BNC',
        'video',
      ]),
      ['sdiout001', 'SDI out 1', 'out', 'BNC', 'video'],
      ['sdiout002', 'SDI out 2, with talkback', 'out', 'BNC', 'video', { talkback: true }],
      NET,
      MAINS_IN,
    ),
  },
  recordhdm: {
    label: 'Recorder, HDMI in, 500 GB',
    family: 'recorder',
    weight: 0.9,
    power: { running: 22, factor: 0.6 },
    recording: { rate: 45, disk: 500 },
    ports: ports(['hdmiin001', 'HDMI in', 'in', 'HDMI A', 'video'], MAINS_IN),
  },
  screen043: {
    label: 'Screen, 43 inch, on a stand',
    family: 'screen',
    weight: 14,
    power: { running: 95, factor: 0.9 },
    ports: ports(['hdmiin001', 'HDMI in', 'in', 'HDMI A', 'video'], MAINS_IN),
  },
  laptopcom: {
    label: 'Laptop, for words and slides',
    family: 'computer',
    weight: 1.9,
    power: { running: 60, factor: 0.9 },
    ports: ports(['hdmiout01', 'HDMI out', 'out', 'HDMI A', 'video', COMPUTER], MAINS_IN),
  },
  adaptdtoa: {
    label: 'Adapter, HDMI D plug to HDMI A socket',
    family: 'adapter',
    weight: 0.03,
    ports: ports(
      ['hdmidin01', 'HDMI D', 'in', 'HDMI D', 'video'],
      ['hdmiaout1', 'HDMI A', 'out', 'HDMI A', 'video'],
    ),
  },
  scalerhdm: {
    label: 'Scaler, HDMI to HDMI',
    family: 'converter',
    weight: 0.3,
    power: { running: 6, factor: 0.6 },
    ports: ports(
      ['hdmiin001', 'HDMI in', 'in', 'HDMI A', 'video', { scaled: true }],
      ['hdmiout01', 'HDMI out', 'out', 'HDMI A', 'video'],
      MAINS_IN,
    ),
  },
  deembedsd: {
    label: 'De-embedder, SDI, takes talkback out',
    family: 'converter',
    weight: 0.3,
    power: { running: 5, factor: 0.6 },
    strips: true,
    ports: ports(
      ['sdiin0001', 'SDI in', 'in', 'BNC', 'video'],
      ['sdiout001', 'SDI out', 'out', 'BNC', 'video'],
      MAINS_IN,
    ),
  },
  adaptctoa: {
    label: 'Adapter, HDMI C plug to HDMI A socket',
    family: 'adapter',
    weight: 0.03,
    ports: ports(
      ['hdmicin01', 'HDMI C', 'in', 'HDMI C', 'video'],
      ['hdmiaout1', 'HDMI A', 'out', 'HDMI A', 'video'],
    ),
  },
};

const REST: Record<string, Kind> = {
  audiodesk: {
    label: 'Audio desk, 16 channels',
    family: 'audio desk',
    weight: 9,
    ports: ports(['xlrout001', 'bus 5', 'out', 'XLR', 'audio']),
  },
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
    ports: ports(
      ['netport01', 'port 1', 'in', 'RJ45', 'network'],
      ['netport02', 'port 2', 'out', 'RJ45', 'network'],
      MAINS_IN,
    ),
  },
  striprack: {
    label: 'Outlet strip, rack 1U, 8 outlets, surge protection',
    family: 'strip',
    weight: 1.7,
    amps: 13,
    rack: { units: 1, depth: 0.1 },
    ports: ports(MAINS_IN, ...outlets(8)),
  },
  stripfour: {
    label: 'Outlet strip, 4 outlets',
    family: 'strip',
    weight: 0.6,
    amps: 13,
    ports: ports(MAINS_IN, ...outlets(4)),
  },
  rackcase4: {
    label: 'Rack case, 4U, shallow',
    family: 'rack case',
    weight: 6.4,
    rackCase: { units: 4, depth: 0.42, load: 35 },
  },
  battplate: {
    label: 'Battery, plate, 98 Wh',
    family: 'battery',
    weight: 0.7,
    battery: { volts: 14.4, ampHours: 6.8, maxAmps: 8 },
    ports: ports(['plateout1', 'plate', 'out', 'battery plate', 'power']),
  },
  battpla15: {
    label: 'Battery, plate, 150 Wh',
    family: 'battery',
    weight: 1,
    battery: { volts: 14.4, ampHours: 10.4, maxAmps: 10 },
    ports: ports(['plateout1', 'plate', 'out', 'battery plate', 'power']),
  },
  lamppanel: {
    label: 'Lamp, LED panel, 60 W, on a stand',
    family: 'lamp',
    weight: 3.2,
    power: { running: 60, factor: 0.9 },
    lamp: { lux: 1600, beam: 60, kelvin: 5600 },
    ports: ports(MAINS_IN),
  },
  tripodflu: {
    ...{ label: 'Tripod, fluid head', family: 'support', weight: 4.8 },
    support: { low: 0.7, high: 1.7, load: 6, head: 'fluid' },
  },
  lenstele1: {
    ...{ label: 'Lens, 35–100, for Four Thirds', family: 'lens', weight: 0.36 },
    lens: {
      ...{ focalMin: 35, focalMax: 100, apertureShort: 2.8, nearest: 0.85 },
      ...{ imageCircle: 21.6, mount: 'short flange, 17 mm' },
    },
  },
  lensfast1: {
    ...{ label: 'Lens, 75, for Four Thirds', family: 'lens', weight: 0.31 },
    lens: {
      ...{ focalMin: 75, focalMax: 75, apertureShort: 1.8, nearest: 0.84 },
      ...{ imageCircle: 21.6, mount: 'short flange, 17 mm' },
    },
  },
  standhigh: {
    ...{ label: 'Stand, high, 2.4 m', family: 'support', weight: 3.9 },
    support: { low: 1.2, high: 2.4, load: 3, head: 'ball' },
  },
  rampcable: { label: 'Cable ramp, 0.9 m', family: 'ramp', weight: 4.5 },
  tapecloth: { label: 'Cloth tape, roll of 50 m', family: 'tape', weight: 0.5 },
  headphone: { label: 'Headphones, closed', family: 'tool', weight: 0.3 },
  toolpouch: { label: 'Tool pouch with torch', family: 'tool', weight: 1.2 },
};

export const demoKinds: Kinds = { version: 1, kinds: { ...CAMERAS, ...VIDEO, ...REST, ...CABLES } };
