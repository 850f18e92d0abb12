/** What events of one occasion hand on: on the checklist, on the day and on its lists. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, HandedOn } from '../../src/documents/index.js';
import { SHEETS } from '../../src/sheets/all.js';
import { friday } from './edited.js';

const CAMERA = 'itemcam01';
const camera = friday.shelf.items[CAMERA]?.tape ?? '';
const handed = (event: string, more: Partial<HandedOn> = {}): HandedOn => ({
  event,
  items: [CAMERA],
  ...more,
});
const within = (claims: Partial<Bundle['claims']>): Bundle => ({
  ...friday,
  claims: { ...friday.claims, ...claims },
});
const lineOf = (bundle: Bundle) =>
  Object.values(assess(bundle).pack.lines).find(({ item }) => item === CAMERA);
const checksOf = (bundle: Bundle): string[] =>
  Object.values(assess(bundle).day.checks)
    .filter(({ tape }) => tape === camera)
    .map(({ moment, label, detail }) => `${moment}: ${label} (${detail})`);
const rowsOf = (bundle: Bundle, sheet: 'pack-out' | 'pack-back'): string[] => {
  const { sections, notes } = SHEETS[sheet](bundle, assess(bundle));
  const rows = sections.flatMap(each => each.rows).filter(row => row.includes(camera));
  return [...rows.map(row => row.join(' | ')), ...notes.slice(1)];
};

describe('a thing that is handed on within an occasion', () => {
  it('says where it comes from and where it goes on to', () => {
    const bundle = within({ before: handed('Rehearsal'), after: handed('Sunday service') });
    expect(lineOf(bundle)).toMatchObject({
      comesFrom: { event: 'Rehearsal' },
      goesOnTo: { event: 'Sunday service' },
    });
    const [out, , back] = checksOf(bundle);
    expect(out).toMatch(/^Pack out: .*; comes from “Rehearsal”\)$/);
    expect(checksOf(bundle).at(-1) ?? back).toMatch(/^Count back in: .*; goes on to “Sunday service”\)$/);
    expect(rowsOf(bundle, 'pack-out')[0]).toMatch(/from “Rehearsal”, on to “Sunday service”/);
  });

  it('that stays rigged is not packed out but looked at, and not packed back but watched', () => {
    const bundle = within({
      before: handed('Rehearsal', { rigged: true }),
      after: handed('Service', { rigged: true }),
    });
    expect(checksOf(bundle).filter(each => each.startsWith('Pack out'))).toEqual([]);
    expect(checksOf(bundle).some(each => /^Rig: .* still stands as after “Rehearsal”/.test(each))).toBe(true);
    expect(checksOf(bundle).some(each => /^Count back in: .* stays as it is for “Service”/.test(each))).toBe(
      true,
    );
    expect(rowsOf(bundle, 'pack-out')).toEqual(['1 line stays rigged since “Rehearsal”.']);
    expect(rowsOf(bundle, 'pack-back')).toEqual(['1 line stays rigged for “Service”.']);
  });

  it('changes nothing of an event that stands alone, nor of what is not handed on', () => {
    expect(lineOf(friday)).not.toHaveProperty('comesFrom');
    expect(lineOf(within({ before: handed('Rehearsal', { items: [] }) }))).toEqual(lineOf(friday));
  });
});
