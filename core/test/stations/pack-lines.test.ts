/** Lines of the checklist beside the plan: added, used up, spare; the list in groups, why, and since it was printed. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, Item, Kind } from '../../src/documents/index.js';
import { applyFix } from '../../src/fixes.js';
import {
  changedSince,
  extraPatch,
  groupedLines,
  GROUPINGS,
  kitPatch,
  kitsToTake,
  printedOf,
  printedPatch,
  whyListed,
  type Grouping,
} from '../../src/pack-list/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { SHEETS } from '../../src/sheets/all.js';
import { fewestSpares } from '../../src/stations/pack/extra-lines.js';
import { EVENTS } from '../events.js';
import { friday } from './edited.js';

const linesOf = (bundle: Bundle) => assess(bundle).pack.lines;
const withKind = (id: string, more: Partial<Kind>, rules: Partial<Bundle['rules']> = {}): Bundle => ({
  ...friday,
  kinds: {
    ...friday.kinds,
    kinds: { ...friday.kinds.kinds, [id]: { ...friday.kinds.kinds[id], ...more } as Kind },
  },
  rules: { ...friday.rules, ...rules },
});

describe('spares by chance', () => {
  it('are as few as leave no more than the accepted chance', () => {
    // Of 10 with 5 % each: P(X > 0) = 40.1 %, P(X > 1) = 8.6 %, P(X > 2) = 1.15 %, P(X > 3) = 0.10 %.
    expect([0.45, 0.4, 0.087, 0.086, 0.0116, 0.0115, 0.0011].map(p => fewestSpares(10, 0.05, p))).toEqual([
      ...[0, 1, 1, 2, 2, 3, 3],
    ]);
    expect(fewestSpares(3, 1, 0.01)).toBe(3);
    expect(fewestSpares(5, 0, 0.001)).toBe(0);
  });

  it('never are more than there are things, nor fewer where less is accepted', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 1e-4, max: 0.5, noNaN: true }),
        (count, fails, accepted) => {
          const spares = fewestSpares(count, fails, accepted);
          expect(spares).toBeLessThanOrEqual(count);
          expect(fewestSpares(count, fails, accepted / 2)).toBeGreaterThanOrEqual(spares);
        },
      ),
    );
  });

  it('go along with things of the shelf as far as there are some, and count as missing beyond', () => {
    const { camoneinc } = friday.kinds.kinds;
    expect(camoneinc).toBeDefined();
    const bundle = withKind('recordhdm', { fails: 20 }, { spareRisk: 1 });
    const { lines, spares, missing } = assess(bundle).pack;
    expect(spares.recordhdm?.value).toBe(1);
    expect(lines['spare recordhdm 1']).toMatchObject({ purpose: 'spare', count: 1, group: 'Desk' });
    expect(missing.value).toBe(assess(friday).pack.missing.value);
    const none = withKind('switchcom', { fails: 20 }, { spareRisk: 1 });
    const others = {
      ...none,
      shelf: {
        items: Object.fromEntries(
          Object.entries(none.shelf.items).filter(
            ([id, { kind }]) => kind !== 'switchcom' || id === none.plan.devices?.switcher1?.item,
          ),
        ),
      },
    };
    expect(linesOf(others)['spare switchcom']).toMatchObject({ item: undefined, count: 1 });
  });

  it('are of each lead as many as the house says', () => {
    const { spares } = assess({ ...friday, rules: { ...friday.rules, spareLeads: 1 } }).pack;
    const leads = new Set(
      Object.values(linesOf(friday)).flatMap(({ group, kind }) => (group === 'Cables' ? (kind ?? []) : [])),
    );
    expect(new Set(Object.keys(spares))).toEqual(leads);
    expect(Object.values(spares).every(({ value }) => value === 1)).toBe(true);
  });
});

describe('what is used up', () => {
  it('is as many as run out between the checks and the end', () => {
    const { phases } = assess(friday).brief;
    const minutes = (['check', 'rehearse', 'wait', 'live'] as const).reduce(
      (sum, phase) => sum + Number(phases[phase].value),
      0,
    );
    const bundle = withKind('switchcom', { usesUp: { kind: 'tapecloth', count: 2, hours: 1 } });
    const { usedUp, lines } = assess(bundle).pack;
    expect(usedUp.tapecloth?.value).toBe(2 * Math.ceil(minutes / 60));
    expect(lines['uses tapecloth']).toMatchObject({ count: usedUp.tapecloth?.value, group: 'Power' });
  });
});

const added = applyFix(friday, {
  changes: [
    {
      document: 'plan',
      patch: extraPatch(friday.plan, 'extrakett1', {
        ...{ label: 'Kettle', reason: 'the ringers ask for tea', count: 1, group: 'Desk' },
      }),
    },
  ],
});

describe('the list', () => {
  it('has what people add, with their reason', () => {
    expect(linesOf(added)['extra extrakett1']).toMatchObject({
      ...{ label: 'Kettle', purpose: 'the ringers ask for tea', group: 'Desk', item: undefined },
    });
  });

  it.each(Object.keys(GROUPINGS) as Grouping[])('has every line once, grouped by %s', by => {
    for (const [, bundle] of EVENTS) {
      const assessment = assess(bundle);
      const listed = groupedLines(bundle, assessment, by).flatMap(({ lines }) => lines.map(([id]) => id));
      expect(listed.toSorted()).toEqual(Object.keys(assessment.pack.lines).toSorted());
    }
  });

  it('says where things are kept and used, who works them, and what is wanted first', () => {
    const assessment = assess(friday);
    const headings = (by: Grouping) => groupedLines(friday, assessment, by).map(({ heading }) => heading);
    expect(headings('kept')[0]).toMatch(/Vestry/);
    expect(headings('spot')).toContain('DESK RACK');
    expect(headings('person')).toContain('Petra Lund');
    expect(headings('wanted')[0]).toBe('Floor');
    expect(headings('case')).toContain('CAMERA CASE');
  });

  it('says of every line why it is there, with the figure that asks for it where there is one', () => {
    for (const [, bundle] of [...EVENTS, ['added', added] as const]) {
      const assessment = assess(bundle);
      for (const [id, line] of Object.entries(assessment.pack.lines)) {
        const { words, figure } = whyListed(bundle, assessment, id, line);
        expect(words, id).toMatch(/^\p{Lu}.*\.$/u);
        expect(words).not.toMatch(/undefined/);
        if (line.group === 'Floor') expect(figure?.value).toBe(line.count);
      }
    }
  });

  it('knows what is new, other and gone since it was printed', () => {
    const lines = linesOf(friday);
    const printed = { printedList: printedOf(lines, friday.plan.start) };
    expect(changedSince(lines, {})).toBeUndefined();
    expect(changedSince(lines, printed)?.changes).toEqual([]);
    expect(changedSince(linesOf(added), printed)?.changes).toMatchObject([
      { before: 0, now: 1, line: 'extra extrakett1' },
    ]);
    const { extrakett1: _gone, ...left } = added.plan.extras ?? {};
    const back = { printedList: printedOf(linesOf(added), friday.plan.start) };
    expect(
      changedSince(linesOf({ ...added, plan: { ...added.plan, extras: left } }), back)?.changes,
    ).toMatchObject([{ before: 1, now: 0, words: 'Kettle (the ringers ask for tea)' }]);
    const two = { ...added.plan.extras?.extrakett1, count: 2 } as never;
    const more = { ...added, plan: { ...added.plan, extras: { extrakett1: two } } };
    expect(changedSince(linesOf(more), back)?.changes).toMatchObject([{ before: 1, now: 2 }]);
    const kept = applyFix(added, {
      changes: [{ document: 'plan', patch: printedPatch(added.plan, back.printedList) }],
    });
    expect(kept.plan.printedList?.lines).toHaveLength(Object.keys(linesOf(added)).length);
  });

  it('goes out by where it is kept, in by what is wanted first, and back by its case without what is used up', () => {
    const assessment = assess(added);
    const rows = (name: 'pack-out' | 'load-in' | 'pack-back') =>
      SHEETS[name](added, assessment).sections.flatMap(section => section.rows).length;
    const all = Object.keys(assessment.pack.lines).length;
    expect([rows('pack-out'), rows('load-in'), rows('pack-back')]).toEqual([all, all, all - 1]);
  });

  it('says what is picked up from whom, and what is bought', () => {
    const { items } = friday.shelf;
    const camera = friday.plan.devices?.camwide01?.item ?? '';
    const bundle = {
      ...friday,
      shelf: { items: { ...items, [camera]: { ...items[camera], state: 'in repair' } } } as Bundle['shelf'],
    };
    const hired = {
      ...bundle,
      plan: {
        ...bundle.plan,
        money: { needs: { needone01: { line: 'camwide01', way: 'hire', from: 'A hire firm', days: 2 } } },
      } as Bundle['plan'],
    };
    const sections = (name: 'hire-pick-up' | 'shopping', of: Bundle) => SHEETS[name](of, assess(of)).sections;
    expect(sections('shopping', bundle)).toMatchObject([
      { heading: 'Nobody said from whom', rows: [{ length: 7 }] },
    ]);
    expect(sections('hire-pick-up', hired)[0]?.heading).toBe('A hire firm');
    expect(sections('hire-pick-up', hired)[0]?.rows[0]?.slice(-2)).toEqual(['£55.00', '£110.00']);
    expect(sections('shopping', hired)).toEqual([]);
  });
});

describe('a kit', () => {
  const items: Bundle['shelf']['items'] = {
    ...friday.shelf.items,
    itemkitone: { tape: 'KIT 1', kind: 'camcorsdi', state: 'ready', kit: 'Hall kit' },
    itemkittwo: { tape: 'KIT 2', kind: 'recordply', state: 'ready', count: 3, kit: 'Hall kit' },
    itemkitthr: { tape: 'KIT 3', kind: 'camoneinc', state: 'in repair', kit: 'Hall kit' },
    itemcam01: { ...(friday.shelf.items.itemcam01 as Item), kit: 'Hall kit' },
  };
  const bundle = { ...friday, shelf: { items } };

  it('is taken along as a whole: what is ready and not on the list yet, once', () => {
    // CAM 01 is on the list, KIT 3 is being mended.
    expect(kitsToTake(bundle.shelf, linesOf(bundle))).toContainEqual(['Hall kit', 2]);
    const taken = { ...bundle, plan: applyPatch(bundle.plan, kitPatch(bundle, linesOf(bundle), 'Hall kit')) };
    const lines = Object.values(linesOf(taken)).filter(({ tape }) => tape?.startsWith('KIT'));
    expect(lines.map(({ tape, count, group, purpose }) => [tape, count, group, purpose])).toEqual([
      ['KIT 1', 1, 'Cameras', 'of the kit “Hall kit”'],
      ['KIT 2', 3, 'Desk', 'of the kit “Hall kit”'],
    ]);
    expect(kitsToTake(taken.shelf, linesOf(taken))).toContainEqual(['Hall kit', 0]);
    expect(kitPatch(taken, linesOf(taken), 'Hall kit')).toEqual([]);
  });
});
