/** Set-ups 9 to 18: racks, cases, batteries, air. */
import type { SetUp } from './stage.js';

const BY_HAND = { worked: 'operated', support: 'tripodflu' } as const;
const LOCKED = { worked: 'locked', support: 'standhigh' } as const;
const REMOTE = { worked: 'remote', support: 'standhigh' } as const;
const DESK = { at: [2.2, 8.2], height: 0.75 } as const;
const SHOTS = (camera: string): NonNullable<SetUp['shots']> => [
  { mark: 'markspeak', size: 'waist up', camera },
];

export const NETWORK_RACK: SetUp = {
  id: 'netrack01',
  label: 'Network rack',
  about: 'One case feeds cameras over the network; a router with a mobile reserve, an access point outside.',
  crew: 3,
  upload: 20,
  devices: [
    ['campan001', 'PT 1', 'campanpoe', { at: [3.2, 2], height: 2.2 }, REMOTE],
    ['campan002', 'PT 2', 'campanpoe', { at: [3.2, 6.4], height: 2.2 }, REMOTE],
    ['netrack01', 'NET RACK', 'rackcase4', DESK],
    ['netswitch', 'POE SWITCH', 'netswitch', { inside: 'netrack01', unit: 3 }],
    ['router001', 'ROUTER', 'routerwan', { inside: 'netrack01', unit: 4 }],
    ['striprack', 'STRIP', 'striprack', { inside: 'netrack01', unit: 4, rear: true }],
    ['drawer001', 'DRAWER', 'rakdrawr2', { inside: 'netrack01', unit: 1 }],
    ['accesspnt', 'ACCESS POINT', 'accesspnt', { at: [1.6, 8.2], height: 1.4 }],
    ['deckpantl', 'CAMERA DECK', 'controlpt', { at: [2.6, 8.2], height: 0.75 }],
    ['switcher1', 'SWITCHER', 'switcheig', { at: [2.9, 8.2], height: 0.75 }],
    ['multiview', 'MULTIVIEW', 'monitor24', { at: [3.2, 8.4], height: 0.75 }, { viewers: ['mixer'] }],
    ['phonewatc', 'WATCH PHONE', 'controltb', { at: [3, 8.6], height: 0.75 }, { viewers: ['watcher'] }],
  ],
  leads: [
    'netdesk01 > router001.wanport01',
    'router001.lanport01 > netswitch.netport01',
    'netswitch.netport02 > campan001.network01',
    'netswitch.netport03 > campan002.network01',
    'netswitch.netport04 > deckpantl.network01',
    'netswitch.netport05 > accesspnt.netport01',
    'netswitch.netport06 > switcher1.network01',
    'campan001.hdmiout01 > switcher1.hdmiin01',
    'campan002.hdmiout01 > switcher1.hdmiin02',
    'switcher1.hdmiout03 > multiview.hdmiin001',
  ],
  byLeads: ['campan001', 'campan002', 'accesspnt'],
  outputs: [{ label: 'Public stream', kind: 'stream', device: 'switcher1' }],
  shots: [
    { mark: 'markspeak', size: 'waist up', camera: 'campan001' },
    { mark: 'markgroup', size: 'whole area', camera: 'campan002' },
  ],
};

export const HARD_CASE: SetUp = {
  id: 'hardcase1',
  label: 'Switcher in a hard case',
  about:
    'One 12 V supply feeds the switcher and the splitters of a case; a disk; a sound recorder as safety.',
  crew: 2,
  devices: [
    ['camwide01', 'C1', 'camoneinc', { at: [3.4, 6.6], height: 2 }, LOCKED],
    ['hardcase1', 'CASE', 'rackcase4', DESK],
    ['supply012', 'SUPPLY', 'supplybar', { inside: 'hardcase1' }],
    ['switcher1', 'SWITCHER', 'switchcom', { inside: 'hardcase1' }, { soundDelay: 119 }],
    ['lidscreen', 'LID SCREEN', 'monitor07', { inside: 'hardcase1' }, { viewers: ['mixer'] }],
    ['disk00001', 'DISK', 'diskusb01', { inside: 'hardcase1' }],
    ['recsound1', 'SOUND RECORDER', 'recsound1', { inside: 'hardcase1' }],
    ['housedesk', 'HOUSE DESK', 'deskdigit', { at: [2.2, 9], height: 0.75 }, { resident: true }],
  ],
  leads: [
    'supply012.dcout00001 > switcher1.dcin00001',
    'supply012.dcout00002 > lidscreen.dcin00001',
    'camwide01.hdmiout01 > switcher1.hdmiin01',
    'switcher1.hdmiout03 > lidscreen.hdmiin001',
    'switcher1.usbdisk01 > disk00001.usbplug01',
    'housedesk.xlrout001 > switcher1.audioin01',
    'housedesk.xlrout002 > recsound1.xlrin0001',
  ],
  byLeads: ['switcher1', 'lidscreen'],
  outputs: [
    { label: 'Recording', kind: 'recording', device: 'switcher1' },
    { label: 'Sound safety', kind: 'recording', device: 'recsound1' },
  ],
  shots: SHOTS('camwide01'),
};

