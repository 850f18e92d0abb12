/**
 * Optics, focus, exposure and sight against independent values. These were worked out once with decimals of 50 digits
 * in another language, from the formulas of geometrical optics (thin lens, d much longer than f), of ISO 2720
 * (C = 250) and of plane geometry, written down anew; inputs were drawn at random with a fixed seed.
 */
import { describe, expect, it } from 'vitest';
import type { Area, Optics } from '../../src/documents/index.js';
import { constant, evaluate, numberOf, type Figure } from '../../src/foundations/index.js';
import { gainFor, isoFor } from '../../src/stations/shots/exposure.js';
import { circleOfConfusion, focusOf, type Focus } from '../../src/stations/shots/focus.js';
import { focalFor, frameAt, pixelsOnFace, tiltFor, verticalAngle } from '../../src/stations/shots/framing.js';
import { hiddenShare, lowestPoint, nearestHeads, seatsBetween } from '../../src/stations/shots/sight.js';
import { blocker } from '../../src/foundations/room.js';
import { footprint } from '../../src/foundations/geometry.js';
import { givenFigure as given } from '../given.js';
import { assessed, friday, set } from './edited.js';
import independent from './independent.json' with { type: 'json' };

type In = Readonly<Record<string, number>>;
type Unit = Figure['unit'];
const term = (name: string, value: number, unit: Unit) => constant(name, value, unit, 'given');
const value = (figure: Figure | undefined): number => numberOf(figure) ?? NaN;
const n = (input: In, name: string): number => input[name] ?? NaN;

function focus(input: In): Focus {
  const lens = { focal: given(n(input, 'f'), 'mm'), aperture: given(n(input, 'N'), 'f/') };
  return focusOf('x', given(n(input, 'c'), 'µm'), lens, [n(input, 'dmin') || 1, n(input, 'dmax') || 2]);
}

/** Heads of a block right across the line of sight from one distance to another. */
function overHeads(input: In): number {
  const [near, far] = [n(input, 'near'), n(input, 'far')];
  const block: Area = {
    label: 'pews',
    kind: 'seating',
    floor: n(input, 'floor'),
    standingHead: n(input, 'head'),
    outline: [
      [near, -1],
      [far, -1],
      [far, 1],
      [near, 1],
    ],
  };
  const edges = seatsBetween({ pewsacros: block }, [0, 0], [n(input, 'run'), 0]);
  return nearestHeads(edges, n(input, 'lens'), n(input, 'low'), 'standingHead', friday.rules)?.clear ?? NaN;
}

const optics = (input: In): Optics => ({
  sensorWidth: n(input, 'w'),
  sensorHeight: n(input, 'h'),
  crop: n(input, 'crop'),
  focalMin: 10,
  focalMax: 100,
  pixels: 1920,
});

/** The angle of view by the very formula that a camera of the plan is worked by. */
function angleOfView(input: In): number {
  const { working } = assessed(set('/label', 'x')).shots.cameras.camwide01?.angleOfView ?? {};
  const scope = new Map(Object.entries({ w: n(input, 'w'), crop: 1, f: n(input, 'f') }));
  return Number(evaluate(working?.formula ?? '', scope));
}

const OURS: Readonly<Record<string, (input: In) => number>> = {
  'focal needed, mm': i => focalFor(n(i, 'w'), n(i, 'crop'), n(i, 'd'), n(i, 'W')),
  'frame width, m': i => frameAt(n(i, 'w'), n(i, 'crop'), n(i, 'd'), n(i, 'f')),
  'pixels on a face': i => pixelsOnFace(n(i, 'pixels'), n(i, 'frame')),
  'sensitivity, ISO': i => isoFor(n(i, 'N'), n(i, 'loss'), n(i, 'E'), n(i, 't')),
  'gain, dB': i => gainFor(n(i, 'S'), n(i, 'base')),
  'hyperfocal, m': i => value(focus(i).hyperfocal),
  'focus between, m': i =>
    value(
      focusOf('x', given(10, 'µm'), { focal: given(20, 'mm'), aperture: given(4, 'f/') }, [
        n(i, 'dmin'),
        n(i, 'dmax'),
      ]).focusAt,
    ),
  'near limit, m': i => value(focus(i).near),
  'far limit, m': i => value(focus(i).far),
  'aperture for all, thirds': i => value(focus(i).apertureForAll),
  'above the eyes, degrees': i =>
    value(
      verticalAngle(
        'x',
        term('across', n(i, 'run'), 'm'),
        term('lens', n(i, 'lens'), 'm'),
        term('face', n(i, 'face'), 'm'),
      ),
    ),
  'tilt, degrees': i => tiltFor(n(i, 'face'), n(i, 'frame'), n(i, 'lens'), n(i, 'run')),
  'lowest wanted, m': i => lowestPoint(n(i, 'floor'), n(i, 'eyes'), n(i, 'frame')),
  'over heads, m': overHeads,
  'hidden share': i =>
    hiddenShare([0, 0], [n(i, 'run'), 0], n(i, 'W'), [
      blocker('pillar', 'P', footprint([n(i, 'x'), n(i, 'y')], n(i, 'side'), false)),
    ]).share,
  'circle by diagonal, µm': i =>
    value(circleOfConfusion('x', 'kind', optics(i), { circle: 'diagonal', format: '1080p25' })),
  'angle of view, degrees': angleOfView,
};

describe('agrees to a millionth with independent values', () => {
  it.each(independent.map(each => [each.kind, JSON.stringify(each.in), each] as const))(
    '%s of %s',
    (_, __, each) => {
      const ours = OURS[each.kind]?.(each.in) ?? NaN;
      expect(Math.abs(ours - each.out)).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(each.out)));
    },
  );

  it('covers every formula, in more than forty cases', () => {
    expect(independent.length).toBeGreaterThan(40);
    expect(new Set(independent.map(({ kind }) => kind))).toEqual(new Set(Object.keys(OURS)));
  });
});
