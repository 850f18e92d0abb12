/** Rules of power as tables, and what lasts, starts and comes back on the neutral – by hand, at the limits. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Kind } from '../../src/documents/index.js';
import { numberOf, severityOf } from '../../src/foundations/index.js';
import { startUp } from '../../src/stations/power/start-up.js';
import { changed, device, found, friday, holds, remove, set, type Change, type Row } from './snag-tables.js';

const kind = (id: string, field: string): string => `/kinds/${id}/power/${field}`;
const strip = (id: string) => ({
  order: 'zz',
  label: id.toUpperCase(),
  kind: 'stripfour',
  place: { at: [12, 13] },
});
const plug = (from: object, to: string, port = 'mainsin01') => ({ from, to: { device: to, port } });
/** The lamps on as many strips as are named, one into the other, from the socket by the vestry. */
const chain = (...strips: string[]) => [
  ...strips.flatMap((id, i) => [
    set(`/devices/${id}`, strip(id)),
    set(
      `/links/feed${id}`,
      plug(i === 0 ? { socket: 'sktvestr1' } : { device: strips[i - 1], port: 'outlet01' }, id),
    ),
  ]),
  set('/links/feedlamp1', plug({ device: strips.at(-1), port: 'outlet02' }, 'lampone01')),
];
const behind = (trip: number) => [
  set('/residuals', { residual01: { order: '1', label: 'Residual device', trip } }),
  set('/circuits/circsouth/residual', 'residual01'),
];

/** The south as a ring on which others have so many watts all day. */
const ringWith = (watts: number) => [
  set('/circuits/circsouth/wiring', 'ring'),
  set('/circuits/circsouth/amps', 32),
  set('/circuits/circsouth/others', { heater: { label: 'heater', watts, factor: 1 } }),
];

const TABLE: readonly Row[] = [
  [
    'power.watts-unknown',
    'risk',
    ['kinds', remove(kind('lamppanel', 'running'))],
    ['kinds', remove(kind('lamppanel', 'running')), set(kind('lamppanel', 'plate'), 80)],
  ],
  [
    'power.outlets-over',
    'stop',
    ['venue', set('/sockets/sktvestr1/outlets', 2)],
    ['venue', set('/sockets/sktvestr1/outlets', 3)],
  ],
  [
    'power.socket-switched',
    'risk',
    ['venue', set('/sockets/sktvestr1/control', 'timed')],
    ['venue', remove('/sockets/sktvestr1/circuit')],
  ],
  [
    'power.socket-switched',
    'stop',
    ['venue', set('/sockets/sktvestr1/control', 'dimmed')],
    ['venue', set('/sockets/sktvestr1/control', 'light switch')],
  ],
  [
    'power.socket-bad',
    'stop',
    ['venue', set('/sockets/sktvestr1/test', { at: '2026-11-20T10:00:00Z', result: 'no earth' })],
    ['venue', set('/sockets/sktvestr1/test', { at: '2026-11-20T10:00:00Z', result: 'good' })],
  ],
  [
    'power.strips-in-series',
    'risk',
    ['plan', ...chain('stripone1', 'striptwo2')],
    ['plan', ...chain('stripone1')],
  ],
  [
    'power.strips-in-series',
    'stop',
    ['plan', ...chain('stripone1', 'striptwo2', 'stripthree')],
    ['plan', ...chain('stripone1', 'striptwo2')],
  ],
  [
    'power.adapters-crowded',
    'stop',
    ['kinds', set('/kinds/striprack/pitch', 0.02)],
    ['kinds', set('/kinds/striprack/pitch', 0.05)],
  ],
  // 0.947 A of ours and what others have count 1.25 × each: 20 A at 3462 W.
  ['power.ring-lopsided', 'note', ['venue', ...ringWith(3470)], ['venue', ...ringWith(3455)]],
  ['power.volts-low', 'stop', ['venue', set('/upstream', 5)], ['venue', set('/upstream', 4.8)]],
  [
    'power.leads-long',
    'risk',
    ['kinds', set('/kinds/mainlea25/cable/length', 25.1)],
    ['kinds', set('/kinds/mainlea25/cable/length', 25)],
  ],
  // Six adapters of half a milliampere; 30 % of 9.9 mA is less.
  ['power.leakage', 'risk', ['venue', ...behind(9.9)], ['venue', ...behind(10)]],
  [
    'power.no-residual',
    'risk',
    ['venue', set('/outdoors', true)],
    ['venue', set('/outdoors', true), ...behind(30)],
  ],
  [
    'power.battery-amps',
    'stop',
    ['kinds', set('/kinds/battplate/battery/maxAmps', 2.41)],
    ['kinds', set('/kinds/battplate/battery/maxAmps', 2.42)],
  ],
  // By its cycles: 1 − 0.0004 · 750 = 0.7.
  [
    'power.battery-worn',
    'risk',
    ['shelf', set('/items/itembat01/cycles', 751)],
    ['shelf', set('/items/itembat01/cycles', 750)],
  ],
  // Ours at once: 2.0507 A at 230 V is 471.67 VA, seven tenths of 673.8.
  ['power.generator-over', 'risk', ['venue', set('/generator', 673)], ['venue', set('/generator', 674)]],
  ['power.generator-over', 'stop', ['venue', set('/generator', 471)], ['venue', set('/generator', 472)]],
];

