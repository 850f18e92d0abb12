/** Rules of Runs, Power, Racks, Pack, Hands and Day. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { changed, device, found, friday, holds, remove, set, type Row } from './snag-tables.js';

/** The rack holds what is in it in use, and the cases nothing. */
const NOTHING_PACKED = set('/packed', {});

/** The way in, and the same as this event has it. */
const way = (more: object) => ({ distance: 40, steps: 0, doors: 2, slope: 0, floor: 'hard', ...more });
const wayIn = (more: object) => set('/facts/way', way(more));
/** What lies in its place in the car, on the roof of that. */
const roofed = (...lines: readonly string[]) =>
  set(
    '/packed',
    Object.fromEntries(
      Object.entries(friday.plan.packed ?? {}).map(([id, each]) => [
        id,
        lines.includes(each.line) ? { line: each.line, in: each.in, roof: true } : each,
      ]),
    ),
  );
const steps = (count: number) =>
  set('/venueChanges', { waynow001: { path: '/facts/way', value: way({ steps: count }) } });

const TABLE: readonly Row[] = [
  ['pack.stairs', 'note', ['venue', wayIn({ steps: 1 })], ['venue', wayIn({ steps: 0 })]],
  [
    'pack.stairs',
    'risk',
    ['plan', steps(1), set(device('casecam01', 'lifters'), 0)],
    ['plan', steps(0), set(device('casecam01', 'lifters'), 0)],
  ],
  [
    'pack.stairs',
    'risk',
    ['plan', steps(1), NOTHING_PACKED, set(device('deskrack1', 'liftedBy'), ['callumdrey'])],
    ['plan', steps(1), NOTHING_PACKED, set(device('deskrack1', 'liftedBy'), ['callumdrey', 'wilfokonjo'])],
  ],
  [
    'pack.lift',
    'risk',
    ['plan', set(device('casecabl1', 'lifters'), 0), remove(device('casecabl1', 'liftedBy'))],
    ['plan', set(device('casecabl1', 'lifters'), 3)],
  ],
  [
    'pack.overloaded',
    'stop',
    // 16.1, 24.6 and 16.6 kg on bars for 50.
    ['plan', roofed('deskrack1', 'casecam01', 'casecabl1')],
    ['plan', roofed('deskrack1', 'casecam01')],
  ],
  [
    'pack.rides-apart',
    'risk',
    ['plan', set(device('laptopwor', 'ridesWith'), 'switcher1')],
    ['plan', set(device('laptopwor', 'ridesWith'), 'camwide01')],
  ],
  [
    'pack.lifter',
    'risk',
    ['plan', set(device('casecabl1', 'liftedBy'), ['callumdrey', 'maudtarran'])],
    ['plan', set(device('casecabl1', 'liftedBy'), ['callumdrey', 'benedictam'])],
  ],
  ['pack.push', 'risk', ['venue', wayIn({ slope: 29 })], ['venue', wayIn({ slope: 28 })]],
  [
    'pack.door',
    'risk',
    ['venue', wayIn({ width: 0.3, height: 0.5 })],
    ['venue', wayIn({ width: 0.35, height: 0.55 })],
  ],
  [
    'runs.no-route',
    'stop',
    ['plan', remove(device('screennor', 'place'))],
    ['plan', set(device('screennor', 'place/at'), [5, 1])],
  ],
  [
    'runs.no-cable',
    'stop',
    ['shelf', ...[1, 2, 3, 4].map(n => set(`/items/itemn300${n}/state`, 'out'))],
    ['shelf', ...[1, 2, 3].map(n => set(`/items/itemn300${n}/state`, 'out'))],
  ],
  [
    'runs.beyond-reach',
    'stop',
    ['plan', remove('/links/linkscree/make')],
    ['plan', set('/links/linkside1/make', 'hdmi-optical')],
  ],
  [
    'power.circuit-over',
    'stop',
    ['venue', set('/circuits/circvestr/others/teaurn001/watts', 3000)],
    ['venue', set('/circuits/circvestr/others/teaurn001/watts', 2000)],
  ],
  [
    'power.strip-over',
    'stop',
    ['kinds', set('/kinds/laptopcom/power/running', 3200)],
    ['kinds', set('/kinds/laptopcom/power/running', 600)],
  ],
  ['power.unpowered', 'stop', ['plan', remove('/links/feedscree')], ['plan', set('/label', 'As it is')]],
  [
    'power.battery-short',
    'stop',
    ['plan', set('/label', 'As it is')],
    ['plan', set(device('battnorth', 'kind'), 'battpla15'), set(device('battnorth', 'item'), 'itembig01')],
  ],
  [
    'power.voltage-drop',
    'risk',
    ['kinds', set('/kinds/lamppanel/power/running', 6000)],
    ['plan', set('/label', 'As it is')],
  ],
  [
    'racks.overlap',
    'stop',
    ['plan', set(device('recorder1', 'place'), { inside: 'deskrack1', unit: 1 })],
    ['plan', set(device('recorder1', 'place'), { inside: 'deskrack1' })],
  ],
  [
    'racks.overlap',
    'stop',
    ['plan', set(device('striprac1', 'place/unit'), 1)],
    ['plan', set(device('striprac1', 'place/unit'), 2)],
  ],
  [
    'racks.too-deep',
    'stop',
    ['kinds', set('/kinds/routerwan/rack/depth', 0.4)],
    ['kinds', set('/kinds/routerwan/rack/depth', 0.33)],
  ],
  [
    'racks.too-heavy',
    'stop',
    ['kinds', set('/kinds/netswitch/weight', 26.1)],
    ['kinds', set('/kinds/netswitch/weight', 25.9)],
  ],
  [
    'pack.lift',
    'note',
    ['plan', NOTHING_PACKED],
    ['plan', NOTHING_PACKED, set(device('deskrack1', 'lifters'), 2)],
  ],
  [
    'pack.lift',
    'stop',
    ['plan', NOTHING_PACKED, set(device('deskrack1', 'lifters'), 1)],
    ['plan', NOTHING_PACKED, set(device('deskrack1', 'lifters'), 2)],
  ],
  [
    'pack.lift',
    'risk',
    [
      'plan',
      NOTHING_PACKED,
      set(device('deskrack1', 'lifters'), 2),
      set('/devices/netswitc1/kind', 'switchtwt'),
    ],
    [
      'plan',
      NOTHING_PACKED,
      set(device('deskrack1', 'lifters'), 3),
      set('/devices/netswitc1/kind', 'switchtwt'),
    ],
  ],
  [
    'pack.case-full',
    'stop',
    ['kinds', set('/kinds/casewheel/hold/load', 15)],
    ['kinds', set('/kinds/casewheel/hold/load', 15.2)],
  ],
  [
    'pack.too-large',
    'stop',
    ['kinds', set('/kinds/casewheel/hold/depth', 0.14)],
    ['kinds', set('/kinds/casewheel/hold/depth', 0.4)],
  ],
  [
    'pack.rides-apart',
    'risk',
    ['kinds', set('/kinds/laptopcom/travel', { fluid: true })],
    ['kinds', set('/kinds/laptopcom/travel', { upright: true })],
  ],
  [
    'pack.overloaded',
    'stop',
    ['kinds', set('/kinds/carestate/vehicle/gross', 1656)],
    ['kinds', set('/kinds/carestate/vehicle/gross', 1657)],
  ],
  [
    'pack.above-seats',
    'risk',
    ['plan', set('/label', 'As it is')],
    ['kinds', set('/kinds/carestate/vehicle/seatBacks', 0.8)],
  ],
  [
    'racks.too-hot',
    'risk',
    ['plan', set('/label', 'As it is')],
    ['kinds', set('/kinds/netswitch/power/running', 2), set('/kinds/routerwan/power/running', 4)],
  ],
  [
    'racks.top-heavy',
    'risk',
    ['kinds', set('/kinds/rackcase4/rackCase/feetAcross', 0.07)],
    ['kinds', set('/kinds/rackcase4/rackCase/feetAcross', 0.1)],
  ],
  [
    'racks.tray-full',
    'stop',
    ['kinds', set('/kinds/recordhdm/size/width', 0.201)],
    ['kinds', set('/kinds/recordhdm/size/width', 0.199)],
  ],
  [
    'racks.ears-only',
    'risk',
    ['kinds', set('/kinds/netswitch/rack/held', 'its ears'), set('/kinds/netswitch/weight', 7.1)],
    ['kinds', set('/kinds/netswitch/rack/held', 'its ears'), set('/kinds/netswitch/weight', 7)],
  ],
  [
    'racks.rails-unfit',
    'stop',
    ['kinds', set('/kinds/rackcase4/rackCase/frontOnly', true)],
    ['kinds', set('/kinds/rackcase4/rackCase/railLoad', 30)],
  ],
  [
    'racks.rails-unfit',
    'note',
    ['kinds', set('/kinds/rackcase4/rackCase/screws', 'M6'), set('/kinds/routerwan/rack/screws', 'M5')],
    ['kinds', set('/kinds/rackcase4/rackCase/screws', 'M6'), set('/kinds/routerwan/rack/screws', 'M6')],
  ],
  [
    'racks.comes-open',
    'risk',
    ['kinds', set('/kinds/raktray02/rack/fitting', 'drawer'), set('/kinds/raktray02/rack/latch', 'no')],
    ['kinds', set('/kinds/raktray02/rack/fitting', 'drawer'), set('/kinds/raktray02/rack/latch', 'yes')],
  ],
  [
    'racks.comes-open',
    'note',
    ['kinds', set('/kinds/raktray02/rack/fitting', 'drawer')],
    ['kinds', set('/kinds/raktray02/rack/fitting', 'tray')],
  ],
  [
    'racks.against-wall',
    'risk',
    ['plan', set(device('deskrack1', 'gap'), 0.14)],
    ['plan', set(device('deskrack1', 'gap'), 0.15)],
  ],
  [
    'racks.vents-covered',
    'risk',
    ['kinds', set('/kinds/routerwan/air', { in: 'bottom', out: 'rear' })],
    ['kinds', set('/kinds/routerwan/air', { in: 'top', out: 'rear' })],
  ],
  [
    'racks.loud',
    'note',
    ['kinds', set('/kinds/netswitch/air', { in: 'left', out: 'right', noise: 35.1 })],
    ['kinds', set('/kinds/netswitch/air', { in: 'left', out: 'right', noise: 35 })],
  ],
  [
    'pack.not-owned',
    'risk',
    ['plan', remove(device('laptopwor', 'item'))],
    ['plan', set(device('laptopwor', 'item'), 'itemlap02')],
  ],
  [
    'pack.item-unfit',
    'stop',
    ['shelf', set('/items/itemlap01/state', 'in repair')],
    ['shelf', set('/items/itemlap02/state', 'in repair')],
  ],
  [
    'pack.claimed',
    'risk',
    [
      'claims',
      set('/claims/claimtest1', {
        item: 'itemlap01',
        event: 'Workshop',
        from: '2026-12-04T16:00:00Z',
        to: '2026-12-04T22:00:00Z',
      }),
    ],
    ['plan', set('/label', 'As it is')],
  ],
  [
    'pack.stock-short',
    'risk',
    ['shelf', set('/items/itemtape1/count', 1)],
    ['shelf', set('/items/itemtape1/count', 5)],
  ],
  [
    'hands.unfilled',
    'risk',
    ['plan', remove('/assignments/assignlead')],
    ['plan', set('/assignments/assignmoni', { role: 'monitor', person: 'linneabroo' })],
  ],
  [
    'hands.unskilled',
    'risk',
    ['plan', set('/assignments/assignmix1/person', 'josiahvane')],
    ['plan', set('/assignments/assignmix1/person', 'hedyfallow')],
  ],
  [
    'hands.late-ready',
    'risk',
    ['plan', set('/runningOrder/itemrig001/minutes', 5)],
    ['plan', set('/runningOrder/itemrig001/minutes', 20)],
  ],
  [
    'day.orphan-tick',
    'note',
    [
      'plan',
      set('/ticks', { ticktest01: { check: 'nothing', by: 'Petra Lund', at: '2026-12-04T16:00:00Z' } }),
    ],
    ['plan', set('/ticks', {})],
  ],
];

holds(TABLE);

describe('a reading of the day that falls short', () => {
  it('stops, and can be read again', () => {
    const { checks } = assess(friday).day;
    const [id] = Object.entries(checks).find(([, check]) => check.unit === 'Mb/s') ?? [''];
    const bundle = changed([
      'plan',
      set('/ticks', { ticktest01: { check: id, by: 'Petra Lund', at: '2026-12-04T16:00:00Z', value: 2 } }),
    ]);
    const [snag] = found(bundle, 'day.reading-short');
    expect(snag?.severity).toBe('stop');
    expect(snag?.outputs).toEqual(['outstream1']);
    const [fix] = fixesFor(snag?.id ?? '', bundle);
    expect(fix && found(applyFix(bundle, fix), 'day.reading-short')).toEqual([]);
  });
});
