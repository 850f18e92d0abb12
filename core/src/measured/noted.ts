/** What can be measured of things on the shelf, and how much of it was noted. */
import type { Item, Kind } from '../documents/index.js';

/** Whether a kind takes power or stores it. */
export const canBeMeasured = (kind: Kind | undefined): boolean =>
  (kind?.power ?? kind?.battery ?? kind?.inner) !== undefined;

/** How many readings and runs are noted of a thing. */
export const notedOf = (item: Item | undefined): number =>
  Object.keys(item?.meter ?? {}).length + Object.keys(item?.runs ?? {}).length;
