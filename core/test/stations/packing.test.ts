import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { caseFromCorner, casePicture, wherePacked } from '../../src/case-picture/index.js';
import { packedPatch } from '../../src/packed-into.js';
import type { Bundle, Kind } from '../../src/documents/index.js';
import { applyFix } from '../../src/fixes.js';
import { applyPatch } from '../../src/foundations/index.js';
import { ridesTogether } from '../../src/stations/pack/packing/together.js';
import { packCases, type PackOptions } from '../../src/searches/pack-cases/index.js';
import { runSearch } from '../../src/searches/search.js';
import { edited, friday, number, set } from './edited.js';

const still = (): number => 0;
const found = (bundle: Bundle, options: PackOptions = {}) =>
  runSearch(
    packCases,
    bundle,
    { seconds: 0, ...options },
    {
      solve: () => {
        throw new Error('no programme is solved here');
      },
      now: still,
    },
  );

const CASE = 'casecam01';
const CRATE = 'casecabl1';
/** Friday with lines in cases. */
const packed = (...lines: readonly (readonly [line: string, to: string, at?: object])[]): Bundle =>
  edited(
    set(
      '/packed',
      Object.fromEntries(
        lines.map(([line, to, at], i) => [`packedno${i}`, { line, in: to, ...(at && { at }) }]),
      ),
    ),
  );
const roomOf = (bundle: Bundle, id: string) => assess(bundle).pack.rooms[id];
const packSnags = (bundle: Bundle) => assess(bundle).snags.filter(({ station }) => station === 'pack');
const withKind = (bundle: Bundle, id: string, patch: Partial<Kind>): Bundle => ({
  ...bundle,
  kinds: {
    ...bundle.kinds,
    kinds: { ...bundle.kinds.kinds, [id]: { ...(bundle.kinds.kinds[id] as Kind), ...patch } },
  },
});

describe('what is in a case', () => {
  it('weighs on it and takes its room', () => {
    const room = roomOf(packed(['camwide01', CASE]), CASE);
    const camera = friday.kinds.kinds[friday.plan.devices?.['camwide01']?.kind ?? ''];
    const { width = 0, depth = 0, height = 0 } = camera?.size ?? {};
    const hold = friday.kinds.kinds['casewheel']?.hold;
    const inner = (hold?.width ?? 0) * (hold?.depth ?? 0) * (hold?.height ?? 0);
    expect(number(room?.inner)).toBeCloseTo(1000 * inner, 9);
    expect(number(room?.fill)).toBeCloseTo((100 * width * depth * height) / inner, 9);
    expect(number(room?.loadLeft)).toBeCloseTo((hold?.load ?? 0) - (camera?.weight ?? 0), 9);
  });

  it('goes with a case in a case, and a case in itself is in nothing', () => {
    const nested = packed(['camwide01', CRATE], [CRATE, CASE]);
    const { travels, cases } = assess(nested).pack;
    expect(travels['camwide01']).toEqual([CRATE, CASE]);
    const camera = friday.kinds.kinds[friday.plan.devices?.['camwide01']?.kind ?? '']?.weight ?? 0;
    expect(number(cases[CASE]?.weight)).toBeCloseTo(9.5 + 2.3 + camera, 9);
    expect(assess(packed([CASE, CASE])).pack.travels[CASE]).toEqual([]);
    expect(assess(packed([CASE, CRATE], [CRATE, CASE])).pack.cases[CASE]?.weight.value).not.toBeNaN();
  });

  it('is too much where it has more room, or weighs more, than the case gives', () => {
    const heavy = withKind(packed(['camwide01', CASE]), 'casewheel', {
      hold: { ...(friday.kinds.kinds['casewheel']?.hold as never as Kind['hold'] & object), load: 0.5 },
    });
    expect(packSnags(heavy).map(({ rule }) => rule)).toContain('pack.case-full');
    expect(packSnags(packed(['camwide01', CASE])).map(({ rule }) => rule)).not.toContain('pack.case-full');
  });

  it('is told where it is larger than the case however turned, and is taken out again', () => {
    const bundle = packed(['stand camwide01', CRATE]);
    const snag = packSnags(bundle).find(({ rule }) => rule === 'pack.too-large');
    expect(snag?.title).toContain('larger than CABLE CRATE');
    // What nobody has measured is let pass: it may be smaller than is usual.
    const unmeasured = { ...bundle.kinds.kinds['tripodflu'] } as { packed?: unknown };
    delete unmeasured.packed;
    const guess = {
      ...bundle,
      kinds: { ...bundle.kinds, kinds: { ...bundle.kinds.kinds, tripodflu: unmeasured as Kind } },
    };
    expect(packSnags(guess).map(({ rule }) => rule)).not.toContain('pack.too-large');
  });

  it('must not lie beside what it harms', () => {
    const wet = withKind(packed(['camwide01', CASE], ['laptopwor', CASE]), 'laptopcom', {
      travel: { fluid: true },
    });
    expect(packSnags(wet).map(({ rule }) => rule)).toContain('pack.rides-apart');
    expect(packSnags(packed(['camwide01', CASE], ['laptopwor', CASE])).map(({ rule }) => rule)).not.toContain(
      'pack.rides-apart',
    );
  });
});

