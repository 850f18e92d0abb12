/** Poses of a camera at a place: what each costs, what it serves, and which frames of a locked one are kept. */
import { describe, expect, it } from 'vitest';
import type { Area, Device } from '../../src/documents/index.js';
import { assess } from '../../src/assess.js';
import { distance, polar, type Point } from '../../src/foundations/index.js';
import type { WantedShot } from '../../src/searches/placement/demands.js';
import type { Spot } from '../../src/searches/placement/places.js';
import {
  CREW_IN_SHOT,
  isSeen,
  pictureOf,
  posesAt,
  postAt,
  sightingOf,
  sightingsFrom,
  viewsFrom,
  worthwhile,
  type Means,
  type Pose,
  type Scene,
} from '../../src/searches/placement/poses.js';
import type { Lens } from '../../src/stations/shots/appraisal.js';
import type { Body } from '../../src/stations/shots/bodies.js';
import { friday } from '../stations/edited.js';
import { walls } from '../rooms.js';

const { rules } = assess(friday);
const SENSOR = 20;
const EYES = 1.5;
const HERE: Spot = { at: [0, 0], level: undefined, floor: 0 };

interface Wish {
  /** Where it is, degrees, and how far away, m. */
  readonly towards?: number;
  readonly away?: number;
  readonly wanted?: number;
  readonly points?: number;
}

/** A face that looks at the camera. */
const shotOf = ({ towards = 0, away = 10, wanted = 2, points = 3 }: Wish): WantedShot => {
  const at: Point = polar([0, 0], towards, away);
  const mark = { label: 'mark', at, facing: towards + 180, height: EYES };
  const subject = { mark, eyes: EYES, floor: 0, light: undefined, wanted, fromAbove: false };
  return { id: `shot${towards}`, label: 'mark', subject, points, second: 0.4 } as unknown as WantedShot;
};

const lensOf = (focalMin: number, focalMax: number): Lens =>
  ({
    optics: { sensorWidth: SENSOR, focalMin, focalMax, pixels: 3840 },
    aperture: undefined,
    circle: 15,
    shutter: 0.02,
  }) as unknown as Lens;

const sceneOf = (wishes: readonly Wish[], of: Partial<Scene> = {}): Scene => ({
  rules,
  ground: { venue: {}, blockers: [], places: {} } as unknown as Scene['ground'],
  wanted: { shots: wishes.map(shotOf), moments: [] },
  blocking: walls(),
  noFilm: undefined,
  gear: [],
  cableFrom: () => 0,
  drawnAt: () => 0,
  ...of,
});

const meansOf = (worked: Means['worked'], of: Partial<Means> = {}): Means => ({
  devices: ['camera001'],
  worked,
  lens: lensOf(1, 1000),
  ...of,
});

const posesOf = (scene: Scene, means: Means, height = EYES): Pose[] => {
  const post = postAt(viewsFrom(HERE, scene), height);
  return posesAt(post, means, sightingsFrom(post, means.lens, scene, means.focal), scene);
};

describe('what a pose costs', () => {
  const costOf = (of: Partial<Scene>, worked: Device['worked'] = 'remote', height = EYES): number =>
    posesOf(sceneOf([{}], of), meansOf(worked ?? 'remote'), height)[0]?.cost ?? NaN;

  it('is 0.05 points for putting it up, and 0.006 for each metre of cable', () => {
    expect(costOf({})).toBeCloseTo(0.05, 12);
    expect(costOf({ cableFrom: () => 100 })).toBeCloseTo(0.65, 12);
  });

  it('and 0.6 for disturbing every seat once: twice for an operator, half as many again above the heads', () => {
    const drawnAt = () => 0.5;
    const low = rules.seatedHead;
    expect(costOf({ drawnAt }, 'remote', low)).toBeCloseTo(0.05 + 0.6 * 0.5, 12);
    expect(costOf({ drawnAt }, 'remote', low + 0.01)).toBeCloseTo(0.05 + 0.6 * 0.5 * 1.5, 12);
    expect(costOf({ drawnAt }, 'operated', low)).toBeCloseTo(0.05 + 0.6 * 0.5 * 2, 12);
    expect(costOf({ drawnAt }, 'operated', low + 0.01)).toBeCloseTo(0.05 + 0.6 * 0.5 * 3, 12);
  });
});

