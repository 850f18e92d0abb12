/** Names of what stands in the room: none on another, near their signs, whatever the zoom. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { inOrder } from '../../src/foundations/index.js';
import {
  groundNames,
  px,
  standingNames,
  widthOf,
  type NameOffset,
  type StandingName,
} from '../../src/plan-picture/index.js';
import { EVENTS } from '../events.js';
import { friday } from '../stations/edited.js';

const READING = { system: 'metric', zone: 'UTC' } as const;

interface Placed extends StandingName {
  readonly offset: NameOffset;
}

/** Everything that stands in an event with its name placed. */
function placedIn(bundle: Bundle, lettering: number): Placed[] {
  const { ground } = assess(bundle);
  const named = inOrder(bundle.plan.devices).flatMap(([key, { label }]): StandingName[] => {
    const { at, carrier } = ground.places[key] ?? {};
    return at && carrier === key ? [{ key, text: label, at, radius: 9, size: 11.5 }] : [];
  });
  const { venue } = ground;
  const written = groundNames({ venue, reading: READING, lettering, named: () => true, sockets: false });
  const offsets = standingNames(named, { venue, ground: written, lettering });
  return named.map(each => ({ ...each, offset: offsets.get(each.key) ?? [NaN, NaN] }));
}

/** Share of the height of a line at which two names would touch, and how far they are apart: below 1 they overlap. */
function closeness(a: Placed, b: Placed, k: number): number {
  const middle = ({ at, offset }: Placed) => [px(at[0]) / k + offset[0], px(at[1]) / k + offset[1]] as const;
  const [[ax, ay], [bx, by]] = [middle(a), middle(b)];
  const width = (widthOf(a.text, a.size) + widthOf(b.text, b.size)) / 2;
  return Math.max(Math.abs(ax - bx) / width, Math.abs(ay - by) / (a.size * 1.15));
}

describe('names of what stands in the room', () => {
  it.each(EVENTS)('lie on no other in %s, from far to near', (_, bundle) => {
    for (const k of [1.6, 1, 0.5, 0.25]) {
      const placed = placedIn(bundle, k);
      expect(placed.length).toBeGreaterThan(0);
      placed.forEach((a, i) =>
        placed
          .slice(0, i)
          .forEach(b => expect(closeness(a, b, k), `${a.text} and ${b.text}`).toBeGreaterThan(1)),
      );
    }
  });

  it('that can be spared are left out where there is no room, and on no other where there is', () => {
    const { ground } = assess(friday);
    const at = [9, 7.7] as const;
    const spare: StandingName = { key: 'count', text: '2 cameras', at, radius: 9, size: 11.5, spare: true };
    const alone = standingNames([spare], { venue: ground.venue, ground: [], lettering: 1 });
    expect(alone.has('count')).toBe(true);
    // Where the whole venue is a few pixels, no name fits into it.
    const crowded = { venue: ground.venue, ground: [], lettering: 200 };
    expect(standingNames([spare], crowded).has('count')).toBe(false);
    expect(standingNames([{ ...spare, spare: false }], crowded).has('count')).toBe(true);
  });

  it('stay within reach of their signs, several on one spot too', () => {
    const { ground } = assess(friday);
    const onPlan = { venue: ground.venue, ground: [], lettering: 1 };
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 2, max: 14 }), { minLength: 1, maxLength: 6 }), lengths => {
        const named = lengths.map((length, i): StandingName => {
          return { key: `k${i}`, text: 'n'.repeat(length), at: [9, 7.7], radius: 9, size: 11.5 };
        });
        const offsets = standingNames(named, onPlan);
        const placed = named.map(each => ({ ...each, offset: offsets.get(each.key) ?? [NaN, NaN] }));
        for (const [i, a] of placed.entries()) {
          const [right, down] = a.offset;
          expect(Math.abs(right)).toBeLessThanOrEqual(9 + 46 + 3 + widthOf(a.text, a.size) / 2 + 1e-9);
          expect(Math.abs(down)).toBeLessThanOrEqual(9 + 46 + 3 + a.size);
          for (const b of placed.slice(0, i)) expect(closeness(a, b, 1)).toBeGreaterThan(1);
        }
      }),
    );
  });

  it('are above their signs where nothing is in the way, and always there', () => {
    const { ground } = assess(friday);
    const alone: StandingName = { key: 'a', text: 'NAME', at: [10, 7.7], radius: 9, size: 11.5 };
    const onPlan = { venue: ground.venue, ground: [], lettering: 1 };
    const [right, down] = standingNames([alone], onPlan).get('a') ?? [NaN, NaN];
    expect(right).toBe(0);
    expect(down).toBeCloseTo(-(9 + 3 + (11.5 * 1.15) / 2), 9);
    // Far outside the walls, too.
    expect(standingNames([{ ...alone, at: [90, 90] }], onPlan).get('a')?.[0]).toBe(0);
  });
});
