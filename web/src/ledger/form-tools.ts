/** What the fields of a form share. */
import type { UnitSystem } from '@idle-satchel/core';
import type { Control, FieldValues, UseFormSetValue } from 'react-hook-form';

/** What a field needs besides what it is. */
export interface FieldTools<Values extends FieldValues = FieldValues> {
  readonly control: Control<Values>;
  readonly system: UnitSystem;
  readonly setValue: UseFormSetValue<Values>;
  readonly faults: Readonly<Record<string, string>>;
  /** What a field that names another thing can name: ids with words. */
  readonly named: (path: string) => readonly (readonly [id: string, words: string])[];
}

/** Tools of a form of any values as those of its fields, which know their own paths only. */
export const anyTools = <Values extends FieldValues>(tools: FieldTools<Values>): FieldTools =>
  tools as unknown as FieldTools;

/** For forms without a field that names another thing. */
export const NOTHING_NAMED: FieldTools['named'] = () => [];
