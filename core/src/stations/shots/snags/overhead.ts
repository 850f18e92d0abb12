import { numberOf, type Rule } from '../../../foundations/index.js';
import { namesOf, type ShotsSeen } from '../words.js';

/** This steep a camera hangs over what it looks down on, degrees. */
const OVERHEAD = 60;

/** A camera over people or a table: what may fall needs a second fixing. */
export const overhead: Rule<ShotsSeen> = {
  rule: 'shots.overhead',
  station: 'shots',
  find: seen =>
    Object.entries(seen.own.shots).flatMap(([id, { verticalAngle, camera = '' }]) =>
      (numberOf(verticalAngle) ?? 0) < OVERHEAD
        ? []
        : [
            {
              severity: 'risk' as const,
              subjects: [id, camera],
              title: `${namesOf(seen, id).camera} hangs over ${namesOf(seen, id).shot}: it needs a second fixing.`,
              because: [`shots.shots.${id}.verticalAngle`],
              advice:
                'Rig overhead only from what is rated for it, with a safety bond of its own, by somebody competent, and with nobody beneath while it is rigged.',
            },
          ],
    ),
};
