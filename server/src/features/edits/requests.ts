/** The shape of an edit as it is sent. */
import { DOCUMENT_LIMIT, type Operation } from '@idle-satchel/core';
import { AnyJson, Int, Many, OneOf, Optional, Ref, Text } from '@idle-satchel/core/decorators';

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
  @Int(1, 1e9) base!: number;
  @Many(() => PatchOperation) patch!: PatchOperation[];
}

/** An edit: applied once per id, all of it or nothing. */
export class EditRequest {
  @Text(64, 8) id!: string;
  @Text(120, 1) label!: string;
  @Text(80, 1) author!: string;
  /** The edit that this one takes back. */
  @Optional() @Text(64, 8) undoes?: string;
  @Many(() => DocumentChange, 20) changes!: DocumentChange[];
}