describe('packing the cases', () => {
  it('puts every line once, where it may go, and the edit says the same', async () => {
    const { answer, offers } = await found(friday);
    const lines = answer.cases.flatMap(({ things }) => things.map(({ line }) => line));
    expect(new Set(lines).size).toBe(lines.length);
    // A rack keeps what is mounted in it.
    expect(lines).not.toContain('switcher1');
    const crate = answer.cases.find(({ id }) => id === CRATE);
    const { lines: all } = assess(friday).pack;
    for (const { line } of crate?.things ?? []) expect(['Cables', 'Floor']).toContain(all[line]?.group);
    const after = applyFix(friday, offers[0] ?? { changes: [] });
    const { travels, rooms } = assess(after).pack;
    for (const { id, things, fill } of answer.cases) {
      for (const { line } of things) expect(travels[line]?.[0]).toBe(id);
      expect(number(rooms[id]?.fill)).toBeCloseTo(fill, 9);
    }
    expect(packSnags(after).map(({ rule }) => rule)).not.toContain('pack.case-full');
    // Nothing lies in anything else, in what is drawn of it.
    for (const room of Object.values(rooms)) {
      const { things, layers } = casePicture(room, after.plan.packed);
      expect(layers.flatMap(each => each.things).length).toBe(things.length);
      for (const [i, a] of things.entries())
        for (const b of things.slice(0, i))
          expect(
            [0, 1, 2].every(
              k => a.at[k]! < b.at[k]! + b.sides[k]! - 1e-6 && b.at[k]! < a.at[k]! + a.sides[k]! - 1e-6,
            ),
          ).toBe(false);
    }
  });

  it('says that all fits, or that it is proven not to, and what is left', async () => {
    const { answer } = await found(friday);
    expect(answer.verdict).toBe('proven not');
    expect(answer.left.map(({ line }) => line)).toContain('stand camwide01');
    const bag = edited(
      set('/devices/bagstand1', { order: 'zz', label: 'BAG', kind: 'bagstands' }),
      set('/devices/bagstand2', { order: 'zzz', label: 'BAG 2', kind: 'bagstands' }),
    );
    const more = await found(bag);
    expect(more.answer.left.map(({ line }) => line)).not.toContain('stand camwide01');
  });

  it('refuses what is no case, and packs nothing where there is none', async () => {
    await expect(found(friday, { cases: ['switcher1'] })).rejects.toThrow('/cases/0');
    const { answer, offers } = await found(friday, { cases: [] });
    expect([answer.cases, offers]).toEqual([[], []]);
  });
});

