/** Places for the desk: against the runs of the plan, and by what must be true of them. */
import { describe, expect, it } from 'vitest';
import { applyFix } from '../../src/fixes.js';
import { assess } from '../../src/assess.js';
import { distance, numberOf } from '../../src/foundations/index.js';
import { deskPlaces, isProven } from '../../src/searches/index.js';
import { friday } from '../stations/edited.js';
import { foundBy } from './solver.js';

const { answer: places, offers, objectives } = await foundBy(deskPlaces, friday, {});
const now = places.find(each => each.now);

describe('desk places', () => {
  it('are compared with where it is now, the cheapest first, apart from one another', () => {
    expect(places.length).toBeGreaterThan(3);
    expect(now?.at).toEqual(friday.plan.devices?.deskrack1?.place?.at);
    places.slice(1).forEach((each, i) => expect(each.cost).toBeGreaterThanOrEqual(places[i]?.cost ?? NaN));
    for (const a of places) {
      for (const b of places) if (a !== b) expect(distance(a.at, b.at)).toBeGreaterThanOrEqual(3);
    }
  });

  it('are proven the best of all that were looked at', () => {
    expect(isProven({ objectives })).toBe(true);
    expect(objectives[0]?.value).toBe(places[0]?.cost);
  });

  it('have the leads that are laid, within what the grid zigzags, when the desk is moved there', () => {
    for (const place of places) {
      const offer = offers.find(({ id }) => id === place.id);
      expect(offer === undefined).toBe(place.now);
      const { runs, ground } = assess(offer ? applyFix(friday, offer) : friday);
      const atDesk = (end: { device?: string } | undefined): boolean =>
        ground.places[end?.device ?? '']?.carrier === 'deskrack1';
      const laid = Object.entries(friday.plan.links ?? {})
        .filter(([, { from, to }]) => atDesk(from) !== atDesk(to))
        .reduce((sum, [id]) => sum + (numberOf(runs.runs[id]?.onFloor) ?? 0), 0);
      expect(place.leads).toBeGreaterThan(laid * 0.85);
      expect(place.leads).toBeLessThan(laid * 1.3 + 5);
    }
  });

  it('see no more marks than there are, whatever the place', () => {
    for (const { seen, marks, pictures } of places) {
      expect(seen).toBeLessThanOrEqual(marks);
      expect(pictures).toBeLessThanOrEqual(Object.keys(friday.plan.shots ?? {}).length);
    }
  });
});
