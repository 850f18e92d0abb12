/** Signal on large plans: how long its checks take, how that grows, and how long a layout takes. */
import type { Bundle, Device, Link } from '@idle-satchel/core';
import { assess, crossingsOf, layOut, schematicGraph, type ElkLayout } from '@idle-satchel/core';
import { fridayBundle } from '@idle-satchel/core/demo';
import { kitBundle, kits } from '@idle-satchel/core/kits';
import { libraryKinds } from '@idle-satchel/core/library';
import { signalAlone } from '@idle-satchel/core/signal';
import elkjs from 'elkjs';
import { line, ms, quantile, timed } from './measure.js';

const friday = fridayBundle();
const id = (name: string, block: number): string => `${name}${String(block).padStart(4, '0')}`;

/** Blocks of ten devices and about thirty leads: cameras, a matrix, switchers, splitters, a recorder, a screen. */
function large(devices: number): Bundle {
  const all: Record<string, Device> = {};
  const links: Record<string, Link> = {};
  let count = 0;
  const plug = (from: string, fromPort: string, to: string, toPort: string): void => {
    const link = { from: { device: from, port: fromPort }, to: { device: to, port: toPort } };
    links[`link${String(count++).padStart(6, '0')}`] = link;
  };
  const blocks = Math.round(devices / 10);
  for (let block = 0; block < blocks; block++) {
    const own = (name: string): string => id(name, block);
    const add = (name: string, kind: string, more: Partial<Device> = {}): void => {
      all[own(name)] = { order: own(name).slice(0, 8), label: own(name), kind, ...more };
    };
    const buses = Object.fromEntries(
      [1, 2, 3, 4, 5, 6, 7, 8].map(n => [`sdiout000${n}`, { bus: 'aux' as const, input: `sdiin000${n}` }]),
    );
    for (const name of ['cama', 'camb', 'camc']) add(name, 'camcorsdi');
    add('matr', 'matrixeig', { buses });
    for (const name of ['swia', 'swib']) add(name, 'switchrac');
    for (const name of ['splt', 'splu']) add(name, 'splitsdi4');
    add('reco', 'recordsdi');
    add('scre', 'monitor17');
    ['cama', 'camb', 'camc'].forEach((name, i) =>
      plug(own(name), 'sdiout001', own('matr'), `sdiin000${i + 1}`),
    );
    for (let n = 1; n <= 8; n++) plug(own('matr'), `sdiout000${n}`, own('swia'), `sdiin000${n}`);
    plug(own('swia'), 'sdiout001', own('splt'), 'sdiinput1');
    plug(own('swia'), 'sdiout003', own('splu'), 'sdiinput1');
    for (let n = 1; n <= 4; n++) {
      plug(own('splt'), `sdioutp0${n}`, own('swib'), `sdiin000${n}`);
      plug(own('splu'), `sdioutp0${n}`, own('swib'), `sdiin000${n + 4}`);
    }
    plug(own('swib'), 'sdiout001', own('reco'), 'sdiin0001');
    plug(own('reco'), 'sdiloop01', own('scre'), 'sdiin0001');
    if (block + 1 < blocks) {
      for (let n = 4; n <= 8; n++) plug(own('camc'), 'sdiout001', id('matr', block + 1), `sdiin000${n}`);
      plug(own('swib'), 'sdiout003', id('matr', block + 1), 'sdiin0004');
    }
  }
  const outputs = {
    outrecord1: {
      order: '1',
      label: 'Recording',
      kind: 'recording' as const,
      device: id('reco', blocks - 1),
    },
  };
  return {
    ...friday,
    plan: { ...friday.plan, devices: all, links, outputs },
    kinds: { version: 1, kinds: libraryKinds },
  };
}

export async function signals(): Promise<void> {
  const took = [100, 300, 1000, 3000].map(size => {
    const bundle = large(size);
    const time = quantile(
      timed(() => signalAlone(bundle), size > 1000 ? 5 : 30, 10),
      0.5,
    );
    line(
      `signal checked, ${size} devices, ${Object.keys(bundle.plan.links ?? {}).length} links${size === 1000 ? ' (≤ 50 ms)' : ''}`,
      `median ${ms(time)}`,
    );
    return [size, time] as const;
  });
  const [first, last] = [took[0], took.at(-1)];
  if (first && last) {
    const exponent = Math.log(last[1] / first[1]) / Math.log(last[0] / first[0]);
    line('  growth from 100 to 3,000 (≤ n^1.2)', `n^${exponent.toFixed(2)}`);
  }
  const elk = new (elkjs as unknown as new () => { layout: ElkLayout })();
  for (const kit of kits) {
    const bundle = kitBundle(kit, friday.rules);
    const graph = schematicGraph(bundle, assess(bundle));
    await layOut(graph, each => elk.layout(each));
    const begun = performance.now();
    const drawn = await layOut(graph, each => elk.layout(each));
    line(
      `layout of “${kit.label}” (≤ 1 s)`,
      ms(performance.now() - begun),
      `${graph.boxes.length} boxes, ${graph.wires.length} leads, ${crossingsOf(drawn)} crossings`,
    );
  }
}
