/** Loads the demo organisations into an empty database. */
import { chapelBundle, fridayBundle, weekendVenues } from '@idle-satchel/core/demo';
import type { Bundle } from '@idle-satchel/core/documents';
import type { Sequelize } from 'sequelize';
import { Organisation } from './database/models.js';
import { Scope } from './database/scope.js';
import { createDocument } from './features/documents/service.js';

const DAY = 24 * 60 * 60 * 1000;

/** The next such weekday (0 = Sunday) at a UTC time that is at least a week away. */
function nextWeekday(weekday: number, time: string, from: Date): string {
  const day = new Date(from.getTime() + 7 * DAY);
  while (day.getUTCDay() !== weekday) day.setTime(day.getTime() + DAY);
  return `${day.toISOString().slice(0, 10)}T${time}Z`;
}

/** Adds each demo organisation that is not there yet. */
export async function loadDemo(sequelize: Sequelize, today = new Date()): Promise<void> {
  const friday = fridayBundle(nextWeekday(5, '19:30:00', today));
  const chapel = chapelBundle(nextWeekday(0, '16:00:00', today));
  await loadOrganisation(sequelize, 'orgquillmere', friday, 'eventfriday1', weekendVenues);
  await loadOrganisation(sequelize, 'orgzcedarhol', chapel, 'eventsunday1', {});
}

async function loadOrganisation(
  sequelize: Sequelize,
  id: string,
  bundle: Bundle,
  event: string,
  venues: Readonly<Record<string, object>>,
): Promise<void> {
  if (await Organisation.findByPk(id)) return;
  await new Scope(sequelize, id).atomically(async scope => {
    await scope.createOrganisation(bundle.rules.organisation);
    await createDocument(scope, 'houserules01', 'rules', bundle.rules);
    await createDocument(scope, 'kindsofthing', 'kinds', bundle.kinds);
    await createDocument(scope, bundle.plan.venue.id, 'venue', bundle.venue);
    for (const [venue, body] of Object.entries(venues)) await createDocument(scope, venue, 'venue', body);
    await createDocument(scope, event, 'plan', bundle.plan);
    for (const [item, body] of Object.entries(bundle.shelf.items)) await scope.saveItem(item, body);
    for (const [person, body] of Object.entries(bundle.hands.people)) await scope.savePerson(person, body);
  });
}
