/** What is not known at a venue: what is asked, why, in which order, and when it counts as known. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fridayBundle, weekendVenues } from '../../src/demo/index.js';
import { faultsOf, Venue } from '../../src/documents/index.js';
import { fieldSet, FRESH, added, type FreshName } from '../../src/drafting/index.js';
import { applyPatch, inOrder, type Operation } from '../../src/foundations/index.js';
import { withMaps } from '../../src/stations/ground/venue-changes.js';
import {
  lightPinned,
  mobilePinned,
  nearestFirst,
  notePinned,
  settling,
  unmeasured,
  venueFrom,
} from '../../src/survey/index.js';
import { pointIn } from '../arbitraries.js';

const { venue: church } = fridayBundle();
const grange = weekendVenues.venuegrange1 as Venue;
/** Twelve days after the newest upload test at the church. */
const NOW = Date.parse('2026-12-02T12:00:00Z');
const DAY = 24 * 60 * 60 * 1000;

const hall = venueFrom({
  name: 'A hall',
  shape: 'hall',
  measures: { length: 18 },
  volts: 230,
  hertz: 50,
  seats: true,
  circuits: [16],
  sockets: [{ wall: 'north', circuit: 1 }],
  doors: [],
  marks: [{ label: 'Speaker' }],
});
const patched = (venue: Venue, patch: readonly Operation[]): Venue =>
  applyPatch(venue, withMaps(venue, patch));
const labels = (venue: Venue, now = NOW): string[] => unmeasured(venue, now).map(({ label }) => label);

