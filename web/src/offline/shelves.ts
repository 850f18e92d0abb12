/** What stands on the shelves that a device keeps. */
import type { DocumentKind, EventBundle, ItemList } from '@idle-satchel/core/api';
import type { Chosen, StockTake } from '@idle-satchel/core/stock-take';
import type { DBSchema } from 'idb';
import type { LocalEdit } from '../store/outbox.js';

/** Events, and venues at their doors. */
export type Openable = 'event' | 'venue';

export interface KeptEdit {
  readonly id: string;
  /** Id of the event or venue that it was made in. */
  readonly of: string;
  /** The tab that sends it, for as long as that is open. */
  readonly tab: string;
  /** Edits are sent in this order. */
  readonly turn: number;
  readonly edit: LocalEdit;
}

export interface KeptPicture {
  readonly id: string;
  readonly type: string;
  readonly bytes: ArrayBuffer;
  /** Why the server would not have it; absent while it is still to be sent. */
  readonly refused?: string;
}

/** What was opened, beside its documents. */
export interface KeptThing extends Omit<EventBundle, 'documents'> {
  readonly id: string;
  readonly of: Openable;
  readonly name: string;
  /** When it was opened last (ms). */
  readonly seen: number;
}

export interface KeptDocument {
  /** `<id of the event or venue> <which document>` */
  readonly key: string;
  readonly of: string;
  readonly name: DocumentKind;
  readonly id: string;
  readonly revision: number;
  readonly body: EventBundle['documents'][DocumentKind]['body'];
}

/** A stock take that is under way, with the shelf as it was when it began. */
export interface KeptTake {
  /** Whose shelf it is. */
  readonly organisation: string;
  readonly take: StockTake;
  readonly chosen: Chosen;
  readonly shelf: ItemList;
  /** When it was touched last (ms). */
  readonly touched: number;
}

export interface Shelves extends DBSchema {
  things: { key: string; value: KeptThing };
  documents: { key: string; value: KeptDocument; indexes: { of: string } };
  edits: { key: string; value: KeptEdit; indexes: { of: string } };
  pictures: { key: string; value: KeptPicture };
  takes: { key: string; value: KeptTake };
}

export const keyOf = (of: string, name: DocumentKind): string => `${of} ${name}`;
