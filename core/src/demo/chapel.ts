/** A second, small organisation in imperial units on 120 V: one locked camera. */
import type { Bundle } from '../documents/index.js';
import { chapelKinds } from './kinds.js';
import { demoRules } from './friday.js';

const FOOT = 0.3048;
const feet = (x: number, y: number): [number, number] => [
  Math.round(x * FOOT * 1000) / 1000,
  Math.round(y * FOOT * 1000) / 1000,
];

/** A rectangle from one corner to the other, in feet. */
const rectangle = (x0: number, y0: number, x1: number, y1: number): [number, number][] => [
  feet(x0, y0),
  feet(x1, y0),
  feet(x1, y1),
  feet(x0, y1),
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
      linkline1: { from: { networkSocket: 'netdesk01' }, to: { device: 'switcher1', port: 'network01' } },
      feedcamer1: { from: { socket: 'sktback01' }, to: { device: 'camera001', port: 'mainsin01' } },
      feedswitc1: { from: { socket: 'sktback01' }, to: { device: 'switcher1', port: 'mainsin01' } },
    },
  },
  venue: {
    version: 1,
    name: 'Cedar Hollow Community Chapel',
    volts: 120,
    hertz: 60,
    zone: 'America/New_York',
    outline: [feet(0, 0), feet(48, 0), feet(48, 30), feet(0, 30)],
    dimensions: {
      halllength: { order: '001h', label: 'Length', axis: 'x', from: 0, to: feet(48, 0)[0] },
      hallwidth1: { order: '002h', label: 'Width', axis: 'y', from: 0, to: feet(0, 30)[1] },
    },
    facts: {
      ceiling: feet(14, 0)[0],
      people: 120,
      access: 'the side door opens at 9:30; whoever unlocks also turns the heat on',
      noise: 'forced-air heat; it can be held off for the hour',
    },
    areas: {
      platform1: {
        label: 'platform',
        kind: 'raised',
        outline: rectangle(40, 6, 48, 24),
        floor: feet(2, 0)[0],
      },
      pewsnorth: {
        label: 'benches north',
        kind: 'seating',
        outline: rectangle(12, 3, 36, 12.5),
        rowSpacing: feet(3, 0)[0],
      },
      pewssouth: {
        label: 'benches south',
        kind: 'seating',
        outline: rectangle(12, 17.5, 36, 27),
        rowSpacing: feet(3, 0)[0],
      },
      aislecent: {
        label: 'center aisle',
        kind: 'keep-clear',
        outline: rectangle(10, 12.5, 38, 17.5),
        walk: 'x',
      },
      camsback1: { label: 'back wall', kind: 'cameras', outline: rectangle(2, 10, 8, 20) },
      deskback1: {
        label: 'sound desk',
        kind: 'desk',
        outline: rectangle(1, 24.5, 6, 28.5),
        top: feet(3, 0)[0],
        card: {
          buses: 'aux 3',
          fader: 'before',
          connector: 'TRS',
          level: 'line',
          distance: feet(6, 0)[0],
          setBy: 'the sound volunteer',
        },
      },
    },
    stairs: {
      platstep1: {
        label: 'steps',
        outline: rectangle(38.5, 13.5, 40, 16.5),
        head: 'platform1',
        clear: feet(2.8, 0)[0],
      },
    },
    doors: {
      frontdoor: {
        label: 'front doors',
        kind: 'exit',
        height: feet(7, 0)[0],
        hinge: 'first',
        opens: 'right',
        jambs: [feet(0, 12), feet(0, 18)],
      },
      sidedoor1: {
        label: 'side',
        kind: 'fire',
        height: feet(6.8, 0)[0],
        jambs: [feet(37, 30), feet(40, 30)],
      },
      windowsno: {
        label: 'windows',
        kind: 'window',
        height: feet(6, 0)[0],
        jambs: [feet(14, 0), feet(34, 0)],
      },
    },
    marks: {
      markpulpi: {
        order: '001h',
        label: 'Pulpit',
        at: feet(43, 15),
        height: 1.6,
        facing: 180,
        light: 180,
        people: 1,
        posture: 'standing',
      },
      markpiano: {
        order: '002h',
        label: 'Piano',
        at: feet(44, 21),
        height: feet(4, 0)[0],
        facing: 200,
        light: 120,
        people: 1,
        posture: 'seated',
      },
    },
    circuits: {
      circback1: {
        order: '001h',
        label: 'Back circuit',
        amps: 15,
        board: 'panel in the kitchen, breaker 7',
        resets: 'the trustees',
        others: {
          coffeeurn: { label: 'coffee urn', watts: 1500, factor: 1, from: '10:15', until: '12:30' },
        },
      },
      circplat1: {
        order: '002h',
        label: 'Platform circuit',
        amps: 15,
        others: { organplat: { label: 'electric organ', watts: 400, factor: 0.95 } },
      },
    },
    sockets: {
      sktback01: {
        order: '001h',
        label: 'back wall',
        at: feet(0, 22),
        outlets: 2,
        amps: 15,
        circuit: 'circback1',
      },
      sktplat01: {
        order: '002h',
        label: 'platform',
        at: feet(48, 9),
        outlets: 2,
        amps: 15,
        circuit: 'circplat1',
      },
    },
    networkSockets: { netdesk01: { label: 'by the desk', at: feet(0, 26), speed: 1000 } },
    lamps: {
      lampplat1: {
        order: '001h',
        label: 'platform cans',
        kind: 'halogen',
        at: feet(41, 15),
        height: feet(13, 0)[0],
        kelvin: 2900,
      },
      lampnorth: {
        order: '002h',
        label: 'north windows',
        kind: 'daylight',
        at: feet(24, 0.5),
        height: feet(6, 0)[0],
        kelvin: 6500,
      },
    },
    uploads: { uptest001: { at: '2026-11-22T16:10:00Z', up: 11.2 } },
  },
  rules: {
    ...demoRules,
    organisation: 'Cedar Hollow Community Chapel',
    units: 'imperial',
    dates: 'en-US',
    currency: 'USD',
    money: { reserve: 10, resale: 40, life: 6 },
    format: '1080p30',
  },
  kinds: chapelKinds,
  shelf: {
    items: {
      itemcam01: { tape: 'CAM 01', kind: 'camoneinc', state: 'ready' },
      itemswc01: { tape: 'SWC 01', kind: 'switchcom', state: 'ready' },
      itemh1501: { tape: 'H15 01', kind: 'hdmi0015m', state: 'ready' },
      itemm0501: { tape: 'M05 01', kind: 'mainlead5', state: 'ready' },
      itemm1001: { tape: 'M10 01', kind: 'mainlea10', state: 'ready' },
      itemm1002: { tape: 'M10 02', kind: 'mainlea10', state: 'ready' },
      itemn1001: { tape: 'N10 01', kind: 'netw0010m', state: 'ready' },
      itemtape1: { tape: 'TAPE', kind: 'tapecloth', state: 'ready', count: 2 },
    },
  },
  hands: { people: { abnerpolk1: { name: 'Abner Polk', skills: [{ skill: 'lead', level: 'can lead' }] } } },
  claims: { claims: {} },
});
