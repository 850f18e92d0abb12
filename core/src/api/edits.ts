/** Edits, and what they did to documents. */
import type { Bundle } from '../documents/bundle.js';
import { AnyJson, Int, Many, OneOf, Optional, Ref, Text, TextOrNull } from '../documents/decorators.js';
import { Instant } from '../documents/time-decorators.js';
import { DOCUMENT_LIMIT, type Operation } from '../foundations/index.js';
import { MOST } from './made.js';

/** An edit's name for itself, chosen by whoever makes it. */
const EditId = (): PropertyDecorator => Text(64, 8);

export const DOCUMENT_KINDS = ['plan', 'venue', 'rules', 'kinds'] as const;
/** Kinds of documents that edits change. */
export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

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
  /** The edit that this one takes back: its changes are the inverse of that one’s. */
  @Optional() @EditId() undoes?: string;
  /** The browser that it was made in, by a name of its own: whoever changes how they sign can still take back. */
  @Optional() @EditId() browser?: string;
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
  @Text(120) label!: string;
  @Text(80) author!: string;
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
  @Optional() @EditId() browser?: string;
  @Int(1, MOST) revision!: number;
}
