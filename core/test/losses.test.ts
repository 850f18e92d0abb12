/** What a fix takes away is said, and no key makes such an edit. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { chapelBundle, fridayBundle } from '../src/demo/index.js';
import { applyFix, fixesFor } from '../src/fixes.js';
import { applyPatch, type Operation } from '../src/foundations/index.js';
import { lossesOf } from '../src/losses.js';
import { changed, remove, set, type Change } from './stations/snag-tables.js';

const friday = fridayBundle();
const lost = (...changes: Change[]): string[] => lossesOf(friday, changed(...changes));

describe('an edit', () => {
  it.each<[string, Operation[], string[]]>([
    ['unplugs a lead', [remove('/links/linkwide1')], ['C1 WIDE → SWITCHER is unplugged']],
    [
      'takes a camera out with its lead',
      [remove('/links/linkwide1'), remove('/links/feedwide1'), remove('/devices/camwide01')],
      ['C1 WIDE is taken out'],
    ],
    [
      'plugs a lead into another device',
      [set('/links/linkwide1/to/device', 'laptopwor')],
      ['C1 WIDE → SWITCHER is unplugged'],
    ],
    ['plugs a lead into another port', [set('/links/linkwide1/to/port', 'in4')], []],
    ['feeds a device from another socket', [set('/links/feedwide1/from', { socket: 'socketnor1' })], []],
    ['drops a wanted output', [remove('/outputs/outscreen1')], ['“North aisle screen” is dropped']],
    [
      'records one camera fewer apart',
      [set('/outputs/outrecord1/isolated', 1)],
      ['“Recording” has fewer cameras recorded apart'],
    ],
    ['takes a shot from its camera', [remove('/shots/shotchoir1/camera')], ['C1 WIDE no longer takes Choir']],
    ['drops a shot', [remove('/shots/shotchoir1')], ['the shot of Choir is dropped']],
    ['renames a device', [set('/devices/camwide01/label', 'C9')], []],
  ])('that %s', (_, patch, losses) => expect(lost(['plan', ...patch])).toEqual(losses));

  it('that puts an adapter into a lead loses nothing, if the way goes on behind it', () => {
    const { from, to } = friday.plan.links?.linkwide1 ?? {};
    const adapter = { device: 'adapter01', port: 'in' };
    const through = [
      set('/devices/adapter01', { order: 'z', label: 'ADAPTER', kind: 'hdmisdi01' }),
      set('/links/linkwide1', { from, to: adapter }),
    ];
    const on = set('/links/linkon001', { from: { device: 'adapter01', port: 'out' }, to });
    expect(lost(['plan', ...through, on])).toEqual([]);
    expect(lost(['plan', ...through])).toEqual(['C1 WIDE → SWITCHER is unplugged']);
  });
});

describe.each([
  ['Friday', friday],
  ['the chapel', chapelBundle()],
  // Nothing is plugged in: every output is unfed, and a switcher could be plugged into itself.
  ['Friday without a lead', { ...friday, plan: applyPatch(friday.plan, [set('/links', {})]) }],
])('the fixes of every snag of %s', (_, bundle) => {
  it('plug nothing into itself, say what they lose, and come last if they lose something', () => {
    for (const { id } of assess(bundle).snags) {
      const fixes = fixesFor(id, bundle);
      const losing = fixes.map(({ loses }) => loses.length > 0);
      expect(losing, id).toEqual([...losing].sort());
      for (const fix of fixes) {
        const fixed = applyFix(bundle, fix);
        expect(fix.loses).toEqual(lossesOf(bundle, fixed));
        for (const [link, { from, to }] of Object.entries(fixed.plan.links ?? {}))
          expect(from.device !== undefined && from.device === to.device, `${id}: ${link}`).toBe(false);
      }
    }
  });
});
