/** Whole-document validation, for saving and importing only. */
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

/** Every fault of a document against its class; an empty list means that it is valid. */
export function faultsOf(type: DocumentClass, document: unknown): Fault[] {
  const beyond = refusalBeyond(DOCUMENT_LIMIT)(document as Json);
  if (beyond !== undefined) return [{ path: '', reason: beyond }];
  const faults: Fault[] = [];
  plainFaults(document, [], faults);
  if (faults.length === 0) recordFaults(type, document, [], faults);
  return faults.slice(0, MAX_FAULTS);
}

/** Refuses what no document may hold anywhere: broken text, unsafe keys, numbers out of range. */
function plainFaults(node: unknown, path: (string | number)[], faults: Fault[]): void {
  if (faults.length >= MAX_FAULTS) return;
  const fault = (reason: string): void => void faults.push({ path: pointerOf(...path), reason });
  if (typeof node === 'string') {
    if (!isCleanText(node)) fault('has a NUL or half a character in it');
  } else if (typeof node === 'number') {
    if (!Number.isFinite(node) || Math.abs(node) > LARGEST) fault('is not a number within ±10¹²');
  } else if (Array.isArray(node)) {
    node.forEach((child, index) => plainFaults(child, [...path, index], faults));
  } else if (isRecord(node)) {
    for (const [key, child] of Object.entries(node)) {
      if (key === '__proto__' || key === 'constructor' || key === 'prototype' || !isCleanText(key)) {
        faults.push({ path: pointerOf(...path), reason: `has the unsafe key ${JSON.stringify(key)}` });
      } else plainFaults(child, [...path, key], faults);
    }
  }
}

function recordFaults(type: DocumentClass, value: unknown, path: (string | number)[], faults: Fault[]): void {
  if (faults.length >= MAX_FAULTS) return;
  if (!isRecord(value)) {
    faults.push({ path: pointerOf(...path), reason: 'must be an object' });
    return;
  }
  const fields = allFields(type);
  for (const key of Object.keys(value)) {
    if (!fields.has(key)) faults.push({ path: pointerOf(...path, key), reason: 'is not a known field' });
  }
  if (![...fields.values()].every(field => holds(field, value[field.name]))) {
    leafFaults(type, value, path, faults);
  }
  for (const field of fields.values()) {
    if (field.nested) nestedFaults(field, value[field.name], [...path, field.name], faults);
  }
}

/** Whether a field of a record, by itself, is as its class wants it. Most are: only then is nothing to be said. */
const holds = ({ optional, rule }: Field, value: unknown): boolean =>
  value === undefined ? optional === true : (rule?.holds(value) ?? true);

/** What is wrong with the fields of a record themselves, in the words of their constraints. */
function leafFaults(
  type: DocumentClass,
  value: Record<string, unknown>,
  path: (string | number)[],
  faults: Fault[],
): void {
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

function nestedFaults(field: Field, value: unknown, path: (string | number)[], faults: Fault[]): void {
  if (!field.nested || value === undefined) return;
  const { kind, of, max } = field.nested;
  const fault = (reason: string): void => void faults.push({ path: pointerOf(...path), reason });
  if (kind === 'one') return recordFaults(of(), value, path, faults);
  if (kind === 'many') {
    if (!Array.isArray(value)) return fault('must be a list');
    if (value.length > max) return fault(`has more than ${max} entries`);
    value.forEach((child, index) => recordFaults(of(), child, [...path, index], faults));
    return;
  }
  if (!isRecord(value)) return fault('must be an object of records by id');
  const entries = Object.entries(value);
  if (entries.length > max) return fault(`has more than ${max} records`);
  for (const [id, child] of entries) {
    if (!isId(id)) faults.push({ path: pointerOf(...path, id), reason: 'is not a valid id' });
    else recordFaults(of(), child, [...path, id], faults);
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
