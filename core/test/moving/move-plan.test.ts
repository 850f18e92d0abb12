/** Taking Friday's plan to the other venues of the weekend: what is matched, what comes along, what is left to settle. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle, weekendVenues } from '../../src/demo/index.js';
import { faultsOf, Plan, type Venue } from '../../src/documents/index.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { applyPatch, contains, invertPatch } from '../../src/foundations/index.js';
import { matchVenues, movedPlan, type Match } from '../../src/moving/index.js';

const friday = fridayBundle();
const grange = weekendVenues.venuegrange1 as Venue;
const millrace = weekendVenues.venuemillra1 as Venue;
const PIN = { id: 'venuegrange1', revision: 1 };

const answersOf = (matches: readonly Match[]) => {
  const of = (map: Match['map']): Record<string, string | undefined> =>
    Object.fromEntries(matches.filter(match => match.map === map).map(({ from, to }) => [from, to]));
  return {
    marks: of('marks'),
    sockets: of('sockets'),
    networkSockets: of('networkSockets'),
    areas: of('areas'),
  };
};
const moveTo = (to: Venue, matches = matchVenues(friday.plan, friday.venue, to)) =>
  movedPlan({ plan: friday.plan, from: friday.venue, to, pin: PIN, answers: answersOf(matches) });

describe('matching', () => {
  const matches = matchVenues(friday.plan, friday.venue, grange);
  const by = (label: string) => matches.find(match => match.label === label);

  it('goes by name, then by a word in common, and matches nothing twice', () => {
    expect(by('Lectern')).toMatchObject({ map: 'marks', to: 'marklecte', by: 'name' });
    expect(by('Tables')).toMatchObject({ to: 'marktable', by: 'name' });
    expect(by('Choir')).toMatchObject({ to: undefined, by: undefined });
    expect(by('by the desk')).toMatchObject({ map: 'sockets', to: undefined });
    expect(by('north aisle')).toMatchObject({ map: 'sockets', to: 'sktstage1', by: 'word' });
    expect(by('vestry line')).toMatchObject({ map: 'networkSockets', to: 'netoffice', by: 'word' });
    const taken = matches.flatMap(({ map, to }) => (to === undefined ? [] : [`${map} ${to}`]));
    expect(new Set(taken).size).toBe(taken.length);
  });

  it('offers everything of the same kind instead', () => {
    expect(by('Choir')?.options.map(([, label]) => label)).toEqual(['Leader', 'Tables', 'Panel', 'Lectern']);
  });
});

describe('a moved plan', () => {
  const patch = moveTo(grange);
  const plan = applyPatch(friday.plan, patch);
  const bundle = { ...friday, plan, venue: grange };
  const assessment = assess(bundle);

  it('is valid, pinned to the other venue, and keeps every device, shot, link and item', () => {
    expect(faultsOf(Plan, plan)).toEqual([]);
    expect(plan.venue).toEqual(PIN);
    for (const map of ['devices', 'shots', 'links', 'outputs', 'runningOrder'] as const) {
      expect(Object.keys(plan[map] ?? {})).toEqual(Object.keys(friday.plan[map] ?? {}));
    }
  });

  it('has every shot at a mark and everything inside the walls', () => {
    const { venue } = assessment.ground;
    for (const shot of Object.values(plan.shots ?? {})) expect(venue.marks?.[shot.mark]).toBeDefined();
    expect(Object.values(venue.marks ?? {}).map(({ label }) => label)).toContain('Choir');
    for (const { place } of Object.values(plan.devices ?? {})) {
      if (place?.at) expect(contains(grange.outline, place.at)).toBe(true);
    }
    for (const { at } of Object.values(venue.marks ?? {})) expect(contains(grange.outline, at)).toBe(true);
  });

  it('lists what it guessed and which leads have no socket, each with a fix', () => {
    const guesses = Object.values(assessment.ground.venue.guesses ?? {}).map(({ label }) => label);
    expect(guesses).toContain('place of Choir');
    expect(guesses).not.toContain('place of DESK RACK');
    const lost = assessment.snags.filter(({ title }) => title.includes('a socket that is not in this venue'));
    expect(lost.length).toBeGreaterThan(0);
    for (const snag of lost) {
      const [fix] = fixesFor(snag.id, bundle);
      expect(fix?.label).toMatch(/^Plug it into /);
      if (fix) expect(assess(applyFix(bundle, fix)).snags.map(({ id }) => id)).not.toContain(snag.id);
    }
  });

  it('goes back in one step', () => {
    expect(applyPatch(plan, invertPatch(friday.plan, patch))).toEqual(friday.plan);
  });

  it('stands on the gallery again where there is one, else on the ground', () => {
    const withGallery: Venue = {
      ...grange,
      areas: {
        ...grange.areas,
        loftwest1: {
          label: 'loft',
          kind: 'gallery',
          floor: 2.2,
          outline: [
            [0.2, 1],
            [2.2, 1],
            [2.2, 4],
            [0.2, 4],
          ],
        },
      },
    };
    const upstairs =
      Object.entries(friday.plan.devices ?? {}).find(([, { place }]) => place?.level !== undefined)?.[0] ??
      '';
    expect(plan.devices?.[upstairs]?.place).not.toHaveProperty('level');
    const moved = applyPatch(friday.plan, moveTo(withGallery));
    expect(moved.devices?.[upstairs]?.place?.level).toBe('loftwest1');
    expect(
      contains(withGallery.areas?.loftwest1?.outline ?? [], moved.devices?.[upstairs]?.place?.at ?? [0, 0]),
    ).toBe(true);
  });

  it('is possible where there is no mains at all', () => {
    const there = applyPatch(friday.plan, moveTo(millrace));
    expect(faultsOf(Plan, there)).toEqual([]);
    expect(() => assess({ ...friday, plan: there, venue: millrace }).snags).not.toThrow();
  });
});
