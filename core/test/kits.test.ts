/** Starter kits: each is a whole plan that works in its room, and fits an organisation’s own kinds and shelf. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { fridayBundle } from '../src/demo/index.js';
import {
  Kinds as KindsDocument,
  Plan as PlanDocument,
  Venue as VenueDocument,
} from '../src/documents/index.js';
import type { Kinds, Shelf } from '../src/documents/index.js';
import { faultsOf } from '../src/documents/validate.js';
import { begunKit, kitBundle, kits, plainRoom, roomFor, type Kit } from '../src/kits/index.js';
import { kitFrom, type KitSketch } from '../src/kits/sketch.js';
import { libraryKinds } from '../src/library/index.js';

const friday = fridayBundle();
const { rules } = friday;
const NO_SHELF: Shelf = { items: {} };
const NO_KINDS: Kinds = { version: 1, kinds: {} };

describe.each(kits.map(kit => [kit.label, kit] as const))('%s', (_, kit) => {
  const bundle = kitBundle(kit, rules);
  const devices = Object.entries(kit.plan.devices ?? {});
  const links = Object.entries(kit.plan.links ?? {});
  const assessment = assess(bundle);

  it('is a plan, kinds and a venue without a fault', () => {
    expect(faultsOf(PlanDocument, bundle.plan)).toEqual([]);
    expect(faultsOf(KindsDocument, bundle.kinds)).toEqual([]);
    expect(faultsOf(VenueDocument, bundle.venue)).toEqual([]);
  });

  it('takes every kind from the library, and plugs every lead into a port of it', () => {
    for (const [, { kind, support }] of devices) {
      expect(libraryKinds).toHaveProperty(kind);
      if (support !== undefined) expect(libraryKinds).toHaveProperty(support);
    }
    for (const [id, { from, to }] of links) {
      for (const { device, port } of [from, to]) {
        if (device === undefined) continue;
        const kind = kit.plan.devices?.[device]?.kind ?? '';
        expect(libraryKinds[kind]?.ports, id).toHaveProperty(port ?? '');
      }
    }
  });

  it('counts its cameras and its pieces', () => {
    const cameras = devices.filter(([, { kind }]) => libraryKinds[kind]?.optics);
    expect(kit.cameras).toBe(cameras.length);
    expect(kit.pieces).toBe(devices.length);
  });

  it('wants nothing but cables: whatever else is wrong is no stop', () => {
    const stops = assessment.snags.filter(({ severity }) => severity === 'stop');
    expect(new Set(stops.map(({ rule }) => rule))).toEqual(new Set(['runs.no-cable']));
  });

  it('has a place for everything, and a wanted output that is fed', () => {
    for (const [id] of devices) expect(assessment.ground.places[id]?.at, id).toBeDefined();
    const outputs = Object.values(assessment.signal.outputs);
    expect(outputs.length).toBeGreaterThan(0);
    for (const { fedBy } of outputs) expect(fedBy.value).not.toBeNull();
  });

  it('is the same in feet, on the mains of there', () => {
    const imperial = kitBundle(kit, { ...rules, units: 'imperial' });
    expect(imperial.venue).toMatchObject({ volts: 120, hertz: 60 });
    expect(imperial.plan).toEqual(bundle.plan);
    const stops = assess(imperial).snags.filter(({ severity }) => severity === 'stop');
    expect(stops.filter(({ station }) => station !== 'runs' && station !== 'power')).toEqual([]);
  });

  it('brings every kind that an organisation has not', () => {
    const { kinds, plan } = begunKit(kit, NO_KINDS, NO_SHELF);
    const wanted = new Set(
      devices.flatMap(([, { kind, support }]) => (support === undefined ? [kind] : [kind, support])),
    );
    expect(new Set(Object.keys(kinds))).toEqual(wanted);
    expect(plan).toEqual(kit.plan);
  });

  it('brings none that an organisation has as it is', () => {
    const { kinds } = begunKit(kit, { version: 1, kinds: libraryKinds }, NO_SHELF);
    expect(kinds).toEqual({});
  });
});

const [small] = kits as readonly [Kit, ...Kit[]];
const [[firstId, first] = ['', undefined]] = Object.entries(small.plan.devices ?? {});

describe('a kind of an organisation that goes by the same name', () => {
  const own = (ports: object): Kinds =>
    ({
      version: 1,
      kinds: { [first?.kind ?? '']: { label: 'Our own', family: 'camera', ports } },
    }) as unknown as Kinds;

  it('is taken where it has the ports that the kit plugs into', () => {
    const { kinds, plan } = begunKit(small, own(libraryKinds[first?.kind ?? '']?.ports ?? {}), NO_SHELF);
    expect(kinds).not.toHaveProperty(first?.kind ?? '');
    expect(plan.devices?.[firstId]?.kind).toBe(first?.kind);
  });

  it('is left alone where it has not, and the library’s comes under another name', () => {
    const { kinds, plan } = begunKit(small, own({}), NO_SHELF);
    const as = plan.devices?.[firstId]?.kind ?? '';
    expect(as).not.toBe(first?.kind);
    expect(kinds[as]).toEqual(libraryKinds[first?.kind ?? '']);
    // The second time it is there already.
    const again = begunKit(small, { version: 1, kinds: { ...own({}).kinds, ...kinds } }, NO_SHELF);
    expect(again.kinds).toEqual({});
    expect(again.plan).toEqual(plan);
  });
});

describe('items of the shelf', () => {
  const shelf = (...states: string[]): Shelf =>
    ({
      items: Object.fromEntries(
        states.map((state, i) => [
          `item0000${i}`,
          { order: `${i}`, kind: first?.kind, tape: `T ${i}`, state },
        ]),
      ),
    }) as unknown as Shelf;
  const itemsOf = (of: Shelf): (string | undefined)[] => {
    const { plan } = begunKit(small, { version: 1, kinds: libraryKinds }, of);
    return Object.values(plan.devices ?? {}).flatMap(({ kind, item }) =>
      kind === first?.kind ? [item] : [],
    );
  };

  it('are set aside as far as they go, those that are ready', () => {
    expect(itemsOf(shelf('out', 'ready', 'ready'))[0]).toBe('item00001');
    expect(itemsOf(shelf('out'))[0]).toBeUndefined();
    expect(itemsOf(NO_SHELF)[0]).toBeUndefined();
  });

  it('are set aside once each', () => {
    for (const kit of kits) {
      const items = Object.values(begunKit(kit, friday.kinds, friday.shelf).plan.devices ?? {}).flatMap(
        ({ item }) => item ?? [],
      );
      expect(new Set(items).size).toBe(items.length);
    }
  });

  it('are none for what belongs to the house', () => {
    const ours = kits.flatMap(kit =>
      Object.values(begunKit(kit, friday.kinds, friday.shelf).plan.devices ?? {}),
    );
    expect(ours.some(({ resident }) => resident)).toBe(true);
    for (const { resident, item } of ours) if (resident) expect(item).toBeUndefined();
  });
});

describe('the plain room', () => {
  it('is on the mains of the organisation’s part of the world', () => {
    expect(roomFor({ units: 'metric' })).toEqual(plainRoom(230, 50));
    expect(roomFor({ units: 'imperial' })).toEqual(plainRoom(120, 60, 'imperial'));
  });
});

describe('a kit that is written wrong', () => {
  const sketch = (lead: string): KitSketch => ({
    id: 'kitwrong01',
    label: 'A kit',
    about: 'a test',
    devices: [
      ['camera001', 'C1', 'camoneinc', { at: [2, 2], height: 1.5 }],
      ['switcher1', 'SWITCHER', 'switchcom', { at: [2, 8], height: 0.8 }],
    ],
    leads: [lead],
    outputs: [],
  });
  const room = plainRoom(230, 50);

  it('is found out when it is made: a lead that names no port', () => {
    expect(() => kitFrom(sketch('camera001.hdmiout01 > switcher1.hdmiin01'), room)).not.toThrow();
    for (const lead of [
      'camera001.nothere01 > switcher1.hdmiin01',
      'camera001.hdmiout01 > switcher9.hdmiin01',
    ]) {
      expect(() => kitFrom(sketch(lead), room)).toThrow(RangeError);
    }
  });

  it('finds mains for whatever wants it', () => {
    const { plan } = kitFrom(sketch('camera001.hdmiout01 > switcher1.hdmiin01'), room);
    const fed = Object.values(plan.links ?? {}).filter(({ from }) => from.socket !== undefined);
    expect(fed.map(({ to }) => to.device).sort()).toEqual(['camera001', 'switcher1']);
  });
});
