/** Steps about a point, in eight directions, and the moves that fixes try. */
import { describe, expect, it } from 'vitest';
import { distance } from '../../src/foundations/index.js';
import { placeAt, stepsFrom, straightMoves, type Heading } from '../../src/stations/ground/moves.js';
import { friday } from './edited.js';

const EIGHT: readonly (readonly [Heading, number, number])[] = [
  ['east', 1, 0],
  ['south-east', Math.SQRT1_2, Math.SQRT1_2],
  ['south', 0, 1],
  ['south-west', -Math.SQRT1_2, Math.SQRT1_2],
  ['west', -1, 0],
  ['north-west', -Math.SQRT1_2, -Math.SQRT1_2],
  ['north', 0, -1],
  ['north-east', Math.SQRT1_2, -Math.SQRT1_2],
];

describe('a step', () => {
  it.each(EIGHT)('to the %s goes where the plan, with y to the south, has it', (heading, east, south) => {
    const [step, ...more] = [...stepsFrom([3, 4], [2], [heading])];
    expect(more).toEqual([]);
    expect(step).toMatchObject({ heading, metres: 2 });
    expect(step?.to[0]).toBeCloseTo(3 + 2 * east, 2);
    expect(step?.to[1]).toBeCloseTo(4 + 2 * south, 2);
  });

  it('ends on a whole centimetre', () => {
    const [step] = [...stepsFrom([0.001, 0.004], [0.5], ['south-east'])];
    // 0.001 + 0.35355 = 0.35455, 0.004 + 0.35355 = 0.35755.
    expect(step?.to).toEqual([0.35, 0.36]);
  });

  it('is taken to the nearest distance first, in the order of the headings', () => {
    const steps = [...stepsFrom([0, 0], [1, 2], ['north', 'east'])];
    expect(steps.map(({ metres, heading }) => `${metres} ${heading}`)).toEqual([
      '1 north',
      '1 east',
      '2 north',
      '2 east',
    ]);
  });
});

describe('moves of a device', () => {
  const moves = [...straightMoves(friday.plan.devices, 'camnorth1', 'metric')];
  const at = friday.plan.devices?.camnorth1?.place?.at ?? [NaN, NaN];

  it('are six steps in four directions, each named by how far and where', () => {
    expect(moves).toHaveLength(24);
    expect(moves[0]?.label).toBe('Move it 0.5 m north');
    expect(moves.at(-1)?.label).toBe('Move it 5 m east');
    const metres = [...new Set(moves.map(({ label }) => Number(/ ([\d.]+) m /.exec(label)?.[1])))];
    expect(metres).toEqual([0.5, 1, 1.5, 2, 3, 5]);
  });

  it('go as far as they say', () => {
    for (const { label, changes } of moves) {
      const [{ patch = [] } = {}] = changes;
      const to = patch.flatMap(each =>
        each.op === 'add' && each.path === '/devices/camnorth1/place/at'
          ? [each.value as [number, number]]
          : [],
      )[0] ?? [NaN, NaN];
      expect(distance(at, to)).toBeCloseTo(Number(/ ([\d.]+) m /.exec(label)?.[1]), 2);
    }
  });

  it('are none for what stands nowhere, or is not there', () => {
    expect([...straightMoves(friday.plan.devices, 'nodevice1', 'metric')]).toEqual([]);
    expect([...straightMoves(undefined, 'camnorth1', 'metric')]).toEqual([]);
    const inside = Object.entries(friday.plan.devices ?? {}).find(([, { place }]) => place && !place.at);
    expect([...straightMoves(friday.plan.devices, inside?.[0] ?? '', 'metric')]).toEqual([]);
  });

  it('are one edit of the plan', () => {
    expect(placeAt('camnorth1', [1, 2])).toEqual({
      document: 'plan',
      patch: [{ op: 'add', path: '/devices/camnorth1/place/at', value: [1, 2] }],
    });
  });
});
