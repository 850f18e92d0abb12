/** A number of a form that is sent as a whole, with its unit beside it. */
export function NumberInput({
  name,
  label,
  unit,
  max,
  about = label,
  optional = false,
}: {
  name: string;
  label: string;
  unit: string;
  max: number;
  /** What it is called where the form around it is not seen. */
  about?: string;
  optional?: boolean;
}) {
  return (
    <label className="flex items-baseline gap-2 py-0.5">
      <span className="grow">{label}</span>
      <input
        className="field w-24 text-right"
        name={name}
        max={max}
        type="number"
        inputMode="decimal"
        step="any"
        min={0}
        required={!optional}
        aria-label={`${about}, ${unit}`}
      />
      <span className="text-faint w-10">{unit}</span>
    </label>
  );
}

/** The text of a form's field; empty when it is none. */
export function textOf(form: FormData, name: string): string {
  const value = form.get(name);
  return typeof value === 'string' ? value : '';
}

/** The number of a form's field; undefined when it was left empty. */
export const numberOf = (form: FormData, name: string): number | undefined =>
  textOf(form, name) === '' ? undefined : Number(textOf(form, name));
