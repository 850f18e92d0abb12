/** What each role sees of an event, and that it is told nothing false by what it does not see. */
import { describe, expect, it } from 'vitest';
import {
  bundleSeenBy,
  hiddenFrom,
  patchKeepingHidden,
  patchWithoutHidden,
  seenBy,
  seesEvent,
  servingAt,
  withoutHidden,
  type Role,
} from '../../src/access/index.js';
import { assess } from '../../src/assess.js';
import { fridayBundle } from '../../src/demo/index.js';
import { applyPatch, sameJson, type Json, type Operation } from '../../src/foundations/index.js';
import { BUNDLES } from '../bundles.js';
import { paidFor } from '../paid-for.js';

const friday = paidFor(fridayBundle());
const [served] = [...servingAt(friday.plan)];
const OTHERS = ['planner', 'hand', 'guest'] as const;

describe.each(BUNDLES)('%s', (_, bundle) => {
  const known = new Set(assess(bundle).snags.map(({ id }) => id));
  it.each(OTHERS)('tells a %s no snag that is none', role => {
    const seen = assess(bundleSeenBy({ role }, bundle));
    expect(seen.snags.map(({ id }) => id).filter(id => !known.has(id))).toEqual([]);
  });
});

describe('a bundle as it is seen', () => {
  /** All keys and texts of a value, for what must not be among them. */
  const textOf = (value: unknown): string => JSON.stringify(value);

  it('is the same one for an owner', () => {
    expect(bundleSeenBy({ role: 'owner' }, friday)).toBe(friday);
  });

  it.each(OTHERS)('has no money for a %s', role => {
    const whole = textOf(friday);
    const seen = textOf(bundleSeenBy({ role }, friday));
    for (const key of ['amount', 'price', 'prices', 'bought', 'insured', 'quote']) {
      expect(seen.includes(`"${key}":`), key).toBe(false);
    }
    expect(whole.includes('"amount":') && whole.includes('"price":')).toBe(true);
  });

  it('has for a hand the people who serve with them and themselves, and no owner of a thing', () => {
    const extra = { ...friday.hands.people, outsider001: { name: 'Odo Outsider', skills: [] } };
    const seen = bundleSeenBy(
      { role: 'hand', person: 'outsider001' },
      { ...friday, hands: { people: extra } },
    );
    expect(Object.keys(seen.hands.people).sort()).toEqual([...servingAt(friday.plan), 'outsider001'].sort());
    for (const { owner, lent } of Object.values(seen.shelf.items)) {
      expect([owner?.who ?? 'somebody', lent?.to ?? 'somebody']).toEqual(['somebody', 'somebody']);
    }
  });

  it('says how those who serve are reached to whoever leads, and to nobody else', () => {
    const lead = 'odilemarsh';
    const reachedIn = (bundle: typeof friday, role: Role, person?: string): string[] =>
      Object.entries(
        bundleSeenBy({ role, ...(person !== undefined && { person }) }, bundle).hands.people,
      ).flatMap(([id, { phone, mail, note }]) => ((phone ?? mail ?? note) === undefined ? [] : [id]));
    const everybody = reachedIn(friday, 'owner');
    const serving = everybody.filter(id => servingAt(friday.plan).has(id));
    expect(serving.length).toBeLessThan(everybody.length);
    for (const role of ['planner', 'hand'] as const) {
      expect(reachedIn(friday, role, lead).sort()).toEqual(serving.sort());
      expect(reachedIn(friday, role, 'petralund1')).toEqual([]);
      expect(reachedIn(friday, role)).toEqual([]);
    }
    // A guest is nobody of the house, whatever the link says.
    expect(reachedIn(friday, 'guest', lead)).toEqual([]);
    const { assignlead: _, ...others } = friday.plan.assignments ?? {};
    const led = { ...friday, plan: { ...friday.plan, assignments: others } };
    expect(reachedIn(led, 'hand', lead)).toEqual([]);
  });

  it('has nobody’s name for a guest, and names no other event', () => {
    const ticked = applyPatch(friday.plan, [
      {
        op: 'add',
        path: '/ticks',
        value: { tickofahand1: { check: 'x', by: 'Ilse Signed', at: friday.plan.start } },
      },
    ]);
    const claims = {
      claims: {
        claimnumber1: {
          item: 'itemofother1',
          event: 'Wedding',
          from: friday.plan.start,
          to: friday.plan.start,
        },
      },
    };
    const text = textOf(bundleSeenBy({ role: 'guest' }, { ...friday, plan: ticked, claims }));
    const names = Object.values(friday.hands.people).map(({ name }) => name);
    expect([...names, 'Ilse Signed', 'Wedding'].filter(name => text.includes(name))).toEqual([]);
  });

  it('hides from a guest what an event notes of its venue, as it does what the venue notes', () => {
    const note = { order: '005h', at: [1, 1], text: 'Key under the mat' };
    const plan = {
      ...friday.plan,
      venueChanges: {
        changeofnote1: { path: '/notes/noteofevent1', value: note },
        changeofnotes: { path: '/notes', value: { noteofevent2: note } },
        changeoftest1: { path: '/outdoors', value: true },
        changeofgone1: { path: '/generator' },
      },
    };
    const changesFor = (role: Role) => seenBy(role, 'plan', plan).venueChanges;
    expect(changesFor('guest')).toEqual({
      changeofnotes: { path: '/notes', value: {} },
      changeoftest1: { path: '/outdoors', value: true },
      changeofgone1: { path: '/generator' },
    });
    expect(changesFor('hand')).toEqual(plan.venueChanges);
  });

  it('is there for those who serve at it, and for the guest of that event', () => {
    const sees = (role: Role, more: object = {}): boolean =>
      seesEvent({ role, ...more }, 'eventfriday1', friday.plan);
    expect([sees('owner'), sees('planner'), sees('hand'), sees('guest')]).toEqual([true, true, false, false]);
    expect(sees('hand', { person: served })).toBe(true);
    expect(sees('hand', { person: 'outsider001' })).toBe(false);
    expect(sees('guest', { event: 'eventfriday1' })).toBe(true);
    expect(sees('guest', { event: 'eventsatur1' })).toBe(false);
  });
});

