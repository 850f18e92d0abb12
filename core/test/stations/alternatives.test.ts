/** Other ways for one lead: each is laid, differs from the others, and is as much longer as it says. */
import { describe, expect, it } from 'vitest';
import { assess, type Assessment } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyPatch, distanceToSegment, type Point } from '../../src/foundations/index.js';
import { alternativesOf, type Alternative } from '../../src/stations/runs/alternatives.js';
import { wayPatch } from '../../src/stations/runs/pins.js';
import { chapelBundle } from '../../src/demo/index.js';
import { saturday } from '../events.js';
import { edited, friday, number, set } from './edited.js';

const waysOf = (id: string, bundle: Bundle, assessment: Assessment = assess(bundle)): Alternative[] =>
  alternativesOf(id, {
    own: assessment.runs,
    links: bundle.plan.links,
    devices: assessment.signal.wiring.devices,
    ground: assessment.ground,
    signal: assessment.signal,
  });

/** Length on the floor, between floors and over doors of a lead as the plan has it, m. */
const lengthNow = ({ runs }: Assessment, id: string): number => {
  const run = runs.runs[id];
  return number(run?.onFloor) + number(run?.between) + number(run?.overhead);
};

const before = assess(friday);
const leads = Object.entries(before.runs.runs).filter(([, { crosses }]) => crosses);
const NORTH = 'linknort1';
const ways = waysOf(NORTH, friday, before);
const named = (name: string, of = ways): Alternative | undefined => of.find(each => each.name === name);

/** How far any point of one way is from another way, m. */
const apart = (a: readonly Point[], b: readonly Point[]): number =>
  Math.max(...a.map(at => Math.min(...b.slice(1).map((to, i) => distanceToSegment(at, b[i] as Point, to)))));

describe.each(leads.map(([id, { label }]) => [label, id] as const))('%s', (_, id) => {
  const own = waysOf(id, friday, before);
  it('has at most five other ways, the shortest first', () => {
    expect(own.length).toBeLessThanOrEqual(5);
    const longer = own.map(each => each.longer);
    expect(longer).toEqual([...longer].sort((a, b) => a - b));
  });

  it('has ways that part from the present one and from each other by three quarters of a metre', () => {
    const now = before.runs.runs[id]?.points ?? [];
    const lines = [now, ...own.map(({ points }) => points)];
    lines.forEach((a, i) => {
      for (const b of lines.slice(i + 1)) {
        expect(Math.max(apart(a, b), apart(b, a))).toBeGreaterThanOrEqual(0.75);
      }
    });
  });

  it('is as much longer, and crosses what it says, when it is laid so', () => {
    const link = friday.plan.links?.[id];
    if (!link) throw new Error('no such lead');
    for (const { way, longer, crossings } of own) {
      const after = assess({ ...friday, plan: applyPatch(friday.plan, wayPatch(id, link.way, way)) });
      expect(lengthNow(after, id) - lengthNow(before, id)).toBeCloseTo(longer, 6);
      expect(after.runs.runs[id]?.crossings.map(zone => zone.id)).toEqual(crossings.map(zone => zone.id));
    }
  });
});

describe('a lead over a door', () => {
  it('may go past none of its crossings', () => {
    const { crossings = [] } = before.runs.runs.linkside1 ?? {};
    expect(crossings.map(({ label }) => label)).toEqual(['south door']);
    const past = named('not past south door', waysOf('linkside1', friday, before));
    expect(past?.way?.avoid).toEqual(crossings.map(({ id }) => id));
    expect(past?.crossings).toEqual([]);
    // The door is as high as it is, up and down, and 0.3 m: what is saved is more than what it goes round.
    expect(past?.longer).toBeLessThan(0);
  });
});

