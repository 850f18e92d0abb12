/** Venues from tape-measure numbers: every shape by hand. */
import { describe, expect, it } from 'vitest';
import { area, boundsOf, valueAt } from '../../src/foundations/index.js';
import { rowCount } from '../../src/plan-picture/index.js';
import { guessIn } from '../../src/survey/guesses.js';
import { readMarks } from '../../src/survey/marks.js';
import { byLabel, labelsOf, surveyed } from './surveyed.js';

describe('a hall', () => {
  const hall = surveyed('hall', { length: 18, width: 10 });

  it('has four walls, two dimensions, two blocks of seats and the aisle between them', () => {
    expect(area(hall.outline)).toBe(180);
    expect(byLabel(hall.dimensions, 'Length')).toMatchObject({ axis: 'x', from: 0, to: 18 });
    // Side walks of 1.2 m, an aisle of 1.6 m: (10 − 2.4 − 1.6) / 2 = 3 m for each block.
    const north = boundsOf(byLabel(hall.areas, 'seats north')?.outline ?? []);
    expect(north.min).toEqual([2.7, 1.2]);
    expect(north.max).toEqual([13.5, 4.2]);
    const aisle = boundsOf(byLabel(hall.areas, 'centre aisle')?.outline ?? []);
    expect([aisle.min[1], aisle.max[1]]).toEqual([4.2, 5.8]);
  });

  it('has the stage, rows, doors and light that were noted', () => {
    const noted = surveyed(
      'hall',
      { length: 18, width: 10 },
      {
        stage: { depth: 4, height: 0.8 },
        rows: 8,
        rowSpacing: 0.9,
        perRow: 5,
        light: 240,
        zone: 'Europe/London',
        doors: [
          { wall: 'west', along: 5, width: 1.6, kind: 'exit' },
          { wall: 'south', along: 2, kind: 'inner' },
        ],
        marks: readMarks('Lectern, Panel 4 seated; Choir 24 standing, Room 101a'),
      },
    );
    expect(boundsOf(byLabel(noted.areas, 'stage')?.outline ?? [])).toEqual({ min: [14, 0], max: [18, 10] });
    // Rows end 1.5 m before the stage: 8 × 0.9 m from 5.3 to 12.5 m; five chairs of 0.5 m on each side of the aisle.
    const north = byLabel(noted.areas, 'seats north');
    expect(boundsOf(north?.outline ?? [])).toEqual({ min: [5.3, 1.7], max: [12.5, 4.2] });
    expect(north && rowCount(north)).toBe(8);
    expect(byLabel(noted.doors, 'main door')?.jambs).toEqual([
      [0, 4.2],
      [0, 5.8],
    ]);
    expect(byLabel(noted.doors, 'south door 2')).toMatchObject({
      kind: 'inner',
      jambs: [
        [1.55, 10],
        [2.45, 10],
      ],
    });
    expect(byLabel(noted.marks, 'Panel')).toMatchObject({
      people: 4,
      posture: 'seated',
      height: 1.25,
      width: 3,
      light: 240,
    });
    expect(byLabel(noted.marks, 'Choir')).toMatchObject({ people: 24, posture: 'standing', width: 4.8 });
    expect(byLabel(noted.marks, 'Lectern')?.people).toBeUndefined();
    expect(byLabel(noted.marks, 'Room 101a')).toBeDefined();
    expect(noted.zone).toBe('Europe/London');
    expect(labelsOf(noted)).toContain('width of the south door 2');
    expect(labelsOf(noted)).not.toContain('width of the main door');
  });

  it('closes rows up where more are named than fit, and no closer than people get through', () => {
    const full = (rows: number) => {
      const block = byLabel(surveyed('hall', { length: 18, width: 10 }, { rows }).areas, 'seats north');
      return block && [block.rowSpacing, rowCount(block)];
    };
    expect(full(12)).toEqual([0.9, 12]);
    // 830.8 mm each would be 831 rounded, and a row too few.
    expect(full(13)).toEqual([0.83, 13]);
    // 10.8 m over 18 rows are 0.6 m each, the least.
    expect(full(18)).toEqual([0.6, 18]);
    expect(full(19)).toEqual([0.6, 18]);
  });

  it('says what was guessed and not what was measured', () => {
    expect(labelsOf(hall)).toEqual(['how many rows of seats', 'place of Speaker', 'place of the door']);
    expect(labelsOf(surveyed('hall', { length: 18 }))).toContain('Width');
    for (const { path } of Object.values(hall.guesses ?? {}))
      if (path !== undefined) expect(valueAt(hall, path)).toBeDefined();
  });

  it('puts sockets where they were measured on their wall, else spreads them and says so', () => {
    const { sockets, guesses } = surveyed(
      'hall',
      { length: 18, width: 10 },
      {
        sockets: [
          { wall: 'north', along: 4, circuit: 1 },
          { wall: 'south', circuit: 2 },
          { wall: 'south', circuit: 2 },
          { wall: 'east', along: 99, circuit: 1 },
        ],
      },
    );
    const at = Object.values(sockets ?? {})
      .sort((a, b) => (a.order < b.order ? -1 : 1))
      .map(socket => socket.at);
    expect(at).toEqual([
      [4, 0],
      [6, 10],
      [12, 10],
      [18, 10],
    ]);
    expect(
      Object.values(guesses ?? {}).filter(({ label }) => label.startsWith('place of socket')),
    ).toHaveLength(2);
  });
});

