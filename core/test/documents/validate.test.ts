import { handsWithoutContacts } from '../../src/documents/without-names.js';
import { Ajv } from 'ajv';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { chapelBundle, fridayBundle } from '../../src/demo/index.js';
import { isInstant, isTimeZone } from '../../src/documents/clocks.js';
import {
  Bundle,
  BundleFile,
  faultsOf,
  faultsSince,
  Plan,
  readBundleFile,
  schemaOf,
  writeBundleFile,
} from '../../src/documents/index.js';
import { applyPatch, pointerOf, type Json } from '../../src/foundations/index.js';

const bundles = { friday: fridayBundle(), chapel: chapelBundle() };
const ajv = new Ajv({ strict: false, allErrors: false });
ajv.addFormat('date-time', isInstant);
ajv.addFormat('time-zone', isTimeZone);
const schemaValid = ajv.compile(schemaOf(Bundle));

describe('an instant', () => {
  it.each([
    ['2028-02-29T00:00:00Z', true],
    ['2026-02-28T23:59:59.999Z', true],
    ['2026-02-29T00:00:00Z', false],
    ['2026-02-30T00:00:00Z', false],
    ['2026-04-31T00:00:00Z', false],
    ['2026-04-30T24:00:00Z', false],
    ['2026-04-30T12:00:00', false],
  ])('%s: %s', (text, is) => expect(isInstant(text)).toBe(is));
});

describe('a time zone', () => {
  it.each([
    ['Europe/London', true],
    ['UTC', true],
    ['Europe/Quillmere', false],
    ['', false],
  ])('“%s”: %s', (name, is) => expect(isTimeZone(name)).toBe(is));
});

type Node = Record<string, unknown>;

/** Every place in a document as a path of keys. */
function placesIn(node: unknown, path: string[] = []): string[][] {
  if (typeof node !== 'object' || node === null) return [path];
  return [path, ...Object.entries(node).flatMap(([key, child]) => placesIn(child, [...path, key]))];
}

function changed(
  document: object,
  path: readonly string[],
  change: (parent: Node, key: string) => void,
): unknown {
  const copy = structuredClone(document) as Node;
  let parent: Node = copy;
  for (const key of path.slice(0, -1)) parent = parent[key] as Node;
  change(parent, path.at(-1) ?? '');
  return copy;
}

const oddities: unknown[] = [
  null,
  true,
  'text',
  '',
  -1,
  0,
  1.5,
  1e9,
  [],
  {},
  [1, 2],
  [
    [0, 0],
    [1, 1],
  ],
  'a\u0000b',
  '\ud800',
  'x'.repeat(500),
  { unknown: 1 },
];

describe('what an edit made of a valid document', () => {
  type Target = keyof typeof bundles;
  const place = fc
    .constantFrom<Target>('friday', 'chapel')
    .chain(name => fc.constantFrom(...placesIn(bundles[name].plan).slice(1)).map(path => ({ name, path })));
  it('has the faults of the whole, though only what was touched is looked at', () => {
    fc.assert(
      fc.property(place, fc.constantFrom(...oddities), ({ name, path }, value) => {
        const { plan } = bundles[name];
        const after = applyPatch(plan, [{ op: 'add', path: pointerOf(...path), value: value as Json }]);
        expect(faultsSince(Plan, plan, after)).toEqual(faultsOf(Plan, after));
      }),
    );
  });

  it('and what is taken out is missed where it must be', () => {
    const { plan } = bundles.friday;
    const after = applyPatch(plan, [{ op: 'remove', path: '/devices/camnorth1/kind' }]);
    expect(faultsSince(Plan, plan, after)).toEqual([
      { path: '/devices/camnorth1/kind', reason: 'is missing' },
    ]);
  });
});

