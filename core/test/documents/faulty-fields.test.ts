/** One faulty file for every field of every document, from the classes that describe them: each is told by its place. */
import { describe, expect, it } from 'vitest';
import { BundleFile, readBundleFile, type DocumentClass } from '../../src/documents/index.js';
import { pointerOf } from '../../src/foundations/index.js';
import { allFields } from './fields.js';
import { FULL } from './full-file.js';

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
type Path = readonly (string | number)[];
type Node = Record<string, unknown>;

/** A value that no field takes: no number, no text of any use, no list of points, no record that is known. */
const NONSENSE: Json = { 'no such field': null };

/** Where a record of each class stands in a file, the first one of each. */
function placesIn(type: DocumentClass, node: unknown, path: Path, found: Map<DocumentClass, Path>): void {
  if (typeof node !== 'object' || node === null) return;
  if (!found.has(type)) found.set(type, path);
  for (const { name, nested } of allFields(type)) {
    const value = (node as Node)[name];
    if (!nested || value === undefined) continue;
    const of = nested.of();
    if (nested.kind === 'one') placesIn(of, value, [...path, name], found);
    else {
      const children: [string | number, unknown][] = Array.isArray(value)
        ? value.map((child, i) => [i, child])
        : Object.entries(value as object);
      for (const [key, child] of children) placesIn(of, child, [...path, name, key], found);
    }
  }
}

/** Every class that a file can hold a record of. */
function classesFrom(type: DocumentClass, found = new Set<DocumentClass>()): Set<DocumentClass> {
  if (found.has(type)) return found;
  found.add(type);
  for (const { nested } of allFields(type)) if (nested) classesFrom(nested.of(), found);
  return found;
}

const TEXT = JSON.stringify(FULL);
const places = new Map<DocumentClass, Path>();
placesIn(BundleFile, FULL, [], places);

function withField(path: Path, change: (record: Node) => void): string {
  const copy = JSON.parse(TEXT) as Node;
  let node: Node = copy;
  for (const key of path) node = node[key] as Node;
  change(node);
  return JSON.stringify(copy);
}

const fields = [...places].flatMap(([type, path]) =>
  allFields(type).map(field => [`${type.name}.${field.name}`, path, field] as const),
);

describe('the whole file', () => {
  it('has no fault, and a record of every class that a file can hold', () => {
    expect(readBundleFile(TEXT).faults).toEqual([]);
    const missing = [...classesFrom(BundleFile)].filter(type => !places.has(type)).map(type => type.name);
    expect(missing).toEqual([]);
  });
});

/** It holds whatever the field of the venue that it changes may hold. */
const FREE = 'VenueChange.value';

describe('a field that holds nonsense', () => {
  it.each(fields.filter(([name]) => name !== FREE))('%s is told by its place', (_, path, { name }) => {
    const { faults } = readBundleFile(withField(path, record => (record[name] = NONSENSE)));
    const place = pointerOf(...path, name);
    expect(faults.map(fault => fault.path).filter(each => each.startsWith(place))).not.toEqual([]);
    for (const { reason } of faults) expect(reason).toMatch(/\w/);
  });
});

describe('a field that is not there', () => {
  it.each(fields)('%s is told missing, or may be missing', (_, path, { name }) => {
    const { faults } = readBundleFile(withField(path, record => delete record[name]));
    // What may be missing leaves no fault; nothing else is blamed for what must be there.
    for (const fault of faults) {
      expect([pointerOf(...path, name), pointerOf(...path)]).toContain(fault.path);
    }
  });
});

describe('a field that nobody knows', () => {
  it.each([...places].map(([type, path]) => [type.name, path] as const))('in %s is told', (_, path) => {
    const { faults } = readBundleFile(withField(path, record => (record.nobodyKnowsThis = 1)));
    expect(faults.map(({ path: at }) => at)).toContain(pointerOf(...path, 'nobodyKnowsThis'));
  });
});
