/** Labels: two for each lead, numbers that stay once they are printed, and only what changed printed again. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { faultsOf, Plan } from '../src/documents/index.js';
import { applyPatch } from '../src/foundations/index.js';
import {
  changedLabels,
  labelPages,
  labelsOnPage,
  labelSizeWords,
  leadLabels,
  printedPatch,
  type LabelMark,
} from '../src/labels/index.js';
import { friday, remove, set } from './stations/edited.js';

const AT = '2026-12-01T18:00:00Z';
const labelsOf = (plan: Plan) => leadLabels(plan, assess({ ...friday, plan }));
const printed = applyPatch(friday.plan, printedPatch(labelsOf(friday.plan), friday.plan, AT));

describe('labels', () => {
  it('are two for each lead, one for each end', () => {
    const labels = labelsOf(friday.plan);
    const { runs } = assess(friday).runs;
    expect(labels).toHaveLength(2 * Object.keys(runs).length);
    const own = labels.filter(({ link }) => link === 'linkside1');
    expect(own.map(({ here }) => here)).toEqual(['HDMI out of C3 SIDE', 'HDMI in 3 of SWITCHER']);
    expect(own[0]?.there).toBe(own[1]?.here);
    expect(own[0]?.cable).toMatch(/^H30 01 · 30\.00 m · HDMI$/);
  });

  it('that were printed are a valid part of the plan, and none has changed then', () => {
    expect(faultsOf(Plan, printed)).toEqual([]);
    expect(changedLabels(labelsOf(friday.plan), friday.plan)).toHaveLength(labelsOf(friday.plan).length);
    expect(changedLabels(labelsOf(printed), printed)).toEqual([]);
  });

  it('keep their numbers when leads come and go; only what changed is printed again', () => {
    const gone = applyPatch(printed, [remove('/links/linkside1')]);
    expect(changedLabels(labelsOf(gone), gone)).toEqual([]);
    const more = applyPatch(gone, [
      set('/links/aaaaaaaa1', {
        from: { device: 'switcher1', port: 'hdmiout03' },
        to: { device: 'screennor', port: 'hdmiin002' },
      }),
    ]);
    const changed = changedLabels(labelsOf(more), more);
    expect(new Set(changed.map(({ link }) => link))).toEqual(new Set(['aaaaaaaa1']));
    // The number of the lead that is gone is free again.
    const before = labelsOf(printed).find(({ link }) => link === 'linkside1')?.number;
    expect(changed[0]?.number).toBe(before);
    const other = applyPatch(printed, [set('/devices/camside01/label', 'C3 LEFT')]);
    expect(new Set(changedLabels(labelsOf(other), other).map(({ link }) => link))).toEqual(
      new Set(['linkside1', 'feedside1']),
    );
  });
});

describe('a label sheet', () => {
  const squares = [
    [true, true, false],
    [false, true, false],
    [true, false, true],
  ];
  const inside = (mark: LabelMark, width: number, height: number): boolean => {
    const corners =
      mark.mark === 'rect'
        ? [mark.at, [mark.at[0] + mark.size[0], mark.at[1] + mark.size[1]] as const]
        : mark.mark === 'line'
          ? [mark.from, mark.to]
          : mark.mark === 'text'
            ? [mark.at, [mark.at[0] + mark.room, mark.at[1] - mark.size] as const]
            : mark.bars.flatMap(([column, row, length]) => [
                [mark.at[0] + column * mark.cell, mark.at[1] + row * mark.cell] as const,
                [mark.at[0] + (column + length) * mark.cell, mark.at[1] + (row + 1) * mark.cell] as const,
              ]);
    return corners.every(([x, y]) => x >= 0 && y >= 0 && x <= width && y <= height);
  };

  it.each([
    ['flag', 'A4', 210, 297],
    ['flag', 'LETTER', 215.9, 279.4],
    ['wrap', 'A4', 210, 297],
    ['wrap', 'LETTER', 215.9, 279.4],
  ] as const)(
    'of the size %s on %s keeps every mark on its page, none on another label',
    (size, paper, w, h) => {
      const labels = labelsOf(friday.plan);
      const pages = labelPages(
        labels,
        size,
        paper,
        link => `x/${link}`,
        () => squares,
      );
      expect(pages.flat().every(mark => inside(mark, w, h))).toBe(true);
      const frames = pages.flatMap((marks, page) =>
        marks.flatMap(mark => (mark.mark === 'rect' && mark.line ? [{ page, ...mark }] : [])),
      );
      expect(frames).toHaveLength(labels.length);
      expect(frames.filter(({ page }) => page === 0)).toHaveLength(
        Math.min(labels.length, labelsOnPage(size, paper)),
      );
      for (const [i, a] of frames.entries()) {
        for (const b of frames.slice(i + 1)) {
          const apart =
            a.page !== b.page ||
            a.at[0] + a.size[0] <= b.at[0] ||
            b.at[0] + b.size[0] <= a.at[0] ||
            a.at[1] + a.size[1] <= b.at[1] ||
            b.at[1] + b.size[1] <= a.at[1];
          expect(apart).toBe(true);
        }
      }
    },
  );
});

it('draws the dark squares of a code that lie beside each other as one bar, 12.5 mm over all of them', () => {
  const [label] = labelsOf(friday.plan);
  const page = labelPages(label ? [label] : [], 'wrap', 'A4', String, () => [
    [true, true, false],
    [false, true, false],
    [true, false, true],
  ]);
  expect(page.flat().filter(({ mark }) => mark === 'code')).toEqual([
    expect.objectContaining({
      cell: 12.5 / 3,
      bars: [
        [0, 0, 2],
        [1, 1, 1],
        [0, 2, 1],
        [2, 2, 1],
      ],
    }),
  ]);
});

describe('the size of a label', () => {
  it('is told in the units of the house', () => {
    expect(labelSizeWords('wrap', 'metric')).toBe('wrap, wound round it, 45 × 30 mm');
    expect(labelSizeWords('wrap', 'imperial')).toBe('wrap, wound round it, 1.8 × 1.2 in');
  });
});
