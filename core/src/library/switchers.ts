/** Switchers, matrices, patch bays and splitters. */
import type { Bus, Kind } from '../documents/index.js';
import { CAMERA, hdmiIns, MAINS_IN, NET, ports, row, type PortSketch } from './port-sketches.js';

const MAIN: Bus[] = ['programme', 'clean', 'preview', 'multiview', 'aux'];

/** An output that can be set to what the inside of its switcher has, its usual first. */
const out = (
  id: string,
  label: string,
  connector: 'HDMI A' | 'BNC',
  gives: Bus[],
  more: PortSketch[5] = {},
): PortSketch => [id, label, 'out', connector, 'video', { gives, ...more }];

const WEBCAM: PortSketch = [
  'usbwebcam',
  'USB webcam',
  'out',
  'USB-C',
  'video',
  { gives: ['programme'], group: 'USB-C socket' },
];
const USB_DISK: PortSketch = ['usbdisk01', 'USB disk', 'out', 'USB-C', 'data', { group: 'USB-C socket' }];

export const SWITCHERS: Record<string, Kind> = {
  switchcom: {
    label: 'Switcher, compact, 4 HDMI in',
    family: 'switcher',
    weight: 0.6,
    encodes: true,
    power: { running: 18, factor: 0.6 },
    inside: {
      ...{ mixes: 1, keyers: 2, boxes: 1, stills: 20, tracks: 5, channels: 6 },
      ...{ webcam: 1080, encoder: 1080, control: 'both' },
    },
    recording: { rate: 45, disk: 1000, tracks: 5 },
    ports: ports(
      ...hdmiIns(4),
      out('hdmiout01', 'HDMI out 1', 'HDMI A', MAIN),
      out('hdmiout02', 'HDMI out 2', 'HDMI A', MAIN),
      out('hdmiout03', 'HDMI monitor', 'HDMI A', ['multiview', 'programme'], { tiles: 9 }),
      ['audioin01', 'audio in', 'in', 'XLR', 'audio', { level: 'line', balanced: true }],
      ['audioin02', 'microphone in', 'in', 'TRS 3.5', 'audio', { level: 'microphone' }],
      WEBCAM,
      USB_DISK,
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
    inside: { mixes: 1, keyers: 5, boxes: 1, stills: 20, clips: 2, channels: 24, control: 'network' },
    ports: ports(
      ...row(8, 'sdiin00', 'SDI in', 'in', 'BNC', 'video'),
      out('sdiout001', 'SDI out 1', 'BNC', ['programme', 'clean', 'preview', 'aux']),
      out('sdiout002', 'SDI out 2, with talkback', 'BNC', ['programme', 'aux'], { talkback: true }),
      out('sdiout003', 'SDI aux', 'BNC', ['aux', 'clean', 'programme']),
      out('hdmiout01', 'HDMI monitor', 'HDMI A', ['multiview'], { tiles: 10 }),
      ['audioin01', 'audio in', 'in', 'XLR', 'audio', { level: 'line', balanced: true }],
      NET,
      MAINS_IN,
    ),
  },
  switcheig: {
    label: 'Switcher, 8 HDMI in with scalers, isolated recording',
    family: 'switcher',
    weight: 2.1,
    encodes: true,
    power: { running: 50, factor: 0.7 },
    recording: { rate: 45, disk: 1000, tracks: 9 },
    inside: {
      ...{ mixes: 1, keyers: 6, boxes: 4, stills: 20, clips: 2, tracks: 9, channels: 10 },
      ...{ webcam: 1080, encoder: 1080, control: 'both' },
    },
    ports: ports(
      ...hdmiIns(8, { scaled: true }),
      out('hdmiout01', 'HDMI out 1', 'HDMI A', MAIN),
      out('hdmiout02', 'HDMI out 2', 'HDMI A', ['aux', ...MAIN.filter(bus => bus !== 'aux')]),
      out('hdmiout03', 'HDMI monitor', 'HDMI A', ['multiview', 'programme'], { tiles: 16 }),
      ['audioin01', 'audio in', 'in', 'XLR', 'audio', { level: 'line', balanced: true }],
      WEBCAM,
      USB_DISK,
      NET,
      MAINS_IN,
    ),
  },
  switchtwo: {
    label: 'Switcher, 6 HDMI in with scalers, two programmes',
    family: 'switcher',
    weight: 2.8,
    encodes: true,
    power: { running: 42, factor: 0.7 },
    recording: { rate: 45, disk: 500, tracks: 2 },
    inside: {
      ...{ mixes: 2, keyers: 4, boxes: 4, stills: 16, clips: 2, tracks: 2, channels: 14 },
      ...{ webcam: 1080, encoder: 1080, control: 'both' },
    },
    ports: ports(
      ...hdmiIns(6, { scaled: true }),
      out('hdmiout01', 'HDMI out 1', 'HDMI A', ['programme', 'second programme', 'clean', 'aux']),
      out('hdmiout02', 'HDMI out 2', 'HDMI A', ['second programme', 'programme', 'clean', 'aux']),
      out('hdmiout03', 'HDMI out 3', 'HDMI A', ['aux', 'programme', 'second programme', 'clean']),
      out('hdmiout04', 'HDMI monitor', 'HDMI A', ['multiview', 'preview'], { tiles: 10 }),
      ['audioin01', 'audio in', 'in', 'XLR', 'audio', { level: 'line', balanced: true }],
      ['audioout1', 'audio out', 'out', 'XLR', 'audio', { level: 'line', balanced: true }],
      WEBCAM,
      USB_DISK,
      NET,
      MAINS_IN,
    ),
  },
  switchbig: {
    label: 'Switcher, rack 2U, 12 SDI in, three programmes',
    family: 'switcher',
    weight: 7.5,
    power: { running: 110, factor: 0.95 },
    rack: { units: 2, depth: 0.35 },
    inside: {
      mixes: 3,
      keyers: 10,
      boxes: 4,
      stills: 60,
      clips: 4,
      channels: 40,
      control: 'network',
    },
    ports: ports(
      ...row(12, 'sdiin0', 'SDI in', 'in', 'BNC', 'video', { scaled: true }),
      out('sdiout001', 'SDI out 1', 'BNC', ['programme', 'second programme', 'third programme', 'aux']),
      out('sdiout002', 'SDI out 2', 'BNC', ['second programme', 'programme', 'third programme', 'aux']),
      out('sdiout003', 'SDI out 3', 'BNC', ['third programme', 'programme', 'clean', 'aux']),
      out('sdiout004', 'SDI out 4, with talkback', 'BNC', ['programme', 'aux'], { talkback: true }),
      out('sdiout005', 'SDI aux 1', 'BNC', ['aux', 'clean']),
      out('sdiout006', 'SDI aux 2', 'BNC', ['aux', 'clean']),
      out('sdiout007', 'SDI monitor', 'BNC', ['multiview'], { tiles: 16 }),
      ['talkback1', 'talkback', 'both', 'XLR', 'talkback'],
      NET,
      MAINS_IN,
    ),
  },
  switchsub: {
    label: 'Sub-switcher, 4 HDMI in, cuts only',
    family: 'switcher',
    weight: 0.5,
    power: { running: 8, factor: 0.6 },
    inside: { mixes: 1, control: 'panel' },
    ports: ports(
      ...hdmiIns(4, { scaled: true }),
      out('hdmiout01', 'HDMI out', 'HDMI A', ['programme']),
      MAINS_IN,
    ),
  },
  switchtou: {
    label: 'Touch unit, 4 HDMI in with scalers, screen and encoder in one',
    family: 'switcher',
    weight: 1.7,
    encodes: true,
    power: { running: 38, factor: 0.7 },
    recording: { rate: 20, disk: 256 },
    screenWidth: 0.25,
    inside: {
      mixes: 1,
      keyers: 3,
      boxes: 2,
      stills: 50,
      clips: 4,
      channels: 6,
      encoder: 1080,
      control: 'panel',
    },
    ports: ports(
      ...hdmiIns(4, { scaled: true }),
      out('hdmiout01', 'HDMI out', 'HDMI A', ['programme', 'multiview']),
      ['audioin01', 'audio in', 'in', 'TRS 6.35', 'audio', { level: 'line', balanced: true }],
      NET,
      MAINS_IN,
    ),
  },
  switchsof: {
    label: 'Laptop that mixes, four USB sockets',
    family: 'switcher',
    weight: 2.4,
    encodes: true,
    power: { running: 120, factor: 0.9 },
    recording: { rate: 25, disk: 500, tracks: 1 },
    screenWidth: 0.34,
    inside: {
      mixes: 1,
      keyers: 8,
      boxes: 8,
      stills: 50,
      clips: 20,
      channels: 8,
      encoder: 1080,
      control: 'panel',
    },
    ports: ports(
      ...row(4, 'usbin00', 'USB', 'in', 'USB-A', 'video', { scaled: true }),
      out('hdmiout01', 'HDMI out', 'HDMI A', ['programme', 'multiview']),
      ['usbaudio1', 'USB sound', 'in', 'USB-C', 'audio', { level: 'digital' }],
      NET,
      MAINS_IN,
    ),
  },
  switchtab: {
    label: 'Tablet that mixes phones over the air',
    family: 'switcher',
    weight: 0.6,
    encodes: true,
    power: { running: 9, factor: 0.5 },
    screenWidth: 0.24,
    inside: { mixes: 1, keyers: 2, boxes: 2, stills: 20, encoder: 1080, control: 'panel' },
    ports: ports(
      ...row(4, 'airin00', 'picture over the air', 'in', 'air', 'video', { scaled: true }),
      ['tabletnet', 'network', 'both', 'tablet socket', 'network', { group: 'the one socket' }],
      ['tabletaud', 'sound', 'in', 'tablet socket', 'audio', { group: 'the one socket', level: 'digital' }],
      ['tabletpow', 'power', 'in', 'USB-C', 'power', { group: 'the one socket' }],
      ['airnet001', 'mobile network', 'both', 'air', 'network'],
    ),
  },
  matrixeig: {
    label: 'Matrix, 8 SDI in, 8 out',
    family: 'matrix',
    weight: 2.6,
    power: { running: 22, factor: 0.9 },
    rack: { units: 1, depth: 0.2 },
    ports: ports(
      ...row(8, 'sdiin00', 'SDI in', 'in', 'BNC', 'video'),
      ...row(8, 'sdiout00', 'SDI out', 'out', 'BNC', 'video', { gives: ['aux'] }),
      NET,
      MAINS_IN,
    ),
  },
  patchbay8: {
    label: 'Patch bay, rack 1U, 8 BNC through',
    family: 'patch bay',
    weight: 1.2,
    rack: { units: 1, depth: 0.06 },
    ports: ports(
      ...Array.from({ length: 8 }, (_, i): PortSketch[] => [
        [`patchin0${i + 1}`, `back ${i + 1}`, 'in', 'BNC', 'video'],
        [`patchout${i + 1}`, `front ${i + 1}`, 'out', 'BNC', 'video', { loops: `patchin0${i + 1}` }],
      ]).flat(),
    ),
  },
  splithdm2: splitter('Splitter, HDMI, 1 to 2', 'HDMI A', 2),
  splithdm4: splitter('Splitter, HDMI, 1 to 4', 'HDMI A', 4),
  splitsdi4: splitter('Splitter, SDI, 1 to 4, with clean clock', 'BNC', 4),
};

function splitter(label: string, connector: 'HDMI A' | 'BNC', count: number): Kind {
  const [name, id] = connector === 'BNC' ? ['SDI', 'sdi'] : ['HDMI', 'hdmi'];
  return {
    label,
    family: 'splitter',
    weight: 0.3,
    power: { running: 5, factor: 0.6 },
    ports: ports(
      [`${id}input1`, `${name} in`, 'in', connector, 'video'],
      ...row(count, `${id}outp`, `${name} out`, 'out', connector, 'video'),
      MAINS_IN,
    ),
  };
}

/** What gives a picture without being a camera. */
export const SOURCES: Record<string, Kind> = {
  playerdsc: {
    label: 'Disc player',
    family: 'computer',
    weight: 1.6,
    power: { running: 14, factor: 0.6 },
    ports: ports(
      ['hdmiout01', 'HDMI out', 'out', 'HDMI A', 'video', { ...CAMERA, locked: 'always' }],
      MAINS_IN,
    ),
  },
};
