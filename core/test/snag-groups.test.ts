/** Snags that are alike in one line. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Snag } from '../src/foundations/index.js';
import { groupSnags, joinedByCause } from '../src/snag-groups.js';

const snag = (rule: string, n: number, severity: Snag['severity'] = 'risk'): Snag => ({
  ...{ id: `${rule}:${n}`, rule, severity, station: 'runs', subjects: [], title: '', outputs: [] },
  because: [],
});

describe('groups of snags', () => {
  it('are of three or more of one rule that are as bad', () => {
    const two = [snag('a', 1), snag('b', 1), snag('a', 2)];
    expect(groupSnags(two).map(each => each.snag.id)).toEqual(['a:1', 'b:1', 'a:2']);
    const three = [...two, snag('a', 3), snag('a', 4, 'note')];
    expect(groupSnags(three).map(each => [each.snag.id, each.alike.map(({ id }) => id)])).toEqual([
      ['a:1', ['a:2', 'a:3']],
      ['b:1', []],
      ['a:4', []],
    ]);
  });

  it('lose none and add none', () => {
    const any = fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.constantFrom('stop', 'note' as const)));
    fc.assert(
      fc.property(any, sorts => {
        const all = sorts.map(([rule, severity], i) => snag(rule, i, severity as Snag['severity']));
        const listed = groupSnags(all).flatMap(({ snag: first, alike }) => [first, ...alike]);
        expect(listed.map(({ id }) => id).sort()).toEqual(all.map(({ id }) => id).sort());
      }),
    );
  });

  it('stand together where the same mends them, and alone where nothing is known to', () => {
    const all = [snag('a', 1), snag('b', 1), snag('c', 1), snag('d', 1)];
    const causes: Record<string, string> = { 'a:1': 'delay', 'c:1': 'delay' };
    expect(
      joinedByCause(groupSnags(all), ({ id }) => causes[id]).map(each => [
        each.snag.id,
        each.sameCause.map(({ id }) => id),
      ]),
    ).toEqual([
      ['a:1', ['c:1']],
      ['b:1', []],
      ['d:1', []],
    ]);
  });
});