describe('the documents’ classes', () => {
  it.each(Object.entries(bundles))('find no fault in the %s bundle', (_, bundle) => {
    expect(faultsOf(Bundle, bundle)).toEqual([]);
    expect(schemaValid(bundle)).toBe(true);
  });

  it('agree with their JSON Schema on mutated documents', () => {
    const places = placesIn(bundles.friday).filter(path => path.length > 0);
    let refused = 0;
    const mutation = fc.tuple(
      fc.constantFrom(...places),
      fc.oneof(
        fc.constantFrom(...oddities).map(value => (parent: Node, key: string) => void (parent[key] = value)),
        fc.constant((parent: Node, key: string) => void delete parent[key]),
        fc.constant((parent: Node) => void (parent.surplus = 1)),
        fc.constant((parent: Node, key: string) => void (parent['Bad-Key'] = parent[key])),
      ),
    );
    fc.assert(
      fc.property(mutation, ([path, change]) => {
        const document = changed(bundles.friday, path, change);
        // Array holes and surplus keys on arrays are not JSON; skip what JSON could not carry.
        const text = JSON.stringify(document);
        const plain = JSON.parse(text) as unknown;
        if (JSON.stringify(plain) !== text) return;
        const ours = faultsOf(Bundle, plain);
        if (ours.length > 0) refused++;
        expect({ path, ok: schemaValid(plain) }, JSON.stringify(ours.slice(0, 3))).toEqual({
          path,
          ok: ours.length === 0,
        });
      }),
      { numRuns: 160 },
    );
    expect(refused).toBeGreaterThan(55);
  });

  it.each<[string, string[], unknown, string, RegExp]>([
    ['an unknown field', ['plan', 'colour'], 'red', '/plan/colour', /not a known field/],
    [
      'a nested unknown field',
      ['plan', 'devices', 'camwide01', 'x'],
      1,
      '/plan/devices/camwide01/x',
      /not a known/,
    ],
    ['null for absent', ['plan', 'outputs'], null, '/plan/outputs', /object of records/],
    ['a bad id', ['plan', 'devices', 'Bad Id'], {}, '/plan/devices/Bad Id', /valid id/],
    ['NaN', ['venue', 'volts'], NaN, '/venue/volts', /within/],
    ['a huge number', ['venue', 'volts'], 1e300, '/venue/volts', /within/],
    ['half a character', ['plan', 'label'], '\udc00', '/plan/label', /half a character/],
    ['a local time', ['plan', 'start'], '2026-12-04T19:30:00', '/plan/start', /instant in UTC/],
  ])('name the place and reason of %s', (_, path, value, pointer, reason) => {
    const document = changed(bundles.friday, path, (parent, key) => void (parent[key] = value));
    const faults = faultsOf(Bundle, document);
    expect(faults.map(fault => fault.path)).toContain(pointer);
    expect(faults.map(fault => fault.reason).join()).toMatch(reason);
  });

  it('refuse unsafe keys without touching any prototype', () => {
    const hostile = JSON.parse('{"plan":{"devices":{"__proto__":{"polluted":true}}}}') as unknown;
    expect(
      faultsOf(Bundle, hostile)
        .map(fault => fault.reason)
        .join(),
    ).toMatch(/unsafe key/);
    expect(({} as Node).polluted).toBeUndefined();
  });
});

describe('bundle files', () => {
  it('come back as they were written, people’s names only when asked for, how they are reached never', () => {
    const text = writeBundleFile(bundles.friday, true);
    const hands = handsWithoutContacts(bundles.friday.hands);
    expect(readBundleFile(text)).toEqual({ bundle: { ...bundles.friday, hands }, faults: [] });
    const phones = Object.values(bundles.friday.hands.people).flatMap(({ phone }) => phone ?? []);
    expect(phones.length).toBeGreaterThan(10);
    expect(phones.filter(phone => text.includes(phone))).toEqual([]);
    const lender = { line: 'camwide01', way: 'borrow' as const, from: 'Odile' };
    const lent = { ...bundles.friday.plan, money: { needs: { needone01: lender } } };
    expect(writeBundleFile({ ...bundles.friday, plan: lent }, true)).toContain('"from": "Odile"');
    expect(writeBundleFile({ ...bundles.friday, plan: lent })).not.toContain('Odile');
  });

  it('of every version are still read', () => {
    const text = readFileSync(new URL('../fixtures/v1-chapel.satchel.json', import.meta.url), 'utf8');
    expect(readBundleFile(text).faults).toEqual([]);
  });

  it('of a later version or another kind are refused in plain words', () => {
    expect(readBundleFile('{"format":"idle-satchel bundle","version":2}').faults[0]?.reason).toMatch(
      /up to version 1/,
    );
    expect(readBundleFile('[]').faults[0]?.reason).toMatch(/object/);
    expect(readBundleFile('{"format":"other"}').faults[0]?.path).toBe('/format');
  });

  it('never throw, however broken: 200 truncated or damaged files', () => {
    const whole = writeBundleFile(bundles.friday, true);
    const damage = fc.tuple(fc.nat(whole.length), fc.string({ maxLength: 6 }), fc.boolean());
    fc.assert(
      fc.property(damage, ([at, insert, truncate]) => {
        const text = truncate
          ? whole.slice(0, at)
          : whole.slice(0, at) + insert + whole.slice(at + insert.length);
        const read = readBundleFile(text);
        for (const fault of read.faults) expect(fault.reason).not.toBe('');
        if (truncate && at < whole.length - 2) expect(read.faults.length).toBeGreaterThan(0);
      }),
      { numRuns: 200 },
    );
  });

  it('are described by the published schema', () => {
    const published = readFileSync(
      new URL('../../../docs/formats/satchel.schema.json', import.meta.url),
      'utf8',
    );
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(schemaOf(BundleFile))));
    const example = readFileSync(
      new URL('../../../docs/formats/friday.satchel.json', import.meta.url),
      'utf8',
    );
    expect(example).toBe(writeBundleFile(bundles.friday, true));
  });
});