export const PANORAMA: SetUp = {
  id: 'panorama1',
  label: 'Live panorama and its reserve',
  about: 'A panoramic camera that sends by itself, and a second one over the Wi-Fi of the house.',
  crew: 2,
  upload: 30,
  devices: [
    ['campanor1', 'PANORAMA', 'campanbat', { at: [11, 5], height: 1.7 }, LOCKED],
    ['battpano1', 'PLATE', 'battpla15', { inside: 'campanor1' }],
    ['campanor2', 'RESERVE', 'campanbat', { at: [11, 8.6], height: 1.7 }, LOCKED],
    ['battpano2', 'PLATE 2', 'battpla15', { inside: 'campanor2' }],
    ['micstereo', 'RECORDER MIC', 'usbsound1', { inside: 'campanor1' }],
    ['phonectrl', 'CONTROL', 'controltb', DESK, { viewers: ['watcher'] }],
    ['hubwifi01', 'OWN WI-FI', 'routermob', { at: [2.4, 8.4], height: 0.75 }],
  ],
  leads: [
    'battpano1.plateout1 > campanor1.platein01',
    'battpano2.plateout1 > campanor2.platein01',
    'micstereo.usbplug01 > campanor1.usbsound1',
    'hubwifi01.airlan001 > campanor1.airnet001',
    'hubwifi01.airlan001 > campanor2.airnet001',
    'hubwifi01.airlan001 > phonectrl.airnet001',
  ],
  byLeads: ['campanor1', 'campanor2'],
  outputs: [
    { label: 'Panorama', kind: 'stream', device: 'campanor1' },
    { label: 'Second angle', kind: 'stream', device: 'campanor2' },
  ],
  shots: [{ mark: 'markgroup', size: 'whole area', camera: 'campanor1' }],
};

