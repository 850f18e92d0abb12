import { useId, useState } from 'react';

/**
 * A value that people type as text: shown as people read it, taken over with Enter or when the field is left. Wrong
 * text stays, with the reason; an emptied field takes the value away where it may be absent.
 */
export function TypedField<T>({
  label,
  shown,
  read,
  optional = false,
  wide = false,
  digits = false,
  onCommit,
}: {
  label: string;
  /** The value as text; empty when there is none. */
  shown: string;
  /** What a text says, or why it says nothing. */
  read: (text: string) => { readonly value: T } | { readonly fault: string };
  optional?: boolean;
  wide?: boolean;
  /** Whether digits are enough to type it: phones then show large ones. */
  digits?: boolean;
  onCommit: (value: T | undefined) => void;
}) {
  const id = useId();
  /** What is being typed; undefined while the field shows the value itself. */
  const [draft, setDraft] = useState<string>();
  const [fault, setFault] = useState('');
  const leave = (): void => {
    setDraft(undefined);
    setFault('');
  };
  const commit = (): void => {
    if (draft === undefined) return;
    if (draft.trim() === shown.trim()) return leave();
    if (optional && draft.trim() === '') {
      leave();
      return onCommit(undefined);
    }
    const answer = read(draft.trim());
    if ('fault' in answer) return setFault(answer.fault);
    leave();
    onCommit(answer.value);
  };
  return (
    <div className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
      <label htmlFor={id} className="grow">
        {label}
      </label>
      <input
        id={id}
        className={`field ${wide ? 'w-1/2' : 'w-24 text-right'}`}
        inputMode={digits ? 'decimal' : undefined}
        value={draft ?? shown}
        placeholder={optional ? '–' : undefined}
        aria-invalid={fault !== ''}
        onChange={event => setDraft(event.target.value)}
        onFocus={event => event.target.select()}
        onBlur={commit}
        onKeyDown={event => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') leave();
        }}
      />
      {fault && (
        <span role="alert" className="w-full text-right text-stop text-[13px]">
          {fault}
        </span>
      )}
    </div>
  );
}
