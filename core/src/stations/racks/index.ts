/** Racks: what is mounted where, how heavy, how many watts, how warm. */
import { inOrder, resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { RACKS_FIGURES } from './figures.js';
import { rackResult } from './rack.js';
import type { RacksReads, RacksResult } from './result.js';

export type * from './result.js';

export const racks: Station<RacksReads, RacksResult> = {
  name: 'racks',
  figures: RACKS_FIGURES,
  compute(reads, parts) {
    const devices = parts.part('devices', { devices: () => reads.devices }, devicesInOrder);
    const racks = parts.each(
      'racks',
      devices,
      (_, device) =>
        reads.kinds.kinds[device.kind]?.rackCase && {
          device,
          devices: devices(),
          kinds: reads.kinds.kinds,
          loads: reads.loads,
        },
      rackResult,
    );
    return resultOf<RacksResult>({ racks });
  },
};

const devicesInOrder = ({ devices }: Pick<RacksReads, 'devices'>) => inOrder(devices);
