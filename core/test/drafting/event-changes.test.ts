import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  added,
  copied,
  fieldSet,
  FRESH,
  moveBy,
  moved,
  OUTLINE,
  partAt,
  partsOf,
  removed,
  type FreshName,
  type Part,
} from '../../src/drafting/index.js';
import { stAlders } from '../../src/demo/st-alders.js';
import { type Venue, type VenueChange } from '../../src/documents/index.js';
import { applyPatch, invertPatch, type MapOf, type Operation } from '../../src/foundations/index.js';
import {
  adoptInVenue,
  applyVenueChanges,
  changeForEvent,
  withMaps,
} from '../../src/stations/ground/venue-changes.js';
import { between } from '../arbitraries.js';

const done = (venue: Venue, patch: readonly Operation[]): Venue => applyPatch(venue, withMaps(venue, patch));
const at = (venue: Venue, path: string): Part => {
  const part = partAt(venue, path);
  if (!part) throw new Error(`no ${path}`);
  return part;
};

describe('what an event changes', () => {
  const paths = partsOf(stAlders)
    .map(part => part.path)
    .filter(path => path !== OUTLINE);

  /** A random edit of the venue as it is seen. */
  const step = fc.record({
    kind: fc.constantFrom('move', 'remove', 'copy', 'add', 'field'),
    which: fc.nat(),
    x: between(-3, 3),
    y: between(-3, 3),
  });
  const patchOf = (
    venue: Venue,
    { kind, which, x, y }: { kind: string; which: number; x: number; y: number },
  ): Operation[] => {
    const there = partsOf(venue).filter(part => part.path !== OUTLINE);
    const part = there[which % Math.max(1, there.length)];
    const names = Object.keys(FRESH) as FreshName[];
    if (!part || kind === 'add')
      return added(venue, names[which % names.length] ?? 'mark', [x + 5, y + 5]).patch;
    if (kind === 'move') return moved(venue, [part.path], moveBy(x, y));
    if (kind === 'remove') return removed(venue, [part.path]);
    if (kind === 'copy') return [...copied(venue, [part.path], [moveBy(x, y)]).patch];
    return fieldSet(part, 'label', `renamed ${which % 7}`);
  };

  it('is seen exactly as it was edited, kept as few changes, and can be adopted whole', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 12 }), steps => {
        let plan: { venueChanges?: MapOf<VenueChange> } = {};
        let wanted: Venue = stAlders;
        for (const each of steps) {
          const patch = patchOf(wanted, each);
          plan = applyPatch(plan, changeForEvent(stAlders, plan.venueChanges, patch));
          wanted = done(wanted, patch);
          const { venue, misfits } = applyVenueChanges(stAlders, plan.venueChanges);
          expect(misfits).toEqual([]);
          for (const part of partsOf(wanted)) expect(at(venue, part.path).record).toEqual(part.record);
          expect(partsOf(venue)).toHaveLength(partsOf(wanted).length);
        }
        const pinned = { venue: { id: 'venuetest1', revision: 1 }, ...plan };
        const [onVenue] = adoptInVenue(stAlders, pinned, Object.keys(plan.venueChanges ?? {}));
        const adopted = applyPatch(stAlders, onVenue?.patch ?? []);
        expect(partsOf(adopted).map(part => part.record)).toEqual(
          partsOf(applyVenueChanges(stAlders, plan.venueChanges).venue).map(part => part.record),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('a thousand times over is undone to the very document it was', () => {
    fc.assert(
      fc.property(fc.array(step, { minLength: 1000, maxLength: 1000 }), steps => {
        let venue: Venue = stAlders;
        const back: Operation[][] = [];
        for (const each of steps) {
          const patch = withMaps(venue, patchOf(venue, each));
          back.push(invertPatch(venue, patch));
          venue = applyPatch(venue, patch);
        }
        for (const patch of back.reverse()) venue = applyPatch(venue, patch);
        expect(venue).toEqual(stAlders);
      }),
      { numRuns: 2 },
    );
  });

  it('is no change any more once it is back as surveyed', () => {
    fc.assert(
      fc.property(fc.subarray(paths, { minLength: 1 }), between(-2, 2), (some, x) => {
        const there = applyPatch(
          {},
          changeForEvent(stAlders, undefined, moved(stAlders, some, moveBy(x, 0))),
        ) as {
          venueChanges?: MapOf<VenueChange>;
        };
        const { venue } = applyVenueChanges(stAlders, there.venueChanges);
        const back = applyPatch(
          there,
          changeForEvent(stAlders, there.venueChanges, moved(venue, some, moveBy(-x, 0))),
        );
        expect(back.venueChanges ?? {}).toEqual({});
      }),
      { numRuns: 60 },
    );
  });
});
