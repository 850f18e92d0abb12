/** A second, small organisation in imperial units on 120 V: one locked camera. */
import type { Bundle } from '../documents/index.js';
import { demoKinds } from './kinds.js';
import { demoRules } from './friday.js';

const FOOT = 0.3048;
const feet = (x: number, y: number): [number, number] => [
  Math.round(x * FOOT * 1000) / 1000,
  Math.round(y * FOOT * 1000) / 1000,
];

/** Cedar Hollow Community Chapel: 48 × 30 ft. */
export const chapelBundle = (start = '2026-12-06T16:00:00Z'): Bundle => ({
  plan: {
    version: 1,
    label: 'Sunday 11:00 – morning service',
    start,
    zone: 'America/New_York',
    venue: { id: 'venuecedar1', revision: 1 },
    outputs: { outstream1: { order: '001h', label: 'Public stream', kind: 'stream', device: 'switcher1' } },
    runningOrder: {
      itemrig001: { order: '001h', label: 'Set up', phase: 'rig', minutes: 40 },
      itemcheck1: { order: '002h', label: 'Check', phase: 'check', minutes: 15 },
      itemserve1: { order: '003h', label: 'Service', phase: 'live', minutes: 65, mark: 'markpulpi' },
    },
    shots: { shotpulpit: { order: '001h', mark: 'markpulpi', size: 'waist up', camera: 'camera001' } },
    devices: {
      camera001: {
        order: '001h',
        label: 'C1 BACK',
        kind: 'camoneinc',
        item: 'itemcam01',
        worked: 'locked',
        place: { at: feet(6, 15), height: 2.6 },
      },
      switcher1: {
        order: '002h',
        label: 'SWITCHER',
        kind: 'switchcom',
        item: 'itemswc01',
        place: { at: feet(3, 27), height: 0.75 },
      },
    },
    links: {
      linkcamer1: {
        from: { device: 'camera001', port: 'hdmiout01' },
        to: { device: 'switcher1', port: 'hdmiin01' },
      },
      feedcamer1: { from: { socket: 'sktback01' }, to: { device: 'camera001', port: 'mainsin01' } },
      feedswitc1: { from: { socket: 'sktback01' }, to: { device: 'switcher1', port: 'mainsin01' } },
    },
  },
  venue: {
    version: 1,
    name: 'Cedar Hollow Community Chapel',
    volts: 120,
    hertz: 60,
    outline: [feet(0, 0), feet(48, 0), feet(48, 30), feet(0, 30)],
    dimensions: {
      halllength: { order: '001h', label: 'Length', axis: 'x', from: 0, to: feet(48, 0)[0] },
      hallwidth1: { order: '002h', label: 'Width', axis: 'y', from: 0, to: feet(0, 30)[1] },
    },
    areas: {
      platform1: {
        label: 'platform',
        kind: 'raised',
        outline: [feet(40, 6), feet(48, 6), feet(48, 24), feet(40, 24)],
        floor: 0.6,
      },
      pewsall01: {
        label: 'benches',
        kind: 'seating',
        outline: [feet(12, 4), feet(36, 4), feet(36, 26), feet(12, 26)],
      },
    },
    marks: {
      markpulpi: { order: '001h', label: 'Pulpit', at: feet(43, 15), height: 1.6, facing: 180, light: 180 },
    },
    circuits: { circback1: { order: '001h', label: 'Back circuit', amps: 15 } },
    sockets: {
      sktback01: {
        order: '001h',
        label: 'back wall',
        at: feet(0, 22),
        outlets: 2,
        amps: 15,
        circuit: 'circback1',
      },
    },
    uploads: { uptest001: { at: '2026-11-22T16:10:00Z', up: 11.2 } },
  },
  rules: {
    ...demoRules,
    organisation: 'Cedar Hollow Community Chapel',
    units: 'imperial',
    format: '1080p30',
  },
  kinds: demoKinds,
  shelf: {
    items: {
      itemcam01: { tape: 'CAM 01', kind: 'camoneinc', state: 'ready' },
      itemswc01: { tape: 'SWC 01', kind: 'switchcom', state: 'ready' },
      itemh1501: { tape: 'H15 01', kind: 'hdmi0015m', state: 'ready' },
      itemm0501: { tape: 'M05 01', kind: 'mainlead5', state: 'ready' },
      itemm1001: { tape: 'M10 01', kind: 'mainlea10', state: 'ready' },
      itemm1002: { tape: 'M10 02', kind: 'mainlea10', state: 'ready' },
      itemtape1: { tape: 'TAPE', kind: 'tapecloth', state: 'ready', count: 2 },
    },
  },
  hands: { people: { abnerpolk1: { name: 'Abner Polk', skills: [{ skill: 'lead', level: 'can lead' }] } } },
  claims: { claims: {} },
});
