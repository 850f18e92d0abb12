/**
 * The contract of the server's API: what each route is for, what it takes and what it answers, once for the server that
 * registers and checks it, the page that calls it, and the OpenAPI document.
 */
import { type Bundle } from './documents/bundle.js';
import {
  AnyJson,
  Flag,
  Instant,
  Int,
  Many,
  Num,
  One,
  OneOf,
  Optional,
  Ref,
  Text,
  TextOrNull,
  type DocumentClass,
} from './documents/decorators.js';
import { Kinds } from './documents/kinds.js';
import { Claims, Hands, Item, Person, Shelf, Skill } from './documents/people-and-things.js';
import { Plan } from './documents/plan.js';
import { Proof } from './documents/proof.js';
import { Rules } from './documents/rules.js';
import { Venue } from './documents/venue.js';
import { DOCUMENT_LIMIT, type Operation } from './foundations/index.js';

/** Largest number that a count or a revision can have. */
const MOST = 1e9;

/** An edit's name for itself, chosen by whoever makes it. */
const EditId = (): PropertyDecorator => Text(64, 8);

export const DOCUMENT_KINDS = ['plan', 'venue', 'rules', 'kinds'] as const;
/** Kinds of documents that edits change. */
export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

/** The id of what was made. */
export class Made {
  @Ref() id!: string;
}

export class OrganisationName extends Made {
  @Text(80, 1) name!: string;
}

export class OrganisationInfo extends Made {
  @OneOf(['metric', 'imperial']) units!: 'metric' | 'imperial';
  @Many(() => OrganisationName) organisations!: readonly OrganisationName[];
}

/** How many snags of each severity stand open. */
export class SnagCounts {
  @Int(0, MOST) stop!: number;
  @Int(0, MOST) risk!: number;
  @Int(0, MOST) note!: number;
}

/** One line of the list of events. */
export class EventSummary extends Made {
  @Text(80, 1) label!: string;
  @Instant() start!: string;
  @Text(60, 1) zone!: string;
  /** Name of the venue. */
  @Text(80) venue!: string;
  @One(() => SnagCounts) snags!: SnagCounts;
  /** Title of the worst open snag. */
  @TextOrNull(1000) worst!: string | null;
}

export class EventPage {
  @Many(() => EventSummary) events!: readonly EventSummary[];
  /** Where the next page begins. */
  @TextOrNull(400) next!: string | null;
}

export class NewEvent {
  @Text(80, 1) label!: string;
  @Instant() start!: string;
  @Text(60, 1) zone!: string;
  /** Absent where it begins from a kit, in the plain room of that. */
  @Optional() @Ref() venue?: string;
  /** The starter kit that it begins from. */
  @Optional() @Ref() kit?: string;
}

/** What an import added to the organisation. */
export class Added {
  @Int(0, MOST) items!: number;
  @Int(0, MOST) kinds!: number;
  @Int(0, MOST) people!: number;
  @Flag() venue!: boolean;
}

export class Imported extends Made {
  @One(() => Added) added!: Added;
}

/** Which revision of which document. */
class Revised {
  @Ref() id!: string;
  @Int(1, MOST) revision!: number;
}

class PlanAt extends Revised {
  @One(() => Plan) body!: Plan;
}
class VenueAt extends Revised {
  @One(() => Venue) body!: Venue;
}
class RulesAt extends Revised {
  @One(() => Rules) body!: Rules;
}
class KindsAt extends Revised {
  @One(() => Kinds) body!: Kinds;
}

class VenueDocuments {
  @One(() => VenueAt) venue!: VenueAt;
  @One(() => RulesAt) rules!: RulesAt;
  @One(() => KindsAt) kinds!: KindsAt;
}

class EventDocuments extends VenueDocuments {
  @One(() => PlanAt) plan!: PlanAt;
}

/** A venue at its own door: what its survey is drawn and checked with. */
export class VenueBundle {
  @One(() => VenueDocuments) documents!: VenueDocuments;
  @One(() => Shelf) shelf!: Bundle['shelf'];
  @One(() => Hands) hands!: Bundle['hands'];
  @One(() => Claims) claims!: Bundle['claims'];
}

