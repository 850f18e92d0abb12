/** The JSON Schema of documents, from the same decorators that validate them. */
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { ID_PATTERN } from '../foundations/index.js';
import { schemaOfConstraint, type DocumentClass, type JsonSchema } from './decorators.js';

type Converter = (meta: { constraints: readonly unknown[] }) => JsonSchema;

const refTo = (of: unknown): JsonSchema => ({ $ref: `#/definitions/${(of as () => DocumentClass)().name}` });

const converters: Record<string, Converter> = {
  one: ({ constraints: [of] }) => refTo(of),
  many: ({ constraints: [of, max] }) => ({ type: 'array', items: refTo(of), maxItems: max }),
  map: ({ constraints: [of, max] }) => ({
    type: 'object',
    propertyNames: { pattern: ID_PATTERN },
    additionalProperties: refTo(of),
    maxProperties: max,
  }),
};
for (const [name, schema] of schemaOfConstraint) converters[name] = meta => schema(meta.constraints);

/** Schemas of every document class by class name; no class takes unknown fields. */
export function definitions(): Record<string, JsonSchema> {
  const schemas = validationMetadatasToSchemas({
    additionalConverters: converters,
  }) as Record<string, JsonSchema>;
  for (const schema of Object.values(schemas)) schema.additionalProperties = false;
  return schemas;
}

/** Names of the classes that a schema leads to. */
function* namedIn(schema: unknown): Generator<string> {
  if (typeof schema !== 'object' || schema === null) return;
  for (const [key, value] of Object.entries(schema))
    if (key === '$ref' && typeof value === 'string') yield value.slice('#/definitions/'.length);
    else yield* namedIn(value);
}

/** A self-contained JSON Schema (draft 7) of one document class: it, and the classes that it leads to. */
export function schemaOf(type: DocumentClass): JsonSchema {
  const all = definitions();
  const reached = new Set([type.name]);
  for (const name of reached) for (const next of namedIn(all[name])) reached.add(next);
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    $ref: `#/definitions/${type.name}`,
    definitions: Object.fromEntries(Object.entries(all).filter(([name]) => reached.has(name))),
  };
}
