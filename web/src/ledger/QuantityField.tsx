import {
  parseLength,
  parseQuantity,
  showText,
  typedText,
  whyEither,
  type Unit,
  type UnitSystem,
} from '@idle-satchel/core';
import { TypedField } from './TypedField.js';

/** A number with its unit in a form that belongs to no event; shown to the last digit that was entered. */
export function QuantityField({
  label,
  unit,
  system,
  value,
  min,
  max,
  whole,
  optional,
  onCommit,
}: {
  label: string;
  unit: Unit;
  system: UnitSystem;
  value: number | undefined;
  min: number;
  max: number;
  whole: boolean;
  optional: boolean;
  onCommit: (value: number | undefined) => void;
}) {
  const read = (text: string): number | undefined =>
    unit === 'm' ? parseLength(text, system) : parseQuantity(text, unit, system);
  const words = (each: number): string => showText(each, unit, { system, zone: 'UTC' });
  return (
    <TypedField<number>
      label={label}
      shown={value === undefined ? '' : typedText(value, unit, system)}
      optional={optional || value === undefined}
      digits={unit !== 'm' || system === 'metric'}
      read={text => {
        const number = read(text);
        if (number === undefined || (whole && !Number.isInteger(number))) {
          return { fault: whyEither(text) ?? (whole ? 'a whole number' : 'a number') };
        }
        if (number < min || number > max) return { fault: `from ${words(min)} to ${words(max)}` };
        return { value: number };
      }}
      onCommit={onCommit}
    />
  );
}
