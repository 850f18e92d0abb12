import fc from 'fast-check';
import { expect, it } from 'vitest';
import { createSizer, refusalBeyond } from '../../src/foundations/json-size.js';
import { applyPatch, PatchError, type Json, type Operation } from '../../src/foundations/patch.js';

/** Counted from the written text and a plain walk. */
const plainly = (value: Json): { nodes: number; depth: number; bytes: number } => {
  const children = typeof value === 'object' && value !== null ? Object.values(value) : [];
  const below = children.map(child => plainly(child));
  return {
    nodes: 1 + below.reduce((sum, each) => sum + each.nodes, 0),
    depth: Math.max(-1, ...below.map(each => each.depth)) + 1,
    bytes: Buffer.byteLength(JSON.stringify(value)),
  };
};

it('is what a plain walk and the written text count', () => {
  const text = fc.string({ unit: fc.constantFrom('a', 'é', '€', '🎥', ' ') });
  const json = fc.letrec<{ node: Json }>(tie => ({
    node: fc.oneof(
      { maxDepth: 4 },
      fc.oneof(
        text,
        fc.integer(),
        fc.double({ noNaN: true, min: -1e9, max: 1e9 }),
        fc.boolean(),
        fc.constant(null),
      ),
      fc.array(tie('node'), { maxLength: 4 }),
      fc.dictionary(text, tie('node'), { maxKeys: 4 }),
    ),
  })).node;
  fc.assert(
    fc.property(json, value => {
      const size = createSizer()(value);
      const { nodes, depth, bytes } = plainly(value);
      expect({ nodes: size.nodes, depth: size.depth }).toEqual({ nodes, depth });
      // A comma for each child is one too many for each that holds any; -0 is written 0.
      expect(size.bytes).toBeGreaterThanOrEqual(bytes);
      expect(size.bytes).toBeLessThanOrEqual(bytes + nodes);
    }),
  );
});

it('counts what stands in a value several times each time, but walks it once', () => {
  let value: Json = ['x'];
  for (let i = 0; i < 60; i++) value = [value, value];
  const { nodes, depth } = createSizer()(value);
  expect(depth).toBe(61);
  expect(nodes).toBeGreaterThan(2 ** 60);
});

const LIMIT = { nodes: 10, depth: 3, bytes: 60 };
it.each<[string, Json, string | undefined]>([
  ['10 values', Array(9).fill(0) as Json, undefined],
  ['11 values', Array(10).fill(0) as Json, 'holds more than 10 values'],
  ['3 levels', [[[1]]], undefined],
  ['4 levels', [[[[1]]]], 'is nested deeper than 3 levels'],
  ['60 bytes', 'x'.repeat(58), undefined],
  ['61 bytes', 'x'.repeat(59), 'is longer than 60 bytes'],
  ['60 bytes in 22 characters', '€'.repeat(19) + 'x', undefined],
])('with %s is told', (_, value, reason) => expect(refusalBeyond(LIMIT)(value)).toBe(reason));

it('refuses a patch at the operation whose copy goes beyond a limit, though a later one would take it out', () => {
  const patch: Operation[] = Array.from({ length: 40 }, (_, i) => ({
    op: 'copy',
    from: '/a',
    path: `/a/k${i}`,
  }));
  patch.push({ op: 'replace', path: '/a', value: {} });
  const apply = (): unknown =>
    applyPatch({ a: { b: 1 } }, patch, refusalBeyond({ nodes: 1000, depth: 50, bytes: 1e6 }));
  expect(apply).toThrow(PatchError);
  // 2 values under /a, twice as many with each copy: 1 + 2 · 2⁹ = 1,025.
  expect(apply).toThrow('operation 8 at /a/k8: holds more than 1000 values');
});
