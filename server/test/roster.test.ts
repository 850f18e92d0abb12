/** The roster of a span: events with their jobs, what counts besides, and what cannot be asked for. */
import type { RosterSpan } from '@idle-satchel/core/api';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { editOf, FRIDAY, setUp, type Setup } from './helper.js';

const API = '/api/v1';
let setup: Setup;
beforeAll(async () => (setup = await setUp()));
afterAll(() => setup.close());

const asked = async (from: string, to: string) => setup.api.get(`${API}/roster?from=${from}&to=${to}`);
const span = async (from: string, to: string): Promise<RosterSpan> =>
  (await asked(from, to)).body as RosterSpan;

/** The days of the demo weekend, by the clocks of its places. */
const days = async (): Promise<[friday: string, saturday: string, sunday: string]> => {
  const { lines } = await span('2026-11-25', '2027-01-31');
  const [friday = '', saturday = '', sunday = ''] = lines.map(({ event }) => event.from.slice(0, 10));
  return [friday, saturday, sunday];
};

describe('a span of days', () => {
  it('has the events of those days to be filled, and those about them as they are', async () => {
    const [friday, saturday] = await days();
    const { lines, past } = await span(saturday, saturday);
    expect(lines.map(({ id, event }) => [id, event.fixed])).toEqual([
      [FRIDAY, true],
      ['eventsatur1', undefined],
      ['eventgreen1', true],
    ]);
    // Who is on duty at an event that is listed has no duty besides.
    expect(past).toEqual([]);
    const alone = await span(friday, friday);
    expect(
      alone.lines.find(({ id }) => id === FRIDAY)?.event.jobs.find(({ roles }) => roles[0] === 'lead'),
    ).toMatchObject({ label: 'Lead', skills: ['lead'], vital: true, person: 'odilemarsh' });
    // Ways of doing an event are no events besides it.
    expect(alone.lines.map(({ id }) => id)).not.toContain('eventfrione1');
  });

  it('counts duties before it, and in its months besides, of whoever did not say no', async () => {
    const [friday] = await days();
    const later = new Date(Date.parse(`${friday}T00:00:00Z`) + 10 * 86_400_000).toISOString().slice(0, 10);
    const before = await span(later, later);
    expect(before.past).toContainEqual({ person: 'odilemarsh', count: 1 });
    expect(before.inMonth).toContainEqual({ person: 'odilemarsh', count: 1, month: friday.slice(0, 7) });
    const no = { how: 'no', at: '2026-11-25T12:00:00Z' };
    await setup.api
      .post(`${API}/edits`)
      .send(editOf(1, [{ op: 'add', path: '/assignments/assignlead/answer', value: no }]))
      .expect(200);
    const after = await span(later, later);
    expect(after.past.map(({ person }) => person)).not.toContain('odilemarsh');
    const { lines } = await span(friday, friday);
    const { event, revision } = lines.find(({ id }) => id === FRIDAY) ?? {};
    expect([event?.saidNo, revision]).toEqual([['odilemarsh'], 2]);
    expect(event?.jobs.find(({ roles }) => roles[0] === 'lead')?.person).toBeUndefined();
  });

  it.each([
    ['2026-12-04', '', '?to'],
    ['4 Dec', '2026-12-04', '?from'],
    ['2026-02-30', '2026-12-04', '?from'],
    ['2026-12-04', '2026-12-03', '?to'],
    ['2026-01-01', '2027-02-06', '?to'],
  ])('from %s to %s is refused at %s', async (from, to, path) => {
    const answer = await asked(from, to);
    const { faults } = answer.body as { faults: { path: string }[] };
    expect([answer.status, faults[0]?.path]).toEqual([422, path]);
  });

  it('may be 400 days, and be empty', async () => {
    expect((await span('2030-01-01', '2031-02-05')).lines).toEqual([]);
  });
});

describe('the roster as a calendar', () => {
  it('has each event with who does what, and those with a hole as tentative', async () => {
    const { lines } = await span('2026-11-25', '2027-01-31');
    const answer = await setup.api.get(`${API}/roster/list.ics?from=2026-11-25&to=2027-01-31`);
    expect(answer.headers['content-type']).toContain('text/calendar');
    const events = new ICAL.Component(ICAL.parse(answer.text) as never)
      .getAllSubcomponents('vevent')
      .map(each => ({ event: new ICAL.Event(each), status: each.getFirstPropertyValue('status') }));
    expect(events).toHaveLength(lines.length);
    for (const { event } of lines) {
      const { event: own, status } = events.find(each => each.event.summary === event.label) ?? {};
      expect(own?.startDate.toJSDate().toISOString()).toBe(new Date(event.from).toISOString());
      expect(own?.endDate.toJSDate().toISOString()).toBe(new Date(event.to).toISOString());
      expect(own?.description.split('\n')).toHaveLength(event.jobs.length);
      const holes = event.jobs.filter(({ person }) => person === undefined);
      expect(own?.description.match(/NOBODY YET/g) ?? []).toHaveLength(holes.length);
      expect(status).toBe(holes.length > 0 ? 'TENTATIVE' : 'CONFIRMED');
    }
    expect((await setup.api.get(`${API}/roster/list.ics?from=tomorrow`)).status).toBe(422);
  });
});
