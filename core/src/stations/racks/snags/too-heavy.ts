import { numberOf, type Finding, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { RacksReads, RacksResult } from '../index.js';

/** Above this weight nobody lifts a case alone, kg. */
const ONE_PERSON = 23;

/** A case over its load limit, or too heavy for one person. */
export const tooHeavy: Rule<Seen<RacksReads, RacksResult>> = {
  rule: 'racks.too-heavy',
  station: 'racks',
  find: ({ own, devices, kinds }) =>
    Object.entries(own.racks).flatMap(([id, rack]): Finding[] => {
      const limit = kinds.kinds[devices?.[id]?.kind ?? '']?.rackCase?.load ?? Infinity;
      const [load, weight] = [numberOf(rack.load) ?? 0, numberOf(rack.weight) ?? 0];
      if (load > limit) {
        return [
          {
            severity: 'stop',
            subjects: [id],
            title: `${rack.label} carries more than its load limit of ${limit} kg.`,
            because: [`racks.racks.${id}.load`],
            advice: 'Carry part of it in another case.',
          },
        ];
      }
      if (weight <= ONE_PERSON) return [];
      return [
        {
          severity: 'note',
          subjects: [id],
          title: `${rack.label} needs two people to lift: ${weight.toFixed(1)} kg.`,
          because: [`racks.racks.${id}.weight`],
          advice: 'Two names on this case; use wheels, keep it close, mind the step.',
        },
      ];
    }),
};
