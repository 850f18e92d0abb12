/** The demo event “Saturday 10:00 – workshop”: a tutor joins by call; the room and the stream see different programmes. */
import type { Plan } from '../documents/index.js';
import { withItems } from '../kits/begin.js';
import { kitFrom } from '../kits/sketch.js';
import { quillGrange } from './quill-grange.js';
import { demoShelf } from './shelf.js';
import { saturdaySchedule } from './saturday-schedule.js';
import { saturdayRoster } from './weekend-roster.js';

const IN_RACK = { inside: 'deskrack1' } as const;

const workshop = kitFrom(
  {
    id: 'saturday',
    label: 'Saturday workshop',
    about: 'four computers, splitters, programmes for room and stream, a stage return',
    devices: [
      [
        'campanel1',
        'P1 PANEL',
        'camfullfr',
        { at: [10.9, 7.6], height: 1.4 },
        { worked: 'operated', support: 'tripodflu' },
      ],
      [
        'camlecte1',
        'P2 LECTERN',
        'campantil',
        { at: [2.6, 2.4], height: 2 },
        { worked: 'remote', support: 'standhigh' },
      ],
      ['deskrack1', 'DESK RACK', 'rackcase4', { at: [1.2, 6.6], height: 0.8 }],
      [
        'switcher1',
        'SWITCHER',
        'switchtwo',
        IN_RACK,
        { soundDelay: 118, buses: { hdmiout03: { bus: 'aux', input: 'hdmiin01' } } },
      ],
      ['diskusb01', 'DISK', 'diskusb01', { inside: 'switcher1' }],
      ['laptopsli', 'SLIDES', 'laptopcom', IN_RACK, { tasks: ['slides'] }],
      ['laptopcli', 'CLIPS', 'laptopcom', IN_RACK, { tasks: ['clips'] }],
      ['laptopcal', 'CALL', 'laptopcal', IN_RACK, { tasks: ['call'] }],
      ['laptopatt', 'GUEST VIEW', 'laptopcom', IN_RACK, { tasks: ['attendee'], viewers: ['watcher'] }],
      ['splitsli1', 'SPLIT SLIDES', 'splithdm2', IN_RACK],
      ['splitroom', 'SPLIT ROOM', 'splithdm2', IN_RACK],
      ['capturec1', 'CAPTURE', 'capturehd', IN_RACK],
      ['recorder1', 'RECORDER', 'recordhdm', IN_RACK],
      ['monitor01', 'MONITOR', 'monitor24', IN_RACK, { viewers: ['mixer'] }],
      ['monitor02', 'SLIDES MONITOR', 'monitor24', IN_RACK],
      ['talkbase1', 'TALKBACK', 'talkbase1', IN_RACK],
      ['beltpanel', 'BELT P1', 'talkbelt1', { inside: 'campanel1' }],
      ['housline1', 'PROJECTOR LINE', 'linehdmi1', {}, { house: 'hlinehdmi', resident: true }],
      ['projecto1', 'PROJECTOR', 'projector', { at: [8.4, 4.9], height: 2.5 }, { resident: true }],
      [
        'stagescr1',
        'STAGE RETURN',
        'screen043',
        { at: [11.4, 8.8], height: 0.9 },
        { viewers: ['presenter'] },
      ],
      ['desksound', 'SOUND DESK', 'desksmall', IN_RACK],
      ['miclecter', 'LECTERN MIC', 'miclecter', { at: [13, 7.9], height: 1.2 }],
      ['controlpt', 'CAMERA CONTROL', 'controlpt', IN_RACK],
      ['netswitc1', 'NETWORK', 'netswitch', { inside: 'deskrack1', unit: 2 }],
      ['striprac1', 'STRIP A', 'striprack', { inside: 'deskrack1', unit: 1 }],
      ['stripfou2', 'STRIP B', 'stripfour', IN_RACK],
      ['stripfou3', 'STRIP C', 'stripfour', IN_RACK],
    ],
    leads: [
      'campanel1.hdmiout01 > switcher1.hdmiin01',
      'camlecte1.hdmiout01 > switcher1.hdmiin02',
      'laptopsli.hdmiout01 > splitsli1.hdmiinput1',
      'splitsli1.hdmioutp01 > switcher1.hdmiin03',
      'splitsli1.hdmioutp02 > monitor02.hdmiin001',
      'laptopcli.hdmiout01 > switcher1.hdmiin04',
      'laptopcal.hdmiout01 > switcher1.hdmiin05',
      'laptopatt.hdmiout01 > switcher1.hdmiin06',
      'switcher1.hdmiout01 > recorder1.hdmiin001',
      'switcher1.hdmiout03 > capturec1.hdmiin001',
      'capturec1.usbout001 > laptopcal.usbvideo1',
      'switcher1.hdmiout02 > splitroom.hdmiinput1',
      'splitroom.hdmioutp01 > housline1.nearend01',
      'housline1.farend001 > projecto1.hdmiin001',
      'splitroom.hdmioutp02 > stagescr1.hdmiin001',
      'switcher1.hdmiout04 > monitor01.hdmiin001',
      'miclecter.xlrout001 > desksound.xlrin0001',
      'switcher1.usbdisk01 > diskusb01.usbplug01',
      'desksound.xlrout001 > switcher1.audioin01',
      'talkbase1.talkair01 > beltpanel.talkair01',
      'netoffice > netswitc1.netport01',
      'netswitc1.netport02 > switcher1.network01',
      'netswitc1.netport03 > laptopcal.network01',
      'netswitc1.netport05 > camlecte1.network01',
      'netswitc1.netport06 > controlpt.network01',
    ],
    makes: {
      'campanel1.hdmiout01 > switcher1.hdmiin01': 'hdmi-optical',
      'camlecte1.hdmiout01 > switcher1.hdmiin02': 'hdmi-optical',
      'splitroom.hdmioutp02 > stagescr1.hdmiin001': 'hdmi-optical',
    },
    // The line to the projector is worn: it was tested with all its leads.
    proofs: {
      'splitroom.hdmioutp01 > housline1.nearend01': {
        format: '1080p25',
        length: 28,
        works: true,
        at: '2026-11-21T15:10:00Z',
        by: 'Wilf',
      },
    },
    outputs: [
      { label: 'Workshop stream', kind: 'stream', device: 'switcher1' },
      { label: 'Recording', kind: 'recording', device: 'switcher1' },
      { label: 'Room screen', kind: 'screen', device: 'projecto1', programme: 'second programme' },
      {
        label: 'Stage return',
        kind: 'screen',
        device: 'stagescr1',
        programme: 'second programme',
        viewer: 'presenter',
      },
    ],
  },
  quillGrange,
);

