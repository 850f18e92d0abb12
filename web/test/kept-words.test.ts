/** What is kept of somebody, in the words that they read. */
import type { PersonData } from '@idle-satchel/core/api';
import { describe, expect, it } from 'vitest';
import { keptLines } from '../src/doors/people/kept-words.js';

const NONE: PersonData = { sessions: [], events: [], edits: 0, shelfChanges: 1, bookings: 2, audit: [] };
const linesOf = (data: Partial<PersonData>): Record<string, string> =>
  Object.fromEntries(keptLines({ ...NONE, ...data }, instant => instant.slice(0, 10)));

describe('what is kept', () => {
  it('of nobody in particular is what they made, one and several told apart', () => {
    expect(linesOf({})).toEqual({ Made: '0 edits, 1 change of things, 2 bookings' });
  });

  it('of a person is all that is known, and nothing that is not', () => {
    const person = { name: 'Wilf Okonjo', skills: [{ skill: 'camera', level: 'can do' } as const] };
    expect(linesOf({ person }).Person).toBe('Wilf Okonjo, camera (can do)');
    // Nothing lifted is known of somebody, too.
    const more = { ...person, lift: 0, young: true, phone: '01632 960 105', note: 'brings a lamp' };
    expect(linesOf({ person: more }).Person).toBe(
      'Wilf Okonjo, camera (can do), under 18, no lifting, 01632 960 105, brings a lamp',
    );
  });

  it('of an account is how it is let in, and where else it comes in', () => {
    const account = {
      ...{
        id: 'accountofone',
        name: 'Wilf Okonjo',
        login: 'wilf',
        role: 'hand' as const,
        pin: true,
        otherHouses: 1,
      },
      since: '2026-11-01T10:00:00Z',
    };
    const passkey = { id: 'passkeyofone', label: 'Phone', made: account.since, used: null };
    const told = linesOf({
      account,
      factors: { authenticator: true, recoveryCodes: 3, passkeys: [passkey] },
    });
    expect(told.Account).toBe('wilf, hand since 2026-11-01, with a PIN, comes into 1 other house');
    expect(told['Signs in by']).toBe('a password, an authenticator, the passkey Phone');
    expect(linesOf({ account: { ...account, pin: false, otherHouses: 0 } }).Account).toBe(
      'wilf, hand since 2026-11-01',
    );
  });

  it('of events is on what somebody was, what they signed, or that they lift', () => {
    const event = { event: 'eventfriday1', label: 'Friday', start: '2026-12-04T19:30:00Z' };
    const of = (roles: string[], signed: number) =>
      linesOf({ events: [{ ...event, roles, signed }] })['Friday, 2026-12-04'];
    expect([of(['mixer', 'camera C1 WIDE'], 1), of([], 2), of([], 0)]).toEqual([
      ...['mixer, camera C1 WIDE, signed 1 time', 'signed 2 times', 'named at a lift'],
    ]);
  });
});
