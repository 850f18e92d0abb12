/** A rack of which people said everything that can be said, for events that tests run over and for sums by hand. */
import { assess } from '../src/assess.js';
import { fridayBundle } from '../src/demo/index.js';
import type { Bundle, Device, Kind } from '../src/documents/index.js';
import { applyPatch, type Json, type Operation } from '../src/foundations/index.js';

const at = (label: string, rack: NonNullable<Kind['rack']>, more: Partial<Kind> = {}): Kind => ({
  label,
  family: 'converter',
  rack,
  weight: 2,
  ...more,
});
export const mains = {
  mainsin01: { order: '1', label: 'mains', direction: 'in', connector: 'mains', carries: 'power' },
} as const;

export const coax = {
  sdiin0001: { order: '2', label: 'SDI in', direction: 'in', connector: 'BNC', carries: 'video' },
  sdiout001: { order: '3', label: 'SDI out', direction: 'out', connector: 'BNC', carries: 'video' },
} as const;

/** 8 U, 0.5 m deep, outside 0.56 × 0.6 × 0.44 m, 12 kg. */
export const CASE: Kind = {
  label: 'Case of eight units',
  family: 'rack case',
  weight: 12,
  size: { width: 0.56, depth: 0.6, height: 0.44 },
  rackCase: { units: 8, depth: 0.5, load: 60, railLoad: 30, front: 0.06, screws: 'M6', stay: 'no' },
};

export const RACK_KINDS: Readonly<Record<string, Kind>> = {
  caseeight: CASE,
  boxlow001: at(
    'Box of 60 W',
    { units: 1, depth: 0.3, front: 0.02, held: 'its ears', screws: 'M6' },
    { power: { running: 60 }, ports: mains },
  ),
  boxhigh01: at(
    'Box of 40 W',
    { units: 2, depth: 0.25, screws: 'M5' },
    { power: { running: 40 }, ports: mains, warmest: 35, weight: 14 },
  ),
  halfleft1: at(
    'Half box, blows to its right',
    { units: 1, depth: 0.2, width: 'half' },
    { power: { running: 20 }, ports: mains, air: { in: 'left', out: 'right', flow: 20, noise: 30 } },
  ),
  halfright: at(
    'Half box, takes in at its left',
    { units: 1, depth: 0.2, width: 'half' },
    { power: { running: 10 }, ports: mains, air: { in: 'left', out: 'right' } },
  ),
  fansup001: at(
    'Fan unit',
    { units: 1, depth: 0.15, fitting: 'fan unit' },
    {
      power: { running: 10 },
      ports: mains,
      air: { in: 'bottom', out: 'top', flow: 120, pressure: 40, noise: 36 },
    },
  ),
  trayone01: at('Tray', { units: 1, depth: 0.3, fitting: 'tray', carries: 5 }),
  drawerone: at('Drawer', { units: 2, depth: 0.4, fitting: 'drawer', carries: 10 }),
  smallbox1: {
    label: 'Small box',
    family: 'converter',
    weight: 0.5,
    size: { width: 0.12, depth: 0.1, height: 0.03 },
    power: { running: 5 },
    ports: mains,
  },
  lidscreen: {
    label: 'Screen in a lid',
    family: 'screen',
    weight: 1,
    size: { width: 0.4, depth: 0.03, height: 0.3 },
    power: { running: 12 },
    ports: mains,
  },
};

const put = (path: string, value: unknown): Operation => ({ op: 'add', path, value: value as Json });
type Spot = Omit<NonNullable<Device['place']>, 'inside'>;

/** An event with a case of some kind that holds these things; everything has mains, as far as it takes any. */
export function rackedIn(
  bundle: Bundle,
  things: readonly (readonly [id: string, kind: string, spot: Spot])[],
  more: {
    readonly kinds?: Readonly<Record<string, Kind>>;
    readonly device?: Partial<Device>;
    readonly plan?: readonly Operation[];
  } = {},
): Bundle {
  const kinds = { ...bundle.kinds.kinds, ...RACK_KINDS, ...more.kinds };
  const plan = applyPatch(bundle.plan, [
    put('/devices/casetest1', {
      order: 'zz',
      label: 'TEST CASE',
      kind: 'caseeight',
      place: { at: [5, 12] },
      ...more.device,
    }),
    ...things.map(([id, kind, spot], i) =>
      put(`/devices/${id}`, {
        order: `zz${i + 1}`,
        label: id.toUpperCase(),
        kind,
        place: { inside: 'casetest1', ...spot },
      }),
    ),
    ...(more.plan ?? []),
  ]);
  return { ...bundle, kinds: { ...bundle.kinds, kinds }, plan };
}

/** One with everything in it: fans, facing vents, a full tray, a drawer, a screen in its lid, in the sun high up. */
export const fullRack = (bundle: Bundle): Bundle =>
  rackedIn(
    { ...bundle, venue: { ...bundle.venue, facts: { ...bundle.venue.facts, altitude: 1600 } } },
    [
      ['boxlow001', 'boxlow001', { unit: 1 }],
      ['boxrear01', 'boxlow001', { unit: 1, rear: true }],
      ['trayone01', 'trayone01', { unit: 2 }],
      ['smallone1', 'smallbox1', { on: 'trayone01' }],
      ['smalltwo1', 'smallbox1', { on: 'trayone01' }],
      ['halfleft1', 'halfleft1', { unit: 3 }],
      ['halfright', 'halfright', { unit: 3, across: 'right' }],
      ['boxtwice1', 'halfright', { unit: 3, across: 'right' }],
      ['fansup001', 'fansup001', { unit: 4 }],
      ['boxhigh01', 'boxhigh01', { unit: 5 }],
      ['drawerone', 'drawerone', { unit: 7 }],
      ['lidscreen', 'lidscreen', { lid: true }],
      ['offrails1', 'smallbox1', { fixed: true }],
    ],
    {
      device: { sunlit: true, gap: 0.1 },
      kinds: {
        caselight: { ...CASE, label: 'Light case', weight: 2 },
        boxlow001: { ...RACK_KINDS.boxlow001, ports: { ...mains, ...coax } } as Kind,
      },
      plan: [
        put('/links/linkboxes', {
          order: 'zzz',
          from: { device: 'boxlow001', port: 'sdiout001' },
          to: { device: 'boxrear01', port: 'sdiin0001' },
        }),
        put('/devices/caselight', {
          order: 'zzz',
          label: 'LIGHT CASE',
          kind: 'caselight',
          lifters: 1,
          place: { at: [6, 12] },
        }),
      ],
    },
  );

const friday = fridayBundle();
type Things = Parameters<typeof rackedIn>[1];
interface More {
  readonly kinds?: Readonly<Record<string, Kind>>;
  readonly device?: Partial<Device>;
  readonly altitude?: number;
  readonly plan?: readonly Operation[];
}

/** The test case with these things in it, and what is said of it. */
export function racked(things: Things, { altitude, ...more }: More = {}) {
  const bundle = rackedIn(friday, things, more);
  const venue = {
    ...bundle.venue,
    facts: { ...bundle.venue.facts, ...(altitude !== undefined && { altitude }) },
  };
  const { racks, snags } = assess({ ...bundle, venue });
  const rack = racks.racks.casetest1;
  if (!rack) throw new Error('the case is a rack');
  const told = snags.flatMap(({ rule, severity, subjects }) =>
    subjects.at(-1) === 'casetest1' ? [`${severity} ${rule}`] : [],
  );
  return { ...rack, told, item: (id: string) => rack.items[id] };
}
