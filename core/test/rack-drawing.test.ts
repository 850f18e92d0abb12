import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { fridayBundle } from '../src/demo/index.js';
import { dxfOf } from '../src/exchange/dxf.js';
import { applyPatch } from '../src/foundations/index.js';
import { marksDrawing } from '../src/paper/marks.js';
import { rackPages, stacked } from '../src/rack-drawing/index.js';
import { set } from './stations/edited.js';

/** Friday with a patch bay in its rack, one of whose sockets a camera is plugged into. */
const friday = fridayBundle();
const panel = { order: 'zz', label: 'PATCH', kind: 'patchbay8', place: { inside: 'deskrack1', unit: 4 } };
const patched = {
  ...friday,
  plan: applyPatch(friday.plan, [
    set('/devices/patchone1', panel),
    set('/devices/recorder2', { order: 'zy', label: 'OUTER', kind: 'recorder1', place: { at: [4, 14] } }),
    set('/links/linkpatch', {
      order: 'zz',
      from: { device: 'patchone1', port: 'patchout3' },
      to: { device: 'recorder2', port: 'sdiin0001' },
    }),
  ]),
};
/** Points to a metre of paper, and a page of A4 across. */
const POINTS = 72 / 0.0254;
const PAGE = { width: 770, height: 500 };
const pages = rackPages(patched, assess(patched), PAGE, POINTS);
const words = pages.flatMap(({ marks }) => marks.flatMap(mark => (mark.mark === 'text' ? [mark.text] : [])));

describe('a rack on paper', () => {
  it('is drawn at a scale that people measure at, as large as the page has room for', () => {
    const [first] = pages;
    // 3 × 60 mm, twice 482.6 and 420 mm of depth: 1565 mm do not go on 272 mm of paper at 1 : 5.
    expect(first?.scale).toBe(7.5);
    const widths = first?.marks.flatMap(mark => (mark.mark === 'rect' ? [mark.width] : [])) ?? [];
    // The face of a rack is 482.6 mm wide.
    expect(Math.max(...widths)).toBeCloseTo((0.4826 * POINTS) / 7.5, 9);
    expect(first?.width).toBeLessThanOrEqual(PAGE.width + 8);
  });

  it('has the face of each panel with the numbers of its sockets, and says what leaves it', () => {
    expect(words).toContain('PATCH: its face');
    expect(words.filter(each => each === 'front 3')).toHaveLength(1);
    expect(words).toContain('back 3');
    expect(words.some(each => each.startsWith('C1 WIDE'))).toBe(true);
  });

  it('has the plate to be made for each thing without ears that one holds, with its sizes', () => {
    const plated = {
      ...friday,
      plan: applyPatch(friday.plan, [
        set('/devices/recorder1/place', { inside: 'deskrack1', unit: 1, plate: true }),
      ]),
    };
    const [, faces] = rackPages(plated, assess(plated), PAGE, POINTS);
    expect(faces?.scale).toBe(4);
    const texts = faces?.marks.flatMap(mark => (mark.mark === 'text' ? [mark.text] : []));
    expect(texts).toContain('RECORDER: plate to be made');
    // 190 × 50 mm and a millimetre; two units of 44.45 mm less 0.8 mm.
    expect(texts?.find(each => each.includes('cut out'))).toBe(
      '482.6 mm × 88.1 mm; cut out 191.0 mm × 51.0 mm in its middle; holes as they are in the rails',
    );
    const cut = faces?.marks.find(
      mark => mark.mark === 'rect' && Math.abs(mark.width - (0.191 * POINTS) / 4) < 1e-9,
    );
    expect(cut).toMatchObject({ height: expect.closeTo((0.051 * POINTS) / 4, 9) as number });
  });

  it('with more panels than go on its page has them on further ones, none past its foot', () => {
    const many = {
      ...friday,
      plan: applyPatch(
        friday.plan,
        Array.from({ length: 14 }, (_, i) =>
          set(`/devices/patchmany${i}`, {
            order: `zz${String.fromCharCode(97 + i)}`,
            label: `PATCH ${i}`,
            kind: 'patchbay8',
            place: { inside: 'deskrack1', unit: 4 },
          }),
        ),
      ),
    };
    const drawn = rackPages(many, assess(many), PAGE, POINTS).filter(({ scale }) => scale !== undefined);
    expect(drawn.length).toBeGreaterThan(2);
    const faces = drawn.map(
      ({ marks }) =>
        marks.filter(mark => mark.mark === 'text' && /^PATCH \d+: its face$/.test(mark.text)).length,
    );
    expect(faces.reduce((sum, each) => sum + each, 0)).toBe(14);
    for (const { marks, height } of drawn) {
      expect(height).toBeLessThanOrEqual(PAGE.height);
      for (const mark of marks)
        if (mark.mark === 'rect') expect(mark.at[1] + mark.height).toBeLessThanOrEqual(height + 1e-9);
    }
  });

  it('is a drawing in metres for other programs, its letters as high as on paper', () => {
    const [first] = pages;
    const perMetre = POINTS / (first?.scale ?? 1);
    const { shapes } = marksDrawing(stacked(pages.slice(0, 1), 0).marks, perMetre);
    const xs = shapes.flatMap(({ kind, points }) => (kind === 'path' ? points.map(([x]) => x) : []));
    // Three views beside each other, and room between them.
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(2 * 0.4826 + 0.42 + 2 * 0.06, 9);
    expect(dxfOf({ shapes })).toContain('LWPOLYLINE');
    expect(shapes.find(({ text }) => text === 'DESK RACK')?.letters).toBeCloseTo((14 * 0.7) / perMetre, 9);
  });

  it('has one scale throughout where there is room for all, so that a drawing for other programs is true', () => {
    const room = { width: Infinity, height: Infinity };
    const drawn = rackPages(patched, assess(patched), room, POINTS).filter(
      ({ scale }) => scale !== undefined,
    );
    expect(drawn.map(({ scale }) => scale)).toEqual([2, 2]);
  });

  it('of which there are none is an empty picture', () => {
    const none = {
      ...friday,
      plan: applyPatch(friday.plan, [set('/devices', {}), set('/links', {}), set('/packed', {})]),
    };
    expect(stacked(rackPages(none, assess(none), PAGE, POINTS), 10)).toMatchObject({
      marks: [],
      width: 20,
      height: 10,
    });
  });
});