export const CHAPEL: SetUp = {
  id: 'chapelhur',
  label: 'Chapel in a hurry',
  about: 'Two locked cameras over twisted pair, one computer for words, mix and stream; the house desk.',
  crew: 2,
  upload: 10,
  devices: [
    ['camnorth1', 'C1', 'camoneinc', { at: [10.4, 1.2], height: 2 }, LOCKED],
    ['camsouth1', 'C2', 'camoneinc', { at: [10.4, 8.8], height: 2 }, LOCKED],
    ['sendnorth', 'SEND 1', 'tpsend001', { inside: 'camnorth1' }],
    ['recvnorth', 'RECEIVE 1', 'tprecv001', { inside: 'softmix01' }],
    ['sendsouth', 'SEND 2', 'tptwosend', { inside: 'camsouth1' }],
    ['recvsouth', 'RECEIVE 2', 'tptworecv', { inside: 'softmix01' }],
    ['capture01', 'CAPTURE 1', 'capturehd', { inside: 'softmix01' }],
    ['capture02', 'CAPTURE 2', 'capturehd', { inside: 'softmix01' }],
    ['softmix01', 'ONE COMPUTER', 'switchsof', DESK, { tasks: ['slides', 'mix', 'encode'], soundDelay: 192 }],
    ['wordscren', 'WORDS SCREEN', 'screen043', { at: [11.4, 2], height: 1.2 }],
    ['housedesk', 'HOUSE DESK', 'deskdigit', { at: [2.2, 9], height: 0.75 }, { resident: true }],
    ['usbsound1', 'SOUND BOX', 'usbsound1', { inside: 'softmix01' }],
    ['phonewatc', 'WATCH PHONE', 'controltb', { at: [3, 8.4], height: 0.75 }, { viewers: ['watcher'] }],
  ],
  leads: [
    'camnorth1.hdmiout01 > sendnorth.hdmiin001',
    'sendnorth.tpout0001 > recvnorth.tpin00001',
    'recvnorth.hdmiout01 > capture01.hdmiin001',
    'camsouth1.hdmiout01 > sendsouth.hdmiin001',
    'sendsouth.tpouta001 > recvsouth.tpina0001',
    'sendsouth.tpoutb001 > recvsouth.tpinb0001',
    'recvsouth.hdmiout01 > capture02.hdmiin001',
    'capture01.usbout001 > softmix01.usbin0001',
    'capture02.usbout001 > softmix01.usbin0002',
    'softmix01.hdmiout01 > wordscren.hdmiin001',
    'housedesk.xlrout001 > usbsound1.xlrin0001',
    'usbsound1.usbplug01 > softmix01.usbaudio1',
    'netdesk01 > softmix01.network01',
  ],
  makes: { 'softmix01.hdmiout01 > wordscren.hdmiin001': 'hdmi-optical' },
  buses: { softmix01: { hdmiout01: { bus: 'own picture' } } },
  outputs: [
    { label: 'Public stream', kind: 'stream', device: 'softmix01' },
    { label: 'Words', kind: 'screen', device: 'wordscren' },
  ],
  shots: [
    { mark: 'markspeak', size: 'waist up', camera: 'camnorth1' },
    { mark: 'markgroup', size: 'whole area', camera: 'camsouth1' },
  ],
};

export const BONDED: SetUp = {
  id: 'bonded001',
  label: 'One camera, bonded encoder',
  about: 'A camera on a battery and an encoder with one inside, on a tripod; nothing plugged into a wall.',
  crew: 1,
  devices: [
    ['camera001', 'CAMERA', 'camfourth', { at: [10.6, 8.6], height: 1.6 }, BY_HAND],
    ['battcame1', 'CAMERA BATTERY', 'battpla15', { inside: 'camera001' }],
    ['bondedbel', 'BONDED', 'bondedbel', { inside: 'camera001' }],
    ['battbond1', 'BONDED BATTERY', 'battpla15', { inside: 'camera001' }],
    ['phonewatc', 'WATCH PHONE', 'controltb', { at: [10.6, 9.4], height: 1.2 }, { viewers: ['watcher'] }],
  ],
  leads: [
    'camera001.hdmiout01 > bondedbel.hdmiin001',
    'battcame1.plateout1 > camera001.platein01',
    'battbond1.plateout1 > bondedbel.platein01',
  ],
  byLeads: ['camera001'],
  outputs: [{ label: 'Public stream', kind: 'stream', device: 'bondedbel' }],
  shots: SHOTS('camera001'),
};

export const STREET: SetUp = {
  id: 'street001',
  label: 'Batteries only, on the street',
  about: 'Phones and a tablet that is camera and mixer at once; a small desk on USB power; own Wi-Fi.',
  crew: 3,
  devices: [
    ['phonewide', 'PHONE 1', 'phone0001', { at: [10.2, 8.9], height: 2 }, LOCKED],
    ['phonetele', 'PHONE 2', 'phone0001', { at: [10.2, 1], height: 2 }, LOCKED],
    ['tabletmix', 'TABLET', 'tabletmix', { at: [10.4, 5], height: 1.7 }, { ...LOCKED, soundDelay: 119 }],
    ['desksmall', 'SMALL DESK', 'desksmall', { at: [10.6, 5.9], height: 0.75 }],
    ['battusb01', 'USB BATTERY', 'battusb01', { inside: 'desksmall' }],
    ['hubwifi01', 'OWN WI-FI', 'routermob', { at: [10.8, 5.6], height: 0.75 }],
  ],
  leads: [
    'phonewide.airout001 > tabletmix.airin0001',
    'phonetele.airout001 > tabletmix.airin0002',
    'battusb01.usbout001 > desksmall.usbcpow01',
    'desksmall.auxout001 > tabletmix.tabletaud',
  ],
  byLeads: ['desksmall'],
  outputs: [
    { label: 'Public stream', kind: 'stream', device: 'tabletmix' },
    { label: 'Recording', kind: 'recording', device: 'tabletmix' },
  ],
  shots: [
    { mark: 'markgroup', size: 'whole area', camera: 'phonewide' },
    { mark: 'markspeak', size: 'full figure', camera: 'phonetele' },
  ],
};

