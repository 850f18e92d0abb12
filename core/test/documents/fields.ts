/** The fields of document classes, own and inherited, as validation reads them. */
import type { DocumentClass } from '../../src/documents/index.js';
import { fieldsOf } from '../../src/documents/decorators.js';

export type Field = ReturnType<typeof fieldsOf> extends ReadonlyMap<string, infer Each> ? Each : never;

export function allFields(type: DocumentClass): Field[] {
  const parent: unknown = Object.getPrototypeOf(type);
  const inherited =
    typeof parent === 'function' && parent.prototype ? allFields(parent as DocumentClass) : [];
  return [...inherited, ...fieldsOf(type).values()];
}
