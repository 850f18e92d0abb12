/** What is entered in some fields, in one line. */
import { typedText, type UnitSystem } from '../foundations/index.js';
import type { FormField } from './form.js';

/** `Scaler · Sizes and rates 1080p25, 1080p50`; empty where nothing is entered. */
export function summaryOf(form: readonly FormField[], record: object, system: UnitSystem): string {
  const values = record as Readonly<Record<string, unknown>>;
  return form.flatMap(field => wordsOf(field, values[field.name], system) ?? []).join(' · ');
}

function wordsOf(
  { input, label, unit, of }: FormField,
  value: unknown,
  system: UnitSystem,
): string | undefined {
  if (value === undefined || value === '' || value === false || value === null) return undefined;
  if (input === 'flag') return label;
  if (input === 'group') {
    const own = summaryOf(of, value, system);
    return own === '' ? undefined : `${label}: ${own}`;
  }
  if (Array.isArray(value)) return value.length === 0 ? undefined : `${label} ${value.join(', ')}`;
  const text = typeof value === 'number' ? typedText(value, unit, system) : (value as string);
  return `${label} ${text}`;
}
