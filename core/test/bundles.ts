import { chapelBundle, fridayBundle } from '../src/demo/index.js';
import type { Bundle } from '../src/documents/index.js';
import { measuredKinds } from './measured-kinds.js';
import { aloneIn, longDay } from './long-day.js';
import { paidFor } from './paid-for.js';
import { fullRack } from './racked.js';
import { scheduled } from './scheduled.js';
import { withYoung } from './with-young.js';
import { applyPatch, type Json, type Operation } from '../src/foundations/index.js';

const friday = fridayBundle();

/** Events that tests of every figure and every fix run over. */
export const BUNDLES: readonly [[string, Bundle], ...[string, Bundle][]] = [
  ['friday', friday],
  ['chapel', chapelBundle()],
  ['friday with cameras that move, windows, lenses and lamps', varied(friday)],
  ['friday with leads over the aisle and beside mains', crossed(friday)],
  [
    'friday wired otherwise, with a matrix in a ring, a remote camera and a case that has grown',
    rewired(friday),
  ],
  ['friday crowded: tasks, viewers, proofs, backups, pins, what others draw', crowded(friday)],
  ['friday with a full rack', fullRack(friday)],
  ['friday with two who lift its rack', liftedBy(friday, 2)],
  ['friday with one who lifts its rack', liftedBy(friday, 1)],
  ['friday with prices, a ceiling, costs, and a shelf that lacks a few things', paidFor(friday)],
  ['friday with somebody under 18, and when they leave', withYoung(friday)],
  ['friday with somebody who drives home, and two who are elsewhere too', longDay(friday)],
  ['friday done by one person', aloneIn(friday, 'odilemarsh')],
  ['friday with a schedule of one piece of work', scheduled(friday)],
  ['an event with nothing in it yet', emptied(friday)],
  [
    'an event at 120 V with nobody and nothing to take',
    {
      ...friday,
      venue: { ...friday.venue, volts: 120, hertz: 60, outdoors: true },
      shelf: { items: {} },
      hands: { people: {} },
    },
  ],
];

/** All cases by so many, of whom the first is named where there are several, over a surveyed way with steps. */
function liftedBy({ plan, venue, ...bundle }: Bundle, lifters: number): Bundle {
  const way = { distance: 40, steps: 3, doors: 2, width: 0.95, height: 2.1, slope: 8, floor: 'hard' };
  const put = (path: string, value: unknown): Operation => ({ op: 'add', path, value: value as Json });
  const names = lifters > 1 ? ['callumdrey'] : [];
  // A crate that anybody may lift, beside those that nobody should lift alone.
  const packed = {
    packedone1: { line: 'hooks0000', in: 'casecabl1' },
    packedtwo1: { line: 'lampone01', in: 'carodile1', roof: true },
  };
  return {
    ...bundle,
    venue: applyPatch(venue, [put('/facts/way', way)]),
    plan: applyPatch(plan, [
      ...['deskrack1', 'casecam01', 'casecabl1'].flatMap(id => [
        put(`/devices/${id}/lifters`, lifters),
        put(`/devices/${id}/liftedBy`, names),
      ]),
      ...(lifters === 1 ? [put('/packed', packed)] : []),
    ]),
  };
}

function varied(bundle: Bundle): Bundle {
  const window = { order: 'zz1', mark: 'marktable', size: 'knees up', camera: 'camwide01', window: true };
  const above = { order: 'zz2', mark: 'marktable', size: 'from above', camera: 'camside01' };
  const patch: Operation[] = [
    // One person on two cameras.
    { op: 'add', path: '/assignments/assignone1', value: { role: 'camera camside01', person: 'wilfokonjo' } },
    { op: 'add', path: '/assignments/assigntwo1', value: { role: 'camera camnorth1', person: 'wilfokonjo' } },
    { op: 'add', path: '/shots/windowsho1', value: window },
    { op: 'add', path: '/shots/fromabove1', value: above },
    { op: 'add', path: '/devices/camside01/worked', value: 'roaming' },
    { op: 'add', path: '/devices/camside01/lens', value: 'lenstele1' },
    { op: 'add', path: '/devices/camnorth1/worked', value: 'crane' },
    { op: 'add', path: '/devices/camnorth1/sweep', value: 2 },
    { op: 'add', path: '/devices/camnorth1/lens', value: 'lensfast1' },
    { op: 'add', path: '/devices/lamptwo02/lights', value: 'markchoir' },
  ];
  return { ...bundle, plan: applyPatch(bundle.plan, patch) };
}

