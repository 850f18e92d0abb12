import { describe, expect, it } from 'vitest';
import { createChain } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { Parts, resultOf } from '../../src/foundations/parts.js';

/** A memory that tells what it worked out. */
function watched(): { parts: Parts; told: () => string[] } {
  const keys: string[] = [];
  return { parts: new Parts(key => keys.push(key)), told: () => keys.splice(0) };
}
const double = ({ n }: { readonly n: number }) => ({ twice: n * 2, even: n % 2 === 0 });

describe('a part', () => {
  it('is worked out when it is first read, and again only when something it is handed is another thing', () => {
    const { parts, told } = watched();
    const read = (n: number) => parts.part('double', { n: () => n }, double);
    const unread = read(1);
    expect(told()).toEqual([]);
    expect(unread()).toBe(unread());
    expect(told()).toEqual(['double']);
    const first = read(1)();
    expect(told()).toEqual([]);
    const second = read(2)();
    expect([second.twice, told()]).toEqual([4, ['double']]);
    expect(second).not.toBe(first);
  });

  it('that comes out equal is the one before, whole or in parts', () => {
    const { parts } = watched();
    const read = (n: number) => parts.part('odd', { n: () => n }, ({ n: x }) => ({ odd: { is: x % 2 }, x }));
    const [one, three] = [read(1)(), read(3)()];
    expect(three).not.toBe(one);
    expect(three.odd).toBe(one.odd);
    const same = (n: number) => parts.part('same', { n: () => n }, () => ({ always: [1, 2] }));
    expect(same(2)()).toBe(same(1)());
  });

  it('does not read what it is handed before it is read itself', () => {
    const { parts } = watched();
    const broken = parts.part(
      'broken',
      {
        n: (): number => {
          throw new Error('read');
        },
      },
      double,
    );
    expect(broken).toThrow('read');
  });
});

describe('a part of each record', () => {
  it('is worked out for records that changed; those that are gone, or that nothing is picked for, have none', () => {
    const { parts, told } = watched();
    const read = (records: Record<string, number>) =>
      parts.each(
        'each',
        () => Object.entries(records),
        (_, n) => (n < 0 ? undefined : { n }),
        (id, { n }) => ({ id, ...double({ n }) }),
      )();
    const first = read({ a: 1, b: 2 });
    expect(told()).toEqual(['each/a', 'each/b']);
    expect(read({ a: 1, b: 2 })).toBe(first);
    const second = read({ b: 3, a: 1 });
    expect(told()).toEqual(['each/b']);
    expect(second.a).toBe(first.a);
    expect(Object.keys(read({ b: 3, a: -1 }))).toEqual(['b']);
    read({ a: 1 });
    expect(told()).toEqual(['each/a']);
  });
});

describe('what is itself made of parts', () => {
  it('is the one that was made of the same before, unread', () => {
    const { parts } = watched();
    let read = 0;
    const made = (n: number) => parts.madeOf('made', { n }, input => resultOf({ n: () => input.n + read++ }));
    const first = made(1);
    expect(made(1)).toBe(first);
    expect(read).toBe(0);
    expect(made(2)).not.toBe(first);
  });
});

describe('a result', () => {
  it('tries again after a maker has failed', () => {
    let ready = false;
    const result = resultOf<{ a: number }>({
      a: () => {
        if (!ready) throw new Error('not yet');
        return 1;
      },
    });
    expect(() => result.a).toThrow('not yet');
    ready = true;
    expect(result.a).toBe(1);
  });

  it('makes each part once, when it is read, and then is a plain object', () => {
    let made = 0;
    const result = resultOf({ a: () => ++made, b: () => ++made });
    expect(made).toBe(0);
    expect([result.a, result.a, made]).toEqual([1, 1, 1]);
    expect({ ...result }).toEqual({ a: 1, b: 2 });
  });
});

