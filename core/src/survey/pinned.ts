/** What is noted while walking round a venue, pinned to the place where somebody stands: patches of the venue. */
import type { Venue } from '../documents/index.js';
import { nextLabel, partsOf, type PartMap } from '../drafting/index.js';
import { newId, pointerOf, type Json, type Operation, type Point } from '../foundations/index.js';

interface Pin {
  readonly at: Point;
  /** Instant at which it was noted. */
  readonly taken: string;
}

export interface NotePin extends Pin {
  readonly text?: string;
  /** Id of a picture that is kept. */
  readonly picture?: string;
}

export interface LightPin extends Pin {
  /** Vertical illuminance at face height, lux. */
  readonly lux: number;
  readonly facing?: number;
}

export interface MobilePin extends Pin {
  readonly operator: string;
  /** Mb/s. */
  readonly up: number;
  readonly down?: number;
}

/** Longest name a note takes from its text. */
const NAME_LENGTH = 40;

const rounded = (metres: number): number => Math.round(metres * 100) / 100 + 0;

/** A new record at a place, under a name that nothing of its kind has yet. */
function pinned(
  venue: Venue,
  map: PartMap,
  label: string,
  at: Point,
  fields: Record<string, Json | undefined>,
): Operation[] {
  const taken = new Set(partsOf(venue).flatMap(part => (part.map === map ? [part.label] : [])));
  const known = Object.entries(fields).filter((entry): entry is [string, Json] => entry[1] !== undefined);
  const value: Record<string, Json> = {
    label: taken.has(label) ? nextLabel(label, taken) : label,
    at: [rounded(at[0]), rounded(at[1])],
    ...Object.fromEntries(known),
  };
  return [{ op: 'add', path: pointerOf(map, newId()), value }];
}

/** A note with a text, a picture, or both; it is called by its first words. Empty when it has neither. */
export function notePinned(venue: Venue, { at, text = '', picture, taken }: NotePin): Operation[] {
  const words = text.trim();
  if (words === '' && picture === undefined) return [];
  const [first = ''] = words.split('\n');
  const name = first.length > NAME_LENGTH ? `${first.slice(0, NAME_LENGTH - 2).trimEnd()} …` : first;
  return pinned(venue, 'notes', name || 'photo', at, { text: words || undefined, picture, taken });
}

/** A light reading. */
export const lightPinned = (venue: Venue, { at, lux, facing, taken }: LightPin): Operation[] =>
  pinned(venue, 'lightReadings', 'light', at, { lux, facing, taken });

/** The signal of one mobile operator at one spot, under the operator's name. */
export const mobilePinned = (venue: Venue, { at, operator, up, down, taken }: MobilePin): Operation[] =>
  pinned(venue, 'mobileReadings', operator.trim().slice(0, 60), at, { up, down, taken });
