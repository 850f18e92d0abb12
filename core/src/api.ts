/**
 * The contract of the server's API: what each route is for, what it takes and what it answers, once for the server that
 * registers and checks it, the page that calls it, and the OpenAPI document.
 */
import type { Action, Resource } from './access/index.js';
import { accountRoutes } from './api/account-routes.js';
import { dutyRoutes } from './api/duty-routes.js';
import { factorRoutes } from './api/factor-routes.js';
import { EventBundle, Revised, VenueBundle } from './api/bundles.js';
import {
  DocumentChanges,
  DocumentNow,
  EditAnswer,
  EditRequest,
  HistoryPage,
  RestoreRequest,
} from './api/edits.js';
import { EventLines, EventPage, Imported, NewEvent } from './api/events.js';
import {
  Booked,
  BookingLine,
  BookingList,
  Confirmation,
  ItemCalendar,
  NewBooking,
  Release,
} from './api/bookings.js';
import { drawingRoutes } from './api/drawing-routes.js';
import { Made } from './api/made.js';
import { OrganisationInfo } from './api/organisation.js';
import { peopleRoutes } from './api/people-routes.js';
import { personDataRoutes } from './api/person-data-routes.js';
import { rosterRoutes } from './api/roster-routes.js';
import { sheetRoutes } from './api/sheet-routes.js';
import { shelfRoutes } from './api/shelf-routes.js';
import { variantRoutes } from './api/variant-routes.js';
import { FileSize, PictureSize, VenueList } from './api/venues.js';
import type { DocumentClass } from './documents/decorators.js';
import { Venue } from './documents/venue.js';

export * from './api/accounts.js';
export * from './api/factors.js';
export * from './api/bookings.js';
export * from './api/bundles.js';
export * from './api/duties.js';
export * from './api/edits.js';
export * from './api/events.js';
export { Made } from './api/made.js';
export * from './api/organisation.js';
export * from './api/people.js';
export * from './api/person-data.js';
export * from './api/roster.js';
export * from './api/work-log.js';
export * from './api/shelf.js';
export * from './api/variants.js';
export * from './api/venues.js';

/** What one route is for, what it takes and what it answers. */
export interface Contract {
  readonly summary: string;
  /** What whoever asks must be allowed to do; `open` for what is there for those who have not signed in. */
  readonly needs: readonly [Action, Resource] | 'open';
  readonly body?: DocumentClass;
  readonly answer?: DocumentClass;
  /** Media type of what it answers where that is no JSON of a class. */
  readonly file?: string;
  /** Where the answer to success is not 200. */
  readonly status?: number;
}

/** A route by its method and its path below `/api/v1`, with `:id` parameters. */
type Address = `${'GET' | 'POST' | 'PUT' | 'PATCH'} /${string}`;

