/** Whether an edit changes only what its maker may change. */
import { pointerOf, type Operation } from '../foundations/index.js';
import { may, mayFurtherIn, type Pathed, type Role } from './roles.js';

type Fields = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const fieldsOf = (value: unknown): Fields => (isRecord(value) ? value : {});

/**
 * The first path that differs between two bodies and that a role may not change, or undefined. Branches that are one
 * and the same object are not looked into. Whoever may take a record out takes out what they do not see of it, too.
 */
export function forbiddenChange(
  role: Role,
  document: Pathed,
  before: unknown,
  after: unknown,
  keys: readonly string[] = [],
): string | undefined {
  if (before === after) return undefined;
  const place = { document, path: pointerOf(...keys) };
  const [was, is] = [fieldsOf(before), fieldsOf(after)];
  const inside = [...new Set([...Object.keys(was), ...Object.keys(is)])];
  if (inside.length === 0 || isPlain(before) || isPlain(after)) {
    if (after === undefined && !may(role, 'read', place)) return undefined;
    // A map that is empty may be put where records of it may be put.
    const settles = isRecord(after ?? before) && mayFurtherIn(role, place);
    return may(role, 'change', place) || settles ? undefined : place.path;
  }
  for (const key of inside) {
    const forbidden = forbiddenChange(role, document, was[key], is[key], [...keys, key]);
    if (forbidden !== undefined) return forbidden;
  }
  return undefined;
}

/**
 * The first path that a patch writes to where a role may change neither that nor anything in it, or undefined. What it
 * would change is not asked: a patch that puts there what is there already is no less an edit.
 */
export function forbiddenTarget(
  role: Role,
  document: Pathed,
  patch: readonly Operation[],
): string | undefined {
  const targets = patch.flatMap(operation => [
    ...(operation.op === 'test' ? [] : [operation.path]),
    ...(operation.op === 'move' ? [operation.from] : []),
  ]);
  return targets.find(path => {
    const place = { document, path };
    return !may(role, 'change', place) && !mayFurtherIn(role, place);
  });
}

/**
 * Where something is signed (`by`) with another name than that of whoever signs, and was not before; or undefined. What
 * was signed by others and stays so is not looked at.
 */
export function foreignSignature(
  before: unknown,
  after: unknown,
  name: string,
  keys: readonly string[] = [],
): string | undefined {
  if (before === after || !isRecord(after)) return undefined;
  const was = fieldsOf(before);
  for (const [key, is] of Object.entries(after)) {
    const signed = key === 'by' && typeof is === 'string';
    if (signed && is !== was[key] && is !== name) return pointerOf(...keys, key);
    const inside = foreignSignature(was[key], is, name, [...keys, key]);
    if (inside !== undefined) return inside;
  }
  return undefined;
}

/** Whether something is there that has no fields. */
const isPlain = (value: unknown): boolean => value !== undefined && !isRecord(value);
