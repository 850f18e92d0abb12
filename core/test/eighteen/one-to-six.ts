/** Set-ups 1 to 6: one person to three, with small switchers. */
import type { SetUp } from './stage.js';

const BY_HAND = { worked: 'operated', support: 'tripodflu' } as const;
const LOCKED = { worked: 'locked', support: 'standhigh' } as const;
const DESK = { at: [2.2, 8.2], height: 0.75 } as const;

export const SEMINAR: SetUp = {
  id: 'seminar01',
  label: 'Seminar',
  about: 'Two cameras and the speaker’s own laptop to the projector; nobody hears or streams it.',
  crew: 1,
  devices: [
    ['camwide01', 'C1 WIDE', 'camoneinc', { at: [3.2, 3.2], height: 2 }, LOCKED],
    ['camclose1', 'C2 CLOSE', 'camhdmic1', { at: [2.6, 6.8], height: 2 }, { ...LOCKED, cleared: true }],
    ['laptopspk', 'SPEAKER', 'laptopcom', { at: [2.9, 8.2], height: 0.75 }, { tasks: ['slides', 'speaker'] }],
    ['switcher1', 'SWITCHER', 'switchpla', DESK],
    ['projector', 'PROJECTOR', 'projector', { at: [8, 5], height: 3 }, { viewers: ['mixer'] }],
  ],
  leads: [
    'camwide01.hdmiout01 > switcher1.hdmiin01',
    'camclose1.hdmiout01 > switcher1.hdmiin02',
    'laptopspk.hdmiout01 > switcher1.hdmiin03',
    'switcher1.hdmiout01 > projector.hdmiin001',
  ],
  outputs: [{ label: 'Projection', kind: 'screen', device: 'projector' }],
  shots: [
    { mark: 'markgroup', size: 'whole area', camera: 'camwide01' },
    { mark: 'markspeak', size: 'waist up', camera: 'camclose1' },
  ],
};

export const ONE_PERSON: SetUp = {
  id: 'oneperson',
  label: 'One-person show',
  about: 'An overhead camera cut into two pictures, a face, words; sound through the camera; software mix.',
  crew: 1,
  upload: 12,
  rules: { format: '1080p24' },
  devices: [
    [
      'camover01',
      'OVERHEAD',
      'camoverhd',
      { at: [13.2, 5.9], height: 3 },
      { worked: 'locked', format: '2160p24' },
    ],
    ['camface01', 'FACE', 'camoneinc', { at: [10.8, 3.6], height: 1.7 }, LOCKED],
    ['cutter001', 'CUTTER', 'cuttertwo', { inside: 'switcher1' }, { format: '1080p24' }],
    ['laptopwor', 'WORDS', 'laptopcom', { inside: 'switcher1' }, { tasks: ['slides'], format: '1080p25' }],
    ['switcher1', 'SWITCHER', 'switchcom', { at: [13.4, 7.2], height: 0.75 }],
    ['multiview', 'MULTIVIEW', 'monitor24', { inside: 'switcher1' }, { viewers: ['mixer'] }],
    ['capture01', 'CAPTURE', 'capturehd', { inside: 'softmix01' }],
    ['softmix01', 'SOFT MIX', 'switchsof', { at: [13.6, 7.6], height: 0.75 }],
    ['outputbox', 'OUTPUT BOX', 'outboxusb', { inside: 'softmix01' }],
    ['presenter', 'PRESENTER', 'monitor24', { at: [12.4, 5], height: 1 }, { viewers: ['presenter'] }],
    ['boommic01', 'BOOM', 'micboom01', { at: [12.8, 3.2], height: 2.2 }],
    ['preamp001', 'PREAMP', 'preampmic', { inside: 'camface01' }],
    ['phonewatc', 'WATCH PHONE', 'controltb', { at: [13.8, 7.8], height: 0.75 }, { viewers: ['watcher'] }],
  ],
  leads: [
    'camover01.hdmiout01 > cutter001.hdmiin001',
    'cutter001.hdmiouta1 > switcher1.hdmiin01',
    'cutter001.hdmioutb1 > switcher1.hdmiin02',
    'camface01.hdmiout01 > switcher1.hdmiin03',
    'laptopwor.hdmiout01 > switcher1.hdmiin04',
    'switcher1.hdmiout03 > multiview.hdmiin001',
    'switcher1.hdmiout01 > capture01.hdmiin001',
    'capture01.usbout001 > softmix01.usbin0001',
    'softmix01.usbcout01 > outputbox.usbin0001',
    'outputbox.hdmiout01 > presenter.hdmiin001',
    'boommic01.xlrout001 > preamp001.xlrin0001',
    'preamp001.trsout001 > camface01.micin0001',
    'netdesk01 > softmix01.network01',
  ],
  outputs: [
    { label: 'Public stream', kind: 'stream', device: 'softmix01' },
    { label: 'Presenter', kind: 'screen', device: 'presenter', viewer: 'presenter' },
  ],
  shots: [
    { mark: 'markgroup', size: 'whole area', camera: 'camover01' },
    { mark: 'markspeak', size: 'waist up', camera: 'camface01' },
  ],
};

