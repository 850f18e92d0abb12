/** What an open event or venue looks like on the device: what is needed to open it again, and no more. */
import type { EventBundle } from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import type { EventStore } from '../store/event-store.js';
import { namesNeeded } from './names.js';
import type { KeptThing } from './shelves.js';
import type { Kept } from './written.js';

type Views = Omit<EventBundle, 'documents'>;

/** Tells it anew each time; what did not change is the same as before. */
export function looksOf(store: EventStore): () => Kept {
  const thingOf = thingsOf(store);
  if (store.of === 'event')
    return () => {
      const { documents, waiting, ...views } = store.toKeep();
      const plan = documents.plan.body;
      return { thing: thingOf(plan.label, views, plan), documents, waiting };
    };
  return () => {
    const { documents, waiting, claims, venueNow } = store.toKeep();
    const { plan: _never, ...own } = documents;
    // A survey needs neither the shelf nor people.
    const views = { shelf: NO_SHELF, hands: NOBODY, claims, venueNow };
    return { thing: thingOf(own.venue.body.name, views), documents: own, waiting };
  };
}

const NO_SHELF = { items: {} };
const NOBODY = { people: {} };

/** What is kept beside documents: the same object while it stays the same. */
function thingsOf({ id, of }: EventStore) {
  const seen = Date.now();
  let last: { readonly from: readonly unknown[]; readonly thing: KeptThing } | undefined;
  return (name: string, views: Views, plan?: Plan): KeptThing => {
    const { shelf, hands, claims, venueNow } = views;
    const from = [name, shelf, hands, claims, venueNow];
    if (last && from.every((each, i) => each === last?.from[i])) return last.thing;
    const own = plan ? namesNeeded(hands, plan) : hands;
    last = { from, thing: { shelf, hands: own, claims, venueNow, id, of, name, seen } };
    return last.thing;
  };
}
