/** The schematic of the demo event and of random wirings: columns, pins, wires, no two boxes on one spot. */
import type { Device, Kind, Link, MapOf } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BOX_WIDTH, layout, type Box } from '../src/stations/signal/schematic-layout.js';

const { plan, kinds } = fridayBundle();
const friday = layout(plan.devices, kinds.kinds, plan.links);
const box = (label: string): Box => {
  const found = friday.boxes.find(each => each.label === label);
  if (!found) throw new Error(`no box ${label}`);
  return found;
};

const apart = (boxes: readonly Box[]): boolean =>
  boxes.every((a, i) =>
    boxes.slice(i + 1).every(b => a.x !== b.x || a.y + a.height <= b.y || b.y + b.height <= a.y),
  );

describe('the demo event', () => {
  it('runs from sources on the left to destinations on the right', () => {
    expect(box('C1 WIDE').x).toBeLessThan(box('SWITCHER').x);
    expect(box('SWITCHER').x).toBeLessThan(box('RECORDER').x);
    expect(box('RECORDER').x).toBe(box('AISLE SCREEN').x);
  });

  it('draws each link that carries no power, from pin to pin', () => {
    const drawn = new Set(friday.wires.map(({ id }) => id));
    expect(drawn.has('linkside1')).toBe(true);
    expect(drawn.has('feedlamp1')).toBe(false);
    const [switcher, camera] = [box('SWITCHER'), box('C3 SIDE')];
    const wire = friday.wires.find(({ id }) => id === 'linkside1');
    const start = `M${camera.x + BOX_WIDTH},${camera.y + (camera.outs[0]?.y ?? 0)}`;
    expect(wire?.d.startsWith(start)).toBe(true);
    const pin = switcher.ins.find(each => each.label === 'HDMI in 3');
    expect(wire?.d.endsWith(`${switcher.x},${switcher.y + (pin?.y ?? 0)}`)).toBe(true);
  });

  it('has room for everything, and nothing overlaps', () => {
    expect(apart(friday.boxes)).toBe(true);
    for (const { x, y, height } of friday.boxes) {
      expect(x + BOX_WIDTH).toBeLessThanOrEqual(friday.width);
      expect(y + height).toBeLessThanOrEqual(friday.height);
    }
  });
});

describe('any wiring', () => {
  const kind: Kind = {
    label: 'Box',
    family: 'converter',
    ports: {
      portin000: { order: '1', label: 'in', connector: 'BNC', direction: 'in', carries: 'video' },
      portout00: { order: '2', label: 'out', connector: 'BNC', direction: 'out', carries: 'video' },
    },
  };
  const id = (n: number): string => `device${String(n).padStart(3, '0')}`;
  const pairs = fc.array(fc.tuple(fc.nat(9), fc.nat(9)), { maxLength: 20 });

  it('is laid out without overlap, rings included, and every wire has both ends', () => {
    fc.assert(
      fc.property(pairs, ends => {
        const devices: MapOf<Device> = Object.fromEntries(
          Array.from({ length: 10 }, (_, n) => [
            id(n),
            { order: String(n), label: id(n), kind: 'kindbox00' },
          ]),
        );
        const links: MapOf<Link> = Object.fromEntries(
          ends.map(([a, b], n) => [
            `link${String(n).padStart(4, '0')}`,
            {
              order: String(n).padStart(3, '0'),
              from: { device: id(a), port: 'portout00' },
              to: { device: id(b), port: 'portin000' },
            },
          ]),
        );
        const drawn = layout(devices, { kindbox00: kind }, links);
        expect(apart(drawn.boxes)).toBe(true);
        expect(drawn.wires).toHaveLength(ends.length);
        expect(drawn.wires.every(({ d }) => !d.includes('NaN'))).toBe(true);
      }),
    );
  });
});
