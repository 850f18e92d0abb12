/** The ladder of stream sizes against a table of its own, and the best rung of a line at its limits. */
import { describe, expect, it } from 'vitest';
import type { Rung } from '../../src/documents/index.js';
import { bestRung, LADDER } from '../../src/stations/stream/ladder.js';

/** Usual H.264 video rates, kb/s, as services that take streams publish them. */
const RATES: readonly (readonly [rung: Rung, low: number, high: number])[] = [
  ['2160p30', 15_000, 25_000],
  ['1440p30', 8000, 12_000],
  ['1080p60', 6000, 9000],
  ['1080p30', 4000, 6000],
  ['720p60', 3500, 5000],
  ['720p30', 2500, 4000],
  ['540p', 1500, 1500],
  ['360p', 800, 800],
  ['160p', 300, 300],
];

/** What a rung takes of a line at its lowest, Mb/s: 160 kb/s of sound with it, and 8 % about it. */
const takes = (low: number): number => ((low + 160) * 1.08) / 1000;

/** Whatever is sent, it is large and fast enough. */
const ALL = { lines: 2160, fast: true } as const;

describe('the ladder', () => {
  it('has these rates, the best first', () => {
    expect(LADDER.map(([rung, { low, high }]) => [rung, low, high])).toEqual(RATES);
  });

  it.each(RATES)('offers %s from what it takes at its lowest on', (rung, low) => {
    expect(bestRung(takes(low) + 1e-9, ALL)).toBe(rung);
    const next = RATES[RATES.findIndex(([each]) => each === rung) + 1]?.[0] ?? '160p';
    expect(bestRung(takes(low) - 1e-9, ALL)).toBe(next);
  });

  it('ends with the smallest picture, whatever the line', () => {
    expect(bestRung(0, ALL)).toBe('160p');
    expect(bestRung(1000, ALL)).toBe('2160p30');
  });

  it.each([
    [1440, true, '1440p30'],
    [1439, true, '1080p60'],
    [1080, false, '1080p30'],
    [1079, true, '720p60'],
    [720, false, '720p30'],
    [540, true, '540p'],
    [159, false, '160p'],
  ] as const)('offers nothing larger than %d lines, faster %s: %s', (lines, fast, rung) => {
    expect(bestRung(1000, { lines, fast })).toBe(rung);
  });
});
