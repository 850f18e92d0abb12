/** Ways to join two free ports, what each costs, and which ports are free – by hand, with the kinds of the demo. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Bus } from '../../src/documents/index.js';
import { costOf, demandsOf, keyOf, PENALTY, takenBy, type Way } from '../../src/searches/connect/index.js';
import { FreePorts, type FreePort } from '../../src/searches/connect/free-ports.js';
import { Ways } from '../../src/searches/connect/ways.js';
import { edited, friday, remove, set } from '../stations/edited.js';

const bare = edited(set('/links', {}));

/** Ports of the demo’s devices with no lead plugged in, and the ways between them. */
function bench(bundle: Bundle = bare) {
  const assessment = assess(bundle);
  const { wiring } = assessment.signal;
  const free = new FreePorts(bundle.plan, wiring);
  const ways = new Ways(bundle, wiring, assessment.rules.format);
  const ports = (device: string, ...ids: readonly string[]): FreePort[] =>
    free.of(device, () => true).filter(([{ port }]) => ids.includes(port));
  return { assessment, free, ways, ports, wiring };
}
const { ways, ports, free } = bench();
const inputs = ports('switcher1', 'hdmiin01', 'hdmiin02', 'hdmiin03');

describe('a plain lead', () => {
  it('costs nothing, and a hundredth for every port that comes earlier on either side', () => {
    const found = ways.of(ports('camwide01', 'hdmiout01'), inputs);
    expect(found.map(({ to, cost }) => [to.port, cost])).toEqual([
      ['hdmiin01', 0],
      ['hdmiin02', 0.01],
      ['hdmiin03', 0.02],
    ]);
    expect(found.every(({ via, bus }) => via === undefined && bus === undefined)).toBe(true);
  });

  it('joins what carries the same only, of two devices', () => {
    expect(ways.of(ports('camwide01', 'hdmiout01'), ports('switcher1', 'audioin01'))).toEqual([]);
    expect(ways.of(ports('switcher1', 'hdmiout01'), inputs)).toEqual([]);
  });

  it('costs five more where a switcher shows nothing of it as it is set', () => {
    const set24 = edited(set('/links', {}), set('/devices/camwide01/format', '2160p24'));
    const own = bench(set24);
    const [way] = own.ways.of(own.ports('camwide01', 'hdmiout01'), own.ports('switcher1', 'hdmiin01'));
    expect(way?.cost).toBe(5);
    // A screen scales what it is given.
    const [screen] = own.ways.of(own.ports('camwide01', 'hdmiout01'), own.ports('screennor', 'hdmiin001'));
    expect(screen?.cost).toBe(0);
  });
});

describe('a thing in between', () => {
  it('is an adapter for one point, a converter for three, wherever its two ends fit', () => {
    const found = ways.of(ports('camside01', 'hdmiout01'), ports('switcher1', 'hdmiin01'));
    expect(found.map(({ via, cost }) => [via?.kind, cost])).toContainEqual(['adaptdtoa', 1]);
    for (const { via, cost } of found) {
      const family = friday.kinds.kinds[via?.kind ?? '']?.family;
      expect(cost).toBe(family === 'adapter' ? 1 : 3);
    }
    const adapter = found.find(({ via }) => via?.kind === 'adaptdtoa');
    expect(adapter?.via).toMatchObject({ input: 'hdmidin01', output: 'hdmiaout1' });
  });

  it('is a converter where another signal is wanted', () => {
    const own = bench(edited(set('/links', {}), set('/devices/camside01/kind', 'campanpoe')));
    const found = own.ways.of(own.ports('camside01', 'sdiout001'), own.ports('switcher1', 'hdmiin01'));
    expect(found.length).toBeGreaterThan(0);
    for (const { via, cost } of found) {
      expect(friday.kinds.kinds[via?.kind ?? '']?.family).toBe('converter');
      expect(cost).toBe(3);
    }
  });

  it('costs five more where what comes out of it is shown by no native input, unless it scales', () => {
    const set24 = edited(set('/links', {}), set('/devices/camside01/format', '2160p24'));
    const own = bench(set24);
    const found = own.ways.of(own.ports('camside01', 'hdmiout01'), own.ports('switcher1', 'hdmiin01'));
    const costs = Object.fromEntries(found.map(({ via, cost }) => [via?.kind ?? '', cost]));
    expect(costs.adaptdtoa).toBe(6);
    for (const [kind, cost] of Object.entries(costs)) {
      const of = friday.kinds.kinds[kind];
      const scales = Object.values(of?.ports ?? {}).some(port => port.direction === 'in' && port.scaled);
      expect(cost).toBe((of?.family === 'adapter' ? 1 : 3) + (scales ? 0 : 5));
    }
  });

  it('is none where plugs fit as they are', () => {
    const found = ways.of(ports('camwide01', 'hdmiout01'), ports('switcher1', 'hdmiin01'));
    expect(found.every(({ via }) => via === undefined)).toBe(true);
  });

  it('carries sound as well', () => {
    const found = ways.of(ports('audiodes1', 'xlrout001'), ports('switcher1', 'audioin02'));
    expect(found.map(({ via }) => via?.kind)).toContain('adaptxltr');
  });
});

