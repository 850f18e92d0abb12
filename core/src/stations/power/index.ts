/** Power: who draws what when; load on strips, sockets and circuits; voltage drop; how long batteries last. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { batteryParts } from './battery/parts.js';
import { drawnParts } from './drawn.js';
import { POWER_FIGURES } from './figures/index.js';
import { totalOf } from './loads.js';
import { mainsParts } from './mains-parts.js';
import type { PowerReads, PowerResult } from './result.js';
import { supplyParts } from './supply-parts.js';

export type * from './result.js';

export const power: Station<PowerReads, PowerResult> = {
  name: 'power',
  figures: POWER_FIGURES,
  compute(reads, parts) {
    const drawn = drawnParts(reads, parts);
    const { feeding, timeline, states, loads, drawing } = drawn;
    return resultOf<PowerResult>({
      feeds: () => feeding().feeds,
      through: () => feeding().through,
      timeline,
      states,
      drawn: () => drawing().demands,
      devices: loads,
      ...mainsParts(reads, parts, drawn),
      ...supplyParts(reads, parts, drawn),
      ...batteryParts(reads, parts, drawn),
      total: parts.part('total', { loads, outlets: () => feeding().outlets }, totalOf),
    });
  },
};
