/** What the parts of the form of a kind share. */
import type { UnitSystem } from '@idle-satchel/core';
import type { KindDraft, PortDraft } from '@idle-satchel/core/kind-drafts';
import type { Control, UseFormSetValue } from 'react-hook-form';

/** Fields as the form holds them: lists that it may change. */
export interface KindFields extends Omit<KindDraft, 'ports'> {
  ports: PortDraft[];
}

/** What a field needs besides what it is. */
export interface FieldTools {
  readonly control: Control<KindFields>;
  readonly system: UnitSystem;
  readonly setValue: UseFormSetValue<KindFields>;
  readonly faults: Readonly<Record<string, string>>;
  /** What a field that names another thing can name: ids with words. */
  readonly named: (path: string) => readonly (readonly [id: string, words: string])[];
}
