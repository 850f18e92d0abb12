/** What cures a switcher that is full, and plugs that do not meet. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { libraryKinds } from '../../src/library/index.js';
import { changed, found, friday, set } from './snag-tables.js';

const AT_DESK = { inside: 'deskrack1' };
const plug = (from: string, fromPort: string, to: string, toPort: string) => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});
const device = (id: string, kind: string, more: object = {}) =>
  set(`/devices/${id}`, { order: 'zz', label: id.toUpperCase(), kind, place: AT_DESK, ...more });

const ends = (kind: string, port: string, what: string) => set(`/kinds/${kind}/ports/${port}/ends`, what);

describe('a fourth camera before a full switcher', () => {
  const bundle = changed(['plan', device('camfour04', 'camoneinc', { worked: 'locked', label: 'C4' })]);
  const [snag] = found(bundle, 'signal.source-unplugged');

  it('gets an input by a smaller switcher that is put before the last one', () => {
    const fixes = fixesFor(snag?.id ?? '', bundle);
    const sub = fixes.find(({ label }) => label.includes('SUB 01'));
    expect(sub?.label).toBe(
      'Put “Sub-switcher, 4 HDMI in, cuts only” SUB 01 before HDMI in 4, for this and WORDS',
    );
    const after = assess(applyFix(bundle, sub ?? { changes: [] })).signal;
    expect(after.sources.camfour04?.input.value).toBe('HDMI in 2');
    expect(after.sources.laptopwor?.input.value).toBe('HDMI in 1');
    expect(after.views).not.toHaveProperty(
      `mixer${Object.keys(after.countables).find(id => id.startsWith('k')) ?? ''}`,
    );
  });
});

describe('a matrix', () => {
  const leads = [
    device('matrix001', 'matrixeig', {
      buses: {
        sdiout0001: { bus: 'aux', input: 'sdiin0001' },
        sdiout0002: { bus: 'aux', input: 'sdiin0002' },
      },
    }),
    device('rackswit1', 'switchrac'),
    set('/links/linkmatr1', plug('matrix001', 'sdiout0001', 'rackswit1', 'sdiin0001')),
    set('/links/linkmatr2', plug('rackswit1', 'sdiout001', 'matrix001', 'sdiin0002')),
  ];

  it('that hands each input on to an output of its own is no loop', () => {
    expect(found(changed(['plan', ...leads]), 'signal.loop')).toEqual([]);
  });

  it('is one when its output gives what comes back', () => {
    const crossed = set('/devices/matrix001/buses/sdiout0001/input', 'sdiin0002');
    expect(found(changed(['plan', ...leads, crossed]), 'signal.loop')).toHaveLength(1);
  });
});

describe('plugs', () => {
  it('that meet each other get a joiner between them', () => {
    const bundle = changed([
      'kinds',
      ends('laptopcom', 'hdmiout01', 'plug'),
      ends('switchcom', 'hdmiin04', 'plug'),
      set('/kinds/joinhdmi1', libraryKinds.joinhdmi1),
    ]);
    const snag = found(bundle, 'signal.connector-mismatch').find(({ title }) => title.includes('WORDS'));
    expect(snag?.title).toContain('both end in a plug, a joiner is missing');
    const [fix] = fixesFor(snag?.id ?? '', bundle);
    expect(fix?.label).toBe('Add the adapter (not owned)');
    const mended = assess(applyFix(bundle, fix ?? { changes: [] }));
    expect(mended.signal.sources.laptopwor?.input.value).toBe('HDMI in 4');
  });

  it('with pins go into no pins', () => {
    const titles = found(
      changed(['kinds', ends('switchcom', 'audioin01', 'pins')]),
      'signal.connector-mismatch',
    );
    expect(titles.filter(({ title }) => title.includes('both have pins'))).toHaveLength(1);
  });

  it('on a body want no cable where both things are together', () => {
    const { runs } = assess(changed(['kinds', ends('laptopcom', 'hdmiout01', 'plug')]));
    expect(Object.keys(runs.runs)).not.toContain('linkword1');
    expect(Object.keys(assess(friday).runs.runs)).toContain('linkword1');
  });
});

describe('beltpacks', () => {
  it('are given to all operators at once, with a base', () => {
    const [snag] = found(friday, 'hands.unheard').filter(({ subjects: [line] }) => line === 'talkback');
    const [fix] = fixesFor(snag?.id ?? '', friday);
    expect(fix?.label).toBe('Give a beltpack to each: 2 wanted, 2 on the shelf');
    const { cameras } = assess(applyFix(friday, fix ?? { changes: [] })).signal;
    expect(cameras.camwide01?.talkback?.value).toBe('C1 WIDE beltpack');
  });
});
