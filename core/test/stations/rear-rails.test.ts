/** Things on the front and rear rails of one rack: what is left between them, by hand; and the units they take. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Connector, Kind } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { plugDepth } from '../../src/stations/in-rack/units.js';
import { friday, number, set } from './edited.js';

const boxed = (depth: number, connector: Connector, units = 1): Kind => ({
  label: 'box',
  family: 'tool',
  rack: { units, depth },
  ports: { portport1: { order: '1', label: 'port', direction: 'in', connector, carries: 'data' } },
});

/** A case 0.6 m deep, with one thing on the front rails and one on the rear ones. */
function racked(front: Kind, rear: Kind, [low, high] = [1, 1], isRear = true): Bundle {
  const kinds = {
    ...friday.kinds.kinds,
    frontkind: front,
    rearkind1: rear,
    casekind1: { label: 'case', family: 'rack case', rackCase: { units: 6, depth: 0.6, load: 40 } },
  } as const;
  const plan = applyPatch(friday.plan, [
    set('/devices/caseone01', { order: 'zz', label: 'CASE', kind: 'casekind1', place: { at: [5, 12] } }),
    set('/devices/frontone1', {
      order: 'zz1',
      label: 'FRONT',
      kind: 'frontkind',
      place: { inside: 'caseone01', unit: low },
    }),
    set('/devices/rearone01', {
      order: 'zz2',
      label: 'REAR',
      kind: 'rearkind1',
      place: { inside: 'caseone01', unit: high, ...(isRear && { rear: true }) },
    }),
  ]);
  return { ...friday, kinds: { ...friday.kinds, kinds }, plan };
}
const rackOf = (...of: Parameters<typeof racked>) => {
  const { racks, snags } = assess(racked(...of));
  const { items, used } = racks.racks.caseone01 ?? {};
  return {
    behind: items?.rearone01?.behind,
    used: number(used),
    told: snags.some(({ rule, subjects }) => rule === 'racks.overlap' && subjects.includes('rearone01')),
  };
};

describe('front and rear in one unit', () => {
  // 0.6 − 0.3 − 0.2 − 0.05 (HDMI) − 0.04 (BNC).
  it('have what bodies and plugs leave of the depth of the case', () => {
    const { behind, used, told } = rackOf(boxed(0.3, 'HDMI A'), boxed(0.2, 'BNC'));
    expect(number(behind)).toBeCloseTo(0.01, 9);
    expect([used, told]).toEqual([1, false]);
  });

  it.each([
    [0.2099, false],
    [0.2101, true],
  ])('are a stop where nothing is left: a rear one %d m deep, %s', (depth, told) => {
    expect(rackOf(boxed(0.3, 'HDMI A'), boxed(depth, 'BNC')).told).toBe(told);
  });

  it('clash as ever on the same rails, and not at all in other units', () => {
    const boxes = [boxed(0.1, 'BNC'), boxed(0.1, 'BNC')] as const;
    expect(rackOf(...boxes, [1, 1], false).told).toBe(true);
    expect(rackOf(...boxes, [1, 2])).toMatchObject({ behind: undefined, told: false, used: 2 });
    // A front one of two units from 1 on, and a rear one of one unit at 2, then at 3.
    expect(rackOf(boxed(0.1, 'BNC', 2), boxed(0.1, 'BNC'), [1, 2]).used).toBe(2);
    expect(rackOf(boxed(0.1, 'BNC', 2), boxed(0.1, 'BNC'), [1, 3])).toMatchObject({
      behind: undefined,
      used: 3,
    });
  });

  it('are not judged where the depth of one is not known', () => {
    const { rack: _rack, ...unmeasured } = boxed(0.1, 'BNC');
    const { behind, told } = rackOf(unmeasured, boxed(0.5, 'BNC'));
    expect([behind?.value, behind?.why, told]).toEqual([null, 'the depth of FRONT was not measured', false]);
  });
});

describe('what plugs take behind a thing', () => {
  it.each([
    ['BNC', 0.04],
    ['HDMI A', 0.05],
    ['mains', 0.07],
    ['IEC C13', 0.07],
    ['air', 0],
  ] as const)('%s: %d m', (connector, depth) => {
    expect(plugDepth(boxed(0.1, connector))).toBe(depth);
  });
});