describe('a lead that was laid by hand', () => {
  const pinned = edited(set(`/links/${NORTH}/way`, { pins: [{ at: [15, 13] }] }));
  const own = waysOf(NORTH, pinned);
  it('has the way that the plan would lay it by among the others', () => {
    const free = own.find(({ way }) => way === undefined);
    expect(free?.name).toMatch(/^(along|round|over|past) /);
    const pinnedLength = lengthNow(assess(pinned), NORTH);
    expect(free?.longer).toBeCloseTo(lengthNow(before, NORTH) - pinnedLength, 6);
  });

  it('keeps what it was to avoid in the others', () => {
    const avoiding = edited(set(`/links/${NORTH}/way`, { avoid: ['aislecent'] }));
    for (const { way } of waysOf(NORTH, avoiding)) {
      if (way) expect(way.avoid).toContain('aislecent');
    }
  });
});

describe('points in the ceiling', () => {
  // Rows of low ones over the pews, so that going up, over and down is cheaper than going round.
  const points = Object.fromEntries(
    [5, 9, 13, 16].flatMap((x, i) =>
      [3, 8, 13].map((y, j) => [
        `point${i}${j}`,
        { order: `${i}${j}`, label: `P${i}${j}`, at: [x, y], height: 2 },
      ]),
    ),
  );
  const hung: Bundle = { ...friday, venue: applyPatch(friday.venue, [set('/ceilingPoints', points)]) };
  it('are offered where there are any', () => {
    expect(named('by the ceiling points')).toBeUndefined();
    const overhead = named('by the ceiling points', waysOf(NORTH, hung));
    expect(overhead?.way).toEqual({ ceiling: true });
    expect(overhead?.longer).toBeLessThan(0);
  });

  it('are not offered to a lead that goes by them', () => {
    const over = { ...hung, plan: applyPatch(hung.plan, [set(`/links/${NORTH}/way`, { ceiling: true })]) };
    expect(named('by the ceiling points', waysOf(NORTH, over))).toBeUndefined();
  });
});

describe('the side that a way goes by', () => {
  it('is named after where in the room it is', () => {
    const sides = leads
      .flatMap(([id]) => waysOf(id, friday, before))
      .filter(({ way }) => way?.pins)
      .map(({ name, way }) => [name, way?.pins?.[0]?.at ?? [0, 0]] as const);
    expect(sides.length).toBeGreaterThan(0);
    const outline = before.ground.venue.outline;
    const middle = [0, 1].map(axis => {
      const values = outline.map(point => point[axis] as number);
      return (Math.min(...values) + Math.max(...values)) / 2;
    });
    for (const [name, [x, y]] of sides) {
      const [dx, dy] = [x - (middle[0] ?? 0), y - (middle[1] ?? 0)];
      const side = Math.abs(dx) > Math.abs(dy) ? (dx > 0 ? 'east' : 'west') : dy > 0 ? 'south' : 'north';
      expect(name).toMatch(new RegExp(`^(along the ${side} wall|round the ${side})$`));
    }
  });
});

describe('what has no other way', () => {
  it('is a lead that stays in its rack, or is not there', () => {
    const inside = Object.entries(before.runs.runs).find(([, { crosses }]) => !crosses)?.[0] ?? '';
    expect(waysOf(inside, friday, before)).toEqual([]);
    expect(waysOf('nolead0001', friday, before)).toEqual([]);
  });

  it('is no harm in a small room', () => {
    const chapel = chapelBundle();
    const assessment = assess(chapel);
    for (const id of Object.keys(assessment.runs.runs)) {
      for (const { points } of waysOf(id, chapel, assessment)) expect(points.length).toBeGreaterThan(1);
    }
  });
});

describe('of every lead', () => {
  it.each([
    ['friday', friday],
    ['saturday', saturday],
  ])('of %s, they are as they were', async (name, bundle) => {
    const assessment = assess(bundle);
    const lines = Object.entries(assessment.runs.runs).flatMap(([id, { label }]) => [
      label,
      ...waysOf(id, bundle, assessment).map(
        ({ name: way, longer, way: how }) => `  ${way}: ${longer.toFixed(3)} m ${JSON.stringify(how ?? {})}`,
      ),
    ]);
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`golden/alternatives-${name}.txt`);
  });
});
