import type { StationName } from '@idle-satchel/core';

export const STATION_WORDS: Readonly<Record<StationName, string>> = {
  brief: 'Brief',
  ground: 'Ground',
  shots: 'Shots',
  signal: 'Signal',
  stream: 'Stream',
  runs: 'Runs',
  power: 'Power',
  racks: 'Racks',
  pack: 'Pack',
  hands: 'Hands',
  day: 'Day',
};