describe('what is not known', () => {
  it('of a hall just surveyed: guesses first, then the line, then what a walk round must bring', () => {
    expect(labels(hall)).toEqual([
      ...['Width', 'how many rows of seats', 'width of the centre aisle', 'place of Speaker'],
      ...['place of socket north wall 1', 'place of the door'],
      ...['upload over the house line', 'mobile signal, by operator and spot', 'light at Speaker'],
      ...['height of the ceiling', 'people who may be in', 'when one gets in'],
      'way in from the vehicle',
    ]);
  });

  it('of a venue surveyed in full is little: no load is written on its hook', () => {
    expect(labels(grange)).toEqual(['height of projector', 'load written on hook over the stage']);
    expect(unmeasured(grange, NOW).at(-1)).toMatchObject({
      station: 'shots',
      ask: { kind: 'field', name: 'load' },
    });
  });

  it('is an upload again when the newest test is more than 90 days old', () => {
    const newest = Math.max(...inOrder(church.uploads).map(([, { at }]) => Date.parse(at)));
    expect(labels(church, newest + 90 * DAY)).not.toContainEqual(expect.stringMatching(/^upload/));
    expect(labels(church, newest + 91 * DAY)).toContain('upload, last measured over 90 days ago');
  });

  it('says where it is measured and can be taken in the order of the way', () => {
    const items = unmeasured(grange, NOW);
    const hook = items.find(({ label }) => label.includes('hook'))?.at ?? [0, 0];
    expect(nearestFirst(items, hook)[0]?.label).toContain('hook');
    expect(nearestFirst(unmeasured(hall, NOW), [0, 0]).at(-1)?.at).toBeUndefined();
  });

  it('is known once its field is filled in, whatever is drawn', () => {
    const names = Object.keys(FRESH) as FreshName[];
    fc.assert(
      fc.property(fc.constantFrom(...names), pointIn(16, 10), (name, at) => {
        const { patch } = added(grange, name, at);
        const venue = patched(grange, patch);
        const before = new Set(unmeasured(grange, NOW).map(({ id }) => id));
        const fresh = unmeasured(venue, NOW).filter(({ id }) => !before.has(id));
        const filled = fresh.reduce((seen, { ask }) => {
          if (ask.kind !== 'field') throw new Error('only fields were added');
          const value =
            ask.name === 'head' || ask.name === 'circuit' ? 'arearecord01' : (VALUES[ask.name] ?? 1);
          // The part as the fields before have left it.
          const now = unmeasured(seen, NOW).find(
            item =>
              item.ask.kind === 'field' && item.ask.name === ask.name && item.ask.part.path === ask.part.path,
          );
          return now?.ask.kind === 'field' ? patched(seen, fieldSet(now.ask.part, ask.name, value)) : seen;
        }, venue);
        expect(unmeasured(filled, NOW).filter(({ id }) => !before.has(id))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

const VALUES: Readonly<Record<string, string | number>> = {
  condition: 'good',
  kelvin: 3200,
  refresh: 50,
  'card/connector': 'XLR',
  'card/level': 'line',
};

describe('a guess', () => {
  const guesses = (venue: Venue): string[] => inOrder(venue.guesses).map(([, { label }]) => label);
  const [mark = ''] = Object.keys(hall.marks ?? {});
  const [door = ''] = Object.keys(hall.doors ?? {});

  it('is settled by whoever sets the value or moves the thing, not by a new name or a lock', () => {
    const move: Operation = { op: 'replace', path: `/marks/${mark}/at`, value: [4, 4] };
    const name: Operation = { op: 'replace', path: `/doors/${door}/label`, value: 'west door' };
    const lock: Operation = { op: 'add', path: `/doors/${door}/locked`, value: true };
    expect(guesses(applyPatch(hall, settling(hall, [move])))).not.toContain('place of Speaker');
    expect(settling(hall, [name, lock])).toEqual([name, lock]);
    expect(
      guesses(applyPatch(hall, settling(hall, [{ op: 'remove', path: `/doors/${door}` }]))),
    ).not.toContain('place of the door');
  });

  it('that the patch takes away itself is not taken away twice', () => {
    const [guess = ''] =
      Object.entries(hall.guesses ?? {}).find(([, { label }]) => label === 'place of Speaker') ?? [];
    const both: Operation[] = [
      { op: 'remove', path: `/guesses/${guess}` },
      { op: 'replace', path: `/marks/${mark}/at`, value: [4, 4] },
    ];
    expect(settling(hall, both)).toEqual(both);
  });
});

describe('what is pinned', () => {
  const taken = '2026-12-02T12:00:00Z';
  const all = (venue: Venue, patch: Operation[]): Venue => patched(venue, patch);

  it('is a valid record at the place, under a name of its own', () => {
    const once = all(hall, [
      ...notePinned(hall, { at: [1.2345, 2], text: 'Socket behind the piano\nhidden by a curtain', taken }),
      ...lightPinned(hall, { at: [3, 3], lux: 140, taken }),
      ...mobilePinned(hall, { at: [3, 3], operator: ' first operator ', up: 4.2, taken }),
    ]);
    const twice = all(once, [
      ...notePinned(once, { at: [2, 2], picture: 'picture00001', taken }),
      ...lightPinned(once, { at: [4, 3], lux: 90, facing: 180, taken }),
      ...mobilePinned(once, { at: [4, 3], operator: 'first operator', up: 0, down: 3, taken }),
    ]);
    expect(faultsOf(Venue, twice)).toEqual([]);
    const named = (map: Readonly<Record<string, { label: string }>> | undefined): string[] =>
      Object.values(map ?? {})
        .map(({ label }) => label)
        .sort();
    expect(named(twice.notes)).toEqual(['Socket behind the piano', 'photo']);
    expect(named(twice.lightReadings)).toEqual(['light', 'light 2']);
    expect(named(twice.mobileReadings)).toEqual(['first operator', 'first operator 2']);
    const note = Object.values(once.notes ?? {})[0];
    expect(note).toMatchObject({ at: [1.23, 2], text: 'Socket behind the piano\nhidden by a curtain' });
  });

  it('is nothing without words or a picture, and a long note has a short name', () => {
    expect(notePinned(hall, { at: [1, 1], text: '  ', taken })).toEqual([]);
    const [operation] = notePinned(hall, { at: [1, 1], text: 'word '.repeat(60), taken });
    const value = operation && 'value' in operation ? (operation.value as { label: string }) : { label: '' };
    expect(value.label.length).toBeLessThanOrEqual(40);
  });
});
