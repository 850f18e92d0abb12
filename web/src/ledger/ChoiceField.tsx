/** One of a few values; `none` is what the absent value is called where it may be absent. */
export function ChoiceField<Value extends string>({
  label,
  value,
  options,
  none,
  onCommit,
}: {
  label: string;
  value: Value | undefined;
  options: readonly (readonly [value: Value, words: string])[];
  none?: string | undefined;
  onCommit: (value: Value | undefined) => void;
}) {
  return (
    <label className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
      <span className="grow">{label}</span>
      <select
        className="field max-w-1/2"
        value={value ?? ''}
        onChange={event => onCommit(options.find(([each]) => each === event.target.value)?.[0])}
      >
        {none !== undefined && <option value="">{none}</option>}
        {options.map(([each, words]) => (
          <option key={each} value={each}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

export function FlagField({
  label,
  value,
  onCommit,
}: {
  label: string;
  value: boolean;
  onCommit: (value: boolean) => void;
}) {
  return (
    <label className="flex gap-2 py-1 border-b border-rule">
      <input type="checkbox" checked={value} onChange={event => onCommit(event.target.checked)} />
      {label}
    </label>
  );
}
