/** From a plan to its viewfinders: where each lens looks, and who and what stands in the room. */
import { opticsOf } from '../stations/shots/fitted.js';
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, numberOf, polar } from '../foundations/index.js';
import { bodiesOf } from '../stations/shots/bodies.js';
import { personBoards, plainBoards, standBoards } from './boards.js';
import type { Face } from './face.js';
import type { Lens } from './picture.js';
import { ABREAST, peopleInSeats, type Body } from './room-in-space.js';

export interface Planned {
  readonly bundle: Pick<Bundle, 'plan' | 'kinds'>;
  readonly assessment: Pick<Assessment, 'ground' | 'shots' | 'rules'>;
}

/** From the eyes to the top of the head, m. */
const CROWN = 0.12;

/**
 * The lens of a camera as it takes one of its shots, or as it stands where it has none; undefined where it has no
 * place or direction yet.
 */
export function lensOf({ bundle, assessment }: Planned, camera: string, shot?: string): Lens | undefined {
  const device = bundle.plan.devices?.[camera];
  const optics = device && opticsOf(bundle.kinds, device);
  const place = assessment.ground.places[camera];
  const height = place && numberOf(place.elevation);
  const result = assessment.shots.cameras[camera];
  if (!optics || !place?.at || height === undefined || !result) return undefined;
  const [x, y] = place.at;
  const width = optics.sensorWidth / (optics.crop ?? 1);
  const taken = shot === undefined ? undefined : assessment.shots.shots[shot];
  const focal = numberOf(taken?.focal);
  if (taken?.picture && focal !== undefined) {
    const { aim, tilt, across } = taken.picture;
    return { eye: [x, y, height], aim, tilt, focal, width: 2 * across * focal };
  }
  const [aim, standing] = [numberOf(result.aim), numberOf(result.focal)];
  if (aim === undefined || standing === undefined) return undefined;
  return { eye: [x, y, height], aim, tilt: 0, focal: standing, width };
}

/** From row to row of a group that stands in several, m. */
const BEHIND = 0.8;

/**
 * Everyone at the marks, side by side and square to where they face; as many as the survey says, in as many rows as
 * its width asks for. Where nobody has said how many, one, or one at either end of the width.
 */
function peopleAtMarks({ assessment: { ground } }: Planned): Body[] {
  return inOrder(ground.venue.marks).flatMap(([id, { at, facing, width = 0, people }]) => {
    const [floor, eyes] = [numberOf(ground.marks[id]?.floor), numberOf(ground.marks[id]?.elevation)];
    if (floor === undefined || eyes === undefined) return [];
    const count = people ?? (width >= 2 * ABREAST ? 2 : 1);
    const abreast = width === 0 ? count : Math.min(count, Math.max(1, Math.floor(width / ABREAST + 1e-6)));
    const across = width === 0 ? count * ABREAST : width;
    return Array.from({ length: count }, (_, i): Body => {
      const row = Math.floor(i / abreast);
      const inRow = Math.min(abreast, count - row * abreast);
      const aside = inRow === 1 ? 0 : ((i % abreast) / (inRow - 1) - 0.5) * (across - ABREAST);
      const place = polar(polar(at, facing + 90, aside), facing + 180, row * BEHIND);
      return { of: `marks/${id}`, at: place, floor, head: eyes + CROWN };
    });
  });
}

/** All who and what stand in the room for one lens, itself left out, as boards square to its aim. */
export function boardsFor(
  planned: Planned,
  camera: string,
  aim: number,
  posture: 'seated' | 'standing',
): Face[] {
  const { bundle, assessment } = planned;
  const { ground, shots, rules } = assessment;
  const { devices } = bundle.plan;
  return [
    ...[...peopleInSeats(ground.venue, rules, posture), ...peopleAtMarks(planned)].flatMap(each =>
      personBoards(each, aim),
    ),
    ...bodiesOf({
      devices,
      places: ground.places,
      standingHead: rules.standingHead,
      cameras: shots.cameras,
      kinds: bundle.kinds.kinds,
    })
      .filter(({ id }) => id !== camera)
      .flatMap(({ id, at, floor, top, width, along, legs, operator }) => {
        const of = `devices/${id}`;
        if (operator) return personBoards({ of, at, floor, head: top }, aim);
        if (legs) return standBoards({ of, at, floor, top }, aim);
        return plainBoards({ of, at, floor, top, width }, along ?? aim + 90);
      }),
  ];
}
