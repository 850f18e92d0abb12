/** Taking Friday's plan to the other venues of the weekend: what is matched, what comes along, what is left to settle. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import { fridayBundle, weekendVenues } from '../../src/demo/index.js';
import { faultsOf, Plan, type Venue } from '../../src/documents/index.js';
import { applyFix, fixesFor } from '../../src/fixes.js';
import { applyPatch, contains, invertPatch } from '../../src/foundations/index.js';
import { answersOf, matchVenues, movedPlan, planAt } from '../../src/moving/index.js';

const friday = fridayBundle();
const grange = weekendVenues.venuegrange1 as Venue;
const millrace = weekendVenues.venuemillra1 as Venue;
const PIN = { id: 'venuegrange1', revision: 1 };

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

  it('has its house gear where that house has it, and brings what it has not', () => {
    const desk = {
      order: '001h',
      label: 'mixer',
      what: 'desk' as const,
      at: [2, 3] as const,
      height: 0.9,
    };
    const other = { order: '002h', label: 'HOUSE DESK', what: 'loudspeaker' as const, at: [9, 3] as const };
    const withDesk: Venue = { ...grange, residents: { residedes: desk, residlou1: other } };
    const there: Venue = { ...friday.venue, residents: { residold1: { ...desk, label: 'HOUSE DESK' } } };
    const plan = applyPatch(friday.plan, [
      { op: 'add', path: '/devices/audiodes1/house', value: 'residold1' },
    ]);
    const matches = matchVenues(plan, there, withDesk);
    // Named alike, but a loudspeaker; the only desk there is answers.
    expect(matches.find(({ map }) => map === 'residents')).toMatchObject({
      to: 'residedes',
      by: 'kind',
      options: [['residedes', 'mixer']],
    });
    const after = planAt(plan, there, withDesk, PIN).devices?.audiodes1;
    expect(after).toMatchObject({ house: 'residedes', resident: true, place: { at: [2, 3], height: 0.9 } });
    const without = planAt(plan, there, { ...grange, residents: {} }, PIN).devices?.audiodes1;
    expect(without).not.toHaveProperty('house');
    expect(without).not.toHaveProperty('resident');
  });

  it('has what stands on a desk of the survey on the desk there, else where that would be', () => {
    const plan = applyPatch(friday.plan, [
      { op: 'replace', path: '/devices/audiodes1/place', value: { on: 'deskplace', height: 1.05 } },
    ]);
    const to = (there: Venue) => planAt(plan, friday.venue, there, PIN).devices?.audiodes1?.place;
    expect(to(grange)).toEqual({ on: 'deskhall1', height: 1.05 });
    const bare = to({ ...grange, areas: {} });
    expect(bare).not.toHaveProperty('on');
    expect(contains(grange.outline, bare?.at ?? [-1, -1])).toBe(true);
  });

  it('keeps the clock of where it is', () => {
    expect(applyPatch(friday.plan, moveTo({ ...grange, zone: 'America/New_York' })).zone).toBe(
      'America/New_York',
    );
  });

  it('is possible where there is no mains at all', () => {
    const there = applyPatch(friday.plan, moveTo(millrace));
    expect(faultsOf(Plan, there)).toEqual([]);
    expect(() => assess({ ...friday, plan: there, venue: millrace }).snags).not.toThrow();
  });
});
