/** The stations that pictures can do without: fetched behind the first one, or with the page that shows one of them. */
import { EARLY_STATIONS, type StationBook } from '@idle-satchel/core';
import { loadedAgain } from '../api/load.js';
import { Channel } from './channel.js';

/** Those that are here. */
export const stationsHere = new Channel<StationBook>(EARLY_STATIONS);

let coming: Promise<void> | undefined;

/** Resolves when all stations are here; a failure is no answer for the next who asks. */
export function allStations(): Promise<void> {
  coming ??= fetchThem();
  return coming;
}

async function fetchThem(): Promise<void> {
  try {
    const { LATE_STATIONS } = await loadedAgain(() => import('@idle-satchel/core/late-stations'));
    stationsHere.set({ ...EARLY_STATIONS, ...LATE_STATIONS });
  } catch (error) {
    coming = undefined;
    throw error;
  }
}
