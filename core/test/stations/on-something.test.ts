/** Things on tables of the survey and on other things: where that is, how they are joined, and what goes with them. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Device, Place } from '../../src/documents/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { takeOutPatch } from '../../src/stations/device-edits.js';
import { standOf, standPatch, standsFor } from '../../src/stations/stands.js';
import { friday, number } from './edited.js';

const TABLE = {
  label: 'long table',
  kind: 'obstacle',
  outline: [
    [2, 9],
    [8, 9],
    [8, 9.8],
    [2, 9.8],
  ],
  top: 0.8,
} as const;
const device = (order: string, label: string, kind: string, place: Place): Device => ({
  order,
  label,
  kind,
  place,
});

/** A switcher and a monitor, each at a place, and the lead between them. */
function joined(one: Place, other: Place, slack = 0): Bundle {
  const { venue } = friday;
  return {
    ...friday,
    rules: { ...friday.rules, slack },
    venue: { ...venue, areas: { ...venue.areas, longtable: TABLE as never } },
    plan: {
      ...friday.plan,
      venueChanges: {},
      devices: {
        ...friday.plan.devices,
        switcher2: device('zz1', 'SECOND SWITCHER', 'switchcom', one),
        monitor02: device('zz2', 'MONITOR', 'monitor24', other),
        talkbelt9: device('zz3', 'BELT', 'talkbelt1', { on: 'camwide01' }),
      },
      links: {
        ...friday.plan.links,
        linkmon02: {
          from: { device: 'switcher2', port: 'hdmiout01' },
          to: { device: 'monitor02', port: 'hdmiin001' },
        },
      },
    },
  };
}
const lengthOf = (...of: Parameters<typeof joined>): number =>
  number(assess(joined(...of)).runs.runs.linkmon02?.length);

describe('things on one table of the survey', () => {
  it('are joined straight, with half a metre to spare, however long it is', () => {
    expect(lengthOf({ on: 'longtable', at: [2.2, 9.4] }, { on: 'longtable', at: [7.2, 9.4] })).toBeCloseTo(
      5.5,
      9,
    );
    expect(
      lengthOf({ on: 'longtable', at: [2.2, 9.4] }, { on: 'longtable', at: [7.2, 9.4] }, 10),
    ).toBeCloseTo(6.05, 9);
  });

  it('are joined over the floor where one is not on it, or is said to be beyond its edge', () => {
    const straight = 5.5;
    expect(lengthOf({ on: 'longtable', at: [2.2, 9.4] }, { at: [7.2, 9.4] })).toBeGreaterThan(straight + 1);
    expect(lengthOf({ on: 'longtable', at: [2.2, 9.4] }, { on: 'longtable', at: [7.2, 10] })).toBeGreaterThan(
      straight + 1,
    );
  });

  it('stand at its middle and on its top, until it is said where and how high', () => {
    const { places } = assess(
      joined({ on: 'longtable' }, { on: 'longtable', at: [7.2, 9.4], height: 1.3 }),
    ).ground;
    expect(places.switcher2?.at).toEqual([5, 9.4]);
    const above = (id: string) => number(places[id]?.elevation) - number(places[id]?.floor);
    expect(above('switcher2')).toBeCloseTo(0.8, 9);
    expect(above('monitor02')).toBeCloseTo(1.3, 9);
  });
});

describe('things on other things', () => {
  const bundle = joined({ on: 'deskrack1' }, { on: 'switcher2' });

  it('are where those are, and move with them', () => {
    const { places } = assess(bundle).ground;
    expect([places.switcher2, places.monitor02].map(each => each?.carrier)).toEqual([
      'deskrack1',
      'deskrack1',
    ]);
    expect(places.monitor02?.at).toEqual(places.deskrack1?.at);
    expect(lengthOf({ on: 'deskrack1' }, { on: 'switcher2' })).toBe(0.5);
  });

  it('take no unit of a rack that they stand on', () => {
    const rack = (of: Bundle) => assess(of).racks;
    expect(rack(bundle)).toEqual(rack(friday));
  });

  it('count as carried with a camera: a belt on it brings talkback to its operator', () => {
    const talkback = {
      from: { device: 'talkbase9', port: 'talkair01' },
      to: { device: 'talkbelt9', port: 'talkair01' },
    };
    const linked = applyPatch(bundle.plan, [{ op: 'add', path: '/links/linktalk9', value: talkback }]);
    expect(assess({ ...bundle, plan: linked }).signal.cameras.camwide01?.talkback?.value).toBe('BELT');
  });

  it('stay where they were when what they stand on is taken out', () => {
    const plan = applyPatch(bundle.plan, takeOutPatch(bundle.plan, 'deskrack1'));
    expect(plan.devices?.switcher2?.place).toEqual(friday.plan.devices?.deskrack1?.place);
    expect(plan.devices?.switcher1).toBeUndefined();
  });

  it('are cut where they stand on each other', () => {
    const ring = joined({ on: 'monitor02' }, { on: 'switcher2' });
    expect(assess(ring).ground.places.switcher2?.at).toBeUndefined();
  });
});

describe('where a thing can stand', () => {
  const bundle = joined({ at: [5, 12], height: 1, facing: 90 }, { at: [6, 12] });
  const { venue } = bundle;
  const familyOf = ({ kind }: Pick<Device, 'kind'>) => bundle.kinds.kinds[kind]?.family;

  it('is in and on cases, cameras and switchers, and on tables of the survey', () => {
    const stands = standsFor(bundle.plan, 'monitor02', venue, familyOf).map(({ key, label }) => [key, label]);
    expect(stands).toEqual(
      expect.arrayContaining([
        ['in deskrack1', 'in DESK RACK'],
        ['on deskrack1', 'on DESK RACK'],
        ['table longtable', 'on long table'],
      ]),
    );
    expect(stands.map(([key]) => key)).not.toContain('in monitor02');
  });

  it('is kept as it is said, with the way that it faces', () => {
    for (const [key, place] of [
      ['in deskrack1', { inside: 'deskrack1' }],
      ['on deskrack1', { on: 'deskrack1', facing: 90 }],
      ['table longtable', { on: 'longtable', facing: 90 }],
    ] as const) {
      const plan = applyPatch(bundle.plan, standPatch(bundle.plan, 'switcher2', key));
      expect(plan.devices?.switcher2?.place).toEqual(place);
      expect(standOf(plan.devices?.switcher2?.place ?? {}, venue)).toBe(key);
    }
  });
});
