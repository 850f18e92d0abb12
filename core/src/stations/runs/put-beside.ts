/** Shortening a lead by putting what is at one end of it beside what is at the other. */
import { distance, inOrder, type Fix } from '../../foundations/index.js';
import { placeAt, stepsFrom } from '../ground/moves.js';
import type { RunsReads } from './result.js';

/** How far beside, m. */
const BESIDE = [0.8, 1.2];
const STRAIGHT = ['north', 'south', 'west', 'east'] as const;

/** Families that stand where they have to: what looks, is heard or shines, and what belongs to the house. */
const STAY: ReadonlySet<string> = new Set(['camera', 'microphone', 'loudspeaker', 'lamp', 'screen']);

/** Either end of a lead beside the other one, if it may be moved; what it breaks is found by trying. */
export function* putBeside({ devices, links, kinds, ground }: RunsReads, id: string): Generator<Fix> {
  const link = links?.[id];
  const ends = [link?.to.device, link?.from.device].map(end => ground.places[end ?? '']?.carrier ?? '');
  for (const [mover, other] of [ends, ends.toReversed()] as [string, string][]) {
    const [moved, place, there] = [devices?.[mover], ground.places[mover], ground.places[other]];
    if (!moved || !place?.at || !there?.at || mover === other || place.level !== there.level) continue;
    if (STAY.has(kinds.kinds[devices?.[other]?.kind ?? '']?.family ?? '')) continue;
    const whole = inOrder(devices).filter(([each]) => ground.places[each]?.carrier === mover);
    if (whole.some(([, { resident, kind }]) => resident || STAY.has(kinds.kinds[kind]?.family ?? '')))
      continue;
    const last = Math.max(...BESIDE);
    if (distance(place.at, there.at) <= last) continue;
    for (const { to, heading } of stepsFrom(there.at, BESIDE, STRAIGHT)) {
      yield {
        way: `beside ${mover}`,
        label: `Put ${moved.label} beside ${devices?.[other]?.label ?? 'it'}, ${heading} of it`,
        changes: [placeAt(mover, to)],
      };
    }
  }
}
