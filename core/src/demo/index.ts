import type { Venue } from '../documents/index.js';
import { millrace } from './millrace.js';
import { quillGrange } from './quill-grange.js';

export { chapelBundle } from './chapel.js';
export { fridayBundle } from './friday.js';

/** Venues of the demo weekend besides Friday’s, by id. */
export const weekendVenues: Readonly<Record<string, Venue>> = {
  venuegrange1: quillGrange,
  venuemillra1: millrace,
};