/** Screen and desk on both sides of the aisle; the sound desk where the mains of a camera begins. */
function crossed(bundle: Bundle): Bundle {
  const placed = {
    screennor: [10, 5.5],
    deskrack1: [10, 9.5],
    audiodes1: [19.5, 13.6],
    camside01: [6, 14.9],
  };
  const patch = Object.entries(placed).map(([id, value]): Operation => ({
    op: 'add',
    path: `/devices/${id}/place/at`,
    value,
  }));
  return { ...bundle, plan: applyPatch(bundle.plan, patch) };
}

/** A matrix that leads back into itself, talkback and all; a camera worked from afar; a multiview; a share kept spare. */
function rewired(bundle: Bundle): Bundle {
  const plug = (id: string, [from, out]: [string, string], [to, into]: [string, string]): Operation => ({
    op: 'add',
    path: `/links/${id}`,
    value: { from: { device: from, port: out }, to: { device: to, port: into } },
  });
  const add = (path: string, value: Json): Operation => ({ op: 'add', path, value });
  const device = (id: string, kind: string, more: { [name: string]: Json } = {}): Operation =>
    add(`/devices/${id}`, { order: 'zz', label: id, kind, place: { inside: 'deskrack1' }, ...more });
  const assembly = { label: 'Desk rack', version: 2, root: 'deskrack1', parts: {} };
  const patch: Operation[] = [
    device('matrix001', 'matrixeig', { buses: { sdiout0001: { bus: 'aux', input: 'sdiin0002' } } }),
    device('rackswit1', 'switchrac'),
    plug('linkmatr1', ['matrix001', 'sdiout0001'], ['rackswit1', 'sdiin0001']),
    plug('linkmatr2', ['rackswit1', 'sdiout001'], ['matrix001', 'sdiin0002']),
    device('patchbay1', 'patchbay8'),
    plug('linkpatc1', ['matrix001', 'sdiout0003'], ['patchbay1', 'patchin01']),
    plug('linkpatc2', ['patchbay1', 'patchout1'], ['rackswit1', 'sdiin0003']),
    device('monitor01', 'monitor24', { viewers: ['mixer'] }),
    add('/devices/switcher1/buses', { hdmiout03: { bus: 'multiview' } }),
    plug('linkmonit', ['switcher1', 'hdmiout03'], ['monitor01', 'hdmiin001']),
    add('/devices/camside01/kind', 'campantil'),
    add('/devices/camside01/worked', 'remote'),
    add('/devices/deskrack1/assembly', { id: 'assembly01', version: 1 }),
    add('/rules', { keptSpare: 20 }),
  ];
  return {
    ...bundle,
    kinds: applyPatch(bundle.kinds, [add('/assemblies', { assembly01: assembly })]),
    plan: applyPatch(bundle.plan, patch),
  };
}

/** Three phases on a generator, a residual-current device before the north, and breakers whose curves are known. */
function powered(venue: Bundle['venue']): Bundle['venue'] {
  const phases = ['1', '2', '3'] as const;
  const circuits = Object.entries(venue.circuits ?? {}).map(([id, circuit], i) => [
    id,
    {
      ...circuit,
      curve: 'B' as const,
      wiring: 'ring' as const,
      phase: phases[i % 3] ?? '1',
      residual: 'residmain',
    },
  ]);
  return {
    ...venue,
    ...{ system: 'three phases', generator: 6000, upstream: 1 },
    residuals: { residmain: { order: '1', label: 'Main switch', trip: 30 } },
    circuits: Object.fromEntries(circuits) as NonNullable<Bundle['venue']['circuits']>,
  };
}

