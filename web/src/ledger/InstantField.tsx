import { fromField, toField } from '../ui/days.js';

/** A day and a time on the clocks of a place; emptied, it says nothing any more where that is allowed. */
export function InstantField({
  label,
  value,
  zone,
  optional = false,
  onCommit,
}: {
  label: string;
  value: string | undefined;
  zone: string;
  optional?: boolean;
  onCommit: (value: string | undefined) => void;
}) {
  return (
    <input
      className="field"
      type="datetime-local"
      aria-label={label}
      key={value}
      defaultValue={value === undefined ? '' : toField(value, zone)}
      onBlur={({ target }) => {
        const next = fromField(target.value, zone);
        if (next) {
          if (next !== value) onCommit(next);
        } else if (optional && value !== undefined && target.validity.valid) onCommit(undefined);
      }}
    />
  );
}
