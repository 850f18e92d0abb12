/** What came of gear, and what to look at before it is bought used. */
import { describe, expect, it } from 'vitest';
import { triedChanges, usedChecks, verdictPatch, verdictsOf, verdictWords } from '../src/after-use/index.js';
import { assess } from '../src/assess.js';
import { fridayBundle } from '../src/demo/index.js';
import { applyPatch } from '../src/foundations/index.js';
import { libraryKinds } from '../src/library/index.js';
import { SHEETS } from '../src/sheets/all.js';
import { paidFor } from './paid-for.js';

const { venue, ...friday } = fridayBundle();
const kind = (id: string) => libraryKinds[id] ?? { label: id, family: 'tool' };

describe('what came of a kind', () => {
  it('is counted by what it was', () => {
    let { kinds } = friday;
    const note = (id: string, verdict: 'worked' | 'broke', on = '2026-10-03') =>
      (kinds = applyPatch(kinds, verdictPatch(kinds, 'camoneinc', id, { on, verdict })));
    expect(verdictWords({})).toBe('');
    note('verdictone', 'broke');
    note('verdicttwo', 'worked');
    note('verdictthr', 'worked', '2026-11-03');
    expect(verdictWords(kinds.kinds.camoneinc ?? {})).toBe('worked at 2 events, broke at 1 event');
    expect(verdictsOf(kinds.kinds.camoneinc ?? {})[0]?.[0]).toBe('verdictthr');
  });
});

describe('what worked at a venue', () => {
  it('is noted there, and shown of every thing of the kind', () => {
    let tried = venue;
    for (const [id, works] of [
      ['triedone01', false],
      ['triedtwo01', true],
    ] as const) {
      const note = { kind: 'laptopcom', on: '2026-10-03', works };
      const [survey, pin] = triedChanges(tried, friday.plan, id, note);
      expect([survey.document, pin.document]).toEqual(['venue', 'plan']);
      tried = applyPatch(tried, survey.patch);
      expect(applyPatch(friday.plan, pin.patch).venue.revision).toBe(friday.plan.venue.revision + 1);
    }
    const { pack, snags } = assess({ ...friday, venue: tried });
    expect(pack.workedHere.laptopwor).toMatchObject({ value: 'worked' });
    expect(pack.workedHere.camwide01).toBeUndefined();
    expect(snags.filter(({ rule }) => rule === 'pack.tried-here')).toEqual([]);
  });
});

describe('before a thing is bought used', () => {
  const words = (id: string): string => usedChecks(kind(id)).join(' ');

  it('its outputs, connectors, hours, battery, leads and seller are looked at, as far as it has them', () => {
    expect(words('camoneinc')).toMatch(/without menus.*connector.*hours.*return.*record/s);
    expect(words('battpla15')).toMatch(/cycles.*return/s);
    expect(words('hdmidta2m')).toMatch(/Both ends/);
    expect(words('hdmidta2m')).not.toMatch(/hours|battery/);
    expect(words('tripodflu')).toMatch(/Locks/);
    expect(usedChecks({ label: 'Tape', family: 'tape' })).toHaveLength(2);
  });

  it('and the shopping list says so of what is to be bought used, and of nothing else', () => {
    const bundle = paidFor({ ...friday, venue });
    const notesFor = (way: 'buy used' | 'buy new') => {
      const money = { ...bundle.plan.money, needs: { needone01: { line: 'switcher1', way } } };
      const own = { ...bundle, plan: { ...bundle.plan, money } };
      return SHEETS.shopping(own, assess(own)).notes;
    };
    expect(notesFor('buy new')).toHaveLength(1);
    expect(notesFor('buy used').some(each => /Every picture output/.test(each))).toBe(true);
  });
});
