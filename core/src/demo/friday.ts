/** The demo event “Friday 19:30 – opening concert”, with some honest snags left in it. */
import type { Bundle, Device, Link, Plan, Rules } from '../documents/index.js';
import { ordersFor } from '../foundations/index.js';
import { usualRules } from '../kits/usual-rules.js';
import { FRIDAY_PACKED } from './friday-packed.js';
import { demoKinds } from './kinds.js';
import { fridayCosts, fridayQuote, QUILLMERE_MONEY } from './prices.js';
import { demoHands } from './people.js';
import { demoShelf } from './shelf.js';
import { stAlders } from './st-alders.js';

export const demoRules: Rules = {
  ...usualRules('Quillmere Parishes Together'),
  currency: 'GBP',
  money: QUILLMERE_MONEY,
};

/** What one half of the handbells asks of everybody. */
const BELLS = { cuts: 5, captions: 8, slides: 2, reframes: 10, cues: 6, chats: 6 } as const;

type DeviceSketch = Omit<Device, 'order'>;

const DESK = { at: [4.5, 14.75], height: 0.75 } as const;

const ON_TRAY = { inside: 'deskrack1', on: 'desktray1' } as const;

const DEVICES: Record<string, DeviceSketch> = {
  camwide01: {
    label: 'C1 WIDE',
    kind: 'camoneinc',
    item: 'itemcam01',
    worked: 'operated',
    support: 'tripodflu',
    place: { at: [2.2, 7.7], height: 1.5, level: 'gallery01' },
  },
  camnorth1: {
    label: 'C2 NORTH',
    kind: 'camfourth',
    item: 'itemftc01',
    worked: 'locked',
    support: 'standhigh',
    place: { at: [10.4, 1.9], height: 1.5 },
  },
  camside01: {
    label: 'C3 SIDE',
    kind: 'camcompac',
    item: 'itemsmc01',
    worked: 'operated',
    support: 'tripodflu',
    place: { at: [16.4, 13.9], height: 1.6 },
  },
  deskrack1: { label: 'DESK RACK', kind: 'rackcase4', item: 'itemrak01', place: DESK },
  desktray1: {
    label: 'TRAY',
    kind: 'raktray02',
    item: 'itemrtt01',
    place: { inside: 'deskrack1', unit: 3 },
  },
  switcher1: { label: 'SWITCHER', kind: 'switchcom', item: 'itemswc01', place: ON_TRAY },
  recorder1: { label: 'RECORDER', kind: 'recordhdm', item: 'itemrec01', place: ON_TRAY },
  router001: {
    label: 'ROUTER',
    kind: 'routerwan',
    item: 'itemrtr01',
    place: { inside: 'deskrack1', unit: 2 },
  },
  netswitc1: {
    label: 'NETWORK',
    kind: 'netswitch',
    item: 'itemnsw01',
    place: { inside: 'deskrack1', unit: 1 },
  },
  striprac1: {
    label: 'STRIP',
    kind: 'striprack',
    item: 'itemstr01',
    place: { inside: 'deskrack1', unit: 2, rear: true },
  },
  casecam01: { label: 'CAMERA CASE', kind: 'casewheel', item: 'itemksc01' },
  casecabl1: {
    label: 'CABLE CRATE',
    kind: 'crate6040',
    item: 'itemksk01',
    only: ['Cables', 'Floor'],
    liftedBy: ['callumdrey', 'wilfokonjo'],
  },
  carodile1: { label: 'CAR', kind: 'carestate', aboard: 1 },
  laptopwor: { label: 'WORDS', kind: 'laptopcom', item: 'itemlap01', place: { inside: 'deskrack1' } },
  audiodes1: {
    label: 'HOUSE DESK',
    kind: 'audiodesk',
    resident: true,
    place: { at: [5.3, 14.75], height: 0.75 },
  },
  screennor: {
    label: 'AISLE SCREEN',
    kind: 'screen043',
    item: 'itemscr01',
    place: { at: [6.2, 0.7], height: 1.2 },
  },
  lampone01: {
    label: 'LAMP 1',
    kind: 'lamppanel',
    item: 'itemlmp01',
    lights: 'marksolo1',
    place: { at: [16.7, 11.4], height: 2.2 },
  },
  lamptwo02: {
    label: 'LAMP 2',
    kind: 'lamppanel',
    item: 'itemlmp02',
    lights: 'marksolo1',
    place: { at: [19.2, 11.6], height: 2.2 },
  },
  battnorth: { label: 'C2 BATTERY', kind: 'battplate', item: 'itembat01', place: { inside: 'camnorth1' } },
};

const plug = (from: string, fromPort: string, to: string, toPort: string): Link => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});
const feed = (socket: string, to: string): Link => ({
  from: { socket },
  to: { device: to, port: 'mainsin01' },
});

