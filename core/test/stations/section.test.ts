/** Sight past what is solid, and the section that draws it: by hand, and against the figures it shows. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch, numberOf, type Operation } from '../../src/foundations/index.js';
import { sectionOf } from '../../src/section/section.js';
import { edited, friday, number, set } from './edited.js';

const across = (kind: string, heights: object) => ({
  label: 'thing',
  kind,
  ...heights,
  outline: [
    [14.5, 4],
    [15, 4],
    [15, 11.4],
    [14.5, 11.4],
  ],
});
/** Friday with something across the nave, and its venue changed like that. */
function withThing(kind: string, heights: object, ...plan: Operation[]) {
  const venue = applyPatch(friday.venue, [set('/areas/thingacro', across(kind, heights))]);
  const bundle = { ...edited(...plan), venue };
  return { bundle, assessment: assess(bundle) };
}
/** The lectern from 10 m before it, level with it, lens at 1.6 m. */
const LEVEL = [set('/devices/camnorth1/place/at', [8.6, 5]), set('/devices/camnorth1/place/height', 1.6)];

describe('sight past what is solid', () => {
  it('over a cupboard of 0.9 m is what the line to the lowest point wanted leaves', () => {
    const { assessment } = withThing('obstacle', { top: 0.9 }, ...LEVEL);
    const shot = assessment.shots.shots.shotlecter;
    // Waist up: 1.87 m wide, 1.052 m high, so the lowest point is 1.6 − 2/3 · 1.052 = 0.899 m; edges at 5.9 and 6.4 m.
    expect(number(shot?.lowest)).toBeCloseTo(0.89875, 5);
    expect(number(shot?.pastSolids)).toBeCloseTo(1.6 + (0.89875 - 1.6) * 0.64 - 0.9, 9);
    expect(shot?.solid).toBe('thingacro');
  });

  it('beneath a beam is what the line to the top of the head leaves', () => {
    const { assessment } = withThing('obstacle', { underside: 1.9 }, ...LEVEL);
    // At 6.4 m the line to 1.6 + 0.12 m has risen by 0.12 · 0.64.
    expect(number(assessment.shots.shots.shotlecter?.pastSolids)).toBeCloseTo(1.9 - 1.6 - 0.12 * 0.64, 9);
  });

  it('is over the edge of the gallery that the camera stands on', () => {
    const { shottables: shot } = assess(friday).shots.shots;
    // From 4.6 m down to the floor 15 m away; the gallery of 3.1 m ends 0.35 m before the lens.
    expect(shot?.solid).toBe('gallery01');
    expect(number(shot?.pastSolids)).toBeCloseTo(4.6 - (4.6 * 0.35) / 15 - 3.1, 9);
  });

  it('does not mind the table that the mark is at', () => {
    const table = applyPatch(friday.venue, [
      set('/areas/tablelect', {
        label: 'lectern table',
        kind: 'obstacle',
        top: 1.2,
        outline: [
          [18, 4.5],
          [19, 4.5],
          [19, 5.5],
          [18, 5.5],
        ],
      }),
    ]);
    expect(assess({ ...friday, venue: table }).shots.shots.shotlecter?.pastSolids.value).toBeNull();
  });
});

describe('the section of a shot', () => {
  it('draws every clearance as long as its figure says, from the line of sight', () => {
    const { bundle, assessment } = withThing('obstacle', { top: 0.9 }, ...LEVEL);
    const section = sectionOf(bundle, assessment, 'shotlecter');
    expect(section?.clearances.map(({ name }) => name)).toEqual(['overSeated', 'overStanding', 'pastSolids']);
    for (const { figure, from, to } of section?.clearances ?? []) {
      expect(from[0]).toBe(to[0]);
      expect(from[1] - to[1]).toBeCloseTo(numberOf(figure) ?? NaN, 9);
      expect(from[1]).toBeCloseTo(1.6 + ((0.89875 - 1.6) * from[0]) / 10, 4);
    }
    expect(section?.parts.map(({ kind }) => kind)).toContain('furniture');
    expect(section?.run).toBeCloseTo(10, 9);
  });

  it('has nothing to draw without a camera', () => {
    const bundle = edited({ op: 'remove', path: '/shots/shotlecter/camera' });
    expect(sectionOf(bundle, assess(bundle), 'shotlecter')).toBeUndefined();
  });
});
