/**
 * Decorators that define the shape of documents once: the validator and the JSON Schema both read them.
 * Leaf rules are class-validator constraints; nesting (`One`, `Many`, `MapOf`) is kept in a registry so that
 * faults carry JSON paths and unknown fields are refused at every depth.
 */
import { ValidateBy, ValidateIf } from 'class-validator';
import { refusalBeyond, type JsonSize } from '../foundations/json-size.js';
import { ID_PATTERN, isId } from '../foundations/order.js';
import type { Json } from '../foundations/patch.js';
import type { Unit } from '../foundations/units.js';

export type DocumentClass<T extends object = object> = new () => T;
export type Nesting = 'one' | 'many' | 'map';

/** What a form calls a field, and how people read it. */
export interface FieldWords {
  readonly label: string;
  readonly unit: Unit;
  /** What it means, where the label does not say it. */
  readonly help?: string;
  /** Whether it is usual for such a record, so that a form asks for it; absent: always. */
  readonly when?: (record: object) => boolean;
}

export interface Field {
  readonly name: string;
  readonly words?: FieldWords;
  /** The constraint of a leaf, with its parameters, and whether a value meets it. */
  readonly rule?: {
    readonly name: string;
    readonly parameters: readonly unknown[];
    readonly holds: (value: unknown) => boolean;
  };
  readonly optional?: boolean;
  readonly nested?: { readonly kind: Nesting; readonly of: () => DocumentClass; readonly max: number };
}

const registry = new Map<object, Map<string, Field>>();

/** The declared fields of a document class, by name. */
export function fieldsOf(type: DocumentClass): ReadonlyMap<string, Field> {
  return registry.get(type) ?? new Map<string, Field>();
}

function declareField(target: object, field: Field): void {
  const type = target.constructor;
  const fields = registry.get(type) ?? new Map<string, Field>();
  fields.set(field.name, { ...fields.get(field.name), ...field });
  registry.set(type, fields);
}

export type JsonSchema = Record<string, unknown>;
/** JSON Schema of each constraint by its name, from the constraint's parameters. */
export const schemaOfConstraint = new Map<string, (parameters: readonly unknown[]) => JsonSchema>();

interface Constraint<P extends readonly unknown[]> {
  readonly name: string;
  readonly test: (value: unknown, ...parameters: P) => boolean;
  readonly says: (...parameters: P) => string;
  readonly schema: (...parameters: P) => JsonSchema;
}

/** Declares a rule of fields: the check, its words and its schema, once. */
export function constraint<P extends readonly unknown[]>(
  of: Constraint<P>,
): (...parameters: P) => PropertyDecorator {
  schemaOfConstraint.set(of.name, parameters => of.schema(...(parameters as unknown as P)));
  return (...parameters) => {
    const holds = (value: unknown): boolean => of.test(value, ...parameters);
    const check = ValidateBy({
      name: of.name,
      constraints: [...parameters],
      validator: {
        validate: holds,
        defaultMessage: () => of.says(...parameters),
      },
    });
    return (target, key) => {
      declareField(target, { name: String(key), rule: { name: of.name, parameters, holds } });
      check(target, String(key));
    };
  };
}

/** The field may be absent; null is refused, since absent means that the key is absent. */
export const Optional = (): PropertyDecorator => {
  const absent = ValidateIf((_, value) => value !== undefined);
  return (target, key) => {
    declareField(target, { name: String(key), optional: true });
    absent(target, String(key));
  };
};

/** Makes every field that a class has from another one such that it may be absent. */
export function allOptional(type: DocumentClass, of: DocumentClass): void {
  for (const field of fieldsOf(of).values()) {
    declareField(type.prototype as object, field);
    Optional()(type.prototype as object, field.name);
  }
}

/** What a form calls the field. `when` is given the record that the field is of. */
export const Said =
  <T extends object>(
    label: string,
    unit: Unit = '',
    more: { readonly help?: string; readonly when?: (record: Partial<T>) => boolean } = {},
  ): PropertyDecorator =>
  (target, key) =>
    declareField(target, { name: String(key), words: { label, unit, ...(more as object) } });

/** Neither NUL nor half of a surrogate pair, neither of which Postgres can keep. */
const CLEAN = '^[^\\u0000\\ud800-\\udfff]*$';
const clean = new RegExp(CLEAN, 'u');
export const isCleanText = (text: string): boolean => clean.test(text);

const isText = (value: unknown, min: number, max: number): value is string =>
  typeof value === 'string' && isCleanText(value) && [...value].length >= min && [...value].length <= max;

/** Text of `min` to `max` characters. */
export const Text = constraint<[max: number, min?: number]>({
  name: 'text',
  test: (value, max, min = 0) => isText(value, min, max),
  says: (max, min = 0) => `must be text of ${min} to ${max} characters without NUL or broken characters`,
  schema: (max, min = 0) => ({ type: 'string', minLength: min, maxLength: max, pattern: CLEAN }),
});

/** Text of at most `max` characters, or null where there is none. */
export const TextOrNull = constraint<[max: number]>({
  name: 'textOrNull',
  test: (value, max) => value === null || isText(value, 0, max),
  says: max => `must be text of at most ${max} characters, or null`,
  schema: max => ({ type: ['string', 'null'], maxLength: max }),
});

export const Num = constraint<[min: number, max: number]>({
  name: 'num',
  test: (value, min, max) => typeof value === 'number' && value >= min && value <= max,
  says: (min, max) => `must be a number from ${min} to ${max}`,
  schema: (min, max) => ({ type: 'number', minimum: min, maximum: max }),
});

