import { holds, remove, set, type Row } from './snag-tables.js';

const AT_DESK = { inside: 'deskrack1' };
const plug = (from: string, fromPort: string, to: string, toPort: string) => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});
const device = (id: string, kind: string, more: object = {}) =>
  set(`/devices/${id}`, { order: 'zz', label: id.toUpperCase(), kind, place: AT_DESK, ...more });

/** A converter in the lead of the aisle screen, facing one way or the other. */
const converted = (kind: string, input: string, output: string) =>
  [
    device('converter', kind),
    set('/links/linkscree', plug('switcher1', 'hdmiout02', 'converter', input)),
    set('/links/linkscre2', plug('converter', output, 'screennor', 'hdmiin001')),
  ] as const;

/** C1 by an extender over two cables, of which some are laid. */
const overTwo = (...cables: ('a' | 'b')[]) => [
  device('sendend01', 'tptwosend', { place: { inside: 'camwide01' } }),
  device('recvend01', 'tptworecv'),
  set('/links/linkwide1', plug('camwide01', 'hdmiout01', 'sendend01', 'hdmiin001')),
  set('/links/linkwide2', plug('recvend01', 'hdmiout01', 'switcher1', 'hdmiin01')),
  ...cables.map(cable =>
    set(`/links/linktwo${cable}1`, plug('sendend01', `tpout${cable}001`, 'recvend01', `tpin${cable}0001`)),
  ),
];

/** The words from a disc player, or from a camcorder with menus. */
const inPlaceOfWords = (kind: string, more: object = {}) =>
  [
    device('othersrc1', kind, more),
    set('/links/linkword1', plug('othersrc1', 'hdmiout01', 'switcher1', 'hdmiin04')),
  ] as const;

const ends = (kind: string, port: string, what: string) => set(`/kinds/${kind}/ports/${port}/ends`, what);

const layouts = (...items: [string, string[]][]) =>
  items.map(([item, list]) => set(`/runningOrder/${item}/layouts`, list));

const backup = (on: string) =>
  set('/outputs/outbackup', {
    order: '9',
    label: 'Backup',
    kind: 'recording',
    device: on,
    backs: 'outrecord1',
  });

const monitor = (...viewers: string[]) => [
  device('monitor01', 'monitor24', { viewers }),
  set('/links/linkmonit', plug('switcher1', 'hdmiout03', 'monitor01', 'hdmiin001')),
];

