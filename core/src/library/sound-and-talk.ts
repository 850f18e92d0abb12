/** Sound, talkback, tally and control. */
import type { Kind } from '../documents/index.js';
import { ADAPTER_IN, inner, MAINS_IN, NET, ports, row, USB_POWER, type PortSketch } from './port-sketches.js';

const LINE = { level: 'line', balanced: true } as const;
const MIC = { level: 'microphone', balanced: true } as const;
const XLR_OUT = (label: string): PortSketch => ['xlrout001', label, 'out', 'XLR', 'audio', LINE];

export const SOUND: Record<string, Kind> = {
  adaptxltr: {
    label: 'Adapter, XLR to 3.5 mm',
    family: 'adapter',
    weight: 0.1,
    ports: ports(
      ['xlrin0001', 'XLR', 'in', 'XLR', 'audio'],
      ['trsout001', '3.5 mm', 'out', 'TRS 3.5', 'audio', { ends: 'plug', ownLead: 0.3 }],
    ),
  },
  adaptxlts: {
    label: 'Adapter, XLR to 6.35 mm',
    family: 'adapter',
    weight: 0.1,
    ports: ports(
      ['xlrin0001', 'XLR', 'in', 'XLR', 'audio'],
      ['trsout001', '6.35 mm', 'out', 'TRS 6.35', 'audio', { ends: 'plug' }],
    ),
  },
  turnholes: {
    label: 'Turnabout, XLR, holes to holes',
    family: 'adapter',
    weight: 0.06,
    ports: ports(
      ['xlrin0001', 'XLR', 'in', 'XLR', 'audio'],
      ['xlrout001', 'XLR', 'out', 'XLR', 'audio', { ends: 'holes' }],
    ),
  },
  turnpins1: {
    label: 'Turnabout, XLR, pins to pins',
    family: 'adapter',
    weight: 0.06,
    ports: ports(
      ['xlrin0001', 'XLR', 'in', 'XLR', 'audio', { ends: 'pins' }],
      ['xlrout001', 'XLR', 'out', 'XLR', 'audio'],
    ),
  },
  audiodesk: {
    label: 'Audio desk, 16 channels',
    family: 'audio desk',
    weight: 9,
    ports: ports(XLR_OUT('bus 5')),
  },
  deskdigit: {
    label: 'Audio desk, digital, 16 in, 8 out',
    family: 'audio desk',
    weight: 7.5,
    power: { running: 60, factor: 0.9 },
    ports: ports(
      ...row(16, 'xlrin00', 'channel', 'in', 'XLR', 'audio', MIC),
      ...row(8, 'xlrout0', 'bus', 'out', 'XLR', 'audio', LINE),
      ['usbaudio1', 'USB', 'both', 'USB-B', 'audio', { level: 'digital' }],
      MAINS_IN,
    ),
  },
  desksmall: {
    label: 'Audio desk, small, 4 channels',
    family: 'audio desk',
    weight: 1.4,
    power: { running: 10, factor: 0.7 },
    ports: ports(
      ...row(2, 'xlrin00', 'channel', 'in', 'XLR', 'audio', MIC),
      ...row(2, 'linein0', 'line', 'in', 'TRS 6.35', 'audio', LINE),
      ['xlrout001', 'main left', 'out', 'XLR', 'audio', LINE],
      ['xlrout002', 'main right', 'out', 'XLR', 'audio', LINE],
      ['auxout001', 'aux', 'out', 'TRS 6.35', 'audio', LINE],
      USB_POWER(10),
      ADAPTER_IN,
    ),
  },
  preampmic: {
    label: 'Microphone preamplifier, one channel',
    family: 'audio interface',
    weight: 0.3,
    power: { running: 3, factor: 0.6 },
    inner: inner(12),
    ports: ports(
      ['xlrin0001', 'microphone in', 'in', 'XLR', 'audio', { ...MIC, powers: ['phantom'] }],
      ['trsout001', 'out', 'out', 'TRS 3.5', 'audio', { level: 'consumer' }],
      USB_POWER(5),
    ),
  },
  usbsound1: {
    label: 'USB audio interface, 2 in, 2 out',
    family: 'audio interface',
    weight: 0.6,
    power: { running: 2.5, factor: 0.6 },
    ports: ports(
      ...row(2, 'xlrin00', 'input', 'in', 'XLR', 'audio', LINE),
      ...row(2, 'trsout0', 'output', 'out', 'TRS 6.35', 'audio', LINE),
      [...(['usbplug01', 'USB', 'out', 'USB-C', 'audio'] as const), { level: 'digital', poweredBy: ['USB'] }],
    ),
  },
  miclecter: {
    label: 'Microphone, lectern',
    family: 'microphone',
    weight: 0.3,
    ports: ports(['xlrout001', 'XLR', 'out', 'XLR', 'audio', MIC]),
  },
  micboom01: {
    label: 'Microphone, boom',
    family: 'microphone',
    weight: 0.5,
    arm: 1.2,
    ports: ports(['xlrout001', 'XLR', 'out', 'XLR', 'audio', MIC]),
  },
  microomxy: {
    label: 'Microphones, room pair',
    family: 'microphone',
    weight: 0.8,
    ports: ports(
      ['xlrout001', 'left', 'out', 'XLR', 'audio', MIC],
      ['xlrout002', 'right', 'out', 'XLR', 'audio', MIC],
    ),
  },
  micbody01: {
    label: 'Wireless microphone, body, with receiver',
    family: 'microphone',
    weight: 0.9,
    soundDelay: 4,
    power: { running: 5, factor: 0.6 },
    ports: ports(['xlrout001', 'receiver out', 'out', 'XLR', 'audio', MIC], ADAPTER_IN),
  },
  michandhe: {
    label: 'Wireless microphone, handheld, with receiver',
    family: 'microphone',
    weight: 1,
    soundDelay: 4,
    power: { running: 5, factor: 0.6 },
    ports: ports(['xlrout001', 'receiver out', 'out', 'XLR', 'audio', MIC], ADAPTER_IN),
  },
  loudspea1: {
    label: 'Loudspeaker, powered',
    family: 'loudspeaker',
    weight: 12,
    power: { running: 80, factor: 0.7 },
    ports: ports(['xlrin0001', 'line in', 'in', 'XLR', 'audio', LINE], MAINS_IN),
  },
};

