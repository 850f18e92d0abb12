/** What is entered in a form, without what is blank. */
import type { FormField } from './form.js';

/** A record with what is entered in it; undefined where nothing is. */
export function entered(form: readonly FormField[], record: object): Record<string, unknown> | undefined {
  const values = record as Readonly<Record<string, unknown>>;
  const kept = form.flatMap(field => {
    const value = valueOf(field, values[field.name]);
    return value === undefined ? [] : [[field.name, value] as const];
  });
  return kept.length > 0 ? Object.fromEntries(kept) : undefined;
}

function valueOf({ input, of }: FormField, value: unknown): unknown {
  switch (input) {
    case 'group':
      return value === null || typeof value !== 'object' ? undefined : entered(of, value);
    case 'text':
    case 'day':
    case 'time':
    case 'ref':
    case 'one of':
      return typeof value === 'string' && value.trim() !== '' ? value.trim() : undefined;
    case 'some of':
      return Array.isArray(value) && value.length > 0 ? value : undefined;
    case 'flag':
      return value === true ? true : undefined;
    default:
      return typeof value === 'number' ? value : undefined;
  }
}
