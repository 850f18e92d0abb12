import { contains, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';
import { straightMoves } from '../moves.js';

/** A device outside the walls, in a pillar, or standing where people must be able to walk. */
export const placeOutside: Rule<Seen<GroundReads, GroundResult>> = {
  rule: 'ground.place-outside',
  station: 'ground',
  find: ({ own, devices }) =>
    Object.entries(devices ?? {}).flatMap(([id, device]) => {
      const place = own.places[id];
      if (!place?.at || place.carrier !== id) return [];
      const { at, level } = place;
      const because = [`ground.places.${id}.elevation`];
      const advice = 'Put it where it can stand and people can still pass.';
      const say = (where: string) => [
        {
          severity: 'stop' as const,
          subjects: [id],
          title: `${device.label} stands ${where}.`,
          because,
          advice,
        },
      ];
      if (!contains(own.venue.outline, at)) return say('outside the walls');
      const pillar = own.blockers.find(each => each.id !== 'walls' && contains(each.outline, at));
      if (pillar) return say(`inside pillar ${pillar.label}`);
      const aisle = Object.values(own.venue.areas ?? {}).find(
        each => each.kind === 'keep-clear' && contains(each.outline, at),
      );
      // What belongs to the house hangs where the house has it.
      if (aisle && level === undefined && device.resident !== true)
        return say(`in “${aisle.label}”, which must stay clear`);
      return [];
    }),
  fixes: (snag, { devices }) => straightMoves(devices, snag.subjects[0] ?? ''),
};
