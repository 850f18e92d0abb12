/** How far leads carry: by attenuation, by house rule, by what a device states and by what was proved. */
import { describe, expect, it } from 'vitest';
import type { CableMake, Proof, Rules } from '../../src/documents/index.js';
import { constant, type VideoFormat } from '../../src/foundations/index.js';
import { reachOf, reachVerdict, type KnownProof, type ReachOf } from '../../src/stations/runs/reach.js';
import { friday, number } from './edited.js';

/** Metres with 0, 1, 2 and 3 joints, computed with 50 digits in another language from the same standards. */
const COAX: readonly (readonly [make: CableMake, format: VideoFormat, metres: readonly number[]])[] = [
  ['coax-thin', '1080p25', [60.742956533, 59.055652184, 57.368347836, 55.681043488]],
  ['coax-thin', '1080p60', [42.078317521, 40.909475368, 39.740633214, 38.571791061]],
  ['coax-thin', '2160p30', [42.078317521, 40.909475368, 39.740633214, 38.571791061]],
  ['coax-thin', '2160p60', [39.346519228, 38.800039794, 38.25356036, 37.707080926]],
  ['coax-standard', '1080p25', [85.956208012, 83.568535568, 81.180863123, 78.793190678]],
  ['coax-standard', '1080p60', [59.325157619, 57.677236574, 56.029315529, 54.381394484]],
  ['coax-standard', '2160p30', [59.325157619, 57.677236574, 56.029315529, 54.381394484]],
  ['coax-standard', '2160p60', [54.842585921, 54.080883338, 53.319180756, 52.557478174]],
  ['coax-thick', '1080p25', [109.32364515, 106.286877229, 103.250109309, 100.213341388]],
  ['coax-thick', '1080p60', [75.429551451, 73.334286133, 71.239020815, 69.143755497]],
  ['coax-thick', '2160p30', [75.429551451, 73.334286133, 71.239020815, 69.143755497]],
  ['coax-thick', '2160p60', [69.66382013, 68.696267073, 67.728714016, 66.761160958]],
];

const reach = (make: CableMake, more: Partial<ReachOf> = {}, rules: Partial<Rules> = {}) =>
  reachOf(
    'lead',
    { make, format: '1080p50', joints: 0, source: undefined, ...more },
    { ...friday.rules, ...rules },
  );
const limit = (...given: Parameters<typeof reach>): number => number(reach(...given).limit);

describe('coax', () => {
  it.each(COAX)('%s carries %s as far as the table says', (make, format, metres) => {
    metres.forEach((wanted, joints) => {
      expect(limit(make, { format, joints })).toBeCloseTo(wanted, 6);
    });
  });

  it('carries 90 m by the flat rule up to 3G, and by attenuation beyond', () => {
    expect(limit('coax-thin', { joints: 2 }, { coaxReach: 'flat' })).toBe(90);
    expect(limit('coax-thin', { format: '2160p60' }, { coaxReach: 'flat' })).toBeCloseTo(39.346519228, 6);
  });
});

describe('reach', () => {
  it('of each make is that of the table', () => {
    const wanted: Partial<Record<CableMake, number>> = {
      'hdmi-active': 25,
      'hdmi-optical': 100,
      ethernet: 100,
      'unbalanced-audio': 8,
      'usb-2': 5,
      'usb-3': 3,
      'usb-3-fast': 1,
      fibre: 300,
      'fibre-single': 2000,
      'balanced-audio': 100,
    };
    for (const [make, metres] of Object.entries(wanted)) expect(limit(make as CableMake)).toBe(metres);
    expect(limit('hdmi-active', { format: '2160p60' })).toBe(10);
    expect(limit('hdmi-plain', { format: '2160p30' })).toBe(5);
    expect(limit('hdmi-plain', { format: '2160p60' })).toBe(3);
    expect(number(reach('hdmi-plain', { format: '2160p60' }).stretched)).toBe(5);
    expect(reach('mains-1.5').limit.value).toBeNull();
  });

  it('is what the device states, else what the house says, which may be short of the usual', () => {
    const port = {
      order: '1',
      label: 'out',
      direction: 'out',
      connector: 'RJ45',
      carries: 'video',
      reach: 30,
    } as const;
    expect(
      limit('ethernet', { source: { kind: 'tptwosend', key: 'a', port } }, { reaches: { ethernet: 70 } }),
    ).toBe(30);
    expect(limit('hdmi-optical', {}, { reaches: { 'hdmi-optical': 40 } })).toBe(40);
    expect(number(reach('hdmi-optical', {}, { reaches: { 'hdmi-optical': 40 } }).stretched)).toBe(100);
    const line = { ...port, connector: 'XLR', carries: 'audio', level: 'line' } as const;
    const { reach: _stated, ...plain } = line;
    expect(limit('balanced-audio', { source: { kind: 'audiodesk', key: 'a', port: plain } })).toBe(300);
  });
});

describe('a proof', () => {
  const verdict = (used: number, proof?: Partial<Proof>, format: VideoFormat = '1080p50') => {
    const known: KnownProof | undefined = proof && {
      proof: { length: 20, works: true, at: '2026-11-01T10:00:00Z', by: 'Ines', ...proof },
      document: 'plan',
      pointer: '/links/a/proof',
    };
    const own = reach('hdmi-plain', { format });
    return reachVerdict('x', constant('used', used, 'm', 'test'), own, format, known).value;
  };

  it('is not needed within the rule; between it and the stretched limit is a risk, beyond a stop', () => {
    expect([verdict(15), verdict(18), verdict(21)]).toEqual([
      'within',
      'beyond the house rule',
      'beyond any rule',
    ]);
  });

  it('stands above every rule up to its length, at its format and slower ones', () => {
    expect(verdict(25, { length: 25, format: '1080p60' })).toBe('proved');
    expect(verdict(25.1, { length: 25, format: '1080p60' })).toBe('beyond any rule');
    expect(verdict(18, { length: 25, format: '1080p25' })).toBe('beyond the house rule');
    expect(verdict(18, { length: 25 })).toBe('proved');
  });

  it('of a failure counts from its length on, at its format and faster ones', () => {
    expect(verdict(15, { works: false, length: 12, format: '1080p25' })).toBe('failed when tested');
    expect(verdict(11, { works: false, length: 12, format: '1080p25' })).toBe('within');
    expect(verdict(15, { works: false, length: 12, format: '2160p60' })).toBe('within');
  });
});
