/** What is known of the open event, and what the server answers to an edit. */
import type { Assessment, Bundle } from '@idle-satchel/core';
import type { DocumentKind, EditedDocument } from '@idle-satchel/core/api';

/** An accepted edit of this browser's own that can be taken back. */
export interface Done {
  readonly label: string;
  readonly edit: string;
  readonly documents: readonly EditedDocument[];
}

/** How a message ends that says the server cannot be reached. */
export const SENT_LATER = 'your changes are kept here and sent later.';
/** The same where the device takes nothing more. */
export const ON_THIS_PAGE = 'your changes are on this page only: leave it open until they are sent.';

export interface EventState {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  /** The rules are here: what the assessment says of snags and buckles counts. */
  readonly checked: boolean;
  readonly ids: Readonly<Record<DocumentKind, string>>;
  readonly venueNow: number;
  readonly saving: 'saved' | 'saving' | 'offline';
  /** Edits that the server does not have yet. */
  readonly waiting: number;
  /** Whether they are written on this device; known only once they are. */
  readonly onDevice: 'keeping' | 'kept' | 'failed';
  /** A line for people: what was undone, refused, or changed by somebody else. */
  readonly message: string;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}