describe('one step of a drag', () => {
  it('works out what hangs on the place of the camera, and nothing else', () => {
    let told: string[] = [];
    const chain = createChain(part => told.push(part));
    const friday = fridayBundle();
    const moved = (x: number) => {
      const patch = [{ op: 'replace' as const, path: '/devices/camnorth1/place/at', value: [x, 1.9] }];
      return { ...friday, plan: applyPatch(friday.plan, patch) };
    };
    // Every part of every station is read.
    const step = (x: number): string[] => {
      told = [];
      const { snags, results } = chain(moved(x));
      for (const result of Object.values(results) as object[]) Object.values(result);
      expect(snags.length).toBeGreaterThan(0);
      return told.sort();
    };
    step(10.4);
    const parts = step(10.5);
    expect(parts).toEqual(EXPECTED);
    // The same place once more: nobody looks.
    expect(step(10.5)).toEqual([]);
  });
});

const EXPECTED: readonly string[] = [
  ...['day: camera labels', 'day: leads', 'day: plugs'],
  ...['ground: ground.exit-blocked', 'ground: ground.gallery-without-stairs', 'ground: ground.place-outside'],
  'ground: ground.stands-badly',
  // The battery is plugged onto the camera.
  ...['ground: places/battnorth', 'ground: places/camnorth1'],
  ...[
    'hands: before open',
    'hands: call',
    'hands: crew hours',
    'hands: getting ready',
    'hands: hands.before-open',
    'hands: hands.late-ready',
    'hands: hands.long-strike',
    'hands: hands.schedule-old',
    'hands: rigging',
    'hands: schedule',
    'hands: shared',
    'hands: strike',
    'hands: striking',
    'hands: struck',
    'hands: tasks',
    'hands: work',
    'hands: work places',
  ],
  ...[
    'pack: cable lines/linknort1',
    'pack: cables',
    'pack: costs/costtape01',
    'pack: floor lines',
    'pack: joiner lines',
  ],
  ...['pack: pack.stock-short', 'pack: tape rolls', 'pack: wanted'],
  ...['power: mains leads', 'power: power.voltage-drop'],
  ...['runs: cuts', 'runs: floor work', 'runs: from/linknort1', 'runs: groups', 'runs: leads'],
  ...['runs: loom runs/linknort1', 'runs: loom squares/linknort1', 'runs: looms/linknort1', 'runs: numbers'],
  ...[
    'runs: routed/linknort1',
    'runs: runs.among-seats',
    'runs: runs.beyond-reach',
    'runs: runs.cable-claimed',
    'runs: runs.cable-lost',
  ],
  ...['runs: runs.cut-short', 'runs: runs.hum-near', 'runs: runs.lead-short'],
  'runs: runs.much-left',
  ...['runs: runs.no-cable', 'runs: runs.no-route', 'runs: runs.span-too-long'],
  ...['runs: runs/linknort1', 'runs: seats/linknort1', 'runs: squares/linknort1'],
  ...['runs: wanted'],
  ...['shots: cameras/camnorth1', 'shots: could take/markchoir/camnorth1'],
  ...['shots: could take/marklecte/camnorth1', 'shots: could take/marksolo1/camnorth1'],
  ...['shots: could take/marktable/camnorth1', 'shots: cuts', 'shots: gear places'],
  // What stands in the picture of every shot is looked at again, since one thing stands elsewhere.
  ...['shots: gear/shotchoir1', 'shots: gear/shotlecter', 'shots: gear/shotsolois', 'shots: gear/shottables'],
  'shots: pictures by camera',
  ...['shots: shots', 'shots: shots.aimed-away', 'shots: shots.covered-once', 'shots: shots.disturbing'],
  ...['shots: shots.flicker', 'shots: shots.gear-in-picture', 'shots: shots.heads-in-the-way'],
  ...['shots: shots.hidden', 'shots: shots.lens-misfit', 'shots: shots.no-camera', 'shots: shots.no-film'],
  ...['shots: shots.not-sharp', 'shots: shots.not-straight-down', 'shots: shots.out-of-reach'],
  ...['shots: shots.overhead', 'shots: shots.poor-cut', 'shots: shots.solid-in-the-way'],
  ...['shots: shots.stand-in-aisle', 'shots: shots.support-too-weak', 'shots: shots.support-wrong-head'],
  ...['shots: shots.support-wrong-height', 'shots: shots.sweep-takes-in', 'shots: shots.too-bright'],
  ...['shots: shots.too-dark', 'shots: shots.too-near', 'shots: shots.window-too-tight'],
  ...['shots: snags', 'shots: whole frames/shotlecter'],
];
