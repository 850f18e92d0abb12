import fc from 'fast-check';
import jsonPatch from 'fast-json-patch';
import { describe, expect, it } from 'vitest';
import {
  applyPatch,
  collision,
  invertPatch,
  overlaps,
  parsePointer,
  PatchError,
  pointerOf,
  sameJson,
  valueAt,
  type Json,
  type Operation,
} from '../../src/foundations/patch.js';

const leaf = fc.oneof(fc.integer(), fc.boolean(), fc.constant(null), fc.constantFrom('a', 'b/c', '~', ''));
const key = fc.constantFrom('a', 'b', 'c', 'd/e', 'f~g');
const json = fc.letrec<{ node: Json }>(tie => ({
  node: fc.oneof(
    { maxDepth: 3 },
    leaf as fc.Arbitrary<Json>,
    fc.array(tie('node'), { maxLength: 3 }),
    fc.dictionary(key, tie('node'), { maxKeys: 3 }) as fc.Arbitrary<Json>,
  ),
})).node;
const document = fc.dictionary(key, json, { maxKeys: 4 }) as fc.Arbitrary<Json>;

function pointers(node: Json, path: string[] = []): string[] {
  if (typeof node !== 'object' || node === null) return [pointerOf(...path)];
  const own = Object.entries(node).flatMap(([k, child]) => pointers(child, [...path, k]));
  return [pointerOf(...path), ...own];
}

/** A document and a patch of which most operations fit it. */
const edited = document.chain(doc => {
  const existing = fc.constantFrom(...pointers(doc));
  const fresh = fc.tuple(existing, key).map(([path, k]) => `${path}${pointerOf(k)}`);
  const operation: fc.Arbitrary<Operation> = fc.oneof(
    fc.record({ op: fc.constant('add' as const), path: fc.oneof(existing, fresh), value: json }),
    fc.record({ op: fc.constant('replace' as const), path: existing, value: json }),
    fc.record({ op: fc.constant('remove' as const), path: existing }),
    fc.record({ op: fc.constantFrom('move' as const, 'copy' as const), path: fresh, from: existing }),
  );
  return fc.tuple(fc.constant(doc), fc.array(operation, { minLength: 1, maxLength: 5 }));
});

const attempt = <T>(run: () => T): T | undefined => {
  try {
    return run();
  } catch {
    return undefined;
  }
};

/**
 * One operation by fast-json-patch. A move is given to it as RFC 6902 4.4 defines it, remove and then add, since it
 * looks at the target before it removes, which differs within one list.
 */
function oracle(doc: Json, operation: Operation): Json {
  const apply = (...patch: unknown[]): Json =>
    jsonPatch.applyPatch(doc, structuredClone(patch) as never, true).newDocument;
  if (operation.op !== 'move') return apply(operation);
  const { from, path } = operation;
  const value: unknown = jsonPatch.getValueByPointer(doc, from);
  return apply({ op: 'remove', path: from }, { op: 'add', path, value });
}

describe('patches', () => {
  it('agree with fast-json-patch wherever they apply', () => {
    let applied = 0;
    fc.assert(
      fc.property(edited, ([doc, patch]) => {
        const ours = attempt(() => applyPatch(doc, patch));
        if (ours === undefined) return;
        applied++;
        expect(ours).toEqual(patch.reduce(oracle, structuredClone(doc)));
      }),
      { numRuns: 1000 },
    );
    expect(applied).toBeGreaterThan(200);
  });

  it('never change the document given, and keep untouched branches', () => {
    fc.assert(
      fc.property(edited, ([doc, patch]) => {
        const before = structuredClone(doc);
        const after = attempt(() => applyPatch(doc, patch));
        expect(doc).toEqual(before);
        if (typeof after !== 'object' || after === null) return;
        for (const [k, child] of Object.entries(doc as object)) {
          const touched = patch.some(
            op => overlaps(op.path, pointerOf(k)) || ('from' in op && overlaps(op.from, pointerOf(k))),
          );
          if (!touched) expect((after as Record<string, unknown>)[k]).toBe(child);
        }
      }),
      { numRuns: 500 },
    );
  });

  it('are undone by their inverse', () => {
    fc.assert(
      fc.property(edited, ([doc, patch]) => {
        const after = attempt(() => applyPatch(doc, patch));
        if (after === undefined) return;
        expect(applyPatch(after, invertPatch(doc, patch))).toEqual(doc);
      }),
      { numRuns: 1000 },
    );
  });

  it('name the operation that does not fit', () => {
    const doc = { a: [1], b: {} };
    const cases: [Operation, RegExp][] = [
      [{ op: 'remove', path: '/x' }, /does not exist/],
      [{ op: 'add', path: '/a/5', value: 1 }, /not an index/],
      [{ op: 'replace', path: '/a/01', value: 1 }, /does not exist/],
      [{ op: 'test', path: '/a/0', value: 2 }, /another one/],
      [{ op: 'add', path: '/__proto__/x', value: 1 }, /unsafe/],
      [{ op: 'add', path: 'a', value: 1 }, /must start/],
      [{ op: 'move', from: '/b', path: '/b/c' }, /into itself/],
      [{ op: 'remove', path: '' }, /whole document/],
    ];
    for (const [operation, reason] of cases) {
      const failing = (): unknown => applyPatch(doc, [{ op: 'test', path: '/a/0', value: 1 }, operation]);
      expect(failing).toThrow(PatchError);
      expect(failing).toThrow(reason);
      expect(failing).toThrow(/operation 1/);
    }
  });
});

describe('collisions', () => {
  const replace = (path: string): Operation[] => [{ op: 'replace', path, value: 1 }];
  it.each([
    ['/a/b', '/a/b', true],
    ['/a', '/a/b/c', true],
    ['/a/b/c', '/a', true],
    ['/a/b', '/a/c', false],
    ['/a/b', '/a/bc', false],
    ['', '/x', true],
  ])('%j against %j: %s', (mine, theirs, collides) => {
    expect(collision(replace(mine), replace(theirs)) !== undefined).toBe(collides);
  });

  it('count the whole array when its elements shift', () => {
    expect(collision(replace('/list/3'), [{ op: 'add', path: '/list/0', value: 1 }])).toBe('/list/3');
    expect(collision([{ op: 'move', from: '/a', path: '/b' }], replace('/a/x'))).toBe('/a');
    expect(collision([{ op: 'test', path: '/a', value: 1 }], replace('/a'))).toBe('/a');
  });

  it('patches that do not collide may be applied in either order', () => {
    fc.assert(
      fc.property(edited, fc.integer({ min: 1, max: 4 }), ([doc, patch], cut) => {
        const [mine, theirs] = [patch.slice(0, cut), patch.slice(cut)];
        if (collision(mine, theirs) !== undefined) return;
        const one = attempt(() => applyPatch(applyPatch(doc, mine), theirs));
        const other = attempt(() => applyPatch(applyPatch(doc, theirs), mine));
        if (one !== undefined && other !== undefined) expect(sameJson(one, other)).toBe(true);
      }),
      { numRuns: 1000 },
    );
  });
});

describe('pointers', () => {
  it('escape and unescape', () => {
    fc.assert(
      fc.property(fc.array(fc.string().filter(k => !/^(__proto__|constructor|prototype)$/.test(k))), keys => {
        expect(parsePointer(pointerOf(...keys))).toEqual(keys);
      }),
    );
    expect(valueAt({ 'a/b': { '~': 1 } }, '/a~1b/~0')).toBe(1);
    expect(() => parsePointer('/~2')).toThrow(SyntaxError);
  });
});
