/** Edits on their way to the server: in order, one at a time, quick nudges of one thing merged into one. */
import type { DocumentKind } from '@idle-satchel/core/api';
import { adoptInVenue, applyPatch, type Bundle, type Operation } from '@idle-satchel/core';

export interface LocalChange {
  readonly document: DocumentKind;
  readonly patch: readonly Operation[];
}

export interface LocalEdit {
  readonly id: string;
  readonly label: string;
  /** The account of whoever made it; absent in a demo. Nobody else sends it. */
  readonly by?: string;
  readonly undoes?: string;
  readonly changes: readonly LocalChange[];
  /** Edits with the same key merge while they wait. */
  readonly mergeKey?: string;
  /** Not sent before this time, so that more nudges can join (ms). */
  readonly notBefore: number;
}

/** How long a nudge waits for the next one. */
export const MERGE_MS = 1000;

/**
 * The waiting edit with a later one of the same key folded in: for each path the later operation stands. What is
 * taken out again keeps the operation that put it there.
 */
export function merged(waiting: LocalEdit, next: LocalEdit): LocalEdit {
  const later = new Map(next.changes.map(change => [change.document, change.patch]));
  const changes = waiting.changes.map(({ document, patch }) => {
    const patches = later.get(document) ?? [];
    later.delete(document);
    const paths = new Set(patches.flatMap(({ op, path }) => (op === 'remove' ? [] : [path])));
    return { document, patch: [...patch.filter(operation => !paths.has(operation.path)), ...patches] };
  });
  const added = [...later].map(([document, patch]) => ({ document, patch }));
  return { ...waiting, label: next.label, changes: [...changes, ...added], notBefore: next.notBefore };
}

/** The bundle after changes, copied only along what changed. Throws `PatchError` for one that does not fit. */
export function withChanges(bundle: Bundle, changes: readonly LocalChange[]): Bundle {
  let next = bundle;
  for (const { document, patch } of changes)
    next = { ...next, [document]: applyPatch(next[document], patch) };
  return next;
}

/**
 * What an event would change for itself, as changes of the venue that is open at its door. Throws `PatchError` for
 * what does not fit.
 */
export function inVenue({ plan, venue }: Bundle, wanted: readonly LocalChange[]): readonly LocalChange[] {
  const others = wanted.filter(({ document }) => document !== 'plan');
  const changed = wanted
    .filter(({ document }) => document === 'plan')
    .reduce((body, { patch }) => applyPatch(body, patch), plan);
  const adopted = adoptInVenue(venue, changed, Object.keys(changed.venueChanges ?? {}));
  return [...others, ...adopted.filter(({ document }) => document === 'venue')];
}
