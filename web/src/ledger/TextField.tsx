import { useEffect, useRef } from 'react';

/** A text that is changed in place and kept when the field is left; an empty or unchanged one changes nothing. */
export function TextField({
  label,
  value,
  max,
  className = 'w-full',
  fresh = false,
  onEnter,
  onCommit,
}: {
  label: string;
  value: string;
  max: number;
  className?: string;
  /** It takes the cursor when it appears, all of it selected. */
  fresh?: boolean;
  /** What Enter does beyond keeping what was typed. */
  onEnter?: () => void;
  onCommit: (text: string) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  // Once: a name that is kept draws the field anew, and whoever has gone on must not be called back.
  useEffect(() => {
    if (fresh) input.current?.select();
  }, [fresh]);
  return (
    <input
      ref={input}
      className={`field ${className}`}
      aria-label={label}
      key={value}
      defaultValue={value}
      maxLength={max}
      onKeyDown={event => {
        if (event.key !== 'Enter' || !onEnter) return;
        event.currentTarget.blur();
        onEnter();
      }}
      onBlur={event => {
        const text = event.target.value.trim();
        if (text === '') event.target.value = value;
        else if (text !== value) onCommit(text);
      }}
    />
  );
}
