import { putDownPatch } from '@idle-satchel/core/searches';
import type { EventStore } from './event-store.js';

/** Puts a device down where new gear stands. */
export function putDown(store: EventStore, id: string, label: string): void {
  const { bundle, assessment } = store.get();
  store.patchPlan(`Put down ${label}`, putDownPatch(bundle, assessment, id));
}
