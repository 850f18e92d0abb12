/** How devices are fed: by any of several inlets, along leads of signals, from inside – and what hangs on what. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Device, Kind, Link } from '../../src/documents/index.js';
import { ordersFor } from '../../src/foundations/index.js';
import { libraryKinds as known } from '../../src/library/index.js';
import { friday, number } from './edited.js';

type Gear = Readonly<Record<string, Kind | string>>;

/** The demo hall with nothing in it but some gear on one table, and what is plugged into what. */
function table(gear: Gear, plugged: readonly (readonly [from: string, to: string])[]): Bundle {
  const ids = Object.keys(gear);
  const orders = ordersFor(Math.max(ids.length, plugged.length));
  const own = Object.fromEntries(
    ids.flatMap((id): [string, Kind][] => {
      const kind = gear[id];
      return typeof kind === 'object' ? [[`kind${id}`, kind]] : [];
    }),
  );
  const devices = ids.map((id, i): [string, Device] => {
    const kind = gear[id];
    const order = orders[i] ?? '';
    return [
      id,
      { order, label: id, kind: typeof kind === 'string' ? kind : `kind${id}`, place: { at: [9, 9] } },
    ];
  });
  const end = (text: string): Link['from'] => {
    const [device = '', port] = text.split(' ');
    return port === undefined ? { socket: device } : { device, port };
  };
  const links = plugged.map(([from, to], i): [string, Link] => [
    `link${i}`,
    { order: orders[i] ?? '', from: end(from), to: end(to) } as Link,
  ]);
  const { start, label, zone, venue, version } = friday.plan;
  return {
    ...friday,
    kinds: { ...friday.kinds, kinds: { ...known, ...own } },
    plan: {
      ...{ start, label, zone, venue, version },
      runningOrder: friday.plan.runningOrder,
      devices: Object.fromEntries(devices),
      links: Object.fromEntries(links),
    } as Bundle['plan'],
  };
}

/** What is said of feeds, and by what each device is fed. */
function fed(gear: Gear, ...plugged: (readonly [string, string])[]): Record<string, unknown> {
  const { power, snags } = assess(table(gear, plugged));
  const unfed = snags
    .filter(({ rule }) => rule === 'power.unpowered')
    .map(({ subjects: [id = ''] }) => id)
    .sort();
  const by = Object.entries(power.devices).map(([id, { fedBy }]) => [id, fedBy.value] as const);
  expect(by.flatMap(([id, value]) => (value === null ? [id] : [])).sort()).toEqual(unfed);
  return Object.fromEntries(by);
}

const SOCKET = 'sktnorth1';

describe('a device with several inlets', () => {
  const gear = { switcher: 'switchcom', supply: 'supplybar' };
  it('is fed by any of them', () => {
    expect(fed(gear)).toEqual({ switcher: null });
    expect(fed(gear, [SOCKET, 'switcher mainsin01'])).toEqual({ switcher: 'mains' });
    expect(fed(gear, ['supply dcout00001', 'switcher dcin00001'])).toEqual({ switcher: null });
    expect(fed(gear, [SOCKET, 'supply mainsin01'], ['supply dcout00001', 'switcher dcin00001'])).toEqual({
      ...{ switcher: 'mains', supply: 'mains' },
    });
  });

  it('draws on the mains where both are there, and the battery keeps what it has', () => {
    const camera = { camera: 'camfourth', brick: 'battplate' };
    const plate = ['brick plateout1', 'camera platein01'] as const;
    const bundle = table(camera, [plate, [SOCKET, 'camera mainsin01']]);
    const { power } = assess(bundle);
    expect([power.devices.camera?.fedBy.value, number(power.batteries.brick?.load)]).toEqual(['mains', 0]);
    expect(number(power.sockets[SOCKET]?.watts)).toBe(29);
    const alone = assess(table(camera, [plate])).power;
    expect([alone.devices.camera?.fedBy.value, number(alone.batteries.brick?.load)]).toEqual(['battery', 29]);
  });
});

