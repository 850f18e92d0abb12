import { parseLength, showText, whyEither } from '@idle-satchel/core';
import { useReading } from '../store/hooks.js';
import { TypedField } from './TypedField.js';

interface Bounds {
  readonly label: string;
  readonly min?: number;
  readonly max?: number;
}
type Given =
  | { readonly optional?: false; readonly value: number; readonly onCommit: (metres: number) => void }
  | {
      readonly optional: true;
      readonly value: number | undefined;
      readonly onCommit: (metres: number | undefined) => void;
    };

/** A length people can type in metres, feet or inches. */
export function LengthField({ label, min = -1000, max = 1000, ...given }: Bounds & Given) {
  const reading = useReading();
  const { value } = given;
  return (
    <TypedField<number>
      label={label}
      shown={value === undefined ? '' : showText(value, 'm', reading)}
      optional={given.optional === true}
      digits={min >= 0 && reading.system === 'metric'}
      read={text => {
        const metres = parseLength(text, reading.system);
        if (metres === undefined) return { fault: whyEither(text) ?? 'a length such as 3.8 m or 12′ 6″' };
        if (metres < min || metres > max) {
          return { fault: `from ${showText(min, 'm', reading)} to ${showText(max, 'm', reading)}` };
        }
        return { value: Math.round(metres * 1000) / 1000 };
      }}
      onCommit={metres => {
        if (metres === undefined) {
          if (given.optional) given.onCommit(undefined);
        } else if (value === undefined || Math.abs(metres - value) > 1e-4) given.onCommit(metres);
      }}
    />
  );
}
