/** What layouts and graphics draw on in a switcher, against a table of its own, and which of them a computer takes on. */
import { describe, expect, it } from 'vitest';
import type { Layout, Task } from '../../src/documents/index.js';
import { layoutNeeds, LAYOUT_RESOURCES } from '../../src/stations/signal/layouts.js';

/** Keyers, boxes, stills and clips of each: a picture in a picture is one box, two pictures side by side two. */
const NEEDS: readonly (readonly [
  layout: Layout,
  keyers: number,
  boxes: number,
  stills: number,
  clips: number,
])[] = [
  ['inset', 0, 1, 0, 0],
  ['side by side', 0, 2, 0, 0],
  ['two places', 0, 2, 0, 0],
  ['captions', 1, 0, 0, 0],
  ['clip', 0, 0, 0, 1],
  ['holding slide', 0, 0, 1, 0],
  ['key and fill', 1, 0, 0, 0],
  ['colour key', 1, 0, 0, 0],
];

const drawn = (layouts: readonly Layout[], tasks: readonly Task[] = [], phase: 'live' | 'check' = 'live') => {
  const item = { order: '1', label: 'Item', phase, minutes: 5, layouts: [...layouts] };
  const needs = layoutNeeds({ itemone01: item }, new Set(tasks));
  return LAYOUT_RESOURCES.map(name => needs[name].reduce((sum, { value }) => sum + Number(value), 0));
};

describe('a layout', () => {
  it.each(NEEDS)('%s draws on %d keyers, %d boxes, %d stills and %d clips', (layout, ...needs) => {
    expect(drawn([layout])).toEqual(needs);
  });

  it('adds to the others of its item, and draws on nothing before the live part', () => {
    expect(drawn(['inset', 'side by side', 'captions', 'colour key'])).toEqual([2, 3, 0, 0]);
    expect(drawn(['inset', 'captions'], [], 'check')).toEqual([0, 0, 0, 0]);
  });

  it('is done by a computer with the task for it', () => {
    expect(drawn(['clip', 'holding slide'], ['clips'])).toEqual([0, 0, 1, 0]);
    expect(drawn(['clip', 'holding slide'], ['slides'])).toEqual([0, 0, 0, 1]);
    expect(drawn(['captions'], ['captions'])).toEqual([1, 0, 0, 0]);
  });
});
