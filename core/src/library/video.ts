/** What stands in the way of a picture: converters, extenders, recorders, encoders, screens. */
import type { Kind } from '../documents/index.js';
import {
  ADAPTER_IN,
  CAMERA,
  inner,
  MAINS_IN,
  NET,
  ports,
  row,
  TWELVE_VOLTS,
  USB_POWER,
  video,
  type More,
  type PortSketch,
} from './port-sketches.js';

/** A box with one picture in and one out. */
const box = (
  label: string,
  family: 'converter' | 'extender' | 'wireless link' | 'capture',
  input: PortSketch,
  output: PortSketch,
  more: Partial<Kind> = {},
): Kind => ({
  label,
  family,
  weight: 0.25,
  // What is fed through its cable wants nothing of its own.
  ...(more.ports && !more.ports.mainsin01 ? {} : { power: { running: 5, factor: 0.6 } }),
  ports: ports(input, output, ADAPTER_IN),
  ...more,
});
const HDMI_IN = video('hdmiin001', 'HDMI in', 'in', 'HDMI A');
const HDMI_OUT = video('hdmiout01', 'HDMI out', 'out', 'HDMI A');
const SDI_IN = video('sdiin0001', 'SDI in', 'in', 'BNC');
const SDI_OUT = video('sdiout001', 'SDI out', 'out', 'BNC');
const scaled = ([id, label, direction, connector, carries]: PortSketch): PortSketch => [
  ...([id, label, direction, connector, carries, { scaled: true }] as const),
];

const CONVERTERS: Record<string, Kind> = {
  scalerhdm: box('Scaler, HDMI to HDMI', 'converter', scaled(HDMI_IN), HDMI_OUT, {
    weight: 0.3,
    power: { running: 6, factor: 0.6 },
  }),
  scalersdi: box('Scaler and frame-rate converter, SDI', 'converter', scaled(SDI_IN), SDI_OUT),
  scalervga: box(
    'Scaler, VGA to HDMI',
    'converter',
    video('vgain0001', 'VGA in', 'in', 'VGA', { scaled: true }),
    HDMI_OUT,
  ),
  scalercmp: box(
    'Scaler, component to HDMI',
    'converter',
    video('compin001', 'component in', 'in', 'component', { scaled: true }),
    HDMI_OUT,
  ),
  deembedsd: box('De-embedder, SDI, takes talkback out', 'converter', SDI_IN, SDI_OUT, {
    weight: 0.3,
    strips: true,
    ports: ports(
      SDI_IN,
      SDI_OUT,
      ['audioout1', 'audio out', 'out', 'XLR', 'audio', { level: 'line', balanced: true }],
      ADAPTER_IN,
    ),
  }),
  embedsdi1: box('Embedder, puts sound into SDI', 'converter', SDI_IN, SDI_OUT, {
    ports: ports(
      SDI_IN,
      ['audioin01', 'audio in', 'in', 'XLR', 'audio', { level: 'line', balanced: true }],
      SDI_OUT,
      ADAPTER_IN,
    ),
  }),
  cuttertwo: box('Window cutter, 2160p in, two HD pictures out', 'converter', scaled(HDMI_IN), HDMI_OUT, {
    weight: 0.6,
    power: { running: 14, factor: 0.6 },
    pictureDelay: 20,
    ports: ports(
      scaled(HDMI_IN),
      video('hdmiouta1', 'HDMI out A', 'out', 'HDMI A', CAMERA),
      video('hdmioutb1', 'HDMI out B', 'out', 'HDMI A', CAMERA),
      ADAPTER_IN,
    ),
  }),
  outboxusb: box('Output box, USB to HDMI', 'converter', HDMI_IN, HDMI_OUT, {
    weight: 0.1,
    power: { running: 2.5, factor: 0.6 },
    pictureDelay: 60,
    ports: ports(
      video('usbin0001', 'USB', 'in', 'USB-C', { ends: 'plug', ownLead: 0.3, poweredBy: ['USB'] }),
      HDMI_OUT,
    ),
  }),
  convhtosd: box('Converter, HDMI to SDI', 'converter', HDMI_IN, SDI_OUT, { price: 45 }),
  convstohd: box('Converter, SDI to HDMI', 'converter', SDI_IN, HDMI_OUT, { price: 45 }),
};