describe('a camera that frames each shot by itself', () => {
  it('has one pose with the quality of each shot, and where each mark sees it', () => {
    const [pose, ...more] = posesOf(sceneOf([{ towards: 0 }, { towards: 90 }]), meansOf('operated'));
    expect(more).toEqual([]);
    expect(pose?.quality).toEqual([1, 1]);
    expect(pose?.bearings.map(bearing => (bearing + 360) % 360)).toEqual([180, 270]);
    expect(pose?.frame).toBeUndefined();
    expect(pose).toMatchObject({ at: [0, 0], floor: 0, height: EYES });
  });

  it('has none where it can serve nothing', () => {
    expect(posesOf(sceneOf([{}]), meansOf('operated', { lens: lensOf(1, 10) }))).toEqual([]);
  });
});

describe('a locked camera', () => {
  const FIVE = [-20, -10, 0, 10, 20].map(towards => ({ towards }));

  it('has a frame of its own for a shot alone', () => {
    const [pose] = posesOf(sceneOf([{ towards: 30 }]), meansOf('locked'));
    // f = 20 · 10 / 2 = 100 mm, pointed at the mark.
    expect(pose?.frame?.focal).toBeCloseTo(100, 6);
    expect(pose?.frame?.aim).toBeCloseTo(30, 9);
    expect(pose?.frame?.shots).toEqual([0]);
    expect(pose?.frame?.shares).toEqual([1]);
    expect(pose?.quality).toEqual([1]);
  });

  it('keeps three frames of one shot, of those that are worth most', () => {
    const points = [1, 5, 2, 4, 3];
    const far = points.map((own, i) => ({ towards: i * 60, points: own }));
    const alone = posesOf(sceneOf(far), meansOf('locked'));
    expect(alone.map(({ frame }) => frame?.shots[0]).sort()).toEqual([1, 3, 4]);
  });

  it('keeps four frames of several shots at most', () => {
    const wide = FIVE.map(each => ({ ...each, wanted: 6 }));
    const shared = posesOf(sceneOf(wide), meansOf('locked')).filter(
      ({ frame }) => (frame?.shots.length ?? 0) > 1,
    );
    expect(shared.length).toBeGreaterThan(0);
    expect(shared.length).toBeLessThanOrEqual(4);
  });

  it('has in a shared frame what each shot is worth so loosely', () => {
    const shared = posesOf(sceneOf([{ towards: -5 }, { towards: 5 }]), meansOf('locked')).find(
      ({ frame }) => frame?.shots.length === 2,
    );
    // 52.87 mm where each asks for 100: a share of 0.5287, between 0.5 (0.4) and 0.75 (0.8).
    const loose = 0.4 + ((0.5287 - 0.5) / 0.25) * 0.4;
    // 3840 · 0.16 / (2 / 0.5287) = 162.4 px: between 100 (0.9) and 200 (1).
    const face = 0.9 + (162.4 - 100) / 1000;
    expect(shared?.quality[0]).toBeCloseTo(loose * face, 3);
  });

  it('keeps no frame that another is as good as for every shot', () => {
    for (const wishes of [FIVE, FIVE.slice(1, 4)]) {
      const poses = posesOf(sceneOf(wishes), meansOf('locked'));
      for (const a of poses) {
        for (const b of poses) {
          if (a !== b) expect(a.quality.some((q, i) => q > (b.quality[i] ?? 0))).toBe(true);
        }
      }
    }
  });

  it('that is set stays as it is, with what its frame holds', () => {
    const scene = sceneOf([{ towards: -5 }, { towards: 5 }, { towards: 60 }]);
    const [pose, ...more] = posesOf(scene, meansOf('locked', { focal: 52, aim: 0 }));
    expect(more).toEqual([]);
    expect(pose?.frame).toMatchObject({ aim: 0, focal: 52, shots: [0, 1] });
    expect(pose?.quality[2]).toBe(0);
    expect(pose?.quality[0]).toBeGreaterThan(0.4);
  });

  it('that has only its focal length set may still be turned', () => {
    const aims = posesOf(sceneOf([{ towards: -40 }, { towards: 40 }]), meansOf('locked', { focal: 100 })).map(
      ({ frame }) => frame?.aim,
    );
    expect(aims.map(aim => Math.round(aim ?? NaN)).sort((a, b) => a - b)).toEqual([-40, 40]);
  });
});