describe('patches of those who do not see all', () => {
  const kinds = friday.kinds;
  const ids = Object.keys(kinds.kinds).filter(id => kinds.kinds[id]?.prices !== undefined);
  const [priced = ''] = ids;
  const whole = kinds.kinds[priced] as unknown as Json;
  const put = (op: 'add' | 'replace' | 'test', path: string, value: unknown): Operation => ({
    op,
    path,
    value: value as Json,
  });
  const PATCHES: readonly [string, readonly Operation[]][] = [
    ['a field', [put('replace', `/kinds/${priced}/label`, 'Otherwise')]],
    ['a price', [put('replace', `/kinds/${priced}/price`, 1)]],
    ['a record', [put('replace', `/kinds/${priced}`, { ...(whole as object), label: 'Otherwise' })]],
    ['all records', [put('replace', '/kinds', { [priced]: whole })]],
    ['the whole', [put('replace', '', { version: 1, kinds: { [priced]: whole } })]],
    [
      'a record out and in',
      [{ op: 'remove', path: `/kinds/${priced}` }, put('add', `/kinds/${priced}`, whole)],
    ],
    [
      'a test of what is hidden',
      [put('test', `/kinds/${priced}/price`, 3), put('test', `/kinds/${priced}`, whole)],
    ],
  ];
  const tree = hiddenFrom('planner', 'kinds');

  it.each(PATCHES)('lead to what is seen: %s', (_, patch) => {
    const applies = patch.filter(({ op }) => op !== 'test');
    const seen = patchWithoutHidden(patch, tree);
    expect(applyPatch(seenBy('planner', 'kinds', kinds), seen ?? [])).toEqual(
      seenBy('planner', 'kinds', applyPatch(kinds, applies)),
    );
    expect(JSON.stringify(seen)).not.toContain('"price');
  });

  it('are told as the whole where hidden things are moved about', () => {
    const from = `/kinds/${priced}`;
    expect(patchWithoutHidden([{ op: 'move', from, path: '/kinds/another00001' }], tree)).toBeUndefined();
    expect(
      patchWithoutHidden([{ op: 'move', from: `${from}/label`, path: `${from}/note` }], tree),
    ).toHaveLength(1);
  });

  it('leave what is hidden as it is, whatever they put in its place', () => {
    const shown = seenBy('planner', 'kinds', kinds);
    const patch = [
      put('replace', `/kinds/${priced}`, { ...shown.kinds[priced], label: 'Otherwise' }),
      put('replace', '/kinds', { ...shown.kinds, [priced]: { ...shown.kinds[priced], label: 'Once more' } }),
      put('replace', '', shown),
    ];
    const after = applyPatch(kinds, patchKeepingHidden(kinds, patch, tree));
    expect(sameJson(after, kinds)).toBe(true);
  });

  it('keep the identity of what has nothing hidden in it', () => {
    const plain = { version: 1, kinds: { kindofplain1: { label: 'Plain', family: 'tool' } } };
    expect(withoutHidden(plain, tree)).toBe(plain);
  });
});
