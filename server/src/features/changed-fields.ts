/** Changes of some fields of a record that several people change at once: those of different fields go together. */
import { sameJson } from '@idle-satchel/core';
import { Problem } from '../problem.js';

/** A record with its revision, and at which revision each of its fields was changed last. */
export interface Revisable<Body> {
  readonly body: Body;
  readonly revision: number;
  readonly changedAt: Readonly<Record<string, number>>;
}

/**
 * The record after a change that was made on top of the revision `base`; without one, on top of whatever is there. 409
 * where somebody changed one of its fields since, to something else.
 */
export function changedFields<Body extends object>(
  { body, revision, changedAt }: Revisable<Body>,
  { base = revision, ...change }: Partial<Body> & { readonly base?: number },
): Revisable<Body> {
  const fields = Object.entries(change).filter(
    ([field, value]) => !sameJson(value, body[field as keyof Body]),
  );
  const collided = fields.filter(([field]) => (changedAt[field] ?? 1) > base).map(([field]) => field);
  if (collided.length > 0) {
    throw new Problem(409, 'Somebody else changed this in the meantime', `at /${collided.join(', /')}`, {
      faults: collided.map(field => ({ path: `/${field}`, reason: 'was changed by somebody else' })),
      revision,
      now: body,
    });
  }
  if (fields.length === 0) return { body, revision, changedAt };
  const next = revision + 1;
  return {
    body: { ...body, ...(Object.fromEntries(fields) as Partial<Body>) },
    revision: next,
    changedAt: { ...changedAt, ...Object.fromEntries(fields.map(([field]) => [field, next])) },
  };
}
