/** Changes of some fields of a record that several people change at once: those of different fields go together. */
import { sameJson } from '@idle-satchel/core';
import { Problem } from '../problem.js';

/** A record with its revision, and at which revision each of its fields was changed last. */
export interface Revisable<Body> {
  readonly body: Body;
  readonly revision: number;
  readonly changedAt: Readonly<Record<string, number>>;
}

/** A change of some fields, made on top of the revision `base`; a field that is undefined is taken away. */
export type FieldsChange<Body> = { readonly [Field in keyof Body]?: Body[Field] | undefined } & {
  readonly base?: number;
};

const differing = <Body extends object>(
  body: Body,
  { base: _, ...change }: FieldsChange<Body>,
): [field: string, value: unknown][] =>
  Object.entries(change).filter(([field, value]) => !sameJson(value, body[field as keyof Body]));

/** Fields of a change that somebody changed since its base, to something else. */
export const collidedFields = <Body extends object>(
  { body, revision, changedAt }: Revisable<Body>,
  change: FieldsChange<Body>,
): string[] =>
  differing(body, change).flatMap(([field]) =>
    (changedAt[field] ?? 1) > (change.base ?? revision) ? [field] : [],
  );

/**
 * The record after a change that was made on top of the revision `base`; without one, on top of whatever is there. 409
 * where somebody changed one of its fields since, to something else.
 */
export function changedFields<Body extends object>(
  row: Revisable<Body>,
  change: FieldsChange<Body>,
  /** How whoever asks sees what is there. */
  seen: (body: Body) => object = body => body,
): Revisable<Body> {
  const { body, revision, changedAt } = row;
  const collided = collidedFields(row, change);
  if (collided.length > 0) {
    throw new Problem(409, 'Somebody else changed this in the meantime', `at /${collided.join(', /')}`, {
      faults: collided.map(field => ({ path: `/${field}`, reason: 'was changed by somebody else' })),
      revision,
      now: seen(body),
    });
  }
  const fields = differing(body, change);
  if (fields.length === 0) return { body, revision, changedAt };
  const next = revision + 1;
  const after = Object.entries({ ...body, ...Object.fromEntries(fields) });
  return {
    body: Object.fromEntries(after.filter(([, value]) => value !== undefined)) as Body,
    revision: next,
    changedAt: { ...changedAt, ...Object.fromEntries(fields.map(([field]) => [field, next])) },
  };
}