describe('power along a lead of signals', () => {
  const SWITCH = [SOCKET, 'net mainsin01'] as const;
  const LEAD = ['net netport02', 'cam network01'] as const;

  it('feeds a camera from a switch that gives its class, as far as that is fed itself', () => {
    const gear = { net: 'netswitch', cam: 'campanpoe' };
    expect(fed(gear, LEAD)).toEqual({ net: null, cam: null });
    expect(fed(gear, SWITCH, LEAD)).toEqual({ net: 'mains', cam: 'mains' });
    // The camera hangs on the socket through the switch: 25 W, and 20 W over its efficiency of 0.9.
    expect(number(assess(table(gear, [SWITCH, LEAD])).power.sockets[SOCKET]?.watts)).toBeCloseTo(
      25 + 20 / 0.9,
      9,
    );
  });

  it.each([
    ['PoE af', 'PoE at', null],
    ['PoE at', 'PoE at', 'mains'],
    ['PoE bt', 'PoE at', 'mains'],
    ['PoE at', 'PoE bt', null],
    ['partner', 'partner', 'mains'],
    ['partner', 'PoE af', null],
  ] as const)('of %s feeds what wants %s: %s', (powers, poweredBy, by) => {
    const port = (more: object) => ({
      p: { order: '1', label: 'p', direction: 'both', connector: 'RJ45', carries: 'network', ...more },
    });
    const mains = known.netswismp?.ports?.mainsin01;
    const gear = {
      net: {
        label: 'n',
        family: 'network switch',
        ports: { ...port({ powers: [powers] }), mainsin01: mains },
      },
      cam: { label: 'c', family: 'camera', power: { running: 20 }, ports: port({ poweredBy: [poweredBy] }) },
    } as unknown as Gear;
    expect(fed(gear, SWITCH, ['net p', 'cam p']).cam).toBe(by);
  });

  it('passes joiners, whichever end of a lead is named first', () => {
    const gear = { net: 'netswitch', joiner: 'joinnetw1', cam: 'campanpoe' };
    const through = [
      ['net netport02', 'joiner netin0001'],
      ['joiner netout001', 'cam network01'],
    ] as const;
    expect(fed(gear, SWITCH, ...through).cam).toBe('mains');
    const back = [
      ['joiner netin0001', 'net netport02'],
      ['cam network01', 'joiner netout001'],
    ] as const;
    expect(fed(gear, SWITCH, ...back).cam).toBe('mains');
  });

  it('feeds an extender from its partner, and what is on USB from the computer', () => {
    const pair = { near: 'tpsend001', far: 'tprecv001' };
    const joined = ['near tpout0001', 'far tpin00001'] as const;
    expect(fed(pair, [SOCKET, 'near mainsin01'], joined)).toEqual({ near: 'mains', far: 'mains' });
    expect(fed(pair, joined)).toEqual({ near: null, far: null });
    const usb = { laptop: 'laptopcal', capture: 'capturehd' };
    expect(fed(usb, ['capture usbout001', 'laptop usbvideo1'])).toEqual({
      laptop: 'inner battery',
      capture: 'inner battery',
    });
  });

  it('is not known where a computer does not say how it is fed itself', () => {
    const usb = {
      laptop: { ...known.laptopcal, power: undefined, inner: undefined },
      capture: 'capturehd',
    };
    const silent = { ...usb.laptop, ports: { usbvideo1: usb.laptop.ports?.usbvideo1 } };
    const gear = { ...usb, laptop: JSON.parse(JSON.stringify(silent)) as Kind };
    expect(fed(gear, ['capture usbout001', 'laptop usbvideo1'])).toEqual({ capture: 'not known' });
  });
});

describe('a battery inside', () => {
  it('feeds its device where nothing else does, with what hangs on it, as long as it lasts', () => {
    const gear = { laptop: 'laptopcal', capture: 'capturehd' };
    const usb = ['capture usbout001', 'laptop usbvideo1'] as const;
    const { power, snags } = assess(table(gear, [usb]));
    // 55 Wh less 15 %, under 65 W and 2.5 W.
    expect(number(power.batteries.laptop?.usable)).toBeCloseTo(46.75, 12);
    expect(number(power.batteries.laptop?.load)).toBe(67.5);
    expect(number(power.batteries.laptop?.minutes)).toBeCloseTo((60 * 46.75) / 67.5, 12);
    expect(snags.find(({ rule }) => rule === 'power.battery-short')?.subjects).toEqual(['laptop']);
    const plugged = assess(table(gear, [usb, [SOCKET, 'laptop mainsin01']]));
    expect(plugged.power.batteries).toEqual({});
    expect(plugged.snags.some(({ rule }) => rule === 'power.battery-short')).toBe(false);
  });
});

describe('the cord of a device', () => {
  const cords = (metres: number) => {
    const bundle = table({ screen: 'monitor24' }, [[SOCKET, 'screen mainsin01']]);
    const links = { link0: { ...bundle.plan.links?.link0, measured: metres } } as Record<string, Link>;
    const { runs, pack } = assess({ ...bundle, plan: { ...bundle.plan, links } });
    return { run: runs.runs.link0, line: pack.lines.link0 };
  };

  it('reaches by itself to its end, and is no lead to pack', () => {
    expect(cords(1.8).run?.ownLead).toBe(true);
    expect(cords(1.8).line).toBeUndefined();
  });

  it('takes its length off what a cable must have beyond that', () => {
    expect(cords(1.81).run?.ownLead).toBe(false);
    expect(cords(1.81).line?.group).toBe('Cables');
    // 2 m and 1.8 m are enough for 3.8 m, with nothing left over; 5 m for a hundredth more.
    expect([3.8, 3.81].map(metres => number(cords(metres).run?.cableLength))).toEqual([2, 5]);
    expect(number(cords(3.8).run?.excess)).toBeCloseTo(0, 9);
    expect(number(cords(3.81).run?.excess)).toBeCloseTo(2.99, 9);
  });
});
