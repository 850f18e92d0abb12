/** New events: from nothing, from a starter kit, copied, and read from a file. */
import { inOrder, newId, planAt, sameJson, type Bundle } from '@idle-satchel/core';
import { bundleSeenBy, may } from '@idle-satchel/core/access';
import type { Imported, Made, NewEvent } from '@idle-satchel/core/api';
import type { Kinds, Plan, Rules, Venue } from '@idle-satchel/core/documents';
import { begunKit, kits, roomFor } from '@idle-satchel/core/kits';
import type { DocumentRow } from '../../database/models.js';
import type { Scope } from '../../database/scope.js';
import { invalid, notFound } from '../../problem.js';
import { createDocument } from '../documents/service.js';
import { addKinds, kindsNewTo } from './new-kinds.js';
import { handsOf, only, shelfOf } from './service.js';

/** A day, ms. */
const DAY = 24 * 60 * 60_000;

/** A new event with nothing in it yet, or from a starter kit: at a venue, or in the kit’s plain room where none is named. */
export async function createEvent(
  inside: Scope,
  id: string,
  { label, start, zone, venue: venueId, kit: kitId }: NewEvent,
): Promise<Made> {
  const own = { version: 1 as const, label, start, zone };
  const venue = venueId === undefined ? undefined : await inside.document(venueId, 'venue');
  if (!venue && (venueId !== undefined || kitId === undefined))
    throw invalid([{ path: '/venue', reason: 'is not a venue that exists' }]);
  if (kitId !== undefined || !venue) return createFromKit(inside, id, kitId ?? '', own, venue ?? undefined);
  const plan: Plan = {
    ...own,
    venue: { id: venue.id, revision: venue.revision },
    outputs: {},
    runningOrder: {},
    shots: {},
    devices: {},
    links: {},
  };
  return saveEvent(inside, id, plan);
}

async function createFromKit(
  inside: Scope,
  event: string,
  id: string,
  own: Pick<Plan, 'version' | 'label' | 'start' | 'zone'>,
  at: DocumentRow | undefined,
): Promise<Made> {
  const kit = kits.find(each => each.id === id);
  if (!kit) throw invalid([{ path: '/kit', reason: 'is not a starter kit' }]);
  const kinds = await only(inside, 'kinds');
  const rules = (await only(inside, 'rules')).body as Rules;
  const begun = begunKit(kit, kinds.body as Kinds, await shelfOf(inside));
  await addKinds(inside, begun.kinds, `Kinds of the kit “${kit.label}”`, 'starter kit');
  const room = roomFor(rules);
  if (at) {
    const pin = { id: at.id, revision: at.revision };
    return saveEvent(
      inside,
      event,
      planAt({ ...own, ...begun.plan, venue: pin }, room, at.body as Venue, pin),
    );
  }
  const { id: venue, revision } = await venueLike(inside, room);
  return saveEvent(inside, event, { ...own, ...begun.plan, venue: { id: venue, revision } });
}

/** The venue that is just so, made where there is none. */
async function venueLike(
  inside: Scope,
  body: Venue,
): Promise<{ id: string; revision: number; isNew: boolean }> {
  const known = (await inside.allOfKind('venue')).find(row => sameJson(row.body, body));
  const row = known ?? (await createDocument(inside, newId(), 'venue', body));
  return { id: row.id, revision: row.revision, isNew: !known };
}

async function saveEvent(scope: Scope, id: string, plan: Plan): Promise<Made> {
  await createDocument(scope, id, 'plan', plan);
  await scope.notify({ events: true });
  return { id };
}

