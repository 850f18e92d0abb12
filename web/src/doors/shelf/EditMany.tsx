import { counted, type UnitSystem } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { faultsOfItem, ITEM_FORM, saidOfMany, type ItemDraft } from '@idle-satchel/core/item-drafts';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { wordsOf } from '../../api/client.js';
import { anyTools } from '../../ledger/form-tools.js';
import { FormInput } from '../../ledger/FormInput.js';
import { useFieldsOf } from '../../ui/me.js';
import { itemNames, type KindsById } from './item-names.js';
import type { ShelfChanges } from './use-shelf.js';

/** What is each thing's own, and never the same for many. */
const OWN = new Set(['tape', 'serial', 'count', 'cycles', 'health']);
const FORM = ITEM_FORM.filter(({ name }) => !OWN.has(name));

/** One thing said of all that are chosen, and what was done last with the way to take it back. */
export function EditMany({
  chosen,
  items,
  kinds,
  units,
  changes,
  onClear,
}: {
  chosen: readonly ItemLine[];
  items: readonly ItemLine[];
  kinds: KindsById;
  units: UnitSystem;
  changes: ShelfChanges;
  onClear: () => void;
}) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState('');
  const { control, handleSubmit, setValue, reset } = useForm<Record<string, unknown>>({});
  const draft = useWatch({ control }) as ItemDraft;
  const [tried, setTried] = useState(false);
  const form = useFieldsOf('item', FORM);
  const field = form.find(each => each.name === name);
  const only = field ? [field.name] : [];
  const faults = tried && field ? faultsOfItem(draft, only) : {};
  const tools = { control, setValue, system: units, faults, named: itemNames(items, kinds) };
  const things = counted(chosen.length, 'thing', 'things');
  const apply = handleSubmit(async values => {
    setTried(true);
    setProblem('');
    if (!field || Object.keys(faultsOfItem(values, only)).length > 0) return;
    try {
      await changes.changeMany(
        chosen,
        saidOfMany(field.name as keyof ItemDraft, values),
        `${field.label} of ${things}`,
      );
      setTried(false);
    } catch (error) {
      setProblem(wordsOf(error));
    }
  });
  const told = problem || changes.problem;
  return (
    <>
      {(changes.done ?? told) && (
        <p role={told ? 'alert' : 'status'} className={`px-3 pb-1 ${told ? 'text-stop' : 'text-done'}`}>
          {told || changes.done?.words}{' '}
          {!told && changes.done?.change !== undefined && (
            <button className="link" onClick={changes.undo}>
              Take it back
            </button>
          )}
        </p>
      )}
      {chosen.length > 0 && (
        <form
          aria-label="Change what is chosen"
          className="px-3 pb-2 border-t border-rule bg-shade pt-2"
          onSubmit={event => void apply(event)}
        >
          <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
            <b>{things} chosen</b>
            <label>
              <span className="text-faint">Change </span>
              <select
                className="field"
                value={name}
                onChange={event => {
                  setName(event.target.value);
                  setTried(false);
                  reset({});
                }}
              >
                <option value="">choose what …</option>
                {form.map(each => (
                  <option key={each.name} value={each.name}>
                    {each.label}
                  </option>
                ))}
              </select>
            </label>
            {field && <button className="button button-main">Change {things}</button>}
            <button type="button" className="link ml-auto" onClick={onClear}>
              Choose nothing
            </button>
          </p>
          {field && (
            <div className="max-w-xl">
              <FormInput key={name} field={field} path={field.name} tools={anyTools(tools)} />
            </div>
          )}
        </form>
      )}
    </>
  );
}
