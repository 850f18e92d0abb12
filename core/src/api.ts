/**
 * The contract of the server's API: what each route is for, what it takes and what it answers, once for the server that
 * registers and checks it, the page that calls it, and the OpenAPI document.
 */
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
import { Made } from './api/made.js';
import { OrganisationInfo } from './api/organisation.js';
import { PersonChange, PersonLine, PersonList } from './api/people.js';
import { sheetRoutes } from './api/sheet-routes.js';
import { shelfRoutes } from './api/shelf-routes.js';
import { variantRoutes } from './api/variant-routes.js';
import { FileSize, PictureSize, VenueList } from './api/venues.js';
import type { DocumentClass } from './documents/decorators.js';
import { Venue } from './documents/venue.js';

export * from './api/bookings.js';
export * from './api/bundles.js';
export * from './api/edits.js';
export * from './api/events.js';
export { Made } from './api/made.js';
export * from './api/organisation.js';
export * from './api/people.js';
export * from './api/shelf.js';
export * from './api/variants.js';
export * from './api/venues.js';

/** What one route is for, what it takes and what it answers. */
export interface Contract {
  readonly summary: string;
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
  'GET /organisation': {
    summary: 'The organisation this browser works in, and the others on this machine',
    answer: OrganisationInfo,
  },
  'PUT /organisation': {
    summary: 'Works in another organisation from now on',
    body: Made,
    answer: Made,
  },
  'GET /events': {
    summary: 'Events by start with their open snags, a page at a time (?cursor=)',
    answer: EventPage,
  },
  'GET /events/lines': {
    summary: 'Lines of that list by the ids of events (?ids=, up to 30 with commas between)',
    answer: EventLines,
  },
  'POST /events': {
    summary:
      'Makes a new event at a venue, or from a starter kit in its plain room; under the id that the client chose (?as=) it is made once, however often it is asked for',
    body: NewEvent,
    answer: Made,
    status: 201,
  },
  'POST /events/import': {
    summary: 'Takes over a .satchel.json file as a new event; once under the id that the client chose (?as=)',
    answer: Imported,
    status: 201,
  },
  'POST /events/:id/copy': {
    summary:
      'Copies an event, a week later, without what was signed or ticked; once under the id that the client chose (?as=)',
    answer: Made,
    status: 201,
  },
  ...variantRoutes,
  'GET /events/:id/bundle': {
    summary: 'Everything an assessment of the event needs',
    answer: EventBundle,
  },
  'GET /events/:id/file': {
    summary: 'The event as a .satchel.json file; people’s names only with ?names=yes',
    file: 'application/json',
  },
  'GET /venues': { summary: 'The organisation’s venues', answer: VenueList },
  'POST /venues': {
    summary: 'Keeps a newly surveyed venue; once under the id that the client chose (?as=)',
    body: Venue,
    answer: Revised,
    status: 201,
  },
  'GET /venues/:id/bundle': {
    summary: 'A venue with what its survey is drawn and checked with',
    answer: VenueBundle,
  },
  'GET /venues/:id/plan.dxf': {
    summary: 'The venue as a DXF drawing in metres, a layer for each kind of thing',
    file: 'image/vnd.dxf',
  },
  'GET /venues/:id/plan.svg': { summary: 'The venue’s plan at 1 : 100 as SVG', file: 'image/svg+xml' },
  'GET /venues/:id/sheet.pdf': {
    summary: 'One page about the venue as PDF, on Letter where units are imperial, else A4',
    file: 'application/pdf',
  },
  'PUT /pictures/:id': {
    summary: 'Keeps a PNG or JPEG of at most 6 MB, without Exif, texts and time; once kept it never changes',
    answer: PictureSize,
  },
  'GET /pictures/:id': { summary: 'A picture; it never changes', file: 'image/*' },
  'PUT /files/:id': {
    summary: 'Keeps a file of any kind of at most 20 MB; once kept it never changes',
    answer: FileSize,
  },
  'GET /files/:id': {
    summary: 'A kept file, to be saved; it never changes',
    file: 'application/octet-stream',
  },
  ...shelfRoutes,
  'GET /items/:id/bookings': {
    summary: 'When a thing is booked, and for which events that are not confirmed it is planned',
    answer: ItemCalendar,
  },
  'GET /bookings': {
    summary: 'Bookings that touch a time, by their start (?from= and ?to=, instants; absent = all to come)',
    answer: BookingList,
  },
  'POST /bookings': {
    summary:
      'Books things for a time, all of them or none; 409 where somebody has one of them then (?as= is the id)',
    body: NewBooking,
    answer: BookingLine,
    status: 201,
  },
  'PUT /events/:id/booking': {
    summary:
      'Confirms an event: books all that is on its list, in place of what it had booked before; 409 names what cannot be had',
    body: Confirmation,
    answer: Booked,
  },
  'POST /bookings/:id/release': {
    summary: 'Ends a booking: others may have its things at once',
    body: Release,
    answer: Made,
  },
  'GET /people': { summary: 'The organisation’s people and their skills', answer: PersonList },
  'PATCH /people/:id': {
    summary: 'Renames a person or changes their skills; 409 where somebody changed the same since the base',
    body: PersonChange,
    answer: PersonLine,
  },
  'GET /documents/:id': { summary: 'A document at its newest revision', answer: DocumentNow },
  'GET /documents/:id/changes': {
    summary: 'Patches after a revision (?since=), or the whole body when they are too many',
    answer: DocumentChanges,
  },
  'GET /documents/:id/history': {
    summary: 'Who changed it when, newest first (?before= is the cursor)',
    answer: HistoryPage,
  },
  'POST /documents/:id/restore': {
    summary: 'Makes the document what it was at a revision, as a new edit',
    body: RestoreRequest,
    answer: EditAnswer,
  },
  'POST /edits': {
    summary:
      'Applies an edit once per id, all of it or nothing; 409 with the current documents on a collision, or where its base is more than 1,000 revisions back',
    body: EditRequest,
    answer: EditAnswer,
  },
  'GET /events/:id/labels.pdf': {
    summary:
      'Labels for both ends of every lead as PDF; ?size=flag or wrap, ?paper=A4 or LETTER, ?only=changed for what is not as it was printed',
    file: 'application/pdf',
  },
  'GET /events/:id/labels.svg': {
    summary: 'One page of those labels as SVG, by ?page from 1',
    file: 'image/svg+xml',
  },
  'GET /events/:id/camera-plan.pdf': {
    summary: 'The plan with every camera, and a card for each with its settings and its picture, as PDF',
    file: 'application/pdf',
  },
  'GET /events/:id/schematic.pdf': {
    summary: 'The schematic as PDF, over as many pages as it takes',
    file: 'application/pdf',
  },
  'GET /events/:id/schematic.svg': { summary: 'The schematic as one SVG picture', file: 'image/svg+xml' },
  'GET /events/:id/racks.pdf': {
    summary:
      'Every rack to scale from the front, cut open and from the rear, with its panels and what leaves it, as PDF',
    file: 'application/pdf',
  },
  'GET /events/:id/racks.svg': { summary: 'The same as one SVG picture', file: 'image/svg+xml' },
  'GET /events/:id/racks.dxf': {
    summary: 'Every rack and its panels as a DXF drawing in metres',
    file: 'image/vnd.dxf',
  },
  'GET /shelf/labels.pdf': {
    summary:
      'Labels of things with a code that opens each, as PDF; ?ids= with commas between, else all; ?size=tag or small, ?paper=A4 or LETTER',
    file: 'application/pdf',
  },
  ...sheetRoutes,
  'GET /live': {
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
  /** Something may have been missed: catch up by revision. */
  readonly resync?: boolean;
}