/** A copy with the same design; what was signed or ticked stays with the original. */
export async function copyEvent(inside: Scope, copy: string, id: string): Promise<Made> {
  const original = await inside.document(id, 'plan');
  if (!original) throw notFound('event');
  const { ticks: _t, accepted: _a, buckles: _b, chargeReadings: _r, ...kept } = original.body as Plan;
  // The venue said its hours of that day only.
  const { printedList: _l, parent: _p, hours: _h, workLog: _w, ...design } = kept;
  const start = new Date(Date.parse(design.start) + 7 * DAY).toISOString();
  // What lies on the floor of one event does not lie on that of the next.
  const links = Object.fromEntries(
    inOrder(design.links).map(([link, { laid: _laid, ...rest }]) => [link, rest]),
  );
  const batteryChanges = Object.fromEntries(
    inOrder(design.batteryChanges).map(([change, { done: _done, by: _by, ...rest }]) => [change, rest]),
  );
  // Nobody was asked for the next yet.
  const assignments = Object.fromEntries(
    inOrder(design.assignments).map(([assignment, { answer: _answer, ...rest }]) => [assignment, rest]),
  );
  return saveEvent(inside, copy, {
    ...design,
    ...(design.assignments && { assignments }),
    ...(design.links && { links }),
    ...(design.batteryChanges && { batteryChanges }),
    start,
    label: `Copy of ${design.label}`.slice(0, 80),
  });
}

/** Another way of doing an event: the same evening, with a link to the event that it is a variant of. */
export async function makeVariant(inside: Scope, copy: string, id: string, label: string): Promise<Made> {
  const original = await inside.document(id, 'plan');
  if (!original) throw notFound('event');
  const { ticks: _t, accepted: _a, buckles: _b, printedList: _p, ...design } = original.body as Plan;
  // A variant of a variant is one of the same event.
  return saveEvent(inside, copy, { ...design, parent: design.parent ?? id, label });
}

/**
 * Takes a bundle over as a new event: its venue, kinds and items are added where the organisation does not
 * have them yet; nothing there is overwritten. Rules that differ become the event's own choices. Of whoever may not
 * change money or people none of that is taken over.
 */
export async function importEvent(inside: Scope, event: string, file: Bundle): Promise<Imported> {
  const { role } = inside.viewer;
  const bundle = bundleSeenBy(inside.viewer, file);
  const kindsRow = await only(inside, 'kinds');
  const kinds = kindsRow.body as Kinds;
  const newKinds = kindsNewTo(kinds, bundle.kinds.kinds, '/kinds/kinds');
  await addKinds(inside, newKinds, 'Kinds from an imported event', 'import');
  const [shelf, hands] = [await shelfOf(inside), await handsOf(inside)];
  const tapes = new Set(Object.values(shelf.items).map(item => item.tape));
  const newItems = Object.entries(bundle.shelf.items).filter(
    ([id, item]) => !shelf.items[id] && !tapes.has(item.tape),
  );
  await inside.createItems(newItems, {
    change: newId(),
    author: 'import',
    label: 'Put there with an imported event',
  });
  const newPeople = may(role, 'change', 'people')
    ? Object.entries(bundle.hands.people).filter(([id]) => !hands.people[id])
    : [];
  for (const [id, person] of newPeople) await inside.createPerson(id, person);

  const venue = await venueLike(inside, bundle.venue);
  const rules = (await only(inside, 'rules')).body as Rules;
  // In which money a house reckons, and how, is no choice of an event.
  const { version: _v, organisation: _o, units: _u, currency: _c, money: _m, ...house } = bundle.rules;
  const own = Object.fromEntries(
    Object.entries({ ...house, ...bundle.plan.rules }).filter(
      ([key, value]) => !sameJson(rules[key as keyof Rules], value),
    ),
  ) as NonNullable<Plan['rules']>;
  // The event that it was a variant of is not here.
  const { rules: _rules, parent: _parent, ...plan } = bundle.plan;
  const saved = await saveEvent(inside, event, {
    ...plan,
    ...(Object.keys(own).length > 0 ? { rules: own } : {}),
    venue: { id: venue.id, revision: venue.revision },
  });
  if (newItems.length + newPeople.length > 0) await inside.notify({ shelf: true, hands: true });
  return {
    ...saved,
    added: {
      items: newItems.length,
      kinds: Object.keys(newKinds).length,
      people: newPeople.length,
      venue: venue.isNew,
    },
  };
}
