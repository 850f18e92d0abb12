/** Running orders as people type or paste them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addItemPatch, addItemsPatch } from '../src/running-order-edits.js';
import { readRunningOrder } from '../src/running-order-text.js';
import type { Plan } from '../src/documents/index.js';
import { applyPatch, inOrder } from '../src/foundations/index.js';
import { friday } from './stations/edited.js';

const { marks } = friday.venue;
const read = (text: string) => readRunningOrder(text, marks);
const items = (text: string) =>
  read(text).map(({ item, fault }) =>
    item ? [item.at, item.label, item.minutes, item.phase, marks?.[item.mark ?? '']?.label] : fault,
  );

describe('a running order as text', () => {
  it('is read from one line with slashes', () => {
    expect(items('19:00 Welcome 5 / Talk 30 lectern / Choir of 24 18 min choir')).toEqual([
      [1140, 'Welcome', 5, 'live', undefined],
      [undefined, 'Talk', 30, 'live', 'Lectern'],
      [undefined, 'Choir of 24', 18, 'live', 'Choir'],
    ]);
  });

  it('is read from lines with times, whose lengths follow from one another', () => {
    expect(items('• 19.00 – 19.05 Welcome\n19:05 Handbells\n23:50 Late talk\n0:10 Blessing, 5 min')).toEqual([
      [1140, 'Welcome', 5, 'live', undefined],
      [1145, 'Handbells', 285, 'live', undefined],
      [1430, 'Late talk', 20, 'live', undefined],
      [10, 'Blessing', 5, 'live', undefined],
    ]);
  });

  it('takes the words of a phase for the phase, and a place that is none of the venue for words', () => {
    expect(items('Rig 75\nDoors (30)\nSolo 12 in the crypt')).toEqual([
      [undefined, 'Rig', 75, 'rig', undefined],
      [undefined, 'Doors', 30, 'wait', undefined],
      [undefined, 'Solo in the crypt', 12, 'live', undefined],
    ]);
  });

  it('says of each line that cannot be read why', () => {
    expect(items('Welcome\n 5\nEndless 1441\n\n')).toEqual([
      'say how many minutes it takes',
      'say how many minutes it takes',
      'takes at most 1440 minutes',
    ]);
  });

  it('reads or refuses whatever is pasted, and what it reads fits the plan', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), text => {
        for (const { item, fault } of read(text)) {
          expect(item === undefined).toBe(fault !== undefined);
          if (!item) continue;
          expect(item.minutes).toBeLessThanOrEqual(1440);
          expect(item.label.length).toBeLessThanOrEqual(80);
        }
      }),
    );
  });

  it('is added after what is there, in its order, and before the strike', () => {
    const read = readRunningOrder('Prayer 5 / Strike 20 / Anthem 15', marks).flatMap(
      ({ item }) => item ?? [],
    );
    const { plan } = friday;
    const labels = (order: Plan['runningOrder']) => inOrder(order).map(([, { label }]) => label);
    const before = labels(plan.runningOrder);
    const next = applyPatch(plan, addItemsPatch(plan, read)).runningOrder;
    expect(before.at(-1)).toBe('Strike and load');
    expect(labels(next)).toEqual([...before.slice(0, -1), 'Prayer', 'Anthem', 'Strike and load', 'Strike']);
    expect(
      labels(
        applyPatch({ ...plan, runningOrder: {} }, addItemsPatch({ runningOrder: {} }, read)).runningOrder,
      ),
    ).toEqual(['Prayer', 'Anthem', 'Strike']);
  });

  it('takes a new item at the end of what is live, or behind any other, in its phase', () => {
    const { plan } = friday;
    const added = (behind?: string) => {
      const { id, patch } = addItemPatch(plan, behind);
      const list = inOrder(applyPatch(plan, patch).runningOrder);
      const at = list.findIndex(([itemId]) => itemId === id);
      return [list[at - 1]?.[1].label, list[at]?.[1].phase, list[at + 1]?.[1].label];
    };
    const ids = inOrder(plan.runningOrder).map(([id]) => id);
    expect(added()).toEqual(['Handbells, second half', 'live', 'Strike and load']);
    expect(added(ids.at(-1))).toEqual(['Strike and load', 'strike', undefined]);
    expect(added(ids[0])).toEqual(['Unload and rig', 'rig', 'Line check and sound check']);
  });
});
