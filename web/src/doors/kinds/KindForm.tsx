import { kindMarks, type Kind, type MapOf, type UnitSystem } from '@idle-satchel/core';
import {
  draftOf,
  faultsOfDraft,
  KIND_FORM,
  kindFrom,
  type FormField,
  type KindDraft,
} from '@idle-satchel/core/kind-drafts';
import { useDeferredValue, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { anyTools } from '../../ledger/form-tools.js';
import { FormInput } from '../../ledger/FormInput.js';
import { SayMore } from '../../ledger/SayMore.js';
import { useFieldsOf } from '../../ui/me.js';
import { InkMarks } from '../../ui/InkMarks.js';
import type { KindFields, KindTools } from './kind-form.js';
import { PortTable } from './PortTable.js';

const NEW: KindDraft = { label: '', family: 'converter', ports: [] };
const fieldsOf = (draft: KindDraft): KindFields => ({ ...draft, ports: [...draft.ports] });

/** Plain fields come first, then those that are made of several, then the ports. */
const plain = KIND_FORM.filter(({ input }) => input !== 'group' && input !== 'records');
const groups = KIND_FORM.filter(({ input }) => input === 'group');
const hasPorts = KIND_FORM.find(({ input }) => input === 'records');

/** All that can be said of a kind, drawn as it is said; what is wrong stands beside its field. */
export function KindForm({
  kind,
  kinds,
  system,
  onSave,
  onCopy,
}: {
  kind: Kind | undefined;
  kinds: MapOf<Kind>;
  system: UnitSystem;
  onSave: (kind: Kind) => Promise<void>;
  onCopy: (kind: Kind) => void;
}) {
  const { control, handleSubmit, formState, setValue } = useForm<KindFields>({
    defaultValues: fieldsOf(kind ? draftOf(kind) : NEW),
  });
  const draft = useDeferredValue(useWatch({ control }) as KindDraft);
  /** Faults are told once somebody wanted to save: nobody is scolded for a form that is not yet filled in. */
  const [tried, setTried] = useState(false);
  const faults = useMemo(() => (tried ? faultsOfDraft(draft) : {}), [draft, tried]);
  const [wished, setWished] = useState<readonly string[]>([]);
  const asked = (field: FormField): boolean =>
    field.usual(draft) || field.name in draft || wished.includes(field.name);
  const tools: KindTools = {
    control,
    setValue,
    system,
    faults,
    named: path =>
      path === 'pair'
        ? Object.entries(kinds).map(([id, { label }]) => [id, label])
        : draft.ports.map(({ id, label = '' }) => [id, label]),
  };
  const own = useFieldsOf('kinds', plain, '/kinds/any');
  const unasked = [...own, ...groups].filter(field => !asked(field));
  const submit = handleSubmit(async fields => {
    setTried(true);
    if (Object.keys(faultsOfDraft(fields)).length === 0) await onSave(kindFrom(fields));
  });
  return (
    <form aria-label="Kind" className="grid gap-2" onSubmit={event => void submit(event)}>
      <div className="grid lg:grid-cols-[minmax(0,1fr)_21rem] gap-6 items-start">
        <div className="grid sm:grid-cols-2 gap-x-6">
          {own.filter(asked).map(field => (
            <FormInput key={field.name} field={field} path={field.name} tools={anyTools(tools)} />
          ))}
        </div>
        <Drawing kind={kindFrom(draft)} />
      </div>
      {groups.filter(asked).map(field => (
        <FormInput key={field.name} field={field} path={field.name} tools={anyTools(tools)} />
      ))}
      {unasked.length > 0 && (
        <p>
          <SayMore words="Say more of it" fields={unasked} onWish={name => setWished([...wished, name])} />
        </p>
      )}
      {hasPorts && (hasPorts.usual(draft) || draft.ports.length > 0) && <PortTable tools={tools} />}
      <p className="flex gap-2 items-baseline">
        <span role="status" className="grow text-stop">
          {Object.keys(faults).length > 0 && faultWords(Object.keys(faults).length)}
        </span>
        {kind && (
          <button type="button" className="button" onClick={() => onCopy(kind)}>
            Copy as a new kind
          </button>
        )}
        <button className="button button-main" disabled={formState.isSubmitting}>
          Save the kind
        </button>
      </p>
    </form>
  );
}

const faultWords = (count: number): string =>
  count === 1 ? 'One field is not right yet.' : `${count} fields are not right yet.`;

/** The kind as a box with its ports, as it is described so far. */
function Drawing({ kind }: { kind: Kind }) {
  const { marks, width, height } = kindMarks(kind);
  return (
    <InkMarks
      {...{ marks, width, height }}
      title={`Drawing of ${kind.label || 'the kind'}`}
      className="w-full"
    />
  );
}
