/** Sets of shots that are put on a mark in one go: what is there already stays, what is new comes last. */
import { describe, expect, it } from 'vitest';
import type { Plan } from '../../src/documents/index.js';
import { applyPatch, inOrder } from '../../src/foundations/index.js';
import { SHOT_SETS, shotSetPatch } from '../../src/stations/shots/shot-sets.js';
import { edited, friday, set } from './edited.js';

const [name = '', wanted = []] = Object.entries(SHOT_SETS)[0] ?? [];
const MARK = 'marksolo1';
const put = (plan: Plan): Plan => applyPatch(plan, shotSetPatch(plan, name, MARK));
const of = (plan: Plan) => inOrder(plan.shots).filter(([, { mark }]) => mark === MARK);
const bare = edited(set('/shots', {})).plan;

describe('a set of shots', () => {
  it('has one of each size at least, and says how much each matters', () => {
    for (const shots of Object.values(SHOT_SETS)) {
      expect(shots.length).toBeGreaterThan(0);
      expect(new Set(shots.map(({ size }) => size)).size).toBe(shots.length);
    }
  });

  it('is put on a mark, in its order', () => {
    const shots = of(put(bare)).map(([, { size, importance }]) => ({ size, importance }));
    expect(shots).toEqual(wanted.map(({ size, importance }) => ({ size, importance })));
  });

  it('comes after every shot there is', () => {
    const after = inOrder(put(friday.plan).shots).map(([id]) => id);
    const before = inOrder(friday.plan.shots).map(([id]) => id);
    expect(after.slice(0, before.length)).toEqual(before);
  });

  it('leaves out sizes that the mark has already', () => {
    const once = put(bare);
    expect(put(once)).toEqual(once);
  });

  it('is wanted in the items of the running order that are at that mark', () => {
    const at = applyPatch(bare, [set('/runningOrder/itemwelco1/mark', MARK)]);
    const elsewhere = applyPatch(bare, [set('/runningOrder/itemwelco1/mark', 'marklecte')]);
    for (const [, shot] of of(put(at))) expect(shot.items).toContain('itemwelco1');
    for (const [, shot] of of(put(elsewhere))) expect(shot.items ?? []).not.toContain('itemwelco1');
  });

  it('opens the map of a plan without shots, and is nothing by an unknown name', () => {
    const { shots: _, ...none } = friday.plan;
    expect(of(put(none))).toHaveLength(wanted.length);
    expect(shotSetPatch(none, 'no such set', MARK)).toEqual([]);
  });
});
