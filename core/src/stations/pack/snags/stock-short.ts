import type { Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { PackReads, PackResult } from '../index.js';

/** Less tape or fewer ramps on the shelf than the floor needs. */
export const stockShort: Rule<Seen<PackReads, PackResult>> = {
  rule: 'pack.stock-short',
  station: 'pack',
  find: ({ own, shelf }) =>
    (
      [
        ['tape00000', 'pack.tapeRolls', 'rolls of tape', 'risk'],
        ['ramps0000', 'pack.rampPieces', 'pieces of cable ramp', 'stop'],
        ['mats00000', 'runs.mats', 'cable mats', 'stop'],
        ['hooks0000', 'runs.hooks', 'hooks over doors', 'risk'],
      ] as const
    ).flatMap(([key, figure, words, severity]) => {
      const line = own.lines[key];
      const have = line?.item === undefined ? 0 : (shelf.items[line.item]?.count ?? 1);
      if (!line || line.count <= have) return [];
      return [
        {
          severity,
          subjects: [key],
          title: `The floor needs ${line.count} ${words}; the shelf has ${have}.`,
          because: [figure],
          advice: 'Bring more: a lead across a walked floor that is not covered is a trip hazard.',
        },
      ];
    }),
};
