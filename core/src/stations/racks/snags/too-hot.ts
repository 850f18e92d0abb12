import { numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RacksReads, RacksResult } from '../index.js';

/** More watts than leave a rack by themselves through one open face. */
export const tooHot: Rule<Seen<RacksReads, RacksResult>> = {
  rule: 'racks.too-hot',
  station: 'racks',
  find: ({ own }) =>
    Object.entries(own.racks).flatMap(([id, rack]) =>
      (numberOf(rack.heat) ?? 0) > (numberOf(rack.passive) ?? Infinity)
        ? [
            {
              severity: 'risk',
              subjects: [id],
              title: `${rack.label} gets warm: more watts than leave it through one open face.`,
              because: [`racks.racks.${id}.heat`, `racks.racks.${id}.passive`],
              advice: 'Run it with both lids off and a fan, never closed, never covered.',
            },
          ]
        : [],
    ),
};
