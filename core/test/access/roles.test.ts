/** The table of roles: what it grants at its limits, and that edits are measured by it. */
import { describe, expect, it } from 'vitest';
import {
  forbiddenChange,
  may,
  mayFurtherIn,
  PATHED,
  pathsToldApart,
  RESOURCES,
  ROLES,
  type Place,
} from '../../src/access/index.js';
import { fridayBundle } from '../../src/demo/index.js';
import { applyPatch, type Json, type Operation } from '../../src/foundations/index.js';

const { plan } = fridayBundle();
const at = (path: string): Place => ({ document: 'plan', path });

describe('who may do what', () => {
  it('grants an owner everything', () => {
    const places = PATHED.flatMap(document => pathsToldApart(document).map(path => ({ document, path })));
    for (const thing of [...RESOURCES, ...places]) {
      if (thing === 'live') continue;
      expect([may('owner', 'read', thing), may('owner', 'change', thing)]).toEqual([true, true]);
    }
  });

  it('grants nobody a change of what they do not see, and each role no more than the one above', () => {
    const places = PATHED.flatMap(document => pathsToldApart(document).map(path => ({ document, path })));
    for (const thing of [...RESOURCES, ...places]) {
      ROLES.forEach((role, i) => {
        const above = ROLES[i - 1] ?? role;
        // Readings are added to without a look at the shelf, and a guest keeps nothing.
        if (thing !== 'readings' && may(role, 'change', thing)) expect(may(role, 'read', thing)).toBe(true);
        for (const action of ['read', 'change'] as const) {
          if (may(role, action, thing)) expect(may(above, action, thing), `${above} ${action}`).toBe(true);
        }
      });
    }
  });

  it.each([
    ['/ticks/tickofahand1/by', true],
    ['/ticks', false],
    ['/links/linkofahand1/proof/works', true],
    ['/links/linkofahand1/from', false],
    ['/links/linkofahand1', false],
    ['/label', false],
    ['', false],
  ])('lets a hand change %j of a plan: %s', (path, allowed) => {
    expect(may('hand', 'change', at(path))).toBe(allowed);
    expect(may('planner', 'change', at(path))).toBe(true);
    expect(may('guest', 'change', at(path))).toBe(false);
  });

  it('knows whether anything further in may be changed', () => {
    expect(mayFurtherIn('hand', at(''))).toBe(true);
    expect(mayFurtherIn('hand', at('/links/linkofahand1'))).toBe(true);
    expect(mayFurtherIn('hand', at('/links/linkofahand1/proof'))).toBe(false);
    expect(mayFurtherIn('guest', at(''))).toBe(false);
  });
});

describe('an edit by the table', () => {
  const [link = ''] = Object.keys(plan.links ?? {});
  const tick = { check: 'before.power', by: 'Hand', at: plan.start };
  const put = (op: 'add' | 'replace', path: string, value: unknown): Operation => ({
    op,
    path,
    value: value as Json,
  });
  const after = (...patch: Operation[]): unknown => applyPatch(plan, patch);
  const fresh = { ...plan };
  delete fresh.ticks;

  it.each([
    ['a tick', after(put('add', '/ticks', { tickofahand1: tick })), undefined],
    ['an empty map of ticks', after(put('add', '/ticks', {})), undefined],
    ['a proof of a lead', after(put('add', `/links/${link}/measured`, 12)), undefined],
    ['the name of the event', after(put('replace', '/label', 'Otherwise')), '/label'],
    ['a lead taken out', after({ op: 'remove', path: `/links/${link}` }), `/links/${link}/from/`],
    ['a tick and a name', after(put('add', '/ticks', {}), put('replace', '/zone', 'UTC')), '/zone'],
    ['the whole made a text', 'nothing', ''],
  ])('by a hand: %s', (_, body, path) => {
    const forbidden = forbiddenChange('hand', 'plan', fresh, body);
    if (path === undefined || path === '') expect(forbidden).toBe(path);
    else expect(`${forbidden}/`).toContain(path);
    expect(forbiddenChange('owner', 'plan', fresh, body)).toBeUndefined();
  });

  it('of a record that a planner takes out, with what they do not see of it', () => {
    const kinds = { version: 1, kinds: { kindwithcost: { label: 'Lamp', family: 'lamp', price: 3 } } };
    expect(forbiddenChange('planner', 'kinds', kinds, { version: 1, kinds: {} })).toBeUndefined();
    const cheap = applyPatch(kinds, [put('replace', '/kinds/kindwithcost/price', 2)]);
    expect(forbiddenChange('planner', 'kinds', kinds, cheap)).toBe('/kinds/kindwithcost/price');
    expect(forbiddenChange('planner', 'kinds', kinds, kinds)).toBeUndefined();
  });
});