const TWISTED: More = { together: 'both cables' };
const CHEAP_REACH = { ...TWISTED, reach: 30 };
const FROM_PARTNER = video('tpin00001', 'from the other end', 'in', 'RJ45', { poweredBy: ['partner'] });
const EXTENDERS: Record<string, Kind> = {
  tpsend001: box(
    'Twisted-pair extender, sending end',
    'extender',
    HDMI_IN,
    video('tpout0001', 'to the other end', 'out', 'RJ45', { reach: 70, powers: ['partner'] }),
    { pair: 'tprecv001', price: 60 },
  ),
  tprecv001: box(
    'Twisted-pair extender, receiving end, fed through the cable',
    'extender',
    FROM_PARTNER,
    HDMI_OUT,
    {
      power: { running: 4, factor: 0.6 },
      ports: ports(FROM_PARTNER, HDMI_OUT),
      pair: 'tpsend001',
      price: 60,
    },
  ),
  tptwosend: box('Twisted-pair extender for two cables, sending end', 'extender', HDMI_IN, HDMI_OUT, {
    ports: ports(
      HDMI_IN,
      video('tpouta001', 'cable A', 'out', 'RJ45', CHEAP_REACH),
      video('tpoutb001', 'cable B', 'out', 'RJ45', CHEAP_REACH),
      ADAPTER_IN,
    ),
    pair: 'tptworecv',
    price: 20,
  }),
  tptworecv: box('Twisted-pair extender for two cables, receiving end', 'extender', HDMI_IN, HDMI_OUT, {
    ports: ports(
      video('tpina0001', 'cable A', 'in', 'RJ45', TWISTED),
      video('tpinb0001', 'cable B', 'in', 'RJ45', TWISTED),
      HDMI_OUT,
      ADAPTER_IN,
    ),
    pair: 'tptwosend',
    price: 20,
  }),
  netsend01: box(
    'Networked extender, sending end',
    'extender',
    HDMI_IN,
    video('netvideo1', 'network', 'out', 'RJ45'),
    { pictureDelay: 30, pair: 'netrecv01', price: 90 },
  ),
  netrecv01: box(
    'Networked extender, receiving end',
    'extender',
    video('netvideo1', 'network', 'in', 'RJ45'),
    HDMI_OUT,
    { pictureDelay: 30, pair: 'netsend01', price: 90 },
  ),
  fibsend01: box(
    'Optical extender, sending end',
    'extender',
    SDI_IN,
    video('fibreout1', 'fibre out', 'out', 'fibre LC'),
    { pair: 'fibrecv01', price: 120 },
  ),
  fibrecv01: box(
    'Optical extender, receiving end',
    'extender',
    video('fibrein01', 'fibre in', 'in', 'fibre LC'),
    SDI_OUT,
    { pair: 'fibsend01', price: 120 },
  ),
  airsend01: box(
    'Wireless video, sending end',
    'wireless link',
    HDMI_IN,
    video('airout001', 'over the air', 'out', 'air'),
    {
      pictureDelay: 40,
      pair: 'airrecv01',
      price: 200,
      ports: ports(
        HDMI_IN,
        video('airout001', 'over the air', 'out', 'air'),
        ['platein01', 'battery plate', 'in', 'battery plate', 'power'],
        ADAPTER_IN,
      ),
    },
  ),
  airrecv01: box(
    'Wireless video, receiving end',
    'wireless link',
    video('airin0001', 'over the air', 'in', 'air'),
    HDMI_OUT,
    { pictureDelay: 40, pair: 'airsend01', price: 200 },
  ),
};

/** It is fed by the computer that it gives its picture to. */
const USB_OUT = video('usbout001', 'USB', 'out', 'USB-A', { poweredBy: ['USB'] });
const CAPTURES: Record<string, Kind> = {
  capturehd: box('Capture device, HDMI to USB', 'capture', scaled(HDMI_IN), USB_OUT, {
    power: { running: 2.5, factor: 0.6 },
    ports: ports(scaled(HDMI_IN), USB_OUT),
  }),
  capturesd: box('Capture device, SDI to USB', 'capture', scaled(SDI_IN), USB_OUT, {
    power: { running: 2.5, factor: 0.6 },
    ports: ports(scaled(SDI_IN), USB_OUT),
  }),
};

const DISK_OUT: PortSketch = ['disksock1', 'disk', 'out', 'USB-C', 'data'];
const RECORDERS: Record<string, Kind> = {
  recordhdm: {
    label: 'Recorder, HDMI in, 500 GB',
    family: 'recorder',
    weight: 0.9,
    power: { running: 22, factor: 0.6 },
    recording: { rate: 45, disk: 500 },
    ports: ports(HDMI_IN, video('hdmiloop1', 'HDMI loop', 'out', 'HDMI A', { loops: 'hdmiin001' }), MAINS_IN),
  },
  recordsdi: {
    label: 'Recorder, SDI in, on a USB disk',
    family: 'recorder',
    weight: 0.7,
    power: { running: 14, factor: 0.6 },
    recording: { rate: 60 },
    ports: ports(
      SDI_IN,
      video('sdiloop01', 'SDI loop', 'out', 'BNC', { loops: 'sdiin0001' }),
      DISK_OUT,
      MAINS_IN,
    ),
  },
  recordply: {
    label: 'Recorder that plays as well, SDI, 1 TB',
    family: 'recorder',
    does: ['plays'],
    weight: 2.6,
    power: { running: 35, factor: 0.9 },
    rack: { units: 1, depth: 0.25 },
    recording: { rate: 120, disk: 1000 },
    ports: ports(SDI_IN, video('sdiplay01', 'SDI out, played', 'out', 'BNC'), NET, MAINS_IN),
  },
  recordfou: {
    label: 'Recorder, 4 SDI in, 2 TB',
    family: 'recorder',
    weight: 3.2,
    power: { running: 45, factor: 0.9 },
    rack: { units: 1, depth: 0.3 },
    recording: { rate: 180, disk: 2000, tracks: 4 },
    ports: ports(...row(4, 'sdiin00', 'SDI in', 'in', 'BNC', 'video', { scaled: true }), NET, MAINS_IN),
  },
  recsound1: {
    label: 'Sound recorder, two tracks, on cards, with batteries',
    family: 'recorder',
    weight: 0.4,
    does: ['records sound'],
    power: { running: 2, factor: 0.6 },
    inner: inner(9),
    recording: { rate: 2.3, disk: 64 },
    ports: ports(
      ['xlrin0001', 'left in', 'in', 'XLR', 'audio', { level: 'line', balanced: true, powers: ['phantom'] }],
      ['xlrin0002', 'right in', 'in', 'XLR', 'audio', { level: 'line', balanced: true, powers: ['phantom'] }],
      ['usbsound1', 'USB, as an interface', 'out', 'USB-C', 'audio', { level: 'digital' }],
      USB_POWER(5),
    ),
  },
  diskusb01: {
    label: 'Disk, USB, 1 TB',
    family: 'disk',
    weight: 0.1,
    storage: 1000,
    ports: ports(['usbplug01', 'USB', 'in', 'USB-C', 'data', { ends: 'plug', ownLead: 0.3 }]),
  },
};

