/** Racks: what is mounted where, how heavy, how it stands, how many watts, how warm. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { RACKS_FIGURES } from './figures.js';
import { rackResult } from './rack.js';
import type { RacksReads, RacksResult } from './result.js';

export type * from './result.js';
export { carriesThings } from '../in-rack/held.js';
export { plateOf, type Plate } from '../in-rack/plate.js';
export { PANEL, UNIT } from '../in-rack/units.js';

export const racks: Station<RacksReads, RacksResult> = {
  name: 'racks',
  figures: RACKS_FIGURES,
  compute(reads, parts) {
    const racks = parts.each(
      'racks',
      () => Object.entries(reads.held),
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
            wiring: reads.wiring,
          }
        );
      },
      rackResult,
    );
    return resultOf<RacksResult>({ racks });
  },
};