/** As much at once as people do to a plan: in the computers, on the line, on the floor and in the running order. */
function crowded(bundle: Bundle): Bundle {
  const add = (path: string, value: Json): Operation => ({ op: 'add', path, value });
  const inRack = (id: string, kind: string, more: { [name: string]: Json } = {}): Operation =>
    add(`/devices/${id}`, {
      order: 'zz',
      label: id.toUpperCase(),
      kind,
      place: { inside: 'deskrack1' },
      ...more,
    });
  const lead = (id: string, [from, out]: [string, string], [to, into]: [string, string]): Operation =>
    add(`/links/${id}`, { from: { device: from, port: out }, to: { device: to, port: into } });
  const proof = {
    length: 31,
    works: true,
    at: '2026-11-20T10:00:00Z',
    by: 'Tobin Ashgrove',
    format: '1080p25',
  };
  const patch: Operation[] = [
    // Changed too late, and read on the way.
    add('/batteryChanges', {
      change0001: { battery: 'battnorth', item: 'itembat02', after: 90 },
    }),
    add('/chargeReadings', {
      reading001: { battery: 'battnorth', at: '2026-12-04T19:00:00Z', percent: 70, by: 'Maud' },
    }),
    add('/devices/laptopwor/tasks', ['slides', 'clips', 'encode', 'call']),
    inRack('laptoptwo', 'laptopcom'),
    inRack('tabletwat', 'controltb', { viewers: ['watcher'] }),
    inRack('monitor01', 'monitor17', { viewers: ['mixer'] }),
    inRack('monitor02', 'monitor24', { viewers: ['presenter'], place: { at: [12, 6], height: 1 } }),
    inRack('rackswit1', 'switchrac'),
    inRack('splitter1', 'splithdm2'),
    inRack('recorder2', 'recordsdi'),
    // A second way out, over the mobile network.
    inRack('bondedbel', 'bondedbel'),
    lead('linkbonde', ['splitter1', 'hdmioutp02'], ['bondedbel', 'hdmiin001']),
    add('/outputs/outsecond', { order: 'zy', label: 'Second', kind: 'stream', device: 'switcher1' }),
    add('/devices/striprac1/place', { inside: 'deskrack1', unit: 3, rear: true }),
    add('/outputs/outmobile', { order: 'zz', label: 'Reserve', kind: 'stream', device: 'bondedbel' }),
    inRack('campantl1', 'campantil', { worked: 'remote', place: { at: [12, 12], height: 2 } }),
    lead('linkmonit', ['switcher1', 'hdmiout03'], ['monitor01', 'hdmiin001']),
    lead('linkmoni2', ['rackswit1', 'hdmiout01'], ['monitor02', 'hdmiin001']),
    lead('linkrowsd', ['campantl1', 'hdmiout01'], ['rackswit1', 'sdiin0001']),
    lead('linkrecsd', ['rackswit1', 'sdiout001'], ['recorder2', 'sdiin0001']),
    lead('linkwatch', ['netswitc1', 'netport03'], ['tabletwat', 'network01']),
    add('/outputs/outbackup', {
      order: 'zz',
      label: 'Backup',
      kind: 'recording',
      device: 'recorder1',
      backs: 'outrecord1',
    }),
    add('/outputs/outclean1', {
      order: 'zz',
      label: 'Clean',
      kind: 'recording',
      device: 'recorder2',
      programme: 'clean',
    }),
    add('/outputs/outstream1/rung', '1080p60'),
    add('/runningOrder/itemwelco1/layouts', ['inset', 'captions', 'key and fill']),
    add('/runningOrder/itemchoir1/layouts', ['side by side', 'clip', 'holding slide']),
    add('/links/linkwide1/proof', proof),
    add('/links/linknort1/proof', { ...proof, works: false }),
    add('/links/linkside1/way', { pins: [{ at: [8, 13] }], avoid: ['aislecent'] }),
    add('/links/linkscree/measured', 44),
    add('/links/linkscree/laid', true),
    add('/links/linkscree/cables', ['itemopt01']),
    add('/devices/camwide01/aperture', 8),
    add('/devices/camside01/place/facing', 90),
    add('/devices/camside01/worked', 'locked'),
    add('/shots/shotpanel1', {
      order: 'zz',
      mark: 'markchoir',
      size: 'panel',
      people: 6,
      camera: 'campantl1',
    }),
    add('/shots/shotpair01', { order: 'zz', mark: 'marktable', size: 'pair' }),
    add('/ticks', {
      tick00001: { check: 'upload', by: 'Ines Calder', at: '2026-12-04T17:00:00Z', value: 0.4 },
    }),
    // What people can say of power.
    add('/devices/laptoptwo/states', {
      rig: 'standby',
      live: 'peak',
      items: { itemchoir1: { state: 'standby' } },
    }),
    inRack('stripnest', 'stripfour'),
    lead('feednest1', ['striprac1', 'outlet07'], ['stripnest', 'mainsin01']),
    inRack('standby01', 'standbyla'),
    lead('feedstand', ['stripnest', 'outlet01'], ['standby01', 'mainsin01']),
    lead('feedlapt2', ['standby01', 'outlet001'], ['laptoptwo', 'mainsin01']),
    add('/fedTogether', {
      pairone01: { one: 'switcher1', other: 'recorder1' },
      pairtwo02: { one: 'switcher1', other: 'camside01', apart: true },
    }),
    inRack('brickone1', 'battusb01'),
    add('/links/feedhouse', {
      from: { socket: 'sktnorth1' },
      to: { device: 'audiodes1', port: 'mainsin01' },
    }),
    lead('feedbrick', ['brickone1', 'usbout001'], ['tabletwat', 'usbcpow01']),
    inRack('supplyone', 'supplyfus'),
    lead('feedsuppl', ['stripnest', 'outlet03'], ['supplyone', 'mainsin01']),
    lead('feedtwelv', ['supplyone', 'dcout0001'], ['twelvevol', 'dcin00001']),
    inRack('twelvevol', 'twelvebox'),
    inRack('panpoe001', 'campanpoe', { worked: 'remote', place: { at: [15, 3], height: 2 } }),
    lead('linkpoe01', ['netswitc1', 'netport05'], ['panpoe001', 'network01']),
    inRack('unknown01', 'unmeasure'),
    lead('feedunkno', ['stripnest', 'outlet02'], ['unknown01', 'mainsin01']),
    add('/rules', { keptSpare: 25, delayAt: 'desk', circle: 'pixels', uploadHeadroom: 'half' }),
  ];
  const mobileReadings = {
    reading01: { order: '1', at: [6, 9.5], up: 4.5, taken: '2026-11-20T19:00:00Z' },
    reading02: { order: '2', at: [8, 9], up: 3.2, taken: '2026-11-21T19:00:00Z' },
  } as unknown as Bundle['venue']['mobileReadings'] & object;
  return {
    ...bundle,
    venue: { ...powered(bundle.venue), mobileReadings },
    kinds: applyPatch(
      { ...bundle.kinds, kinds: { ...bundle.kinds.kinds, ...measuredKinds(bundle.kinds.kinds) } },
      [
        add('/kinds/battusb01/ports/usbout001/profiles', ['5 V', '9 V', '15 V', '20 V']),
        add('/kinds/controltb/ports/usbcpow01/profiles', ['5 V', '9 V']),
        add('/kinds/controltb/inner/topsUp', true),
        add('/kinds/controltb/inner/chargeWatts', 2.5),
      ],
    ),
    plan: applyPatch(bundle.plan, patch),
  };
}

/** A plan as it is when just made. */
function emptied(bundle: Bundle): Bundle {
  const { version, label, start, zone, venue } = bundle.plan;
  return { ...bundle, plan: { version, label, start, zone, venue } };
}
