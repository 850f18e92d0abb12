/** Coverage: which cameras could take the shot that a mark is wanted in. */
import type { Device, Kinds, Optics, Rules, Shot } from '../../documents/index.js';
import {
  angleBetween,
  constant,
  direction,
  found,
  inOrder,
  numberOf,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
  type Point,
} from '../../foundations/index.js';
import type { GroundResult } from '../ground/index.js';
import { frameWanted } from './framing.js';
import { HEAD_CLEARANCE, HIDDEN_BEARABLE, hiddenShare, overHeads } from './sight.js';

export interface Coverage {
  /** The shot it is wanted in: the first one planned of this mark. */
  readonly size: Shot['size'];
  /** For each camera `yes`, or what is in the way. */
  readonly cameras: Readonly<Record<string, Figure>>;
  /** How many could take it. */
  readonly count: Figure;
}

interface Reads {
  readonly shots: MapOf<Shot> | undefined;
  readonly cameras: readonly (readonly [string, Device])[];
  readonly kinds: Kinds;
  readonly rules: Rules;
  readonly ground: GroundResult;
}

/** Beyond this angle off its front a face is a profile, degrees. */
const PROFILE = 60;

/** For each mark that a shot is planned of, what each camera could make of it. */
export function coverageOf(
  { shots, cameras, kinds, rules, ground }: Reads,
  memo: Memo,
): Readonly<Record<string, Coverage>> {
  const first = new Map<string, readonly [string, Shot]>();
  for (const shot of inOrder(shots)) if (!first.has(shot[1].mark)) first.set(shot[1].mark, shot);
  const pairs = [...first.values()].flatMap(([id, shot]) =>
    cameras.flatMap(([camera, device]): [string, Pair][] => {
      const optics = kinds.kinds[device.kind]?.optics;
      return optics ? [[`${shot.mark}/${camera}`, { id, shot, camera, optics }]] : [];
    }),
  );
  const verdicts = memo.each(
    'pairs',
    pairs,
    ({ shot, camera, optics }) => [
      ...[shot, optics, ground.venue.marks?.[shot.mark], ground.marks[shot.mark], ground.places[camera]],
      ...[ground.blockers, ground.venue.areas, rules],
    ],
    pair => verdictOf(pair, rules, ground),
  );
  return memo.once('coverage', [verdicts, shots], () =>
    Object.fromEntries(
      [...first].map(([mark, [, { size }]]): [string, Coverage] => {
        const own = pairs.filter(([, { shot }]) => shot.mark === mark);
        const entries = own.flatMap(([key, { camera }]): [string, Figure][] =>
          verdicts[key] ? [[camera, verdicts[key]]] : [],
        );
        const able = entries.filter(([, { value }]) => value === 'yes').length;
        const count = found(able, '', 'cameras that see it, reach it and are before it, counted');
        return [mark, { size, cameras: Object.fromEntries(entries), count }];
      }),
    ),
  );
}

/** A shot and a camera that might take it. */
interface Pair {
  readonly id: string;
  readonly shot: Shot;
  readonly camera: string;
  readonly optics: Optics;
}

/** What one camera could make of a shot, were it pointed there. */
function verdictOf({ id, shot, camera, optics }: Pair, rules: Rules, ground: GroundResult): Figure {
  const mark = ground.venue.marks?.[shot.mark];
  const [figures, place] = [ground.marks[shot.mark], ground.places[camera]];
  const [lens, eyes, floor] = [place?.elevation, figures?.elevation, figures?.floor].map(numberOf);
  if (!mark || !figures || !place?.at || lens === undefined || eyes === undefined) {
    return unknown('', 'the camera has no place yet');
  }
  const method =
    'distance, focal lengths, walls, heads of people standing, angle off the front; in this order';
  const says = (verdict: string): Figure => found(verdict, '', method);
  const wanted = numberOf(frameWanted(id, shot, mark.width)) ?? 1;
  const run = Math.hypot(mark.at[0] - place.at[0], mark.at[1] - place.at[1]);
  const needed = ((optics.sensorWidth / (optics.crop ?? 1)) * Math.hypot(run, lens - eyes)) / wanted;
  if (optics.focalMin > 1.05 * needed) return says('too near');
  if (optics.focalMax < 0.95 * needed) return says('too far');
  const hidden = hiddenShare(place.at, mark.at, wanted, ground.blockers);
  if (hidden.middle || hidden.share * 100 > HIDDEN_BEARABLE) return says('hidden');
  const lowest = Math.max(floor ?? 0, eyes - ((2 / 3) * wanted * 9) / 16);
  const clear = clearance(place.at, mark.at, run, lens, lowest, ground, rules);
  if (clear !== undefined && clear < HEAD_CLEARANCE) return says('behind heads');
  return says(angleBetween(direction(mark.at, place.at), mark.facing) > PROFILE ? 'profile' : 'yes');
}

function clearance(
  from: Point,
  to: Point,
  run: number,
  lens: number,
  lowest: number,
  ground: GroundResult,
  rules: Rules,
): number | undefined {
  const height = (name: string, metres: number) => constant(name, metres, 'm', 'height above the zero level');
  const line = { from, to, run, lens: height('hL', lens), target: height('hT', lowest) };
  return numberOf(overHeads(ground.venue.areas ?? {}, line, 'standingHead', rules).clear);
}
