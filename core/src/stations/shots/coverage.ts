/** Coverage: which cameras could take the shot that a mark is wanted in. */
import type { Area, Mark, Rules, Shot } from '../../documents/index.js';
import { inOrder, numberOf, type Blocker, type Figure, type MapOf } from '../../foundations/index.js';
import type { MarkResult, PlaceResult } from '../ground/index.js';
import { Appraisal, lensOf, Outlook, subjectOf, type Subject } from './appraisal.js';
import { CLEARANCE, coverage, coveredBy } from './figures/sight.js';
import type { Fitted } from './fitted.js';
import { isHidden } from './sight.js';

export interface Coverage {
  /** The shot it is wanted in: the first one planned of this mark. */
  readonly size: Shot['size'];
  /** For each camera `yes`, or what is in the way. */
  readonly cameras: Readonly<Record<string, Figure>>;
  /** How many could take it. */
  readonly count: Figure;
}

/** Beyond this angle off its front a face is a profile, degrees. */
const PROFILE = 60;

/** A shot and a camera that might take it, were it pointed there. */
export interface Pair {
  readonly shot: string;
  readonly camera: string;
}

/** For each mark that a shot is planned of, its first one. */
export function firstByMark({
  shots,
}: {
  readonly shots: MapOf<Shot> | undefined;
}): ReadonlyMap<string, string> {
  const first = new Map<string, string>();
  for (const [id, { mark }] of inOrder(shots)) if (!first.has(mark)) first.set(mark, id);
  return first;
}

/** Every such shot with every camera, by mark and camera. */
export const pairsOf = ({
  first,
  cameras,
}: {
  readonly first: ReadonlyMap<string, string>;
  readonly cameras: readonly string[];
}): readonly (readonly [string, Pair])[] =>
  [...first].flatMap(([mark, shot]) =>
    cameras.map((camera): [string, Pair] => [`${mark}/${camera}`, { shot, camera }]),
  );

/** What one camera could make of a shot. */
export interface Tried {
  readonly pair: Pair;
  readonly shot: Shot;
  readonly mark: Mark | undefined;
  readonly markFigures: MarkResult | undefined;
  readonly place: PlaceResult | undefined;
  readonly aperture: number | undefined;
  readonly optics: Fitted;
  readonly hertz: number;
  readonly blockers: readonly Blocker[];
  readonly areas: MapOf<Area> | undefined;
  readonly rules: Rules;
}

export function couldTake(
  _: string,
  { pair, shot, mark, markFigures, place, aperture, optics, hertz, blockers, areas, rules }: Tried,
): Figure {
  const ids: [string, string] = [shot.mark, pair.camera];
  const subject = subjectOf(pair.shot, shot, mark, markFigures, undefined);
  const height = numberOf(place?.elevation);
  if (!subject || !place?.at || height === undefined)
    return coverage.unknown(ids, 'the camera has no place yet');
  const lens = lensOf(optics, aperture, rules, hertz);
  const view = new Outlook(place.at, place.level, subject, blockers, areas);
  const appraisal = new Appraisal(place.at, height, view, subject, lens, rules);
  return coverage.found(ids, verdictOf(appraisal, view, subject, optics));
}

/** `yes`, or what is in the way. */
function verdictOf(
  { needed, reached, standing, past }: Appraisal,
  view: Outlook,
  { fromAbove }: Subject,
  { focalMin }: Fitted,
): string {
  if (!reached) return focalMin > needed ? 'too near' : 'too far';
  if (isHidden(view.hidden)) return 'hidden';
  if (past !== undefined && past < CLEARANCE) return 'behind furniture';
  if (standing !== undefined && standing < CLEARANCE) return 'behind heads';
  return view.side > PROFILE && !fromAbove ? 'profile' : 'yes';
}

/** The verdicts gathered by mark. */
export const coverageOf = ({
  first,
  pairs,
  verdicts,
  shots,
}: {
  readonly first: ReadonlyMap<string, string>;
  readonly pairs: readonly (readonly [string, Pair])[];
  readonly verdicts: Readonly<Record<string, Figure>>;
  readonly shots: MapOf<Shot> | undefined;
}): Readonly<Record<string, Coverage>> => {
  const byShot = new Map<string, [camera: string, verdict: Figure][]>();
  for (const [key, { shot, camera }] of pairs) {
    const [own, verdict] = [byShot.get(shot) ?? [], verdicts[key]];
    byShot.set(shot, own);
    if (verdict) own.push([camera, verdict]);
  }
  return Object.fromEntries(
    [...first].flatMap(([mark, id]): [string, Coverage][] => {
      const shot = shots?.[id];
      if (!shot) return [];
      const cameras = byShot.get(id) ?? [];
      const able = cameras.filter(([, { value }]) => value === 'yes').length;
      const count = coveredBy.found([mark], able);
      return [[mark, { size: shot.size, cameras: Object.fromEntries(cameras), count }]];
    }),
  );
};
