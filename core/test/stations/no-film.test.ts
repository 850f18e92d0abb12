/** Whether a camera’s picture takes in an area that may not be filmed: at its edges, from within, behind a pillar. */
import { describe, expect, it } from 'vitest';
import { blockingOf, pillarBlocker, type Blocking, type Point } from '../../src/foundations/index.js';
import { noFilmInView, noFilmOf } from '../../src/stations/shots/no-film.js';
import { area, box, walls } from '../rooms.js';
import { assessed, remove, set } from './edited.js';

/** A camera at the corner of the room that looks east. */
const seen = (
  outline: Point[],
  of: { facing?: number; spread?: number; kind?: 'no-film' | 'seating'; blocking?: Blocking } = {},
): boolean => {
  const { facing = 0, spread = 40, kind = 'no-film', blocking = walls() } = of;
  return (
    noFilmInView({ area00001: area(kind, outline) }, { at: [0, 0], facing, spread }, blocking).length > 0
  );
};

describe('an area that may not be filmed', () => {
  it('is in view as soon as a corner of it is', () => {
    // The upper edge of the picture lies at 20°: tan 20° = 0.364, at 10 m 3.64 m to the side.
    expect(seen(box(9, 3.6, 10, 6))).toBe(true);
    expect(seen(box(9, 3.7, 10, 6))).toBe(false);
    expect(seen(box(9, -6, 10, -3.6))).toBe(true);
    expect(seen(box(9, -6, 10, -3.7))).toBe(false);
  });

  it('is in view where its middle is, though no corner is', () => {
    expect(seen(box(5, -9, 6, 9))).toBe(true);
  });

  it('is in view from within, and right before the lens', () => {
    expect(seen(box(-1, -1, 1, 1))).toBe(true);
    expect(seen(box(-2, -1, -1, 1))).toBe(false);
    expect(seen(box(0, 0, 1, 1), { facing: 180 })).toBe(true);
  });

  it('is of that kind only', () => {
    expect(seen(box(5, -1, 6, 1), { kind: 'seating' })).toBe(false);
  });

  it('is looked for all round by a camera that sees so far', () => {
    const behind = box(-6, -1, -5, 1);
    expect(seen(behind, { spread: 170 })).toBe(false);
    expect(seen(behind, { spread: 180 })).toBe(false);
    expect(seen(behind, { spread: 360 })).toBe(true);
    expect(seen(box(-3, 5, -2, 6), { spread: 200 })).toBe(false);
    expect(seen(box(-1, 5, 0, 6), { spread: 200 })).toBe(true);
  });

  it('is not in view behind a pillar that hides all of it', () => {
    const blocking = blockingOf([pillarBlocker('pillar001', { label: 'P', at: [3, 0], size: 2 })]);
    expect(seen(box(9, -1, 10, 1), { blocking })).toBe(false);
    // Beside the pillar it is: its near corners lie at atan(1 / 2), 26.6°, so what is wider is seen past them.
    expect(seen(box(9, -6, 10, 6), { spread: 120, blocking })).toBe(true);
    expect(seen(box(1, -0.5, 1.5, 0.5), { blocking })).toBe(true);
  });
});

describe('the figure of a camera', () => {
  const areas = { area00001: area('no-film', box(5, -1, 6, 1), { label: 'choir' }) };
  it('names what it takes in, or none, or that it is not known', () => {
    const of = (facing: number) =>
      noFilmOf('camera001', [{ at: [0, 0], facing, spread: 40 }], areas, walls());
    expect(of(0).value).toBe('choir');
    expect(of(90).value).toBe('none');
    expect(noFilmOf('camera001', [], areas, walls()).value).toBeNull();
  });

  it('looks at every shot of a camera that turns, and at where one that is locked is turned', () => {
    // A second mark west of a camera whose first shot lies east; the area is behind it.
    const behind = { order: '9', label: 'Book', at: [6, 1.9], facing: 0, height: 1.6 };
    const play = area('no-film', box(4, 1, 6, 3), { label: 'play corner' });
    const patch = [
      set('/venueChanges', {
        changemar: { path: '/marks/markbook1', value: behind },
        changeare: { path: '/areas/areaplay1', value: play },
      }),
      set('/shots/shotbook1', { order: 'zz', mark: 'markbook1', size: 'waist up', camera: 'camnorth1' }),
    ];
    const seen = (...more: Parameters<typeof assessed>) =>
      String(assessed(...patch, ...more).shots.cameras.camnorth1?.noFilm.value);
    expect(seen()).toContain('play corner');
    expect(seen(remove('/shots/shotbook1'))).not.toContain('play corner');
    const turned = set('/devices/camnorth1/place/facing', 0);
    expect(seen(turned, set('/devices/camnorth1/worked', 'remote'))).toContain('play corner');
    expect(seen(turned, set('/devices/camnorth1/worked', 'locked'))).not.toContain('play corner');
    const back = set('/devices/camnorth1/place/facing', 180);
    expect(seen(back, remove('/shots/shotbook1'))).toContain('play corner');
  });
});
