/** Venues as a quick survey makes them, and what is looked up in them. */
import type { Venue } from '../../src/documents/index.js';
import { inOrder } from '../../src/foundations/index.js';
import { venueFrom, type ShapeName, type Survey } from '../../src/survey/index.js';

export const surveyed = (shape: ShapeName, measures: Survey['measures'] = {}, more: Partial<Survey> = {}) =>
  venueFrom({
    name: 'A place',
    shape,
    measures,
    volts: 230,
    hertz: 50,
    seats: true,
    aisle: 1.6,
    circuits: [16, 16],
    sockets: [],
    doors: [],
    marks: [{ label: 'Speaker' }],
    ...more,
  });
export const byLabel = <T extends { label: string }>(
  map: Readonly<Record<string, T>> | undefined,
  label: string,
) => Object.values(map ?? {}).find(each => each.label === label);
export const labelsOf = (venue: Venue): string[] => inOrder(venue.guesses).map(([, { label }]) => label);