const LINKS: Record<string, Link> = {
  linkwide1: { ...plug('camwide01', 'hdmiout01', 'switcher1', 'hdmiin01'), make: 'hdmi-optical' },
  linknort1: { ...plug('camnorth1', 'hdmiout01', 'switcher1', 'hdmiin02'), make: 'hdmi-optical' },
  linkside1: plug('camside01', 'hdmiout01', 'switcher1', 'hdmiin03'),
  linkword1: plug('laptopwor', 'hdmiout01', 'switcher1', 'hdmiin04'),
  linkrecor: plug('switcher1', 'hdmiout01', 'recorder1', 'hdmiin001'),
  linkscree: { ...plug('switcher1', 'hdmiout02', 'screennor', 'hdmiin001'), make: 'hdmi-optical' },
  linksound: plug('audiodes1', 'xlrout001', 'switcher1', 'audioin01'),
  linkstrea: plug('netswitc1', 'netport02', 'switcher1', 'network01'),
  linkswitc: plug('router001', 'lanport01', 'netswitc1', 'netport01'),
  linkline1: { from: { networkSocket: 'netvestry' }, to: { device: 'router001', port: 'wanport01' } },
  feedstrip: feed('sktdesk01', 'striprac1'),
  feedwide1: feed('sktwest01', 'camwide01'),
  feedscree: feed('sktnorth1', 'screennor'),
  feedside1: feed('sktvestr1', 'camside01'),
  feedlamp1: feed('sktvestr1', 'lampone01'),
  feedlamp2: feed('sktvestr1', 'lamptwo02'),
  feedbatt1: plug('battnorth', 'plateout1', 'camnorth1', 'platein01'),
  feedswitc: plug('striprac1', 'outlet01', 'switcher1', 'mainsin01'),
  feedrecor: plug('striprac1', 'outlet02', 'recorder1', 'mainsin01'),
  feedroute: plug('striprac1', 'outlet03', 'router001', 'mainsin01'),
  feednetsw: plug('striprac1', 'outlet04', 'netswitc1', 'mainsin01'),
  feedlapto: plug('striprac1', 'outlet05', 'laptopwor', 'mainsin01'),
};

function devices(): Record<string, Device> {
  const orders = ordersFor(Object.keys(DEVICES).length);
  return Object.fromEntries(
    Object.entries(DEVICES).map(([id, sketch], i) => [id, { order: orders[i] ?? '', ...sketch }]),
  );
}

/** The plan; `start` is the instant of 19:30 on a Friday. */
export function fridayPlan(start = '2026-12-04T19:30:00Z'): Plan {
  return {
    version: 1,
    label: 'Friday 19:30 – opening concert',
    start,
    zone: 'Europe/London',
    venue: { id: 'venuestald1', revision: 1 },
    outputs: {
      outstream1: { order: '001h', label: 'Public stream', kind: 'stream', device: 'switcher1' },
      outrecord1: { order: '002h', label: 'Recording', kind: 'recording', device: 'recorder1', isolated: 3 },
      outscreen1: { order: '003h', label: 'North aisle screen', kind: 'screen', device: 'screennor' },
    },
    runningOrder: {
      itemrig001: { order: '001h', label: 'Unload and rig', phase: 'rig', minutes: 75 },
      itemcheck1: { order: '002h', label: 'Line check and sound check', phase: 'check', minutes: 25 },
      itemrehea1: { order: '003h', label: 'Rehearse opening and tables', phase: 'rehearse', minutes: 40 },
      itemdoors1: { order: '004h', label: 'Doors', phase: 'wait', minutes: 30 },
      itemwelco1: {
        order: '005h',
        label: 'Welcome',
        phase: 'live',
        minutes: 5,
        mark: 'marklecte',
        asks: { cuts: 2, captions: 2, cues: 2, chats: 1 },
      },
      itembells1: {
        order: '006h',
        label: 'Handbells, first half',
        phase: 'live',
        minutes: 30,
        mark: 'marktable',
        asks: BELLS,
      },
      itemsolo01: {
        order: '007h',
        label: 'Soloist',
        phase: 'live',
        minutes: 12,
        mark: 'marksolo1',
        asks: { cuts: 3, captions: 3, reframes: 4, cues: 3, chats: 2 },
      },
      itemchoir1: {
        order: '008h',
        label: 'Choir of 24',
        phase: 'live',
        minutes: 18,
        mark: 'markchoir',
        asks: { cuts: 4, captions: 6, slides: 4, reframes: 8, cues: 4, chats: 3 },
      },
      itembells2: {
        order: '009h',
        label: 'Handbells, second half',
        phase: 'live',
        minutes: 30,
        mark: 'marktable',
        asks: BELLS,
      },
      itemstrike: { order: '00ah', label: 'Strike and load', phase: 'strike', minutes: 45 },
    },
    shots: {
      shottables: { order: '001h', mark: 'marktable', size: 'whole area', camera: 'camwide01' },
      shotlecter: { order: '002h', mark: 'marklecte', size: 'waist up', camera: 'camnorth1' },
      shotsolois: { order: '003h', mark: 'marksolo1', size: 'waist up', camera: 'camside01' },
      shotchoir1: { order: '004h', mark: 'markchoir', size: 'whole area', camera: 'camwide01' },
    },
    devices: devices(),
    links: LINKS,
    packed: FRIDAY_PACKED,
    assignments: {
      assignlead: { role: 'lead', person: 'odilemarsh' },
      assignmix1: { role: 'mixer', person: 'tobinashgr' },
      assigncam1: { role: 'camera camwide01', person: 'petralund1' },
      assigncam3: { role: 'camera camside01', person: 'wilfokonjo' },
      assignsoun: { role: 'sound', person: 'inescalder' },
      assigngrap: { role: 'graphics', person: 'sunnivaray' },
      assignfloo: { role: 'floor', person: 'maudtarran' },
      assignmoni: { role: 'monitor', person: 'inescalder' },
    },
    money: { costs: fridayCosts() },
    quote: fridayQuote(),
  };
}

export const fridayBundle = (start?: string): Bundle => ({
  plan: fridayPlan(start),
  venue: stAlders,
  rules: demoRules,
  kinds: demoKinds,
  shelf: demoShelf(start),
  hands: demoHands(start ?? fridayPlan().start),
  claims: { claims: {} },
});
