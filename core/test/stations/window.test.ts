/** Windows cut from one sensor, by hand calculation. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch, type Operation } from '../../src/foundations/index.js';
import { pictureOf } from '../../src/viewfinder/index.js';
import { lensOf } from '../../src/viewfinder/look.js';
import { edited, friday, number, set } from './edited.js';

/** C1's tables in a camera of 2160 lines, and one more shot of them cut from its picture. */
function cut(size: string, mark = 'marktable', more: readonly Operation[] = []) {
  const window = { order: 'zz1', mark, size, camera: 'camwide01', window: true };
  const bundle = {
    ...edited(set('/shots/windowsho1', window), ...more),
    kinds: applyPatch(friday.kinds, [set('/kinds/camoneinc/optics/pixels', 3840)]),
  };
  const assessment = assess(bundle);
  return { bundle, assessment, ...assessment.shots };
}

describe('a window', () => {
  const { shots, cameras, coverage, bundle, assessment } = cut('knees up');
  const { windowsho1: window, shottables: whole } = shots;

  it('is as much narrower as its frame is than the whole one, at the focal length of that', () => {
    // 4.95 m for the tables, 2.67 m from the knees up.
    expect(number(window?.window?.crop)).toBeCloseTo(number(whole?.frameGiven) / 2.67, 9);
    expect(window?.focal.value).toBe(whole?.focal.value);
    expect(number(window?.frameGiven)).toBeCloseTo(2.67, 9);
    expect(window?.reached.value).toBe(true);
  });

  it('has the pixels of the whole picture across a face, and a circle of confusion as much smaller', () => {
    expect(number(window?.facePixels)).toBeCloseTo((3840 * 0.16) / number(whole?.frameGiven), 9);
    const crop = number(window?.window?.crop);
    expect(number(window?.focus.circle)).toBeCloseTo(number(whole?.focus.circle) / crop, 9);
  });

  it('is soft when it has fewer pixels than the output: beyond 2 × from 3840 for 1920', () => {
    expect(cut('waist up').shots.windowsho1?.window?.sharp.value).toBe(false);
    expect(window?.window?.sharp.value).toBe(true);
  });

  it('must lie in the picture it is cut from', () => {
    expect(window?.window?.inside.value).toBe(true);
    // The lectern stands 2.7 m aside of the tables, and the picture ends 2.5 m from their middle.
    expect(cut('knees up', 'marklecte').shots.windowsho1?.window?.inside.value).toBe(false);
  });

  it('is one camera for coverage, and one more picture for the switcher', () => {
    expect(cameras.camwide01?.pictures.value).toBe(2);
    expect(cameras.camnorth1?.pictures.value).toBe(1);
    expect(coverage.marktable?.count.value).toBe(assess(friday).shots.coverage.marktable?.count.value);
  });

  it('is seen in the viewfinder as wide as it is cut', () => {
    const planned = { bundle, assessment };
    const [lens, full] = [
      lensOf(planned, 'camwide01', 'windowsho1'),
      lensOf(planned, 'camwide01', 'shottables'),
    ];
    if (!lens || !full) throw new Error('no lens');
    expect(full.width / lens.width).toBeCloseTo(number(window?.window?.crop), 9);
    expect(pictureOf(lens, undefined, [])).toEqual([]);
  });

  it('is a cut from the shot it is a window of, when its size differs', () => {
    const { cuts } = cut('knees up');
    expect(Object.values(cuts).map(({ shots: both }) => both)).toContainEqual(['shottables', 'windowsho1']);
  });

  it('does not turn its camera to it, even where it is the first shot in order', () => {
    const first = { order: '000a', mark: 'marklecte', size: 'knees up', camera: 'camwide01', window: true };
    const plain = assess(friday).shots.cameras.camwide01;
    const { camwide01: camera } = assess(edited(set('/shots/windowsho1', first))).shots.cameras;
    expect([camera?.aim.value, camera?.focal.value]).toEqual([plain?.aim.value, plain?.focal.value]);
  });
});
