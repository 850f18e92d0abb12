/** The demo event “Saturday 10:00 – workshop”: four people on a panel, seen from the side by a large sensor. */
import type { Plan } from '../documents/index.js';

/** The plan, hardly begun; `start` is the instant of 10:00 on a Saturday. */
export function saturdayPlan(start = '2026-12-05T10:00:00Z'): Plan {
  return {
    version: 1,
    label: 'Saturday 10:00 – workshop',
    start,
    zone: 'Europe/London',
    venue: { id: 'venuegrange1', revision: 1 },
    outputs: {
      outstream1: { order: '001h', label: 'Workshop stream', kind: 'stream', device: 'switcher1' },
    },
    runningOrder: {
      itemrig001: { order: '001h', label: 'Unload and rig', phase: 'rig', minutes: 70 },
      itemcheck1: { order: '002h', label: 'Line check', phase: 'check', minutes: 25 },
      itemleader: {
        order: '003h',
        label: 'Leader at the lectern',
        phase: 'live',
        minutes: 40,
        mark: 'marklecte',
      },
      itempanel1: { order: '004h', label: 'Panel of four', phase: 'live', minutes: 35, mark: 'markpanel' },
      itemstrike: { order: '005h', label: 'Strike and load', phase: 'strike', minutes: 40 },
    },
    shots: {
      shotpanel1: {
        ...{ order: '001h', mark: 'markpanel', size: 'panel', people: 4, camera: 'campanel1' },
        ...{ importance: 'vital', items: ['itempanel1'] },
      },
      shotleader: {
        ...{ order: '002h', mark: 'marklecte', size: 'waist up', camera: 'camlecte1' },
        ...{ importance: 'vital', items: ['itemleader'] },
      },
    },
    devices: {
      campanel1: {
        ...{ order: '001h', label: 'P1 PANEL', kind: 'camfullfr', item: 'itemffc01', worked: 'operated' },
        ...{ support: 'tripodflu', place: { at: [10.9, 7.6], height: 1.4 } },
      },
      camlecte1: {
        ...{ order: '002h', label: 'P2 LECTERN', kind: 'campantil', item: 'itemptz01', worked: 'remote' },
        ...{ support: 'standhigh', place: { at: [2.6, 2.4], height: 2 } },
      },
      switcher1: {
        ...{ order: '003h', label: 'SWITCHER', kind: 'switchcom', item: 'itemswc01' },
        place: { at: [1.2, 6.6], height: 0.8 },
      },
    },
    links: {
      linkpanel: {
        from: { device: 'campanel1', port: 'hdmiout01' },
        to: { device: 'switcher1', port: 'hdmiin01' },
        make: 'hdmi-optical',
      },
      linklecte: {
        from: { device: 'camlecte1', port: 'hdmiout01' },
        to: { device: 'switcher1', port: 'hdmiin02' },
        make: 'hdmi-optical',
      },
    },
  };
}
