/** Set-up 12: a rack of twenty inputs, pictures over fibre both ways, a recorder that plays, a fan unit for all of it. */
import type { SetUp } from './stage.js';

const BY_HAND = { worked: 'operated', support: 'tripodhea', cleared: true } as const;
const IN_RACK = { inside: 'deskrack1' } as const;
const LEFT = { inside: 'camlefts1' } as const;
const RIGHT = { inside: 'camrights' } as const;

export const DENSE_RACK: SetUp = {
  id: 'denserack',
  label: 'Dense rack over fibre',
  about: 'Twenty inputs, cameras and their returns over fibre, a webcam box with a bonded unit, a fan unit.',
  crew: 5,
  upload: 20,
  room: {
    tried: {
      triedone01: {
        ...{ order: '1', kind: 'capturehd', on: '2026-05-09', works: false },
        what: 'the network let nothing of it through',
      },
      triedtwo01: { order: '2', kind: 'bondedbel', on: '2026-05-09', works: true },
    },
  },
  devices: [
    ['camlefts1', 'C1', 'camcorsdi', { at: [10.6, 1.2], height: 1.6 }, BY_HAND],
    ['camrights', 'C2', 'camcorsdi', { at: [10.6, 8.8], height: 1.6 }, BY_HAND],
    ['deskrack1', 'RACK', 'rackcas12', { at: [2.2, 8.2], height: 0.75 }],
    ['switcher1', 'SWITCHER', 'switchtwt', { inside: 'deskrack1', unit: 3 }, { soundDelay: 119 }],
    ['recordply', 'PLAYER', 'recordply', { inside: 'deskrack1', unit: 5 }],
    ['fanunit01', 'FANS', 'fanrack01', { inside: 'deskrack1', unit: 6 }],
    ['netswitch', 'NETWORK', 'netswitch', { inside: 'deskrack1', unit: 1 }],
    ['striprac1', 'STRIP A', 'striprack', { inside: 'deskrack1', unit: 2 }],
    ['striprac2', 'STRIP B', 'striprack', { inside: 'deskrack1', unit: 2, rear: true }],
    ['laptopctl', 'MIX CONTROL', 'laptopcom', IN_RACK, { tasks: ['control'] }],
    ['laptopstr', 'STREAM', 'laptopcal', { on: 'deskrack1' }, { tasks: ['encode'] }],
    ['convweb01', 'TO HDMI', 'convstohd', IN_RACK],
    ['capture01', 'WEBCAM BOX', 'capturehd', IN_RACK],
    ['bondunit1', 'BONDED', 'bondedbel', IN_RACK],
    ['battbond1', 'BONDED BATTERY', 'battpla15', { inside: 'bondunit1' }],
    ['convmulti', 'VIEW TO HDMI', 'convstohd', IN_RACK],
    ['multiview', 'MULTIVIEW', 'monitor24', { on: 'deskrack1' }, { viewers: ['mixer'] }],
    ['sendlefts', 'C1 FIBRE', 'fibsend01', LEFT],
    ['recvlefts', 'C1 ARRIVES', 'fibrecv01', IN_RACK],
    ['sendright', 'C2 FIBRE', 'fibsend01', RIGHT],
    ['recvright', 'C2 ARRIVES', 'fibrecv01', IN_RACK],
    ['talkmain1', 'TALKBACK', 'talkbase1', IN_RACK],
    ['beltlefts', 'BELT C1', 'talkbelt1', LEFT],
    ['beltright', 'BELT C2', 'talkbelt1', RIGHT],
    ['housedesk', 'HOUSE DESK', 'deskdigit', { at: [2.2, 9], height: 0.75 }, { resident: true }],
    ['tabletwat', 'WATCH TABLET', 'controltb', { on: 'deskrack1' }, { viewers: ['watcher'] }],
  ],
  leads: [
    'camlefts1.sdiout001 > sendlefts.sdiin0001',
    'sendlefts.fibreout1 > recvlefts.fibrein01',
    'recvlefts.sdiout001 > switcher1.sdiin001',
    'camrights.sdiout001 > sendright.sdiin0001',
    'sendright.fibreout1 > recvright.fibrein01',
    'recvright.sdiout001 > switcher1.sdiin002',
    'recordply.sdiplay01 > switcher1.sdiin003',
    'switcher1.sdiaux001 > recordply.sdiin0001',
    'switcher1.sdiout001 > convweb01.sdiin0001',
    'convweb01.hdmiout01 > capture01.hdmiin001',
    'capture01.usbout001 > laptopstr.usbvideo1',
    'switcher1.sdiaux002 > bondunit1.sdiin0001',
    'battbond1.plateout1 > bondunit1.platein01',
    'switcher1.sdiout002 > convmulti.sdiin0001',
    'convmulti.hdmiout01 > multiview.hdmiin001',
    'housedesk.xlrout001 > switcher1.audioin01',
    'talkmain1.talkair01 > beltlefts.talkair01',
    'talkmain1.talkair01 > beltright.talkair01',
    'netdesk01 > netswitch.netport01',
    'netswitch.netport02 > switcher1.network01',
    'netswitch.netport03 > laptopctl.usbnet001',
    'netswitch.netport04 > laptopstr.network01',
    'netswitch.netport05 > recordply.network01',
  ],
  outputs: [
    { label: 'Public stream', kind: 'stream', device: 'laptopstr' },
    { label: 'Reserve', kind: 'stream', device: 'bondunit1' },
    { label: 'Recording', kind: 'recording', device: 'recordply' },
  ],
  shots: [
    { mark: 'markgroup', size: 'whole area', camera: 'camlefts1' },
    { mark: 'markspeak', size: 'waist up', camera: 'camrights' },
  ],
};