describe('a shot that is hardly worth taking', () => {
  it('is not taken below a tenth', () => {
    expect(worthwhile(0.0999)).toBe(0);
    expect(worthwhile(0.1)).toBe(0.1);
  });
});

const body = (at: Point, of: Partial<Body> = {}): Body => ({
  id: 'gear00001',
  label: 'a stand',
  at,
  floor: 0,
  top: 1.8,
  width: 0.5,
  legs: false,
  operator: false,
  ...of,
});

describe('what stands in the picture', () => {
  const sighting = (...gear: Body[]) => {
    const scene = sceneOf([{}], { gear });
    return sightingOf(0, postAt(viewsFrom(HERE, scene), EYES), lensOf(1, 1000), scene);
  };

  it('takes two fifths off for each', () => {
    expect(sighting().quality).toEqual({ value: 1, worst: undefined });
    expect(CREW_IN_SHOT).toBe(0.4);
    expect(sighting(body([5, 0])).quality).toEqual({ value: 0.6, worst: 'gear' });
    expect(sighting(body([5, 0]), body([6, 0])).quality.value).toBeCloseTo(0.2, 12);
    expect(sighting(body([5, 0]), body([6, 0]), body([7, 0])).quality.value).toBe(0);
  });

  it('takes nothing off behind the camera, or beside the picture', () => {
    expect(sighting(body([-5, 0])).quality.value).toBe(1);
    // Half the picture at 5 m is 0.5 m wide.
    expect(sighting(body([5, 0.8])).quality.value).toBe(1);
    expect(sighting(body([5, 0.7])).quality.value).toBe(0.6);
  });

  it('counts from a hundredth of the picture', () => {
    const scene = sceneOf([{}]);
    const { subject } = scene.wanted.shots[0] as WantedShot;
    const lens = lensOf(1, 1000);
    const { shot } = sightingOf(0, postAt(viewsFrom(HERE, scene), EYES), lens, scene);
    const picture = pictureOf(HERE, EYES, subject, shot, lens);
    // A rod over the whole height at 5 m, where the picture is 1 m wide.
    const rod = (width: number): boolean => isSeen(picture, body([5, 0], { width, top: 4 }), walls());
    expect(rod(0.0102)).toBe(true);
    expect(rod(0.0098)).toBe(false);
  });
});

describe('an area that may not be filmed', () => {
  const area = (outline: Point[]): Area => ({ order: '1', label: 'choir', kind: 'no-film', outline }) as Area;
  const behind = area([
    [12, -1],
    [14, -1],
    [14, 1],
    [12, 1],
  ]);
  const aside = area([
    [10, 4],
    [12, 4],
    [12, 6],
    [10, 6],
  ]);
  const quality = (of: Area) => {
    const scene = sceneOf([{}], { noFilm: { area00001: of } });
    return sightingOf(0, postAt(viewsFrom(HERE, scene), EYES), lensOf(1, 1000), scene).quality;
  };

  it('rules out a shot whose picture takes it in', () => {
    expect(quality(behind)).toEqual({ value: 0, worst: 'no-film' });
    expect(quality(aside).value).toBe(1);
  });
});

describe('a picture', () => {
  it('is as wide as the lens and the shot make it, and points at the mark', () => {
    const scene = sceneOf([{ towards: 30 }]);
    const { subject } = scene.wanted.shots[0] as WantedShot;
    const lens = lensOf(1, 1000);
    const { shot } = sightingOf(0, postAt(viewsFrom(HERE, scene), EYES), lens, scene);
    const picture = pictureOf(HERE, EYES, subject, shot, lens);
    expect(picture.aim).toBeCloseTo(30, 9);
    // Half of 2 m at 10 m.
    expect(picture.across).toBeCloseTo(0.1, 6);
    // The middle lies a sixth of 1.125 m below the eyes: atan(−0.1875 / 10).
    expect(picture.tilt).toBeCloseTo((Math.atan(-0.1875 / 10) * 180) / Math.PI, 6);
    expect(distance(picture.eye, HERE.at)).toBe(0);
  });
});
