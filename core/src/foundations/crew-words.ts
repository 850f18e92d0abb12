/** Words of the crew that documents, stations and access share. */

/** Key of the role that every event has: whoever leads it answers for it, and calls the others. */
export const LEAD_ROLE = 'lead';
