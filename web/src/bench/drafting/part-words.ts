/** Words for what is drawn in a venue. */
import { FRESH, type Part } from '@idle-satchel/core';

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