export const Int = constraint<[min: number, max: number]>({
  name: 'int',
  test: (value, min, max) => Number.isInteger(value) && Number(value) >= min && Number(value) <= max,
  says: (min, max) => `must be a whole number from ${min} to ${max}`,
  schema: (min, max) => ({ type: 'integer', minimum: min, maximum: max }),
});

/** A list of up to `most` numbers from `min` to `max`. */
export const Nums = constraint<[min: number, max: number, most: number]>({
  name: 'nums',
  test: (value, min, max, most) =>
    Array.isArray(value) &&
    value.length <= most &&
    value.every(each => typeof each === 'number' && each >= min && each <= max),
  says: (min, max, most) => `must be up to ${most} numbers from ${min} to ${max}`,
  schema: (min, max, most) => ({
    type: 'array',
    items: { type: 'number', minimum: min, maximum: max },
    maxItems: most,
  }),
});

export const Flag = constraint<[]>({
  name: 'flag',
  test: value => typeof value === 'boolean',
  says: () => 'must be true or false',
  schema: () => ({ type: 'boolean' }),
});

/** One of the listed words or numbers. */
export const OneOf = constraint<[choices: readonly unknown[]]>({
  name: 'oneOf',
  test: (value, choices) => choices.includes(value),
  says: choices => `must be one of ${choices.join(', ')}`,
  schema: choices => ({ enum: [...choices] }),
});

/** A list of some of the listed words, each once, replaced whole. */
export const Words = constraint<[choices: readonly string[]]>({
  name: 'words',
  test: (value, choices) =>
    Array.isArray(value) &&
    value.every(each => choices.includes(each as string)) &&
    new Set<unknown>(value).size === value.length,
  says: choices => `must be different ones of ${choices.join(', ')}`,
  schema: choices => ({ type: 'array', items: { enum: [...choices] }, uniqueItems: true }),
});

/** The id of another record. */
export const Ref = constraint<[]>({
  name: 'ref',
  test: value => isId(value),
  says: () => `must be an id (${ID_PATTERN})`,
  schema: () => ({ type: 'string', pattern: ID_PATTERN }),
});

/** A list of ids of other records, each once, replaced whole. */
export const Refs = constraint<[max: number]>({
  name: 'refs',
  test: (value, max) =>
    Array.isArray(value) &&
    value.length <= max &&
    value.every(isId) &&
    new Set<unknown>(value).size === value.length,
  says: max => `must be up to ${max} different ids (${ID_PATTERN})`,
  schema: max => ({
    type: 'array',
    items: { type: 'string', pattern: ID_PATTERN },
    maxItems: max,
    uniqueItems: true,
  }),
});

const FAR = 1000;
const isPoint = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length === 2 &&
  value.every(part => typeof part === 'number' && part >= -FAR && part <= FAR);
const POINT_SCHEMA: JsonSchema = {
  type: 'array',
  items: { type: 'number', minimum: -FAR, maximum: FAR },
  minItems: 2,
  maxItems: 2,
};

/** `[x, y]` in metres. */
export const At = constraint<[]>({
  name: 'at',
  test: isPoint,
  says: () => `must be [x, y] in metres, each from −${FAR} to ${FAR}`,
  schema: () => POINT_SCHEMA,
});

/** A list of those, replaced whole. */
export const Outline = constraint<[min: number]>({
  name: 'outline',
  test: (value, min) =>
    Array.isArray(value) && value.length >= min && value.length <= 500 && value.every(isPoint),
  says: min => `must be ${min} to 500 points [x, y] in metres`,
  schema: min => ({ type: 'array', items: POINT_SCHEMA, minItems: min, maxItems: 500 }),
});

/** A JSON pointer. */
export const Pointer = constraint<[]>({
  name: 'pointer',
  test: value =>
    isText(value, 1, 300) && value.startsWith('/') && !/~(?![01])/.test(value) && !/__proto__/.test(value),
  says: () => 'must be a JSON pointer such as /pillars/pillarnorth',
  schema: () => ({
    type: 'string',
    minLength: 1,
    maxLength: 300,
    allOf: [
      { pattern: CLEAN },
      { pattern: '^/' },
      { not: { pattern: '~(?![01])' } },
      { not: { pattern: '__proto__' } },
    ],
  }),
});

/** Any JSON value within a size; what it is put into decides whether it fits. */
export const AnyJson = constraint<[limit: JsonSize]>({
  name: 'anyJson',
  test: (value, limit) => value !== undefined && refusalBeyond(limit)(value as Json) === undefined,
  says: ({ nodes, depth, bytes }) =>
    `must be a JSON value of at most ${nodes} values, ${depth} levels and ${bytes} bytes`,
  schema: () => ({}),
});

function nesting(kind: Nesting, limit: number) {
  return <T extends object>(of: () => DocumentClass<T>, max = limit): PropertyDecorator => {
    const marker = ValidateBy({
      name: kind,
      constraints: [of, max],
      validator: { validate: value => value !== undefined },
    });
    return (target, key) => {
      declareField(target, { name: String(key), nested: { kind, of, max } });
      marker(target, String(key));
    };
  };
}

/** One nested record. */
export const One = nesting('one', 1);
/** A list of nested records, replaced whole. */
export const Many = nesting('many', 2000);
/** A map of nested records by id. */
export const MapOf = nesting('map', 5000);