/** Everything an assessment of an event needs. */
export class EventBundle extends VenueBundle {
  @One(() => EventDocuments) declare documents: EventDocuments;
  /** The newest revision of the venue, which may be beyond the one the plan is pinned to. */
  @Int(1, MOST) venueNow!: number;
}

/** One line of the list of venues. */
export class VenueLine extends Revised {
  @Text(80) name!: string;
  @TextOrNull(200) address!: string | null;
  @Num(0, 1000) volts!: number;
  @Num(0, 1000) hertz!: number;
  @Int(0, MOST) marks!: number;
  @Int(0, MOST) sockets!: number;
  @Int(0, MOST) uploads!: number;
  /** Values that nobody has measured yet. */
  @Int(0, MOST) guesses!: number;
  /** No longer offered for new events. */
  @Flag() archived!: boolean;
}

export class VenueList {
  @Many(() => VenueLine) venues!: readonly VenueLine[];
}

export class PictureSize {
  @Int(1, MOST) width!: number;
  @Int(1, MOST) height!: number;
}

export class ItemLine extends Item {
  @Ref() id!: string;
}

export class ItemList {
  @Many(() => ItemLine, 100_000) items!: readonly ItemLine[];
  @One(() => Kinds) kinds!: Kinds;
  /** The document that the kinds are. */
  @One(() => Revised) kindsDocument!: Revised;
}

/** Items to put on the shelf: all of them, or none. */
export class NewItems {
  @Many(() => Item) items!: readonly Item[];
}

/** How many were made. */
export class MadeCount {
  @Int(0, MOST) made!: number;
}

/** What can be changed of an item; absent fields stay. */
export class ItemChange {
  @Optional() @Text(16, 1) tape?: string;
  @Optional() @OneOf(['ready', 'out', 'in repair', 'retired']) state?: Item['state'];
  @Optional() @Text(200) note?: string;
  @Optional() @One(() => Proof) proof?: Proof;
}

export class PersonLine extends Person {
  @Ref() id!: string;
}

export class PersonList {
  @Many(() => PersonLine, 100_000) people!: readonly PersonLine[];
}

/** What can be changed of a person; absent fields stay. */
export class PersonChange {
  @Optional() @Text(80, 1) name?: string;
  @Optional() @Many(() => Skill, 20) skills?: Skill[];
  @Optional() @Flag() young?: boolean;
  @Optional() @Num(0, 23) lift?: number;
}

/** One operation of a JSON Patch (RFC 6902). */
export class PatchOperation {
  @OneOf(['add', 'remove', 'replace', 'move', 'copy', 'test']) op!: Operation['op'];
  @Text(400) path!: string;
  @Optional() @Text(400) from?: string;
  @Optional() @AnyJson(DOCUMENT_LIMIT) value?: unknown;
}

/** What an edit does to one document, and which revision it was made against. */
export class DocumentChange {
  @Ref() document!: string;
  @Int(1, MOST) base!: number;
  @Many(() => PatchOperation) patch!: readonly Operation[];
}

/** An edit: applied once per id, all of it or nothing. */
export class EditRequest {
  @EditId() id!: string;
  @Text(120, 1) label!: string;
  @Text(80, 1) author!: string;
  /** The edit that this one takes back. */
  @Optional() @EditId() undoes?: string;
  @Many(() => DocumentChange, 20) changes!: readonly DocumentChange[];
}

/** A document's new revision, and the patch that takes the edit back. */
export class EditedDocument {
  @Ref() document!: string;
  @Int(1, MOST) revision!: number;
  @Many(() => PatchOperation) inverse!: readonly Operation[];
}

/** The answer to an accepted edit. */
export class EditAnswer {
  @EditId() edit!: string;
  @Many(() => EditedDocument) documents!: readonly EditedDocument[];
}