describe('what an output of a switcher gives', () => {
  const [output] = [ports('switcher1', 'hdmiout01', 'hdmiout03')];
  const sink = ports('screennor', 'hdmiin001');
  const of = (bus: Bus | undefined, bundle?: Bundle) => {
    const own = bundle ? bench(bundle) : { ways, ports };
    return own.ways
      .of(bundle ? own.ports('switcher1', 'hdmiout01', 'hdmiout03') : output, sink, bus)
      .map(way => [way.from.port, way.bus, Number(way.cost.toFixed(2))]);
  };

  it('costs half a point where it must be set', () => {
    // The first gives the programme as it comes, the third the multiview.
    expect(of('programme')).toEqual([
      ['hdmiout01', undefined, 0],
      ['hdmiout03', 'programme', 0.51],
    ]);
    expect(of('multiview')).toEqual([
      ['hdmiout01', 'multiview', 0.5],
      ['hdmiout03', undefined, 0.01],
    ]);
  });

  it('is offered only where it can be set so', () => {
    expect(of('clean')).toEqual([['hdmiout01', 'clean', 0.5]]);
  });

  it('is read from how it is set now', () => {
    const preview = edited(
      set('/links', {}),
      set('/devices/switcher1/buses', { hdmiout01: { bus: 'preview' } }),
    );
    expect(of('preview', preview)).toEqual([['hdmiout01', undefined, 0]]);
    expect(of('programme', preview)).toEqual([
      ['hdmiout01', 'programme', 0.5],
      ['hdmiout03', 'programme', 0.51],
    ]);
  });
});

describe('free ports', () => {
  const isVideo = ({ carries }: { carries: string }): boolean => carries === 'video';
  it('are those that nothing is plugged into', () => {
    const whole = bench(friday).free;
    const of = (from: FreePorts) => from.of('switcher1', isVideo).map(([{ port }]) => port);
    expect(of(free)).toEqual(expect.arrayContaining(['hdmiin01', 'hdmiin04', 'hdmiout01', 'usbwebcam']));
    expect(of(whole)).not.toContain('hdmiin02');
    const pulled = bench(edited(remove('/links/linknort1'))).free;
    expect(of(pulled)).toContain('hdmiin02');
  });

  it('are none of a socket whose other use is taken', () => {
    const webcam = {
      from: { device: 'switcher1', port: 'usbwebcam' },
      to: { device: 'laptopwor', port: 'none' },
    };
    const used = bench(edited(set('/links', { link00001: webcam }))).free;
    const names = (from: FreePorts) => from.of('switcher1', () => true).map(([{ port }]) => port);
    expect(names(free)).toEqual(expect.arrayContaining(['usbwebcam', 'usbdisk01']));
    expect(names(used)).not.toContain('usbdisk01');
    expect(names(used)).not.toContain('usbwebcam');
    const key = keyOf({ device: 'switcher1', port: 'usbdisk01' });
    expect(free.groups[key]).toBe(free.groups[keyOf({ device: 'switcher1', port: 'usbwebcam' })]);
  });
});

const way = (from: string, to: string, cost = 0, kind?: string): Way => ({
  from: { device: from, port: 'out' },
  to: { device: to, port: 'in' },
  via: kind === undefined ? undefined : { kind, input: 'i', output: 'o' },
  bus: undefined,
  cost,
});

describe('what a choice costs', () => {
  it('is its ways, a hundred for each demand without one, and twelve for each piece beyond what is owned', () => {
    expect(PENALTY).toEqual({ unconnected: 100, missing: 12 });
    const owned = { owned: { adapter: 1 } };
    expect(costOf([way('a', 'b', 0.5), undefined], owned)).toBe(100.5);
    expect(costOf([way('a', 'b', 1, 'adapter')], owned)).toBe(1);
    expect(costOf([way('a', 'b', 1, 'adapter'), way('c', 'd', 1, 'adapter')], owned)).toBe(14);
    expect(costOf([way('a', 'b', 3, 'converter')], owned)).toBe(15);
  });

  it('takes both ports, and what they share, once; a radio takes any number', () => {
    const groups = { 'a out': 'a socket' };
    expect(takenBy(way('a', 'b'), { groups }, () => false)).toEqual(['a out', 'a socket', 'b in']);
    expect(takenBy(way('a', 'b'), { groups }, key => key === 'a out')).toEqual(['b in']);
  });
});

describe('what wants a lead', () => {
  const wants = (...patch: Parameters<typeof edited>): string[] => {
    const bundle = edited(...patch);
    return demandsOf(bundle, assess(bundle)).demands.map(({ id }) => id);
  };

  it('is nothing in the demo as it is', () => {
    expect(wants()).toEqual([]);
  });

  it.each([
    ['linknort1', 'source camnorth1'],
    ['linkword1', 'source laptopwor'],
    ['linkrecor', 'sink recorder1'],
    ['linkscree', 'sink screennor'],
    ['linksound', 'sound audiodes1'],
    ['linkstrea', 'network switcher1'],
  ])('without %s: %s', (link, id) => {
    expect(wants(remove(`/links/${link}`))).toContain(id);
  });

  it('is every source, sink, sound and network of a plan without any', () => {
    expect(wants(set('/links', {}))).toEqual([
      'source camwide01',
      'source camnorth1',
      'source camside01',
      'source laptopwor',
      'sink recorder1',
      'sink screennor',
      'sound audiodes1',
      'network switcher1',
    ]);
  });

  it('is a computer with a call, and a camera that is worked from afar', () => {
    const call = wants(set('/devices/laptopwor/tasks', ['call']));
    expect(call).toContain('network laptopwor');
  });

  it('asks a screen of whoever mixes for the multiview', () => {
    const bundle = edited(
      remove('/links/linkscree'),
      set('/devices/screennor/viewers', ['mixer']),
      set('/outputs', {}),
    );
    const [demand] = demandsOf(bundle, assess(bundle)).demands.filter(({ id }) => id === 'sink screennor');
    const plain = demand?.ways.filter(({ via }) => via === undefined) ?? [];
    expect(plain.find(({ from }) => from.port === 'hdmiout03')?.bus).toBeUndefined();
    expect(plain.find(({ from }) => from.port === 'hdmiout02')?.bus).toBe('multiview');
  });
});
