/** Stations that come later: what is drawn without them is as with them, and what they say is said once they are here. */
import { describe, expect, it } from 'vitest';
import { assess, BOOK } from '../src/assess.js';
import { createAssessorBy, type Book } from '../src/assessing.js';
import { EARLY_STATIONS } from '../src/early-stations.js';
import { HANDS_STATIONS } from '../src/hands-stations.js';
import { LATE_STATIONS } from '../src/late-stations.js';
import { POWER_STATIONS } from '../src/power-stations.js';
import { RACK_STATIONS } from '../src/rack-stations.js';
import { STATIONS } from '../src/foundations/index.js';
import { friday } from './stations/edited.js';

const early = Object.keys(EARLY_STATIONS) as (keyof typeof EARLY_STATIONS)[];
const LATER = { ...LATE_STATIONS, ...HANDS_STATIONS, ...POWER_STATIONS, ...RACK_STATIONS };
const late = Object.keys(LATER) as (keyof typeof LATER)[];

describe('the stations', () => {
  it('are all either early or late', () => {
    expect([...early, ...late].sort()).toEqual([...STATIONS].sort());
  });

  it('that are here are worked out without the others, which say nothing', () => {
    const whole = assess(friday);
    const part = createAssessorBy(() => ({ stations: EARLY_STATIONS, rules: BOOK.rules }))(friday);
    for (const name of early) {
      expect(Object.keys(part[name])).toEqual(Object.keys(whole[name]));
    }
    expect(part.runs.totalOnFloor.value).toBe(whole.runs.totalOnFloor.value);
    for (const name of late) expect(Object.keys(part[name])).toEqual([]);
    const own = new Set<string>(early);
    expect(part.snags.map(({ id }) => id)).toEqual(
      whole.snags.filter(({ station }) => own.has(station)).map(({ id }) => id),
    );
  });

  it.each([
    ['hands, power and racks', {}],
    ['hands and racks', POWER_STATIONS],
    ['power and racks', HANDS_STATIONS],
  ])('but %s are read by no other, so that they come by themselves', (_, more) => {
    const whole = assess(friday);
    const stations = { ...EARLY_STATIONS, ...LATE_STATIONS, ...more };
    const part = createAssessorBy(() => ({ stations, rules: BOOK.rules }))(friday);
    const own = new Set<string>([...early, ...Object.keys(LATE_STATIONS), ...Object.keys(more)]);
    expect(part.snags.map(({ id }) => id)).toEqual(
      whole.snags.filter(({ station }) => own.has(station)).map(({ id }) => id),
    );
    for (const name of Object.keys(LATE_STATIONS) as (keyof typeof LATE_STATIONS)[])
      expect(Object.keys(part[name])).toEqual(Object.keys(whole[name]));
  });

  it('are told of by the same assessor as soon as they are here', () => {
    let book: Book = { stations: EARLY_STATIONS, rules: BOOK.rules };
    const assessor = createAssessorBy(() => book);
    expect(assessor(friday).snags.some(({ station }) => station === 'power')).toBe(false);
    book = BOOK;
    const now = assessor(friday);
    expect(now.snags).toEqual(assess(friday).snags);
    expect(now.power.total.value).toBe(assess(friday).power.total.value);
  });
});
