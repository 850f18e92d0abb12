/** Words for what is drawn in a venue and for where it is. */
import { FRESH, showText, type Part, type Point, type Reading } from '@idle-satchel/core';

export const MAP_WORDS: Readonly<Record<string, string>> = {
  outline: 'walls of the venue',
  walls: FRESH.wall.words,
  pillars: FRESH.pillar.words,
  stairs: FRESH.stairs.words,
  marks: FRESH.mark.words,
  sockets: FRESH.socket.words,
  networkSockets: FRESH.network.words,
  houseLines: FRESH.houseLine.words,
  residents: FRESH.resident.words,
  screens: FRESH.screen.words,
  ceilingPoints: FRESH.ceilingPoint.words,
  lamps: FRESH.lamp.words,
  lightReadings: 'light reading',
  mobileReadings: 'mobile signal',
  notes: FRESH.note.words,
};

export const AREA_WORDS: Readonly<Record<string, string>> = {
  seating: 'seats',
  raised: 'raised floor',
  gallery: 'gallery',
  obstacle: 'obstacle',
  'keep-clear': 'keep clear',
  'no-film': 'no film',
  cameras: 'cameras may stand',
  desk: 'audio desk',
};

export const DOOR_WORDS: Readonly<Record<string, string>> = {
  inner: 'door',
  exit: 'exit',
  fire: 'fire exit',
  opening: 'opening',
  window: 'window',
};

/** What kind of thing a part is, in a word or two. */
export function kindWords({ map, record }: Part): string {
  if (map === 'areas') return AREA_WORDS[String(record.kind)] ?? 'area';
  if (map === 'doors') return DOOR_WORDS[String(record.kind)] ?? 'door';
  return MAP_WORDS[map] ?? map;
}

/** `2.40 m east, 0.30 m north`, or `where it was`. */
export function shiftWords([dx, dy]: Point, reading: Reading): string {
  const parts = [
    Math.abs(dx) < 5e-4 ? '' : `${showText(Math.abs(dx), 'm', reading)} ${dx > 0 ? 'east' : 'west'}`,
    Math.abs(dy) < 5e-4 ? '' : `${showText(Math.abs(dy), 'm', reading)} ${dy > 0 ? 'south' : 'north'}`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'where it was';
}

/** `3.20 m east, 5.00 m south` of the venue’s corner. */
export const placeWords = ([x, y]: Point, reading: Reading): string =>
  `${showText(x, 'm', reading)} east, ${showText(y, 'm', reading)} south`;
