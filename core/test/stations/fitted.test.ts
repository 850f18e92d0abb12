/** Converters, image circles, T-stops, published sensitivity and cameras that see all round, by hand calculation. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Operation } from '../../src/foundations/index.js';
import { applyPatch } from '../../src/foundations/index.js';
import { assess } from '../../src/assess.js';
import { fittedOf, lightLoss } from '../../src/stations/shots/fitted.js';
import { isoFor } from '../../src/stations/shots/exposure.js';
import { between } from '../arbitraries.js';
import { edited, friday, number, set } from './edited.js';

/** Friday's lectern by the north camera, after edits of its plan and of the kind of that camera. */
function lectern(plan: readonly Operation[], kind: readonly Operation[] = []) {
  const optics = (operation: Operation): Operation => ({
    ...operation,
    path: `/kinds/camfourth/optics${operation.path}`,
  });
  const kinds = applyPatch(friday.kinds, kind.map(optics));
  const { shots } = assess({ ...edited(...plan), kinds });
  return { ...shots.shots.shotlecter, camera: shots.cameras.camnorth1 };
}
const converter = (k: number): Operation => set('/devices/camnorth1/converter', k);
const plain = lectern([]);

describe('a converter', () => {
  it('of 2 × doubles focal lengths and apertures: what was out of reach at 60 mm is reached at 120', () => {
    // 17.3 · 8.77 / 1.87 = 81 mm; the lens ends at 60, with the converter at 120.
    expect(number(plain.focal)).toBe(60);
    expect(plain.reached?.value).toBe(false);
    const doubled = lectern([converter(2)]);
    expect(doubled.reached?.value).toBe(true);
    expect(number(doubled.focal)).toBeCloseTo(number(plain.focalNeeded), 9);
    // Between f/5.6 at 24 mm and f/8 at 120 mm, evenly with the logarithm.
    const share = Math.log10(number(doubled.focal) / 24) / Math.log10(120 / 24);
    expect(number(doubled.aperture)).toBeCloseTo(5.6 * (8 / 5.6) ** share, 9);
  });

  it('of 0.71 × gives a stop more light', () => {
    const reduced = lectern([converter(0.71)]);
    expect(number(reduced.aperture)).toBeCloseTo(4 * 0.71, 9);
    expect(number(reduced.iso) / number(plain.iso)).toBeCloseTo(0.71 ** 2, 9);
  });
});

describe('a lens', () => {
  it('with an image circle of 10 mm forces a crop of diagonal 19.85 / 10 on the sensor and its pixels', () => {
    const small = lectern([], [set('/imageCircle', 10)]);
    const crop = Math.hypot(17.3, 9.73) / 10;
    expect(number(small.focalNeeded)).toBeCloseTo(number(plain.focalNeeded) / crop, 9);
    expect(number(small.facePixels)).toBeCloseTo((1920 / crop) * (0.16 / number(small.frameGiven)), 9);
    expect(lectern([], [set('/imageCircle', 22)]).focalNeeded).toEqual(plain.focalNeeded);
  });

  it('of T3.2 at f/2.8 is a third of a stop darker than its f-number, and focuses by it all the same', () => {
    const dark = lectern([], [set('/tStop', 3.2)]);
    expect(number(dark.iso) / number(plain.iso)).toBeCloseTo((3.2 / 2.8) ** 2, 9);
    expect(dark.focus?.near).toEqual(plain.focus?.near);
  });

  it('loses as much light behind a converter: f/2.8, T3.2 and 2 × at 200 lx and 1/50 s want ISO 2560', () => {
    const of = (k: number, apertureShort: number, tStop: number) => {
      const optics = friday.kinds.kinds.camfourth?.optics;
      if (!optics) throw new Error('no optics');
      return fittedOf({
        optics: { ...optics, apertureShort, tStop },
        lens: undefined,
        lensKind: undefined,
        converter: k,
      });
    };
    const doubled = of(2, 2.8, 3.2);
    expect(isoFor(5.6, lightLoss(doubled), 200, 1 / 50)).toBeCloseTo(2560, 6);
    fc.assert(
      fc.property(between(0.5, 3), between(1, 8), between(1, 1.5), (k, N, loss) => {
        const { tStop = 0, ...fitted } = of(k, N, N * loss);
        expect(lightLoss({ ...fitted, tStop })).toBeCloseTo(loss, 9);
        expect(tStop).toBeCloseTo(k * N * loss, 9);
      }),
    );
  });

  it('published as f/8 at 2000 lx has a base of 250 · 64 / 40 = ISO 400', () => {
    const published = lectern([], [{ op: 'remove', path: '/baseIso' }, set('/atTwoThousand', 8)]);
    const gain = 20 * Math.log10(number(published.iso) / 400);
    expect(number(published.gain)).toBeCloseTo(Math.max(0, gain), 9);
  });
});

