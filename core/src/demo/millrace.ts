/** The demo venue of Sunday: the Millrace bandstand, an octagon on open grass without mains or line. */
import type { Pillar, Venue } from '../documents/index.js';
import { polar, type Point } from '../foundations/index.js';
import { box } from '../survey/shapes.js';

const MIDDLE: Point = [27, 14];
const rounded = (metres: number): number => Math.round(metres * 1000) / 1000;
/** The eight corners, 8 m across the flats, at a share of their distance. */
const corners = (share: number): Point[] =>
  Array.from({ length: 8 }, (_, i) => {
    const [x, y] = polar(MIDDLE, 22.5 + i * 45, (4 / Math.cos(Math.PI / 8)) * share);
    return [rounded(x), rounded(y)];
  });

const posts = (): Record<string, Pillar> =>
  Object.fromEntries(
    corners(0.96).map((at, i) => [`post0000${i + 1}`, { label: `${i + 1}`, at, size: 0.16, round: true }]),
  );

export const millrace: Venue = {
  version: 1,
  name: 'Millrace bandstand',
  volts: 230,
  hertz: 50,
  zone: 'Europe/London',
  facts: {
    people: 400,
    access: 'vans to the east gate until 13:00, then on foot',
    noise: 'the weir, all day; church bells at 15:00',
  },
  outline: box(0, 0, 40, 28),
  dimensions: {
    greenlong: { order: '001h', label: 'Part of the green that is used', axis: 'x', from: 0, to: 40 },
    greenwide: { order: '002h', label: 'North to south', axis: 'y', from: 0, to: 28 },
  },
  pillars: posts(),
  areas: {
    bandstand: { label: 'bandstand +0.7', kind: 'raised', outline: corners(1), floor: 0.7 },
    bandroof1: { label: 'roof', kind: 'obstacle', outline: corners(1.08), underside: 3.4 },
    grassseat: {
      label: 'picnic grass',
      kind: 'seating',
      outline: box(8, 6, 12, 16),
      rowSpacing: 1.2,
      seatedHead: 0.9,
    },
    pathclear: { label: 'path', kind: 'keep-clear', outline: box(0, 23, 40, 2.4), walk: 'x' },
    nofilmpla: { label: 'play corner', kind: 'no-film', outline: box(33, 1, 6, 5) },
    camsgrass: { label: 'behind the grass', kind: 'cameras', outline: box(3, 8, 4, 12) },
  },
  stairs: { bandsteps: { label: 'steps', outline: box(26.2, 18, 1.6, 1.2), head: 'bandstand', clear: 1.4 } },
  marks: {
    markspeak: {
      order: '001h',
      label: 'Speaker',
      at: [24.6, 14],
      height: 1.6,
      facing: 180,
      light: 9000,
      people: 1,
      posture: 'standing',
    },
    markband1: {
      order: '002h',
      label: 'Band',
      at: [27.4, 14],
      height: 1.3,
      facing: 180,
      light: 3500,
      width: 5,
    },
    markchoir: {
      order: '003h',
      label: 'Children’s choir',
      at: [22.2, 17.2],
      height: 1.2,
      facing: 190,
      light: 9500,
      width: 4,
    },
  },
  lamps: {
    lampsky01: { order: '001h', label: 'sky', kind: 'daylight', at: [20, 2], height: 20, kelvin: 6500 },
  },
  lightReadings: {
    lightunde: {
      label: 'under the roof',
      at: [27, 14],
      lux: 3400,
      facing: 180,
      taken: '2026-11-22T14:50:00Z',
    },
    lightgras: { label: 'on the grass', at: [22, 14], lux: 9200, facing: 180, taken: '2026-11-22T14:52:00Z' },
  },
  mobileReadings: {
    mobbench1: { label: 'first operator', at: [5, 12], up: 9.4, down: 32, taken: '2026-11-22T15:02:00Z' },
    mobbench2: {
      label: 'second operator',
      at: [5.4, 12.6],
      up: 4.9,
      down: 18,
      taken: '2026-11-22T15:06:00Z',
    },
    mobgate01: { label: 'first operator', at: [38, 22], up: 2.2, down: 9, taken: '2026-11-22T15:12:00Z' },
  },
  notes: {
    notegras1: {
      label: 'soft ground',
      at: [12, 25.8],
      text: 'Soft after rain: no van here, boards under stands.',
    },
    notemains: {
      label: 'no mains',
      at: [36, 26],
      text: 'The lamp post’s box is locked; nobody at the parish has its key.',
    },
  },
};
