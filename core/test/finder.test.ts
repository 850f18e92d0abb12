/** What can be looked for by name, and in which order it is found. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { chapelBundle, fridayBundle } from '../src/demo/index.js';
import { figuresToFind, findCalled, partsToFind, thingsToFind, type Findable } from '../src/finder.js';
import { figureAt } from '../src/foundations/index.js';
import { allFigures } from '../src/report.js';

const friday = fridayBundle();
const assessment = assess(friday);
const things = thingsToFind(friday, assessment);
const figures = figuresToFind(friday, assessment);
const labels = (found: readonly Findable[]): string[] => found.map(({ label }) => label);

const thing = (label: string, what = 'camera', figure?: string): Findable => ({
  id: label,
  label,
  what,
  station: 'shots',
  ...(figure !== undefined && { figure }),
});

describe('what is there', () => {
  it('has every device, lead, role and tape code where it is looked at', () => {
    const byLabel = (label: string) => things.find(hit => hit.label === label);
    expect(byLabel('C2 NORTH')).toMatchObject({ station: 'shots' });
    expect(byLabel('LAMP 1')).toMatchObject({ station: 'shots' });
    expect(byLabel('SWITCHER')).toMatchObject({ station: 'signal' });
    expect(byLabel('DESK RACK')).toMatchObject({ station: 'racks', what: 'Rack case, 4U, shallow' });
    expect(byLabel('REC 01')).toMatchObject({
      station: 'pack',
      what: 'Recorder, HDMI in, 500 GB, for RECORDER',
    });
    expect(things.filter(({ station }) => station === 'runs')).toHaveLength(
      Object.keys(assessment.runs.runs).length,
    );
    expect(things.filter(({ station }) => station === 'hands')).toHaveLength(
      Object.keys(assessment.hands.roles).length,
    );
  });

  it('has every part of the venue with the word that it is given', () => {
    const parts = partsToFind(assessment.ground.venue, ({ map }) => map);
    expect(parts[0]).toEqual({ id: 'outline', label: 'walls', what: 'outline', station: 'ground' });
    expect(new Set(parts.map(({ what }) => what))).toContain('areas');
  });

  it('has every figure once, at its station, by its declared label', () => {
    expect(figures).toHaveLength(allFigures(assessment).length);
    for (const { figure = '', label, station } of figures) {
      expect(figureAt(assessment, figure)?.of.label).toBe(label);
      expect(figure.startsWith(`${station}.`)).toBe(true);
    }
  });

  it('says whose a figure is and what it is, in the units of the event', () => {
    const found = figures.find(({ figure }) => figure === 'shots.shots.shotlecter.facePixels');
    // 1920 · 0.16 / 2.52781 = 121.5 px.
    expect(found).toMatchObject({ id: 'shotlecter', what: 'Lectern, waist up: 122 px' });
    const imperial = { ...friday, rules: { ...friday.rules, units: 'imperial' as const } };
    const feet = figuresToFind(imperial, assess(imperial));
    const distance = feet.find(({ figure }) => figure === 'shots.shots.shotlecter.distance');
    // 8.76698 m / 0.0254 = 345.16 in = 28 ft 9 in.
    expect(distance?.what).toBe('Lectern, waist up: 28′ 9″');
  });

  it('names both of two, and none where a figure is of the whole event', () => {
    const two = figures.find(({ figure }) => figure === 'shots.coverage.marktable.cameras.camwide01');
    expect(two?.what).toMatch(/^Tables, C1 WIDE: /);
    const whole = figures.find(({ figure }) => figure === 'pack.weight');
    expect(whole?.what).toMatch(/^[\d.]+ kg$/);
  });

  it('gives the reason of what has no value', () => {
    for (const { figure = '', what } of figures) {
      const of = figureAt(assessment, figure);
      if (of?.value === null && of.why !== undefined) expect(what.endsWith(of.why)).toBe(true);
    }
    expect(figures.some(({ figure = '' }) => figureAt(assessment, figure)?.value === null)).toBe(true);
  });

  it('knows a small event as well', () => {
    const chapel = chapelBundle();
    expect(figuresToFind(chapel, assess(chapel)).length).toBeGreaterThan(100);
  });
});

describe('what is found', () => {
  it('puts the very name first, then what begins so, then what has it anywhere', () => {
    const all = [thing('NORTH C2'), thing('C2 NORTH'), thing('C2'), thing('C1')];
    expect(labels(findCalled(all, 'c2', 9))).toEqual(['C2', 'C2 NORTH', 'NORTH C2']);
  });

  it('puts things before figures, however well those are called', () => {
    const all = [thing('Length', 'of R3: 4 m', 'a.b'), thing('R3 by its length')];
    expect(labels(findCalled(all, 'length', 9))).toEqual(['R3 by its length', 'Length']);
  });

  it('wants every word, in any order, in any case, in the label or in what it is', () => {
    const all = [thing('C2 NORTH', 'camera, small'), thing('C3 SIDE', 'camera, large')];
    expect(labels(findCalled(all, '  SMALL c2 ', 9))).toEqual(['C2 NORTH']);
    expect(findCalled(all, 'small c3', 9)).toEqual([]);
  });

  it('gives as many as are asked for, in the order they came, and all of them for nothing', () => {
    const all = [thing('A'), thing('B'), thing('C')];
    expect(labels(findCalled(all, '', 2))).toEqual(['A', 'B']);
    expect(labels(findCalled(all, '  ', 9))).toEqual(['A', 'B', 'C']);
    expect(findCalled(all, 'd', 9)).toEqual([]);
  });

  it('finds a limit that is overrun by the name of the circuit', () => {
    const [first] = findCalled(figures, 'of the breaker vestry', 3);
    expect(first?.figure).toBe('power.circuits.circvestr.share');
  });
});
