/** Work on the floor, from runs that were laid by hand: strips of tape, hooks, ramps, mats, sound beside mains, passages. */
import { describe, expect, it } from 'vitest';
import type { Area, Door } from '../../src/documents/index.js';
import type { Point } from '../../src/foundations/index.js';
import { onTheFloor, type FloorWork, type OnFloor } from '../../src/stations/runs/floor-work.js';
import type { RunResult } from '../../src/stations/runs/result.js';
import type { Squares } from '../../src/stations/runs/occupancy.js';
import { tapeRollsFor, rampPiecesFor } from '../../src/stations/pack/floor-lines.js';
import { givenFigure } from '../given.js';
import { number } from './edited.js';
import { area, box } from '../rooms.js';

type Crossing = RunResult['crossings'][number];

/** A lead along some points, all on the floor, over some zones. */
const lead = (points: readonly Point[], more: Partial<RunResult> = {}): RunResult =>
  ({
    crosses: true,
    points,
    floors: points.map(() => 0),
    aloft: new Set<number>(),
    crossings: [],
    onFloor: givenFigure(1, 'm'),
    make: 'ethernet',
    connector: 'RJ45',
    ...more,
  }) as unknown as RunResult;

const lying = (...lengths: [square: number, length: number][]): Squares => ({
  lengths: new Map(lengths),
  around: new Set(),
});

const work = (runs: readonly RunResult[], more: Partial<OnFloor> = {}): FloorWork =>
  onTheFloor({
    runs: Object.fromEntries(runs.map((run, i) => [`lead${i}`, run])),
    squares: {},
    areas: undefined,
    doors: undefined,
    aisles: {},
    places: {},
    ...more,
  });

const LINE: readonly Point[] = [
  [0, 0],
  [4, 0],
];

describe('tape', () => {
  const taped = (squares: readonly Squares[]): number =>
    number(
      work(
        squares.map(() => lead(LINE)),
        { squares: Object.fromEntries(squares.map((each, i) => [`lead${i}`, each])) },
      ).taped,
    );
  it('is one strip along what lies alone, as long as the longest of a square', () => {
    expect(taped([lying([1, 0.5], [2, 0.7])])).toBeCloseTo(1.2, 12);
    expect(taped([lying([1, 0.5]), lying([1, 0.6])])).toBeCloseTo(0.6, 12);
  });

  it('is one strip over three side by side, and one along each edge of four', () => {
    expect(taped([1, 2, 3].map(() => lying([1, 0.5])))).toBeCloseTo(0.5, 12);
    expect(taped([1, 2, 3, 4].map(() => lying([1, 0.5])))).toBeCloseTo(1, 12);
  });

  it('comes on rolls of 50 m', () => {
    expect([50, 50.01, 0].map(m => number(tapeRollsFor({ taped: givenFigure(m, 'm') })))).toEqual([1, 2, 0]);
  });
});

describe('crossings', () => {
  const zone = (kind: Crossing['kind'], id: string, ramped = 0): Crossing =>
    ({ kind, id, label: id, ramped }) as Crossing;
  it('of a door want three hooks, however many leads go over it', () => {
    const over = (...ids: string[]) => lead(LINE, { crossings: ids.map(id => zone('door', id)) });
    expect(number(work([over('a'), over('a')]).hooks)).toBe(3);
    expect(number(work([over('a', 'b')]).hooks)).toBe(6);
    expect(number(work([lead(LINE)]).hooks)).toBe(0);
  });

  it('of an aisle want its clear width in ramps for every place where leads cross it', () => {
    // People walk along y; leads cross from left to right.
    const areas = { aisle0001: area('keep-clear', box(1, 0, 2.8, 30), { walk: 'y' }) };
    const through = (...ys: number[]): RunResult =>
      lead(
        ys.flatMap((y): Point[] =>
          y < 0 ? [[4, -y] as const, [0, -y] as const] : [[0, y] as const, [4, y] as const],
        ),
        { crossings: [zone('aisle', 'aisle0001', 1.8)] },
      );
    const ramped = (...runs: RunResult[]): number => number(work(runs, { areas }).ramped);
    expect(ramped(through(5), through(5))).toBeCloseTo(1.8, 12);
    expect(ramped(through(5), through(5.5))).toBeCloseTo(1.8, 12);
    expect(ramped(through(5), through(5.51))).toBeCloseTo(3.6, 12);
    expect(ramped(through(5), through(23))).toBeCloseTo(3.6, 12);
    // One lead that comes back elsewhere crosses it twice.
    expect(ramped(through(5, -8))).toBeCloseTo(3.6, 12);
    // Three that lie 0.4 m apart are 0.8 m wide together.
    expect(ramped(through(5), through(5.4), through(5.8))).toBeCloseTo(3.6, 12);
    expect(ramped(lead(LINE, { crossings: [zone('aisle', 'aisle0001', 1.8)] }))).toBeCloseTo(1.8, 12);
  });

  it('of aisles want pieces of 0.9 m, each ramp by itself', () => {
    const pieces = (...widths: number[]): number =>
      number(rampPiecesFor({ ramps: widths.map(width => ({ aisle: 'a', label: 'a', width })) }));
    expect([1.8, 1.8005, 1.81].map(width => pieces(width))).toEqual([2, 2, 3]);
    expect(pieces(1.2, 1.2)).toBe(4);
    expect(pieces()).toBe(0);
  });

  it('of an opening that people walk through want mats of 0.9 m, and of a door none', () => {
    const opening = (kind: Door['kind'], width: number): Record<string, Door> => ({
      opening01: {
        label: 'arch',
        height: 2,
        kind,
        jambs: [
          [2, -width / 2],
          [2, width / 2],
        ],
      },
    });
    const mats = (doors: Record<string, Door>, run = lead(LINE)): number =>
      number(work([run], { doors }).mats);
    expect(mats(opening('opening', 1.8))).toBe(2);
    expect(mats(opening('opening', 1.82))).toBe(3);
    expect(mats(opening('inner', 1.8))).toBe(0);
    expect(mats(opening('opening', 1.8), lead(LINE, { aloft: new Set([0]) }))).toBe(0);
  });
});

