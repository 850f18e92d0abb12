import type { Venue } from '../../../documents/index.js';
import { contains, pillarAt, type Point } from '../../../foundations/index.js';
import { groundRule, type GroundResult } from '../result.js';
import { straightMoves } from '../moves.js';

interface Room extends Pick<Venue, 'outline'> {
  readonly areas: Venue['areas'] | undefined;
  readonly blockers: GroundResult['blockers'];
}

/** Where a place is that nothing may stand at, in words; what belongs to the house hangs where the house has it. */
function whyNotThere(
  { outline, areas, blockers }: Room,
  at: Point,
  level: string | undefined,
  overhead: boolean,
): string | undefined {
  if (!contains(outline, at)) return 'outside the walls';
  const pillar = pillarAt(blockers, at);
  if (pillar) return `inside pillar ${pillar.label}`;
  if (level !== undefined || overhead) return undefined;
  const aisle = Object.values(areas ?? {}).find(
    each => each.kind === 'keep-clear' && contains(each.outline, at),
  );
  return aisle && `in “${aisle.label}”, which must stay clear`;
}

/** A device outside the walls, in a pillar, or standing where people must be able to walk. */
export const placeOutside = groundRule({
  rule: 'ground.place-outside',
  reads: ({ own, devices }) => ({
    places: own.places,
    blockers: own.blockers,
    devices,
    outline: own.venue.outline,
    areas: own.venue.areas,
  }),
  *find({ places, devices, ...room }) {
    for (const [id, device] of Object.entries(devices ?? {})) {
      const place = places[id];
      if (!place?.at || place.carrier !== id) continue;
      const overhead = device.resident === true || place.hangs;
      const where = whyNotThere(room, place.at, place.level, overhead);
      if (where === undefined) continue;
      yield {
        severity: 'stop',
        subjects: [id],
        title: `${device.label} stands ${where}.`,
        because: [place.elevation],
        advice: 'Put it where it can stand and people can still pass.',
      };
    }
  },
  fixes: (snag, { devices, rules }) => straightMoves(devices, snag.subjects[0] ?? '', rules.units),
});
