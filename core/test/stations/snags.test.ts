import { corners, device, holds, remove, set, type Row } from './snag-tables.js';

/** A switcher with a second row, and an output of it that leads back into it. */
const ROW = { order: 'zz2', label: 'ROW', kind: 'switchrac', place: { inside: 'deskrack1' } };
const rowFrom = (port: string) => ({
  from: { device: 'rackswit1', port },
  to: { device: 'rackswit1', port: 'sdiin0001' },
});

/** A phone with one socket for its picture or the network. */
const PHONE = { order: 'zz3', label: 'PHONE', kind: 'phone0001', place: { at: [16, 10], height: 1.4 } };
const fromPhone = (port: string, to: string) => ({
  from: { device: 'phonecam1', port },
  to: { device: 'switcher1', port: to },
});

const TABLE: readonly Row[] = [
  ['brief.no-output', 'stop', ['plan', set('/outputs', {})], ['plan', remove('/outputs/outscreen1')]],
  [
    'brief.no-live-item',
    'risk',
    ['plan', set('/runningOrder', {})],
    ['plan', remove('/runningOrder/itemsolo01')],
  ],
  [
    'ground.guessed',
    'note',
    [
      'venue',
      set('/guesses', { guess0001: { order: '1', path: '/dimensions/navelength', label: 'Nave length' } }),
    ],
    ['venue', set('/guesses', {})],
  ],
  [
    'hands.operator-apart',
    'risk',
    ['plan', set('/assignments/assigncam3/person', 'petralund1')],
    ['plan', set('/assignments/assigncam3/person', 'petralund1'), set('/devices/camside01/place/at', [2, 9])],
  ],
  [
    // Locked off it takes 0.8 m of floor; 3.5 cm may touch.
    'ground.stands-badly',
    'risk',
    ['plan', set('/devices/camnorth1/place/at', [10, 3.54])],
    ['plan', set('/devices/camnorth1/place/at', [10, 3.53])],
  ],
  [
    // The steps of the chancel are at 20 m.
    'ground.stands-badly',
    'risk',
    ['plan', set('/devices/camnorth1/place/at', [19.64, 6])],
    ['plan', set('/devices/camnorth1/place/at', [19.63, 6])],
  ],
  [
    // A rack of 0.54 by 0.52 m; the clear way ends at 8.5 m.
    'ground.stands-badly',
    'risk',
    ['plan', set('/devices/deskrack1/place/at', [15, 8.72])],
    ['plan', set('/devices/deskrack1/place/at', [15, 8.73])],
  ],
  [
    'ground.seats-under-stage',
    'risk',
    ['venue', set('/areas/pewsnorth/outline', corners([4, 4], [20.2, 4], [20.2, 6.9], [4, 6.9]))],
    ['venue', set('/areas/pewsnorth/outline', corners([4, 4], [20.05, 4], [20.05, 6.9], [4, 6.9]))],
  ],
  [
    'ground.outline-crossed',
    'stop',
    ['venue', set('/outline/2', [-5, 4.4])],
    ['venue', set('/outline/2', [20.5, 3])],
  ],
  [
    'ground.outline-crossed',
    'risk',
    ['venue', set('/areas/pewsnorth/outline', corners([4, 4], [14, 7], [14, 4], [4, 7]))],
    ['venue', set('/areas/pewsnorth/outline', corners([4, 4], [14, 4], [14, 7], [4, 7]))],
  ],
  [
    'ground.units-slip',
    'risk',
    [
      'venue',
      set('/outline', [
        [0, 0],
        [2.6, 0],
        [2.6, 5],
        [0, 5],
      ]),
    ],
    [
      'venue',
      set('/outline', [
        [0, 0],
        [3.1, 0],
        [3.1, 5],
        [0, 5],
      ]),
    ],
  ],
  [
    'ground.light-unmeasured',
    'note',
    ['venue', remove('/marks/marklecte/light')],
    ['venue', set('/marks/marklecte/light', 1)],
  ],
  [
    'ground.light-unmeasured',
    'note',
    [
      'venue',
      remove('/marks/marklecte/light'),
      set('/lightReadings', { reading01: { label: 'by the step', at: [18.2, 4.7], lux: 118 } }),
    ],
    ['venue', set('/lightReadings', { reading01: { label: 'by the step', at: [18.2, 4.7], lux: 118 } })],
  ],
  [
    'ground.gallery-without-stairs',
    'risk',
    ['venue', remove('/stairs/gallstair/head')],
    ['venue', set('/stairs/gallstair/clear', 0.6)],
  ],
  [
    'ground.exit-blocked',
    'stop',
    ['plan', set(device('screennor', 'place/at'), [7.5, 14.6])],
    ['plan', set(device('screennor', 'place/at'), [7.5, 13.8])],
  ],
  [
    'stream.upload-old',
    'risk',
    ['plan', set('/start', '2027-02-26T19:30:00Z')],
    ['plan', set('/start', '2027-02-12T19:30:00Z')],
  ],
  [
    'ground.mark-in-pillar',
    'stop',
    ['venue', set('/marks/marklecte/at', [12.4, 3.2])],
    ['venue', set('/marks/marklecte/at', [13, 4.2])],
  ],
  [
    'ground.place-outside',
    'stop',
    ['plan', set(device('camnorth1', 'place/at'), [10, 7.5])],
    ['plan', set(device('camnorth1', 'place/at'), [10, 2])],
  ],
  [
    'ground.socket-without-circuit',
    'risk',
    ['venue', remove('/sockets/sktwest01/circuit')],
    ['venue', set('/sockets/sktwest01/circuit', 'circnorth')],
  ],
  [
    'ground.aisle-narrow',
    'risk',
    ['plan', set('/rules', { aisleWidth: 1.7 })],
    ['plan', set('/rules', { aisleWidth: 1.6 })],
  ],
  [
    'signal.connector-mismatch',
    'stop',
    ['plan', set('/label', 'As it is')],
    ['plan', remove('/links/linkside1')],
  ],
  [
    'signal.format-mismatch',
    'stop',
    ['plan', set(device('laptopwor', 'format'), '1080p60')],
    ['plan', set(device('laptopwor', 'format'), '1080p25')],
  ],
  [
    'signal.group-twice',
    'stop',
    [
      'plan',
      set('/devices/phonecam1', PHONE),
      set('/links/linkphon1', fromPhone('usbcout01', 'hdmiin01')),
      set('/links/linkphon2', fromPhone('usbcnet01', 'network01')),
    ],
    ['plan', set('/devices/phonecam1', PHONE), set('/links/linkphon1', fromPhone('usbcout01', 'hdmiin01'))],
  ],
  [
    'signal.lip-sync',
    'risk',
    ['plan', set(device('switcher1', 'soundDelay'), 70)],
    ['plan', set(device('switcher1', 'soundDelay'), 80)],
  ],
  [
    'signal.screen-late',
    'note',
    ['plan', set(device('screennor', 'pictureDelay'), 10)],
    ['plan', set('/rules', { format: '1080p60' })],
  ],
  [
    'signal.loop',
    'risk',
    ['plan', set('/devices/rackswit1', ROW), set('/links/linkback1', rowFrom('sdiout001'))],
    [
      'plan',
      set('/devices/rackswit1', ROW),
      set('/links/linkback1', { ...rowFrom('sdiout001'), back: true }),
    ],
  ],
  [
    'signal.loop',
    'stop',
    ['plan', set('/devices/rackswit1', ROW), set('/links/linkback1', rowFrom('sdiout002'))],
    ['plan', set('/devices/rackswit1', ROW), set('/links/linkback1', rowFrom('sdiout001'))],
  ],
  [
    'signal.source-unplugged',
    'risk',
    ['plan', remove('/links/linkword1')],
    ['plan', remove('/links/linksound')],
  ],
  [
    'signal.port-twice',
    'stop',
    ['plan', set('/links/linknort1/to/port', 'hdmiin01')],
    ['plan', set('/label', 'As it is')],
  ],
  [
    'signal.output-unfed',
    'stop',
    ['plan', remove('/links/linkscree')],
    ['plan', remove('/outputs/outscreen1')],
  ],
  [
    'stream.upload-unmeasured',
    'risk',
    ['venue', remove('/uploads')],
    ['plan', remove('/outputs/outstream1')],
  ],
  ['stream.no-line', 'stop', ['plan', remove('/links/linkstrea')], ['plan', set('/label', 'As it is')]],
  [
    'stream.rung-too-high',
    'stop',
    ['plan', set('/outputs/outstream1/rung', '1080p60')],
    ['plan', set('/outputs/outstream1/rung', '720p30')],
  ],
  [
    'stream.disk-short',
    'stop',
    ['kinds', set('/kinds/recordhdm/recording/disk', 120)],
    ['kinds', set('/kinds/recordhdm/recording/disk', 140)],
  ],
  [
    'stream.no-disk',
    'stop',
    ['plan', set('/outputs/outrecord1/device', 'switcher1')],
    ['kinds', set('/kinds/switchcom/recording/disk', 140)],
  ],
];

holds(TABLE);
