import type { UseFormRegisterReturn } from 'react-hook-form';

/** A number of a form that is sent as a whole, with its unit beside it. */
export function NumberInput({
  field,
  label,
  unit,
  min = 0,
  max,
  about = label,
  optional = false,
}: {
  /** As the form registers it, with `asNumber`. */
  field: UseFormRegisterReturn;
  label: string;
  unit: string;
  min?: number;
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
        {...field}
        max={max}
        min={min}
        type="number"
        inputMode="decimal"
        step="any"
        required={!optional}
        aria-label={`${about}, ${unit}`}
      />
      <span className="text-faint w-10">{unit}</span>
    </label>
  );
}

/** How a form reads a number; undefined where the field was left empty. */
export const asNumber = {
  setValueAs: (text: string | number | undefined): number | undefined =>
    text === '' || text === undefined ? undefined : Number(text),
};
