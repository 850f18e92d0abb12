/** The demo event “Sunday 15:00 – thanksgiving on the green”: daylight, and nothing but batteries. */
import type { Plan } from '../documents/index.js';

/** The plan, hardly begun; `start` is the instant of 15:00 on a Sunday. */
export function sundayPlan(start = '2026-12-06T15:00:00Z'): Plan {
  return {
    version: 1,
    label: 'Sunday 15:00 – thanksgiving on the green',
    start,
    zone: 'Europe/London',
    venue: { id: 'venuemillra1', revision: 1 },
    outputs: {
      outstream1: { order: '001h', label: 'Public stream', kind: 'stream', device: 'switcher1' },
    },
    runningOrder: {
      itemrig001: { order: '001h', label: 'Unload and rig', phase: 'rig', minutes: 80 },
      itemcheck1: { order: '002h', label: 'Line check', phase: 'check', minutes: 20 },
      itemspeech: { order: '003h', label: 'Words of thanks', phase: 'live', minutes: 15, mark: 'markspeak' },
      itemband01: { order: '004h', label: 'Band', phase: 'live', minutes: 40, mark: 'markband1' },
      itemstrike: { order: '005h', label: 'Strike and load', phase: 'strike', minutes: 50 },
    },
    shots: {
      shotspeech: {
        ...{ order: '001h', mark: 'markspeak', size: 'waist up', camera: 'camgreen1' },
        ...{ importance: 'vital', items: ['itemspeech'] },
      },
      shotband01: {
        ...{ order: '002h', mark: 'markband1', size: 'whole area', camera: 'camgreen1' },
        items: ['itemband01'],
      },
    },
    devices: {
      camgreen1: {
        ...{ order: '001h', label: 'G1 GREEN', kind: 'camoneinc', item: 'itemcam01', worked: 'operated' },
        ...{ support: 'tripodflu', place: { at: [6, 14], height: 1.5 } },
      },
      switcher1: {
        ...{ order: '002h', label: 'SWITCHER', kind: 'switchcom', item: 'itemswc01' },
        place: { at: [4, 18], height: 0.8 },
      },
    },
    links: {
      linkgreen: {
        from: { device: 'camgreen1', port: 'hdmiout01' },
        to: { device: 'switcher1', port: 'hdmiin01' },
      },
    },
  };
}
