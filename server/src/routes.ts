/** Every route that is answered, for the server's thread and for those that do its heavy work. */
import { accountRoutes } from './features/accounts/routes.js';
import { personDataRoutes } from './features/person-data/routes.js';
import { bookingRoutes } from './features/bookings/routes.js';
import { documentRoutes } from './features/documents/routes.js';
import { dutyRoutes } from './features/duties/routes.js';
import { editRoutes } from './features/edits/routes.js';
import { eventRoutes } from './features/events/routes.js';
import { fileRoutes } from './features/files/routes.js';
import { handsRoutes } from './features/hands/routes.js';
import { liveRoutes } from './features/live/routes.js';
import { organisationRoutes } from './features/organisations/routes.js';
import { pictureRoutes } from './features/pictures/routes.js';
import { requestRoutes } from './features/requests/routes.js';
import { rosterRoutes } from './features/roster/routes.js';
import { sheetRoutes } from './features/sheets/routes.js';
import { gearRoutes } from './features/shelf/gear.js';
import { shelfListRoutes } from './features/shelf/lists.js';
import { shelfRoutes } from './features/shelf/routes.js';
import { venueFileRoutes } from './features/venues/files.js';
import { venueRoutes } from './features/venues/routes.js';
import type { Route } from './route.js';

export const routes: readonly Route[] = [
  // Asked for most, and so looked for first.
  ...documentRoutes,
  ...editRoutes,
  ...organisationRoutes,
  ...eventRoutes,
  ...venueRoutes,
  ...venueFileRoutes,
  ...pictureRoutes,
  ...fileRoutes,
  ...shelfRoutes,
  ...bookingRoutes,
  ...handsRoutes,
  ...sheetRoutes,
  ...shelfListRoutes,
  ...gearRoutes,
  ...accountRoutes,
  ...personDataRoutes,
  ...rosterRoutes,
  ...dutyRoutes,
  ...requestRoutes,
  ...liveRoutes,
];
