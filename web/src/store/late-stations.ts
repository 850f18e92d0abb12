/** The stations that pictures can do without: fetched behind the first one, or with the page that shows one of them. */
import { EARLY_STATIONS, type StationBook, type StationName } from '@idle-satchel/core';
import { loadedAgain } from '../api/load.js';
import { Channel } from './channel.js';

/** Those that are here. */
export const stationsHere = new Channel<StationBook>(EARLY_STATIONS);

export type Later = Exclude<StationName, keyof typeof EARLY_STATIONS>;

const late = once(async () => (await import('@idle-satchel/core/late-stations')).LATE_STATIONS);
const power = once(async () => (await import('@idle-satchel/core/power-stations')).POWER_STATIONS);
/** With Power, which they read. */
const racks = once(async () => {
  const [{ RACK_STATIONS }] = await Promise.all([import('@idle-satchel/core/rack-stations'), power()]);
  return RACK_STATIONS;
});
/** With Pack, which they read. */
const hands = once(async () => {
  const [{ HANDS_STATIONS }] = await Promise.all([import('@idle-satchel/core/hands-stations'), late()]);
  return HANDS_STATIONS;
});
const COMES_WITH: Readonly<Record<Later, () => Promise<void>>> = {
  ...{ stream: late, pack: late, day: late },
  ...{ hands, power, racks },
};

/** Resolves when a station and those that it reads are here. */
export const stationHere = (name: Later): Promise<void> => COMES_WITH[name]();

export async function allStations(): Promise<void> {
  await Promise.all([hands(), racks()]);
}

/** Fetches stations for the first who asks; a failure is no answer for the next. */
function once(load: () => Promise<StationBook>): () => Promise<void> {
  let coming: Promise<void> | undefined;
  const fetchThem = async (): Promise<void> => {
    try {
      const fetched = await loadedAgain(load);
      stationsHere.set({ ...stationsHere.get(), ...fetched });
    } catch (error) {
      coming = undefined;
      throw error;
    }
  };
  return () => (coming ??= fetchThem());
}
