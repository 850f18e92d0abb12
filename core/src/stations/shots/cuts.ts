/** Whether two shots of one mark make a good cut. */
import type { Mark, Shot } from '../../documents/index.js';
import { angleBetween, direction, type Figure, type MapOf } from '../../foundations/index.js';
import { cutAngle, cutGood } from './figures/sight.js';
import { TIGHT_TO_WIDE } from './framing.js';
import type { CameraResult } from './result.js';

export interface Cut {
  readonly mark: string;
  readonly shots: readonly [string, string];
  /** Between the directions the two are seen from. */
  readonly angle: Figure;
  readonly good: Figure;
}

/** Two shots differ enough from this angle between them on, degrees, or with one step of size. */
const ENOUGH = 30;

const step = (size: Shot['size']): number => TIGHT_TO_WIDE.indexOf(size);

/** Every two shots of one mark by different cameras that have a place, or by one that is a window of the other. */
export function cutsOf({
  shots,
  cameras,
  marks,
}: {
  readonly shots: readonly (readonly [string, Shot])[];
  readonly cameras: Readonly<Record<string, CameraResult>>;
  readonly marks: MapOf<Mark> | undefined;
}): Readonly<Record<string, Cut>> {
  const cuts: Record<string, Cut> = {};
  shots.forEach(([id, shot], i) => {
    for (const [other, beside] of shots.slice(i + 1)) {
      if (beside.mark !== shot.mark || (beside.camera === shot.camera && !shot.window && !beside.window))
        continue;
      const at = marks?.[shot.mark]?.at;
      const [a, b] = [cameras[shot.camera ?? '']?.at, cameras[beside.camera ?? '']?.at];
      if (!at || !a || !b) continue;
      const both = `${id}-${other}`;
      const angle = angleBetween(direction(at, a), direction(at, b));
      cuts[both] = {
        mark: shot.mark,
        shots: [id, other],
        angle: cutAngle.found([both], angle),
        good: cutGood.found([both], angle >= ENOUGH || step(shot.size) !== step(beside.size)),
      };
    }
  });
  return cuts;
}