export class DocumentNow {
  @Ref() document!: string;
  @OneOf(DOCUMENT_KINDS) kind!: DocumentKind;
  @Int(1, MOST) revision!: number;
  @AnyJson(DOCUMENT_LIMIT) body!: Bundle[DocumentKind];
}

export class DocumentPatchAt {
  @Int(1, MOST) revision!: number;
  @EditId() edit!: string;
  @Many(() => PatchOperation) patch!: readonly Operation[];
}

/** What happened to a document after a revision: patches, or the whole body when they are too many. */
export class DocumentChanges {
  @Ref() document!: string;
  @Int(0, MOST) revision!: number;
  @Optional() @AnyJson(DOCUMENT_LIMIT) body?: Bundle[DocumentKind];
  @Optional() @Many(() => DocumentPatchAt) changes?: readonly DocumentPatchAt[];
}

export class HistoryEntry {
  @Int(1, MOST) revision!: number;
  @EditId() edit!: string;
  @Text(120) label!: string;
  @Text(80) author!: string;
  @Instant() at!: string;
  /** The edit that it took back. */
  @TextOrNull(64) undoes!: string | null;
}

export class HistoryPage {
  @Many(() => HistoryEntry) entries!: readonly HistoryEntry[];
  @TextOrNull(20) next!: string | null;
}

export class RestoreRequest {
  /** Id of the edit that will restore it, made by the client. */
  @EditId() id!: string;
  @Text(80, 1) author!: string;
  @Int(1, MOST) revision!: number;
}

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

export const SHEET_NAMES = [
  'cut-list',
  'lay-list',
  'pack-list',
  'input-list',
  'patch-list',
  'format-card',
] as const;
export type SheetName = (typeof SHEET_NAMES)[number];

type SheetRoute = `GET /events/:id/${SheetName}.${'pdf' | 'csv'}`;

const sheetRoutes = Object.fromEntries(
  SHEET_NAMES.flatMap(name => {
    const words = `The ${name.replace('-', ' ')}`;
    const asPdf = `${words} as PDF, on Letter where units are imperial, else A4`;
    return [
      [`GET /events/:id/${name}.pdf`, { summary: asPdf, file: 'application/pdf' }],
      [`GET /events/:id/${name}.csv`, { summary: `${words} as CSV`, file: 'text/csv' }],
    ] as const;
  }),
) as unknown as Readonly<Record<SheetRoute, { readonly summary: string; readonly file: string }>>;

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
  'POST /events': {
    summary: 'Makes a new event at a venue, or from a starter kit in its plain room',
    body: NewEvent,
    answer: Made,
    status: 201,
  },
  'POST /events/import': {
    summary: 'Takes over a .satchel.json file as a new event',
    answer: Imported,
    status: 201,
  },
  'POST /events/:id/copy': {
    summary: 'Copies an event, a week later, without what was signed or ticked',
    answer: Made,
    status: 201,
  },
  'GET /events/:id/bundle': {
    summary: 'Everything an assessment of the event needs',
    answer: EventBundle,
  },
  'GET /events/:id/file': {
    summary: 'The event as a .satchel.json file; people’s names only with ?names=yes',
    file: 'application/json',
  },
  'GET /venues': { summary: 'The organisation’s venues', answer: VenueList },
  'POST /venues': { summary: 'Keeps a newly surveyed venue', body: Venue, answer: Revised, status: 201 },
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
  'GET /items': { summary: 'Everything on the shelf, with the kind of each thing', answer: ItemList },
  'POST /items': {
    summary: 'Puts new items on the shelf, all of them or none',
    body: NewItems,
    answer: MadeCount,
    status: 201,
  },
  'PATCH /items/:id': {
    summary: 'Renames an item, changes its state or note, or notes what it was seen to carry',
    body: ItemChange,
    answer: ItemLine,
  },
  'GET /people': { summary: 'The organisation’s people and their skills', answer: PersonList },
  'PATCH /people/:id': {
    summary: 'Renames a person or changes their skills',
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
      'Applies an edit once per id, all of it or nothing; 409 with the current documents on a collision',
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
