/** What the set-ups show besides what they say: offsets by camera, streams on their lines, calls. By hand calculation. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { number } from '../stations/edited.js';
import { DENSE_RACK } from './dense-rack.js';
import { FLY_CASE } from './fly-case.js';
import { HYBRID } from './more.js';
import { BONDED, CHAPEL, HARD_CASE, INTERVIEW, NETWORK_RACK, STREET } from './nine-to-eighteen.js';
import { ONE_PERSON, TRAVELLING } from './one-to-six.js';
import { SITE_OF_MANY } from './relay.js';
import { staged, type SetUp } from './stage.js';

const shown = (setUp: SetUp) => {
  const bundle = staged(setUp);
  const { signal, stream } = assess(bundle);
  const [output = ''] = Object.keys(bundle.plan.outputs ?? {});
  const sync = signal.latency[output];
  return {
    sound: Object.values(signal.sound).map(({ from }) => from.value),
    offsets: Object.fromEntries(
      Object.entries(sync?.sources ?? {}).map(([id, { offset }]) => [id, number(offset)]),
    ),
    delay: [number(sync?.delay), sync?.at],
    streams: Object.values(stream.streams),
    taken: number(stream.taken),
    outputs: Object.values(signal.outputs),
  };
};

describe('power', () => {
  it('of a case is carried on by a battery of 12 V, and by none that is higher when it is full', () => {
    const bundle = staged(HARD_CASE);
    const lasts = (volts: number, chemistry: 'lead-acid' | 'lithium-ion') => {
      const battery = { volts, ampHours: 9, maxAmps: 20, least: 10.5, chemistry };
      const kinds = { ...bundle.kinds.kinds, accu: { label: 'Accu', family: 'battery' as const, battery } };
      const items = {
        ...bundle.shelf.items,
        accuone01: { tape: 'A', kind: 'accu', state: 'ready' as const },
      };
      const all = { ...bundle, kinds: { ...bundle.kinds, kinds }, shelf: { items } };
      return assess(all).power.standIns.supply012?.minutes.value;
    };
    // 27 W are 2.25 A of 9 Ah, five times the rate of 20 h: half of 108 Wh, 0.96 of that at 20 °C.
    expect(lasts(12, 'lead-acid')).toBeCloseTo((60 * 108 * 0.5 * 0.96) / (27 * 5 ** 0.2), 9);
    // 14.4 V are 16.8 V when it is full; its inlets take 14.4 V.
    expect(lasts(14.4, 'lithium-ion')).toBeNull();
  });

  it('of capture boxes comes along their leads, of the 4.5 W that a port of USB 3 gives', () => {
    const { outlets } = assess(staged(CHAPEL)).power;
    expect(number(outlets.capture01?.share)).toBeCloseTo((100 * 2.5) / 4.5, 9);
  });
});

describe('a tripod', () => {
  it('carries the camera with its encoder and both batteries, as their weights say', () => {
    const bundle = staged(BONDED);
    const { strongEnough } = assess(bundle).shots.cameras.camera001?.support ?? {};
    const kg = (...kinds: string[]): number =>
      kinds.reduce((sum, kind) => sum + (bundle.kinds.kinds[kind]?.weight ?? NaN), 0);
    const carried = (strongEnough?.working.terms ?? []).flatMap(({ unit, name, value }) =>
      unit === 'kg' && name !== 'load' ? [Number(value)] : [],
    );
    const all = kg('camfourth', 'bondedbel', 'battpla15', 'battpla15');
    expect(carried.reduce((sum, each) => sum + each, 0)).toBeCloseTo(all, 9);
    expect(strongEnough?.value).toBe(all <= (bundle.kinds.kinds.tripodflu?.support?.load ?? 0));
  });
});

describe('a site of many', () => {
  it('is told what of its stock another site takes at the same time, by whom, and whether for certain', () => {
    const bundle = staged(SITE_OF_MANY);
    const [[line, { item = '' }] = ['', {}]] = Object.entries(assess(bundle).pack.lines).filter(
      ([, { item: of, group }]) => of !== undefined && group === 'Cameras',
    );
    const hours = { from: '2026-12-04T16:00:00Z', to: '2026-12-04T22:00:00Z' };
    const told = (more: object) =>
      assess({
        ...bundle,
        claims: { claims: { claimone01: { item, event: 'Chapel site', ...hours, ...more } } },
      })
        .snags.filter(({ rule }) => rule === 'pack.claimed')
        .map(({ severity, subjects }) => [severity, subjects]);
    expect(told({})).toEqual([['risk', [line]]]);
    expect(told({ booked: true })).toEqual([['stop', [line]]]);
  });
});

describe('a rack', () => {
  it('has its drawer latched before it is moved, there and back', () => {
    const { checks } = assess(staged(NETWORK_RACK)).day;
    const latched = Object.values(checks).filter(
      ({ label }) => label === 'DRAWER in NET RACK is shut and latched',
    );
    expect(latched.map(({ moment }) => moment)).toEqual(['Pack out', 'Count back in']);
  });

  it('that is dense has its heat against the air that its fans move, and is not warm', () => {
    const bundle = staged(DENSE_RACK);
    const { racks, snags } = assess(bundle);
    const { air, heat } = racks.racks.deskrack1 ?? {};
    // 168 W between the rails; six tenths of 170 m³/h.
    expect([number(heat), number(air?.flow)]).toEqual([168, 102]);
    expect(number(air?.rise)).toBeCloseTo((2.98 * 168) / 102, 9);
    expect(number(air?.needs)).toBeCloseTo((2.98 * 168) / 10, 9);
    expect(snags.filter(({ rule }) => rule === 'racks.too-hot')).toEqual([]);
  });

  it('that two people lift has its index', () => {
    const { cases } = assess(staged(FLY_CASE)).pack;
    expect(number(cases.deskrack1?.lifts.boot.index)).toBeGreaterThan(3);
    expect(cases.deskrack1?.wheels).toBe(true);
  });
});

describe('sound through a camera', () => {
  it('is late by what is before the camera, and against the others by the difference of the cameras', () => {
    // The preamplifier takes 7.5 ms. At 24 frames a second the face camera takes two of them like the one above,
    // whose picture also goes through the window cutter, half a frame: 20 ms.
    const { sound, offsets, delay } = shown(ONE_PERSON);
    expect(sound).toEqual(['BOOM']);
    expect(offsets.camface01).toBeCloseTo(-7.5, 9);
    expect(offsets.camover01).toBeCloseTo(12.5, 9);
    expect(delay).toEqual([-7.5, 'switcher1']);
  });

  it('is delayed in the desk before it, and leaves each camera what its own picture takes beside that one', () => {
    const { offsets, delay } = shown(TRAVELLING);
    // Three cameras of two frames each, the desk 1.5 ms.
    expect(offsets).toEqual({ camone001: -1.5, camtwo001: -1.5, camthree1: -1.5 });
    expect(delay).toEqual([-1.5, 'housedesk']);
    const slow = { ...TRAVELLING, devices: TRAVELLING.devices.map(late('camtwo001', 130)) };
    // 130 − 80 (the camera that sound comes through) − 1.5.
    expect(shown(slow).offsets.camtwo001).toBeCloseTo(48.5, 9);
  });

  const late =
    (id: string, pictureDelay: number) =>
    (device: SetUp['devices'][number]): SetUp['devices'][number] => {
      const [own, label, kind, place, more] = device;
      return own === id ? [own, label, kind, place, { ...more, pictureDelay }] : device;
    };

  it('of a boom in the mixer is early by the pictures, most with the camera on the air', () => {
    // Two frames in the camera, one in the switcher, and two more over the air.
    expect(shown(INTERVIEW).offsets).toMatchObject({ camone001: 120, camroams1: 200 });
  });
});

describe('what leaves a place', () => {
  it('is summed on its line', () => {
    const { streams, taken } = shown(FLY_CASE);
    // 40 Mb/s measured, half of it to be trusted, for two; 1080p30 goes up to 6000 kb/s: (6000 + 160) · 1.08.
    expect(streams.map(({ share }) => number(share))).toEqual([10, 10]);
    expect(streams.map(({ others }) => number(others))).toEqual([6.6528, 6.6528]);
    expect(taken).toBeCloseTo(13.3056, 9);
  });

  it('may be a call, which gets the mix and has a line of its own kind', () => {
    const { outputs, streams } = shown(HYBRID);
    expect(outputs.at(-1)?.gets.value).toBe('programme');
    expect(streams.map(({ line, rung }) => [line.value, rung.value])).toEqual([
      ['the line of the house', '1080p30'],
    ]);
  });
});

const powerOf = (setUp: SetUp) => assess(staged(setUp)).power;

describe('power', () => {
  it('over network cable is counted by class against the budget of the switch', () => {
    const { poe, poeBudgets } = powerOf(NETWORK_RACK);
    const classes = Object.entries(poe).map(([id, each]) => [id, each.poeClass.value, number(each.counted)]);
    // Two cameras of class 4, and an access point that signs none.
    expect(classes).toEqual([
      ['campan001', 4, 30],
      ['campan002', 4, 30],
      ['accesspnt', 0, 15.4],
    ]);
    expect(number(poeBudgets.netswitch?.counted)).toBeCloseTo(75.4, 9);
    expect(number(poeBudgets.netswitch?.share)).toBeCloseTo(58, 9);
  });

  it('of a case on one supply is told in amps on its rail: 18 W and 9 W at 12 V', () => {
    const { supplies, devices } = powerOf(HARD_CASE);
    expect(number(supplies.supply012?.amps)).toBeCloseTo(27 / 12, 9);
    expect(number(supplies.supply012?.free)).toBe(2);
    // Over its efficiency, and what it takes besides.
    expect(number(devices.supply012?.watts)).toBeCloseTo(27 / 0.88 + 1, 9);
  });

  it('of a bonded encoder lasts by its plate, and then by what is inside', () => {
    const { batteries, inners, curves } = powerOf(BONDED);
    // 14.4 V · 10.4 Ah · 0.85 over 24 W, then 70 Wh · 0.85 over the same.
    expect(number(batteries.battbond1?.minutes)).toBeCloseTo((60 * 149.76 * 0.85) / 24, 6);
    expect(number(inners.bondedbel?.alone)).toBeCloseTo((60 * 70 * 0.85) / 24, 6);
    expect(curves.battbond1?.[0]?.[1]).toBe(1);
  });

  it('on the street tells outlets and amps that are left, and when what is inside of each is empty', () => {
    const { supplies, batteries } = powerOf(STREET);
    expect(number(supplies.battusb01?.free)).toBe(1);
    expect(number(batteries.battusb01?.amps)).toBeCloseTo(10 / 0.88 / 3, 9);
    const empty = ['phonewide', 'phonetele', 'tabletmix', 'hubwifi01'].map(id =>
      number(batteries[id]?.minutes),
    );
    // 15 Wh at 4 W twice, 30 Wh at 9 W, 18 Wh at 5 W, of which 15 % are kept.
    expect(empty.map(minutes => Math.round(minutes * 100) / 100)).toEqual([191.25, 191.25, 170, 183.6]);
  });
});
