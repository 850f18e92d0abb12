import { putDownPatch } from '@idle-satchel/core';
import type { EventStore } from '../../store/event-store.js';

/** Puts a device down where new gear stands. */
export function putDown(store: EventStore, id: string, label: string): void {
  const { bundle, assessment } = store.get();
  const kind = bundle.kinds.kinds[bundle.plan.devices?.[id]?.kind ?? ''];
  store.patchPlan(`Put down ${label}`, putDownPatch(bundle.plan, id, assessment.ground, kind));
}
