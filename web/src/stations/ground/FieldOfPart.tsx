import { fieldSet, fieldValue, type Json, type Part } from '@idle-satchel/core';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useEvent, useOpenEvent, useResult } from '../../store/hooks.js';
import type { PartField } from './part-fields.js';

/** Sets a field of parts, or takes it out, in one edit. */
export function useFieldEdit(
  parts: readonly Part[],
): (name: string, label: string, value: Json | undefined) => void {
  const { store } = useOpenEvent();
  const [part] = parts;
  const named = parts.length > 1 ? `${parts.length} things` : (part?.label ?? '');
  return (name, label, value) =>
    store.editVenue(
      `${named}: ${label}`.slice(0, 120),
      parts.flatMap(each => fieldSet(each, name, value)),
    );
}

/**
 * One field of what stands in the venue, as its kind is typed or chosen, for all parts at once; empty where they
 * differ. `label` names it where it stands alone.
 */
export function FieldOfPart({
  parts,
  field,
  label: words = field.label,
}: {
  parts: readonly Part[];
  field: PartField;
  label?: string;
}) {
  const edit = useFieldEdit(parts);
  const { venue } = useResult('ground');
  const kinds = useEvent(({ bundle }) => bundle.kinds);
  const { name } = field;
  const [first, ...others] = parts.map(part => fieldValue(part, name));
  const differ = others.some(each => each !== first);
  const value = differ ? undefined : first;
  const label = differ ? `${words} – they differ` : words;
  const optional = differ || (field.optional ?? false);
  const commit = (next: Json | undefined): void => {
    // An empty field that stands for several values is left as it is where there must be one.
    if (next !== undefined || field.optional || field.type === 'choice' || field.type === 'flag')
      edit(name, field.label.toLowerCase(), next);
  };
  switch (field.type) {
    case 'length':
      return (
        <LengthField
          label={label}
          min={field.min}
          max={field.max}
          {...(optional
            ? { optional, value: value as number | undefined, onCommit: commit }
            : { value: value as number, onCommit: commit })}
        />
      );
    case 'number': {
      const { unit, min, max, whole = false } = field;
      return (
        <NumberField
          label={label}
          unit={unit}
          min={min}
          max={max}
          whole={whole}
          optional={optional}
          value={value as number | undefined}
          onCommit={commit}
        />
      );
    }
    case 'text':
      return (
        <TypedField<string>
          label={label}
          optional={optional}
          wide
          shown={(value as string | undefined) ?? ''}
          read={typed =>
            typed.length <= field.max ? { value: typed } : { fault: `at most ${field.max} characters` }
          }
          onCommit={commit}
        />
      );
    case 'flag':
      return <FlagField label={label} value={value === true} onCommit={on => commit(on || undefined)} />;
    case 'choice':
      return (
        <ChoiceField
          label={label}
          value={value as string | undefined}
          options={field.options(venue, kinds)}
          none={differ ? (field.none ?? 'they differ') : field.none}
          onCommit={commit}
        />
      );
  }
}
