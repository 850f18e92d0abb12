/** Rings in graphs, against plain reachability. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { ringsOf } from '../../src/foundations/rings.js';

/** Two nodes are in one ring when each is reached from the other. */
function byReach(nodes: readonly string[], next: (node: string) => readonly string[]): string[][] {
  const reach = new Map(
    nodes.map(node => {
      const seen = new Set<string>();
      const open = [...next(node)];
      for (let each = open.pop(); each !== undefined; each = open.pop()) {
        if (seen.has(each)) continue;
        seen.add(each);
        open.push(...next(each));
      }
      return [node, seen] as const;
    }),
  );
  const both = (a: string, b: string): boolean =>
    (reach.get(a)?.has(b) ?? false) && (reach.get(b)?.has(a) ?? false);
  const rings = nodes.map(node => nodes.filter(other => both(node, other)));
  return rings.filter((ring, i) => ring[0] === nodes[i]);
}

it('are what plain reachability finds, on 2,000 random graphs', () => {
  const graph = fc.integer({ min: 1, max: 12 }).chain(count =>
    fc.record({
      count: fc.constant(count),
      edges: fc.array(fc.tuple(fc.nat(count - 1), fc.nat(count - 1)), { maxLength: 3 * count }),
    }),
  );
  let rings = 0;
  fc.assert(
    fc.property(graph, ({ count, edges }) => {
      const nodes = Array.from({ length: count }, (_, i) => `n${i}`);
      const next = (node: string): string[] =>
        edges.filter(([from]) => `n${from}` === node).map(([, to]) => `n${to}`);
      const found = ringsOf(nodes, next);
      rings += found.length;
      expect(found).toEqual(byReach(nodes, next));
    }),
    { numRuns: 2000 },
  );
  expect(rings).toBeGreaterThan(500);
});

it('do not run out of stack on a ring of 100,000', () => {
  const nodes = Array.from({ length: 100_000 }, (_, i) => `${i}`);
  const [ring] = ringsOf(nodes, node => [`${(Number(node) + 1) % nodes.length}`]);
  expect(ring?.length).toBe(nodes.length);
});
