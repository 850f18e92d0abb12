/** Racks: what is mounted where, how heavy, how it stands, how many watts, how warm. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { RACKS_FIGURES } from './figures.js';
import { heldByRack } from './held.js';
import { rackResult } from './rack.js';
import type { RacksReads, RacksResult } from './result.js';

export type * from './result.js';
export { carriesThings } from './held.js';
export { PANEL, UNIT } from './units.js';

export const racks: Station<RacksReads, RacksResult> = {
  name: 'racks',
  figures: RACKS_FIGURES,
  compute(reads, parts) {
    const held = parts.part(
      'held',
      { devices: () => reads.devices, kinds: () => reads.kinds.kinds },
      heldByRack,
    );
    const racks = parts.each(
      'racks',
      () => Object.entries(held()),
      (id, inside) => {
        const device = reads.devices?.[id];
        const space = reads.kinds.kinds[device?.kind ?? '']?.rackCase;
        return (
          device &&
          space && {
            ...{ device, space },
            held: inside,
            kinds: reads.kinds.kinds,
            loads: reads.loads,
            temperatures: reads.temperatures,
            altitude: reads.altitude,
          }
        );
      },
      rackResult,
    );
    return resultOf<RacksResult>({ racks });
  },
};
