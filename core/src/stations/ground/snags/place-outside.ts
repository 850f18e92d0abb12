import { contains, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import type { GroundReads, GroundResult } from '../index.js';

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
      if (aisle && level === undefined) return say(`in “${aisle.label}”, which must stay clear`);
      return [];
    }),
  *fixes(snag, { devices }) {
    const id = snag.subjects[0] ?? '';
    const at = devices?.[id]?.place?.at;
    if (!at) return;
    for (const metres of [0.5, 1, 1.5, 2, 3, 5]) {
      for (const [dx, dy, word] of [
        [0, -1, 'north'],
        [0, 1, 'south'],
        [-1, 0, 'west'],
        [1, 0, 'east'],
      ] as const) {
        const value = [
          Math.round((at[0] + dx * metres) * 100) / 100,
          Math.round((at[1] + dy * metres) * 100) / 100,
        ];
        yield {
          label: `Move it ${metres} m ${word}`,
          changes: [
            {
              document: 'plan' as const,
              patch: [{ op: 'replace' as const, path: `/devices/${id}/place/at`, value }],
            },
          ],
        };
      }
    }
  },
};