describe('what nobody measured', () => {
  const FOOT = 0.3048;

  it('is a round number of half feet where the house measures in feet', () => {
    const venue = surveyed('hall', {}, { system: 'imperial' });
    const { min, max } = boundsOf(venue.outline);
    // 18 m is 59.06 feet, 10 m is 32.81 feet.
    expect((max[0] - min[0]) / FOOT).toBeCloseTo(59, 2);
    expect((max[1] - min[1]) / FOOT).toBeCloseTo(33, 2);
    expect(guessIn(0.6, 'imperial') / FOOT).toBeCloseTo(2, 2);
    expect(guessIn(0.95, 'imperial') / FOOT).toBeCloseTo(3, 2);
    expect(guessIn(0.7, 'imperial') / FOOT).toBeCloseTo(2 + 4 / 12, 2);
    expect(guessIn(0.95, 'metric')).toBe(0.95);
  });
});

describe('the other shapes', () => {
  it('a nave has its chancel in the east and pillars in two rows', () => {
    const nave = surveyed('nave', {
      length: 20,
      width: 15,
      chancelLength: 6,
      chancelWidth: 6,
      pillars: 4,
      sideAisle: 3,
    });
    expect(area(nave.outline)).toBeCloseTo(20 * 15 + 36, 9);
    expect(byLabel(nave.pillars, 'N1')?.at).toEqual([4, 3]);
    expect(byLabel(nave.pillars, 'S4')?.at).toEqual([16, 12]);
    expect(area(surveyed('nave', { length: 20, width: 15, chancelLength: 0 }).outline)).toBe(300);
  });

  it('an L has a wing, an octagon its flats, a circle nearly its area', () => {
    expect(area(surveyed('corner', { length: 12, width: 8, wingLength: 5, wingDepth: 4 }).outline)).toBe(116);
    // Regular octagon across the flats d: 2·d²/(1 + √2).
    const octagon = surveyed('polygon', { across: 10, sides: 8 });
    expect(area(octagon.outline)).toBeCloseTo(200 / (1 + Math.SQRT2), 1);
    const { min, max } = boundsOf(octagon.outline);
    expect(max[0] - min[0]).toBeCloseTo(10, 2);
    expect(area(surveyed('round', { across: 10 }).outline)).toBeCloseTo(25 * Math.PI, 0);
  });

  it('a theatre rises row by row from its stage, and sight over heads knows it', () => {
    const theatre = surveyed('theatre', {
      length: 24,
      width: 14,
      stageDepth: 7,
      stageHeight: 0.9,
      rows: 10,
      rowSpacing: 1,
      rise: 0.2,
    });
    expect(byLabel(theatre.areas, 'stage')).toMatchObject({ kind: 'raised', floor: 0.9 });
    // The first row ends 2 m before the stage: from 14 to 15 m; the tenth is 1.8 m higher, from 5 to 6 m.
    expect(boundsOf(byLabel(theatre.areas, 'row 1')?.outline ?? []).min[0]).toBe(14);
    expect(byLabel(theatre.areas, 'row 10')).toMatchObject({ floor: 1.8 });
    expect(boundsOf(byLabel(theatre.areas, 'row 10')?.outline ?? []).min[0]).toBe(5);
  });

  it('a field has no door, a meeting room has its table', () => {
    expect(surveyed('field').doors).toEqual({});
    expect(byLabel(surveyed('meeting').areas, 'table')?.kind).toBe('obstacle');
  });
});
