import { MAKE_WORDS, type CableMake } from '@idle-satchel/core';
import type { FormField } from '@idle-satchel/core/item-drafts';
import { useId } from 'react';
import { useController } from 'react-hook-form';
import { QuantityField } from './QuantityField.js';
import type { FieldTools } from './form-tools.js';

interface Part {
  readonly field: FormField;
  /** Where its value is in the form: `optics.focalMin`, `ports.2.level`. */
  readonly path: string;
  readonly tools: FieldTools;
}

/** One field of a record, entered as what it is. */
export function FormInput({ field, path, tools }: Part) {
  switch (field.input) {
    case 'group':
      return <GroupInput field={field} path={path} tools={tools} />;
    case 'some of':
      return <SomeInput field={field} path={path} tools={tools} />;
    default:
      return <PlainInput field={field} path={path} tools={tools} />;
  }
}

/** The value of a field of the form, whichever it is, and how it is changed. */
function useValue({ path, tools }: Pick<Part, 'path' | 'tools'>): [unknown, (value: unknown) => void] {
  const { field } = useController({ name: path, control: tools.control });
  return [field.value, field.onChange];
}

function PlainInput({ field, path, tools }: Part) {
  const { label, unit, help, input, choices, min, max, optional } = field;
  const [value, onChange] = useValue({ path, tools });
  const text = typeof value === 'string' ? value : '';
  const fault = tools.faults[path];
  if (input === 'number' || input === 'whole') {
    return (
      <div>
        <QuantityField
          {...{ label, unit, min, max, optional }}
          system={tools.system}
          whole={input === 'whole'}
          value={typeof value === 'number' ? value : undefined}
          onCommit={onChange}
        />
        <Beside help={help} fault={fault} />
      </div>
    );
  }
  if (input === 'flag') {
    return (
      <div className="py-1 border-b border-rule">
        <label>
          <input
            type="checkbox"
            checked={value === true}
            onChange={event => onChange(event.target.checked)}
          />{' '}
          {label}
        </label>
        <Beside help={help} fault={fault} />
      </div>
    );
  }
  const named =
    input === 'ref' ? tools.named(path) : choices.map(each => [each, choiceWords(path, each)] as const);
  return (
    <div className={input === 'text' ? 'col-span-full' : ''}>
      <label className="flex flex-wrap items-baseline gap-x-4 py-1 border-b border-rule">
        <span className={input === 'text' ? '' : 'grow'}>{label}</span>
        {input === 'text' || input === 'day' || input === 'time' ? (
          <input
            className={input === 'text' ? 'field grow' : 'field'}
            {...(input === 'text'
              ? { maxLength: max }
              : input === 'time'
                ? { type: 'time' }
                : { type: 'date', min: '2000-01-01', max: '2099-12-31' })}
            value={text}
            aria-invalid={fault !== undefined}
            onChange={onChange}
          />
        ) : (
          <select
            className="field max-w-[60%]"
            value={text}
            aria-invalid={fault !== undefined}
            onChange={onChange}
          >
            <option value="">–</option>
            {named.map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        )}
      </label>
      <Beside help={help} fault={fault} />
    </div>
  );
}

/** Makes of cable have words of their own; what else can be chosen is named by itself. */
const choiceWords = (path: string, choice: string): string =>
  path === 'cable.make' ? MAKE_WORDS[choice as CableMake] : choice;

function SomeInput({ field: { label, help, choices }, path, tools }: Part) {
  const [value, onChange] = useValue({ path, tools });
  const chosen = Array.isArray(value) ? (value as readonly string[]) : [];
  return (
    <fieldset className="py-1 border-b border-rule col-span-full">
      <legend>
        {label} <Beside help={help} fault={tools.faults[path]} inline />
      </legend>
      <p className="flex flex-wrap gap-x-4">
        {choices.map(each => (
          <label key={each} className="whitespace-nowrap">
            <input
              type="checkbox"
              checked={chosen.includes(each)}
              onChange={() =>
                onChange(chosen.includes(each) ? chosen.filter(other => other !== each) : [...chosen, each])
              }
            />{' '}
            {each}
          </label>
        ))}
      </p>
    </fieldset>
  );
}

function GroupInput({ field: { label, help, of }, path, tools }: Part) {
  const id = useId();
  const [value] = useValue({ path, tools });
  const entered = Object.values(value ?? {}).some(each => each !== undefined && each !== '');
  const clear = (): void => {
    for (const { name } of of) tools.setValue(`${path}.${name}`, undefined);
  };
  return (
    <section aria-labelledby={id} className="col-span-full @container">
      <h3 id={id} className="pt-2">
        {label} <Beside help={help} fault={tools.faults[path]} inline />{' '}
        {entered && (
          <button type="button" className="link" aria-label={`Take out: ${label}`} onClick={clear}>
            Take out
          </button>
        )}
      </h3>
      <div className="grid @md:grid-cols-2 @4xl:grid-cols-3 gap-x-6">
        {of.map(each => (
          <FormInput key={each.name} field={each} path={`${path}.${each.name}`} tools={tools} />
        ))}
      </div>
    </section>
  );
}

/** What a field means, and what is wrong with it. */
function Beside({
  help,
  fault,
  inline = false,
}: {
  help: string | undefined;
  fault: string | undefined;
  inline?: boolean;
}) {
  const place = inline ? '' : 'block text-right';
  return (
    <>
      {help && <span className={`text-faint text-[12px] leading-tight ${place}`}>{help}</span>}
      {fault && (
        <span role="alert" className={`text-stop text-[13px] ${place}`}>
          {fault}
        </span>
      )}
    </>
  );
}
