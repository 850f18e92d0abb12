/** Cables and joiners on the checklist, and rooms of a size that nobody meant, each at its limit. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { applyPatch } from '../../src/foundations/index.js';
import { cableLine, joinerLines } from '../../src/stations/pack/cable-lines.js';
import type { RunResult } from '../../src/stations/runs/result.js';
import { friday, set } from './edited.js';

describe('joiners', () => {
  const run = (connector: string, items: number, label = 'C1'): RunResult =>
    ({
      connector,
      label,
      items: Array.from({ length: items }, (_, i) => `item${i}`),
    }) as unknown as RunResult;
  const linesOf = (...runs: RunResult[]) =>
    joinerLines({
      runs: Object.fromEntries(runs.map((each, i) => [`lead${i}`, each])),
      kinds: friday.kinds,
      shelf: { items: {} },
    });

  it('are one less than the cables of a lead, none for a lead of one', () => {
    expect(linesOf(run('BNC', 1))).toEqual({});
    expect(linesOf(run('BNC', 2))['joiners BNC']?.count).toBe(1);
    expect(linesOf(run('BNC', 3))['joiners BNC']?.count).toBe(2);
  });

  it('are added up by connector, with the leads that they are for', () => {
    const lines = linesOf(run('RJ45', 2, 'C1'), run('RJ45', 3, 'C2'), run('BNC', 2, 'C3'));
    expect(Object.keys(lines)).toEqual(['joiners RJ45', 'joiners BNC']);
    expect(lines['joiners RJ45']).toMatchObject({ count: 3, purpose: 'C1, C2', group: 'Adapters' });
  });

  it.each([
    ['BNC', 1],
    ['RJ45', 1],
    ['fibre LC', 1],
    ['TRS 3.5', 1],
    ['RCA', 1],
    // Their plugs go into their own sockets.
    ['XLR', 0],
    ['mains', 0],
  ])('between cables of %s: %i', (connector, count) => {
    expect(Object.values(linesOf(run(connector, 2)))).toHaveLength(count);
  });
});

describe('a cable on the checklist', () => {
  const line = (wanted: number | null, item?: string) =>
    cableLine('', {
      run: { label: 'C1 to SWITCHER', makeWords: 'HDMI', wanted: { value: wanted } } as unknown as RunResult,
      item,
      shelf: friday.shelf,
      kinds: friday.kinds,
      units: 'metric',
    });
  it('that is not owned says make and length, as far as they are known', () => {
    expect(line(30)).toMatchObject({
      label: 'Cable, HDMI, 30 m',
      purpose: 'C1 to SWITCHER',
      tape: undefined,
    });
    expect(line(null).label).toBe('Cable, HDMI');
  });

  it('that is owned says what it is and its tape', () => {
    const [id, item] = Object.entries(friday.shelf.items)[0] ?? [];
    const kind = friday.kinds.kinds[item?.kind ?? ''];
    expect(line(30, id)).toMatchObject({
      label: kind?.label,
      tape: item?.tape,
      item: id,
      kind: item?.kind,
      count: 1,
    });
  });
});

describe('a room that is 3 to 400 m across', () => {
  const slips = (width: number, depth: number): string[] => {
    const outline = [
      [0, 0],
      [width, 0],
      [width, depth],
      [0, depth],
    ];
    const venue = applyPatch(friday.venue, [set('/outline', outline)]);
    return assess({ ...friday, venue })
      .snags.filter(({ rule }) => rule === 'ground.units-slip')
      .map(({ title }) => title);
  };
  it.each([
    [3, 3, 0],
    [2.99, 3, 1],
    [400, 400, 0],
    [400, 400.01, 1],
    [2.9, 401, 2],
  ])('%d by %d m raises %i', (width, depth, count) => {
    expect(slips(width, depth)).toHaveLength(count);
  });
});
