import type { UnitSystem } from '@idle-satchel/core';
import type { ItemFields, ItemLine } from '@idle-satchel/core/api';
import { changeOf, faultsOfItem, ITEM_FORM, type FormField } from '@idle-satchel/core/item-drafts';
import { useFieldsOf } from '../../ui/me.js';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { addressOf, wordsOf } from '../../api/client.js';
import { anyTools, type FieldTools } from '../../ledger/form-tools.js';
import { FormInput } from '../../ledger/FormInput.js';
import { SayMore } from '../../ledger/SayMore.js';

/** What most things have; the rest is asked for where somebody wants to say it. */
const USUAL = new Set([
  'tape',
  'kind',
  'state',
  'serial',
  'condition',
  'home',
  'whereNow',
  'note',
  'lent',
  'tested',
]);

/** What is known of a thing, to be changed; what others change meanwhile is told, and not written over. */
export function ItemForm({
  item,
  units,
  named,
  today,
  onChange,
}: {
  item: ItemLine;
  units: UnitSystem;
  named: FieldTools['named'];
  today: string;
  onChange: (fields: ItemFields) => Promise<void>;
}) {
  /** The thing as it was when somebody began to write: what others change meanwhile does not write over it. */
  const [seen, setSeen] = useState(item);
  const { id, revision: base, ...known } = seen;
  const { control, handleSubmit, setValue, reset, formState, getValues } = useForm<Record<string, unknown>>({
    defaultValues: { ...known },
  });
  const { isDirty } = formState;
  if (!isDirty && item !== seen) setSeen(item);
  useEffect(() => {
    const { id: _id, revision: _revision, ...now } = seen;
    reset({ ...now });
  }, [seen, reset]);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState('');
  const [wished, setWished] = useState<readonly string[]>([]);
  const isAsked = ({ name }: FormField): boolean => USUAL.has(name) || name in known || wished.includes(name);
  const fields = useFieldsOf('item', ITEM_FORM);
  const asked = fields.filter(isAsked);
  const unasked = fields.filter(field => !isAsked(field));
  const tools = anyTools({ control, setValue, system: units, faults, named });
  /** Whether it was kept. */
  const keep = async (fields: ItemFields): Promise<boolean> => {
    setProblem('');
    try {
      await onChange({ ...fields, base });
      setWished([]);
      return true;
    } catch (error) {
      setProblem(wordsOf(error));
      return false;
    }
  };
  const submit = handleSubmit(async values => {
    const found = faultsOfItem(values);
    setFaults(found);
    // What was written is what is kept: from then on the form follows again.
    if (Object.keys(found).length === 0 && (await keep(changeOf(known, values)))) reset(getValues());
  });
  const lent = known.lent;
  const wish = (name: string): void => {
    setWished([...wished, name]);
    if (name === 'lent') setValue('lent', { on: today });
  };
  return (
    <form aria-label="What is known of it" className="pt-2" onSubmit={event => void submit(event)}>
      <div className="grid gap-x-6">
        {asked
          .filter(field => field.name !== 'lent' || lent !== undefined || wished.includes('lent'))
          .map(field => (
            <FormInput key={field.name} field={field} path={field.name} tools={tools} />
          ))}
      </div>
      <p className="flex flex-wrap gap-2 items-baseline pt-2">
        <button className="button button-main" disabled={formState.isSubmitting}>
          Keep
        </button>
        {lent ? (
          <>
            <button
              type="button"
              className="button"
              onClick={() =>
                void keep({ ...(getValues('state') === 'out' && { state: 'ready' }), cleared: ['lent'] })
              }
            >
              It came back
            </button>
            <a className="link" href={addressOf('GET /shelf/receipt.pdf', { ids: id })} download="">
              Receipt, PDF
            </a>
          </>
        ) : (
          !wished.includes('lent') && (
            <button type="button" className="button" onClick={() => wish('lent')}>
              Lend it out
            </button>
          )
        )}
        {unasked.length > 0 && (
          <span className="ml-auto">
            <SayMore words="Say more" fields={unasked} onWish={wish} />
          </span>
        )}
      </p>
      <p role="status" className="text-stop">
        {problem || (Object.keys(faults).length > 0 && 'Something is not right yet: see the fields.')}
      </p>
    </form>
  );
}