describe('where a thing is', () => {
  it('is its case, its layer and what lies on it', () => {
    const at = { x: 0, y: 0, turn: 'wdh' };
    const bundle = packed(['camwide01', CASE, { ...at, z: 0 }], ['camside01', CASE, { ...at, z: 0.2 }]);
    const { pack } = assess(bundle);
    const [first] = wherePacked('c1 wide', pack, bundle.plan).filter(({ line }) => line === 'camwide01');
    expect(first?.where).toBe('CAMERA CASE, layer 1 of 2, under 1 thing');
    expect(wherePacked('hook', pack, bundle.plan)[0]?.where).toBe('in no case');
    expect(wherePacked(' ', pack, bundle.plan)).toEqual([]);
    const corner = caseFromCorner(casePicture(pack.rooms[CASE]!, bundle.plan.packed));
    expect(corner.things.map(({ number: each }) => each)).toEqual([1, 2]);
  });

  it('names the car around a case, and a car by itself', () => {
    const { pack } = assess(friday);
    expect(wherePacked('hook', pack, friday.plan)[0]?.where).toMatch(
      /^CABLE CRATE, layer \d of \d.*, in CAR$/,
    );
    expect(wherePacked('aisle screen', pack, friday.plan).map(({ where }) => where)).toContain('CAR');
  });

  it('is changed by hand, and taken out again', () => {
    const plan = applyPatch(friday.plan, packedPatch(friday.plan.packed, 'camwide01', CASE));
    expect(assess({ ...friday, plan }).pack.lines['camwide01']?.inside).toBe('CAMERA CASE');
    const out = applyPatch(plan, packedPatch(plan.packed, 'camwide01', ''));
    expect(assess({ ...friday, plan: out }).pack.lines['camwide01']?.inside).toBeUndefined();
  });
});

describe('what belongs together', () => {
  it('is what is in a thing, and what somebody said, however long the chain', () => {
    const devices = {
      one: { order: '1', ridesWith: 'two' },
      two: { order: '2', ridesWith: 'three' },
      three: { order: '3' },
      inner: { order: '4', place: { inside: 'three' } },
      alone: { order: '5', ridesWith: 'gone' },
    };
    const all = ridesTogether(devices);
    expect(new Set(['one', 'two', 'three', 'inner'].map(id => all.get(id))).size).toBe(1);
    expect([all.get('alone'), ridesTogether(undefined).size]).toEqual([undefined, 0]);
    // In a ring as well.
    expect(ridesTogether({ ...devices, three: { order: '3', ridesWith: 'one' } }).get('one')).toBeDefined();
  });

  it('is packed into one case by the search', async () => {
    const asked = applyPatch(friday.plan, [
      set('/devices/camwide01/ridesWith', 'camside01'),
      set('/devices/camside01/ridesWith', 'camnorth1'),
      set('/packed', {}),
    ]);
    const { answer } = await found({ ...friday, plan: asked });
    const cases = ['camwide01', 'camside01', 'camnorth1'].map(
      line => answer.cases.find(({ things }) => things.some(each => each.line === line))?.id,
    );
    expect(new Set(cases).size).toBe(1);
  });
});

describe('two hundred cases', () => {
  const devices = Object.fromEntries(
    Array.from({ length: 200 }, (_, i) => {
      const id = `manycase${String(i).padStart(3, '0')}`;
      return [id, { order: `m${id}`, label: id, kind: 'casewheel' }];
    }),
  );
  const many = edited(set('/devices', { ...friday.plan.devices, ...devices }), set('/packed', {}));

  it('are each weighed, and say that nobody lifts them all without a rest', () => {
    const { cases, carried } = assess(many).pack;
    expect(Object.keys(cases)).toHaveLength(200 + 3);
    expect(cases.manycase000?.lifts.boot.index.why).toContain('rest, or take more hands');
    expect(number(carried.pieces)).toBeGreaterThan(200);
  });

  it('take everything but what is larger than any of them, which is proven', async () => {
    const { answer } = await found(many, { cases: Object.keys(devices) });
    expect(answer.verdict).toBe('proven not');
    expect(answer.left).toHaveLength(6);
    for (const { why } of answer.left) expect(why).toContain('too large');
  });
});
