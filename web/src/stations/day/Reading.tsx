import { showText, type Check } from '@idle-satchel/core';
import { useState } from 'react';
import { useReading } from '../../store/hooks.js';
import { numberIn } from '../../ui/number-in.js';

/**
 * The reading a check asks for. What is typed is kept with every character: whoever looks away from the phone next
 * has lost nothing. Emptied, the check is open again.
 */
export function Reading({
  check,
  onRead,
  onTakeBack,
}: {
  check: Check;
  onRead: (value: number) => void;
  onTakeBack: () => void;
}) {
  const reading = useReading();
  /** What is being typed; absent = what is kept. */
  const [typed, setTyped] = useState<string>();
  const number = numberIn(typed ?? '');
  const fault = typed !== undefined && typed.trim() !== '' && number === undefined;
  const short = check.value !== undefined && check.atLeast !== undefined && check.value < check.atLeast.value;
  return (
    <label className={short ? 'text-stop' : 'text-faint'}>
      {short && '◆ '}
      <input
        className="field w-20 text-right text-ink"
        inputMode="decimal"
        aria-label={`Reading: ${check.label}`}
        aria-invalid={fault}
        value={typed ?? check.value ?? ''}
        onChange={event => {
          setTyped(event.target.value);
          const value = numberIn(event.target.value);
          if (value !== undefined) onRead(value);
        }}
        onBlur={() => {
          if (typed?.trim() === '' && check.tick !== undefined) onTakeBack();
          if (!fault) setTyped(undefined);
        }}
      />{' '}
      {check.unit}
      {check.atLeast && ` · at least ${showText(check.atLeast.value, check.unit ?? '', reading)}`}
      {fault && <span className="text-stop"> · a number such as 9.4</span>}
    </label>
  );
}