describe('sound beside mains', () => {
  const mains = lead(LINE, { connector: 'mains', make: 'mains-1.5' });
  const sound = (from: Point, to: Point): RunResult => lead([from, to], { make: 'balanced-audio' });
  const beside = (run: RunResult): number => number(work([run, mains]).beside.lead0?.mains);
  it('counts where it is nearer than 0.3 m and goes much the same way', () => {
    expect(beside(sound([0, 0.29], [4, 0.29]))).toBeCloseTo(4, 6);
    expect(work([sound([0, 0.3], [4, 0.3]), mains]).beside.lead0).toBeUndefined();
    // Straight across, and at a little more than 45°, it only crosses.
    expect(work([sound([2, -1], [2, 1]), mains]).beside.lead0).toBeUndefined();
    expect(work([sound([1, -1.1], [3, 1.1]), mains]).beside.lead0).toBeUndefined();
    expect(beside(sound([1, -0.9], [3, 0.9]))).toBeGreaterThan(0);
  });

  it('counts not where the mains hang or climb', () => {
    const corner: readonly Point[] = [
      [0, 0],
      [4, 0],
      [4, 4],
    ];
    const along = (aloft: readonly number[]): number | undefined =>
      work([
        sound([0, 0.1], [3.5, 0.1]),
        lead(corner, { connector: 'mains', make: 'mains-1.5', aloft: new Set(aloft) }),
      ]).beside.lead0 && 1;
    expect([along([]), along([1]), along([0])]).toEqual([1, 1, undefined]);
  });

  it('is no matter of pictures', () => {
    expect(
      work([
        lead([
          [0, 0.1],
          [4, 0.1],
        ]),
        mains,
      ]).beside,
    ).toEqual({});
  });
});

describe('a passage', () => {
  const aisle: Area = {
    label: 'centre aisle',
    kind: 'keep-clear',
    outline: [
      [0, 0],
      [4, 0],
      [4, 2],
      [0, 2],
    ],
  };
  const through = lead(LINE, {
    crossings: [{ kind: 'aisle', id: 'aisle001', label: 'centre aisle' } as Crossing],
  });
  const passage = (width: number, stands: Point | undefined) => {
    const places = stands ? { camera01: { at: stands, carrier: 'camera01', level: undefined } } : {};
    const aisles = { aisle001: { width: givenFigure(width, 'm') } };
    const more = { areas: { aisle001: aisle }, aisles, places } as unknown as Partial<OnFloor>;
    return work([through], more).passages.aisle001;
  };
  it('of 0.9 m is wide enough for a wheelchair, and a stand takes 1 m of it', () => {
    expect(passage(0.9, undefined)?.wideEnough.value).toBe(true);
    expect(passage(0.89, undefined)?.wideEnough.value).toBe(false);
    expect(number(passage(1.9, [2, 1])?.left)).toBeCloseTo(0.9, 12);
    expect(passage(1.9, [2, 1])?.wideEnough.value).toBe(true);
    expect(passage(1.89, [2, 1])?.wideEnough.value).toBe(false);
    expect(passage(1.89, [2, 2.1])?.wideEnough.value).toBe(true);
  });
});
