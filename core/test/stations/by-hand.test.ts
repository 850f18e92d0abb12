/** Small constants and limits that nothing else would notice: each by hand, just at it and beside it. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Kind, Shot } from '../../src/documents/index.js';
import { applyPatch, polar, type Point } from '../../src/foundations/index.js';
import { fixesFor } from '../../src/fixes.js';
import { cutAll } from '../../src/searches/index.js';
import { soldLength } from '../../src/stations/runs/stock.js';
import { cutsOf } from '../../src/stations/shots/cuts.js';
import type { CameraResult } from '../../src/stations/shots/result.js';
import { foundBy } from '../searches/solver.js';
import { assessed, edited, friday, number, remove, set } from './edited.js';

describe('two shots of one mark', () => {
  const cutAt = (angle: number, sizes: readonly [Shot['size'], Shot['size']] = ['waist up', 'waist up']) => {
    const at: Point = [0, 0];
    const camera = (direction: number) => ({ at: polar(at, direction, 5) }) as unknown as CameraResult;
    const shot = (order: string, size: Shot['size'], by: string): [string, Shot] => [
      `shot${order}`,
      { order, mark: 'mark00001', size, camera: by },
    ];
    const cuts = cutsOf({
      shots: [shot('a', sizes[0], 'camera1'), shot('b', sizes[1], 'camera2')],
      cameras: { camera1: camera(10), camera2: camera(10 + angle) },
      marks: { mark00001: { order: '1', label: 'm', at, height: 1.6, facing: 0 } },
    });
    return Object.values(cuts)[0]?.good.value;
  };

  it('cut well from 30° between them on, or of two sizes', () => {
    expect([29.99, 30.01, 31].map(angle => cutAt(angle))).toEqual([false, true, true]);
    expect(cutAt(1, ['waist up', 'chest up'])).toBe(true);
  });
});

describe('lengths that are sold', () => {
  it('are the next one up, to 100 m', () => {
    expect([0.4, 1, 1.01, 2.01, 3.2, 5.1, 10.01].map(soldLength)).toEqual([1, 1, 2, 3, 5, 10, 15]);
    expect([15.1, 20.1, 25.1, 30.1, 50.1, 100].map(soldLength)).toEqual([20, 25, 30, 50, 100, 100]);
    expect(soldLength(100.01)).toBeUndefined();
  });
});

describe('remote cameras', () => {
  it('are steered by threes', () => {
    const cameras = Array.from({ length: 4 }, (_, i) =>
      set(`/devices/campantl${i}`, { order: `z${i}`, label: `P${i}`, kind: 'campantil', worked: 'remote' }),
    );
    const keys = Object.keys(assess(edited(...cameras)).hands.roles).filter(key => key.startsWith('remote'));
    expect(keys).toEqual(['remote 1', 'remote 2']);
  });
});

describe('a stream of twice the rate that is mixed', () => {
  const notes = (format: string): string[] => {
    const bundle = { ...edited(set('/outputs/outstream1/rung', '1080p60'), set('/rules', { format })) };
    return assess(bundle).snags.flatMap(({ rule, severity }) =>
      rule === 'signal.size-unlike' ? [severity] : [],
    );
  };
  it('sends every frame twice up to 30 of them, and not above', () => {
    expect(notes('1080p30')).toEqual(['note']);
    expect(notes('1080p50')).toEqual([]);
  });
});

describe('an adapter that is put into a lead', () => {
  it('is called by its device, no longer than a name may be', () => {
    const long = 'X'.repeat(40);
    const bundle = edited(set('/devices/camside01/label', long));
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'signal.connector-mismatch');
    const [fix] = fixesFor(snag?.id ?? '', bundle);
    const patch = fix?.changes[0]?.patch ?? [];
    const added = Object.values(applyPatch(bundle.plan, patch).devices ?? {}).find(
      ({ kind }) => kind === 'adaptdtoa',
    );
    expect(added?.label).toBe(long);
  });
});

describe('other supports', () => {
  it('are offered the lightest first, one without a weight before all', () => {
    const support = { low: 0.5, high: 3, load: 20, head: 'fluid' } as const;
    const stand = (label: string, weight?: number): Kind => ({
      label,
      family: 'support',
      support,
      ...(weight !== undefined && { weight }),
    });
    const kinds = {
      heavy0001: stand('Heavy', 9),
      unknown01: stand('Unknown'),
      light0001: stand('Light', 0.5),
    };
    const bundle: Bundle = {
      ...edited(set('/devices/camwide01/support', 'standhigh'), set('/devices/camwide01/place/height', 2.9)),
      kinds: {
        ...friday.kinds,
        kinds: { standhigh: friday.kinds.kinds.standhigh as Kind, ...friday.kinds.kinds, ...kinds },
      },
    };
    const snag = assess(bundle).snags.find(({ rule }) => rule === 'shots.support-wrong-height');
    const offered = fixesFor(snag?.id ?? '', bundle).map(({ label }) => label);
    const own = offered.filter(label => /Heavy|Unknown|Light/.test(label));
    expect(own.map(label => /“(.*)”/.exec(label)?.[1])).toEqual(['Unknown', 'Light', 'Heavy']);
  });
});

describe('cutting all leads', () => {
  it('says what is left over of what it took, and what must be bought of the rest', async () => {
    const { answer } = await foundBy(cutAll, friday, {});
    const { runs } = assess(friday).runs;
    for (const { link, items, excess, buy, length } of answer.cuts) {
      const cables = items.map(item => friday.shelf.items[item]?.kind ?? '');
      const total = cables.reduce((sum, kind) => sum + (friday.kinds.kinds[kind]?.cable?.length ?? 0), 0);
      expect(length).toBeCloseTo(number(runs[link]?.length) - (runs[link]?.cord ?? 0), 9);
      if (items.length > 0) expect(excess).toBeCloseTo(total - length, 9);
      else expect([excess, buy]).toEqual([undefined, soldLength(length)]);
    }
    const bare = await foundBy(cutAll, { ...friday, shelf: { items: {} } }, {});
    expect(bare.answer.cuts.every(({ excess, buy }) => excess === undefined && buy !== undefined)).toBe(true);
  });

  it('takes the reach of a lead without a joint, and half a decibel off for each', async () => {
    const plan = edited(
      set('/devices/camwide01/kind', 'camcorsdi'),
      set('/devices/rackswit1', {
        order: 'zz',
        label: 'RACK',
        kind: 'switchrac',
        place: { inside: 'deskrack1' },
      }),
      set('/links/linkwide1', {
        from: { device: 'camwide01', port: 'sdiout001' },
        to: { device: 'rackswit1', port: 'sdiin0001' },
      }),
    );
    const coax: Bundle = {
      ...plan,
      shelf: { items: { itemcoax1: { tape: 'B1', kind: 'coax0050m', state: 'ready' } } },
    };
    const steps = cutAll.problemOf(coax, {});
    let step = await steps.next();
    while (!step.done) step = await steps.next();
    const own = step.value.problem.leads.flatMap(({ options }) => options);
    expect(own.map(({ group }) => group)).toEqual(['coax-standard BNC']);
    for (const { carries, perJoint } of own) {
      // 20 dB at 742.5 MHz (SMPTE ST 292-1) less a tenth: 18 / (0.723 · √742.5 + 0.00167 · 742.5) · 100 m.
      expect(carries).toBeCloseTo((100 * 18) / (0.723 * Math.sqrt(742.5) + 0.00167 * 742.5), 6);
      expect(perJoint).toBeCloseTo((100 * 0.5) / (0.723 * Math.sqrt(742.5) + 0.00167 * 742.5), 6);
    }
  });
});

describe('what stands on a table', () => {
  it('stands 0.75 m high until a height is entered', () => {
    const { places } = assessed(remove('/devices/deskrack1/place/height')).ground;
    expect(number(places.deskrack1?.elevation)).toBe(0.75);
  });
});
