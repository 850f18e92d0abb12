/** Validation of documents: whole for importing, and of what an edit touched for saving. */
import { validateSync } from 'class-validator';
import { DOCUMENT_LIMIT, isId, pointerOf, refusalBeyond, type Json } from '../foundations/index.js';
import { fieldsOf, isCleanText, type DocumentClass, type Field } from './decorators.js';

/** What is wrong and where, as a JSON pointer. */
export interface Fault {
  readonly path: string;
  readonly reason: string;
}

const MAX_FAULTS = 200;
const LARGEST = 1e12;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

type Path = (string | number)[];

/** Every fault of a document against its class; an empty list means that it is valid. */
export function faultsOf(type: DocumentClass, document: unknown): Fault[] {
  const beyond = refusalBeyond(DOCUMENT_LIMIT)(document as Json);
  if (beyond !== undefined) return [{ path: '', reason: beyond }];
  return faultsSince(type, undefined, document);
}

/**
 * The faults of a document that a valid one became: what is the very same as at its place in that one was looked at
 * already. Its size is not looked at.
 */
export function faultsSince(type: DocumentClass, valid: unknown, document: unknown): Fault[] {
  const faults: Fault[] = [];
  plainFaults(document, valid, [], faults);
  if (faults.length === 0) recordFaults(type, document, valid, [], faults);
  return faults.slice(0, MAX_FAULTS);
}

/** What stands at a key of a document, where it is one that holds anything. */
const at = (node: unknown, key: string | number): unknown =>
  typeof node === 'object' && node !== null && Object.hasOwn(node, key)
    ? (node as Record<string | number, unknown>)[key]
    : undefined;

/** Refuses what no document may hold anywhere: broken text, unsafe keys, numbers out of range. */
function plainFaults(node: unknown, valid: unknown, path: Path, faults: Fault[]): void {
  if (faults.length >= MAX_FAULTS || (node === valid && typeof node === 'object')) return;
  const fault = (reason: string): void => void faults.push({ path: pointerOf(...path), reason });
  const below = (key: string | number, child: unknown): void => {
    path.push(key);
    plainFaults(child, at(valid, key), path, faults);
    path.pop();
  };
  if (typeof node === 'string') {
    if (!isCleanText(node)) fault('has a NUL or half a character in it');
  } else if (typeof node === 'number') {
    if (!Number.isFinite(node) || Math.abs(node) > LARGEST) fault('is not a number within ±10¹²');
  } else if (Array.isArray(node)) {
    node.forEach((child, index) => below(index, child));
  } else if (isRecord(node)) {
    for (const key of Object.keys(node)) {
      if (key === '__proto__' || key === 'constructor' || key === 'prototype' || !isCleanText(key)) {
        fault(`has the unsafe key ${JSON.stringify(key)}`);
      } else below(key, node[key]);
    }
  }
}

function recordFaults(
  type: DocumentClass,
  value: unknown,
  valid: unknown,
  path: Path,
  faults: Fault[],
): void {
  if (faults.length >= MAX_FAULTS || (value === valid && value !== undefined)) return;
  if (!isRecord(value)) {
    faults.push({ path: pointerOf(...path), reason: 'must be an object' });
    return;
  }
  const fields = allFields(type);
  for (const key of Object.keys(value)) {
    if (!fields.has(key)) faults.push({ path: pointerOf(...path, key), reason: 'is not a known field' });
  }
  let all = true;
  for (const field of fields.values()) all = all && holds(field, value[field.name]);
  if (!all) leafFaults(type, value, path, faults);
  for (const field of fields.values()) {
    if (!field.nested) continue;
    path.push(field.name);
    nestedFaults(field.nested, value[field.name], at(valid, field.name), path, faults);
    path.pop();
  }
}

/** Whether a field of a record, by itself, is as its class wants it. Most are: only then is nothing to be said. */
const holds = ({ optional, rule }: Field, value: unknown): boolean =>
  value === undefined ? optional === true : (rule?.holds(value) ?? true);

/** What is wrong with the fields of a record themselves, in the words of their constraints. */
function leafFaults(type: DocumentClass, value: Record<string, unknown>, path: Path, faults: Fault[]): void {
  const instance = Object.assign(Object.create(type.prototype as object) as object, value);
  for (const error of validateSync(instance, { forbidUnknownValues: false })) {
    if (error.value === undefined) {
      faults.push({ path: pointerOf(...path, error.property), reason: 'is missing' });
      continue;
    }
    for (const reason of Object.values(error.constraints ?? {})) {
      faults.push({ path: pointerOf(...path, error.property), reason });
    }
  }
}

function nestedFaults(
  { kind, of, max }: NonNullable<Field['nested']>,
  value: unknown,
  valid: unknown,
  path: Path,
  faults: Fault[],
): void {
  if (value === undefined) return;
  const fault = (reason: string): void => void faults.push({ path: pointerOf(...path), reason });
  const below = (key: string | number, child: unknown): void => {
    path.push(key);
    recordFaults(of(), child, at(valid, key), path, faults);
    path.pop();
  };
  if (kind === 'one') return recordFaults(of(), value, valid, path, faults);
  if (kind === 'many') {
    if (!Array.isArray(value)) return fault('must be a list');
    if (value.length > max) return fault(`has more than ${max} entries`);
    value.forEach((child, index) => below(index, child));
    return;
  }
  if (!isRecord(value)) return fault('must be an object of records by id');
  const ids = Object.keys(value);
  if (ids.length > max) return fault(`has more than ${max} records`);
  for (const id of ids) {
    if (!isId(id)) faults.push({ path: pointerOf(...path, id), reason: 'is not a valid id' });
    else below(id, value[id]);
  }
}

const known = new Map<DocumentClass, ReadonlyMap<string, Field>>();

/** Own and inherited fields of a document class; classes are whole before anything is validated. */
export function allFields(type: DocumentClass): ReadonlyMap<string, Field> {
  const before = known.get(type);
  if (before) return before;
  const parent: unknown = Object.getPrototypeOf(type);
  const inherited =
    typeof parent === 'function' && parent.prototype !== undefined ? allFields(parent as DocumentClass) : [];
  const fields = new Map([...inherited, ...fieldsOf(type)]);
  known.set(type, fields);
  return fields;
}
