import type { UnitSystem } from '@idle-satchel/core';
import { faultsOfRecord, recordFrom, type RecordForm as Form } from '@idle-satchel/core/record-forms';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { anyTools, NOTHING_NAMED, type FieldTools } from './form-tools.js';
import { FormInput } from './FormInput.js';

/** A record of a document in a form of its own, kept when somebody says so; what is wrong is told at its field. */
export function RecordForm({
  name,
  form,
  record,
  besides = {},
  named = NOTHING_NAMED,
  system,
  keep,
  onKeep,
  onTakeOut,
}: {
  name: string;
  form: Form;
  record: object;
  /** What a record has that is not entered here. */
  besides?: object;
  named?: FieldTools['named'];
  system: UnitSystem;
  /** What the button says. */
  keep: string;
  onKeep: (record: object) => void;
  onTakeOut?: (() => void) | undefined;
}) {
  const { control, setValue, handleSubmit } = useForm<Record<string, unknown>>({
    defaultValues: { ...record },
  });
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const tools = anyTools({ control, setValue, system, faults, named });
  const fields = form.fields.filter(field => !(field.name in besides));
  return (
    <form
      aria-label={name}
      className="pb-2"
      onSubmit={event =>
        void handleSubmit(values => {
          const made = { ...recordFrom(form, values, record), ...besides };
          const found = faultsOfRecord(form, made);
          setFaults(found);
          if (Object.keys(found).length === 0) onKeep(made);
        })(event)
      }
    >
      <div className="grid gap-x-6">
        {fields.map(field => (
          <FormInput key={field.name} field={field} path={field.name} tools={tools} />
        ))}
      </div>
      <p className="flex flex-wrap gap-3 items-baseline pt-2">
        <button className="button">{keep}</button>
        {onTakeOut && (
          <button type="button" className="link" onClick={onTakeOut}>
            Take out
          </button>
        )}
      </p>
    </form>
  );
}
