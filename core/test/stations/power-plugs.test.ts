/** What plugs, fuses, wires, USB and batteries on one plate do – by hand, at their limits. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Kind, Port } from '../../src/documents/index.js';
import { applyPatch, constant, numberOf, severityOf, type Figure } from '../../src/foundations/index.js';
import { atWall, type AtWall } from '../../src/stations/power/at-wall.js';
import { carriedBy } from '../../src/stations/power/copper.js';
import { outletLoad } from '../../src/stations/power/rails.js';
import type { DeviceLoad } from '../../src/stations/power/index.js';
import { givenFigure } from '../given.js';
import { changed, found, friday, holds, set, type Row } from './snag-tables.js';

const outside = set('/outdoors', true);
const wet = (code: string) => ['kinds', set('/kinds/striprack/ingress', code)] as const;

const TABLE: readonly Row[] = [
  [
    'power.plug-unfit',
    'stop',
    ['venue', set('/sockets/sktvestr1/connector', '60309 blue 16 A')],
    ['venue', set('/sockets/sktvestr1/connector', 'mains')],
  ],
];
holds(TABLE);

describe('in the open', () => {
  const told = (code: string | undefined) =>
    found(changed(['venue', outside], ...(code === undefined ? [] : [wet(code)])), 'power.not-for-rain')
      .filter(({ subjects }) => subjects.includes('striprac1'))
      .map(({ severity }) => severity);
  it('a strip is for splashing water, or nobody knows whether it is', () => {
    expect([told('IP44'), told('IP23'), told(undefined)]).toEqual([[], ['risk'], ['note']]);
  });
  it('only: in a room nobody asks', () => {
    expect(found(changed(wet('IP20')), 'power.not-for-rain')).toEqual([]);
  });
});

describe('one load in one receptacle', () => {
  const single = (amps: number, breaker: number, more: Partial<AtWall> = {}): Figure | undefined =>
    atWall('socket001', {
      amps: 15,
      plugged: ['urn', 'lamp'],
      fit: [true],
      circuit: { id: 'circuit01', amps: breaker },
      ingress: undefined,
      outdoors: false,
      volts: 120,
      school: 'eighty',
      timeline: [{ from: 0, to: 60, label: 'all' }],
      drawing: {
        loads: {},
        states: {},
        demands: { urn: { watts: [amps * 120], amps: [amps] }, lamp: { watts: [120], amps: [1] } },
      },
      ...more,
    }).single;

  it('takes at most 80 % of the lesser of receptacle and circuit, at American volts and by that school', () => {
    const severity = (amps: number, breaker: number) =>
      severityOf(single(amps, breaker) ?? givenFigure(0, '%'));
    expect([severity(12, 20), severity(12.01, 20)]).toEqual([undefined, 'stop']);
    expect([severity(8, 10), severity(8.01, 10)]).toEqual([undefined, 'stop']);
    expect([single(16, 20, { volts: 230 }), single(16, 20, { school: 'full' })]).toEqual([
      undefined,
      undefined,
    ]);
  });
});

const port = (more: Partial<Port>): Port => ({
  ...{ order: '1', label: 'out', direction: 'out', connector: 'DC barrel', carries: 'power' },
  ...more,
});
type Outlet = Parameters<typeof outletLoad>[1];
const joined = (out: Partial<Port>, into: Partial<Port>, more: Partial<Outlet> = {}) =>
  outletLoad('camera001', {
    load: { watts: givenFigure(30, 'W'), amps: givenFigure(2.5, 'A') } as unknown as DeviceLoad,
    power: { running: 30 },
    outlet: port(out),
    outletPointer: '/kinds/supply/ports/out',
    inUse: 1,
    inlet: port({ direction: 'in', ...into }),
    inletPointer: '/kinds/camera/ports/in',
    cables: [],
    lowest: constant('Vs', 12, 'V', 'given'),
    ...more,
  });
const severity = (figure: Figure | undefined) => figure && severityOf(figure);

describe('a round plug', () => {
  const said = (outer: number, inner: number, centre?: 'positive' | 'negative') => {
    const { plug } = joined(
      { barrel: { outer, inner, ...(centre && { centre }) } },
      { barrel: { outer: 5.5, inner: 2.1, centre: 'positive' } },
    );
    return [plug?.value, severity(plug)];
  };
  it('fits by size to a tenth of a millimetre, and the right way round', () => {
    expect(said(5.5, 2.1, 'positive')).toEqual(['fits', undefined]);
    expect(said(5.6, 2.1, 'positive')).toEqual(['fits', undefined]);
    expect(said(5.5, 2.5, 'positive')).toEqual(['another size', 'stop']);
    expect(said(5.5, 2.1, 'negative')).toEqual(['the wrong way round', 'stop']);
  });
  it('of which nobody knows the middle is unknown, and of which one side was not measured is not spoken of', () => {
    expect(
      joined({ barrel: { outer: 5.5, inner: 2.1 } }, { barrel: { outer: 5.5, inner: 2.1 } }).plug?.value,
    ).toBeNull();
    expect(joined({ barrel: { outer: 5.5, inner: 2.1 } }, {}).plug).toBeUndefined();
  });
});

describe('a fuse', () => {
  it('is no larger than its thinnest wire carries', () => {
    expect([0.4, 0.5, 0.74, 0.75, 1, 1.25, 1.5, 2.5, 4].map(carriedBy)).toEqual([
      ...[undefined, 3, 3, 6, 10, 13, 16, 20, undefined],
    ]);
    const thin = { length: 1, section: 0.75, pointer: '/kinds/lead/cable' };
    const wire = (fuse: number) =>
      severity(joined({ fuse, ownLead: 1, section: 1.5 }, {}, { cables: [thin] }).wire);
    expect([wire(6), wire(6.1)]).toEqual([undefined, 'risk']);
  });
  it('breaks the highest volts of its source', () => {
    const breaks = (high: number) =>
      severity(joined({ fuse: 5, fuseVolts: 32, volts: { low: 12, high } }, {}).breaks);
    expect([breaks(32), breaks(32.5)]).toEqual([undefined, 'stop']);
  });
});

describe('leads one after another', () => {
  it('resist together, and are unknown as soon as one is', () => {
    const cable = (section?: number) => ({ length: 2, section, pointer: '/kinds/lead/cable' });
    const known = joined({ ownLead: 1, section: 0.75 }, {}, { cables: [cable(1.5)] });
    expect(numberOf(known.resistance)).toBeCloseTo(2 * 0.0214 * (1 / 0.75 + 2 / 1.5), 12);
    expect(joined({ ownLead: 1, section: 0.75 }, {}, { cables: [cable()] }).resistance).toBeUndefined();
  });
});

describe('USB', () => {
  const five = { length: 1, section: undefined, mark: '5 A', pointer: '/kinds/lead/cable' } as const;
  const plain = { ...five, mark: undefined };
  const all = ['5 V', '9 V', '20 V', '28 V'] as const;
  const out = { profiles: [...all], watts: 140 };
  const into = { profiles: [...all] };
  it('agrees on the highest volts that both know and that the cable is marked for', () => {
    const volts = (mark: '5 A' | '240 W' | undefined) => {
      const { usbVolts, usbGives } = joined(out, into, { cables: [{ ...five, mark }] });
      return [usbVolts?.value, usbGives?.value];
    };
    expect([volts(undefined), volts('5 A'), volts('240 W')]).toEqual([
      [20, 60],
      [20, 100],
      [28, 140],
    ]);
    expect(severity(joined({ profiles: ['5 V'] }, { profiles: ['9 V'] }).usbVolts)).toBe('stop');
    expect(
      severity(joined({ profiles: ['28 V'] }, { profiles: ['28 V'] }, { cables: [plain] }).usbVolts),
    ).toBe('stop');
  });
  it('gives what outlet and cable give: a load of 30 W on 9 V and 3 A is too much', () => {
    const share = (mark: '5 A' | undefined) =>
      numberOf(joined({ ...out, profiles: ['9 V'] }, into, { cables: [{ ...five, mark }] }).share);
    expect(share(undefined)).toBeCloseTo((100 * 30) / 27, 9);
    expect(share('5 A')).toBeCloseTo((100 * 30) / 45, 9);
  });
  it('shares what it gives among the outlets in use', () => {
    const shared = { watts: 65, wattsOfTwo: 45, wattsOfMore: 20 };
    const share = (inUse: number) => numberOf(joined(shared, {}, { inUse }).share);
    expect([1, 2, 3, 4].map(share)).toEqual([65, 45, 20, 20].map(watts => (100 * 30) / watts));
  });
});

describe('two batteries on one plate', () => {
  const { camnorth1, battnorth } = friday.plan.devices ?? {};
  const kind = camnorth1?.kind ?? '';
  const second: Kind['ports'] = {
    ...friday.kinds.kinds[kind]?.ports,
    platein02: {
      order: '99',
      label: 'second plate',
      direction: 'in',
      connector: 'battery plate',
      carries: 'power',
    },
  };
  const two = changed(
    ['kinds', set(`/kinds/${kind}/ports`, second), set(`/kinds/${kind}/shares`, true)],
    [
      'plan',
      set('/devices/battextra', { ...battnorth, kind: 'battpla15', item: 'itembig01', label: 'SECOND' }),
      set('/links/feedextra', {
        from: { device: 'battextra', port: 'plateout1' },
        to: { device: 'camnorth1', port: 'platein02' },
      }),
    ],
  );
  it('each carry what they hold of the load', () => {
    const { batteries } = assess(two).power;
    const load = numberOf(assess(friday).power.batteries.battnorth?.load) ?? 0;
    const [small, large] = [14.4 * 6.8, 14.4 * 10.4];
    expect(numberOf(batteries.battnorth?.load)).toBeCloseTo((load * small) / (small + large), 9);
    expect(numberOf(batteries.battextra?.load)).toBeCloseTo((load * large) / (small + large), 9);
  });
  it('share nothing where one feeds something else besides', () => {
    const lamp = applyPatch(two.plan, [
      set('/links/feedlampx', {
        from: { device: 'battextra', port: 'plateout2' },
        to: { device: 'lampone01', port: 'dcx' },
      }),
    ]);
    const { lampone01 } = friday.plan.devices ?? {};
    const plate = { order: '9', label: 'tap', connector: 'battery plate', carries: 'power' };
    const kinds = applyPatch(two.kinds, [
      set('/kinds/battpla15/ports/plateout2', { ...plate, direction: 'out' }),
      set(`/kinds/${lampone01?.kind ?? ''}/ports/dcx`, { ...plate, direction: 'in' }),
    ]);
    const links = { ...lamp.links };
    delete links.feedlamp1;
    const { batteries } = assess({ ...two, kinds, plan: { ...lamp, links } }).power;
    const whole = numberOf(assess(friday).power.batteries.battnorth?.load) ?? 0;
    const other = numberOf(assess(friday).power.devices.lampone01?.watts) ?? 0;
    const loads = ['battnorth', 'battextra'].map(id => numberOf(batteries[id]?.load) ?? 0);
    expect(loads[0]).toBe(0);
    expect(loads[1]).toBeCloseTo(whole + other, 9);
  });
  it('are each drawn upon by phase for what the whole is', () => {
    const { batteries } = assess(two).power;
    const energy = (id: string) =>
      Object.values(batteries[id]?.phases ?? {}).reduce((sum, figure) => sum + (numberOf(figure) ?? 0), 0);
    const alone = assess(friday).power.batteries.battnorth?.phases ?? {};
    const whole = Object.values(alone).reduce((sum, figure) => sum + (numberOf(figure) ?? 0), 0);
    expect(energy('battnorth') + energy('battextra')).toBeCloseTo(whole, 9);
  });
});

describe('a battery inside', () => {
  it('runs down while its device is fed with less than it takes', () => {
    const { kind = '' } = friday.plan.devices?.laptopwor ?? {};
    const { power, inner } = friday.kinds.kinds[kind] ?? {};
    const running = power?.running ?? 0;
    const drained = (chargeWatts: number) => {
      const changes = set(`/kinds/${kind}/inner`, { ...inner, topsUp: true, chargeWatts });
      return assess(changed(['kinds', changes])).power.inners.laptopwor;
    };
    expect(drained(running)?.fed).toBeUndefined();
    const usable = numberOf(drained(running)?.usable) ?? 0;
    expect(numberOf(drained(running - 5)?.fed)).toBeCloseTo((60 * usable) / 5, 6);
    expect(severity(drained(running - 5)?.over)).toBeUndefined();
    expect(severity(drained(1)?.over)).toBe('risk');
  });
});

describe('sound between circuits', () => {
  it('is told where both are known, and not where they are one', () => {
    const { kind = '' } = friday.plan.devices?.audiodes1 ?? {};
    const inlet = { order: '9', label: 'mains', direction: 'in', connector: 'mains', carries: 'power' };
    const fedFrom = (socket: string) =>
      found(
        changed(
          ['kinds', set(`/kinds/${kind}/ports/mainsin01`, inlet)],
          [
            'plan',
            set('/links/feedhouse', { from: { socket }, to: { device: 'audiodes1', port: 'mainsin01' } }),
          ],
        ),
        'power.earths-apart',
      ).map(({ severity: each }) => each);
    const own = friday.venue.sockets?.sktdesk01?.circuit;
    const [apart = ''] =
      Object.entries(friday.venue.sockets ?? {}).find(([, { circuit }]) => circuit !== own && circuit) ?? [];
    expect([fedFrom('sktdesk01'), fedFrom(apart)]).toEqual([[], ['note']]);
  });
  it('is not told of a desk of the house of which nobody knows', () => {
    expect(found(friday, 'power.earths-apart')).toEqual([]);
  });
});
