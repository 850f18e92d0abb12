/** Which shot each camera is framed for, and which are cut from its picture as windows. */
import type { Shot } from '../../documents/index.js';
import type { Picture } from './gear-in-picture.js';
import type { ShotResult } from './result.js';

export type ShotsInOrder = readonly (readonly [string, Shot])[];

/** For each camera the shot that it is framed for: its first one that is no window. */
export function framedFor({ shots }: { readonly shots: ShotsInOrder }): ReadonlyMap<string, string> {
  const firsts = new Map<string, string>();
  for (const [id, { camera, window }] of shots) {
    if (camera !== undefined && !window && !firsts.has(camera)) firsts.set(camera, id);
  }
  return firsts;
}

/** The shot whose picture another one is cut from; undefined for one with a frame of its own. */
export const wholeOf = ({ window, camera }: Shot, framed: ReadonlyMap<string, string>): string | undefined =>
  window && camera !== undefined ? framed.get(camera) : undefined;

/** The pictures of every camera's shots but windows, which lie in another one. */
export function picturesByCamera({
  shots,
  order,
}: {
  readonly shots: Readonly<Record<string, Pick<ShotResult, 'picture'>>>;
  readonly order: ShotsInOrder;
}): Readonly<Record<string, readonly Picture[]>> {
  const pictures: Record<string, Picture[]> = {};
  for (const [id, { camera, window }] of order) {
    const picture = shots[id]?.picture;
    if (camera !== undefined && picture && !window) (pictures[camera] ??= []).push(picture);
  }
  return pictures;
}
