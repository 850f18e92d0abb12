/** One person on several cameras: how far apart these stand. */
import { distance, found, type Figure, type Point } from '../../foundations/index.js';
import type { RoleResult } from './index.js';

export interface SharedOperator {
  /** Cameras this person works, by id. */
  readonly cameras: readonly string[];
  /** Between the two that are farthest apart, m. */
  readonly apart: Figure;
}

const CAMERA = /^camera (.+)$/;

/** Everybody who is put on more than one operated camera that has a place. */
export function sharedOperators(
  roles: Readonly<Record<string, RoleResult>>,
  cameras: Readonly<Record<string, { readonly at: Point | undefined }>>,
): Record<string, SharedOperator> {
  const of = new Map<string, { id: string; at: Point }[]>();
  for (const { key, person } of Object.values(roles)) {
    const id = CAMERA.exec(key)?.[1];
    const at = cameras[id ?? '']?.at;
    if (person === undefined || id === undefined || !at) continue;
    of.set(person, [...(of.get(person) ?? []), { id, at }]);
  }
  const shared: Record<string, SharedOperator> = {};
  for (const [person, own] of of) {
    if (own.length < 2) continue;
    const apart = Math.max(...own.flatMap(a => own.map(b => distance(a.at, b.at))));
    shared[person] = {
      cameras: own.map(({ id }) => id),
      apart: found(apart, 'm', 'between the two cameras of this person that are farthest apart'),
    };
  }
  return shared;
}