describe('a focal length that is set', () => {
  it('gives every shot its frame, and holds those that are wanted no wider and not much tighter', () => {
    const needed = number(plain.focalNeeded);
    const set40 = lectern([set('/devices/camnorth1/focal', 40)]);
    expect(number(set40.focal)).toBe(40);
    expect(number(set40.frameGiven)).toBeCloseTo((17.3 * number(plain.distance)) / 40, 9);
    expect(set40.reached?.value).toBe(40 * 2.2 >= needed);
    const wide = lectern([set('/devices/camnorth1/focal', 20)]);
    expect(wide.reached?.value).toBe(false);
  });
});

describe('a camera that sees all round', () => {
  it('gives a face 3840 / 360 · 9.17 / d pixels, 60 of them at 1.6 m', () => {
    const all = lectern(
      [set('/devices/camnorth1/place/at', [17, 5]), set('/devices/camnorth1/place/height', 1.6)],
      [...[set('/panoramic', true), set('/pixels', 3840)]],
    );
    expect(number(all.distance)).toBeCloseTo(1.6, 9);
    expect(number(all.facePixels)).toBeCloseTo((3840 / 360) * (9.167 / 1.6), 1);
    expect(Math.round(number(all.facePixels))).toBe(61);
    expect(all.reached?.value).toBe(true);
    expect(all.camera?.angleOfView.value).toBe(360);
  });

  it('gives a window the pixels of its whole turn: 3840 · 0.16 / (2π · 20) = 4.9 across a face at 20 m', () => {
    const far = [set('/devices/camnorth1/place/at', [9, 1]), set('/devices/camnorth1/place/height', 1.6)];
    const window = { order: 'zz1', mark: 'marklecte', size: 'waist up', camera: 'camnorth1', window: true };
    const kinds = applyPatch(friday.kinds, [
      set('/kinds/camfourth/optics/panoramic', true),
      set('/kinds/camfourth/optics/pixels', 3840),
    ]);
    const { shots } = assess({ ...edited(...far, set('/shots/windowsho1', window)), kinds });
    const { windowsho1: cut, shotlecter: whole } = shots.shots;
    const d = number(cut?.distance);
    expect(number(cut?.facePixels)).toBeCloseTo((3840 * 0.16) / (2 * Math.PI * d), 9);
    expect(number(cut?.facePixels)).toBeCloseTo(number(whole?.facePixels), 9);
    expect(number(cut?.frameGiven)).toBeCloseTo(1.87, 9);
    // Whatever stands round it lies in its picture, and 1920 pixels are not left of a window so narrow.
    expect(cut?.window?.inside.value).toBe(true);
    expect(cut?.window?.sharp.value).toBe(false);
    expect(cut?.picture?.across).toBeCloseTo(1.87 / 2 / d, 9);
    expect([cut?.picture?.allRound, whole?.picture?.allRound]).toEqual([false, true]);
  });
});

describe('a lens from the shelf', () => {
  const tele = lectern([set('/devices/camnorth1/lens', 'lenstele1')]);

  it('reaches what the lens of the camera does not, and its working names the lens', () => {
    // 81 mm are needed: 12–60 ends before, 35–100 does not.
    expect(tele.reached?.value).toBe(true);
    expect(number(tele.focal)).toBeCloseTo(number(plain.focalNeeded), 9);
    expect(number(tele.aperture)).toBe(2.8);
    const from = tele.reached?.working.terms.find(({ name }) => name === 'fmax')?.from;
    expect(from).toEqual({ document: 'kinds', pointer: '/kinds/lenstele1/lens/focalMax' });
  });

  it('is packed, from the shelf', () => {
    const { lines } = assess(edited(set('/devices/camnorth1/lens', 'lenstele1'))).pack;
    expect(lines['lens camnorth1']).toMatchObject({ group: 'Cameras', item: 'itemlns01', tape: 'LNS 01' });
    expect(lines['lens camwide01']).toBeUndefined();
  });

  it('brings its own nearest focus, and nothing of the lens before it', () => {
    const near = tele.nearEnough?.working.terms.find(({ value }) => value === 0.85);
    expect(near).toBeDefined();
    const wide = lectern([set('/devices/camnorth1/lens', 'lensfast1')]);
    expect(number(wide.aperture)).toBe(1.8);
  });
});

it('a phone of 24 mm equivalent sees 0.85 · 34.6 / 24 m at 1 m, and focuses with its real 6.8 mm', () => {
  const phone = lectern([set('/devices/camnorth1/kind', 'phone0001'), set('/devices/camnorth1/focal', 6)]);
  const real = (24 * 9.8) / 34.6;
  expect(number(phone.focal)).toBeCloseTo(real, 9);
  expect(number(phone.frameGiven)).toBeCloseTo((number(phone.distance) * 0.85 * 34.6) / 24, 9);
});