export const INTERVIEW: SetUp = {
  id: 'interview',
  label: 'Interview, growing from one camera to four',
  about: 'Three fixed cameras and one that roams on a wireless link; a laptop only encodes.',
  crew: 3,
  upload: 12,
  devices: [
    ['camone001', 'C1', 'camoneinc', { at: [10.8, 2.6], height: 1.4 }, LOCKED],
    ['camtwo001', 'C2', 'camoneinc', { at: [10.8, 6], height: 1.4 }, LOCKED],
    ['camthree1', 'C3', 'camoneinc', { at: [10.4, 9.4], height: 2 }, LOCKED],
    [
      'camroams1',
      'ROAMING',
      'camfourth',
      { at: [10.4, 7.6], height: 1.6 },
      { worked: 'roaming', sweep: 1.5 },
    ],
    ['battroam1', 'PLATE', 'battpla15', { inside: 'camroams1' }],
    ['battsend1', 'SENDER PLATE', 'battplate', { inside: 'camroams1' }],
    ['airsend01', 'SENDER', 'airsend01', { inside: 'camroams1' }],
    ['airrecv01', 'RECEIVER', 'airrecv01', { inside: 'switcher1' }],
    ['switcher1', 'SWITCHER', 'switchcom', DESK],
    ['boommic01', 'BOOM', 'micboom01', { at: [10.6, 9.6], height: 2 }],
    ['laptopenc', 'ENCODING', 'laptopcal', { at: [2.6, 8.2], height: 0.75 }, { tasks: ['encode'] }],
    ['capture01', 'CAPTURE', 'capturehd', { inside: 'laptopenc' }],
    ['secondscr', 'SECOND SCREEN', 'monitor24', { at: [2.9, 8.4], height: 0.75 }],
    ['multiview', 'MULTIVIEW', 'monitor24', { inside: 'switcher1' }, { viewers: ['mixer'] }],
    ['phonewatc', 'WATCH PHONE', 'controltb', { at: [3, 8.6], height: 0.75 }, { viewers: ['watcher'] }],
  ],
  leads: [
    'camone001.hdmiout01 > switcher1.hdmiin01',
    'camtwo001.hdmiout01 > switcher1.hdmiin02',
    'camthree1.hdmiout01 > switcher1.hdmiin03',
    'camroams1.hdmiout01 > airsend01.hdmiin001',
    'airsend01.airout001 > airrecv01.airin0001',
    'airrecv01.hdmiout01 > switcher1.hdmiin04',
    'battroam1.plateout1 > camroams1.platein01',
    'battsend1.plateout1 > airsend01.platein01',
    'boommic01.xlrout001 > switcher1.audioin01',
    'switcher1.hdmiout01 > capture01.hdmiin001',
    'capture01.usbout001 > laptopenc.usbvideo1',
    'laptopenc.hdmiout01 > secondscr.hdmiin001',
    'switcher1.hdmiout03 > multiview.hdmiin001',
    'netdesk01 > laptopenc.network01',
  ],
  byLeads: ['camroams1', 'airsend01'],
  makes: {
    'camone001.hdmiout01 > switcher1.hdmiin01': 'hdmi-optical',
    'camtwo001.hdmiout01 > switcher1.hdmiin02': 'hdmi-optical',
    'camthree1.hdmiout01 > switcher1.hdmiin03': 'hdmi-optical',
  },
  outputs: [{ label: 'Public stream', kind: 'stream', device: 'laptopenc' }],
  shots: [
    { mark: 'markspeak', size: 'waist up', camera: 'camone001' },
    { mark: 'markgroup', size: 'whole area', camera: 'camtwo001' },
    { mark: 'markspeak', size: 'full figure', camera: 'camthree1' },
    { mark: 'markgroup', size: 'full figure', camera: 'camroams1' },
  ],
};
