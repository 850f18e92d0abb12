/** Loads the demo organisations into an empty database. */
import { newId } from '@idle-satchel/core';
import {
  chapelBundle,
  chapelVariants,
  fridayBundle,
  fridayVariants,
  weekendEvents,
  weekendVenues,
} from '@idle-satchel/core/demo';
import type { Bundle } from '@idle-satchel/core/documents';
import type { Sequelize } from 'sequelize';
import { alone } from './database/migrations.js';
import { Scope } from './database/scope.js';
import { createDocument } from './features/documents/service.js';

const DAY = 24 * 60 * 60 * 1000;

/** The first such weekday (0 = Sunday) from a day on, at a UTC time. */
function nextWeekday(weekday: number, time: string, from: Date): string {
  const day = new Date(from);
  while (day.getUTCDay() !== weekday) day.setTime(day.getTime() + DAY);
  return `${day.toISOString().slice(0, 10)}T${time}Z`;
}

/** Adds each demo organisation that is not there yet; safe when several processes start at once. */
export function loadDemo(sequelize: Sequelize, today = new Date()): Promise<void> {
  return sequelize.transaction(async transaction => {
    await alone(sequelize, transaction);
    await loadAll((id: string) => new Scope(sequelize, id, transaction), today);
  });
}

/** The scope of an organisation. */
type ScopeOf = (organisation: string) => Scope;

async function loadAll(scopeOf: ScopeOf, today: Date): Promise<void> {
  const inAWeek = new Date(today.getTime() + 7 * DAY);
  const friday = fridayBundle(nextWeekday(5, '19:30:00', inAWeek));
  const chapel = chapelBundle(nextWeekday(0, '16:00:00', inAWeek));
  const weekend = Object.entries(weekendEvents).map(
    ([id, { weekday, time, plan }]) =>
      [id, plan(nextWeekday(weekday, time, new Date(friday.plan.start)))] as const,
  );
  await loadOrganisation(scopeOf('orgquillmere'), friday, {
    venues: weekendVenues,
    events: {
      ...Object.fromEntries([['eventfriday1', friday.plan], ...weekend]),
      ...fridayVariants(friday.plan.start),
    },
  });
  await loadOrganisation(scopeOf('orgzcedarhol'), chapel, {
    venues: {},
    events: { eventsunday1: chapel.plan, ...chapelVariants(chapel.plan.start) },
  });
}

async function loadOrganisation(
  scope: Scope,
  bundle: Bundle,
  { venues, events }: Readonly<Record<'venues' | 'events', Readonly<Record<string, object>>>>,
): Promise<void> {
  if (await scope.isThere()) return;
  await scope.createOrganisation(bundle.rules.organisation);
  await createDocument(scope, 'houserules01', 'rules', bundle.rules);
  await createDocument(scope, 'kindsofthing', 'kinds', bundle.kinds);
  await createDocument(scope, bundle.plan.venue.id, 'venue', bundle.venue);
  for (const [venue, body] of Object.entries(venues)) await createDocument(scope, venue, 'venue', body);
  for (const [event, body] of Object.entries(events)) await createDocument(scope, event, 'plan', body);
  await scope.createItems(Object.entries(bundle.shelf.items), {
    ...{ change: newId(), author: 'demo', label: 'Put there with the demo' },
  });
  for (const [person, body] of Object.entries(bundle.hands.people)) await scope.createPerson(person, body);
}
