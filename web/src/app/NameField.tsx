/** The name that somebody signs with. */
export function NameField({
  value,
  first = false,
  className,
  onChange,
}: {
  value: string;
  /** It is what one types first. */
  first?: boolean;
  className?: string;
  onChange: (name: string) => void;
}) {
  return (
    <label className={className}>
      Your name
      <input
        className="field w-full"
        required
        maxLength={80}
        value={value}
        onChange={event => onChange(event.target.value)}
        autoFocus={first}
      />
    </label>
  );
}
