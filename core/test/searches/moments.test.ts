/** Moments of the day that the mains are shared out for: hand-made days, and what is never on together. */
import { describe, expect, it } from 'vitest';
import { applyPatch } from '../../src/foundations/index.js';
import { shareOut } from '../../src/searches/index.js';
import { neededOf } from '../../src/searches/balance/needed.js';
import { momentsOf } from '../../src/stations/power/moments.js';
import { friday } from '../stations/edited.js';
import { foundBy } from './solver.js';

/** Two hours of an urn that is ours, then two of a lamp; on the circuit, a blower from 19:30 on. */
const day = (school: 'eighty' | 'full', hours: number) =>
  momentsOf({
    timeline: [
      { from: 0, to: 60 * hours, label: 'tea' },
      { from: 60 * hours, to: 120 * hours, label: 'service' },
    ],
    states: {
      urn: [
        { state: 'working', lasts: 60 * hours },
        { state: 'off', lasts: 60 * hours },
      ],
      lamp: [
        { state: 'off', lasts: 60 * hours },
        { state: 'working', lasts: 60 * hours },
      ],
    },
    demands: {
      urn: { watts: [2300, 0], amps: [10, 0] },
      lamp: { watts: [0, 460], amps: [0, 2] },
    },
    circuits: {
      nave: {
        ...{ order: 'a', label: 'nave', amps: 16 },
        others: { blower: { label: 'blower', watts: 1150, factor: 1, from: '19:30' } },
      },
    },
    ...{ school, volts: 230, start: '2026-12-04T18:30:00Z', zone: 'UTC' },
  });

describe('the moments of a day', () => {
  it('are cut where what is ours changes, and where something of others is switched', () => {
    expect(
      day('full', 2).map(({ from, to, amps, room }) => [from, to, amps.urn, amps.lamp, room.nave]),
    ).toEqual([
      [0, 60, 10, 0, 16],
      [60, 120, 10, 0, 11],
      [120, 240, 0, 2, 11],
    ]);
  });

  it('count what is on for three hours unbroken 1.25 ×, ours and others’ alike', () => {
    const counted = (hours: number) =>
      day('eighty', hours).map(({ counts, room }) => [counts.urn, counts.lamp, room.nave]);
    // The blower has no end: it counts 6.25 A of the 16 A.
    expect(counted(2.99)).toEqual([
      [10, 0, 16],
      [10, 0, 9.75],
      [0, 2, 9.75],
    ]);
    expect(counted(3)).toEqual([
      [12.5, 0, 16],
      [12.5, 0, 9.75],
      [0, 2.5, 9.75],
    ]);
  });

  it('that matter are those in which nothing is less, and the first of equal ones', () => {
    const needed = neededOf(day('full', 2), [['urn'], ['lamp']], ['nave']);
    expect(needed.map(({ amps, room }) => [...amps, ...room])).toEqual([
      [10, 0, 11],
      [0, 2, 11],
    ]);
    expect(neededOf([...day('full', 2), ...day('full', 2)], [['urn'], ['lamp']], ['nave'])).toEqual(needed);
    // Only the lamp is ours: the hour before it is switched on does not matter.
    expect(neededOf(day('full', 2), [['lamp']], ['nave'])).toHaveLength(1);
  });

  it('with nobody knowing what something draws count it as nothing', () => {
    const [first] = day('full', 2);
    const unknown = first && { ...first, amps: { urn: NaN }, counts: { urn: NaN } };
    expect(neededOf(unknown ? [unknown] : [], [['urn']], ['nave'])).toMatchObject([
      { amps: [0], counts: [0] },
    ]);
  });
});

describe('sharing out the load of things that are never on together', () => {
  /** What is on each circuit now, and 0.05 A more; in the vestry one of two lamps of 0.29 A beside the urn of 20:15. */
  const breakers = {
    circnorth: 4.892 + 0.459 + 0.05,
    circsouth: 0.947 + 0.05,
    circvestr: 10.435 + 0.29 + 0.065 + 0.01,
  };
  const tight = {
    ...friday,
    rules: { ...friday.rules, mainsLoad: 'full' as const },
    venue: applyPatch(
      friday.venue,
      Object.entries(breakers).map(([id, value]) => ({
        ...{ op: 'replace' as const, path: `/circuits/${id}/amps`, value },
      })),
    ),
  };

  it('finds room that all of it together has not', async () => {
    const { answer } = await foundBy(shareOut, tight, {});
    expect(answer.ways).toEqual([]);
    expect(answer.conflict?.rules).toContain('Circuit 3, vestry has 0.4 A for ours by the house rule');
    const plan = applyPatch(friday.plan, [
      { op: 'add', path: '/devices/lamptwo02/states', value: { live: 'off', strike: 'off' } },
    ]);
    const apart = await foundBy(shareOut, { ...tight, plan }, {});
    expect(apart.answer.passed).toEqual([]);
    expect(apart.answer.ways.length).toBeGreaterThan(0);
  });
});
