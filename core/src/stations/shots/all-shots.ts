/** Every shot of a plan: those with a frame of their own, and the windows that are cut from them. */
import type { Shot } from '../../documents/index.js';
import type { Memo, Segment } from '../../foundations/index.js';
import { opticsOf } from './fitted.js';
import type { ShotsReads } from './index.js';
import type { Light } from './light.js';
import { shotResult, type ShotResult } from './shot-result.js';
import type { Whole } from './window.js';

interface ResultReads extends ShotsReads, Pick<Light, 'light'> {
  readonly blocking: readonly Segment[];
}

/** For each camera the shot that it is framed for: its first one that is no window. */
export function framedFor(allShots: readonly (readonly [string, Shot])[]): ReadonlyMap<string, string> {
  const firsts = new Map<string, string>();
  for (const [id, { camera, window }] of allShots) {
    if (camera !== undefined && !window && !firsts.has(camera)) firsts.set(camera, id);
  }
  return firsts;
}

/** Every shot: those with a frame of their own first, then the windows that are cut from them. */
export function allResults(
  { devices, kinds, rules, ground, blocking, light }: ResultReads,
  allShots: readonly (readonly [string, Shot])[],
  memo: Memo,
): Record<string, ShotResult> {
  const firsts = framedFor(allShots);
  const wholeOf = (shot: Shot): string | undefined =>
    shot.window && shot.camera !== undefined ? firsts.get(shot.camera) : undefined;
  const results = (
    key: string,
    some: readonly (readonly [string, Shot])[],
    whole: (shot: Shot) => Whole | undefined,
  ): Record<string, ShotResult> =>
    memo.each(
      key,
      some,
      shot => {
        const device = shot.camera === undefined ? undefined : devices?.[shot.camera];
        const cutFrom = whole(shot);
        return [
          ...[shot, ground.marks[shot.mark], ground.venue.marks?.[shot.mark], light[shot.mark]],
          shot.camera === undefined ? undefined : ground.places[shot.camera],
          ...[device && opticsOf(kinds, device), device?.aperture, device?.focal, device?.worked],
          ...[device?.sweep, ground.blockers, ground.venue.areas, ground.venue.hertz],
          ...[ground.venue.lamps, ground.venue.screens, rules],
          ...[cutFrom?.shot, cutFrom?.focal, cutFrom?.picture, cutFrom?.aim],
        ];
      },
      (shot, id) =>
        shotResult(id, shot, {
          ...{ devices, kinds, rules, ground, blocking },
          ...{ light: light[shot.mark], whole: whole(shot) },
        }),
    );
  const framed = results(
    'shots',
    allShots.filter(([, shot]) => wholeOf(shot) === undefined),
    () => undefined,
  );
  const cut = results(
    'windows',
    allShots.filter(([, shot]) => wholeOf(shot) !== undefined),
    shot => {
      const id = wholeOf(shot) ?? '';
      const { focal, picture } = framed[id] ?? {};
      const facing = devices?.[shot.camera ?? '']?.place?.facing;
      return focal && picture && { ...{ shot: id, focal, picture }, aim: facing ?? picture.aim };
    },
  );
  return memo.once('all shots', [framed, cut, allShots.map(([id]) => id).join()], () =>
    Object.fromEntries(
      allShots.flatMap(([id]): [string, ShotResult][] => {
        const result = framed[id] ?? cut[id];
        return result ? [[id, result]] : [];
      }),
    ),
  );
}
