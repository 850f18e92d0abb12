/** What runs through each lead and whether it is taken; and ways by which a picture comes back into itself. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { assessed, edited, friday, set } from './edited.js';

const plug = (from: string, fromPort: string, to: string, toPort: string): object => ({
  from: { device: from, port: fromPort },
  to: { device: to, port: toPort },
});
const SCALER = { order: 'zz1', label: 'SCALER', kind: 'scalerhdm', place: { inside: 'deskrack1' } };

describe('the format of a lead', () => {
  const given = (link: string, ...patch: Operation[]) => assessed(...patch).signal.formats[link];

  it('is that of the event until something is set, and is taken', () => {
    const { format, taken } = given('linkwide1') ?? {};
    expect([format?.value, taken?.value]).toEqual(['1080p25', 'yes']);
  });

  it('is what its source is set to, and a native input says why it does not take that', () => {
    const { format, taken } =
      given(
        'linkword1',
        set('/devices/laptopwor/format', '1080p59.94'),
        set('/devices/switcher1/format', '1080p60'),
      ) ?? {};
    expect([format?.value, taken?.value]).toEqual(['1080p59.94', '59.94 is not 60']);
  });

  it('goes through an adapter as it is, and through a scaler as that is set', () => {
    const patch = [
      set('/devices/laptopwor/format', '1080p60'),
      set('/devices/scaler001', { ...SCALER, format: '1080p25' }),
      set('/links/linkword1', plug('laptopwor', 'hdmiout01', 'scaler001', 'hdmiin001')),
      set('/links/linkscal1', plug('scaler001', 'hdmiout01', 'switcher1', 'hdmiin04')),
    ];
    expect(given('linkword1', ...patch)?.taken.value).toBe('yes');
    expect(given('linkscal1', ...patch)?.format.value).toBe('1080p25');
    const plain = patch.map(each => (each.path === '/devices/scaler001' ? set(each.path, SCALER) : each));
    expect(given('linkscal1', ...plain)?.format.value).toBe('1080p60');
  });

  it('of 3G packed in level A goes into level A, or into both', () => {
    const levelled = (takes: 'A' | 'B' | 'both', format: string) => {
      const kinds = applyPatch(friday.kinds, [
        set('/kinds/camoneinc/ports/hdmiout01/level3g', 'A'),
        set('/kinds/switchcom/ports/hdmiin01/level3g', takes),
      ]);
      const at = ['camwide01', 'switcher1'].map(id => set(`/devices/${id}/format`, format));
      return assess({ ...edited(...at), kinds }).signal.formats.linkwide1?.taken.value;
    };
    expect(levelled('A', '1080p50')).toBe('yes');
    expect(levelled('both', '1080p50')).toBe('yes');
    expect(levelled('B', '1080p50')).toBe('3G level A into level B');
    expect(levelled('B', '1080p25')).toBe('yes');
  });

  it('is told for a computer as its menu says it', () => {
    const wanted = '1920 × 1080 at 25 Hz, progressive';
    expect(assess(friday).signal.settings.laptopwor?.value).toBe(wanted);
    const wrong = assessed(set('/devices/laptopwor/format', '1080p60')).signal;
    expect(wrong.settings.laptopwor?.value).toBe(wanted);
  });
});

describe('a wrong format', () => {
  const bundle = edited(set('/devices/laptopwor/format', '1080p60'));
  const [snag] = assess(bundle).snags.filter(({ rule }) => rule === 'signal.format-mismatch');

  it('is cured by setting the source, or by a scaler of the shelf in its lead', () => {
    const fixes = fixesFor(snag?.id ?? '', bundle);
    expect(fixes.map(({ label }) => label)).toEqual([
      'Set WORDS to 1080p25',
      'Put “Scaler, HDMI to HDMI” SCA 01 into the lead',
    ]);
    const after = assess(applyFix(bundle, fixes[1] ?? { changes: [] })).signal;
    expect(after.sources.laptopwor?.input.value).toBe('HDMI in 4');
    expect(Object.values(after.formats).every(({ taken }) => taken.value === 'yes')).toBe(true);
  });
});

describe('a loop', () => {
  const ring = (port: string, back = false): Operation[] => [
    set('/devices/rackswit1', {
      order: 'zz2',
      label: 'ROW',
      kind: 'switchrac',
      place: { inside: 'deskrack1' },
    }),
    set('/links/linkback1', { ...plug('rackswit1', port, 'rackswit1', 'sdiin0001'), ...(back && { back }) }),
  ];
  const loops = (...patch: Operation[]) => Object.values(assessed(...patch).signal.loops);

  it('is no loop where nothing leads back', () => {
    expect(loops()).toEqual([]);
  });

  it('of a second row is allowed where it is meant, and told where it is not', () => {
    expect(loops(...ring('sdiout001'))[0]?.through.value).toBe('ROW');
    expect(loops(...ring('sdiout001'))[0]?.howls.value).toBe(false);
    expect(loops(...ring('sdiout001', true))).toEqual([]);
  });

  it('howls with talkback in it, meant or not, until something strips it', () => {
    const bundle = edited(...ring('sdiout002', true));
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'signal.loop');
    expect(snag?.severity).toBe('stop');
    const fix = fixesFor(snag?.id ?? '', bundle).find(({ label }) => label.includes('De-embedder'));
    const after = assess(applyFix(bundle, fix ?? { changes: [] })).signal;
    expect(Object.values(after.loops).filter(({ howls }) => howls.value)).toEqual([]);
  });

  it('runs through the loop of a screen', () => {
    const monitor = set('/devices/monitor01', {
      order: 'zz',
      label: 'MONITOR',
      kind: 'monitor17',
      place: { inside: 'deskrack1' },
    });
    const found = loops(
      monitor,
      ...ring('sdiout001').slice(0, 1),
      set('/links/linkback1', plug('rackswit1', 'sdiout001', 'monitor01', 'sdiin0001')),
      set('/links/linkback2', plug('monitor01', 'sdiloop01', 'rackswit1', 'sdiin0001')),
    );
    expect(found.map(({ devices }) => [...devices].sort())).toEqual([['monitor01', 'rackswit1']]);
    // What only comes to a screen ends there.
    expect(
      loops(
        monitor,
        ...ring('sdiout001').slice(0, 1),
        set('/links/linkback1', plug('rackswit1', 'sdiout001', 'monitor01', 'hdmiin001')),
        set('/links/linkback2', plug('monitor01', 'sdiloop01', 'rackswit1', 'sdiin0001')),
      ),
    ).toEqual([]);
  });

  it('does not run through a camera: what comes back into it does not come out of it', () => {
    const kinds = applyPatch(friday.kinds, [
      set('/kinds/camoneinc/ports/returnin1', {
        order: 'zz',
        label: 'return',
        direction: 'in',
        connector: 'HDMI A',
        carries: 'video',
      }),
    ]);
    const back = edited(set('/links/linkback1', plug('switcher1', 'hdmiout02', 'camwide01', 'returnin1')));
    expect(assess({ ...back, kinds }).signal.loops).toEqual({});
  });
});
