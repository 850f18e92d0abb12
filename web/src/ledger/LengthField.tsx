import { parseLength, showText } from '@idle-satchel/core';
import { useState } from 'react';
import { useReading } from '../store/hooks.js';

/** A length people can type in metres, feet or inches; wrong text stays, with the reason. */
export function LengthField({
  label,
  value,
  min = -1000,
  max = 1000,
  onCommit,
}: {
  label: string;
  value: number;
  min?: number;
  max?: number;
  onCommit: (metres: number) => void;
}) {
  const reading = useReading();
  const shown = showText(value, 'm', reading);
  /** What is being typed; undefined while the field shows the value itself. */
  const [draft, setDraft] = useState<string>();
  const [fault, setFault] = useState('');
  const commit = (): void => {
    if (draft === undefined) return;
    const metres = parseLength(draft, reading.system);
    if (metres === undefined) setFault('a length such as 3.8 m or 12′ 6″');
    else if (metres < min || metres > max) {
      setFault(`from ${showText(min, 'm', reading)} to ${showText(max, 'm', reading)}`);
    } else {
      leave();
      if (draft.trim() !== shown && Math.abs(metres - value) > 1e-4)
        onCommit(Math.round(metres * 1000) / 1000);
    }
  };
  const leave = (): void => {
    setDraft(undefined);
    setFault('');
  };
  return (
    <label className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
      <span className="grow">{label}</span>
      <input
        className="field w-24 text-right"
        inputMode="decimal"
        value={draft ?? shown}
        aria-invalid={fault !== ''}
        onChange={event => setDraft(event.target.value)}
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
    </label>
  );
}
