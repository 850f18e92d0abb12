/** A text that is changed in place and kept when the field is left; an empty or unchanged one changes nothing. */
export function TextField({
  label,
  value,
  max,
  className = 'w-full',
  onCommit,
}: {
  label: string;
  value: string;
  max: number;
  className?: string;
  onCommit: (text: string) => void;
}) {
  return (
    <input
      className={`field ${className}`}
      aria-label={label}
      key={value}
      defaultValue={value}
      maxLength={max}
      onBlur={event => {
        const text = event.target.value.trim();
        if (text === '') event.target.value = value;
        else if (text !== value) onCommit(text);
      }}
    />
  );
}
