/** Every shot size, lens and camera height by hand, and how shots behave when a camera moves. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { angleBetween, area, direction, polar, type Point } from '../../src/foundations/index.js';
import { between } from '../arbitraries.js';
import { assessed, edited, friday, number, remove, set } from './edited.js';

const SHOT = '/shots/shotlecter';

describe('the frame wanted', () => {
  it.each([
    ['head and shoulders', 0.98],
    ['chest up', 1.33],
    ['waist up', 1.87],
    ['knees up', 2.67],
    ['full figure', 3.73],
    ['pair', 2.2],
  ])('of “%s” is %d m wide', (size, width) => {
    const { shots } = assessed(set(`${SHOT}/size`, size)).shots;
    expect(number(shots.shotlecter?.frameWanted)).toBe(width);
  });

  it('of a panel is 0.75 m for each and half a metre, three people until a number is entered', () => {
    const three = assessed(set(`${SHOT}/size`, 'panel')).shots.shots.shotlecter;
    expect(number(three?.frameWanted)).toBeCloseTo(2.75, 12);
    const five = assessed(set(`${SHOT}/size`, 'panel'), set(`${SHOT}/people`, 5)).shots.shots.shotlecter;
    expect(number(five?.frameWanted)).toBeCloseTo(4.25, 12);
  });

  it('of a whole area is its extent as it is seen, at least one person, and a tenth', () => {
    const choir = (extent: number, turn: number) => {
      const venueChanges = {
        changewid: { path: '/marks/markchoir/width', value: extent },
        changefac: { path: '/marks/markchoir/facing', value: 0 },
        changepla: { path: '/marks/markchoir/at', value: [20, 8] },
      };
      const place = set('/devices/camwide01/place/at', polar([20, 8], turn, 9));
      const { shots } = assessed(set('/venueChanges', venueChanges), place).shots;
      return number(shots.shotchoir1?.frameWanted);
    };
    expect(choir(6, 0)).toBeCloseTo(6.6, 9);
    expect(choir(6, 180)).toBeCloseTo(6.6, 9);
    expect(choir(6, 60)).toBeCloseTo(3.3, 9);
    // Seen from its end a row is as wide as the first of it: 0.75 m.
    expect(choir(6, 90)).toBeCloseTo(0.825, 9);
    expect(choir(0.5, 90)).toBeCloseTo(0.55, 9);
    for (const turn of [0, 30, 89, 90, 150, 270]) {
      const seen = Math.max(6 * Math.abs(Math.cos((turn * Math.PI) / 180)), 0.75);
      expect(choir(6, turn)).toBeCloseTo(1.1 * seen, 6);
    }
  });

  it('of a whole area without a width is that of two metres and a tenth', () => {
    const { shots } = assessed(set(`${SHOT}/size`, 'whole area')).shots;
    expect(number(shots.shotlecter?.frameWanted)).toBeCloseTo(2.2, 12);
  });
});

describe('a lens', () => {
  const lens = (focalMin: number, focalMax: number): ReturnType<typeof assess> => {
    const kind = friday.kinds.kinds.camfourth;
    const optics = { ...kind?.optics, focalMin, focalMax };
    const kinds = { ...friday.kinds.kinds, camfourth: { ...kind, optics } };
    return assess({ ...friday, kinds: { ...friday.kinds, kinds } as typeof friday.kinds });
  };

  // 81.106 mm are needed from (10.4, 1.9): see the worked example of the values.
  it.each([
    [12, 77, false], // 77 < 0.95 · 81.106 = 77.05
    [12, 77.1, true],
    [85.1, 200, true], // 85.1 ≤ 1.05 · 81.106 = 85.16
    [85.2, 200, false],
  ])('of %d–%d mm reaches the shot: %s', (min, max, reached) => {
    expect(lens(min, max).shots.shots.shotlecter?.reached.value).toBe(reached);
  });

  it('is used where the first shot needs it, and at its end when it does not reach', () => {
    expect(number(lens(12, 120).shots.cameras.camnorth1?.focal)).toBeCloseTo(81.106, 2);
    expect(number(lens(12, 60).shots.cameras.camnorth1?.focal)).toBe(60);
    expect(number(lens(100, 200).shots.cameras.camnorth1?.focal)).toBe(100);
  });

  it('crops in by the factor of the video mode', () => {
    const kind = friday.kinds.kinds.camfourth;
    const kinds = { ...friday.kinds.kinds, camfourth: { ...kind, optics: { ...kind?.optics, crop: 1.25 } } };
    const after = assess({ ...friday, kinds: { ...friday.kinds, kinds } as typeof friday.kinds });
    expect(number(after.shots.shots.shotlecter?.focalNeeded)).toBeCloseTo(81.1064 / 1.25, 3);
  });
});

describe('a camera', () => {
  it('points at the mark of its first shot until it is turned', () => {
    const aim = (patch: Parameters<typeof assessed>): number =>
      number(assessed(...patch).shots.cameras.camnorth1?.aim);
    expect(aim([])).toBeCloseTo(direction([10.4, 1.9], [18.6, 5]), 9);
    expect(aim([set('/devices/camnorth1/place/facing', 45)])).toBe(45);
  });

  it('without a place or a shot has figures that say so, and no wedge', () => {
    const homeless = assessed(remove('/devices/camnorth1/place'));
    expect(homeless.shots.cameras.camnorth1?.wedge).toEqual([]);
    expect(homeless.shots.shots.shotlecter?.distance.why).toBe('its camera has no place yet');
    const idle = assessed(remove(`${SHOT}/camera`));
    expect(idle.shots.cameras.camnorth1?.aim.why).toBe('it has no shot and no direction yet');
    expect(idle.shots.shots.shotlecter?.reached.why).toBe('no camera takes it');
    const lost = assessed(set(`${SHOT}/mark`, 'nosuchmrk'));
    expect(lost.shots.shots.shotlecter?.distance.why).toBe('its mark is gone');
  });

  const place = fc.tuple(between(1, 14), between(1, 2.8));

  it('anywhere: nearer needs a shorter lens, and the wedge opens by the angle of view', () => {
    fc.assert(
      fc.property(place, at => {
        const { shots, cameras } = assess(edited(set('/devices/camnorth1/place/at', at))).shots;
        const shot = shots.shotlecter;
        const run = Math.hypot(18.6 - at[0], 5 - at[1]);
        expect(number(shot?.distance)).toBeCloseTo(Math.hypot(run, 0.1), 6);
        expect(number(shot?.focalNeeded)).toBeCloseTo((17.3 * number(shot?.distance)) / 1.87, 6);
        const camera = cameras.camnorth1;
        const [origin, first, last] = [camera?.wedge[0], camera?.wedge[1], camera?.wedge.at(-1)] as Point[];
        expect(origin).toEqual(at);
        const opened = angleBetween(direction(at, first as Point), direction(at, last as Point));
        expect(opened).toBeCloseTo(number(camera?.angleOfView), 3);
        expect(area(camera?.wedge ?? [])).toBeGreaterThan(0);
      }),
      { numRuns: 40 },
    );
  });

  it('anywhere: names every pillar that hides something, and is clear only when nothing does', () => {
    fc.assert(
      fc.property(place, at => {
        const shot = assess(edited(set('/devices/camnorth1/place/at', at))).shots.shots.shotlecter;
        const hidden = number(shot?.hidden);
        expect(hidden > 0.5).toBe(shot?.sight.value !== 'clear');
        expect((shot?.hiddenBy.length ?? 0) > 0).toBe(hidden > 1e-6);
      }),
      { numRuns: 40 },
    );
  });

  it('raised sees farther over heads', () => {
    const over = (height: number): number =>
      number(
        assessed(set('/devices/camwide01/place/at', [2.2, 5]), set('/devices/camwide01/place/height', height))
          .shots.shots.shottables?.overStanding,
      );
    expect(over(2)).toBeGreaterThan(over(1.2));
  });
});

describe('a no-film area', () => {
  it('is named while any of it is in the picture and not behind a pillar or wall', () => {
    const facing = (degrees: number): unknown =>
      assessed(set('/devices/camnorth1/place/facing', degrees)).shots.cameras.camnorth1?.noFilm.value;
    expect(facing(0)).toBe('children');
    expect(facing(180)).toBe('none');
  });
});

describe('how a face is seen', () => {
  const verdictAt = (at: Point, height: number) => {
    const { shotlecter: shot } = assessed(
      set('/devices/camnorth1/place/at', at),
      set('/devices/camnorth1/place/height', height),
    ).shots.shots;
    return { above: number(shot?.verticalAngle), verdict: shot?.viewVerdict.value };
  };

  // The lectern stands at (18.6, 5), its face 1.6 m above the floor, and faces west.
  it.each<[Point, number, number, string]>([
    [[12.6, 5], 1.6, 0, 'good'],
    [[12.6, 5], 3.4, 16.7, 'fair'], // atan(1.8 / 6)
    [[12.6, 5], 4.6, 26.57, 'poor'], // atan(3 / 6)
    [[12.6, 5], 1, -5.71, 'poor'], // atan(−0.6 / 6)
    [[14.6, 9], 1.6, 0, 'fair'], // 45° off its front
    [[16.6, 9], 1.6, 0, 'profile'], // 63° off its front
  ])('from %j at %d m: %d° above its eyes, %s', (at, height, above, verdict) => {
    const seen = verdictAt(at, height);
    expect(seen.above).toBeCloseTo(above, 1);
    expect(seen.verdict).toBe(verdict);
  });

  it('is as large as its pixels allow', () => {
    const verdict = (pixels: number): unknown => {
      const kind = friday.kinds.kinds.camfourth;
      const kinds = { ...friday.kinds.kinds, camfourth: { ...kind, optics: { ...kind?.optics, pixels } } };
      const bundle = { ...friday, kinds: { ...friday.kinds, kinds } as typeof friday.kinds };
      return assess(bundle).shots.shots.shotlecter?.faceVerdict.value;
    };
    // 0.16 / 2.53 of the width: 1920 px give 121 across the face.
    expect(verdict(1920)).toBe('medium shot');
    expect(verdict(3840)).toBe('close-up');
    expect(verdict(1000)).toBe('wide shot');
    expect(verdict(640)).toBe('too small to read');
  });
});
