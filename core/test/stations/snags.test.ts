/** Each rule as a table: an edit of the demo event that brings its snag up, and one close to it that does not. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { applyPatch, type Json, type Operation, type Severity } from '../../src/foundations/index.js';

const friday = fridayBundle();

type Part = 'plan' | 'venue' | 'kinds' | 'shelf' | 'claims';
type Change = readonly [part: Part, ...patch: Operation[]];
const changed = (...changes: readonly Change[]): Bundle =>
  changes.reduce<Bundle>(
    (bundle, [part, ...patch]) => ({ ...bundle, [part]: applyPatch(bundle[part], patch) }),
    friday,
  );
const set = (path: string, value: unknown): Operation => ({ op: 'add', path, value: value as Json });
const remove = (path: string): Operation => ({ op: 'remove', path });

const corners = (...points: [number, number][]) => points;

const device = (id: string, field: string): string => `/devices/${id}/${field}`;

/** A screen behind the lectern, so wide that every camera sees it. */
const screenAt = (refresh: number) => ({
  ...{ order: '1', label: 'words', at: [19.5, 5], width: 3, height: 1, facing: 180, refresh },
});

/** A banner across the nave before the marks, hanging down to some height. */
const hanging = (underside: number) => ({
  ...{ label: 'banner', kind: 'obstacle', underside },
  outline: corners([14.5, 4], [14.8, 4], [14.8, 11.4], [14.5, 11.4]),
});