export const ROUTES = {
  ...accountRoutes,
  ...factorRoutes,
  ...peopleRoutes,
  ...personDataRoutes,
  ...rosterRoutes,
  ...dutyRoutes,
  'GET /organisation': {
    needs: ['read', 'organisation'],
    summary: 'The organisation this browser works in, and the others on this machine',
    answer: OrganisationInfo,
  },
  'PUT /organisation': {
    needs: ['read', 'self'],
    summary: 'Works in another organisation from now on',
    body: Made,
    answer: Made,
  },
  'GET /events': {
    needs: ['read', 'events'],
    summary: 'Events by start with their open snags, a page at a time (?cursor=)',
    answer: EventPage,
  },
  'GET /events/lines': {
    needs: ['read', 'events'],
    summary: 'Lines of that list by the ids of events (?ids=, up to 30 with commas between)',
    answer: EventLines,
  },
  'POST /events': {
    needs: ['change', 'events'],
    summary:
      'Makes a new event at a venue, or from a starter kit in its plain room; under the id that the client chose (?as=) it is made once, however often it is asked for',
    body: NewEvent,
    answer: Made,
    status: 201,
  },
  'POST /events/import': {
    needs: ['change', 'events'],
    summary: 'Takes over a .satchel.json file as a new event; once under the id that the client chose (?as=)',
    answer: Imported,
    status: 201,
  },
  'POST /events/:id/copy': {
    needs: ['change', 'events'],
    summary:
      'Copies an event, a week later, without what was signed or ticked; once under the id that the client chose (?as=)',
    answer: Made,
    status: 201,
  },
  ...variantRoutes,
  'GET /events/:id/bundle': {
    needs: ['read', 'event'],
    summary: 'Everything an assessment of the event needs',
    answer: EventBundle,
  },
  'GET /events/:id/file': {
    needs: ['read', 'sheets'],
    summary: 'The event as a .satchel.json file; people’s names only with ?names=yes',
    file: 'application/json',
  },
  'GET /venues': { needs: ['read', 'venues'], summary: 'The organisation’s venues', answer: VenueList },
  'POST /venues': {
    needs: ['change', 'venues'],
    summary: 'Keeps a newly surveyed venue; once under the id that the client chose (?as=)',
    body: Venue,
    answer: Revised,
    status: 201,
  },
  'GET /venues/:id/bundle': {
    needs: ['read', 'venues'],
    summary: 'A venue with what its survey is drawn and checked with',
    answer: VenueBundle,
  },
  'GET /venues/:id/plan.dxf': {
    needs: ['read', 'venues'],
    summary: 'The venue as a DXF drawing in metres, a layer for each kind of thing',
    file: 'image/vnd.dxf',
  },
  'GET /venues/:id/plan.svg': {
    needs: ['read', 'venues'],
    summary: 'The venue’s plan at 1 : 100 as SVG',
    file: 'image/svg+xml',
  },
  'GET /venues/:id/sheet.pdf': {
    needs: ['read', 'venues'],
    summary: 'One page about the venue as PDF, on Letter where units are imperial, else A4',
    file: 'application/pdf',
  },
  'PUT /pictures/:id': {
    needs: ['change', 'pictures'],
    summary: 'Keeps a PNG or JPEG of at most 6 MB, without Exif, texts and time; once kept it never changes',
    answer: PictureSize,
  },
  'GET /pictures/:id': {
    needs: ['read', 'pictures'],
    summary: 'A picture; it never changes',
    file: 'image/*',
  },
  'PUT /files/:id': {
    needs: ['change', 'files'],
    summary: 'Keeps a file of any kind of at most 20 MB; once kept it never changes',
    answer: FileSize,
  },
  'GET /files/:id': {
    needs: ['read', 'files'],
    summary: 'A kept file, to be saved; it never changes',
    file: 'application/octet-stream',
  },
  ...shelfRoutes,
  'GET /items/:id/bookings': {
    needs: ['read', 'bookings'],
    summary: 'When a thing is booked, and for which events that are not confirmed it is planned',
    answer: ItemCalendar,
  },
  'GET /bookings': {
    needs: ['read', 'bookings'],
    summary: 'Bookings that touch a time, by their start (?from= and ?to=, instants; absent = all to come)',
    answer: BookingList,
  },
  'POST /bookings': {
    needs: ['change', 'bookings'],
    summary:
      'Books things for a time, all of them or none; 409 where somebody has one of them then (?as= is the id)',
    body: NewBooking,
    answer: BookingLine,
    status: 201,
  },
  'PUT /events/:id/booking': {
    needs: ['change', 'bookings'],
    summary:
      'Confirms an event: books all that is on its list, in place of what it had booked before; 409 names what cannot be had',
    body: Confirmation,
    answer: Booked,
  },
  'POST /bookings/:id/release': {
    needs: ['change', 'bookings'],
    summary: 'Ends a booking: others may have its things at once',
    body: Release,
    answer: Made,
  },
  'GET /documents/:id': {
    needs: ['read', 'event'],
    summary: 'A document at its newest revision',
    answer: DocumentNow,
  },
  'GET /documents/:id/changes': {
    needs: ['read', 'event'],
    summary: 'Patches after a revision (?since=), or the whole body when they are too many',
    answer: DocumentChanges,
  },
  'GET /documents/:id/history': {
    needs: ['read', 'history'],
    summary: 'Who changed it when, newest first (?before= is the cursor)',
    answer: HistoryPage,
  },
  'POST /documents/:id/restore': {
    needs: ['change', 'history'],
    summary: 'Makes the document what it was at a revision, as a new edit',
    body: RestoreRequest,
    answer: EditAnswer,
  },
  'POST /edits': {
    needs: ['change', 'event'],
    summary:
      'Applies an edit once per id, all of it or nothing; 409 with the current documents on a collision, or where its base is more than 1,000 revisions back',
    body: EditRequest,
    answer: EditAnswer,
  },
  ...drawingRoutes,
  'GET /shelf/labels.pdf': {
    needs: ['read', 'shelf'],
    summary:
      'Labels of things with a code that opens each, as PDF; ?ids= with commas between, else all; ?size=tag or small, ?paper=A4 or LETTER',
    file: 'application/pdf',
  },
  ...sheetRoutes,
  'GET /live': {
    needs: ['read', 'live'],
    summary:
      'Server-sent events: which document reached which revision, and that shelf, hands or events changed',
    file: 'text/event-stream',
  },
} as const satisfies Readonly<Record<Address, Contract>>;

export type Routes = typeof ROUTES;
export type RouteName = keyof Routes;

/** What a route takes; nothing where its contract names no class. */
export type BodyOf<Name extends RouteName> = Routes[Name] extends { readonly body: DocumentClass<infer Body> }
  ? Body
  : undefined;

/** What a route answers; nothing where it sends a file. */
export type AnswerOf<Name extends RouteName> = Routes[Name] extends {
  readonly answer: DocumentClass<infer Answer>;
}
  ? Answer
  : undefined;

/** What changed on the server, as `GET /live` tells it. */
export interface LiveMessage {
  readonly document?: string;
  readonly revision?: number;
  readonly shelf?: boolean;
  readonly hands?: boolean;
  readonly events?: boolean;
  /** Who may come in, or who is signed in. */
  readonly accounts?: boolean;
  /** Something may have been missed: catch up by revision. */
  readonly resync?: boolean;
}
