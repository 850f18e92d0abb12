import { describe, expect, it } from 'vitest';
import { fridayBundle } from '../../src/demo/index.js';
import type { Plan } from '../../src/documents/index.js';
import { editPlan, fix, inPlan } from '../../src/edits.js';
import { applyPatch, PatchError } from '../../src/foundations/index.js';

const { plan } = fridayBundle();
const { links: _links, rules: _rules, ...others } = plan;
const bare: Plan = others;
const LEAD = {
  from: { device: 'camwide01', port: 'hdmiout01' },
  to: { device: 'switcher1', port: 'hdmiin01' },
};

describe('an edit', () => {
  it('puts and takes out what its keys lead to, in order', () => {
    const { patch } = editPlan(plan)
      .put('devices', 'camwide01', 'place', 'at', [1, 2])
      .drop('links', 'linkwide1')
      .put('label', 'Another');
    expect(patch).toEqual([
      { op: 'add', path: '/devices/camwide01/place/at', value: [1, 2] },
      { op: 'remove', path: '/links/linkwide1' },
      { op: 'add', path: '/label', value: 'Another' },
    ]);
    const after = applyPatch(plan, patch);
    expect(after.devices?.camwide01?.place?.at).toEqual([1, 2]);
    expect(after.links).not.toHaveProperty('linkwide1');
  });

  it('opens a map that is not there, once, and options within a record', () => {
    const edit = editPlan(bare).put('links', 'leadone01', LEAD).put('links', 'leadtwo01', LEAD);
    expect(edit.patch.map(({ path }) => path)).toEqual(['/links', '/links/leadone01', '/links/leadtwo01']);
    expect(Object.keys(applyPatch(bare, edit.patch).links ?? {})).toEqual(['leadone01', 'leadtwo01']);
    const bus = editPlan(plan).put('devices', 'switcher1', 'buses', 'hdmiout01', { bus: 'clean' });
    expect(applyPatch(plan, bus.patch).devices?.switcher1?.buses).toEqual({ hdmiout01: { bus: 'clean' } });
    expect(applyPatch(bare, editPlan(bare).put('rules', 'keptSpare', 20).patch).rules).toEqual({
      keptSpare: 20,
    });
  });

  it('does not make a record anew that is gone, nor in parts that it does not know', () => {
    const gone = editPlan(plan).put('devices', 'nosuchdev', 'place', 'at', [1, 2]);
    expect(gone.patch).toHaveLength(1);
    expect(() => applyPatch(plan, gone.patch)).toThrow(PatchError);
    expect(inPlan().put('links', 'leadone01', LEAD).patch).toHaveLength(1);
    expect(inPlan({ links: undefined }).put('links', 'leadone01', LEAD).patch).toHaveLength(2);
  });

  it('sets to nothing by taking out, goes through lists, and takes in another edit', () => {
    const { patch } = inPlan()
      .set('devices', 'camwide01', 'lens', undefined)
      .set('devices', 'camwide01', 'lens', 'lenstele1')
      .each(['shotone01', 'shottwo01'], (edit, shot) => edit.drop('shots', shot))
      .and(inPlan().drop('outputs', 'outstream1'));
    expect(patch).toEqual([
      { op: 'remove', path: '/devices/camwide01/lens' },
      { op: 'add', path: '/devices/camwide01/lens', value: 'lenstele1' },
      { op: 'remove', path: '/shots/shotone01' },
      { op: 'remove', path: '/shots/shottwo01' },
      { op: 'remove', path: '/outputs/outstream1' },
    ]);
  });

  it('writes keys so that they are read back as they were', () => {
    expect(inPlan().drop('links', 'a/b~c').patch).toEqual([{ op: 'remove', path: '/links/a~1b~0c' }]);
  });

  it('makes a fix of plain data, which a worker can hand over', () => {
    const made = fix('Do without it', inPlan().drop('outputs', 'outstream1'), 'leave');
    expect(structuredClone(made)).toEqual({
      label: 'Do without it',
      way: 'leave',
      changes: [{ document: 'plan', patch: [{ op: 'remove', path: '/outputs/outstream1' }] }],
    });
  });
});
