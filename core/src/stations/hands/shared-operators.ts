/** One person on several cameras: how far apart these stand. */
import { distance, type Point } from '../../foundations/index.js';
import { operatorApart } from './figures.js';
import type { Roles, SharedOperator } from './result.js';

const CAMERA = /^camera (.+)$/;

/** Everybody who is put on more than one operated camera that has a place. */
export function sharedOperators({
  roles,
  cameras,
}: {
  readonly roles: Roles;
  readonly cameras: Readonly<Record<string, { readonly at: Point | undefined }>>;
}): Record<string, SharedOperator> {
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
      apart: operatorApart.found([person], apart),
    };
  }
  return shared;
}
