/** Accepting a snag and buckling a station: both hold only as long as what was signed is still so. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import type { Bundle } from '../src/documents/index.js';
import { applyPatch, STATIONS, type Operation, type StationName } from '../src/foundations/index.js';
import { acceptPatch, bucklePatch } from '../src/review.js';
import { edited, friday, set } from './stations/edited.js';

const SIGNED = { by: 'Odile Marsh', at: '2026-12-01T18:00:00Z' };
const onTop = (bundle: Bundle, ...patch: Operation[]): Bundle => ({
  ...bundle,
  plan: applyPatch(bundle.plan, patch),
});

const buckled = (bundle: Bundle, name: StationName): Bundle => {
  const assessment = assess(bundle);
  const all = [...assessment.snags, ...assessment.accepted.map(({ snag }) => snag)];
  return onTop(bundle, ...bucklePatch(name, bundle.plan, assessment, all, SIGNED));
};

const accepted = (bundle: Bundle, rule: string): Bundle => {
  const assessment = assess(bundle);
  const snag = assessment.snags.find(each => each.rule === rule);
  if (!snag) throw new Error(`${rule} is not open`);
  const reason = 'the choir stands wider than the lens';
  return onTop(bundle, ...acceptPatch(snag, bundle.plan, assessment, { ...SIGNED, reason }));
};

describe('an accepted snag', () => {
  const bundle = accepted(friday, 'racks.too-hot');

  it('leaves the open ones, and keeps who accepted it and why', () => {
    const { snags, accepted: signed } = assess(bundle);
    expect(snags.some(snag => snag.rule === 'racks.too-hot')).toBe(false);
    expect(snags).toHaveLength(assess(friday).snags.length - 1);
    expect(signed).toHaveLength(1);
    expect(signed[0]?.acceptance).toMatchObject({
      ...SIGNED,
      reason: 'the choir stands wider than the lens',
    });
  });

  it('opens again when one of its figures reads otherwise, and not when others do', () => {
    const cooler = onTop(bundle, set('/devices/router001/place', { inside: 'deskrack1' }));
    expect(assess(cooler).snags.some(snag => snag.rule === 'racks.too-hot')).toBe(true);
    const elsewhere = onTop(bundle, set('/devices/camnorth1/place/at', [10, 2]));
    expect(assess(elsewhere).snags.some(snag => snag.rule === 'racks.too-hot')).toBe(false);
  });

  it('holds within the precision that people read', () => {
    const far = accepted(friday, 'shots.out-of-reach');
    const nudged = onTop(far, set('/devices/camnorth1/place/at', [10.4001, 1.9]));
    expect(assess(nudged).snags.some(snag => snag.rule === 'shots.out-of-reach')).toBe(false);
    const moved = onTop(far, set('/devices/camnorth1/place/at', [9.4, 1.9]));
    expect(assess(moved).snags.some(snag => snag.rule === 'shots.out-of-reach')).toBe(true);
  });
});

describe('a buckled station', () => {
  it.each(STATIONS.map(name => [name]))('%s holds while nothing changes, snags or not', name => {
    const { buckles } = assess(buckled(friday, name));
    expect(buckles[name]).toEqual({ state: 'buckled', ...SIGNED, differences: [] });
    for (const other of STATIONS) if (other !== name) expect(buckles[other].state).toBe('open');
  });

  it('opens by itself when something under it changes, and tells what was and what is', () => {
    const bundle = buckled(friday, 'shots');
    const { shots } = assess(onTop(bundle, set('/devices/camnorth1/place/at', [11.4, 1.9]))).buckles;
    expect(shots.state).toBe('reopened');
    expect(shots.differences).toContainEqual({
      path: 'shots.shots.shotlecter.distance',
      before: '8.77 m',
      now: '7.84 m',
    });
  });

  it('holds when something beside it changes', () => {
    const bundle = buckled(friday, 'stream');
    const after = assess(onTop(bundle, set('/devices/camnorth1/place/at', [11.4, 1.9])));
    expect(after.buckles.stream.state).toBe('buckled');
  });

  it('opens when a rule of the house reads otherwise', () => {
    const bundle = buckled(friday, 'runs');
    const strict = assess({ ...bundle, rules: { ...bundle.rules, hdmiReach: 'cautious' } });
    expect(strict.buckles.runs.state).toBe('reopened');
  });

  it('keeps holding when one of its snags is accepted: what was found stays found', () => {
    const bundle = accepted(buckled(friday, 'racks'), 'racks.too-hot');
    expect(assess(bundle).buckles.racks.state).toBe('buckled');
  });

  it('opens when a snag comes that was not there', () => {
    const bundle = buckled(edited(set('/devices/netswitc1/place/unit', 2)), 'racks');
    const crowded = onTop(bundle, set('/devices/netswitc1/place/unit', 1));
    const { racks } = assess(crowded).buckles;
    expect(racks.differences.some(({ now }) => now.startsWith('stop') || now.startsWith('risk'))).toBe(true);
  });
});
