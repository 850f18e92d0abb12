/** Bands of loads, and what the running order counts in words. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { loadDrawing, LOADS } from '../src/load-drawing/index.js';
import { withCount, asksWords } from '../src/item-asks.js';
import { friday } from './stations/edited.js';

const READING = { system: 'metric', zone: 'Europe/London' } as const;

describe('bands of loads', () => {
  const drawing = loadDrawing(friday, assess(friday), READING);

  it('stand in the order of roles, with the items one behind the other along the time that is live', () => {
    expect(drawing?.bands.map(({ name }) => name)).toEqual([
      ...['Tobin Ashgrove', 'Petra Lund', 'Wilf Okonjo', 'Sunniva Rayne', 'Ines Calder', 'Maud Tarrant'],
    ]);
    const items = drawing?.items ?? [];
    // Five minutes are too narrow for a clock.
    expect(items.map(({ clock }) => clock)).toEqual(['', '19:35', '20:05', '20:17', '20:35']);
    // 95 minutes are live.
    const minute = (LOADS.right - LOADS.left) / 95;
    items.forEach(({ width }, i) => expect(width / minute).toBeCloseTo([5, 30, 12, 18, 30][i] ?? NaN, 9));
    expect(items.at(-1)?.x).toBeCloseTo(LOADS.right - 30 * minute, 9);
  });

  it('are as high as the load, of the line that is all of one’s attention', () => {
    const [tobin] = drawing?.bands ?? [];
    const bells = tobin?.steps.find(({ id }) => id === 'itembells1');
    expect(bells?.least).toBeCloseTo(LOADS.full / 6, 9);
    expect(bells?.most).toBeCloseTo((LOADS.full * 25) / 60, 9);
    expect([bells?.words?.text, tobin?.state]).toEqual(['17–42 %', 'fits']);
    const maud = drawing?.bands.at(-1)?.steps.find(({ id }) => id === 'itembells1');
    expect(maud?.words?.text).toBe('?');
  });

  it('are none where nobody is on a role or nothing is live', () => {
    const nobody = { ...friday, hands: { people: {} } };
    expect(loadDrawing(nobody, assess(nobody), READING)).toBeUndefined();
  });
});

describe('what an item asks', () => {
  it('is told in words, one of a thing and several, and as nothing where all is none', () => {
    expect(asksWords(undefined)).toBeUndefined();
    expect(asksWords({ cuts: 1, captions: 0, chats: 2 })).toBe('1 cut a minute, 2 answers');
    expect(asksWords({ captions: 0 })).toBe('nothing to do');
  });

  it('is not counted any more when the last count is taken out', () => {
    expect(withCount({ cuts: 2, cues: 1 }, 'cues', undefined)).toEqual({ cuts: 2 });
    expect(withCount({ cuts: 2 }, 'cuts', undefined)).toBeUndefined();
    expect(withCount(undefined, 'clips', 0)).toEqual({ clips: 0 });
  });
});
