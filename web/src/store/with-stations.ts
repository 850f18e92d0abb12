import { stationHere, type Later } from './late-stations.js';

/** Loads a part of a page together with the stations that it shows, which may come later than the page around it. */
export const withStations =
  <Loaded>(shows: readonly Later[], load: () => Promise<Loaded>) =>
  async (): Promise<Loaded> => {
    const [loaded] = await Promise.all([load(), ...shows.map(stationHere)]);
    return loaded;
  };
