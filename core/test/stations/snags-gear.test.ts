/** Rules of Runs, Power, Racks, Hands and Day. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { changed, device, found, friday, holds, remove, set, type Row } from './snag-tables.js';

/** Switcher and recorder joined by fibre, on a tray that leads that stay plugged are on. */
const ON_FIBRE = [
  set('/kinds/switchcom/ports/hdmiout01/connector', 'fibre LC'),
  set('/kinds/recordhdm/ports/hdmiin001/connector', 'fibre LC'),
];
/** The tray is a drawer, as heavy as a full one. */
const ON_DRAWER = [
  set('/kinds/raktray02/rack/fitting', 'drawer'),
  set('/kinds/raktray02/rack/latch', 'yes'),
  set('/kinds/raktray02/weight', 9),
];

const LEAD = { role: 'lead', person: 'odilemarsh' };
const MIXER = { role: 'mixer', person: 'tobinashgr' };
const RUFUS = { role: 'camera camside01', person: 'rufusadeye' };

const TABLE: readonly Row[] = [
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
    'racks.rails-unfit',
    'stop',
    ['kinds', remove('/kinds/routerwan/rack'), set('/kinds/routerwan/size/width', 0.451)],
    ['kinds', remove('/kinds/routerwan/rack'), set('/kinds/routerwan/size/width', 0.45)],
  ],
  [
    'racks.bent',
    'risk',
    ['kinds', ...ON_FIBRE, set('/kinds/switchcom/size/depth', 0.346)],
    ['kinds', ...ON_FIBRE, set('/kinds/switchcom/size/depth', 0.344)],
  ],
  [
    'racks.drawer-tips',
    'stop',
    ['kinds', ...ON_DRAWER, set('/kinds/rackcase4/rackCase/feetAlong', 0.1)],
    ['kinds', ...ON_DRAWER, set('/kinds/rackcase4/rackCase/feetAlong', 0.4)],
  ],
  [
    'racks.not-bonded',
    'risk',
    ['kinds', set('/kinds/rackcase4/rackCase/bonded', 'no')],
    ['kinds', set('/kinds/rackcase4/rackCase/bonded', 'yes')],
  ],
  [
    'racks.lid-plugs',
    'note',
    ['plan', set(device('recorder1', 'place'), { inside: 'deskrack1', lid: true })],
    ['plan', set(device('recorder1', 'place'), { inside: 'deskrack1' })],
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
    'hands.unfilled',
    'risk',
    ['plan', remove('/assignments/assignlead')],
    ['plan', set('/assignments/assignlead', { role: 'lead', person: 'linneabroo' })],
  ],
  [
    'hands.unskilled',
    'risk',
    ['plan', set('/assignments/assignmix1/person', 'josiahvane')],
    ['plan', set('/assignments/assignmix1/person', 'hedyfallow')],
  ],
  [
    'hands.unheard',
    'risk',
    ['plan', set('/label', 'As it is')],
    [
      'plan',
      set('/assignments/assigncam1/person', 'tobinashgr'),
      set('/assignments/assigncam3/person', 'tobinashgr'),
    ],
  ],
  [
    'hands.overload',
    'risk',
    ['plan', set('/runningOrder/itemchoir1/asks/cuts', 30.5)],
    ['plan', set('/runningOrder/itemchoir1/asks/cuts', 30)],
  ],
  [
    'hands.two-jobs',
    'risk',
    [
      'plan',
      set('/devices/camwide01/worked', 'roaming'),
      set('/assignments/assigncam3/person', 'petralund1'),
    ],
    ['plan', set('/devices/camwide01/worked', 'roaming')],
  ],
  ['hands.crew-limit', 'risk', ['venue', set('/facts/crew', 6)], ['venue', set('/facts/crew', 7)]],
  [
    'hands.away',
    'risk',
    ['hands', set('/people/petralund1/presence', { awayone001: { how: 'are away', from: '2026-12-04' } })],
    ['hands', set('/people/petralund1/presence', { awayone001: { how: 'are away', from: '2026-12-05' } })],
  ],
  [
    'hands.young-alone',
    'risk',
    ['plan', set('/assignments', { assignlead: LEAD, assigncam3: RUFUS })],
    ['plan', set('/assignments', { assignlead: LEAD, assigncam3: RUFUS, assignmix1: MIXER })],
  ],
  [
    // Everything is struck at 21:50.
    'hands.young-late',
    'risk',
    ['plan', set('/assignments/assigncam3', RUFUS), set('/rules', { crew: { youngLeave: '21:49' } })],
    ['plan', set('/assignments/assigncam3', RUFUS), set('/rules', { crew: { youngLeave: '21:50' } })],
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
