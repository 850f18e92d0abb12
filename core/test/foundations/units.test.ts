import { describe, expect, it } from 'vitest';
import {
  inWords,
  parseLength,
  parseQuantity,
  show,
  showText,
  whyEither,
  type Reading,
  type Unit,
} from '../../src/foundations/units.js';

const metric: Reading = { system: 'metric', zone: 'Europe/London' };
const imperial: Reading = { system: 'imperial', zone: 'America/New_York' };

describe('showing', () => {
  it.each<[number | string | boolean | null, Unit, Reading, string]>([
    [3.81, 'm', metric, '3.81 m'],
    [3.81, 'm', imperial, '12′ 6″'],
    [0.3048, 'm', imperial, '1′ 0″'],
    [3.6575, 'm', imperial, '12′ 0″'],
    [-0.1, 'm', imperial, '−0′ 4″'],
    [10, 'kg', imperial, '22.0 lb'],
    [20, '°C', imperial, '68 °F'],
    [-0.001, 'm', metric, '0.00 m'],
    [-3.5, 'A', metric, '−3.5 A'],
    [80.84, 'mm', metric, '81 mm'],
    [true, '', metric, 'yes'],
    [null, 'm', metric, '–'],
    ['2026-12-04T19:30:00Z', 'instant', metric, 'Fri 19:30'],
    ['2026-12-04T19:30:00Z', 'instant', imperial, 'Fri 14:30'],
  ])('%j %s', (value, unit, reading, expected) => {
    expect(showText(value, unit, reading)).toBe(expected);
  });

  it('says UTC when the time zone is not known', () => {
    expect(
      show('2026-12-04T19:30:00Z', 'instant', { system: 'metric', zone: 'Nowhere/Here' }).text,
    ).toContain('UTC');
  });
});

describe('a number that may mean two things', () => {
  it.each(['1,000 m', '12,345', '−1,000 cm', '999,999'])('is asked about: %j', text => {
    expect(parseLength(text, 'metric')).toBeUndefined();
    expect(whyEither(text)).toMatch(/may be .* or .*: write one of these/);
  });

  it.each(['1,00', '0,125', '1,0000', '1,000.5', '1.000', '10'])('is not %j', text => {
    expect(whyEither(text)).toBeUndefined();
  });

  it('is asked about in any unit', () => {
    expect(parseQuantity('1,200 W', 'W', 'metric')).toBeUndefined();
    expect(parseQuantity('1,5 kg', 'kg', 'metric')).toBe(1.5);
    expect(whyEither('1,200 W')).toBe('“1,200” may be 1.200 or 1200: write one of these');
  });
});

describe('reading lengths', () => {
  it.each([
    ['3.81', 'metric', 3.81],
    ['14m 50cm', 'metric', 14.5],
    ['14 m 5', 'imperial', 14.05],
    ['−2 m 30 cm 4 mm', 'metric', -2.304],
    ['1,250.5 m', 'metric', 1250.5],
    ['1.250,5', 'metric', 1250.5],
    ['0,125 m', 'metric', 0.125],
    ['1,25', 'metric', 1.25],
    ['1000 m', 'metric', 1000],
    ['3,81 m', 'imperial', 3.81],
    ['381 cm', 'metric', 3.81],
    ['12\' 6"', 'metric', 3.81],
    ['12.5 ft', 'metric', 3.81],
    ['150 in', 'metric', 3.81],
    ['12.5', 'imperial', 3.81],
    ['12′ 6″', 'imperial', 3.81],
    // What a tape reads between its inches: 6 1/2 in = 6.5 · 0.0254 m.
    ['6 1/2"', 'imperial', 0.1651],
    ['3/4 in', 'metric', 0.01905],
    ['10\' 6 1/4"', 'imperial', 3.20675],
    ['−2′ 6″', 'imperial', -0.762],
    ['−2.5 m', 'imperial', -2.5],
  ] as const)('%s in %s', (text, system, metres) => {
    expect(parseLength(text, system)).toBeCloseTo(metres, 9);
  });

  it.each(['', 'about ten', '12 stone', '1e3', '--3', '1/0"', '1/2', '6 1/2'])('refuses %j', text => {
    expect(parseLength(text, 'metric')).toBeUndefined();
  });
});

it.each([
  [1.5, 'm', '1.5 m', '4′ 11″'],
  [2, 'm', '2 m', '6′ 6.5″'],
  [0.046, 'm', '0.05 m', '0′ 2″'],
  [-0.2, 'm', '−0.2 m', '−0′ 8″'],
  [23, 'kg', '23 kg', '50.7 lb'],
  [23.04, 'kg', '23 kg', '50.8 lb'],
] as const)('%d %s is said as %s or %s', (value, unit, metric, imperial) => {
  expect(inWords(value, unit, 'metric')).toBe(metric);
  expect(inWords(value, unit, 'imperial')).toBe(imperial);
});