const ENCODERS: Record<string, Kind> = {
  encoderhd: {
    label: 'Encoder, HDMI in',
    family: 'encoder',
    weight: 0.5,
    encodes: true,
    power: { running: 12, factor: 0.6 },
    ports: ports(
      scaled(HDMI_IN),
      ['audioin01', 'audio in', 'in', 'TRS 3.5', 'audio', { level: 'line' }],
      NET,
      MAINS_IN,
    ),
  },
  encodersd: {
    label: 'Encoder, SDI in, rack 1U',
    family: 'encoder',
    weight: 2.4,
    encodes: true,
    power: { running: 24, factor: 0.9 },
    rack: { units: 1, depth: 0.25 },
    ports: ports(
      scaled(SDI_IN),
      ['audioin01', 'audio in', 'in', 'XLR', 'audio', { level: 'line', balanced: true }],
      NET,
      MAINS_IN,
    ),
  },
  bondedbel: {
    label: 'Bonded cellular encoder, on a belt',
    family: 'encoder',
    weight: 1.4,
    encodes: true,
    recording: { rate: 10, disk: 128 },
    power: { running: 24, factor: 0.7 },
    inner: inner(70),
    ports: ports(
      scaled(HDMI_IN),
      scaled(SDI_IN),
      ['audioin01', 'audio in', 'in', 'TRS 3.5', 'audio', { level: 'line' }],
      ['airnet001', 'mobile network', 'both', 'air', 'network', { mobile: true }],
      ['platein01', 'battery plate', 'in', 'battery plate', 'power'],
    ),
  },
  phonesend: {
    label: 'Phone that sends the stream, one input',
    family: 'encoder',
    inner: inner(15),
    weight: 0.2,
    encodes: true,
    power: { running: 6, factor: 0.5 },
    ports: ports(
      video('usbvideo1', 'picture in', 'in', 'USB-C', { scaled: true, group: 'USB-C socket' }),
      ['usbpower1', 'power', 'in', 'USB-C', 'power', { group: 'USB-C socket' }],
      ['airnet001', 'mobile network', 'both', 'air', 'network', { mobile: true }],
    ),
  },
};

const screen = (
  label: string,
  width: number,
  weight: number,
  watts: number,
  more: Partial<Kind> = {},
): Kind => ({
  label,
  family: 'screen',
  weight,
  screenWidth: width,
  power: { running: watts, factor: 0.9 },
  ports: ports(scaled(HDMI_IN), MAINS_IN),
  ...more,
});

const SCREENS: Record<string, Kind> = {
  screen043: screen('Screen, 43 inch, on a stand', 0.95, 14, 95),
  screen055: screen('Screen, 55 inch, on a stand', 1.21, 22, 130),
  monitor24: screen('Monitor, 24 inch', 0.53, 4.5, 25),
  monitor17: screen('Monitor, 17 inch, SDI and HDMI, with loop', 0.37, 3.8, 22, {
    ports: ports(
      scaled(HDMI_IN),
      scaled(SDI_IN),
      video('sdiloop01', 'SDI loop', 'out', 'BNC', { loops: 'sdiin0001' }),
      MAINS_IN,
    ),
  }),
  monitor07: screen('Monitor, 7 inch, on a camera', 0.154, 0.4, 9, {
    ports: ports(
      scaled(HDMI_IN),
      scaled(SDI_IN),
      ['platein01', 'battery plate', 'in', 'battery plate', 'power'],
      TWELVE_VOLTS(12),
      ADAPTER_IN,
    ),
  }),
  projector: screen('Projector, 5000 lm', 2.4, 6.5, 320, { pictureDelay: 50 }),
};

export const VIDEO: Record<string, Kind> = {
  ...CONVERTERS,
  ...EXTENDERS,
  ...CAPTURES,
  ...RECORDERS,
  ...ENCODERS,
  ...SCREENS,
};