export const TRAVELLING: SetUp = {
  id: 'travelling',
  label: 'Travelling panel',
  about: 'Three unlike cameras worked by whoever mixes; sound of the hall into a camera; no multiview.',
  crew: 1,
  upload: 8,
  devices: [
    ['camone001', 'C1', 'camoneinc', { at: [3.4, 6.4], height: 1.7 }, BY_HAND],
    ['camtwo001', 'C2', 'camcompac', { at: [3.4, 7.6], height: 1.7 }, BY_HAND],
    ['camthree1', 'C3', 'camhdmic1', { at: [3.4, 8.8], height: 1.7 }, { ...BY_HAND, cleared: true }],
    ['switcher1', 'SWITCHER', 'switchpla', DESK],
    ['laptopstr', 'STREAM', 'laptopcal', { at: [2.6, 8.2], height: 0.75 }, { tasks: ['encode'] }],
    ['capture01', 'CAPTURE', 'capturehd', { inside: 'laptopstr' }],
    ['splitter1', 'SPLITTER', 'splithdm2', { inside: 'switcher1' }],
    ['preview01', 'PREVIEW', 'monitor07', { inside: 'switcher1' }, { viewers: ['mixer'] }],
    [
      'laptopspa',
      'SPARE',
      'laptopcal',
      { at: [3, 8.2], height: 0.75 },
      { tasks: ['attendee'], viewers: ['watcher'] },
    ],
    ['housedesk', 'HOUSE DESK', 'deskdigit', { at: [2.2, 9], height: 0.75 }, { resident: true }],
    ['micadapt1', 'MIC ADAPTER', 'adaptxltr', { inside: 'camone001' }],
  ],
  leads: [
    'camone001.hdmiout01 > switcher1.hdmiin01',
    'camtwo001.hdmiout01 > switcher1.hdmiin02',
    'camthree1.hdmiout01 > switcher1.hdmiin03',
    'switcher1.hdmiout01 > splitter1.hdmiinput1',
    'splitter1.hdmioutp01 > capture01.hdmiin001',
    'splitter1.hdmioutp02 > preview01.hdmiin001',
    'capture01.usbout001 > laptopstr.usbvideo1',
    'housedesk.xlrout001 > micadapt1.xlrin0001',
    'micadapt1.trsout001 > camone001.micin0001',
    'netdesk01 > laptopstr.network01',
  ],
  outputs: [{ label: 'Public stream', kind: 'stream', device: 'laptopstr' }],
  shots: [
    { mark: 'markgroup', size: 'whole area', camera: 'camone001' },
    { mark: 'markspeak', size: 'waist up', camera: 'camtwo001' },
    { mark: 'markspeak', size: 'full figure', camera: 'camthree1' },
  ],
};

export const FIRST_KIT: SetUp = {
  id: 'firstkit1',
  label: 'First kit on a budget',
  about: 'One used camera, a compact switcher, words, the sound of the house, a disk.',
  crew: 2,
  upload: 10,
  devices: [
    ['camera001', 'CAMERA', 'camhdmic1', { at: [3.2, 7.2], height: 1.7 }, BY_HAND],
    ['switcher1', 'SWITCHER', 'switchcom', DESK, { soundDelay: 119 }],
    ['multiview', 'MULTIVIEW', 'monitor24', { at: [2.6, 8.2], height: 0.75 }, { viewers: ['mixer'] }],
    ['laptopwor', 'WORDS', 'laptopcom', { at: [1.6, 8.2], height: 0.75 }, { tasks: ['slides'] }],
    ['laptopctl', 'CONTROL', 'laptopcom', { at: [1.2, 8.2], height: 0.75 }, { tasks: ['control'] }],
    ['netswitch', 'NETWORK', 'netswismp', { at: [2, 8.4], height: 0.75 }],
    ['disk00001', 'DISK', 'diskusb01', { inside: 'switcher1' }],
    ['housedesk', 'HOUSE DESK', 'deskdigit', { at: [2.2, 9], height: 0.75 }, { resident: true }],
    ['phonewatc', 'WATCH PHONE', 'controltb', { at: [3, 8.4], height: 0.75 }, { viewers: ['watcher'] }],
  ],
  leads: [
    'camera001.hdmiout01 > switcher1.hdmiin01',
    'laptopwor.hdmiout01 > switcher1.hdmiin02',
    'switcher1.hdmiout03 > multiview.hdmiin001',
    'switcher1.usbdisk01 > disk00001.usbplug01',
    'housedesk.xlrout001 > switcher1.audioin02',
    'netdesk01 > netswitch.netport01',
    'netswitch.netport02 > switcher1.network01',
    'netswitch.netport03 > laptopctl.usbnet001',
  ],
  outputs: [
    { label: 'Public stream', kind: 'stream', device: 'switcher1' },
    { label: 'Recording', kind: 'recording', device: 'switcher1' },
  ],
  shots: [{ mark: 'markspeak', size: 'waist up', camera: 'camera001' }],
};
