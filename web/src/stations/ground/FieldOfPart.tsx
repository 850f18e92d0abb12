import { fieldSet, fieldValue, type Json, type Part } from '@idle-satchel/core';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TypedField } from '../../ledger/TypedField.js';
import { useEvent, useOpenEvent, useResult } from '../../store/hooks.js';
import type { PartField } from './part-fields.js';

/** Sets a field of a part, or takes it out. */
export function useFieldEdit(part: Part): (name: string, label: string, value: Json | undefined) => void {
  const { store } = useOpenEvent();
  return (name, label, value) => store.editVenue(`${part.label}: ${label}`, fieldSet(part, name, value));
}

/** One field of what stands in the venue, as its kind is typed or chosen; `label` names it where it stands alone. */
export function FieldOfPart({
  part,
  field,
  label = field.label,
}: {
  part: Part;
  field: PartField;
  label?: string;
}) {
  const edit = useFieldEdit(part);
  const { venue } = useResult('ground');
  const kinds = useEvent(({ bundle }) => bundle.kinds);
  const { name, optional = false } = field;
  const value = fieldValue(part, name);
  const commit = (next: Json | undefined): void => edit(name, field.label.toLowerCase(), next);
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
          none={field.none}
          onCommit={commit}
        />
      );
  }
}
