/** Coverage: which cameras could take the shot that a mark is wanted in. */
import type { Device, Kinds, Rules, Shot } from '../../documents/index.js';
import {
  found,
  inOrder,
  numberOf,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
} from '../../foundations/index.js';
import type { GroundResult } from '../ground/index.js';
import { Appraisal, lensOf, Outlook, subjectOf } from './appraisal.js';
import { opticsOf, type Fitted } from './fitted.js';
import { HEAD_CLEARANCE, isHidden } from './sight.js';

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
  readonly light: Readonly<Record<string, Figure>>;
}

const NO_AREAS = {};

/** Beyond this angle off its front a face is a profile, degrees. */
const PROFILE = 60;

/** For each mark that a shot is planned of, what each camera could make of it. */
export function coverageOf(
  { shots, cameras, kinds, rules, ground, light }: Reads,
  memo: Memo,
): Readonly<Record<string, Coverage>> {
  const first = new Map<string, readonly [string, Shot]>();
  for (const shot of inOrder(shots)) if (!first.has(shot[1].mark)) first.set(shot[1].mark, shot);
  const pairs = [...first.values()].flatMap(([id, shot]) =>
    cameras.flatMap(([camera, device]): [string, Pair][] => {
      const optics = opticsOf(kinds, device);
      return optics ? [[`${shot.mark}/${camera}`, { id, shot, camera, device, optics }]] : [];
    }),
  );
  const verdicts = memo.each(
    'pairs',
    pairs,
    ({ shot, camera, device, optics }) => [
      ...[
        shot,
        device.kind,
        device.aperture,
        optics,
        ground.venue.hertz,
        ground.venue.marks?.[shot.mark],
        ground.marks[shot.mark],
        ground.places[camera],
      ],
      ...[ground.blockers, ground.venue.areas, rules],
    ],
    pair => verdictOf(pair, rules, ground, light),
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
  readonly device: Device;
  readonly optics: Fitted;
}

/** What one camera could make of a shot, were it pointed there. */
function verdictOf(
  { id, shot, camera, device, optics }: Pair,
  rules: Rules,
  ground: GroundResult,
  light: Reads['light'],
): Figure {
  const subject = subjectOf(id, shot, ground, light);
  const place = ground.places[camera];
  const height = numberOf(place?.elevation);
  if (!subject || !place?.at || height === undefined) return unknown('', 'the camera has no place yet');
  const method =
    'distance, focal lengths, walls, furniture and what hangs, heads of people standing, angle off the front; in this order';
  const says = (verdict: string): Figure => found(verdict, '', method);
  const lens = lensOf(device.kind, optics, device.aperture, rules, ground.venue.hertz);
  const view = new Outlook(place.at, place.level, subject, ground.blockers, ground.venue.areas ?? NO_AREAS);
  const { needed, reached, standing, past } = new Appraisal(place.at, height, view, subject, lens, rules);
  if (!reached) return says(optics.focalMin > needed ? 'too near' : 'too far');
  if (isHidden(view.hidden)) return says('hidden');
  if (past !== undefined && past < HEAD_CLEARANCE) return says('behind furniture');
  if (standing !== undefined && standing < HEAD_CLEARANCE) return says('behind heads');
  return says(view.side > PROFILE && !subject.fromAbove ? 'profile' : 'yes');
}
