import type { Plan, Venue } from '../documents/index.js';
import { millrace } from './millrace.js';
import { quillGrange } from './quill-grange.js';
import { saturdayPlan } from './saturday.js';
import { sundayPlan } from './sunday.js';

export { chapelBundle } from './chapel.js';
export { fridayBundle } from './friday.js';
export { chapelVariants, fridayVariants } from './variants.js';
export { saturdayPlan, sundayPlan };

/** Venues of the demo weekend besides Friday’s, by id. */
export const weekendVenues: Readonly<Record<string, Venue>> = {
  venuegrange1: quillGrange,
  venuemillra1: millrace,
};

/** Its other events, by id, with the weekday and UTC time each begins. */
export const weekendEvents: Readonly<
  Record<string, { readonly weekday: number; readonly time: string; readonly plan: (start: string) => Plan }>
> = {
  eventsatur1: { weekday: 6, time: '10:00:00', plan: saturdayPlan },
  eventgreen1: { weekday: 0, time: '15:00:00', plan: sundayPlan },
};
