import { chapelBundle, fridayBundle } from '../src/demo/index.js';
import type { Bundle } from '../src/documents/index.js';
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
  ['an event with nothing in it yet', emptied(friday)],
  ['an event with nobody and nothing to take', { ...friday, shelf: { items: {} }, hands: { people: {} } }],
];

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

/** A plan as it is when just made. */
function emptied(bundle: Bundle): Bundle {
  const { version, label, start, zone, venue } = bundle.plan;
  return { ...bundle, plan: { version, label, start, zone, venue } };
}
