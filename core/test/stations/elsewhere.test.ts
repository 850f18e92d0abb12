/** Somebody on two events at one time: what of both is live, and where they are. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle, DutyElsewhere } from '../../src/documents/index.js';
import { fixesFor } from '../../src/fixes.js';
import { friday } from './snag-tables.js';

const { hands, brief } = assess(friday);
const at = (instant: unknown, minutes = 0): string =>
  new Date(Date.parse(String(instant)) + minutes * 60_000).toISOString();
const { value: end } = brief.end;
const { value: from } = hands.askedFrom;
const { value: to } = hands.leave;

type Times = readonly [from: string, begin: string, end: string, to: string];
const onDuty = (
  [begins, begin, ends, last]: Times,
  person: string,
  here: Pick<DutyElsewhere, 'here'>,
): Bundle => ({
  ...friday,
  claims: {
    ...friday.claims,
    duties: {
      dutyother1: { person, event: 'Harvest supper', from: begins, begin, end: ends, to: last, ...here },
    },
  },
});
const told = (times: Times, person = 'petralund1', here: Pick<DutyElsewhere, 'here'> = {}) =>
  assess(onDuty(times, person, here))
    .snags.filter(({ rule }) => rule === 'hands.elsewhere')
    .map(({ severity, title }) => [severity, title]);
const LIVE_TOO: Times = [at(end, -61), at(end, -1), at(end, 60), at(end, 90)];
const NEXT: Times = [at(end, -60), at(end), at(end, 60), at(end, 90)];

describe('a duty at an event that overlaps', () => {
  it('is a stop where both are live at two places, and a risk where they are at one', () => {
    expect(told(LIVE_TOO)).toEqual([
      ['stop', 'Petra Lund is down for Harvest supper too, which is live at the same time, and elsewhere.'],
    ]);
    expect(told(LIVE_TOO, 'petralund1', { here: true })).toEqual([
      ['risk', 'Petra Lund is down for Harvest supper too, which is at the same time.'],
    ]);
  });

  it('is less where the one begins as the other ends, and only the rest of them overlaps', () => {
    expect(told(NEXT).map(([severity]) => severity)).toEqual(['risk']);
    expect(told(NEXT, 'petralund1', { here: true })).toEqual([
      [
        'note',
        'Petra Lund is down for Harvest supper too, which is got ready or struck at the same time, at the same place.',
      ],
    ]);
  });

  it('is nothing where the one comes as the other goes, nor for who has no role here', () => {
    expect(told([at(to), at(to, 60), at(to, 120), at(to, 150)])).toEqual([]);
    expect(told([at(from, -180), at(from, -120), at(from, -30), at(from)])).toEqual([]);
    expect(told([at(from, -180), at(from, -120), at(from, -30), at(from, 1)])).toHaveLength(1);
    expect(told(LIVE_TOO, 'benedictam')).toEqual([]);
  });

  it('keeps whoever has one from being offered for a role', () => {
    const { assigncam3: _side, ...assignments } = friday.plan.assignments ?? {};
    const offered = (bundle: Bundle) => {
      const open = { ...bundle, plan: { ...bundle.plan, assignments } };
      const snag = assess(open).snags.find(({ rule }) => rule === 'hands.unfilled');
      return fixesFor(snag?.id ?? '', open).map(({ label }) => label);
    };
    const [first = ''] = offered(friday);
    const [id = ''] =
      Object.entries(friday.hands.people).find(([, { name }]) => first === `Put ${name} on it`) ?? [];
    expect(id).not.toBe('');
    expect(offered(onDuty(LIVE_TOO, id, {}))).not.toContain(first);
  });
});
