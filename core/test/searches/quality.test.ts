/** How good a shot is from a place: every curve at its corners and half way between, each taken alone. */
import { describe, expect, it } from 'vitest';
import { qualityOf, type Quality, type Reason } from '../../src/searches/placement/quality.js';
import type { Appraisal, Outlook } from '../../src/stations/shots/appraisal.js';

interface Seen {
  side?: number;
  share?: number;
  middle?: boolean;
  above?: number;
  pixels?: number;
  gain?: number;
  frame?: number;
  reached?: boolean;
  nearEnough?: boolean;
  past?: number;
  seated?: number;
  standing?: number;
  sharp?: boolean;
  isSet?: boolean;
}

/** A shot that is perfect but for what is said of it. */
function qualityWith(
  { side = 0, share = 0, middle = false, ...of }: Seen,
  { wanted = 1, fromAbove = false, mostGain = 20, shared = false } = {},
): Quality {
  const view = { side, wanted, hidden: { share, middle, by: [] } } as unknown as Outlook;
  const shot = { above: 0, pixels: 200, frame: 1, reached: true, nearEnough: true, isSet: false, ...of };
  return qualityOf(view, shot as unknown as Appraisal, { fromAbove }, mostGain, shared);
}

describe('a shot that is as good as can be', () => {
  it('has 1 and nothing that takes away from it', () => {
    expect(qualityWith({})).toEqual({ value: 1, worst: undefined });
  });
});

describe('what rules a shot out', () => {
  it.each<[Reason, Seen]>([
    ['reach', { reached: false }],
    ['near', { nearEnough: false }],
    ['sight', { share: 0.5, middle: true }],
    ['solid', { past: -0.01 }],
    ['heads', { seated: -0.01 }],
  ])('%s', (worst, seen) => {
    expect(qualityWith(seen)).toEqual({ value: 0, worst });
  });

  it('is told by the first of them', () => {
    expect(qualityWith({ reached: false, nearEnough: false, past: -1 }).worst).toBe('reach');
    expect(qualityWith({ nearEnough: false, past: -1, seated: -1 }).worst).toBe('near');
    expect(qualityWith({ past: -1, seated: -1 }).worst).toBe('solid');
  });

  it('is a clearance of less than a hand’s breadth over furniture and seated heads', () => {
    expect(qualityWith({ past: 0.1, seated: 0.1 }).value).toBe(1);
    expect(qualityWith({ past: 0.0999 }).value).toBe(0);
    expect(qualityWith({ seated: 0.0999 }).value).toBe(0);
  });

  it('is no reach only where the frame is its own', () => {
    expect(qualityWith({ reached: false }, { shared: true }).value).toBe(1);
  });
});

/** One curve: what is seen, and the share that is left. */
const eachAt = (
  worst: Reason,
  seen: (at: number) => Seen,
  points: readonly (readonly [at: number, share: number])[],
  how: Parameters<typeof qualityWith>[1] = {},
): void => {
  it.each(points)(`${worst} %d leaves %d`, (at, share) => {
    const quality = qualityWith(seen(at), how);
    expect(quality.value).toBeCloseTo(share, 12);
    expect(quality.worst).toBe(share < 0.999 ? worst : undefined);
  });
};

describe('off the front of the face', () => {
  eachAt('side', side => ({ side }), [
    [0, 1],
    [30, 1],
    [37.5, 0.925],
    [45, 0.85],
    [52.5, 0.725],
    [60, 0.6],
    [75, 0.4],
    [90, 0.2],
    [135, 0.11],
    [180, 0.02],
  ]);
});

describe('above or below the eyes', () => {
  eachAt('height', above => ({ above }), [
    [-90, 0.1],
    [-60, 0.1],
    [-40, 0.3],
    [-20, 0.5],
    [-12.5, 0.75],
    [-5, 1],
    [15, 1],
    [20, 0.925],
    [25, 0.85],
    [35, 0.625],
    [45, 0.4],
    [62.5, 0.25],
    [80, 0.1],
    [89, 0.1],
  ]);
});

