/** Set-up 8: one small site of many: whatever capture box there was, and one stream to a relay that sends it on. */
import type { SetUp } from './stage.js';

export const SITE_OF_MANY: SetUp = {
  id: 'siteofmny',
  label: 'One of many sites',
  about: 'Two cameras, a switcher, a capture box and a laptop that sends one stream to a rented relay.',
  crew: 2,
  upload: 12,
  devices: [
    [
      'camwide01',
      'C1',
      'camoneinc',
      { at: [10.6, 1.2], height: 1.65 },
      { worked: 'locked', support: 'tripodflu' },
    ],
    [
      'camclose1',
      'C2',
      'camoneinc',
      { at: [10.6, 8.8], height: 1.65 },
      { worked: 'locked', support: 'tripodflu' },
    ],
    ['desktable', 'TABLE RACK', 'rackcase4', { at: [2.2, 8.2], height: 0.75 }],
    ['switcher1', 'SWITCHER', 'switchcom', { inside: 'desktable' }],
    ['monitor01', 'MULTIVIEW', 'monitor24', { inside: 'desktable' }, { viewers: ['mixer'] }],
    ['capture01', 'CAPTURE', 'capturehd', { inside: 'desktable' }],
    ['laptopsen', 'SENDS', 'laptopcal', { inside: 'desktable' }, { tasks: ['encode'] }],
    ['housedesk', 'HOUSE DESK', 'deskdigit', { at: [2.2, 9], height: 0.75 }, { resident: true }],
    ['tabletwat', 'WATCH TABLET', 'controltb', { inside: 'desktable' }, { viewers: ['watcher'] }],
    ['stripdesk', 'STRIP', 'stripfour', { inside: 'desktable' }],
    ['striptwo1', 'STRIP 2', 'stripfour', { inside: 'desktable' }],
  ],
  leads: [
    'camwide01.hdmiout01 > switcher1.hdmiin01',
    'camclose1.hdmiout01 > switcher1.hdmiin02',
    'switcher1.hdmiout03 > monitor01.hdmiin001',
    'switcher1.hdmiout01 > capture01.hdmiin001',
    'capture01.usbout001 > laptopsen.usbvideo1',
    'housedesk.xlrout001 > switcher1.audioin01',
    'netdesk01 > laptopsen.network01',
  ],
  makes: {
    'camwide01.hdmiout01 > switcher1.hdmiin01': 'hdmi-optical',
    'camclose1.hdmiout01 > switcher1.hdmiin02': 'hdmi-optical',
  },
  outputs: [{ label: 'To the relay', kind: 'stream', device: 'laptopsen' }],
  shots: [
    { mark: 'markgroup', size: 'whole area', camera: 'camwide01' },
    { mark: 'markspeak', size: 'full figure', camera: 'camclose1' },
  ],
};