holds(TABLE);

describe('long leads', () => {
  it('are no risk behind a residual-current device of 30 mA', () => {
    const long = ['kinds', set('/kinds/mainlea25/cable/length', 25.1)] as const;
    expect(found(changed(long, ['venue', ...behind(30)]), 'power.leads-long')).toEqual([]);
    expect(found(changed(long, ['venue', ...behind(31)]), 'power.leads-long')).not.toEqual([]);
  });
});

describe('a reel', () => {
  const coiled = ['plan', set(device('striprac1', 'coiled'), true)] as const;
  it('that is left coiled is told, and carries a third where it does not say', () => {
    expect(found(changed(coiled), 'power.reel-coiled')).toEqual([]);
    const bundle = changed(coiled, ['kinds', set('/kinds/striprack/reel', true)]);
    expect(found(bundle, 'power.reel-coiled').map(({ severity }) => severity)).toEqual(['risk']);
    const [open, wound] = [friday, bundle].map(
      each => numberOf(assess(each).power.strips.striprac1?.share) ?? 0,
    );
    expect(wound).toBeCloseTo(3 * (open ?? 0), 9);
    const stated = changed(coiled, [
      'kinds',
      set('/kinds/striprack/reel', true),
      set('/kinds/striprack/coiled', 6.5),
    ]);
    expect(numberOf(assess(stated).power.strips.striprac1?.share)).toBeCloseTo(2 * (open ?? 0), 9);
  });
});

describe('continuous load', () => {
  const counted = (...changes: readonly Change[]) =>
    numberOf(assess(changed(...changes)).power.circuits.circvestr?.counted) ?? 0;
  const rehearsal = (minutes: number) => ['plan', set('/runningOrder/itemrehea1/minutes', minutes)] as const;
  const urn = (until: string) => ['venue', set('/circuits/circvestr/others/teaurn001/until', until)] as const;
  // Urn 10.4348 A; ours 0.64493 A, which work for check 25 + rehearsal + doors 30 + live 95 minutes.
  it('is what lasts three hours, and not a minute less', () => {
    expect(counted(rehearsal(30))).toBeCloseTo(2400 / 230 + 1.25 * 0.644928, 5);
    expect(counted(rehearsal(29))).toBeCloseTo(2400 / 230 + 0.644928, 5);
  });

  it('is that of others too, by the clock', () => {
    expect(counted(rehearsal(29), urn('23:14'))).toBeCloseTo(2400 / 230 + 0.644928, 5);
    expect(counted(rehearsal(29), urn('23:15'))).toBeCloseTo((1.25 * 2400) / 230 + 0.644928, 5);
  });

  it('of others counts only while they are on', () => {
    const early = [
      'venue',
      set('/circuits/circvestr/others/teaurn001/from', '12:00'),
      set('/circuits/circvestr/others/teaurn001/until', '13:00'),
    ] as const;
    expect(counted(rehearsal(29), early)).toBeCloseTo(0.644928, 5);
  });
});

describe('switching on', () => {
  const lamp: Kind = { label: 'Lamp', family: 'lamp', power: { running: 60, inrush: 40 } };
  const load = assess(friday).power.circuits.circvestr;
  const starting = (amps: number, curve: 'B' | 'C' | 'D' | undefined, count: number) => {
    if (!load) throw new Error('the demo has a vestry');
    return startUp('circvestr', {
      circuit: { order: '1', label: 'Vestry', amps, ...(curve && { curve }) },
      load,
      known: Array.from({ length: count }, () => ['lamp', lamp] as const),
    });
  };

  it('at once is held against where a breaker may trip, one by one against where it must', () => {
    // B of 16 A may trip from 48 A, and does at 80 A; the two lamps come to 80 A, one to 51.1 A.
    expect(numberOf(starting(16, 'B', 2).share)).toBeCloseTo((100 * 80) / 48, 9);
    expect(severityOf(starting(16, 'B', 2).share)).toBe('risk');
    expect(severityOf(starting(16, 'C', 2).share)).toBeUndefined();
    expect(numberOf(starting(16, 'B', 2).singleShare)).toBeCloseTo((100 * (40 + 11.0797)) / 80, 3);
    expect(severityOf(starting(10, 'B', 1).singleShare)).toBe('stop');
    expect(starting(16, undefined, 2).share.value).toBeNull();
  });
});

describe('a neutral', () => {
  it('is of each phase with the power factor of all on it, what others have among that', () => {
    const urn = (watts: number, factor: number) => ({
      teaurn001: { label: 'urn', watts, factor, from: '12:00', until: '23:59' },
    });
    const bundle = changed([
      'venue',
      set('/system', 'three phases'),
      ...['circnorth', 'circsouth', 'circvestr'].flatMap((id, i) => [
        set(`/circuits/${id}/phase`, String(i + 1)),
        set(`/circuits/${id}/others`, urn(i < 2 ? 11040 : 18400, i < 2 ? 0.6 : 1)),
      ]),
    ]);
    // 80 A each at 0.6, 0.6 and 1 leave 71.55 A; ours are 2 A.
    expect(Math.abs((numberOf(assess(bundle).power.building.neutral) ?? 0) - 71.55)).toBeLessThan(4);
  });
});
