/** JSON Patch (RFC 6902) over immutable documents: apply copy-on-write, invert, and tell what collides. */

export type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

export type Operation =
  | { readonly op: 'add' | 'replace' | 'test'; readonly path: string; readonly value: Json }
  | { readonly op: 'remove'; readonly path: string }
  | { readonly op: 'move' | 'copy'; readonly path: string; readonly from: string };

/** A patch that does not fit the document; `index` is the operation, `path` its pointer. */
export class PatchError extends Error {
  override name = 'PatchError';
  constructor(
    readonly index: number,
    readonly path: string,
    reason: string,
  ) {
    super(`operation ${index} at ${path || 'the whole document'}: ${reason}`);
  }
}

const UNSAFE = new Set(['__proto__', 'constructor', 'prototype']);

/** Splits a JSON pointer (RFC 6901) into keys. Throws `SyntaxError` for a malformed one or an unsafe key. */
export function parsePointer(pointer: string): string[] {
  if (pointer === '') return [];
  if (!pointer.startsWith('/')) throw new SyntaxError(`pointer ${pointer} must start with /`);
  return pointer
    .slice(1)
    .split('/')
    .map(part => {
      if (/~(?![01])/.test(part)) throw new SyntaxError(`pointer ${pointer} has a stray ~`);
      const key = part.replaceAll('~1', '/').replaceAll('~0', '~');
      if (UNSAFE.has(key)) throw new SyntaxError(`pointer ${pointer} has the unsafe key ${key}`);
      return key;
    });
}

