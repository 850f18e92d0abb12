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

/** A self-contained JSON Schema (draft 7) of one document class. */
export function schemaOf(type: DocumentClass): JsonSchema {
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    $ref: `#/definitions/${type.name}`,
    definitions: definitions(),
  };
}
