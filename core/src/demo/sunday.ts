/** The demo event “Sunday 15:00 – thanksgiving on the green”: daylight, and nothing but batteries. */
import type { Plan } from '../documents/index.js';
import { sundayRoster } from './weekend-roster.js';

const plug = (from: string, fromPort: string, to: string, toPort: string) => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});
/** On the belt of whoever works the camera. */
const WORN = { place: { inside: 'camgreen1', worn: true } };

/** The plan: one camera, a bonded encoder on the operator’s belt; `start` is the instant of 15:00 on a Sunday. */
export function sundayPlan(start = '2026-12-06T15:00:00Z'): Plan {
  return {
    version: 1,
    label: 'Sunday 15:00 – thanksgiving on the green',
    start,
    zone: 'Europe/London',
    venue: { id: 'venuemillra1', revision: 1 },
    assignments: sundayRoster(start),
    outputs: {
      outstream1: { order: '001h', label: 'Public stream', kind: 'stream', device: 'bondedbe1' },
      outrecord1: { order: '002h', label: 'Recording', kind: 'recording', device: 'bondedbe1' },
    },
    runningOrder: {
      itemrig001: { order: '001h', label: 'Unload and rig', phase: 'rig', minutes: 80 },
      itemcheck1: { order: '002h', label: 'Line check', phase: 'check', minutes: 20 },
      itemspeech: { order: '003h', label: 'Words of thanks', phase: 'live', minutes: 15, mark: 'markspeak' },
      itemband01: { order: '004h', label: 'Band', phase: 'live', minutes: 40, mark: 'markband1' },
      itemgames1: { order: '004k', label: 'Games on the green', phase: 'live', minutes: 60 },
      itemband02: {
        order: '004m',
        label: 'Band, second half',
        phase: 'live',
        minutes: 45,
        mark: 'markband1',
      },
      itemsongs1: {
        order: '004p',
        label: 'Songs for everybody',
        phase: 'live',
        minutes: 45,
        mark: 'markband1',
      },
      itemclose1: { order: '004r', label: 'Closing words', phase: 'live', minutes: 15, mark: 'markspeak' },
      itemstrike: { order: '005h', label: 'Strike and load', phase: 'strike', minutes: 50 },
    },
    temperatures: { airsixdeg: { order: '001h', at: start, celsius: 6 } },
    shots: {
      shotspeech: {
        order: '001h',
        mark: 'markspeak',
        size: 'waist up',
        camera: 'camgreen1',
        importance: 'vital',
        items: ['itemspeech', 'itemclose1'],
      },
      shotband01: {
        order: '002h',
        mark: 'markband1',
        size: 'whole area',
        camera: 'camgreen1',
        items: ['itemband01', 'itemband02', 'itemsongs1'],
      },
    },
    devices: {
      camgreen1: {
        order: '001h',
        label: 'G1 GREEN',
        kind: 'camoneinc',
        item: 'itemcam01',
        worked: 'operated',
        support: 'tripodflu',
        place: { at: [6, 14], height: 1.5 },
      },
      bondedbe1: { order: '002h', label: 'BONDED', kind: 'bondedbel', item: 'itembel01', ...WORN },
      michandh1: { order: '003h', label: 'HAND MIC', kind: 'michandhe', item: 'itemhhm01', ...WORN },
      adaptmic1: { order: '004h', label: 'MIC ADAPTER', kind: 'adaptxltr', item: 'itemxtr01', ...WORN },
      battbond1: {
        order: '006h',
        label: 'BONDED BATTERY',
        kind: 'battpla15',
        item: 'itembig01',
        ...WORN,
      },
      battstati: {
        order: '007h',
        label: 'STATION',
        kind: 'battlarge',
        item: 'itembst01',
        place: { at: [6.8, 14.4], height: 0.3 },
      },
      tabletwat: {
        order: '008h',
        label: 'WATCH TABLET',
        kind: 'controltb',
        item: 'itemtab01',
        viewers: ['watcher'],
        place: { at: [4, 18], height: 0.8 },
      },
      battwatch: {
        order: '009h',
        label: 'TABLET BRICK',
        kind: 'battusb01',
        item: 'itembus01',
        place: { at: [4.2, 18], height: 0.8 },
      },
    },
    links: {
      linkgreen: plug('camgreen1', 'hdmiout01', 'bondedbe1', 'hdmiin001'),
      linkmic01: plug('michandh1', 'xlrout001', 'adaptmic1', 'xlrin0001'),
      linkmic02: plug('adaptmic1', 'trsout001', 'bondedbe1', 'audioin01'),
      linkbatt1: plug('battstati', 'outlet02', 'camgreen1', 'mainsin01'),
      linkbatt2: plug('battbond1', 'plateout1', 'bondedbe1', 'platein01'),
      linkwatch: plug('battwatch', 'usbout001', 'tabletwat', 'usbcpow01'),
      linkstati: plug('battstati', 'outlet01', 'michandh1', 'mainsin01'),
    },
  };
}