/** The plan; `start` is the instant of 10:00 on a Saturday. */
export function saturdayPlan(start = '2026-12-05T10:00:00Z'): Plan {
  return {
    version: 1,
    label: 'Saturday 10:00 – workshop',
    start,
    zone: 'Europe/London',
    venue: { id: 'venuegrange1', revision: 1 },
    assignments: saturdayRoster(start),
    schedule: saturdaySchedule(),
    ...workshop.plan,
    devices: withItems(workshop.plan.devices, demoShelf()),
    runningOrder: {
      itemrig001: { order: '001h', label: 'Unload and rig', phase: 'rig', minutes: 120 },
      itemcheck1: { order: '002h', label: 'Line check', phase: 'check', minutes: 25 },
      itemleader: {
        order: '003h',
        label: 'Leader at the lectern',
        phase: 'live',
        minutes: 40,
        mark: 'marklecte',
        layouts: ['captions', 'clip'],
      },
      itemtutor1: {
        order: '003p',
        label: 'The tutor joins',
        phase: 'live',
        minutes: 30,
        mark: 'markpanel',
        layouts: ['two places', 'captions'],
      },
      itempanel1: { order: '004h', label: 'Panel of four', phase: 'live', minutes: 35, mark: 'markpanel' },
      itemstrike: { order: '005h', label: 'Strike and load', phase: 'strike', minutes: 40 },
    },
    shots: {
      shotpanel1: {
        order: '001h',
        mark: 'markpanel',
        size: 'panel',
        people: 4,
        camera: 'campanel1',
        importance: 'vital',
        items: ['itempanel1'],
      },
      shotleader: {
        order: '002h',
        mark: 'marklecte',
        size: 'waist up',
        camera: 'camlecte1',
        importance: 'vital',
        items: ['itemleader'],
      },
    },
  };
}
