import { isInstant } from '@idle-satchel/core/documents';
import { invalid } from '../../problem.js';
import { heavyRoute, route, type Route } from '../../route.js';
import { madeOnce } from '../making-once.js';
import { confirm } from './confirm.js';
import { bookFor, calendarOf, lineOf, release } from './service.js';

/** The last instant that a document can say. */
const LAST = '2099-12-31T23:59:59Z';

export const bookingRoutes: readonly Route[] = [
  route('GET /items/:id/bookings', ({ scope, id }) => calendarOf(scope, id())),
  route('GET /bookings', async ({ scope, text }) => {
    const instant = (name: string, fallback: string): string => {
      const value = text(name) ?? fallback;
      if (!isInstant(value)) throw invalid([{ path: `?${name}`, reason: 'must be an instant in UTC' }]);
      return value;
    };
    const now = new Date().toISOString();
    return { bookings: (await scope.bookingsIn(instant('from', now), instant('to', LAST))).map(lineOf) };
  }),
  route('POST /bookings', ({ scope, body, chosenId }) =>
    madeOnce(scope, chosenId(), body, (inside, id) => bookFor(inside, id, body)),
  ),
  heavyRoute('PUT /events/:id/booking', ({ scope, id, body }) => confirm(scope, id(), body)),
  route('POST /bookings/:id/release', ({ scope, id }) => scope.atomically(inside => release(inside, id()))),
];