describe('a table from above', () => {
  eachAt(
    'height',
    above => ({ above, side: 180 }),
    [
      [45, 0.05],
      [60, 0.05],
      [65, 0.325],
      [70, 0.6],
      [75, 0.8],
      [80, 1],
      [90, 1],
    ],
    { fromAbove: true },
  );
});

describe('pixels across a face', () => {
  eachAt('face', pixels => ({ pixels }), [
    [10, 0.5],
    [20, 0.5],
    [40, 0.65],
    [60, 0.8],
    [80, 0.85],
    [100, 0.9],
    [150, 0.95],
    [200, 1],
    [400, 1],
  ]);
});

describe('gain against the most that is accepted', () => {
  const POINTS = [
    [0, 1],
    [10, 1],
    [15, 0.9],
    [20, 0.8],
    [25, 0.55],
    [30, 0.3],
    [35, 0.2],
    [40, 0.1],
    [60, 0.1],
  ] as const;
  eachAt('gain', gain => ({ gain }), POINTS);

  it('says nothing where the light, or what its owner accepts, is not known', () => {
    expect(qualityWith({}).value).toBe(1);
    expect(qualityWith({ gain: 60 }, { mostGain: 0 }).value).toBe(1);
  });
});

describe('a frame that is wider than wanted', () => {
  const POINTS = [
    [1 / 0.4, 0],
    [1 / 0.45, 0],
    [1 / 0.475, 0.2],
    [2, 0.4],
    [1 / 0.625, 0.6],
    [1 / 0.75, 0.8],
    [1 / 0.85, 0.9],
    [1 / 0.95, 1],
    [1, 1],
  ] as const;
  eachAt('loose', frame => ({ frame }), POINTS, { shared: true });
  eachAt('loose', frame => ({ frame, isSet: true }), POINTS);

  it('is as good as any where the lens is framed for the shot alone', () => {
    expect(qualityWith({ frame: 3 }).value).toBe(1);
  });

  it('is reckoned against the width that is wanted', () => {
    expect(qualityWith({ frame: 4 }, { wanted: 3, shared: true }).value).toBeCloseTo(0.8, 12);
  });
});

describe('what else takes away', () => {
  it('is the share that is hidden', () => {
    expect(qualityWith({ share: 0.05 })).toEqual({ value: 0.95, worst: 'sight' });
    expect(qualityWith({ share: 0.0501 })).toEqual({ value: 0, worst: 'sight' });
  });

  it('is three quarters where it is seen only while people sit', () => {
    expect(qualityWith({ standing: 0.0999 })).toEqual({ value: 0.25, worst: 'heads' });
    expect(qualityWith({ standing: 0.1 }).value).toBe(1);
  });

  it('is two fifths where a face is not sharp, and nothing where that is not known', () => {
    expect(qualityWith({ sharp: false })).toEqual({ value: 0.6, worst: 'focus' });
    expect(qualityWith({ sharp: true }).value).toBe(1);
    expect(qualityWith({}).value).toBe(1);
  });

  it('multiplies, and is told by the least factor', () => {
    // 45° aside leaves 0.85, 100 px 0.9, a twentieth hidden 0.95: 0.72675.
    const quality = qualityWith({ side: 45, pixels: 100, share: 0.05 });
    expect(quality.value).toBeCloseTo(0.72675, 12);
    expect(quality.worst).toBe('side');
    expect(qualityWith({ side: 30, pixels: 100, share: 0.05 }).worst).toBe('face');
    expect(qualityWith({ pixels: 180, share: 0.05 }).worst).toBe('sight');
  });

  it('is told only where it takes a thousandth or more', () => {
    expect(qualityWith({ share: 0.0009 }).worst).toBeUndefined();
    expect(qualityWith({ share: 0.0011 }).worst).toBe('sight');
  });
});
