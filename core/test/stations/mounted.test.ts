/** What supports and people carry: the camera, its lens, and all that is fixed to it. Limits by hand. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Device, Kind } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { edited, friday, number, set } from './edited.js';

const fixed = (id: string, label: string, kind: string, place: Device['place'] = { inside: 'camwide01' }) =>
  set(`/devices/${id}`, { order: `zz${id}`, label, kind, place });
const KINDS: Readonly<Record<string, Partial<Kind>>> = {
  camoneinc: { weight: 1 },
  lenslong1: { label: 'lens', family: 'lens', weight: 0.5 },
  monitor07: { weight: 0.25 },
  battplate: { weight: 0.75 },
};

/** C1 with a lens, a monitor on it, a battery on the monitor, and a support for so much, kg. */
function mounted(load: number, ...more: Parameters<typeof edited>): Bundle {
  const bundle = edited(
    set('/devices/camwide01/lens', 'lenslong1'),
    fixed('monitoron', 'MONITOR', 'monitor07', { on: 'camwide01' }),
    fixed('batteryon', 'BATTERY', 'battplate', { inside: 'monitoron' }),
    ...more,
  );
  const kinds = Object.fromEntries(
    Object.entries(KINDS).map(([id, kind]) => [id, { ...friday.kinds.kinds[id], ...kind } as Kind]),
  );
  const tripod = friday.kinds.kinds.tripodflu;
  if (!tripod?.support) throw new Error('the demo has no tripod');
  return {
    ...bundle,
    kinds: {
      ...bundle.kinds,
      kinds: {
        ...bundle.kinds.kinds,
        ...kinds,
        tripodflu: { ...tripod, support: { ...tripod.support, load } },
      },
    },
  };
}
const supportOf = (bundle: Bundle) => assess(bundle).shots.cameras.camwide01?.support?.strongEnough;

describe('a support', () => {
  // 1 + 0.5 + 0.25 + 0.75 = 2.5 kg.
  it.each([
    [2.5, true],
    [2.49, false],
  ])('for %d kg carries a camera with all that is fixed to it: %s', (load, strong) => {
    expect(supportOf(mounted(load))?.value).toBe(strong);
  });

  it('is not judged by what was not weighed, but is too weak where the rest is already too heavy', () => {
    const heavy = fixed('unweighed', 'ODD BOX', 'camoneinc');
    const unweighed = (load: number) => {
      const bundle = mounted(load, heavy, set('/devices/unweighed/kind', 'oddbox001'));
      const kinds = { ...bundle.kinds.kinds, oddbox001: { label: 'odd box', family: 'tool' } as Kind };
      return supportOf({ ...bundle, kinds: { ...bundle.kinds, kinds } });
    };
    expect(unweighed(3)).toMatchObject({ value: null, why: 'the weight of ODD BOX is not known' });
    expect(unweighed(2.49)?.value).toBe(false);
  });

  it('does not carry what stands beside it', () => {
    expect(supportOf(mounted(2.5, fixed('besideone', 'BESIDE', 'camoneinc', { at: [5, 12] })))?.value).toBe(
      true,
    );
  });
});

describe('whoever carries a camera', () => {
  it('carries what is fixed to it as well', () => {
    const bundle = mounted(10);
    const plan = applyPatch(bundle.plan, [set('/devices/camwide01/worked', 'roaming')]);
    expect(number(assess({ ...bundle, plan }).shots.cameras.camwide01?.moving?.carried)).toBeCloseTo(2.5, 9);
  });
});

describe('what is worn', () => {
  const worn = [
    fixed('bondedon1', 'BONDED', 'monitor07', { inside: 'camwide01', worn: true }),
    fixed('battworn1', 'BATTERY 2', 'battplate', { inside: 'bondedon1' }),
    fixed('beltwide1', 'BELT', 'beltpack1'),
  ];
  const withBelt = (load: number, ...more: Parameters<typeof edited>) => {
    const bundle = mounted(load, ...worn, ...more);
    const kinds = {
      ...bundle.kinds.kinds,
      beltpack1: { label: 'belt', family: 'talkback', weight: 0.25 } as Kind,
    };
    return { ...bundle, kinds: { ...bundle.kinds, kinds } };
  };

  it('is no load of the support, nor what is on it, nor any beltpack', () => {
    expect(supportOf(withBelt(2.5))?.value).toBe(true);
    expect(supportOf(withBelt(2.49))?.value).toBe(false);
  });

  it('is carried by whoever carries the camera', () => {
    // 2.5 on the camera, 0.25 + 0.75 + 0.25 on the person.
    const roaming = withBelt(10, set('/devices/camwide01/worked', 'roaming'));
    expect(number(assess(roaming).shots.cameras.camwide01?.moving?.carried)).toBeCloseTo(3.75, 9);
  });
});
