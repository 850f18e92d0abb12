/** Lamps that are brought along: inverse square law and cosine, by hand calculation. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { assessed, edited, friday, number, remove, set } from './edited.js';

/** A lamp of 1600 lx at 1 m, 4 m before the lectern, so many degrees off its front, as high as its face. */
function lampAt(aside: number, away = 4, more: readonly Operation[] = []) {
  // The lectern is at 18.6 m east and 5 m south and faces west.
  const turn = ((180 + aside) * Math.PI) / 180;
  const at = [18.6 + away * Math.cos(turn), 5 + away * Math.sin(turn)];
  return assessed(
    set('/devices/lampone01/place', { at, height: 1.6 }),
    set('/devices/lampone01/lights', 'marklecte'),
    remove('/devices/lamptwo02'),
    ...['feedlamp1', 'feedlamp2'].map(link => remove(`/links/${link}`)),
    ...more,
  ).shots;
}

describe('the light of a lamp', () => {
  it('of 1600 lx at 1 m is 100 lx at 4 m, straight before a face, on top of the 140 of the room', () => {
    const { lamps, light } = lampAt(0);
    expect(number(lamps.lampone01?.marks.marklecte?.light)).toBeCloseTo(100, 9);
    expect(number(light.marklecte)).toBeCloseTo(240, 9);
    expect(number(light.marksolo1)).toBe(140);
  });

  it('falls by the cosine of the angle off the front of the face', () => {
    expect(number(lampAt(-30).light.marklecte)).toBeCloseTo(140 + 100 * Math.cos(Math.PI / 6), 6);
    expect(number(lampAt(-60).light.marklecte)).toBeCloseTo(140 + 50, 6);
    expect(number(lampAt(120, 1).light.marklecte)).toBe(140);
  });

  it('is weaker the farther it stands', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 4.5, noNaN: true }), away => {
        expect(number(lampAt(20, away).light.marklecte)).toBeCloseTo(
          140 + (1600 / away ** 2) * Math.cos(Math.PI / 9),
          6,
        );
      }),
      { numRuns: 20 },
    );
  });

  it('ends at the edge of its beam', () => {
    const facing = (degrees: number) => [
      remove('/devices/lampone01/lights'),
      set('/devices/lampone01/place/facing', degrees),
    ];
    expect(number(lampAt(0, 4, facing(29)).light.marklecte)).toBeCloseTo(240, 6);
    expect(number(lampAt(0, 4, facing(31)).light.marklecte)).toBe(140);
  });

  it('saves gain: twice the light is 6.02 dB less', () => {
    const [plain, lit] = [lampAt(180).shots.shotlecter, lampAt(0).shots.shotlecter];
    const saved = 20 * Math.log10(240 / 140);
    expect(number(plain?.gain) - number(lit?.gain)).toBeCloseTo(saved, 9);
  });

  it('stands for all the light where none was measured', () => {
    const venue = applyPatch(friday.venue, [remove('/marks/markchoir/light')]);
    const bundle = edited(set('/devices/lamptwo02/lights', 'markchoir'), remove('/devices/lampone01/lights'));
    const { lamps, light } = assess({ ...bundle, venue }).shots;
    expect(number(light.markchoir)).toBeCloseTo(number(lamps.lamptwo02?.marks.markchoir?.light), 9);
    expect(light.marklecte?.value).toBe(140);
  });
});

describe('how a lamp suits', () => {
  const lampOf = (aside: number, height: number) => {
    const { lamps } = lampAt(aside, 4, [set('/devices/lampone01/place/height', height)]);
    return lamps.lampone01?.marks.marklecte;
  };

  it('dazzles by the larger of its angles to the side and above the eyes', () => {
    // 4 m before eyes at the height of the lamp, 30° aside; and straight before them, 2 m higher: atan(2 / 4).
    expect(number(lampOf(-30, 1.6)?.glare)).toBeCloseTo(30, 6);
    expect(number(lampOf(0, 3.6)?.glare)).toBeCloseTo((Math.atan(0.5) * 180) / Math.PI, 6);
    expect(number(lampOf(-10, 3.6)?.glare)).toBeCloseTo((Math.atan(0.5) * 180) / Math.PI, 6);
    // As much from below.
    expect(number(lampOf(0, 0.6)?.glare)).toBeCloseTo((Math.atan(0.25) * 180) / Math.PI, 6);
  });

  const beside = (kelvin: number | undefined, house: object) => {
    const venue = applyPatch(friday.venue, [set('/lamps', house)]);
    const kinds = applyPatch(friday.kinds, [
      kelvin === undefined
        ? remove('/kinds/lamppanel/lamp/kelvin')
        : set('/kinds/lamppanel/lamp/kelvin', kelvin),
    ]);
    const { lamps } = assess({ ...friday, venue, kinds }).shots;
    return lamps.lampone01;
  };
  const house = (...lamps: (readonly [kelvin: number | undefined, kind?: string])[]) =>
    Object.fromEntries(
      lamps.map(([kelvin, kind = 'led'], i) => [
        `lamp00${i}`,
        {
          order: `${i}`,
          label: `lamp ${i}`,
          kind,
          at: [9, 7],
          height: 8,
          ...(kelvin !== undefined && { kelvin }),
        },
      ]),
    );

  it('is off the colour of the house by the difference of the mireds', () => {
    // 10⁶ / 3200 − 10⁶ / 5600 = 312.5 − 178.5714.
    expect(number(beside(5600, house([3200]))?.colour)).toBeCloseTo(133.9286, 4);
    expect(number(beside(3200, house([5600]))?.colour)).toBeCloseTo(133.9286, 4);
    expect(number(beside(4000, house([4000]))?.colour)).toBe(0);
  });

  it('is held against the lamp that it is least like; daylight is no lamp', () => {
    const mixed = beside(4000, house([3800], [2700], [6500, 'daylight']));
    expect(mixed?.unlike?.label).toBe('lamp 1');
    // 10⁶ / 2700 − 250.
    expect(number(mixed?.colour)).toBeCloseTo(120.3704, 4);
  });

  it('is not known where either colour is not', () => {
    expect(beside(undefined, house([3200]))?.colour.why).toBe('its colour is not known');
    expect(beside(5600, house([undefined]))?.colour.why).toBe('the colour of the house’s lamps is not known');
    expect(beside(5600, house([6500, 'daylight']))?.colour.value).toBeNull();
  });
});
