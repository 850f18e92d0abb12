/** Rules of Pack. */
import { device, friday, holds, remove, set, type Row } from './snag-tables.js';

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
  [
    'pack.door',
    'risk',
    ['venue', wayIn({ width: 0.3, height: 0.5 })],
    ['venue', wayIn({ width: 0.35, height: 0.55 })],
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
];

holds(TABLE);
