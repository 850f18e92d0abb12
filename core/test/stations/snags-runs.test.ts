/** Rules of Runs: cables that were accepted and are gone or too short, aisles, hum, and what is left over. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { changed, found, friday, holds, set, type Row } from './snag-tables.js';

const accepted = (link: string, ...items: string[]) => set(`/links/${link}/cables`, items);

const TABLE: readonly Row[] = [
  [
    'runs.cut-short',
    'stop',
    ['plan', accepted('linkline1', 'itemn1001', 'itemn1002')],
    ['plan', accepted('linkline1', 'itemn1001', 'itemn1002', 'itemn0201', 'itemn0202', 'itemn0203')],
  ],
  [
    'runs.cable-lost',
    'risk',
    ['plan', accepted('linkline1', 'itembat01')],
    ['plan', accepted('linkline1', 'itemn3002')],
  ],
];

holds(TABLE);

describe('a cable that was accepted', () => {
  const base = changed(['plan', accepted('linkline1', 'itemn3002')]);

  it('and went bad is told, and another one is taken at once', () => {
    expect(assess(base).runs.runs.linkline1?.cutBy).toBe('accepted');
    const { shelf } = changed(['shelf', set('/items/itemn3002/state', 'in repair')]);
    const bad = { ...base, shelf };
    expect(found(bad, 'runs.cable-lost')[0]?.title).toContain('N30 02 is not ready any more');
    expect(assess(bad).runs.runs.linkline1?.items).toEqual(['itemn3001']);
  });

  it('is kept, and told, where another event wants it too', () => {
    const claim = {
      item: 'itemn3002',
      event: 'Other',
      from: '2026-12-04T10:00:00Z',
      to: '2026-12-04T22:00:00Z',
    };
    const both = { ...base, claims: { claims: { claimother: claim } } };
    expect(assess(both).runs.runs.linkline1?.items).toEqual(['itemn3002']);
    expect(found(both, 'runs.cable-claimed')[0]?.title).toContain('“Other”');
    const told = (more: object, own?: object) =>
      found(
        {
          ...both,
          claims: {
            claims: { claimother: { ...claim, ...more } },
            ...(own && { own }),
          } as typeof both.claims,
        },
        'runs.cable-claimed',
      ).map(({ severity }) => severity);
    expect([told({}), told({ booked: true })]).toEqual([['risk'], ['stop']]);
    expect(told({}, { from: claim.from, to: claim.to, items: { itemn3002: {} } })).toEqual([]);
    // The quick rule leaves to the other what nobody has accepted here.
    const quick = { ...friday, claims: { claims: { claimother: { ...claim, item: 'itemn3001' } } } };
    expect(assess(quick).runs.runs.linkline1?.items).toEqual(['itemn3002']);
  });
});

describe('what is left over', () => {
  it('is noted beyond ten metres', () => {
    const labels = found(friday, 'runs.much-left').map(({ subjects: [id = ''] }) => id);
    for (const [id, { excess }] of Object.entries(assess(friday).runs.runs)) {
      expect(labels.includes(id)).toBe(Number(excess.value) > 10);
    }
  });
});

/** The screen and the desk on both sides of the centre aisle, so that a lead must go over it. */
const across = (...more: ReturnType<typeof set>[]) =>
  changed([
    'plan',
    set('/devices/screennor/place/at', [10, 5.5]),
    set('/devices/deskrack1/place/at', [10, 9.5]),
    ...more,
  ]);

describe('an aisle that leads cross', () => {
  it('is passed under a ramp, and is too tight where a stand is in the way', () => {
    const { runs, passages } = assess(across()).runs;
    expect(runs.linkscree?.crossings.map(({ id }) => id)).toEqual(['aislecent']);
    expect(passages.aislecent?.left.value).toBeCloseTo(1.6, 9);
    expect(found(across(), 'runs.aisle-tight')).toEqual([]);
    const stood = across(set('/devices/camside01/place/at', [12, 7.7]));
    expect(assess(stood).runs.passages.aislecent?.left.value).toBeCloseTo(0.6, 9);
    expect(found(stood, 'runs.aisle-tight')).toHaveLength(1);
  });

  it('wants ramps, of which too few are a stop', () => {
    const few = { ...across(), shelf: changed(['shelf', set('/items/itemramp1/count', 1)]).shelf };
    expect(found(few, 'pack.stock-short').map(({ severity }) => severity)).toEqual(['stop']);
    expect(found(across(), 'pack.stock-short')).toEqual([]);
  });
});

describe('a lead among seats', () => {
  const leads = (bundle: Bundle) => found(bundle, 'runs.among-seats').map(({ subjects: [id = ''] }) => id);

  it('is noted where more than a metre of it lies on their floor', () => {
    expect(leads(friday)).toEqual([]);
    const { amongSeats } = assess(across()).runs;
    for (const [id, { metres }] of Object.entries(amongSeats)) {
      expect(leads(across()).includes(id)).toBe(Number(metres.value) > 1);
    }
    // From the north wall through the pews, three metres deep, to a desk among the pews on the other side.
    expect(amongSeats.linknort1?.blocks).toEqual(['pewsnorth']);
    expect(Number(amongSeats.linknort1?.metres.value)).toBeCloseTo(3, 1);
  });

  it('is led round them by a fix, where there is a way', () => {
    const bundle = across();
    const [snag] = found(bundle, 'runs.among-seats');
    if (!snag) throw new Error('no snag');
    const [first] = fixesFor(snag.id, bundle);
    expect(first?.label).toBe('Lead it not over centre aisle, 6.95 m more');
    if (!first) return;
    expect(found(applyFix(bundle, first), 'runs.among-seats')).toEqual([]);
  });
});

describe('sound beside mains', () => {
  it('may hum where it lies along it', () => {
    expect(found(friday, 'runs.hum-near')).toEqual([]);
    // The sound desk by the vestry, where the mains of C3 begins: its lead follows the same wall.
    const beside = changed([
      'plan',
      set('/devices/audiodes1/place/at', [19.5, 13.6]),
      set('/devices/camside01/place/at', [6, 14.9]),
    ]);
    const { runs, beside: lies } = assess(beside).runs;
    expect(Number(lies.linksound?.mains.value)).toBeGreaterThan(5);
    expect(Number(lies.linksound?.mains.value)).toBeLessThanOrEqual(Number(runs.linksound?.onFloor.value));
    expect(found(beside, 'runs.hum-near')).toHaveLength(1);
  });
});

describe('leads that lie together', () => {
  it('are a loom; three long picture leads would be worth a trunk', () => {
    const { looms, runs, taped, totalOnFloor } = assess(friday).runs;
    const [loom] = Object.values(looms).filter(({ members }) => members.includes('linknort1'));
    expect(loom?.members).toEqual(['linknort1', 'linkscree']);
    expect(Number(loom?.together.value)).toBeLessThanOrEqual(Number(runs.linknort1?.onFloor.value));
    expect(loom?.trunk.value).toBe(0);
    expect(Number(taped.value)).toBeLessThan(Number(totalOnFloor.value));
    const third = changed(['plan', set('/devices/camside01/place/at', [11, 1.5])]);
    const [trunk] = Object.values(assess(third).runs.looms).filter(({ members }) => members.length >= 3);
    expect(trunk?.members).toEqual(expect.arrayContaining(['linknort1', 'linkscree', 'linkside1']));
    expect(Number(trunk?.trunk.value)).toBeCloseTo(2 * Number(trunk?.together.value), 6);
  });
});