/** Joins keys into a JSON pointer. */
export const pointerOf = (...keys: (string | number)[]): string =>
  keys.map(key => `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');

/** The value at a pointer, or undefined. */
export function valueAt(document: unknown, pointer: string): unknown {
  let node = document;
  for (const key of parsePointer(pointer)) {
    if (typeof node !== 'object' || node === null || !Object.hasOwn(node, key)) return undefined;
    node = (node as Record<string, unknown>)[key];
  }
  return node;
}

const INDEX = /^(0|[1-9]\d{0,8})$/;

type Change = (parent: Json, key: string) => Json;

/** Rebuilds the spine from the root to the parent of `keys`; branches off the spine keep their identity. */
function along(node: Json, keys: readonly string[], depth: number, change: Change): Json {
  const key = keys[depth] ?? '';
  if (typeof node !== 'object' || node === null) throw new SyntaxError(`nothing there to hold “${key}”`);
  if (depth === keys.length - 1) return change(node, key);
  const child = childOf(node, key);
  if (child === undefined) throw new SyntaxError(`“${key}” does not exist`);
  const next = along(child, keys, depth + 1, change);
  if (next === child) return node;
  if (Array.isArray(node)) return (node as Json[]).with(Number(key), next);
  return { ...(node as Record<string, Json>), [key]: next };
}

function childOf(node: Json, key: string): Json | undefined {
  if (typeof node !== 'object' || node === null) return undefined;
  if (Array.isArray(node)) return INDEX.test(key) ? (node as Json[])[Number(key)] : undefined;
  return Object.hasOwn(node, key) ? (node as Record<string, Json>)[key] : undefined;
}

function arrayIndex(array: readonly Json[], key: string, end: number): number {
  const index = key === '-' ? array.length : INDEX.test(key) ? Number(key) : NaN;
  if (!(index <= end)) throw new SyntaxError(`“${key}” is not an index up to ${end}`);
  return index;
}

function addAt(document: Json, keys: readonly string[], value: Json): Json {
  if (keys.length === 0) return value;
  return along(document, keys, 0, (parent, key) => {
    if (Array.isArray(parent)) {
      return (parent as Json[]).toSpliced(arrayIndex(parent as Json[], key, parent.length), 0, value);
    }
    return { ...(parent as Record<string, Json>), [key]: value };
  });
}

function removeAt(document: Json, keys: readonly string[]): Json {
  if (keys.length === 0) throw new SyntaxError('the whole document cannot be removed');
  return along(document, keys, 0, (parent, key) => {
    if (Array.isArray(parent)) {
      return (parent as Json[]).toSpliced(arrayIndex(parent as Json[], key, parent.length - 1), 1);
    }
    if (childOf(parent, key) === undefined) throw new SyntaxError(`“${key}” does not exist`);
    const { [key]: _removed, ...rest } = parent as Record<string, Json>;
    return rest;
  });
}

function replaceAt(document: Json, keys: readonly string[], value: Json): Json {
  if (keys.length === 0) return value;
  return along(document, keys, 0, (parent, key) => {
    const child = childOf(parent, key);
    if (child === undefined) throw new SyntaxError(`“${key}” does not exist`);
    if (child === value) return parent;
    if (Array.isArray(parent)) return (parent as Json[]).with(Number(key), value);
    return { ...(parent as Record<string, Json>), [key]: value };
  });
}

/** Deep equality of JSON values; key order does not matter. */
export function sameJson(a: unknown, b: unknown): boolean {
  if (Object.is(a, b) || a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || !a || !b) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const keys = Object.keys(a);
  if (keys.length !== Object.keys(b).length) return false;
  return keys.every(
    key =>
      Object.hasOwn(b, key) &&
      sameJson((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key]),
  );
}

function existing(document: Json, pointer: string): Json {
  const value = valueAt(document, pointer);
  if (value === undefined) throw new SyntaxError(`${pointer} does not exist`);
  return value as Json;
}

function applyOne(document: Json, operation: Operation): Json {
  const keys = parsePointer(operation.path);
  switch (operation.op) {
    case 'add':
      return addAt(document, keys, operation.value);
    case 'remove':
      return removeAt(document, keys);
    case 'replace':
      return replaceAt(document, keys, operation.value);
    case 'copy':
      return addAt(document, keys, existing(document, operation.from));
    case 'move': {
      if (operation.path.startsWith(`${operation.from}/`)) throw new SyntaxError('cannot move into itself');
      const value = existing(document, operation.from);
      if (operation.path === operation.from) return document;
      return addAt(removeAt(document, parsePointer(operation.from)), keys, value);
    }
    case 'test':
      if (!sameJson(existing(document, operation.path), operation.value)) {
        throw new SyntaxError('the value there is another one');
      }
      return document;
  }
}

/**
 * The document after the patch. Branches the patch does not touch keep their identity. `refusal` may tell, after
 * each operation, why what it led to cannot be: `refusalBeyond` a size, for one.
 * Throws `PatchError` naming the operation; the given document is never changed.
 */
export function applyPatch<T>(
  document: T,
  patch: readonly Operation[],
  refusal: (after: Json) => string | undefined = () => undefined,
): T {
  let current = document as unknown as Json;
  patch.forEach((operation, index) => {
    try {
      current = applyOne(current, operation);
      const reason = refusal(current);
      if (reason !== undefined) throw new RangeError(reason);
    } catch (error) {
      throw new PatchError(index, operation.path, error instanceof Error ? error.message : String(error));
    }
  });
  return current as unknown as T;
}

/** The patch that leads from `applyPatch(document, patch)` back to `document`. Throws `PatchError`. */
export function invertPatch(document: unknown, patch: readonly Operation[]): Operation[] {
  const inverse: Operation[] = [];
  let current = document as Json;
  for (const operation of patch) {
    inverse.unshift(...inverseOf(current, operation));
    current = applyPatch(current, [operation]);
  }
  return inverse;
}

function inverseOf(document: Json, operation: Operation): Operation[] {
  const before = (path: string): Json | undefined => valueAt(document, path) as Json | undefined;
  switch (operation.op) {
    case 'test':
      return [];
    case 'replace':
    case 'remove': {
      const value = before(operation.path);
      if (value === undefined) return [];
      return [{ op: operation.op === 'remove' ? 'add' : 'replace', path: operation.path, value }];
    }
    case 'add':
    case 'copy':
      return undoAdd(document, operation.path);
    case 'move': {
      const value = before(operation.from);
      if (value === undefined || operation.from === operation.path) return [];
      const without = applyPatch(document, [{ op: 'remove', path: operation.from }]);
      return [...undoAdd(without, operation.path), { op: 'add', path: operation.from, value }];
    }
  }
}

function undoAdd(document: Json, path: string): Operation[] {
  const keys = parsePointer(path);
  const last = keys.pop();
  if (last === undefined) return [{ op: 'replace', path: '', value: document }];
  const parent = valueAt(document, pointerOf(...keys)) as Json | undefined;
  if (Array.isArray(parent)) {
    const index = last === '-' ? parent.length : Number(last);
    return [{ op: 'remove', path: pointerOf(...keys, index) }];
  }
  const value = valueAt(document, path) as Json | undefined;
  return [value === undefined ? { op: 'remove', path } : { op: 'replace', path, value }];
}

/**
 * The paths a patch reads or writes. Adding to or removing from an array shifts its other elements, so
 * there the whole array counts.
 */
export function pathsOf(patch: readonly Operation[]): string[] {
  const paths = new Set<string>();
  for (const operation of patch) {
    const shifts = operation.op !== 'replace' && operation.op !== 'test';
    paths.add(shifts ? arrayOf(operation.path) : operation.path);
    if ('from' in operation) paths.add(operation.op === 'move' ? arrayOf(operation.from) : operation.from);
  }
  return [...paths];
}

const arrayOf = (path: string): string => path.replace(/\/(\d+|-)$/, '');

/** True when one path equals, contains or lies inside the other. */
export const overlaps = (a: string, b: string): boolean =>
  a === b || a.startsWith(`${b}/`) || b.startsWith(`${a}/`);

/** The first path of `mine` that collides with one of `theirs`, or undefined when both can be applied. */
export function collision(mine: readonly Operation[], theirs: readonly Operation[]): string | undefined {
  const other = pathsOf(theirs);
  return pathsOf(mine).find(path => other.some(their => overlaps(path, their)));
}