export const TALK: Record<string, Kind> = {
  talkbase1: {
    label: 'Talkback, wireless base',
    family: 'talkback',
    weight: 0.7,
    power: { running: 10, factor: 0.6 },
    ports: ports(
      ['talkair01', 'beltpacks', 'out', 'air', 'talkback'],
      ['talkwire1', 'line', 'both', 'XLR', 'talkback'],
      ['audioin01', 'programme in', 'in', 'XLR', 'audio', LINE],
      ADAPTER_IN,
    ),
  },
  talkbelt1: {
    label: 'Talkback, wireless beltpack with headset',
    family: 'talkback',
    weight: 0.3,
    power: { running: 0.5, factor: 0.6 },
    inner: inner(5),
    ports: ports(['talkair01', 'base', 'in', 'air', 'talkback']),
  },
  talkwired: {
    label: 'Talkback, wired beltpack with headset',
    family: 'talkback',
    weight: 0.5,
    ports: ports(
      ['talkwire1', 'line in', 'in', 'XLR', 'talkback'],
      ['talkwire2', 'line on', 'out', 'XLR', 'talkback'],
    ),
  },
  talkmain1: {
    label: 'Talkback, wired main station',
    family: 'talkback',
    weight: 2.2,
    power: { running: 25, factor: 0.7 },
    rack: { units: 1, depth: 0.2 },
    ports: ports(...row(2, 'talkout', 'line', 'out', 'XLR', 'talkback'), MAINS_IN),
  },
  tallybox1: {
    label: 'Tally box, network, 8 lamps',
    family: 'control',
    weight: 0.4,
    power: { running: 5, factor: 0.6 },
    ports: ports(NET, ...row(8, 'tallyo', 'lamp', 'out', 'TRS 3.5', 'tally'), ADAPTER_IN),
  },
  panelmix1: {
    label: 'Panel for a switcher, network, 10 buttons a row',
    family: 'control',
    weight: 3.2,
    power: { running: 18, factor: 0.6 },
    ports: ports(NET, ADAPTER_IN),
  },
  controlpt: {
    label: 'Control deck for pan-tilt cameras, network',
    family: 'control',
    does: ['controls cameras alone'],
    weight: 1.5,
    power: { running: 12, factor: 0.6 },
    ports: ports(NET, ADAPTER_IN),
  },
  controlse: {
    label: 'Control deck for pan-tilt cameras, serial',
    family: 'control',
    does: ['controls cameras alone'],
    weight: 1.5,
    power: { running: 10, factor: 0.6 },
    ports: ports(...row(3, 'serialo', 'camera', 'out', 'serial', 'control'), ADAPTER_IN),
  },
  controltb: {
    label: 'Tablet, for control',
    family: 'control',
    weight: 0.5,
    power: { running: 6, factor: 0.6 },
    inner: inner(28),
    ports: ports(['airnet001', 'network', 'both', 'air', 'network'], USB_POWER(18)),
  },
};