const TABLE: readonly (readonly [rule: string, severity: Severity, brings: Change, spares: Change])[] = [
  ['brief.no-output', 'stop', ['plan', set('/outputs', {})], ['plan', remove('/outputs/outscreen1')]],
  [
    'brief.no-live-item',
    'risk',
    ['plan', set('/runningOrder', {})],
    ['plan', remove('/runningOrder/itemsolo01')],
  ],
  [
    'ground.guessed',
    'note',
    [
      'venue',
      set('/guesses', { guess0001: { order: '1', path: '/dimensions/navelength', label: 'Nave length' } }),
    ],
    ['venue', set('/guesses', {})],
  ],
  [
    'shots.too-dark',
    'risk',
    ['venue', set('/marks/marklecte/light', 5)],
    ['venue', set('/marks/marklecte/light', 120)],
  ],
  [
    'shots.too-bright',
    'note',
    ['venue', set('/marks/marklecte/light', 9000)],
    ['venue', set('/marks/marklecte/light', 900)],
  ],
  [
    'shots.covered-once',
    'note',
    ['plan', set('/devices/camside01/place/at', [12, 12])],
    ['plan', remove('/devices/camnorth1'), remove('/devices/camside01')],
  ],
  [
    'shots.support-too-weak',
    'stop',
    ['kinds', set('/kinds/tripodflu/support/load', 1)],
    ['kinds', set('/kinds/tripodflu/support/load', 2)],
  ],
  [
    'shots.support-wrong-height',
    'risk',
    ['plan', set('/devices/camwide01/place/height', 2.2)],
    ['plan', set('/devices/camwide01/place/height', 1.2)],
  ],
  [
    'shots.support-wrong-head',
    'risk',
    ['plan', set('/devices/camside01/support', 'standhigh')],
    ['plan', set('/devices/camside01/support', 'standhigh'), set('/devices/camside01/worked', 'remote')],
  ],
  [
    'shots.flicker',
    'risk',
    ['venue', set('/screens', { screenfli: screenAt(60) })],
    ['venue', set('/screens', { screenfli: screenAt(100) })],
  ],
  [
    'shots.solid-in-the-way',
    'stop',
    ['venue', set('/areas/bannerhan', hanging(2))],
    ['venue', set('/areas/bannerhan', hanging(5))],
  ],
  [
    'shots.disturbing',
    'note',
    ['plan', set('/devices/camside01/place/at', [15, 7.7])],
    ['plan', set('/devices/camside01/place/at', [16.4, 13.9])],
  ],
  [
    'hands.operator-apart',
    'risk',
    ['plan', set('/assignments/assigncam3/person', 'petralund1')],
    ['plan', set('/assignments/assigncam3/person', 'petralund1'), set('/devices/camside01/place/at', [2, 9])],
  ],
  [
    'shots.overhead',
    'risk',
    ['plan', set('/devices/camside01/place/at', [18.9, 10.2]), set('/devices/camside01/place/height', 4)],
    ['plan', set('/devices/camside01/place/at', [14.9, 10.2]), set('/devices/camside01/place/height', 4)],
  ],
  [
    'shots.not-straight-down',
    'risk',
    ['plan', set('/shots/shotsolois/size', 'from above')],
    [
      'plan',
      set('/shots/shotsolois/size', 'from above'),
      set('/devices/camside01/place/at', [18.9, 10.2]),
      set('/devices/camside01/place/height', 4),
    ],
  ],
  [
    'shots.stand-in-aisle',
    'risk',
    ['plan', set('/devices/camnorth1/place/at', [10, 7.2])],
    ['plan', set('/devices/camnorth1/place/at', [10.4, 1.9])],
  ],
  [
    'shots.gear-in-picture',
    'note',
    ['plan', set('/devices/camside01/place/at', [14, 7.4]), set('/devices/camside01/worked', 'operated')],
    ['plan', set('/devices/camside01/place/at', [14, 13])],
  ],
  [
    'shots.poor-cut',
    'note',
    ['plan', set('/shots/shotsolois/mark', 'marklecte'), set('/devices/camside01/place/at', [10.4, 3.2])],
    ['plan', set('/shots/shotsolois/mark', 'marklecte')],
  ],
  [
    'shots.too-near',
    'risk',
    ['plan', set('/devices/camside01/place/at', [18.9, 10.5]), set('/devices/camside01/place/height', 1.6)],
    ['plan', set('/devices/camside01/place/at', [18.9, 11.5])],
  ],
  [
    'shots.not-sharp',
    'risk',
    ['venue', set('/marks/marklecte/width', 12)],
    ['venue', set('/marks/marklecte/width', 1)],
  ],
  [
    'ground.outline-crossed',
    'stop',
    ['venue', set('/outline/2', [-5, 4.4])],
    ['venue', set('/outline/2', [20.5, 3])],
  ],
  [
    'ground.outline-crossed',
    'risk',
    ['venue', set('/areas/pewsnorth/outline', corners([4, 4], [14, 7], [14, 4], [4, 7]))],
    ['venue', set('/areas/pewsnorth/outline', corners([4, 4], [14, 4], [14, 7], [4, 7]))],
  ],
  [
    'ground.units-slip',
    'risk',
    [
      'venue',
      set('/outline', [
        [0, 0],
        [2.6, 0],
        [2.6, 5],
        [0, 5],
      ]),
    ],
    [
      'venue',
      set('/outline', [
        [0, 0],
        [3.1, 0],
        [3.1, 5],
        [0, 5],
      ]),
    ],
  ],
  [
    'ground.light-unmeasured',
    'note',
    ['venue', remove('/marks/marklecte/light')],
    ['venue', set('/marks/marklecte/light', 1)],
  ],
  [
    'ground.light-unmeasured',
    'note',
    [
      'venue',
      remove('/marks/marklecte/light'),
      set('/lightReadings', { reading01: { label: 'by the step', at: [18.2, 4.7], lux: 118 } }),
    ],
    ['venue', set('/lightReadings', { reading01: { label: 'by the step', at: [18.2, 4.7], lux: 118 } })],
  ],
  [
    'ground.gallery-without-stairs',
    'risk',
    ['venue', remove('/stairs/gallstair/head')],
    ['venue', set('/stairs/gallstair/clear', 0.6)],
  ],
  [
    'ground.exit-blocked',
    'stop',
    ['plan', set(device('screennor', 'place/at'), [7.5, 14.6])],
    ['plan', set(device('screennor', 'place/at'), [7.5, 14.1])],
  ],
  [
    'stream.upload-old',
    'risk',
    ['plan', set('/start', '2027-02-26T19:30:00Z')],
    ['plan', set('/start', '2027-02-12T19:30:00Z')],
  ],
  [
    'ground.mark-in-pillar',
    'stop',
    ['venue', set('/marks/marklecte/at', [12.4, 3.2])],
    ['venue', set('/marks/marklecte/at', [13, 4.2])],
  ],
  [
    'ground.place-outside',
    'stop',
    ['plan', set(device('camnorth1', 'place/at'), [10, 7.5])],
    ['plan', set(device('camnorth1', 'place/at'), [10, 2])],
  ],
  [
    'ground.socket-without-circuit',
    'risk',
    ['venue', remove('/sockets/sktwest01/circuit')],
    ['venue', set('/sockets/sktwest01/circuit', 'circnorth')],
  ],
  [
    'ground.aisle-narrow',
    'risk',
    ['plan', set('/rules', { aisleWidth: 1.7 })],
    ['plan', set('/rules', { aisleWidth: 1.6 })],
  ],
  [
    'shots.no-camera',
    'risk',
    ['plan', remove('/shots/shotchoir1/camera')],
    ['plan', set('/shots/shotchoir1/camera', 'camside01')],
  ],
  [
    'shots.out-of-reach',
    'risk',
    ['plan', set('/shots/shotsolois/size', 'waist up')],
    ['plan', set('/shots/shotlecter/size', 'full figure')],
  ],
  [
    'shots.hidden',
    'stop',
    ['plan', set(device('camside01', 'place/at'), [15.6, 13.6])],
    ['plan', set('/shots/shotlecter/camera', 'camside01')],
  ],
  [
    'shots.heads-in-the-way',
    'stop',
    ['plan', set(device('camwide01', 'place'), { at: [2.2, 6], height: 1 })],
    ['plan', set(device('camwide01', 'place/height'), 1.4)],
  ],
  [
    'shots.no-film',
    'stop',
    ['plan', set(device('camnorth1', 'place/facing'), -10)],
    ['plan', set(device('camnorth1', 'place/facing'), 40)],
  ],
  [
    'shots.aimed-away',
    'risk',
    ['plan', set(device('camnorth1', 'place/facing'), 90)],
    ['plan', set(device('camnorth1', 'place/facing'), 22)],
  ],
  [
    'signal.connector-mismatch',
    'stop',
    ['plan', set('/label', 'As it is')],
    ['plan', remove('/links/linkside1')],
  ],
  [
    'signal.source-unplugged',
    'risk',
    ['plan', remove('/links/linkword1')],
    ['plan', remove('/links/linksound')],
  ],
  [
    'signal.port-twice',
    'stop',
    ['plan', set('/links/linknort1/to/port', 'hdmiin01')],
    ['plan', set('/label', 'As it is')],
  ],
  [
    'signal.output-unfed',
    'stop',
    ['plan', remove('/links/linkscree')],
    ['plan', remove('/outputs/outscreen1')],
  ],
  [
    'stream.upload-unmeasured',
    'risk',
    ['venue', remove('/uploads')],
    ['plan', remove('/outputs/outstream1')],
  ],
  [
    'stream.rung-too-high',
    'stop',
    ['plan', set('/outputs/outstream1/rung', '1080p60')],
    ['plan', set('/outputs/outstream1/rung', '720p30')],
  ],
  [
    'stream.disk-short',
    'stop',
    ['kinds', set('/kinds/recordhdm/recording/disk', 120)],
    ['kinds', set('/kinds/recordhdm/recording/disk', 140)],
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
    ['shelf', set('/items/itemn3001/state', 'out'), set('/items/itemn3002/state', 'out')],
    ['shelf', set('/items/itemn3001/state', 'out')],
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
  ['power.unpowered', 'stop', ['plan', remove('/links/feedlapto')], ['plan', set('/label', 'As it is')]],
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
    ['plan', set(device('recorder1', 'place/unit'), 3)],
    ['plan', remove(device('recorder1', 'place/unit'))],
  ],
  [
    'racks.too-deep',
    'stop',
    ['kinds', set('/kinds/routerwan/rack/depth', 0.4)],
    ['kinds', set('/kinds/routerwan/rack/depth', 0.36)],
  ],
  [
    'racks.too-heavy',
    'note',
    ['kinds', set('/kinds/netswitch/weight', 12)],
    ['kinds', set('/kinds/netswitch/weight', 4)],
  ],
  [
    'racks.too-hot',
    'risk',
    ['plan', set('/label', 'As it is')],
    ['plan', remove(device('recorder1', 'place/unit'))],
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

const found = (bundle: Bundle, rule: string) => assess(bundle).snags.filter(snag => snag.rule === rule);

describe.each(TABLE)('%s', (rule, severity, brings, spares) => {
  it('comes up, with its severity, and goes away with each fix offered', () => {
    const bundle = changed(brings);
    const snags = found(bundle, rule);
    expect(snags.map(snag => snag.severity)).toContain(severity);
    for (const snag of snags) {
      const fixes = fixesFor(snag.id, bundle);
      if (fixes.length === 0) expect(snag.advice).toBeTruthy();
      for (const fix of fixes)
        expect(found(applyFix(bundle, fix), rule).map(each => each.id)).not.toContain(snag.id);
    }
  });

  it('does not come up for what is nearly the same', () => {
    const [bad, good] = [found(changed(brings), rule), found(changed(spares), rule)];
    const ids = new Set(good.map(snag => `${snag.severity} ${snag.id}`));
    expect(bad.some(snag => !ids.has(`${snag.severity} ${snag.id}`))).toBe(true);
  });
});

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
