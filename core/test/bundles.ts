import { chapelBundle, fridayBundle } from '../src/demo/index.js';
import type { Bundle } from '../src/documents/index.js';
import { applyPatch, type Operation } from '../src/foundations/index.js';

const friday = fridayBundle();
/** Events that tests of every figure and every fix run over. */
export const BUNDLES: readonly [[string, Bundle], ...[string, Bundle][]] = [
  ['friday', friday],
  ['chapel', chapelBundle()],
  ['friday with cameras that move, windows, lenses and lamps', varied(friday)],
  ['friday with leads over the aisle and beside mains', crossed(friday)],
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
    ...{ op: 'add', path: `/devices/${id}/place/at`, value },
  }));
  return { ...bundle, plan: applyPatch(bundle.plan, patch) };
}

/** A plan as it is when just made. */
function emptied(bundle: Bundle): Bundle {
  const { version, label, start, zone, venue } = bundle.plan;
  return { ...bundle, plan: { version, label, start, zone, venue } };
}
