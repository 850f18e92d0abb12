import { parseQuantity, showText, whyEither, type Unit } from '@idle-satchel/core';
import { useReading } from '../store/hooks.js';
import { TypedField } from './TypedField.js';

/** A number with its unit; pounds are read as such where people use them. */
export function NumberField({
  label,
  unit,
  value,
  min,
  max,
  whole = false,
  optional = false,
  onCommit,
}: {
  label: string;
  unit: Unit;
  value: number | undefined;
  min: number;
  max: number;
  whole?: boolean;
  optional?: boolean;
  onCommit: (value: number | undefined) => void;
}) {
  const reading = useReading();
  return (
    <TypedField<number>
      label={label}
      shown={value === undefined ? '' : showText(value, unit, reading)}
      optional={optional}
      digits={min >= 0}
      read={text => {
        const number = parseQuantity(text, unit, reading.system);
        if (number === undefined || (whole && !Number.isInteger(number))) {
          return { fault: whyEither(text) ?? (whole ? 'a whole number' : 'a number') };
        }
        if (number < min || number > max) {
          return { fault: `from ${showText(min, unit, reading)} to ${showText(max, unit, reading)}` };
        }
        return { value: number };
      }}
      onCommit={onCommit}
    />
  );
}