const TABLE: readonly Row[] = [
  [
    'signal.wrong-way',
    'stop',
    ['plan', ...converted('convstohd', 'hdmiout01', 'sdiin0001')],
    ['plan', ...converted('scalerhdm', 'hdmiin001', 'hdmiout01')],
  ],
  ['signal.second-cable', 'stop', ['plan', ...overTwo('a')], ['plan', ...overTwo('a', 'b')]],
  [
    'signal.port-twice',
    'stop',
    [
      'plan',
      device('monitor01', 'monitor24'),
      set('/links/linkmonit', plug('switcher1', 'hdmiout01', 'monitor01', 'hdmiin001')),
    ],
    [
      'plan',
      device('monitor01', 'monitor24'),
      set('/links/linkmonit', plug('switcher1', 'hdmiout03', 'monitor01', 'hdmiin001')),
    ],
  ],
  [
    // A socket that takes both ways has a lead in it at whichever end that is.
    'signal.port-twice',
    'stop',
    ['plan', set('/links/linknetw2', plug('switcher1', 'network01', 'netswitc1', 'netport04'))],
    [
      'plan',
      remove('/links/linkstrea'),
      set('/links/linknetw2', plug('switcher1', 'network01', 'netswitc1', 'netport04')),
    ],
  ],
  [
    'signal.picture-unfit',
    'stop',
    ['plan', ...inPlaceOfWords('playerdsc')],
    ['plan', ...inPlaceOfWords('camminisd')],
  ],
  [
    'signal.picture-unfit',
    'risk',
    ['plan', ...inPlaceOfWords('camcorsdi')],
    ['plan', ...inPlaceOfWords('camcorsdi', { cleared: true })],
  ],
  [
    'signal.short',
    'stop',
    ['plan', ...layouts(['itemsolo01', ['side by side', 'inset']])],
    ['plan', ...layouts(['itemsolo01', ['captions']], ['itemchoir1', ['inset']])],
  ],
  [
    'signal.short',
    'stop',
    ['plan', set('/outputs/outrecord1/isolated', 6)],
    ['plan', set('/outputs/outrecord1/isolated', 5)],
  ],
  [
    'signal.short',
    'note',
    ['plan', set('/rules', { keptSpare: 10 })],
    ['plan', set('/rules', { keptSpare: 0 })],
  ],
  [
    'signal.wrong-programme',
    'stop',
    ['plan', set('/outputs/outrecord1/programme', 'clean')],
    [
      'plan',
      set('/outputs/outrecord1/programme', 'clean'),
      set('/devices/switcher1/buses', { hdmiout01: { bus: 'clean' } }),
    ],
  ],
  [
    'signal.wrong-programme',
    'stop',
    ['plan', set('/devices/switcher1/buses', { hdmiout02: { bus: 'preview' } })],
    ['plan', set('/devices/switcher1/buses', { hdmiout02: { bus: 'clean' } })],
  ],
  [
    'signal.size-unlike',
    'risk',
    ['plan', set('/outputs/outstream1/rung', '1080p30'), set('/rules', { format: '720p50' })],
    ['plan', set('/outputs/outstream1/rung', '720p30')],
  ],
  [
    'signal.size-unlike',
    'stop',
    ['plan', set('/outputs/outstream1/rung', '1440p30')],
    ['plan', set('/outputs/outstream1/rung', '1080p30')],
  ],
  [
    'signal.size-unlike',
    'note',
    ['plan', set('/outputs/outstream1/rung', '1080p60')],
    ['plan', set('/outputs/outstream1/rung', '1080p60'), set('/rules', { format: '1080p50' })],
  ],
  ['signal.backup-shared', 'risk', ['plan', backup('recorder1')], ['plan', backup('switcher1')]],
  [
    'signal.backup-shared',
    'risk',
    [
      'plan',
      backup('switcher1'),
      device('diskone01', 'diskusb01'),
      device('recordsd1', 'recordsdi'),
      set('/outputs/outrecord1/device', 'recordsd1'),
      set('/links/linkdisk1', plug('recordsd1', 'disksock1', 'diskone01', 'usbplug01')),
      set('/links/linkdisk2', plug('switcher1', 'usbdisk01', 'diskone01', 'usbplug01')),
    ],
    [
      'plan',
      backup('switcher1'),
      device('diskone01', 'diskusb01'),
      device('disktwo02', 'diskusb01'),
      device('recordsd1', 'recordsdi'),
      set('/outputs/outrecord1/device', 'recordsd1'),
      set('/links/linkdisk1', plug('recordsd1', 'disksock1', 'diskone01', 'usbplug01')),
      set('/links/linkdisk2', plug('switcher1', 'usbdisk01', 'disktwo02', 'usbplug01')),
    ],
  ],
  ['signal.view-missing', 'risk', ['plan', remove('/links/linkstrea')], ['plan', ...monitor('mixer')]],
  [
    'signal.view-missing',
    'note',
    ['plan', remove('/links/linkstrea')],
    ['plan', device('tablet001', 'controltb', { viewers: ['watcher'] })],
  ],
  [
    'signal.view-missing',
    'note',
    ['plan', ...monitor('mixer'), set('/devices/monitor01/kind', 'monitor07')],
    ['plan', ...monitor('mixer')],
  ],
  [
    'signal.view-missing',
    'note',
    ['plan', set('/devices/laptopwor/tasks', ['slides'])],
    ['plan', set('/devices/laptopwor/tasks', ['slides']), set('/devices/screennor/viewers', ['presenter'])],
  ],
  [
    'signal.line-missing',
    'risk',
    ['plan', set('/devices/camside01/kind', 'campantil'), set('/devices/camside01/worked', 'remote')],
    [
      'plan',
      set('/devices/camside01/kind', 'campantil'),
      set('/devices/camside01/worked', 'remote'),
      set('/links/linknetca', plug('netswitc1', 'netport03', 'camside01', 'network01')),
      device('deckctrl1', 'controlpt'),
      set('/links/linknetct', plug('netswitc1', 'netport04', 'deckctrl1', 'network01')),
    ],
  ],
  [
    'signal.unworked',
    'risk',
    ['kinds', set('/kinds/switchcom/inside/control', 'network')],
    ['kinds', set('/kinds/switchcom/inside/control', 'both')],
  ],
  [
    'hands.unheard',
    'note',
    ['plan', set('/label', 'As it is')],
    [
      'plan',
      ...['camwide01', 'camside01'].map((camera, i) =>
        device(`fieldmon${i}`, 'monitor07', { place: { inside: camera } }),
      ),
      ...[0, 1].map(i =>
        set(`/links/linkfld0${i}`, plug('switcher1', `hdmiout0${3 - i}`, `fieldmon${i}`, 'hdmiin001')),
      ),
    ],
  ],
  [
    'signal.sound-missing',
    'risk',
    ['plan', remove('/links/linksound')],
    [
      'plan',
      remove('/links/linksound'),
      device('lecternmi', 'miclecter'),
      set('/links/linklecte', plug('lecternmi', 'xlrout001', 'switcher1', 'audioin01')),
    ],
  ],
  [
    'signal.sound-twice',
    'risk',
    [
      'plan',
      device('soundadpt', 'adaptxltr'),
      set('/links/linksnd01', plug('audiodes1', 'xlrout001', 'soundadpt', 'xlrin0001')),
      set('/links/linksnd02', plug('soundadpt', 'trsout001', 'camnorth1', 'micin0001')),
    ],
    [
      'plan',
      remove('/links/linksound'),
      device('soundadpt', 'adaptxltr'),
      set('/links/linksnd01', plug('audiodes1', 'xlrout001', 'soundadpt', 'xlrin0001')),
      set('/links/linksnd02', plug('soundadpt', 'trsout001', 'camnorth1', 'micin0001')),
    ],
  ],
  [
    'signal.one-computer',
    'risk',
    ['plan', set('/devices/laptopwor/tasks', ['slides', 'encode'])],
    ['plan', set('/devices/laptopwor/tasks', ['slides', 'captions'])],
  ],
  [
    'signal.one-computer',
    'note',
    ['plan', set('/devices/laptopwor/tasks', ['slides', 'clips'])],
    ['plan', set('/devices/laptopwor/tasks', ['clips'])],
  ],
  [
    'signal.connector-mismatch',
    'stop',
    ['kinds', ends('laptopcom', 'hdmiout01', 'plug'), ends('switchcom', 'hdmiin04', 'plug')],
    ['kinds', ends('laptopcom', 'hdmiout01', 'plug')],
  ],
  [
    'runs.lead-short',
    'stop',
    ['kinds', ends('audiodesk', 'xlrout001', 'plug')],
    ['kinds', ends('audiodesk', 'xlrout001', 'pins')],
  ],
  [
    'signal.key-fill',
    'stop',
    ['plan', ...layouts(['itemsolo01', ['key and fill']])],
    [
      'plan',
      ...layouts(['itemsolo01', ['key and fill']]),
      set('/devices/laptopwor/kind', 'laptopkey'),
      set('/links/linkside1', plug('laptopwor', 'hdmiout02', 'switcher1', 'hdmiin03')),
    ],
  ],
];

holds(TABLE);
