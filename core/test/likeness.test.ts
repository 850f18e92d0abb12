/** Names that people write, by their words and numbers. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { holdsWords, likeness, likest, wordFinder } from '../src/likeness/index.js';
import { libraryKinds } from '../src/library/index.js';

const NAMES = Object.values(libraryKinds).map(({ label }) => label);

describe('a text holds what is wanted', () => {
  it.each([
    ['HDMI cable, 1.5 m', 'hdmi 1,5', true],
    ['HDMI cable, 1.5 m', 'cab 1.50 hd', true],
    ['HDMI cable, 1.5 m', 'hdmi 15', false],
    ['HDMI cable, 15 m', 'hdmi 1', false],
    ['HDMI cable, 15 m', 'dmi', false],
    ['HDMI cable, 15 m', '  ', true],
  ])('%s, wanted %s: %s', (text, wanted, holds) => {
    expect(holdsWords(text, wanted)).toBe(holds);
    const finder = wordFinder();
    expect([finder.holds(text, wanted), finder.holds(text, '?'), finder.holds(text, wanted)]).toEqual([
      holds,
      true,
      holds,
    ]);
  });

  it('is found alike whether or not its words were learned before', () => {
    const [early, late] = [wordFinder(), wordFinder()];
    NAMES.forEach(early.learn);
    fc.assert(
      fc.property(
        fc.constantFrom(...NAMES),
        fc.constantFrom('c', 'hdmi 20', 'xlr', '1.5'),
        (name, wanted) => {
          expect(early.holds(name, wanted)).toBe(holdsWords(name, wanted));
          expect(late.holds(name, wanted)).toBe(holdsWords(name, wanted));
        },
      ),
    );
  });
});

describe('how alike names are', () => {
  it('is all for the same name however it is written, and nothing for another', () => {
    expect(likeness('Network cable, 20 m', 'network CABLE 20 m')).toBe(1);
    expect(likeness('Tripod', 'Router')).toBe(0);
    expect(likeness('', 'Router')).toBe(0);
  });

  it('is the same from both sides, from 0 to 1', () => {
    fc.assert(
      fc.property(fc.constantFrom(...NAMES), fc.constantFrom(...NAMES), (a, b) => {
        expect(likeness(a, b)).toBeCloseTo(likeness(b, a), 12);
        expect(likeness(a, b)).toBeGreaterThanOrEqual(0);
        expect(likeness(a, b)).toBeLessThanOrEqual(1);
        expect(likeness(a, a)).toBe(1);
      }),
    );
  });

  it('counts a number more than a word, and forgives one letter of a long word', () => {
    const lead = 'Network lead, 20 m';
    expect(likeness(lead, 'Network cable, 20 m')).toBeGreaterThan(likeness(lead, 'Network lead, 30 m'));
    expect(likeness('Tripot', 'Tripod')).toBeCloseTo(0.7, 12);
    expect(likeness('Tripods', 'Tripod')).toBeCloseTo(0.8, 12);
    expect(likeness('Tipods', 'Tripod')).toBe(0);
    expect(likeness('lad', 'led')).toBe(0);
  });
});

describe('suggestions', () => {
  it('are the likest first, as many as are wanted, and none for what is like nothing', () => {
    expect(likest('Network lead, 20 m', NAMES, 3)[0]).toBe('Network cable, 20 m');
    expect(likest('Network lead, 20 m', NAMES, 2)).toHaveLength(2);
    expect(likest('xylophone', NAMES, 3)).toEqual([]);
  });
});
