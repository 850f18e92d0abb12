/** What is made of an event – its line in the list, its sheets – and all that it is made from. */
import type { Scope } from '../../database/scope.js';
import { overlapping } from './claims.js';

/**
 * The versions of all that each event of the organisation is worked out from, as a text; undefined for what is no
 * event. While that text is the same, so is what was made.
 */
export async function madeFrom(scope: Scope): Promise<(event: string) => string | undefined> {
  const [documents, bookings, views] = await Promise.all([
    scope.versions(),
    scope.spans(),
    Promise.all([scope.viewsVersion(), scope.bookingsVersion()]),
  ]);
  const byId = new Map(documents.map(each => [each.id, each]));
  const whereIs = new Map(bookings.map(each => [each.eventId, each]));
  const at = (id: string): string => `${id}@${byId.get(id)?.version}`;
  const house = documents.filter(({ kind }) => kind === 'rules' || kind === 'kinds').map(({ id }) => at(id));
  return event => {
    if (byId.get(event)?.kind !== 'plan') return undefined;
    const { venueId = '', venueRevision = 0 } = whereIs.get(event) ?? {};
    // A revision before the newest is that one for good.
    const venue = byId.get(venueId);
    const revision =
      venue && venueRevision >= venue.revision ? `newest ${venue.version}` : String(venueRevision);
    const beside = inOne(overlapping(event, bookings).map(each => byId.get(each)?.version ?? ''));
    return [at(event), `${venueId}@${revision}`, ...house, beside, ...views].join(' ');
  };
}

/** Many versions as one short text, which another version of any of them changes. */
function inOne(versions: readonly string[]): string {
  let [sum, mixed] = [0, 0x811c9dc5];
  for (const version of versions) {
    const number = Number(version);
    sum += number;
    mixed = Math.imul(mixed ^ number, 0x01000193) >>> 0;
  }
  return `${versions.length}:${sum}:${mixed}`;
}
