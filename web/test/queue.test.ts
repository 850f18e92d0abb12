/** Edits that wait: how they join, what stays when one no longer fits, and which may be on the server already. */
import { fridayBundle } from '@idle-satchel/core/demo';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { EditQueue } from '../src/store/queue.js';
import { MERGE_MS, type LocalEdit } from '../src/store/outbox.js';

const base = fridayBundle();
const edit = (id: string, path: string, value: string | number, mergeKey?: string): LocalEdit => ({
  id,
  label: `${id} ${value}`,
  changes: [{ document: 'plan', patch: [{ op: 'replace', path, value }] }],
  ...(mergeKey !== undefined && { mergeKey }),
  notBefore: mergeKey === undefined ? 0 : Date.now() + MERGE_MS,
});
const height = (id: string, metres: number): LocalEdit =>
  edit(id, '/devices/camnorth1/place/height', metres, 'height');

beforeEach(() => vi.useFakeTimers({ toFake: ['Date'] }));
afterEach(() => vi.useRealTimers());

describe('a queue of edits', () => {
  it('joins an edit to the last one of its key as long as that waits and is not on the line', () => {
    const queue = new EditQueue();
    queue.add(height('one', 1.5));
    queue.add(height('two', 1.6));
    expect(queue.all.map(({ id }) => id)).toEqual(['one']);
    expect(queue.all[0]?.changes[0]?.patch).toMatchObject([{ value: 1.6 }]);
    queue.taken('one');
    queue.add(height('three', 1.7));
    expect(queue.all.map(({ id }) => id)).toEqual(['one', 'three']);
    queue.released();
    vi.advanceTimersByTime(MERGE_MS);
    queue.add(height('four', 1.8));
    expect(queue.all.map(({ id }) => id)).toEqual(['one', 'three', 'four']);
  });

  it('lets what waits go as soon as something else follows, or all is settled', () => {
    const queue = new EditQueue();
    queue.add(height('one', 1.5));
    expect(queue.first?.notBefore).toBeGreaterThan(Date.now());
    queue.add(edit('two', '/label', 'Other'));
    expect(queue.first?.notBefore).toBe(0);
    queue.add(height('three', 1.6));
    queue.settle();
    expect(queue.all.every(({ notBefore }) => notBefore === 0)).toBe(true);
    expect(new EditQueue([height('kept', 1.5)]).first?.notBefore).toBe(0);
  });

  it('is made over the documents; what no longer fits is dropped and named, the rest stays', () => {
    const queue = new EditQueue([
      edit('one', '/label', 'Carols'),
      edit('two', '/devices/gonedevic/label', 'X'),
      edit('three', '/devices/camnorth1/label', 'HIGH'),
    ]);
    const { bundle, lost } = queue.over(base);
    expect(lost).toEqual(['two X']);
    expect(bundle.plan.label).toBe('Carols');
    expect(bundle.plan.devices?.camnorth1?.label).toBe('HIGH');
    expect(queue.all.map(({ id }) => id)).toEqual(['one', 'three']);
    expect(base.plan.label).not.toBe('Carols');
  });

  it('knows the edit that was sent last, answered or not', () => {
    const [one, two] = [edit('one', '/label', 'A'), edit('two', '/label', 'B')];
    const queue = new EditQueue();
    queue.add(one);
    queue.add(two);
    queue.sent('one');
    expect([queue.mayHaveArrived(one), queue.mayHaveArrived(two)]).toEqual([true, false]);
    queue.drop('one');
    expect([queue.has('one'), queue.has('two'), queue.last?.id]).toEqual([false, true, 'two']);
  });

  it('takes what a page that is gone left behind for sent, and joins nothing to what was sent', () => {
    const left = height('left', 1.5);
    const queue = new EditQueue([left]);
    expect(queue.mayHaveArrived(left)).toBe(true);
    queue.add(height('one', 1.6));
    queue.taken('one');
    queue.sent('one');
    queue.released();
    // No answer came: it may be on the server as it is, so that it must stay as it is.
    queue.add(height('two', 1.7));
    expect(queue.all.map(({ id }) => id)).toEqual(['left', 'one', 'two']);
  });

  it('stays the same list while nothing is lost', () => {
    const queue = new EditQueue();
    queue.add(edit('one', '/label', 'A'));
    const { all } = queue;
    queue.over(base);
    queue.settle();
    expect(queue.all).toBe(all);
    queue.add(edit('two', '/devices/nowhere01/label', 'B'));
    expect(queue.over(base).lost).toEqual(['two B']);
    expect(queue.all.map(({ id }) => id)).toEqual(['one']);
  });
});
